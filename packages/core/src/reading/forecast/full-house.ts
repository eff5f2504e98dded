import { addDays, closedBecause, type PlainDay } from '../../calendar/index.ts';
import { attendanceOn, belongsOn, type Child } from '../../house/index.ts';
import { calendarIn, exceptionsIn, homeIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import type { StageForecast } from './forecast.ts';

/** A day on which a stage that wants everyone may begin, and who is missing then. */
export interface HouseDay {
  readonly date: PlainDay;
  readonly missing: readonly Child[];
}

/** The open days on which such a stage may begin, the fullest first; none for a stage that asks for nobody in particular. */
export const fullHouseDays = answer(
  (look, { stage, earliest, latest, began }: StageForecast): readonly HouseDay[] => {
    if (!stage.fullHouse || began !== null) return [];
    const home = homeIn(look);
    const calendar = calendarIn(look);
    const children = Object.values(look.table('children'));
    const exceptions = exceptionsIn(look);
    const days: HouseDay[] = [];
    for (let date = earliest; date <= latest; date = addDays(date, 1)) {
      if (closedBecause(date, calendar) !== null) continue;
      const there = new Set(attendanceOn(date, home, children, exceptions).children);
      days.push({ date, missing: children.filter((child) => belongsOn(child, date) && !there.has(child)) });
    }
    return days.toSorted((a, b) => a.missing.length - b.missing.length || (a.date < b.date ? -1 : 1));
  },
);
