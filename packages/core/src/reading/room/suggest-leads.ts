import type { LeadingOrder } from '../../handover/index.ts';
import { adultsNeeded, type Child, type Home, type Lead, type Person } from '../../house/index.ts';
import { spansMeet, type ClockSpan } from '../../calendar/index.ts';
import type { PlacementId } from '../../unit/index.ts';
import { listed, placementsOf, type Finding } from '../ground/finding.ts';
import { ageOn, type Session } from '../plan/plan.ts';
import type { Reading } from '../answers/read.ts';
import type { DayPlan, PlannedThing } from './day-plan.ts';

/** A proposal of who leads something on a day, and why. */
export interface LeadIdea {
  readonly placementId: PlacementId;
  readonly title: string;
  readonly leading: LeadingOrder;
  /** In words: `Sol may lead water; two groups, because two adults are there`. */
  readonly why: string;
  /** What it does not solve: nobody who may lead it is there, or a group is larger than the home's rule. */
  readonly trouble: string | null;
}

/** What asks for a named adult, by what is placed. */
const leadsAsked = (
  headsUps: readonly Finding[],
  day: number,
): ReadonlyMap<PlacementId, ReadonlySet<Lead>> => {
  const asked = new Map<PlacementId, Set<Lead>>();
  for (const finding of headsUps) {
    if (!finding.lead || finding.lead === 'anyone' || !finding.days.includes(day)) continue;
    for (const id of placementsOf(finding))
      asked.set(id, (asked.get(id) ?? new Set<Lead>()).add(finding.lead));
  }
  return asked;
};

/** How much of a day each adult leads, and when. */
class Load {
  readonly #spans = new Map<string, ClockSpan[]>();

  minutes({ id }: Person): number {
    return (this.#spans.get(id) ?? []).reduce((sum, { from, to }) => sum + to - from, 0);
  }

  isFree({ id }: Person, span: ClockSpan): boolean {
    return (this.#spans.get(id) ?? []).every((other) => !spansMeet(other, span));
  }

  add(people: readonly Person[], span: ClockSpan): void {
    for (const { id } of people) this.#spans.set(id, [...(this.#spans.get(id) ?? []), span]);
  }
}

/**
 * Who could lead what on a day where nobody was named yet: something that runs alone needs nobody; what asks for heat, water
 * or blades goes to whoever may lead that; nobody leads two things at the same time; and what the whole group does is split
 * in two when two adults are there. Of several adults the one who leads least that day, then by name.
 */
export function suggestLeads(reading: Reading, plan: DayPlan): readonly LeadIdea[] {
  const asked = leadsAsked(reading.headsUps, plan.day.number);
  const load = new Load();
  for (const { session, stations } of plan.blocks.flatMap(({ items }) => items))
    load.add(
      stations.flatMap(({ person }) => person ?? []),
      session.span,
    );
  return plan.blocks
    .flatMap(({ items }) => items)
    .filter(({ stations }) => stations.every(({ person }) => person === null))
    .filter(({ session }) => session.placement.content.adult !== 'alone' && session.seats.length > 0)
    .toSorted((a, b) => demands(b, asked) - demands(a, asked))
    .flatMap((thing) => ideaFor(thing, asked.get(thing.session.placement.id) ?? NONE, load, reading) ?? []);
}

const NONE: ReadonlySet<Lead> = new Set();

// What few may lead, and what ties an adult, chooses first.
const demands = (
  { session: { placement } }: PlannedThing,
  asked: ReadonlyMap<PlacementId, unknown>,
): number => (asked.has(placement.id) ? 2 : 0) + (placement.content.adult === 'tied' ? 1 : 0);

function ideaFor(
  { session }: PlannedThing,
  asked: ReadonlySet<Lead>,
  load: Load,
  { frame: { home, unit } }: Reading,
): LeadIdea | null {
  const { placement, day, span, adults } = session;
  const idea = (groups: LeadingOrder['groups'], why: string, trouble: string | null): LeadIdea => ({
    placementId: placement.id,
    title: placement.content.title,
    leading: { unitId: unit.id, placementId: placement.id, day: day.number, groups },
    why,
    trouble,
  });
  const may = adults.filter(
    ({ role, mayLead }) => role === 'provider' || [...asked].every((lead) => mayLead.includes(lead)),
  );
  const free = may
    .filter((person) => load.isFree(person, span))
    .toSorted((a, b) => load.minutes(a) - load.minutes(b) || (a.name < b.name ? -1 : 1));
  const [first, second] = free;
  if (!first) {
    // Nobody to name: said only where somebody is needed for sure.
    if (asked.size === 0 && placement.content.adult !== 'tied') return null;
    const who = asked.size > 0 ? `Nobody who may lead ${[...asked].join(' and ')}` : 'Nobody';
    return idea([], '', `${who} is free then`);
  }
  const children = session.seats.map(({ child }) => child);
  if (second && placement.content.mode === 'whole-group' && children.length >= SPLIT_FROM) {
    const [younger, older] = splitByAge(session, home);
    load.add([first, second], span);
    return idea(
      [
        { personId: first.id, childIds: younger.map(({ id }) => id) },
        { personId: second.id, childIds: older.map(({ id }) => id) },
      ],
      `two adults are there: the younger ones with ${first.name}, the older ones with ${second.name}`,
      tooMany(home, session, [younger, older]),
    );
  }
  load.add([first], span);
  const why = [
    asked.size > 0 ? `${first.name} may lead ${[...asked].join(' and ')}` : `${first.name} is free then`,
    placement.content.adult === 'tied' ? 'it ties an adult' : '',
  ];
  return idea(
    [{ personId: first.id, childIds: [] }],
    why.filter(Boolean).join('; '),
    adults.length === 1 ? tooMany(home, session, [children]) : null,
  );
}

/** Fewer children than these stay together. Kobby's own limit. */
const SPLIT_FROM = 4;

/**
 * The children of a session as a younger and an older group: as even as can be with each within what one adult may have by
 * the home's rule; as even as can be when no cut is.
 */
export function splitByAge(
  { seats, day }: Session,
  home: Home,
): readonly [readonly Child[], readonly Child[]] {
  const byAge = seats.map(({ child }) => child).toSorted((a, b) => (a.birth > b.birth ? -1 : 1));
  const cuts = byAge
    .map((_, i) => i)
    .slice(1)
    .toSorted((a, b) => Math.abs(a - byAge.length / 2) - Math.abs(b - byAge.length / 2) || a - b);
  const oneIsEnough = (children: readonly Child[]): boolean =>
    adultsNeeded(
      home.ratio,
      children.map((child) => ageOn(child, day.date)),
    ) <= 1;
  const cut =
    cuts.find((at) => oneIsEnough(byAge.slice(0, at)) && oneIsEnough(byAge.slice(at))) ?? cuts[0] ?? 0;
  return [byAge.slice(0, cut), byAge.slice(cut)];
}

function tooMany(home: Home, { day }: Session, groups: readonly (readonly Child[])[]): string | null {
  const over = groups.filter(
    (children) =>
      adultsNeeded(
        home.ratio,
        children.map((child) => ageOn(child, day.date)),
      ) > 1,
  );
  if (over.length === 0) return null;
  const names = over.map((children) => listed(children.map(({ shownAs }) => shownAs)));
  return `By the home's rule one adult is not enough for ${names.join(', nor for ')}`;
}
