import type { PlainDay } from '../../calendar/index.ts';
import type { CategoryId, Supply } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answerFlat } from '../ground/answer.ts';
import { stuffOf } from '../amounts/uses.ts';
import { aboutPlacement, fewOf, fingerprint, formatDays, type Finding } from '../ground/finding.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { thingOf } from '../kitchen/inherit.ts';

/** What never touches food, however it is made. */
const NEVER: ReadonlySet<CategoryId> = new Set(['print', 'paper-and-card', 'electric']);
/** What stands in the room and touches nothing that is eaten. */
const BESIDE: ReadonlySet<CategoryId> = new Set(['room', 'music', 'outdoors']);

type Verdict = 'fine' | 'no' | 'unknown';

/** Whether something may touch what is eaten: food may, colours made only of food, and tools that are made for food. */
function verdictOn({ category, properties }: Supply): Verdict {
  if (category === 'food' || BESIDE.has(category)) return 'fine';
  if (properties.forFood !== undefined) return properties.forFood ? 'fine' : 'no';
  if (NEVER.has(category)) return 'no';
  if (category !== 'paint-and-glue' && category !== 'made' && category !== 'filler') return 'unknown';
  return properties.foodOnly === undefined ? 'unknown' : properties.foodOnly === 'no' ? 'no' : 'fine';
}

/**
 * Row 53: something that is eaten afterwards touches ink, glue, paint or a tool that is not made for food. What nobody
 * recorded is a care, never a silent pass.
 */
export const eatenFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] => {
    if (!placement.content.eaten) return [];
    const days = sessionsOf(placement, frame)
      .filter(({ day, seats }) => day.date >= today && seats.length > 0)
      .map(({ day }) => day.number);
    if (days.length === 0) return [];
    const things = [
      ...new Set(stuffOf(look, placement, frame).flatMap(({ supplyId }) => thingOf(look, supplyId) ?? [])),
    ];
    const those = (verdict: Verdict) => things.filter((one) => verdictOn(one) === verdict);
    const base = { rule: 'eaten', row: 53, days, ...aboutPlacement(placement) } as const;
    const finding = (
      level: 'stop' | 'care',
      found: readonly Supply[],
      rest: Pick<Finding, 'detail' | 'instead' | 'basis'>,
    ): readonly Finding[] =>
      found.length === 0
        ? []
        : [
            {
              ...base,
              key: `eaten:${level}:${placement.id}`,
              level,
              title: `Eaten afterwards: ${placement.content.title}`,
              supplyIds: found.map(({ id }) => id),
              facts: fingerprint([level, found.map(({ id }) => id)]),
              ...rest,
            },
          ];
    const names = (found: readonly Supply[]): string => fewOf(found.map(({ name }) => name));
    const [no, unknown] = [those('no'), those('unknown')];
    return [
      ...finding('stop', no, {
        detail: `It touches ${names(no)}, which ${no.length === 1 ? 'is' : 'are'} not made for food. ${formatDays(days)}.`,
        instead: `Without ${names(no)}: a pen made for food, and a clean tool that touches nothing else.`,
        basis: 'ink, glue and paint do not belong in food',
      }),
      ...finding('care', unknown, {
        detail: `Nobody wrote down whether ${names(unknown)} ${unknown.length === 1 ? 'is' : 'are'} made for food. ${formatDays(days)}.`,
        instead: `Before anybody eats it, look whether ${names(unknown)} ${unknown.length === 1 ? 'is' : 'are'} made for food; the cupboard has a field for it.`,
        basis: 'what is unknown is no silent yes',
      }),
    ];
  },
);
