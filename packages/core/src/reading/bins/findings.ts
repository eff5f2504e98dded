import type { PlainDay } from '../../calendar/index.ts';
import { valueIn, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answerFlat } from '../ground/answer.ts';
import { aboutPlacement, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { childrenAround, filledWith, type Filling } from '../amounts/filling.ts';
import { isDemanding } from './fillers.ts';

/** The findings about tubs that are filled: too many round it, too demanding for who is there, a filler nobody weighed. */
export const binFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] => {
    const filling = placement.bin && filledWith(look, placement.bin);
    if (!filling) return [];
    const sessions = sessionsOf(placement, frame).filter(
      ({ day, seats }) => day.date >= today && seats.length > 0,
    );
    if (sessions.length === 0) return [];
    const days = sessions.map(({ day }) => day.number);
    const base: Base = {
      level: 'note',
      days,
      ...aboutPlacement(placement),
      supplyIds: [filling.filler.id],
    };
    const at: Filled = { filling, base, placement };
    const { where, content } = placement;
    const places = Math.min(
      content.atOnce ?? Infinity,
      where.kind === 'corner' ? (look.one('corners', where.cornerId)?.places ?? Infinity) : Infinity,
      ...[Math.max(...sessions.map(({ seats }) => seats.length))],
    );
    const room = childrenAround(filling.tub.inside!, frame.home);
    const starters = beginners(
      sessions.flatMap(({ seats }) => seats.flatMap(({ child, version }) => (version ? [child] : []))),
    );
    return [...crowded(at, { places, room }, frame), ...tooSoon(at, starters), ...unweighed(at)];
  },
);

type Base = Pick<Finding, 'level' | 'days' | 'cornerIds' | 'placementId' | 'childIds' | 'supplyIds'>;

// A tub that is filled and out on some days, with what every finding about it says.
interface Filled {
  readonly filling: Filling;
  readonly base: Base;
  readonly placement: Placement;
}

const crowded = (
  { filling: { tub, surfaceCm2 }, base, placement: { id, content } }: Filled,
  { places, room }: { readonly places: number; readonly room: number },
  { home }: Frame,
): readonly Finding[] =>
  places <= room
    ? []
    : [
        {
          ...base,
          key: `bin-crowded:${id}`,
          rule: 'bin-crowded',
          title: `${tub.name}: room for ${room} at once`,
          detail: `${content.title} lets ${places} in at once. ${Math.round(surfaceCm2)} cm² ÷ ${valueIn(home, 'binSurfaceCm2')} cm² a child. ${formatDays(base.days)}.`,
          instead: 'A second tub, a larger one, or fewer at once.',
          basis: 'elbows need room: the home’s value for the surface of a bin',
          facts: fingerprint([places, room]),
        },
      ];

const tooSoon = (
  { filling: { filler }, base, placement: { id, content } }: Filled,
  starters: readonly Child[],
): readonly Finding[] =>
  !isDemanding(filler) || starters.length === 0
    ? []
    : [
        {
          ...base,
          key: `bin-path:${id}`,
          rule: 'bin-path',
          childIds: starters.map((child) => child.id),
          title: `Fine filler for beginners: ${listed(starters.map(({ shownAs }) => shownAs))}`,
          detail: `${filler.name} in ${content.title}. They have not met bins yet, or not for long. ${formatDays(base.days)}.`,
          instead: 'Coarse or clinging fillers first, in a roomy tub; or water as the way round.',
          basis: 'from easy to demanding: roomy, coarse, clinging, then fine and pourable',
          facts: fingerprint([filler.id, starters.map((child) => child.id)]),
        },
      ];

const beginners = (children: readonly Child[]): readonly Child[] => [
  ...new Set(children.filter(({ knowsBins }) => !knowsBins)),
];

const unweighed = ({
  filling: { filler, problem },
  base,
  placement: { id, content },
}: Filled): readonly Finding[] =>
  problem === null
    ? []
    : [
        {
          ...base,
          key: `bin-unweighed:${id}`,
          rule: 'bin-unweighed',
          title: `How heavy is ${filler.name}?`,
          detail: `${problem}. Until then ${content.title} asks for none of it.`,
          basis: 'a weight cannot be told from a volume without it',
          facts: fingerprint([filler.id, filler.unit]),
        },
      ];
