import {
  HOME_ID,
  project,
  shareClosedBecause,
  type Book,
  type Handover,
  type HandoverPatch,
  type PlainDay,
  type ShareId,
  type UnitId,
} from '@kobby/core';
import type { Context } from 'koa';
import type { HomeClock } from '../clock.ts';
import type { Keeper } from '../keeper.ts';
import { fail } from '../problems.ts';
import { Hub, type LiveStream } from './hub.ts';

/** What a listener was told last: as text, so that what stayed the same is not sent again. */
interface Told {
  readonly rest: string;
  readonly days: ReadonlyMap<number, string>;
}

interface Watched {
  readonly shareId: ShareId;
  told: Told;
}

/** What a link showed last, and of which book and day. */
interface Known {
  readonly book: Book;
  readonly today: PlainDay;
  readonly view: Handover;
}

/** A view with the texts by which it is compared. */
interface ToldView {
  readonly view: Handover;
  readonly told: Told;
}

// A view is worked out anew at most so often, however many changes come: each one carries everything until then.
const REST_MS = 40;
// While much is going on, computing takes up at most a quarter of the time.
const REST_FACTOR = 3;

/** What links show, and the streams that keep it fresh. */
export class ShareViews {
  readonly #keeper: Keeper;
  readonly #clock: HomeClock;
  readonly #hub = new Hub<Watched>();
  // An act asks several times: a view is worked out once for a book and a day.
  readonly #known = new Map<ShareId, Known>();
  #due: NodeJS.Timeout | null = null;
  #restMs = REST_MS;

  constructor(keeper: Keeper, clock: HomeClock) {
    this.#keeper = keeper;
    this.#clock = clock;
    keeper.listen(() => this.#soon());
  }

  /** What a link shows now. @throws {ProblemError} when it is unknown, taken back or has run out. */
  view(shareId: ShareId): Handover {
    const { book } = this.#keeper;
    const share = book.homes[HOME_ID] ? book.shares[shareId] : undefined;
    if (!share) throw fail('not-found', 'This link leads nowhere. Ask for a new one.');
    const today = this.#clock.today();
    const closed = shareClosedBecause(share, today);
    if (closed === 'revoked') throw fail('link-revoked', 'It does not open any more. Ask for a new one.');
    if (closed === 'expired')
      throw fail('link-expired', `It could be used until ${share.lastDate}. Ask for a new one.`);
    const known = this.#known.get(shareId);
    if (known?.book === book && known.today === today) return known.view;
    const view = project(book, share, today);
    this.#known.set(shareId, { book, today, view });
    return view;
  }

  /** The unit that a link is about. @throws {ProblemError} when the link does not open. */
  unitOf(shareId: ShareId): UnitId {
    this.view(shareId);
    return this.#keeper.book.shares[shareId]!.unitId;
  }

  /** Keeps a listener up to date: the whole view at once, then each day that becomes another, in order. */
  watch(ctx: Context, shareId: ShareId): void {
    const view = this.view(shareId);
    this.#hub.add(ctx, { shareId, told: toldOf(view) }).send('handover', view);
  }

  /** Lets go of what is waiting to be sent, and of everyone who listens. */
  stop(): void {
    if (this.#due) clearTimeout(this.#due);
    this.#due = null;
    this.#hub.each((stream) => stream.end());
  }

  #soon(): void {
    this.#due ??= setTimeout(() => {
      this.#due = null;
      const began = performance.now();
      this.refresh();
      this.#restMs = Math.max(REST_MS, (performance.now() - began) * REST_FACTOR);
    }, this.#restMs);
    this.#due.unref();
  }

  /** Sends what has become another to everyone whom it concerns. */
  refresh(): void {
    const views = new Map<ShareId, ToldView | null>();
    this.#hub.each((stream, watched) => {
      const { shareId } = watched;
      if (!views.has(shareId)) views.set(shareId, this.#viewOrNull(shareId));
      const now = views.get(shareId);
      if (!now) {
        stream.send('closed', {});
        stream.end();
        return;
      }
      sendPatch(stream, now, watched.told);
      watched.told = now.told;
    });
  }

  #viewOrNull(shareId: ShareId): ToldView | null {
    try {
      const view = this.view(shareId);
      return { view, told: toldOf(view) };
    } catch {
      return null;
    }
  }
}

const restOf = ({ days: _, ...rest }: Handover): HandoverPatch['rest'] => rest;

const toldOf = (view: Handover): Told => ({
  rest: JSON.stringify([restOf(view), view.days.map(({ number }) => number)]),
  days: new Map(view.days.map((day) => [day.number, JSON.stringify(day)])),
});

function sendPatch(stream: LiveStream, { view, told }: ToldView, before: Told): void {
  const days = view.days.filter(({ number }) => told.days.get(number) !== before.days.get(number));
  if (days.length === 0 && told.rest === before.rest) return;
  const patch: HandoverPatch = { rest: restOf(view), numbers: view.days.map(({ number }) => number), days };
  stream.send('patch', patch);
}
