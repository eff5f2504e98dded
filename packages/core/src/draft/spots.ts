import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { valueIn, type Block, type Child } from '../house/index.ts';
import {
  fillerOf,
  isForFew,
  isMeal,
  isOutdoors,
  isRest,
  type Cubby,
  type Reading,
} from '../reading/index.ts';
import type { Where } from '../unit/index.ts';
import type { DraftAsk } from './ask.ts';

/** Where in a unit something could stand. */
export interface Place {
  readonly kind: 'corner' | 'together' | 'few' | 'outdoors' | 'twin' | 'bin';
  /** `Blocks`, `Day 3, Table time`. */
  readonly name: string;
  /** Where it stands; what stands in for something stands where that does. */
  readonly where: Exclude<Where, { kind: 'twin' }>;
  readonly days: readonly number[];
}

/** A place of a unit that is still free, and what may come there. */
export interface DraftSpot extends Place {
  /** The same for the same place as long as it is free: `day:3:table`. */
  readonly key: string;
  /** For what stands in: the key of the place for which it does. */
  readonly of: string | null;
}

/** A set-up is changed over at least this often: what stands longer bores. */
const LONGEST_SPAN = 10;
/** A gap of a corner that is shorter is left: nothing is set out for a day. */
const SHORTEST_GAP = 2;

/** The places of a unit that a draft would fill. */
export function spotsOf(book: Book, reading: Reading, ask: DraftAsk, today: PlainDay): readonly DraftSpot[] {
  const { calendar } = reading.frame;
  const open = calendar.days
    .filter(({ date, number }) => date >= today && (ask.days?.includes(number) ?? true))
    .map(({ number }) => number);
  const spots: DraftSpot[] = [];
  if (ask.parts.includes('corners'))
    spots.push(
      ...reading.shelf
        .filter(({ corner }) => ask.cornerId === null || corner.id === ask.cornerId)
        .filter((cubby) => isWanted(cubby, ask))
        .flatMap((cubby) => cornerSpots(cubby, new Set(open), reading)),
    );
  if (ask.parts.includes('days')) spots.push(...open.flatMap((day) => daySpots(day, reading)));
  if (ask.parts.includes('bins')) spots.push(...binSpots(book, reading, ask, open));
  return spots;
}

// What is left empty on purpose stays so.
const isWanted = ({ corner, omission, expected }: Cubby, { cornerId }: DraftAsk): boolean =>
  !corner.retired && omission === null && (expected || cornerId === corner.id);

function cornerSpots(
  { corner, emptyDays }: Cubby,
  open: ReadonlySet<number>,
  { frame }: Reading,
): readonly DraftSpot[] {
  const runs: number[][] = [];
  for (const day of emptyDays.filter((one) => open.has(one))) {
    const run = runs.at(-1);
    if (run && run.at(-1) === day - 1 && run.length < LONGEST_SPAN) run.push(day);
    else runs.push([day]);
  }
  const shortest = Math.min(SHORTEST_GAP, frame.calendar.days.length, open.size);
  return runs
    .filter((run) => run.length >= shortest)
    .map((days): DraftSpot => ({
      key: `corner:${corner.id}:${days[0]}`,
      kind: 'corner',
      name: corner.name,
      where: { kind: 'corner', cornerId: corner.id, fromDay: days[0]!, toDay: days.at(-1)! },
      days,
      of: null,
    }));
}

/** The blocks of a day into which something of its kind can be put: outdoors what needs to be there, inside what is done there. */
export function blocksFor(blocks: readonly Block[], isOut: boolean): readonly Block[] {
  const out = blocks.filter((block) => !block.isCircle && isOutdoors(block));
  return isOut && out.length > 0 ? out : insideOf(blocks);
}
const insideOf = (blocks: readonly Block[]): readonly Block[] =>
  blocks.filter((block) => !block.isCircle && !isMeal(block) && !isRest(block) && !isOutdoors(block));

/** What a block of the day is used for in a draft: one thing for the whole group, one for a few, one outdoors; the rest stays free. */
function usedFor(
  blocks: readonly Block[],
): readonly (readonly [kind: 'together' | 'few' | 'outdoors', block: Block])[] {
  const inside = insideOf(blocks);
  const few = inside.find(isForFew) ?? inside[1];
  const together = inside.find((block) => block !== few) ?? few;
  const out = blocks.find((block) => !block.isCircle && isOutdoors(block));
  return [
    ...(together ? [['together', together] as const] : []),
    ...(few && few !== together ? [['few', few] as const] : []),
    ...(out ? [['outdoors', out] as const] : []),
  ];
}

function daySpots(day: number, { frame, placements, specials }: Reading): readonly DraftSpot[] {
  const { home, attendance } = frame;
  if (fillerOf(specials, day) !== null || attendance[day - 1]!.children.length === 0) return [];
  const there = placements.flatMap(({ where }) => (where.kind === 'day' && where.day === day ? [where] : []));
  const taken = new Set<string>(there.map(({ blockId }) => blockId));
  let room = valueIn(home, 'plannedPerDay') - there.length;
  return usedFor(home.blocks).flatMap(([kind, block]): DraftSpot[] => {
    if (taken.has(block.id) || (kind !== 'outdoors' && room <= 0)) return [];
    if (kind !== 'outdoors') room -= 1;
    const key = `day:${day}:${block.id}`;
    const spot: DraftSpot = {
      ...{ key, kind, days: [day], of: null },
      name: `Day ${day}, ${block.name}`,
      where: { kind: 'day', day, blockId: block.id },
    };
    if (kind !== 'outdoors') return [spot];
    return [
      spot,
      {
        ...spot,
        key: `twin:${day}:${block.id}`,
        kind: 'twin',
        name: `${spot.name}, when the weather stops it`,
        of: key,
      },
    ];
  });
}

function binSpots(
  book: Book,
  { frame, placements }: Reading,
  { childId }: DraftAsk,
  open: readonly number[],
): DraftSpot[] {
  const [fromDay, toDay] = [open[0], open.at(-1)];
  if (fromDay === undefined || toDay === undefined) return [];
  const has = new Set<string>(
    placements.flatMap(({ where }) => (where.kind === 'bin' ? [where.childId] : [])),
  );
  const comes = new Set<Child>(open.flatMap((day) => frame.attendance[day - 1]!.children));
  return Object.values(book.children)
    .filter((child) => comes.has(child) && !has.has(child.id) && (childId === null || childId === child.id))
    .map((child): DraftSpot => ({
      key: `bin:${child.id}`,
      kind: 'bin',
      name: `${child.name}’s bin`,
      where: { kind: 'bin', childId: child.id, fromDay, toDay },
      days: open.filter((day) => frame.attendance[day - 1]!.children.includes(child)),
      of: null,
    }));
}
