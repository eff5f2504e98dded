import { homeOf, type Book } from '../../book/index.ts';
import { addDays, closedBecause, weekdayOf, type PlainDay } from '../../calendar/index.ts';
import { valueIn } from '../../house/index.ts';
import { calendarIn } from '../plan/house.ts';
import { daysIn } from '../plan/days.ts';
import { slotsOver } from './slots.ts';

const LOOKED_AHEAD_DAYS = 120;

/**
 * The day that is proposed for a new unit: the first program day of a week, after what is planned already is over, by which the times
 * for making ready since `today` reach what a unit asks before it begins (a value of the home, in minutes; a home without such times
 * asks for none). Why the first of a week: a unit is made ready once and stands for its weeks. Why not simply the next day: what
 * begins tomorrow cannot be ready. The next day where nothing is found within {@link LOOKED_AHEAD_DAYS} days.
 */
export function firstDayFor(book: Book, today: PlainDay): PlainDay {
  const calendar = calendarIn(book);
  const isOpen = (day: PlainDay): boolean => closedBecause(day, calendar) === null;
  const tomorrow = addDays(today, 1);
  const free = Object.values(book.units)
    .map(({ id }) => daysIn(book, id).days.at(-1)?.date)
    .reduce<PlainDay>((day, last) => (last && day <= last ? addDays(last, 1) : day), tomorrow);
  // Of today only what is left of it would count, and nobody knows how much that is.
  const slots = slotsOver(book, tomorrow, addDays(free, LOOKED_AHEAD_DAYS)).filter(
    ({ kind }) => kind === 'slot' || kind === 'extra',
  );
  const preparedBy = (day: PlainDay): number =>
    slots.filter(({ date }) => date < day).reduce((sum, { minutes }) => sum + (minutes ?? 0), 0);
  const asked = slots.length === 0 ? 0 : valueIn(homeOf(book), 'firstDayMinutes');
  for (let step = 0; step < LOOKED_AHEAD_DAYS; step += 1) {
    const day = addDays(free, step);
    const weekBegan = Array.from({ length: weekdayOf(day) - 1 }, (_, i) => addDays(day, -1 - i)).some(isOpen);
    if (isOpen(day) && !weekBegan && preparedBy(day) >= asked) return day;
  }
  return tomorrow;
}
