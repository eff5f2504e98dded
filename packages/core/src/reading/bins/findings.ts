import type { Table } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { valueIn, type Child, type Corner } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { aboutPlacement, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { flattened, perMember } from '../ground/memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { childrenAround, fillingOf, type Filling } from '../amounts/filling.ts';
import { isDemanding } from './fillers.ts';

/** The findings about tubs that are filled: too many round it, too demanding for who is there, a filler nobody weighed. */
export const binFindings = (
  placements: readonly Placement[],
  frame: Frame,
  supplies: Table<Supply>,
  corners: Table<Corner>,
  today: PlainDay,
): readonly Finding[] => flattened(ofPlacements(placements, frame, supplies, corners, today));

const ofPlacements = perMember(
  (
    placement: Placement,
    frame: Frame,
    supplies: Table<Supply>,
    corners: Table<Corner>,
    today: PlainDay,
  ): readonly Finding[] => {
    const filling = placement.bin && fillingOf(placement.bin, supplies);
    if (!filling) return [];
    const sessions = sessionsOf(placement, frame).filter(
      ({ day, seats }) => day.date >= today && seats.length > 0,
    );
    if (sessions.length === 0) return [];
    const days = sessions.map(({ day }) => day.number);
    const base = {
      level: 'note',
      days,
      ...aboutPlacement(placement),
      supplyIds: [filling.filler.id],
    } as const;
    const { where, content } = placement;
    const places = Math.min(
      content.atOnce ?? Infinity,
      where.kind === 'corner' ? (corners[where.cornerId]?.places ?? Infinity) : Infinity,
      ...[Math.max(...sessions.map(({ seats }) => seats.length))],
    );
    const room = childrenAround(filling.tub.inside!, frame.home);
    const starters = beginners(
      sessions.flatMap(({ seats }) => seats.flatMap(({ child, version }) => (version ? [child] : []))),
    );
    return [
      ...crowded(filling, base, placement, { places, room, days }, frame),
      ...tooSoon(filling, base, placement, starters, days),
      ...unweighed(filling, base, placement),
    ];
  },
);

type Base = Pick<Finding, 'level' | 'days' | 'cornerIds' | 'placementId' | 'childIds' | 'supplyIds'>;

const crowded = (
  { tub, surfaceCm2 }: Filling,
  base: Base,
  { id, content }: Placement,
  {
    places,
    room,
    days,
  }: { readonly places: number; readonly room: number; readonly days: readonly number[] },
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
          detail: `${content.title} lets ${places} in at once. ${Math.round(surfaceCm2)} cm² ÷ ${valueIn(home, 'binSurfaceCm2')} cm² a child. ${formatDays(days)}.`,
          instead: 'A second tub, a larger one, or fewer at once.',
          basis: 'elbows need room: the home’s value for the surface of a bin',
          facts: fingerprint([places, room]),
        },
      ];

const tooSoon = (
  { filler }: Filling,
  base: Base,
  { id, content }: Placement,
  starters: readonly Child[],
  days: readonly number[],
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
          detail: `${filler.name} in ${content.title}. They have not met bins yet, or not for long. ${formatDays(days)}.`,
          instead: 'Coarse or clinging fillers first, in a roomy tub; or water as the way round.',
          basis: 'from easy to demanding: roomy, coarse, clinging, then fine and pourable',
          facts: fingerprint([filler.id, starters.map((child) => child.id)]),
        },
      ];

const beginners = (children: readonly Child[]): readonly Child[] => [
  ...new Set(children.filter(({ knowsBins }) => !knowsBins)),
];

const unweighed = (
  { filler, problem }: Filling,
  base: Base,
  { id, content }: Placement,
): readonly Finding[] =>
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
