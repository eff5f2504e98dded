import type { Table } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Closure, Home } from '../../house/index.ts';
import { unitDays, type Unit, type UnitDays, type UnitId } from '../../unit/index.ts';
import { answer, type Asking } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { homeIn } from './house.ts';

/**
 * The days of a unit of the book. Why apart from its frame: who comes and who works says nothing to what asks for the days alone,
 * and what looks over all units of many years asks for little else.
 */
export const daysIn = answer((look, unitId: UnitId): UnitDays =>
  daysOf(look.one('units', unitId)!, homeIn(look), look.table('closures')),
);
const daysOf = memoised((unit: Unit, home: Home, closures: Table<Closure>): UnitDays =>
  unitDays(unit, home, Object.values(closures)),
);

/** Where a unit stands by the home's date: an idea has no dates. */
export type Phase = 'idea' | 'to-come' | 'now' | 'over';

/** Where a unit stands by the home's date. A unit without any program day counts as still to come. */
export function phaseOf(
  { unit, calendar }: { readonly unit: Unit; readonly calendar: UnitDays },
  today: PlainDay,
): Phase {
  if (unit.start === null) return 'idea';
  const first = calendar.days[0];
  if (!first || today < first.date) return 'to-come';
  return today <= calendar.days.at(-1)!.date ? 'now' : 'over';
}

/** The same of a unit of the book, whoever comes. */
export const phaseIn = (asking: Asking, unit: Unit, today: PlainDay): Phase =>
  unit.start === null ? 'idea' : phaseOf({ unit, calendar: daysIn(asking, unit.id) }, today);

/** Whether something is still made ready, bought and cared for in such a unit. */
export const isAhead = (phase: Phase): boolean => phase === 'now' || phase === 'to-come';
