import type { ProgramDay } from '../../calendar/index.ts';
import type { Book } from '../../book/index.ts';
import { formatAge, ageInMonths, type Child } from '../../house/index.ts';
import type { ActivityContent, ActivityVersion } from '../../library/index.ts';
import { areaOf, AREAS, rungOf, skillName, type Area, type SkillId } from '../../skills/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Placement, UnitId } from '../../unit/index.ts';
import { memoised, perMember } from '../ground/memo.ts';
import { earlierUnits, frameOf, placedIn, sessionsOf, type Frame } from '../plan/plan.ts';

/** What a child gets of one placement: its versions with the days on which each is the one. */
export interface TrayPiece {
  readonly placement: Placement;
  readonly parts: readonly { readonly version: ActivityVersion; readonly days: readonly number[] }[];
  /** The days on which the child is there and no version fits. */
  readonly without: readonly number[];
  /** The areas that it works on. */
  readonly areas: readonly Area[];
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
  /** Everything that is out while the child is there, in the order of the placements. */
  readonly pieces: readonly TrayPiece[];
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
      const days = version ? piece.parts.get(version) : piece.without;
      if (days) days.push(day.number);
      else if (version) piece.parts.set(version, [day.number]);
      else piece.without.push(day.number);
    }
  }
  const areas = areasOf(placement.content);
  const chosen = new Set(placement.choices.map(({ childId }) => childId));
  return new Map(
    [...found].map(([child, { parts, without }]) => [
      child,
      {
        placement,
        parts: [...parts].map(([version, days]) => ({ version, days })),
        without,
        areas,
        byHand: chosen.has(child.id),
      },
    ]),
  );
});

/** How often a child met an activity in earlier units: each time it was planned there with a version for the child. */
export const metBefore = (
  book: Book,
  unitId: UnitId,
  child: Child,
  { originId }: Pick<Placement, 'originId'>,
): number =>
  earlierUnits(book, unitId)
    .flatMap(({ id }) => piecesFor(child, placedIn(book, id).placements, frameOf(book, id)))
    .filter(({ placement, parts }) => placement.originId === originId && parts.length > 0).length;

const piecesFor = (child: Child, placements: readonly Placement[], frame: Frame): readonly TrayPiece[] =>
  placements.flatMap((placement) => piecesOf(placement, frame).get(child) ?? []);

/** The areas that the skills of an activity belong to. */
const areasOf = memoised(({ skills }: ActivityContent): readonly Area[] => [...new Set(skills.map(areaOf))]);

/** The trays of a unit: every child who comes, the youngest first, with what it gets. */
export const traysOf = memoised((placements: readonly Placement[], frame: Frame): readonly TrayRow[] => {
  const days = daysByChild(frame);
  const found = new Map([...days.keys()].map((child) => [child, [] as TrayPiece[]]));
  for (const pieces of allPieces(placements, frame))
    for (const [child, piece] of pieces) found.get(child)?.push(piece);
  const rows = new Map<Child, TrayRow>();
  const before = lastRows.get(frame);
  for (const [child, pieces] of found) {
    const old = before?.get(child);
    const isSame = old?.pieces.length === pieces.length && old.pieces.every((one, i) => one === pieces[i]);
    rows.set(child, isSame ? old : rowOf(child, pieces, days.get(child)!, old));
  }
  lastRows.set(frame, rows);
  return [...rows.values()];
});

// A row that stayed as it was keeps its identity.
const lastRows = new WeakMap<Frame, ReadonlyMap<Child, TrayRow>>();

const allPieces = perMember((placement: Placement, frame: Frame) => piecesOf(placement, frame));

// Everyone who comes, the youngest first, with the days.
const daysByChild = memoised((frame: Frame): ReadonlyMap<Child, readonly ProgramDay[]> => {
  const found = new Map<Child, ProgramDay[]>();
  for (const day of frame.calendar.days)
    for (const child of frame.attendance[day.number - 1]!.children) {
      const days = found.get(child);
      if (days) days.push(day);
      else found.set(child, [day]);
    }
  return new Map([...found].toSorted(([a], [b]) => (a.birth < b.birth ? 1 : -1)));
});

// What changed between two lists of pieces; all of them when there was none before.
function changedBetween(
  before: readonly TrayPiece[] | undefined,
  now: readonly TrayPiece[],
): readonly TrayPiece[] {
  if (!before) return now;
  let same = 0;
  while (same < before.length && before[same] === now[same]) same += 1;
  let tail = 0;
  const most = Math.min(before.length, now.length) - same;
  while (tail < most && before.at(-1 - tail) === now.at(-1 - tail)) tail += 1;
  return [...before.slice(same, before.length - tail), ...now.slice(same, now.length - tail)];
}

function rowOf(
  child: Child,
  pieces: readonly TrayPiece[],
  days: readonly ProgramDay[],
  before?: TrayRow,
): TrayRow {
  const changed = changedBetween(before?.pieces, pieces);
  // Only lists that a changed piece belongs to are made again.
  const those = (known: readonly TrayPiece[] | undefined, isIn: (piece: TrayPiece) => boolean) => {
    if (!known) return pieces.filter(isIn);
    return changed.some(isIn) ? pieces.filter(isIn) : known;
  };
  const byArea = Object.fromEntries(
    AREAS.map((area) => [area, those(before?.byArea[area], ({ areas }) => areas.includes(area))]),
  ) as Record<Area, readonly TrayPiece[]>;
  return {
    child,
    age: formatAge(ageInMonths(child.birth, days[0]!.date)),
    days: days.map(({ number }) => number),
    pieces,
    byArea,
    bin: those(before?.bin, ({ placement: { where } }) => where.kind === 'bin'),
    shelfWork: those(
      before?.shelfWork,
      ({ placement, parts }) => parts.length > 0 && placement.content.mode === 'shelf-work',
    ),
    notMet: notMetBy(child).filter((skill) => !pieces.some((piece) => worksOn(piece, skill))),
    emptyAreas: AREAS.filter((area) => !byArea[area].some(({ parts }) => parts.length > 0)),
  };
}

const worksOn = ({ placement, parts }: TrayPiece, skill: SkillId): boolean =>
  parts.length > 0 && placement.content.skills.includes(skill);

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
export const nextWays = (book: Book, placement: Placement, times: number): readonly NextWay[] =>
  placement.content.materials.flatMap(({ supplyId }) => {
    const supply = book.supplies[supplyId];
    const ways = supply?.set?.waysToPlay ?? [];
    const way = ways[Math.min(times, ways.length - 1)];
    return supply && way !== undefined ? [{ supply, times, way }] : [];
  });
