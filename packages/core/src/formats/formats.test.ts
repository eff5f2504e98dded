import { describe, expect, test } from 'vitest';
import { plainDay } from '../calendar/index.ts';
import { MAX_LIST_ROWS, readActivityList, readClosures, type ImportRow } from './index.ts';

const told = (rows: readonly ImportRow<{ title: string }>[]) =>
  rows.map((row) => (row.ok ? [row.line, row.value.title, ...row.hints] : [row.line, 'no', row.why]));

describe('a pasted list', () => {
  test('is one activity a line, commas included', () => {
    const { rows } = readActivityList('Kite corners\n\n  Wind, rain and sun \nPaper boats\n');
    expect(rows.map((row) => row.ok && row.value.title)).toEqual([
      'Kite corners',
      'Wind, rain and sun',
      'Paper boats',
    ]);
    expect(rows[0]?.ok && rows[0].hints).toEqual([
      'no version yet: say for whom it is and what the child does',
    ]);
  });

  test('or rows under headings, in any order, quoted as a spreadsheet does', () => {
    const { rows } = readActivityList(
      'Skills,Title,Corner,Mode,From,Until,Does,Steps,Clean-up\n' +
        'counting; painting,"Straws, blown",easel,open corner,24,60,"Blows, once",Lay paper; Drip paint,5\n',
    );
    expect(rows[0]).toMatchObject({
      ok: true,
      hints: [],
      value: {
        title: 'Straws, blown',
        skills: ['counting', 'painting'],
        cornerKinds: ['easel'],
        mode: 'open-corner',
        cleanUpMinutes: 5,
        versions: [{ fromMonths: 24, untilMonths: 60, does: 'Blows, once' }],
        steps: [{ text: 'Lay paper', owner: 'together' }, { text: 'Drip paint' }],
      },
    });
  });

  test('says what it did not understand and keeps the rest', () => {
    const { rows } = readActivityList(
      'title\tcorner\tskills\tmode\tfrom\nKites\troof; blocks\tflying; beat\tdance\tsoon\n' +
        `\tblocks\t\t\t\n${'x'.repeat(121)}\t\t\t\t\nkites\t\t\t\t\nLow\t\t\t\t200`,
    );
    expect(told(rows)).toEqual([
      [
        2,
        'Kites',
        '“dance” is not a way to run an activity; taken as an open corner',
        'no corner is called “roof”',
        '“flying” is not one of the skills',
        'from “soon” is not a whole number',
        'no version yet: say for whom it is and what the child does',
      ],
      [3, 'no', 'title: This cannot be empty'],
      [4, 'no', 'title: At most 120 characters fit here'],
      [5, 'no', 'This title stands in the list already'],
      [6, 'no', 'versions 0 fromMonths: At most 144 months'],
    ]);
  });

  test.each([
    ['', 'There is nothing in it yet.'],
    ['x'.repeat(400_001), 'This is too long for one list. Bring it in by parts.'],
    ['a\n'.repeat(MAX_LIST_ROWS + 2), 'At most 1000 rows are read at once. Bring them in by parts.'],
  ])('that cannot be read says why', (text, problem) => {
    expect(readActivityList(text)).toEqual({ rows: [], problem });
  });

  test('with a quote that is never closed names the row', () => {
    const { rows } = readActivityList('title,does\nKites,"runs\nPaper,folds');
    expect(rows.filter((row) => !row.ok)).toHaveLength(1);
  });
});

describe('closures from a calendar file', () => {
  const calendar = (...events: string[]) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR'].join('\r\n');
  const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:x', ...lines, 'END:VEVENT'].join('\r\n');
  const read = (text: string) => readClosures(text, plainDay('2027-01-01'), plainDay('2028-12-31'));
  const spans = (text: string) =>
    read(text).rows.map((row) =>
      row.ok ? `${row.value.why} ${row.value.from} ${row.value.to}` : `no: ${row.why}`,
    );

  test('are its whole-day events; the end in the file is the day after', () => {
    expect(
      spans(
        calendar(
          event('SUMMARY:Spring break', 'DTSTART;VALUE=DATE:20270405', 'DTEND;VALUE=DATE:20270410'),
          event('SUMMARY:Cleaning day', 'DTSTART;VALUE=DATE:20270315'),
          event('DTSTART;VALUE=DATE:20280228', 'DURATION:P2D'),
        ),
      ),
    ).toEqual([
      'Spring break 2027-04-05 2027-04-09',
      'Cleaning day 2027-03-15 2027-03-15',
      'Closed 2028-02-28 2028-02-29',
    ]);
  });

  test('are laid out when they repeat, within the dates asked for', () => {
    expect(
      spans(calendar(event('SUMMARY:New year', 'DTSTART;VALUE=DATE:20200101', 'RRULE:FREQ=YEARLY'))),
    ).toEqual(['New year 2027-01-01 2027-01-01', 'New year 2028-01-01 2028-01-01']);
  });

  test('what is none is shown with its reason', () => {
    expect(
      spans(
        calendar(
          event('SUMMARY:Dentist', 'DTSTART:20270405T090000'),
          event('SUMMARY:Long ago', 'DTSTART;VALUE=DATE:20100405'),
          event('SUMMARY:No date'),
          event(`SUMMARY:${'x'.repeat(200)}`, 'DTSTART;VALUE=DATE:20270405'),
          event('SUMMARY:Bad', 'DTSTART;VALUE=DATE:20271345'),
        ),
      ),
    ).toEqual([
      'no: It has a clock time; a closure is whole days',
      'no: It lies outside of 2027-01-01 to 2028-12-31',
      expect.stringMatching(/^no: It/),
      'no: Its title: At most 120 characters fit here',
      'no: There is no such day',
    ]);
  });

  test.each([
    ['hello', 'This is not a calendar file: it does not begin as one.'],
    ['%PDF-1.4', 'This is not a calendar file: it does not begin as one.'],
    [`BEGIN:VCALENDAR\r\nthis is no line of it`, 'This calendar file is damaged and cannot be read.'],
    [`BEGIN:VCALENDAR${' '.repeat(1_000_001)}`, 'This file is too large for a calendar of closures.'],
    [['BEGIN:VCALENDAR', 'VERSION:2.0', 'END:VCALENDAR'].join('\r\n'), 'There is no event in this calendar.'],
  ])('%.20s is refused whole', (text, problem) => expect(read(text)).toEqual({ rows: [], problem }));

  test('a flood of dates is refused', () => {
    const daily = event('SUMMARY:Daily', 'DTSTART;VALUE=DATE:20270101', 'RRULE:FREQ=DAILY');
    expect(read(calendar(daily)).problem).toContain('more than 500 dates');
  });
});
