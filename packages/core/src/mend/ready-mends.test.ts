import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import { plainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { read } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { mendsFor } from './index.ts';

let count = 0;
const newId = (): string => `m${(count += 1)}`;
type Prep = NonNullable<Parameters<typeof anActivity>[1]>['prep'];

const NAP = {
  id: 'nap',
  name: 'Nap time',
  start: '13:00',
  minutes: { '1': 30, '2': 30, '3': 30, '4': 30, '5': 30 },
};
const home = testBook(
  { type: 'house/put-home', home: { ...TEST_HOME, prepSlots: [NAP] } },
  aCorner('a'),
  aChild('kim', '2024-01-01'),
  {
    type: 'house/put-person',
    person: { id: 'jo', name: 'Jo', role: 'assistant', work: { '1': ['afternoon'], '2': ['afternoon'] } },
  },
);
const prepared = (id: string, prep: Prep, rest: object = {}): ChangeInput =>
  anActivity(id, { mode: 'whole-group', prep, ...rest });

const RULES = ['late', 'spoils', 'place-full'];
const late = (book: Book, today = A_MONDAY) =>
  read(book, TEST_UNIT, today).headsUps.filter(({ rule }) => RULES.includes(rule));

/** What is offered; each is taken, and what it was offered for is gone. */
function offered(book: Book, today = A_MONDAY): readonly string[] {
  return late(book, today).flatMap((finding) =>
    mendsFor(book, TEST_UNIT, finding, today, newId).map(({ label, changes }) => {
      const mended = after(book, ...changes);
      expect(late(mended, today).map(({ key }) => key)).not.toContain(finding.key);
      return label;
    }),
  );
}

describe('what is not ready in time', () => {
  test('a night that is missing: another day', () => {
    const dry: Prep = [{ id: 'd', text: 'Dye', minutes: 10, waitHours: 12 }];
    const book = after(home, prepared('rice', dry), onDay('p', 'rice', 1));
    expect(offered(book)).toEqual(['It is ready: tick it', 'Move it to Day 2', 'Put rice into the reserve']);
  });

  test('a set-up begins later', () => {
    const dry: Prep = [{ id: 'd', text: 'Dye', minutes: 10, waitHours: 30 }];
    const book = after(home, anActivity('tub', { prep: dry }), inCorner('p', 'tub', 'a', 2, 6));
    expect(offered(book)).toEqual(['Begin it on Day 3', 'Put tub into the reserve']);
  });

  test('minutes that are missing: a simpler way, parts, or time of the assistant, each with what it costs', () => {
    const cut: Prep = [
      {
        id: 'c',
        text: 'Cut kites',
        minutes: 50,
        instead: [{ text: 'Tear paper', minutes: 20, laterMinutes: 10 }],
      },
    ];
    const book = after(
      home,
      prepared('kite', cut),
      {
        ...onDay('p', 'kite', 3),
      },
      { type: 'unit/pin', placementId: 'p', pinned: true },
    );
    expect(offered(book)).toEqual([
      'Tear paper: 20 min now for 50, 10 min more on the day',
      'Give these 50 minutes to Jo, Tue 9 March at 13:00',
      'Do it in 2 parts',
      'Put kite into the reserve',
    ]);
  });

  test('laminating is left out, or the set of an earlier unit serves', () => {
    const sheet: ChangeInput = {
      type: 'library/put-sheet',
      sheet: { id: 's', title: 'Cards', pages: '1-35', laminate: true, cut: 'none' },
    };
    const rest = { sheetIds: ['s'], copies: [{ sheetId: 's', for: { kind: 'all' } }] };
    const book = after(home, sheet, prepared('match', [], rest), onDay('p', 'match', 2));
    expect(offered(book)).toContain('Leave out laminating (saves 35 min; the set lasts less long)');
    const before = after(
      book,
      {
        type: 'unit/start',
        unit: { id: 'old', title: 'Paper', style: 'theme', start: '2027-02-01', dayCount: 5 },
      },
      { ...onDay('q', 'match', 2), unitId: 'old' },
    );
    expect(offered(before)).toContain('Use the set made for Paper (saves 47 min)');
  });

  test('today it is asked whether it is ready', () => {
    const book = after(home, prepared('x', [{ id: 'c', text: 'Cut', minutes: 5 }]), onDay('p', 'x', 2));
    expect(offered(book, plainDay('2027-03-09'))[0]).toBe('It is ready: tick it');
  });
});

test('what spoils gets a time near enough, or another day', () => {
  const mix: Prep = [{ id: 'm', text: 'Mix', minutes: 10, mostLeadHours: 15 }];
  const book = after(home, prepared('foam', mix), onDay('p', 'foam', 3));
  expect(offered(book)[0]).toBe('Take 10 minutes more, Tue 9 March at 19:30');
});

test('where the freezer is full, one of them goes elsewhere', () => {
  const freeze: Prep = [{ id: 'f', text: 'Freeze', minutes: 5, waitHours: 8, waitsIn: 'freezer' }];
  const book = after(
    home,
    {
      type: 'house/put-home',
      home: {
        ...TEST_HOME,
        prepSlots: [NAP],
        waitingPlaces: [{ id: 'f', name: 'F', kind: 'freezer', holds: 1 }],
      },
    },
    prepared('ice', freeze),
    onDay('p', 'ice', 2),
    onDay('q', 'ice', 2, 'groups'),
  );
  expect(offered(book)).toContain('Move it to Day 3');
});
