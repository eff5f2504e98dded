import { generateNKeysBetween } from 'fractional-indexing';
import { homeOf, type Book } from '../book/index.ts';
import { inShelfOrder, type Corner, type Home } from '../house/index.ts';
import {
  eventDay,
  unitDays,
  type CirclePiece,
  type PlacedCopy,
  type PlacementId,
  type ReadyUnit,
  type Unit,
  type UnitId,
  type Where,
} from '../unit/index.ts';
import type { ChangeInput } from './change.ts';

/** A unit as it is begun: what is left out is as usual. */
export type UnitInput = Extract<ChangeInput, { type: 'unit/start' }>['unit'];

/** The changes that start a unit from another one, and what of that could not be taken along. */
export interface StartFrom {
  readonly changes: readonly ChangeInput[];
  /** Titles or ids of activities that the library no longer has. */
  readonly left: readonly string[];
}

/**
 * Starts a unit from a ready-made one: its spark where `unit` says nothing, its things, lines and events, and
 * everything placed where this home has room for it. What has no corner of its kind here, or begins after the new
 * unit's end, waits in the reserve. Its circles come where this home has a circle, its seams where it has the block. `newId` makes an
 * id at each call.
 */
export function startFromReady(
  ready: ReadyUnit,
  book: Book,
  unit: UnitInput,
  newId: () => string,
): StartFrom {
  const { activities, corners } = book;
  const home = homeOf(book);
  const blocks = new FreeBlocks(home);
  const known = ready.placements.filter(({ activityId }) => activities[activityId]?.retired === false);
  const shelf = inShelfOrder(Object.values(corners).filter((corner) => !corner.retired));
  const eventIds = ready.events.map(() => newId());
  const placed = known.map(({ activityId, where, slots }): ChangeInput => {
    const at = readyWhere(where, shelf, blocks, eventIds);
    const fitted = intoSpan(at, ready.dayCount, unit.dayCount);
    return { type: 'unit/place', id: newId(), unitId: unit.id, activityId, where: fitted, slots };
  });
  const keys = generateNKeysBetween(null, null, ready.things.length + ready.lines.length);
  return {
    changes: [
      { type: 'unit/start', unit: { ...sparkOf(ready, book), ...unit } },
      ...ready.things.map((thing, i): ChangeInput => ({
        type: 'unit/put-thing',
        thing: { ...thing, id: newId(), unitId: unit.id, order: keys[i]! },
      })),
      ...ready.lines.map((line, i): ChangeInput => ({
        type: 'unit/put-line',
        line: { ...line, id: newId(), unitId: unit.id, order: keys[ready.things.length + i]! },
      })),
      ...ready.events.map((event, i): ChangeInput => ({
        type: 'unit/put-event',
        event: { ...event, id: eventIds[i]!, unitId: unit.id },
      })),
      ...readyCircle(ready, home, unit, newId),
      ...placed,
    ],
    left: ready.placements.filter((one) => !known.includes(one)).map(({ activityId }) => activityId),
  };
}

/**
 * Starts a unit from an earlier one, moved to new dates: the same things in the same places, as they were filled in
 * then. Who comes, how old, and what is on hand are those of the new dates; versions chosen by hand are not taken
 * along. What stood to the last day stands to the new one; what begins after it, or was in the bin of a child who
 * has left, waits in the reserve. An event on a date moves to the day that it was.
 * @throws {Error} when the book has no such unit.
 */
