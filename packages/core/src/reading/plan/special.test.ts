import { describe, expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import { startFromEarlier, type ChangeInput } from '../../changes/index.ts';
import { eventEntries } from '../../formats/calendars.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  asTwin,
  attempt,
  aSupply,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { composeNoteHome, printedPages } from '../../sheets/index.ts';
import { spanOfDays, type UnitId } from '../../unit/index.ts';
import { read } from '../answers/read.ts';
import { dayPlanOf } from '../room/day-plan.ts';
import { specialDaysIn, stoodIn } from './copies.ts';
import { placedIn } from './plan.ts';

type EventInput = Extract<ChangeInput, { type: 'unit/put-event' }>['event'];
const market = (rest: Partial<EventInput> = {}): ChangeInput => ({
  type: 'unit/put-event',
  event: {
    id: 'market',
    unitId: TEST_UNIT,
    title: 'Market day',
    when: { kind: 'day', day: 5 },
    fills: true,
    plan: [
      { start: '09:30', text: 'Set up the stalls' },
      { start: '10:15', text: 'Buy and sell' },
    ],
    ...rest,
  },
});
const inMarket = (id: string, activityId: string, start: string): ChangeInput => ({
  type: 'unit/place',
  id,
  unitId: TEST_UNIT,
  activityId,
  where: { kind: 'event', eventId: 'market', start },
});
const SELL = [
  aChild('ada', '2023-05-10'),
  aChild('bo', '2022-02-01'),
  aSupply('bags', { name: 'Paper bags' }),
  anActivity('selling', { mode: 'whole-group', materials: [aMaterial('bags', 3)] }),
  anActivity('ordinary', { mode: 'whole-group', materials: [aMaterial('bags', 10)] }),
];
const told = (book: ReturnType<typeof testBook>, day = 5) => {
  const reading = read(book, TEST_UNIT, A_MONDAY);
  return dayPlanOf(book, reading, day)!.blocks.map(({ block, items, circle }) =>
    [
      `${block.start}+${block.minutes} ${block.name}`,
      ...items.map(({ session }) => session.placement.id),
      ...(circle?.parts.map(({ title }) => title) ?? []),
    ].join(' | '),
  );
};
const bags = (book: ReturnType<typeof testBook>): number =>
  read(book, TEST_UNIT, A_MONDAY).supplies.find(({ supply }) => supply.id === 'bags')?.need.amount ?? 0;

describe('what stands in a special event', () => {
  const book = testBook(...SELL, market(), inMarket('sell', 'selling', '10:15'));

  test('stands at its time on the day of the event, until the next part or half an hour', () => {
    expect(told(book)).toEqual(['10:15+30 Buy and sell | sell']);
    expect(told(after(book, inMarket('later', 'selling', '10:30')))).toEqual([
      '10:15+15 Buy and sell | sell',
      '10:30+30 Market day | later',
    ]);
    expect(told(after(book, market({ ends: '11:30' })))).toEqual(['10:15+75 Buy and sell | sell']);
  });

  test('is counted, prepared and summed as anything else', () => {
    expect(bags(book)).toBe(6);
    const tasks = read(book, TEST_UNIT, A_MONDAY).ready.entries.map(({ task }) => task.text);
    expect(tasks).toContain('Set out the things of Day 5');
  });

  test('goes with the event: to another day, over a closure, and out of every day where the event has none', () => {
    const moved = after(book, market({ when: { kind: 'day', day: 3 } }));
    expect([told(moved, 3).length, told(moved, 5).length]).toEqual([1, 0]);
    const fixed = after(book, market({ when: { kind: 'date', date: '2027-03-10' } }));
    expect(told(fixed, 3)).toHaveLength(1);
    const lost = after(book, market({ when: { kind: 'date', date: '2027-03-13' } }));
    expect([1, 2, 3, 4, 5].flatMap((day) => told(lost, day))).toEqual([]);
    expect(bags(lost)).toBe(0);
    const shut = after(fixed, {
      type: 'house/put-closure',
      closure: { id: 'shut', from: '2027-03-10', to: '2027-03-10', why: 'Flood' },
    } as ChangeInput);
    expect(read(shut, TEST_UNIT, A_MONDAY).headsUps.map(({ rule }) => rule)).toContain('event-without-day');
  });

  test('is refused in an event that is not there, or of another unit', () => {
    const strange = { kind: 'event', eventId: 'picnic', start: '10:00' } as const;
    const put = { type: 'unit/place', id: 'p', unitId: TEST_UNIT, activityId: 'selling', where: strange };
    expect(attempt(book, [put as ChangeInput])).toMatchObject({ outcome: 'refused' });
  });

  test('comes along when the unit is started again, and with its event', () => {
    const start = startFromEarlier(
      book,
      TEST_UNIT as UnitId,
      { id: 'again', title: 'Again', style: 'theme', start: '2027-09-06', dayCount: 5 } as never,
      (() => {
        let i = 0;
        return () => `new-${(i += 1)}`;
      })(),
    );
    const again = after(book, ...start.changes);
    const reading = read(again, 'again' as UnitId, plainDay('2027-09-01'));
    expect(dayPlanOf(again, reading, 5)!.blocks.map(({ block }) => block.name)).toEqual(['Buy and sell']);
  });
});

describe('on a day that an event fills', () => {
  const SONG = {
    type: 'library/put-song',
    song: {
      id: 'walk',
      title: 'Round the stalls',
      kind: 'song',
      purpose: 'move',
      verses: ['We walk around the stalls'],
    },
  } as unknown as ChangeInput;
  const book = testBook(...SELL, market(), onDay('usual', 'ordinary', 5));

  test('the ordinary plan steps back into the reserve, is needed by nobody, and is told', () => {
    expect(told(book)).toEqual([]);
    expect(bags(book)).toBe(0);
    const { placements, headsUps } = read(book, TEST_UNIT, A_MONDAY);
    expect(placements.find(({ id }) => id === 'usual')).toMatchObject({
      where: { kind: 'reserve' },
      backFrom: 5,
    });
    expect(headsUps.find(({ rule }) => rule === 'special-day')?.detail).toMatch(
      /^ordinary steps back from Day 5/,
    );
  });

  test('what is pinned stays, and all of it comes back when the event goes elsewhere or lets it stay', () => {
    const pinned = after(book, { type: 'unit/pin', placementId: 'usual', pinned: true });
    expect(told(pinned)).toHaveLength(1);
    for (const other of [market({ when: { kind: 'day', day: 4 } }), market({ fills: false })]) {
      expect(told(after(book, other))).toHaveLength(1);
      expect(bags(after(book, other))).toBe(20);
    }
  });

  test('there is no ordinary circle, and the songs of the event are sung at their time', () => {
    const sung = after(
      book,
      SONG,
      market({ plan: [{ start: '10:15', text: 'Sing', songIds: ['walk' as never] }] }),
      {
        type: 'circle/put-piece',
        piece: {
          id: 'piece',
          unitId: TEST_UNIT,
          blockId: 'table',
          kind: 'song',
          songId: 'walk',
          order: 'a0',
        },
      } as ChangeInput,
    );
    const days = read(sung, TEST_UNIT, A_MONDAY).circles.runs.map(
      ({ day, block }) => `${day.number} ${block.name}`,
    );
    expect(days.slice(0, 5)).toEqual([
      '1 Table time',
      '2 Table time',
      '3 Table time',
      '4 Table time',
      '5 Sing',
    ]);
    expect(told(sung)).toEqual(['10:15+30 Sing | Round the stalls']);
  });
});

test('an event asks families in time, and says it in the note home and the calendar', () => {
  const book = testBook(
    ...SELL,
    market({
      invitation: 'Come and buy!',
      brings: 'a basket',
      bringsElse: 'a paper bag',
      ends: '11:00',
    }),
  );
  const reading = read(book, TEST_UNIT, plainDay('2027-02-20'));
  const asks = reading.ready.entries.flatMap(({ task }) => (task.kind === 'ask' ? [task.text] : []));
  expect(asks).toEqual(['Give out the invitations for Market day', 'Ask every child to bring a basket']);
  expect(composeNoteHome(book, reading, A_MONDAY).text).toContain(
    'from 09:30: Market day. Each child brings a basket. Whoever has none: a paper bag.',
  );
  expect(eventEntries(reading)[0]?.at).toEqual({ from: 9 * 60 + 30, minutes: 90 });
  const cards = printedPages('invitations', book, { unitId: TEST_UNIT as UnitId, day: 1, today: A_MONDAY });
  expect(cards.map(({ sub }) => sub)).toEqual([
    'Fri 12 March, 09:30 to 11:00 · for ada',
    'Fri 12 March, 09:30 to 11:00 · for bo',
  ]);
  expect(JSON.stringify(cards[0])).toContain('Each child brings a basket; whoever has none: a paper bag.');
});

test('a unit without an event is as it was, and an event that ends before it begins is no event', () => {
  const book = testBook(...SELL, onDay('usual', 'ordinary', 5));
  expect(specialDaysIn(book, TEST_UNIT)).toEqual([]);
  expect(() => attempt(book, [market({ ends: '10:00' })])).toThrow('It ends after its last part begins');
});

test('an edit of one placement leaves what was read of the others as it was, also beside an event', () => {
  const book = testBook(
    ...SELL,
    market({ fills: false, plan: [{ start: '10:15', text: 'Buy and sell' }] }),
    inMarket('sell', 'selling', '10:15'),
    onDay('usual', 'ordinary', 1),
    onDay('other', 'ordinary', 2),
  );
  const edited = after(book, { type: 'unit/pin', placementId: 'usual', pinned: true });
  const [before, now] = [book, edited].map((one) => read(one, TEST_UNIT, A_MONDAY));
  const others = before!.placements.filter(({ id }) => id !== 'usual');
  expect(others).toHaveLength(2);
  for (const one of others) expect(now!.placements).toContain(one);
  expect(now!.circles).toBe(before!.circles);
});

test('an event whose plan is its activities alone has its hours from them', () => {
  const book = testBook(
    ...SELL,
    market({ plan: [], invitation: 'Come!' }),
    inMarket('sell', 'selling', '10:15'),
    inMarket('late', 'selling', '10:45'),
  );
  const reading = read(book, TEST_UNIT, A_MONDAY);
  const [card] = printedPages('invitations', book, { unitId: TEST_UNIT as UnitId, day: 1, today: A_MONDAY });
  expect(card?.sub).toBe('Fri 12 March, 10:15 to 11:15 · for ada');
  expect(composeNoteHome(book, reading, A_MONDAY).text).toContain('from 10:15: Market day.');
  expect(eventEntries(reading)[0]?.at).toEqual({ from: 10 * 60 + 15, minutes: 60 });
});

test('what is noted for the circle of a day steps back with it', () => {
  const noted = (fills: boolean) =>
    testBook(...SELL, market({ fills }), {
      type: 'unit/put-line',
      line: { id: 'l', unitId: TEST_UNIT, kind: 'circle', day: 5, words: 'Which way?', order: 'a0' },
    } as ChangeInput);
  const lines = (book: ReturnType<typeof testBook>) =>
    dayPlanOf(book, read(book, TEST_UNIT, A_MONDAY), 5)!.lines;
  expect(lines(noted(false))).toEqual(['Circle time: Which way?']);
  expect(lines(noted(true))).toEqual([]);
});

test('each thing stands from and to the day on which it reads as standing, events or not', () => {
  const planned = testBook(
    ...SELL,
    aCorner('a'),
    market(),
    inMarket('sell', 'selling', '10:15'),
    inMarket('never', 'selling', '11:45'),
    onDay('back', 'ordinary', 5),
    onDay('stays', 'ordinary', 6),
    inCorner('out', 'ordinary', 'a', 2, 7),
    inReserve('later', 'ordinary'),
    asTwin('wet', 'selling', 'stays'),
  );
  const open = after(planned, market({ fills: false }));
  const pinned = after(planned, { type: 'unit/pin', placementId: 'back', pinned: true } as ChangeInput);
  for (const book of [planned, open, pinned]) {
    const stands = placedIn(book, TEST_UNIT).placements.flatMap((one) => {
      const span = spanOfDays(one);
      return span ? [[one.id, span.from, span.to]] : [];
    });
    expect(stoodIn(book, TEST_UNIT).map(({ copy, from, to }) => [copy.id, from, to])).toEqual(stands);
  }
});
