import {
  clockSpan,
  formatMinutes,
  minutesSchema,
  minutesSinceMidnight,
  type ClockTime,
} from '../../calendar/index.ts';
import type { Block } from '../../house/index.ts';
import {
  eventDay,
  spanOfDays,
  singingSchema,
  type CirclePiece,
  type PlacedCopy,
  type Placement,
  type SpecialEvent,
  type UnitDays,
} from '../../unit/index.ts';
import { memoised } from '../ground/memo.ts';

/** How long the last part of an event lasts when nobody wrote down when it ends, in minutes. Kobby's own default. */
const LAST_PART_MINUTES = 30;

/**
 * A special event on its day: its parts by the clock, each like a block of that day. Why blocks: whatever asks for what is done when,
 * by whom and with what asks about blocks, and finds an event by that without knowing of it.
 */
export interface SpecialDay {
  readonly event: SpecialEvent;
  /** The numbered day. */
  readonly day: number;
  /** By the clock; each lasts until the next one begins. */
  readonly parts: readonly Block[];
}

const NO_SONG = singingSchema.parse({});

/** The special events of a unit that have a day, each with its parts. An activity that begins at no time of the plan is a part of its own. */
export const specialDaysOf = memoised(
  (
    events: readonly SpecialEvent[],
    copies: readonly PlacedCopy[],
    calendar: UnitDays,
  ): readonly SpecialDay[] =>
    events.flatMap((event) => {
      const at = eventDay(event, calendar);
      return 'day' in at ? [{ event, day: at.day, parts: partsOf(event, copies) }] : [];
    }),
);

/** The parts of an event by the clock: one at each time at which something is said or stands. */
export function partsOf(event: SpecialEvent, copies: readonly Pick<PlacedCopy, 'where'>[]): readonly Block[] {
  const placed = copies.flatMap(({ where }) =>
    where.kind === 'event' && where.eventId === event.id ? [where.start] : [],
  );
  const starts = [...new Set([...event.plan.map(({ start }) => start), ...placed])].toSorted();
  return starts.map((start, i): Block => {
    const from = minutesSinceMidnight(start);
    const next = starts[i + 1] ?? (event.ends !== null && event.ends > start ? event.ends : null);
    const minutes = next === null ? LAST_PART_MINUTES : minutesSinceMidnight(next) - from;
    const name = event.plan.find((row) => row.start === start)?.text ?? event.title;
    return { id: partId(event, start), name, start, minutes: minutesSchema.parse(minutes), isCircle: false };
  });
}

/** From when to when a special event lasts, `09:40` to `11:35`; null where nothing in it has a time. */
export function specialHours({
  parts,
}: Pick<SpecialDay, 'parts'>): { readonly from: string; readonly to: string } | null {
  const [first, last] = [parts[0], parts.at(-1)];
  return first && last
    ? { from: first.start, to: formatMinutes(clockSpan(last.start, last.minutes).to) }
    : null;
}

/** The event that fills a numbered day, so that its ordinary plan and circle step back; null for an ordinary day. */
export const fillerOf = (specials: readonly SpecialDay[], number: number): SpecialEvent | null =>
  specials.find(({ event, day }) => day === number && event.fills)?.event ?? null;

const partId = ({ id }: SpecialEvent, start: ClockTime): Block['id'] =>
  `${id.slice(0, 58)}-${start.replace(':', '')}` as Block['id'];

/**
 * What stands in events as it reads on their days, and what the ordinary plan had on a day that an event fills: that steps back into
 * the reserve, but for what is pinned. The event of a placement that has no day leaves it without one.
 */
export const withSpecialDays = memoised(
  (all: readonly Placement[], specials: readonly SpecialDay[]): readonly Placement[] => {
    if (specials.length === 0) return all;
    const filled = filledDays(specials);
    return all.map((placement) => {
      const { where, pinned } = placement;
      if (where.kind === 'day') return filled.has(where.day) && !pinned ? steppedBack(placement) : placement;
      if (where.kind !== 'event') return placement;
      const at = partIn(specials, where);
      return at ? onSpecialDay(placement, at.day, at.part) : placement;
    });
  },
);

/** The first and the last numbered day on which a copy stands by {@link withSpecialDays}; null for none. */
export function spanAmong(
  copy: Pick<PlacedCopy, 'where' | 'pinned'>,
  specials: readonly SpecialDay[],
): ReturnType<typeof spanOfDays> {
  const { where, pinned } = copy;
  if (where.kind === 'event') {
    const day = partIn(specials, where)?.day;
    return day === undefined ? null : { from: day, to: day };
  }
  return where.kind === 'day' && !pinned && filledDays(specials).has(where.day) ? null : spanOfDays(copy);
}

// The part of a special day in which something stands.
function partIn(
  specials: readonly SpecialDay[],
  where: Extract<PlacedCopy['where'], { kind: 'event' }>,
): { readonly day: number; readonly part: Block } | null {
  const special = specials.find(({ event }) => event.id === where.eventId);
  const part = special?.parts.find(({ start }) => start === where.start);
  return special && part ? { day: special.day, part } : null;
}

/** The days that events fill. */
const filledDays = memoised(
  (specials: readonly SpecialDay[]): ReadonlySet<number> =>
    new Set(specials.flatMap(({ event, day }) => (event.fills ? [day] : []))),
);

const steppedBack = memoised((placement: Placement): Placement => ({
  ...placement,
  where: { kind: 'reserve' },
  backFrom: placement.where.kind === 'day' ? placement.where.day : 0,
}));

// It goes with its event: nothing that arranges the days takes it elsewhere.
const onSpecialDay = memoised((placement: Placement, day: number, part: Block): Placement => ({
  ...placement,
  where: { kind: 'day', day, blockId: part.id },
  pinned: true,
  part,
  ...(placement.where.kind === 'event' ? { inEvent: placement.where.eventId } : {}),
}));

/**
 * The pieces of circles with the songs of special events among them, each at its part of the event. On a day that an event fills there
 * is no ordinary circle.
 */
export const withSpecialSongs = memoised(
  (pieces: readonly CirclePiece[], specials: readonly SpecialDay[]): readonly CirclePiece[] => {
    const filled = filledDays(specials);
    const ordinary = filled.size === 0 ? pieces : pieces.flatMap((piece) => withoutDays(piece, filled) ?? []);
    const songs = specials.flatMap((special) => songsOf(special));
    return filled.size === 0 && songs.length === 0 ? pieces : [...ordinary, ...songs];
  },
);

const withoutDays = memoised((piece: CirclePiece, filled: ReadonlySet<number>): CirclePiece | null => {
  if (piece.day !== null) return filled.has(piece.day) ? null : piece;
  return { ...piece, notOn: [...new Set([...piece.notOn, ...filled])] };
});

const songsOf = memoised(({ event, day, parts }: SpecialDay): readonly CirclePiece[] =>
  event.plan.flatMap(({ start, songIds }, i) =>
    songIds.map((songId, j): CirclePiece => ({
      ...{ id: `${event.id}/${i}/${j}` as CirclePiece['id'], version: event.version, unitId: event.unitId },
      ...{ blockId: parts.find((part) => part.start === start)!.id, moment: 'in', day, kind: 'song', songId },
      ...{
        insteadOf: null,
        notOn: [],
        bookId: null,
        words: '',
        singing: NO_SONG,
        minutes: null,
        uses: [],
        pinned: true,
      },
      order: `a${String(i * 100 + j).padStart(4, '0')}` as CirclePiece['order'],
    })),
  ),
);
