import { clockSpan, type PlainDay } from '../calendar/index.ts';
import type { Child, Person } from '../house/index.ts';
import type { Supply } from '../cupboard/index.ts';
import {
  askedOf,
  bestRate,
  prepTasks,
  RULES,
  sessionsOf,
  thereOn,
  usesOf,
  type Asked,
  type Finding,
  type Reading,
  type Suggestion,
} from '../reading/index.ts';
import { stockOf } from '../reading/stock/ledger.ts';
import { placementOf, type PlacedCopy, type Placement, type Where } from '../unit/index.ts';
import type { Book } from '../book/index.ts';
import type { DraftSpot, Place } from './spots.ts';

/** What would become of an activity in a place, as the reading tells it. */
export interface WouldBe {
  readonly placement: Placement;
  /** Somebody has to stay with it: who. */
  readonly lead: Person | null;
  /** The children who find something of their own in it, by numbered day. */
  readonly served: ReadonlyMap<number, readonly Child[]>;
  /** Minutes of making it ready in times of the home, and how long before its use they have to be over. */
  readonly prep: readonly { readonly minutes: number; readonly waitMinutes: number }[];
  /** When it is used, in minutes since midnight; null for the opening of the home. */
  readonly usedFrom: number | null;
  /** How much of each reusable thing it takes at once. */
  readonly things: ReadonlyMap<Supply, number>;
  /** What of it would have to be bought costs about so much, in the smallest part of the currency. */
  readonly toBuy: number;
}

// What must not be said of anything that is proposed; these look at one thing alone.
const ALONE = [
  'allergen',
  'caution',
  'water',
  'out-of-reach',
  'eaten',
  'cooling',
  'broken',
  'rounds',
  'recorded',
] as const;
const QUESTIONS = [...new Set(ALONE.map((rule) => RULES[rule].ask))];
const ALWAYS: ReadonlySet<Finding['rule']> = new Set(['rounds', 'recorded']);

/** Asks what would become of activities in places, and remembers it for places in which the same people meet the same hour. */
export class WouldBes {
  readonly #book: Book;
  readonly #reading: Reading;
  readonly #today: PlainDay;
  readonly #asked: Asked;
  readonly #known = new Map<string, WouldBe | null>();
  readonly #filled = new Map<string, Placement>();

  constructor(book: Book, reading: Reading, today: PlainDay) {
    this.#book = book;
    this.#reading = reading;
    this.#today = today;
    this.#asked = askedOf(book, reading.frame, today);
  }

  /** What would become of it; null where something speaks against it that stops. */
  of({ activity }: Suggestion, spot: DraftSpot): WouldBe | null {
    const key = `${activity.id}|${this.#sameAs(spot)}`;
    return this.#remembered(key, spot, () => this.#look(activity, spot));
  }

