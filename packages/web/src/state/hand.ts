import {
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
import {
  computed,
  inject,
  nextTick,
  onBeforeUnmount,
  onMounted,
  provide,
  ref,
  shallowRef,
  watch,
  type ComputedRef,
  type InjectionKey,
} from 'vue';
import { newId } from './api.ts';
import { useBook } from './book.ts';
import type { Desk } from './desk.ts';
import { drag } from './drag.ts';

/** Something in hand: what stands in the unit, or what would if it were put down. */
export interface Held {
  readonly placement: Placement;
  /** It is from the library and stands nowhere yet. */
  readonly isNew: boolean;
}

/**
 * The hand of a person who plans: takes one thing and puts it into a place. A mouse drags; a finger drags by the
 * grip; whoever taps the grip, or presses it by key, has the thing in hand and then presses where it goes.
 */
class Hand {
  readonly held = shallowRef<Held | null>(null);
  /** The key of the spot that is pointed at. */
  readonly over = ref<string | null>(null);
  /** Where the pointer is while something is dragged. */
  readonly point = shallowRef<{ readonly x: number; readonly y: number } | null>(null);
  /** What was just done, for those who cannot see it. */
  readonly said = ref('');
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

  /** Takes something, or puts it back when it is in hand already. */
  take(held: Held): void {
    if (this.held.value?.placement.id === held.placement.id) return this.letGo();
    this.held.value = held;
    this.said.value = `${held.placement.content.title} is in hand. Choose where it goes, or press Escape.`;
  }

  letGo(): void {
    this.held.value = null;
    this.over.value = null;
    this.point.value = null;
  }

  /** Begins to drag once the pointer wanders. Anything but a mouse scrolls, except by a grip. */
  grab(event: PointerEvent, held: Held): void {
    drag(event, {
      move: (spot, point) => {
        this.held.value = held;
        this.point.value = point;
        this.over.value = spot;
      },
      end: (spot) => {
        const put = spot === null ? undefined : this.#spots.get(spot);
        if (put) this.put(put);
        else this.letGo();
      },
    });
  }

  /** Puts what is in hand into a place. A pattern asks for its words first. */
  put(spot: PutSpot): void {
    const held = this.held.value;
    if (!held) return;
    this.letGo();
    const { placement, isNew } = held;
    if (isNew && placement.content.slots.length > 0 && spot.kind !== 'reserve')
      return this.#desk.pick(spot, placement.originId);
    this.#perform(this.#changes(held, spot), placement);
  }

  /** Moves something a day, or a corner, further or back. */
  nudge(placement: Placement, by: 1 | -1): void {
    const { where } = placement;
    const { frame, shelf } = this.#reading.value;
    if (where.kind === 'day') {
      const day = where.day + by;
      if (day < 1 || day > frame.unit.dayCount) return;
      this.#perform([this.#move(placement, movedTo(where, day, frame))], placement);
    } else if (where.kind === 'corner') {
      const next = shelf[shelf.findIndex(({ corner }) => corner.id === where.cornerId) + by];
      if (next) this.#perform([this.#move(placement, { ...where, cornerId: next.corner.id })], placement);
    }
  }

  /** Escape puts back what is in hand; the keys of a thing that has the focus move it. */
  onKey(event: KeyboardEvent, placement: Placement): void {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key] as 1 | -1 | undefined;
    if (!event.altKey || by === undefined) return;
    event.preventDefault();
    this.nudge(placement, by);
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

  #perform(changes: ChangeInput[], placement: Placement): void {
    const before = this.#reading.value.headsUps;
    const result = this.#store.perform(changes);
    const { title } = placement.content;
    if (!result.done) {
      this.#store.notice = `${title} stays where it was: ${result.errors[0]?.message ?? 'it cannot go there'}`;
      return;
    }
    const news = brokenBy(before, this.#reading.value.headsUps).map((finding) => finding.title);
    this.said.value = `${title} is put there.${news.length > 0 ? ` New to know: ${listed(news)}.` : ''}`;
    void nextTick(() =>
      document
        .querySelector<HTMLElement>(`[data-placement="${placement.id}"]`)
        ?.focus({ preventScroll: true }),
    );
  }

  #wouldBreak(held: Held, spot: PutSpot): readonly Finding[] {
    const { headsUps, frame } = this.#reading.value;
    const book = this.#store.would(this.#changes(held, spot));
    if (!book) return [];
    return brokenBy(headsUps, read(book, frame.unit.id, this.#store.today!).headsUps);
  }
}

const HAND: InjectionKey<Hand> = Symbol('hand');

/** Makes the hand of a unit's page, and hands it to every part below. */
export function provideHand(reading: ComputedRef<Reading>, desk: Desk): Hand {
  const hand = new Hand(reading, desk);
  provide(HAND, hand);
  const onKey = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && hand.held.value) hand.letGo();
  };
  onMounted(() => window.addEventListener('keydown', onKey));
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
  // What was taken out meanwhile is not in hand any more.
  watch(reading, ({ placements }) => {
    const held = hand.held.value;
    if (held && !held.isNew && !placements.some(({ id }) => id === held.placement.id)) hand.letGo();
  });
  return hand;
}

/**
 * The hand of the page.
 * @throws {Error} when the part stands outside of a unit's page.
 */
export function useHand(): Hand {
  const hand = inject(HAND);
  if (!hand) throw new Error('this part needs the unit page (views/Unit) above it');
  return hand;
}
