import { expect, test } from 'vitest';
import { clockSpan, clockTimeSchema, minutesSchema, plainDay } from '../calendar/index.ts';
import { aChild, after, testBook } from '../testing/home.ts';
import { homeOf } from '../book/index.ts';
import { attendanceOn, mostAtOnce, presentDuring } from './index.ts';

const book = after(
  testBook(),
  aChild('ada', '2026-05-20'),
  aChild('bo', '2022-09-02', { attendance: { '1': ['morning', 'afternoon'], '2': ['afternoon'] } }),
  aChild('ines', '2021-02-14', { attendance: { '1': ['afternoon'] } }),
  aChild('unborn', '2027-03-09'),
  {
    type: 'house/put-absence',
    absence: { id: 'away', childId: 'ada', from: '2027-03-09', to: '2027-03-10' },
  },
);
const on = (day: string) =>
  attendanceOn(plainDay(day), homeOf(book), Object.values(book.children), Object.values(book.absences));
const names = (children: readonly { id: string }[]) => children.map((child) => child.id);

test('the week pattern says who comes, born by then', () => {
  expect(names(on('2027-03-08').children)).toEqual(['ada', 'bo', 'ines']);
  expect(names(on('2027-03-15').children)).toEqual(['ada', 'bo', 'ines', 'unborn']);
});

test('an absence counts on its first and last day, and not after', () => {
  expect([names(on('2027-03-09').children), names(on('2027-03-09').away)]).toEqual([
    ['bo', 'unborn'],
    ['ada'],
  ]);
  expect(names(on('2027-03-10').away)).toEqual(['ada']);
  expect(names(on('2027-03-11').children)).toContain('ada');
});

test('a stretch of the day sees those of its parts', () => {
  const during = (start: string, minutes: number) =>
    names(
      presentDuring(
        on('2027-03-08'),
        homeOf(book),
        clockSpan(clockTimeSchema.parse(start), minutesSchema.parse(minutes)),
      ),
    );
  expect(during('09:00', 30)).toEqual(['ada', 'bo']);
  expect(during('15:00', 30)).toEqual(['bo', 'ines']);
  expect(during('12:00', 60)).toEqual(['ada', 'bo', 'ines']);
  expect(during('12:00', 30)).toEqual(['ada', 'bo']);
});

test('the most at once is counted by part, not by day', () => {
  expect(mostAtOnce(on('2027-03-08'))).toBe(2);
});
