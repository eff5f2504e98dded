import type { Table } from '../../book/index.ts';
import type { Properties, Supply } from '../../cupboard/index.ts';
import { ageInMonths, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised, perMember } from '../memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** A child counts as one of the youngest under so many months, or while it puts things in its mouth (16 CFR 1501). */
const YOUNG_MONTHS = 36;
/** The cylinder and the ring through which no part or ball may pass (16 CFR 1501, 16 CFR 1500). */
const CYLINDER_MM = { across: 31.7, long: 57.1 };
const RING_MM = 44.4;

/** Something that the youngest must not reach on some days, although it is out for the others. */
export interface OutOfReach {
  readonly supply: Supply;
  readonly why: string;
  readonly placement: Placement;
  readonly children: readonly Child[];
  readonly days: readonly number[];
}

type Test = readonly [(p: Properties) => boolean, string];

const TESTS: readonly Test[] = [
  [
    ({ loosePart: part }) =>
      part !== undefined &&
      part !== 'none' &&
      part.material === 'firm' &&
      part.acrossMm <= CYLINDER_MM.across &&
      part.longMm <= CYLINDER_MM.long,
    'small parts',
  ],
  [({ ballMm }) => typeof ballMm === 'number' && ballMm < RING_MM, 'small balls'],
  [({ filler }) => filler === 'fine' || filler === 'gel-beads' || filler === 'foam-beads', 'fine filler'],
  [({ foodForm }) => foodForm === 'chokable', 'food to choke on'],
  [({ sharp }) => sharp === 'pointed' || sharp === 'blade', 'a blade or point'],
  [({ magnet }) => magnet === 'loose', 'loose magnets'],
  [({ battery }) => battery === 'reachable', 'a battery within reach'],
  [({ film }) => film === true, 'thin film'],
  [({ latex }) => latex === true, 'latex'],
  [({ stick }) => stick === 'pointed', 'pointed sticks'],
  [
    ({ ingredients }) => (ingredients ?? []).some((one) => one === 'borate' || one === 'solvent'),
    'what is in it',
  ],
];

/** Why something is kept from the youngest; null when nothing that is recorded says so. */
const reasonFor = memoised(({ properties, set }: Supply): string | null => {
  const found = TESTS.filter(([test]) => test(properties)).map(([, why]) => why);
  if (found.length > 0) return found.join(', ');
  return set?.outOfReach ? 'a set that is kept whole' : null;
});

/**
 * What the youngest must not reach while they are there: by the size and kind of its parts, or because it is kept out
 * of their reach, and what the older ones make to keep. In the order of the placements.
 */
export const outOfReach = memoised(
  (placements: readonly Placement[], frame: Frame, supplies: Table<Supply>): readonly OutOfReach[] =>
    reachOfPlacements(placements, frame, supplies).flat(),
);

const reachOfPlacements = perMember(
  (placement: Placement, frame: Frame, supplies: Table<Supply>): readonly OutOfReach[] => {
    const ids = [...new Set(placement.content.materials.map(({ supplyId }) => supplyId))];
    const kept = ids.flatMap((id) => {
      const supply = supplies[id];
      const why = supply ? reasonFor(supply) : null;
      return supply && why !== null ? [{ supply, why }] : [];
    });
    if (kept.length === 0) return [];
    const children = new Set<Child>();
    const days = sessionsOf(placement, frame).flatMap(({ day, seats }) => {
      const young = seats.filter(({ child }) => isYoung(child, day.date));
      for (const { child } of young) children.add(child);
      return young.length > 0 ? [day.number] : [];
    });
    if (days.length === 0) return [];
    return kept.map((one) => ({ ...one, placement, children: [...children], days }));
  },
);

const isYoung = (child: Child, date: Parameters<typeof ageInMonths>[1]): boolean =>
  child.mouthsThings || ageInMonths(child.birth, date) < YOUNG_MONTHS;