export function startFromEarlier(
  book: Book,
  fromId: UnitId,
  unit: UnitInput,
  newId: () => string,
): StartFrom {
  const from = book.units[fromId];
  if (!from) throw new Error(`no such unit: ${fromId}`);
  const ofUnit = <E extends { readonly unitId: UnitId }>(table: Readonly<Record<string, E>>): E[] =>
    Object.values(table).filter((one) => one.unitId === fromId);
  const moved = { id: newId, unitId: unit.id };
  const days = unitDays(from, homeOf(book), Object.values(book.closures));
  const again = <E>(entity: E) => ({ ...entity, id: moved.id(), version: 0, unitId: moved.unitId });
  const eventIds = new Map<string, string>();
  const events = ofUnit(book.events).flatMap((event): ChangeInput[] => {
    const at = eventDay(event, days);
    if (!('day' in at)) return [];
    const copy = { ...again(event), when: { kind: 'day', day: at.day } as const };
    eventIds.set(event.id, copy.id);
    return [{ type: 'unit/put-event', event: copy }];
  });
  return {
    changes: [
      {
        type: 'unit/start',
        unit: {
          ...sparkOf(from, book),
          targets: from.targets,
          needs: from.needs.filter(({ supplyId, day }) => book.supplies[supplyId] && day <= unit.dayCount),
          ...unit,
        },
      },
      ...ofUnit(book.things).map((thing): ChangeInput => ({ type: 'unit/put-thing', thing: again(thing) })),
      ...ofUnit(book.dayLines).map((line): ChangeInput => ({ type: 'unit/put-line', line: again(line) })),
      ...ofUnit(book.omissions).map((omission): ChangeInput => ({
        type: 'unit/leave-empty',
        omission: again(omission),
      })),
      ...events,
      ...circlesAgain(ofUnit(book.circlePieces), homeOf(book), moved),
      ...copiesOf(ofUnit(book.placements), book, { from, unit, eventIds }, newId),
    ],
    left: [],
  };
}

/** What a unit is begun from without some of what was placed there, and without what stood in for that. */
export function withoutPlaced({ changes, left }: StartFrom, ids: ReadonlySet<string>): StartFrom {
  const isCopied = (change: ChangeInput): boolean =>
    change.type !== 'unit/copy' || !ids.has(change.placementId);
  const gone = new Set(
    changes.flatMap((change) => (change.type === 'unit/copy' && !isCopied(change) ? [change.id] : [])),
  );
  const stands = (change: ChangeInput): boolean =>
    change.type !== 'unit/copy' || change.where.kind !== 'twin' || !gone.has(change.where.of);
  return { changes: changes.filter((change) => isCopied(change) && stands(change)), left };
}

/** What was placed elsewhere and is placed again, by the id there and the new one. */
export const copiedIn = (
  changes: readonly ChangeInput[],
): readonly { readonly from: PlacementId; readonly to: PlacementId }[] =>
  changes.flatMap((change) =>
    change.type === 'unit/copy'
      ? [{ from: change.placementId as PlacementId, to: change.id as PlacementId }]
      : [],
  );

/** The pieces of circles again, what takes the place of another one with it; those whose block the home no longer has are left. */
function circlesAgain(
  pieces: readonly CirclePiece[],
  home: Home,
  { id: newId, unitId }: { readonly id: () => string; readonly unitId: string },
): ChangeInput[] {
  const kept = pieces.filter(({ blockId }) => home.blocks.some(({ id }) => id === blockId));
  const ids = new Map(kept.map(({ id }) => [id, newId()]));
  // What stands in for another piece comes after it.
  return kept
    .toSorted((a, b) => Number(a.insteadOf !== null) - Number(b.insteadOf !== null))
    .flatMap((piece): ChangeInput[] => {
      const insteadOf = piece.insteadOf === null ? null : ids.get(piece.insteadOf);
      return insteadOf === undefined
        ? []
        : [
            {
              type: 'circle/put-piece',
              piece: { ...piece, id: ids.get(piece.id)!, version: 0, unitId, insteadOf },
            },
          ];
    });
}

function copiesOf(
  placements: readonly PlacedCopy[],
  book: Book,
  { from, unit, eventIds }: { from: Unit; unit: UnitInput; eventIds: ReadonlyMap<string, string> },
  newId: () => string,
): ChangeInput[] {
  const ids = new Map(placements.map(({ id }) => [id as string, newId()]));
  const blocks = new Set<string>(homeOf(book).blocks.map((block) => block.id));
  const whereOf = ({ where }: PlacedCopy): WhereInput => {
    if (where.kind === 'twin') return { kind: 'twin', of: ids.get(where.of)! };
    if (where.kind === 'event') {
      const eventId = eventIds.get(where.eventId);
      return eventId === undefined ? { kind: 'reserve' } : { ...where, eventId };
    }
    if (where.kind === 'day' && !blocks.has(where.blockId)) return { kind: 'reserve' };
    if (where.kind === 'bin' && !stillComes(book, where.childId, unit.start)) return { kind: 'reserve' };
    return intoSpan(where, from.dayCount, unit.dayCount);
  };
  // Twins last: what they stand in for must be there.
  return placements
    .toSorted((a, b) => Number(a.where.kind === 'twin') - Number(b.where.kind === 'twin'))
    .map((placement) => ({
      type: 'unit/copy',
      id: ids.get(placement.id)!,
      unitId: unit.id,
      placementId: placement.id,
      where: whereOf(placement),
    }));
}