  // What is known of a day holds for one that is alike, with its own number.
  #remembered(
    key: string,
    { where, days }: Pick<Place, 'where' | 'days'>,
    look: () => WouldBe | null,
  ): WouldBe | null {
    const known = this.#known.get(key);
    const found = known === undefined ? look() : known;
    if (known === undefined) this.#known.set(key, found);
    if (found === null || known === undefined || where.kind !== 'day') return found;
    const [children] = [...found.served.values()];
    return { ...found, served: new Map([[days[0]!, children ?? []]]) };
  }

  // As it reads in this unit, standing somewhere.
  #placed(activity: Suggestion['activity'], where: Where, lead: Person | null): Placement {
    const filled = this.#filled.get(activity.id) ?? this.#fill(activity);
    return { ...filled, where, leadId: lead?.id ?? null };
  }

  #fill({ id, version, content }: Suggestion['activity']): Placement {
    const copy: PlacedCopy = {
      ...{
        id: `draft-${id}`.slice(0, 64) as PlacedCopy['id'],
        version: 0,
        unitId: this.#reading.frame.unit.id,
      },
      ...{ originId: id, originVersion: version, base: content, slots: {}, over: {} },
      where: { kind: 'reserve' },
      ...{ pinned: false, choices: [], leadId: null, bin: null, aboutId: null, outSince: null },
    };
    const placement = placementOf(copy, this.#reading.theme);
    this.#filled.set(id, placement);
    return placement;
  }

  // Days on which the same children and adults are there at the same hour are alike.
  #sameAs({ where, key, kind }: Pick<DraftSpot, 'where' | 'key' | 'kind'>): string {
    if (where.kind !== 'day') return key;
    const { frame } = this.#reading;
    const block = frame.home.blocks.find(({ id }) => id === where.blockId)!;
    const { children, adults } = thereOn(frame, where.day, clockSpan(block.start, block.minutes));
    const who = [...children, ...adults].map(({ id }) => id).join(',');
    return `${kind === 'twin' ? 'twin' : 'day'}:${where.blockId}:${who}`;
  }

  /** The same of something that is placed, somewhere else. */
  ofPlaced(placement: Placement, place: Place): WouldBe | null {
    const key = `${placement.id}|${this.#sameAs({ ...place, key: place.name })}`;
    return this.#remembered(key, place, () => {
      const there = { ...placement, where: place.where };
      return this.stops(there).length === 0
        ? { placement: there, lead: null, ...this.#facts(there) }
        : this.led({ ...there, leadId: null });
    });
  }

  /** What is known of something as it stands, whatever stops it: somebody keeps it so. */
  asItIs(placement: Placement): WouldBe {
    return { placement, lead: null, ...this.#facts(placement) };
  }

  /** What would stop it there, whoever stays with it; nothing of what can come there. */
  whatStops({ activity }: Suggestion, spot: DraftSpot): readonly Finding[] {
    const alone = this.#placed(activity, spot.where, null);
    return this.led(alone) === null ? this.stops(alone) : [];
  }

  #look(activity: Suggestion['activity'], spot: DraftSpot): WouldBe | null {
    return this.led(this.#placed(activity, spot.where, null));
  }

  /** What would become of a placement where it says that it stands, with somebody who stays where it takes one; null where it stops. */
  led(alone: Placement): WouldBe | null {
    const { people } = this.#reading.frame;
    let [placement, lead] = [alone, null as Person | null];
    const stops = this.stops(alone);
    if (stops.length > 0) {
      if (stops.some((finding) => finding.lead === undefined)) return null;
      const there = sessionsOf(alone, this.#reading.frame);
      lead =
        people.find(
          (person) =>
            there.every(({ adults }) => adults.some(({ id }) => id === person.id)) &&
            this.stops({ ...alone, leadId: person.id }).length === 0,
        ) ?? null;
      if (lead === null) return null;
      placement = { ...alone, leadId: lead.id };
    }
    return { placement, lead, ...this.#facts(placement) };
  }

  /** What the rules about one thing would say that stops. */
  stops(placement: Placement): readonly Finding[] {
    const only = [placement];
    const asked = {
      ...this.#asked,
      placements: only,
      both: only,
      withCircle: only,
      placed: { placements: only, twins: [] },
    };
    return QUESTIONS.flatMap((ask) => ask(asked)).filter(
      ({ level, rule }) => level === 'stop' || ALWAYS.has(rule),
    );
  }

  #facts(placement: Placement): Omit<WouldBe, 'placement' | 'lead'> {
    const { frame } = this.#reading;
    const sessions = sessionsOf(placement, frame);
    const uses = usesOf(this.#book, placement, frame);
    const things = new Map<Supply, number>();
    const needed = new Map<Supply, number>();
    for (const { supply, amount } of uses)
      if (supply.use === 'reusable') things.set(supply, Math.max(things.get(supply) ?? 0, amount));
      else needed.set(supply, (needed.get(supply) ?? 0) + amount);
    let toBuy = 0;
    for (const [supply, amount] of [...needed, ...things]) {
      const lacks = amount - stockOf(supply, this.#book.stockMoves).amount;
      if (lacks > 0) toBuy += lacks * (bestRate(supply) ?? 0);
    }
    const tasks = prepTasks([placement], frame, this.#today).flat();
    return {
      served: new Map(
        sessions.map(({ day, seats }) => [
          day.number,
          seats.filter(({ version }) => version !== null).map(({ child }) => child),
        ]),
      ),
      prep: tasks.flatMap(({ where, minutes, waitMinutes }) =>
        where === 'home' && minutes > 0 ? [{ minutes, waitMinutes }] : [],
      ),
      usedFrom: placement.where.kind === 'day' ? (sessions[0]?.span.from ?? null) : null,
      things,
      toBuy,
    };
  }
}
