import type { Table } from '../../book/index.ts';
import { arrivalIdOf, type Arrival } from '../../daybook/index.ts';
import type { Child, DayAttendance } from '../../house/index.ts';

/** What is known of a child today: expected, here, gone home, or away. */
export type HereState = 'expected' | 'here' | 'gone' | 'away';

/** A child of the day, with what was tapped. */
export interface HereRow {
  readonly child: Child;
  readonly state: HereState;
  readonly arrival: Arrival | null;
  /** Came although it is not their day. */
  readonly unexpected: boolean;
}

/** Everyone who is expected, away or came on a day, in the order of the attendance. `everyone` are the children of the home. */
export function whoIsHere(
  attendance: DayAttendance,
  everyone: readonly Child[],
  arrivals: Table<Arrival>,
): readonly HereRow[] {
  const expected = new Set(attendance.children);
  const away = new Set(attendance.away);
  return everyone.flatMap((child): HereRow[] => {
    const arrival = arrivals[arrivalIdOf(attendance.date, child.id)] ?? null;
    if (!arrival && !expected.has(child) && !away.has(child)) return [];
    const state = arrival ? stateOf(arrival) : expected.has(child) ? 'expected' : 'away';
    return [{ child, state, arrival, unexpected: state !== 'away' && !expected.has(child) }];
  });
}

const stateOf = ({ inAt, outAt }: Arrival): HereState =>
  inAt === null ? 'away' : outAt === null ? 'here' : 'gone';

/** Those who are in the room: whoever was tapped in; while nobody was, everyone who is expected. */
export function inTheRoom(rows: readonly HereRow[]): readonly Child[] {
  const tapped = rows.some(({ arrival }) => arrival?.inAt);
  return rows
    .filter(({ state }) => (tapped ? state === 'here' : state === 'expected' || state === 'here'))
    .map(({ child }) => child);
}