function stillComes(book: Book, childId: string, start: string | null): boolean {
  const child = book.children[childId];
  return child !== undefined && (child.leftOn === null || start === null || start <= child.leftOn);
}

type WhereInput = Extract<ChangeInput, { type: 'unit/move' }>['where'];

// What stood to the end stands to the new end; what begins after it has no day any more.
function intoSpan(where: WhereInput, oldCount: number, newCount: number): WhereInput {
  if (where.kind === 'day') return where.day <= newCount ? where : { kind: 'reserve' };
  if (where.kind !== 'corner' && where.kind !== 'bin') return where;
  if (where.fromDay > newCount) return { kind: 'reserve' };
  const toDay = where.toDay >= oldCount ? newCount : Math.min(where.toDay, newCount);
  return { ...where, toDay: Math.max(where.fromDay, toDay) };
}

type Spark = Pick<Unit, 'about' | 'featured' | 'words' | 'bookIds' | 'pictures'>;

const sparkOf = ({ about, featured, words, bookIds, pictures }: Spark, { bookTitles }: Book): Spark => ({
  about,
  featured,
  words,
  bookIds: bookIds.filter((id) => bookTitles[id]),
  pictures,
});

function readyWhere(
  where: ReadyUnit['placements'][number]['where'],
  shelf: readonly Corner[],
  blocks: FreeBlocks,
  eventIds: readonly string[],
): WhereInput {
  if (where.kind === 'event') {
    const eventId = eventIds[where.event];
    return eventId === undefined ? { kind: 'reserve' } : { kind: 'event', eventId, start: where.start };
  }
  if (where.kind === 'day') return { kind: 'day', day: where.day, blockId: blocks.take(where.day) };
  if (where.kind === 'reserve') return where;
  const corner = shelf.find(({ kind }) => kind === where.cornerKind);
  const { fromDay, toDay } = where;
  return corner ? { kind: 'corner', cornerId: corner.id, fromDay, toDay } : { kind: 'reserve' };
}

/** The pieces of a ready-made unit's circles at this home's blocks; what stands on a day after the new unit's end is left. */
function readyCircle({ circle }: ReadyUnit, home: Home, unit: UnitInput, newId: () => string): ChangeInput[] {
  const byTime = home.blocks.toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const circles = byTime.filter(({ isCircle }) => isCircle);
  const keys = generateNKeysBetween(null, null, circle.length);
  const ids = circle.map(() => newId());
  const put = (piece: ReadyUnit['circle'][number], i: number): ChangeInput[] => {
    const { moment, day, notOn, insteadOf } = piece;
    // Two circles where this home has one are sung in that one.
    const block =
      moment.kind === 'circle' ? (circles[moment.number - 1] ?? circles.at(-1)) : byTime[moment.block - 1];
    if (!block || (day !== null && day > unit.dayCount)) return [];
    const at = { id: ids[i]!, version: 0, unitId: unit.id, blockId: block.id, order: keys[i]! };
    return [
      {
        type: 'circle/put-piece',
        piece: {
          ...piece,
          ...at,
          moment: moment.kind === 'after' ? 'after' : 'in',
          notOn: notOn.filter((one) => one <= unit.dayCount),
          insteadOf: insteadOf === null ? null : ids[insteadOf]!,
        },
      },
    ];
  };
  const all = circle.map((piece, i) => ({ piece, i }));
  // What stands in for another piece comes after it.
  return [
    ...all.filter(({ piece }) => piece.insteadOf === null),
    ...all.filter(({ piece }) => piece.insteadOf !== null),
  ].flatMap(({ piece, i }) => put(piece, i));
}

/** Hands out the blocks of each day in their order, the circle's last. */
class FreeBlocks {
  readonly #blocks: Home['blocks'];
  readonly #taken = new Map<number, number>();

  constructor(home: Home) {
    this.#blocks = home.blocks.toSorted((a, b) => Number(a.isCircle) - Number(b.isCircle));
  }

  take(day: number): Extract<Where, { kind: 'day' }>['blockId'] {
    const index = this.#taken.get(day) ?? 0;
    this.#taken.set(day, index + 1);
    return (this.#blocks[index] ?? this.#blocks[0]!).id;
  }
}
