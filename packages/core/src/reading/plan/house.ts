import type { ProgramCalendar } from '../../calendar/index.ts';
import { HOME_ID, type Exceptions, type Home } from '../../house/index.ts';
import { calendarOf } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';

/**
 * The home that is looked at.
 * @throws {Error} before there is one: views that ask are shown once a home has been set up.
 */
export function homeIn(look: Look): Home {
  const home = look.one('homes', HOME_ID);
  if (!home) throw new Error('this book has no home yet');
  return home;
}

/** When the home is open: its weekdays, holidays and closures. One object as long as these are the same. */
export const calendarIn = answer((look): ProgramCalendar =>
  calendarOf(homeIn(look), Object.values(look.table('closures'))),
);

/** Who stays away or comes besides. One object as long as these are the same, so that what stands on it is remembered. */
export const exceptionsIn = answer((look): Exceptions => ({
  absences: Object.values(look.table('absences')),
  extras: Object.values(look.table('extras')),
}));
