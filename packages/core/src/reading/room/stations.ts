import type { Table } from '../../book/index.ts';
import type { Leading } from '../../handover/index.ts';
import { leadingIdOf } from '../../handover/index.ts';
import type { Child, Person } from '../../house/index.ts';
import { memoised } from '../ground/memo.ts';
import type { Session } from '../plan/plan.ts';

/** A group at something on a day: its children, and who leads it. */
export interface Station {
  /** Null when nobody was named. */
  readonly person: Person | null;
  readonly children: readonly Child[];
  /** Named for this day, or for all days of what is placed; `nobody` when neither. */
  readonly named: 'day' | 'always' | 'nobody';
}

/**
 * The groups at something on a day: as named for the day, else with whoever stays with it on all days, else one group that
 * nobody leads. A group without children of its own takes all who are in no other one. Children who are not there are
 * in none, and those whom no group takes are in the first.
 */
export const stationsOf = memoised(
  (
    session: Session,
    leadings: Table<Leading>,
    people: Table<Person>,
  ): readonly [Station, ...(readonly Station[])] => {
    const there = session.seats.map(({ child }) => child);
    const { placement, day } = session;
    const leading = leadings[leadingIdOf(placement.id, day.number)];
    if (!leading || leading.groups.length === 0) {
      const person = (placement.leadId && people[placement.leadId]) || null;
      return [{ person, children: there, named: person ? 'always' : 'nobody' }];
    }
    const chosen = new Set<string>(leading.groups.flatMap(({ childIds }) => childIds));
    const rest = there.filter(({ id }) => !chosen.has(id));
    const open = Math.max(
      0,
      leading.groups.findIndex(({ childIds }) => childIds.length === 0),
    );
    const [first, ...others] = leading.groups.map(({ personId, childIds }, i): Station => {
      const own = there.filter(({ id }) => childIds.includes(id));
      return {
        person: people[personId] ?? null,
        children: i === open ? there.filter((child) => own.includes(child) || rest.includes(child)) : own,
        named: 'day',
      };
    });
    return [first!, ...others];
  },
);
