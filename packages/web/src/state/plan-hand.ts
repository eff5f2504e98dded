import {
  asksFirst,
  asPlaced,
  brokenBy,
  cornerDoubt,
  fittingDays,
  listed,
  movedTo,
  read,
  spotKey,
  whereAt,
  type Activity,
  type ChangeInput,
  type DayVerdict,
  type Finding,
  type Placement,
  type PutSpot,
  type Reading,
} from '@kobby/core';
import { computed, type ComputedRef } from 'vue';
import { newId } from './api.ts';
import { useBook } from './book.ts';
import { createContext } from './context.ts';
import type { Desk } from './desk.ts';
import { Hand, withPage } from './hand.ts';

/** Something in hand: what stands in the unit, or what would if it were put down. */
export interface Held {
  readonly placement: Placement;
  /** It is from the library and stands nowhere yet. */
  readonly isNew: boolean;
}

/** The hand that plans: it puts things into corners, onto days, into trays and the reserve, and says what that would break. */
class PlanHand extends Hand<Held> {
  readonly #spots = new Map<string, PutSpot>();
  readonly #store = useBook();
  readonly #reading: ComputedRef<Reading>;
  readonly #desk: Desk;

  /** For each day, what putting it there would break. */
  readonly verdicts: ComputedRef<readonly DayVerdict[]>;
  /** What the plan would point out if it were put where the pointer is. */
  readonly preview: ComputedRef<readonly Finding[]>;
  /** What speaks against a spot, before anything is put there. */
  breaksAt(spot: PutSpot): readonly string[] {
    const held = this.held.value;
    if (!held) return [];
    if (spot.kind === 'day') return this.verdicts.value.find(({ day }) => day === spot.day)?.breaks ?? [];
    if (spot.kind !== 'corner') return [];
    const doubt = cornerDoubt(held.placement.content, this.#store.book.corners[spot.cornerId]!);
    return doubt ? [doubt] : [];
  }

  /** What speaks against the spot that is pointed at. */
  readonly breaks: ComputedRef<readonly string[]>;
  /** On which days it would fit; null when on all or none. */
  readonly fits: ComputedRef<string | null>;

  constructor(reading: ComputedRef<Reading>, desk: Desk) {
    super();
    this.#reading = reading;
    this.#desk = desk;
    this.verdicts = computed(() =>
      this.held.value ? reading.value.verdicts(this.held.value.placement) : [],
    );
    this.breaks = computed(() => {
      const spot = this.over.value === null ? undefined : this.#spots.get(this.over.value);
      return spot ? this.breaksAt(spot) : [];
    });
    this.fits = computed(() => fittingDays(this.verdicts.value));
    this.preview = computed(() => {
      const spot = this.over.value === null ? undefined : this.#spots.get(this.over.value);
      return this.held.value && spot ? this.#wouldBreak(this.held.value, spot) : [];
    });
  }

  /** Says that something can be put there; what comes back takes that back. */
  offer(spot: PutSpot): () => void {
    this.#spots.set(spotKey(spot), spot);
    return () => this.#spots.delete(spotKey(spot));
  }

  /** Something of the library, as it can be held. */
  fromLibrary(activity: Activity): Held {
    return { placement: asPlaced(activity, this.#reading.value.frame), isNew: true };
  }

  nameOf({ placement }: Held): string {
    return placement.content.title;
  }

  protected idOf({ placement }: Held): string {
    return placement.id;
  }

  protected shownBy({ placement }: Held): string {
    return `[data-placement="${placement.id}"]`;
  }

  protected drop(key: string): boolean {
    const spot = this.#spots.get(key);
    if (spot) this.put(spot);
    return spot !== undefined;
  }

  /** Puts what is in hand into a place. A pattern asks for its words first while the theme has no things. */
  put(spot: PutSpot): void {
    const held = this.release();
    if (!held) return;
    const { placement, isNew } = held;
    if (isNew && asksFirst(placement.content, this.#reading.value.theme) && spot.kind !== 'reserve')
      return this.#desk.pick(spot, placement.originId);
    this.#perform(this.#changes(held, spot), held);
  }

  /** Moves something a day, or a corner, further or back. */
  nudge(held: Held, by: 1 | -1): void {
    const { where } = held.placement;
    const { frame, shelf } = this.#reading.value;
    if (where.kind === 'day') {
      const day = where.day + by;
      if (day < 1 || day > frame.unit.dayCount) return;
      this.#perform([this.#move(held.placement, movedTo(where, day, frame))], held);
    } else if (where.kind === 'corner') {
      const next = shelf[shelf.findIndex(({ corner }) => corner.id === where.cornerId) + by];
      if (next) this.#perform([this.#move(held.placement, { ...where, cornerId: next.corner.id })], held);
    }
  }

  #changes({ placement, isNew }: Held, spot: PutSpot): ChangeInput[] {
    const where = whereAt(spot, isNew ? null : placement.where, this.#reading.value);
    if (!isNew) return [this.#move(placement, where)];
    const { unitId, originId: activityId } = placement;
    return [{ type: 'unit/place', id: `put-${newId()}`, unitId, activityId, where }];
  }

  #move({ id: placementId }: Placement, where: Placement['where']): ChangeInput {
    return { type: 'unit/move', placementId, where };
  }

  #perform(changes: ChangeInput[], held: Held): void {
    const before = this.#reading.value.headsUps;
    const result = this.#store.perform(changes);
    const title = this.nameOf(held);
    if (!result.done) {
      this.#store.notice = `${title} stays where it was: ${result.errors[0]?.message ?? 'it cannot go there'}`;
      return;
    }
    const news = brokenBy(before, this.#reading.value.headsUps).map((finding) => finding.title);
    this.settled(held, `${title} is put there.${news.length > 0 ? ` New to know: ${listed(news)}.` : ''}`);
  }

  #wouldBreak(held: Held, spot: PutSpot): readonly Finding[] {
    const { headsUps, frame } = this.#reading.value;
    const book = this.#store.would(this.#changes(held, spot));
    if (!book) return [];
    return brokenBy(headsUps, read(book, frame.unit.id, this.#store.today!).headsUps);
  }
}

const [provideIt, useIt] = createContext<PlanHand>('hand', 'the unit page (views/Unit)');

/** Makes the hand of a unit's page, and hands it to every part below. */
export function provideHand(reading: ComputedRef<Reading>, desk: Desk): PlanHand {
  const hand = new PlanHand(reading, desk);
  // What is from the library is there as long as the page is.
  const isThere = ({ placement, isNew }: Held): boolean =>
    isNew || reading.value.placements.some(({ id }) => id === placement.id);
  withPage(hand, isThere);
  return provideIt(hand);
}

/** The hand of the page. */
export const useHand = useIt;
