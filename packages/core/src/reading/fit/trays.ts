import type { Table } from '../../book/index.ts';
import { formatAge, ageInMonths, type Child } from '../../house/index.ts';
import type { ActivityVersion } from '../../library/index.ts';
import { areaOf, AREAS, rungOf, skillName, type Area, type SkillId } from '../../skills/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised } from '../memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** What a child gets of one placement: its versions with the days on which each is the one. */
export interface TrayPiece {
  readonly placement: Placement;
  readonly parts: readonly { readonly version: ActivityVersion; readonly days: readonly number[] }[];
  /** The days on which the child is there and no version fits. */
  readonly without: readonly number[];
  /** The version was chosen by hand. */
  readonly byHand: boolean;
}

/** A child's row of the trays: what it gets in each area, what is in its bin, what it has not met. */
export interface TrayRow {
  readonly child: Child;
  /** `2 y 4 m` on the first day of the unit on which the child comes. */
  readonly age: string;
  /** Days on which the child comes. */
  readonly days: readonly number[];
  readonly byArea: Readonly<Record<Area, readonly TrayPiece[]>>;
  /** What is in the child's own bin. */
  readonly bin: readonly TrayPiece[];
  /** Shelf work with a version for the child. */
  readonly shelfWork: readonly TrayPiece[];
  /** Skills noted as not met yet that nothing fitting of the unit works on. */
  readonly notMet: readonly SkillId[];
  /** Areas in which nothing fitting is planned for the child. */
  readonly emptyAreas: readonly Area[];
}

// What one placement gives each child who is there meanwhile.
const piecesOf = memoised((placement: Placement, frame: Frame): ReadonlyMap<Child, TrayPiece> => {
  const found = new Map<Child, { parts: Map<ActivityVersion, number[]>; without: number[] }>();
  for (const { day, seats } of sessionsOf(placement, frame)) {
    for (const { child, version } of seats) {
      const piece = found.get(child) ?? { parts: new Map<ActivityVersion, number[]>(), without: [] };
      found.set(child, piece);
      if (version) piece.parts.set(version, [...(piece.parts.get(version) ?? []), day.number]);
      else piece.without.push(day.number);
    }
  }
  const chosen = new Set(placement.choices.map(({ childId }) => childId));
  return new Map(
    [...found].map(([child, { parts, without }]) => [
      child,
      {
        placement,
        parts: [...parts].map(([version, days]) => ({ version, days })),
        without,
        byHand: chosen.has(child.id),
      },
    ]),
  );
});

/** The areas that a placement's skills belong to. */
const areasOf = memoised(({ content }: Placement): ReadonlySet<Area> => new Set(content.skills.map(areaOf)));

/** The trays of a unit: every child who comes, the youngest first, with what it gets. */
export const traysOf = memoised((placements: readonly Placement[], frame: Frame): readonly TrayRow[] => {
  const rows = new Map<Child, TrayPiece[]>();
  for (const { children } of frame.attendance)
    for (const child of children) if (!rows.has(child)) rows.set(child, []);
  for (const placement of placements)
    for (const [child, piece] of piecesOf(placement, frame)) rows.get(child)?.push(piece);
  return [...rows]
    .toSorted(([a], [b]) => (a.birth < b.birth ? 1 : -1))
    .map(([child, pieces]) => rowOf(child, pieces, frame));
});

function rowOf(child: Child, pieces: readonly TrayPiece[], frame: Frame): TrayRow {
  const days = frame.calendar.days.filter(({ number }) =>
    frame.attendance[number - 1]!.children.includes(child),
  );
  const inBin = ({ placement: { where } }: TrayPiece): boolean => where.kind === 'bin';
  const fitting = pieces.filter(({ parts }) => parts.length > 0);
  const byArea = Object.fromEntries(
    AREAS.map((area) => [area, pieces.filter((piece) => areasOf(piece.placement).has(area))]),
  ) as Record<Area, TrayPiece[]>;
  const worked = new Set(fitting.flatMap(({ placement }) => placement.content.skills));
  return {
    child,
    age: formatAge(ageInMonths(child.birth, days[0]!.date)),
    days: days.map(({ number }) => number),
    byArea,
    bin: pieces.filter(inBin),
    shelfWork: fitting.filter(({ placement }) => placement.content.mode === 'shelf-work'),
    notMet: notMetBy(child).filter((skill) => !worked.has(skill)),
    emptyAreas: AREAS.filter((area) => !fitting.some(({ placement }) => areasOf(placement).has(area))),
  };
}

const notMetBy = (child: Child): readonly SkillId[] =>
  (Object.keys(child.rungs) as (SkillId | Area)[]).filter(
    (key): key is SkillId =>
      !(AREAS as readonly string[]).includes(key) && rungOf(child.rungs, key as SkillId) === 'not-met',
  );

/** Why a child gets the version it gets: `chosen by hand`, `at 3 y 9 m`, `number: sure`. */
export function versionReason(piece: TrayPiece, row: TrayRow): string {
  if (piece.byHand) return 'chosen by hand';
  const [main] = piece.placement.content.skills;
  const rung = main === undefined ? null : rungOf(row.child.rungs, main);
  return rung === null || main === undefined
    ? `at ${row.age}`
    : `${skillName(main)}: ${rung.replace('-', ' ')}`;
}

/** The way to play a set that comes next for a child, and how often it was met before. */
export interface NextWay {
  readonly supply: Supply;
  readonly times: number;
  readonly way: string;
}

/**
 * The next ways to play the sets that a placement uses: the first way for a child who has not met it yet, then one
 * further each time, up to the last. `times` is how often the child has met this activity in earlier units.
 */
export const nextWays = (placement: Placement, times: number, supplies: Table<Supply>): readonly NextWay[] =>
  placement.content.materials.flatMap(({ supplyId }) => {
    const supply = supplies[supplyId];
    const ways = supply?.set?.waysToPlay ?? [];
    const way = ways[Math.min(times, ways.length - 1)];
    return supply && way !== undefined ? [{ supply, times, way }] : [];
  });
