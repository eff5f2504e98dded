import { HOME_ID, project, shareClosedBecause, type Handover, type ShareId, type UnitId } from '@kobby/core';
import type { Context } from 'koa';
import type { HomeClock } from '../clock.ts';
import type { Keeper } from '../keeper.ts';
import { fail } from '../problems.ts';
import { Hub } from './hub.ts';

interface Watched {
  readonly shareId: ShareId;
  sent: string;
}

/** What links show, and the streams that keep it fresh. */
export class ShareViews {
  readonly #keeper: Keeper;
  readonly #clock: HomeClock;
  readonly #hub = new Hub<Watched>();

  constructor(keeper: Keeper, clock: HomeClock) {
    this.#keeper = keeper;
    this.#clock = clock;
    keeper.listen(() => this.refresh());
  }

  /** What a link shows now. @throws {ProblemError} when it is unknown, taken back or has run out. */
  view(shareId: ShareId): Handover {
    const { book } = this.#keeper;
    const share = book.homes[HOME_ID] ? book.shares[shareId] : undefined;
    if (!share) throw fail('not-found', 'This link leads nowhere. Ask for a new one.');
    const closed = shareClosedBecause(share, this.#clock.today());
    if (closed === 'revoked') throw fail('link-revoked', 'It does not open any more. Ask for a new one.');
    if (closed === 'expired')
      throw fail('link-expired', `It could be used until ${share.lastDate}. Ask for a new one.`);
    return project(book, share, this.#clock.today());
  }

  /** The unit that a link is about. @throws {ProblemError} when the link does not open. */
  unitOf(shareId: ShareId): UnitId {
    this.view(shareId);
    return this.#keeper.book.shares[shareId]!.unitId;
  }

  /** Keeps a listener up to date: the whole view at once, and again whenever it becomes another. */
  watch(ctx: Context, shareId: ShareId): void {
    const view = this.view(shareId);
    const sent = JSON.stringify(view);
    this.#hub.add(ctx, { shareId, sent }).send('handover', view);
  }

  /** Sends the view anew to everyone for whom it has become another. */
  refresh(): void {
    const views = new Map<ShareId, Handover | null>();
    this.#hub.each((stream, watched) => {
      if (!views.has(watched.shareId)) views.set(watched.shareId, this.#viewOrNull(watched.shareId));
      const view = views.get(watched.shareId);
      if (!view) {
        stream.send('closed', {});
        stream.end();
        return;
      }
      const text = JSON.stringify(view);
      if (text === watched.sent) return;
      watched.sent = text;
      stream.send('handover', view);
    });
  }

  #viewOrNull(shareId: ShareId): Handover | null {
    try {
      return this.view(shareId);
    } catch {
      return null;
    }
  }
}
