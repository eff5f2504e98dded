import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  aChild,
  after,
  anActivity,
  attempt,
  gesture,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { watchedIn } from '../readiness/ready.ts';
import { comingText } from './forecast.ts';
import { learnedOf, stageAsLearned } from './learned.ts';

type Observation = Extract<ChangeInput, { type: 'watch/put-observation' }>['observation'];
type Sighting = Extract<ChangeInput, { type: 'watch/record' }>['sighting'];

const STAGES = [
  { id: 'eat', name: 'They eat', leastDays: 7, mostDays: 10 },
  { id: 'sleep', name: 'They hang', leastDays: 7, mostDays: 14 },
];
const pattern: ChangeInput = {
  type: 'library/put-watch-pattern',
  pattern: { id: 'moths', title: 'Moths', stages: STAGES },
};
const moths = (rest: Partial<Observation> = {}): ChangeInput => ({
  type: 'watch/put-observation',
  observation: {
    ...{ id: 'w', unitId: TEST_UNIT, title: 'Moths', patternId: 'moths', living: true, heads: 5 },
    ...{ startedOn: plainDay('2027-03-08'), stages: STAGES },
    ...rest,
  },
});
const saw = (on: string, rest: Partial<Sighting>, of = 'w'): ChangeInput => ({
  type: 'watch/record',
  sighting: { id: `${of}-${on}`, observationId: of, on: plainDay(on), ...rest },
});
const base = testBook(aChild('kim', '2024-01-01'), pattern);
const on = (today: string, ...changes: readonly ChangeInput[]) =>
  watchedIn(after(base, ...changes), plainDay(today))[0]!;
const told = (book: Book, today: string): readonly string[] =>
  read(book, TEST_UNIT, plainDay(today))
    .headsUps.filter(({ rule }) => rule.startsWith('watch-'))
    .map(({ level, title, detail }) => `${level}: ${title}. ${detail}`);
const awaited = (rest: object = {}) => ({
  startedOn: plainDay('2027-03-10'),
  awaited: { until: plainDay('2027-03-12'), ...rest } as never,
});

describe('something that is to come', () => {
  test('has not begun, and its stages lie ahead', () => {
    const { now, stages, looks, due } = on('2027-03-08', moths({ startedOn: plainDay('2027-03-10') }));
    expect(now.stage.id).toBe('eat');
    expect(stages.map(({ state, earliest, latest }) => `${state} ${earliest} ${latest}`)).toEqual([
      'to-come 2027-03-10 2027-03-10',
      'to-come 2027-03-17 2027-03-20',
    ]);
    expect(looks[0]?.date).toBe('2027-03-10');
    expect(due).toBeNull();
    expect(on('2027-03-10', moths({ startedOn: plainDay('2027-03-10') })).stages[0]!.state).toBe('now');
  });
  test('is awaited over some days: nobody looks yet, and all after it is as uncertain', () => {
    const { stages, looks } = on('2027-03-08', moths(awaited()));
    expect(stages.map(({ earliest, latest }) => `${earliest} ${latest}`)).toEqual([
      '2027-03-10 2027-03-12',
      '2027-03-17 2027-03-22',
    ]);
    expect(looks).toEqual([]);
  });
  test.each([
    ['2027-03-08', {}, []],
    [
      '2027-03-01',
      { orderBy: '2027-03-05' },
      ['care: To order: Moths. It has to be ordered by Fri 5 March to come from Wed 10 March on.'],
    ],
    ['2027-03-01', { orderBy: '2027-03-05', ordered: true }, []],
    [
      '2027-03-08',
      { orderBy: '2027-03-05' },
      ['care: To order: Moths. It was to be ordered by Fri 5 March.'],
    ],
    [
      '2027-03-08',
      { until: '2027-03-14', how: 'by post' },
      ['care: May come while you are closed: Moths. It comes by post and may be here on Sat 13 and Sun 14.'],
    ],
    [
      '2027-03-15',
      {},
      [
        'note: Late: Moths. It has not come, 3 days after the last day that was thought. All that comes after has moved along.',
      ],
    ],
  ])('on %s with %o tells %o', (today, rest, texts) => {
    const found = told(after(base, moths({ ...awaited(rest), closedDays: 'Goes home with Ines' })), today);
    expect(found.map((text) => text)).toEqual(texts);
  });
  test('after its unit is told', () => {
    const late = plainDay('2027-06-01');
    const book = after(base, moths({ startedOn: late, awaited: { until: late }, closedDays: 'x' }));
    expect(told(book, '2027-03-08')[0]).toMatch(
      /^care: Comes after its unit: Moths\. The unit ends on .+ 1 June/,
    );
  });
  test.each([
    [{ until: '2027-03-09' }, 'The last day lies before the first'],
    [{ until: '2027-09-09' }, 'No more than 90 days after the first'],
    [{ until: '2027-03-12', orderBy: '2027-03-14' }, 'It would come before it is ordered'],
  ])('%o is refused', (wrong, message) => {
    expect(() => gesture([moths({ ...awaited(), awaited: wrong as never })])).toThrow(message);
  });
  test.each([
    ['2027-03-09', null],
    ['2027-03-10', 'It may come today'],
    ['2027-03-12', 'It comes today at the latest'],
    ['2027-03-13', 'It should have come by Fri 12 March'],
  ])('on %s whoever opens the door reads %s', (today, text) => {
    expect(comingText(on(today, moths(awaited())), plainDay(today))).toBe(text);
  });
  test('begins on the day on which it comes', () => {
    const here = on('2027-03-11', moths({ startedOn: plainDay('2027-03-11') }));
    expect(here.stages[0]).toMatchObject({ state: 'now', began: '2027-03-11' });
  });
});

describe('something alive', () => {
  test('is counted: lost, set free, left', () => {
    const { heads } = on(
      '2027-03-15',
      moths(),
      saw('2027-03-10', { lost: 1 }),
      saw('2027-03-14', { setFree: 3 }),
    );
    expect(heads).toEqual({ left: 1, lost: 1, setFree: 3 });
  });
  test('no more than there are are lost', () => {
    const book = after(base, moths(), saw('2027-03-10', { lost: 4 }));
    expect(attempt(book, [saw('2027-03-11', { setFree: 2 })])).toMatchObject({
      outcome: 'refused',
      refusal: {
        reason: 'too-many',
        path: ['changes', 0, 'sighting', 'setFree'],
        message: 'Only 1 are left',
      },
    });
    // Said again it replaces what was said.
    expect(attempt(book, [saw('2027-03-10', { lost: 5 })]).outcome).toBe('kept');
  });
  test('is not made fewer than were lost', () => {
    const book = after(base, moths(), saw('2027-03-10', { lost: 4 }));
    expect(attempt(book, [moths({ heads: 3 })])).toMatchObject({
      outcome: 'refused',
      refusal: { reason: 'too-many', path: ['changes', 0, 'observation', 'heads'] },
    });
  });
  test('wants somebody on closed days until somebody is named', () => {
    expect(told(after(base, moths()), '2027-03-08')).toEqual([
      'care: Nobody looks after it: Moths. It is alive, and the home is closed on Sat 13, Sun 14, Sat 20 and Sun 21.',
    ]);
    expect(told(after(base, moths({ closedDays: 'Kim takes them home' })), '2027-03-08')).toEqual([]);
    expect(told(after(base, moths(), saw('2027-03-08', { setFree: 5 })), '2027-03-08')).toEqual([]);
  });
  test('has a plan B when nothing comes of it', () => {
    const book = after(base, moths({ closedDays: 'x', planB: 'Look for eggs under leaves' }));
    const late = read(book, TEST_UNIT, plainDay('2027-03-19')).headsUps.find(
      ({ rule }) => rule === 'watch-late',
    );
    expect(late?.instead).toBe('Plan B: Look for eggs under leaves');
  });
});

describe('what a kind takes here', () => {
  const learned = (...changes: readonly ChangeInput[]) => {
    const book = after(base, ...changes);
    return learnedOf(book, book.watchPatterns.moths as never);
  };
  const once = [moths(), saw('2027-03-17', { stageId: 'sleep' })];
  test('is learned from what was seen to begin, and widened by a day while it was seen once', () => {
    const days = learned(...once);
    expect(days).toEqual([{ stageId: 'eat', leastDays: 9, mostDays: 9, times: 1 }]);
    expect(STAGES.map((stage) => stageAsLearned(stage, days))).toEqual([
      { ...STAGES[0], leastDays: 8, mostDays: 10 },
      STAGES[1],
    ]);
  });
  test('of several from the shortest to the longest, the last stage by the end', () => {
    const again = [
      moths({ id: 'v', startedOn: plainDay('2027-01-04'), endedOn: plainDay('2027-01-29') }),
      saw('2027-01-16', { stageId: 'sleep' }, 'v'),
    ];
    const days = learned(...once, ...again);
    expect(days).toEqual([
      { stageId: 'eat', leastDays: 9, mostDays: 12, times: 2 },
      { stageId: 'sleep', leastDays: 13, mostDays: 13, times: 1 },
    ]);
    expect(stageAsLearned(STAGES[0]!, days)).toMatchObject({ leastDays: 9, mostDays: 12 });
  });
  test('what is of another kind, awaited or never seen teaches nothing', () => {
    expect(learned(moths({ patternId: null }), saw('2027-03-17', { stageId: 'sleep' }))).toEqual([]);
    expect(learned(moths(awaited()))).toEqual([]);
    expect(learned(moths())).toEqual([]);
  });
});

describe('what grows is used by what is planned', () => {
  const stages = [
    { id: 'sown', name: 'Sown', leastDays: 2, mostDays: 4 },
    { id: 'cut', name: 'To cut', leastDays: 2, mostDays: 4, makes: ['cress'] },
  ];
  const cress = (rest: Partial<Observation> = {}): ChangeInput =>
    moths({ id: 'c', title: 'Cress', patternId: null, living: false, heads: null, stages, ...rest });
  // Sown on Monday, it may be cut from Wednesday to Friday.
  const ordered = (day: number, ...changes: readonly ChangeInput[]) =>
    read(
      after(base, anActivity('eat', { uses: ['Cress'] }), onDay('p', 'eat', day), ...changes),
      TEST_UNIT,
      plainDay('2027-03-08'),
    )
      .headsUps.filter(({ rule }) => rule === 'order')
      .map(({ title, detail }) => `${title}. ${detail}`);
  test.each([
    [
      2,
      [
        'eat is too early. It uses Cress of Cress (To cut), there from Wed 10 March on at the earliest. Move one of them, or leave it so.',
      ],
    ],
    [
      4,
      [
        'eat is too early. It uses Cress of Cress (To cut), perhaps there only on Fri 12 March. Move one of them, or leave it so.',
      ],
    ],
    [5, []],
  ])('on Day %i: %o', (day, texts) => expect(ordered(day, cress())).toEqual(texts));
  test('what ended before is not there any more', () => {
    const old = { startedOn: plainDay('2027-01-04'), endedOn: plainDay('2027-01-20') };
    expect(ordered(2, cress(old))[0]).toContain('needs Cress first');
  });
  test('seen to be there it is there; made by nobody is still told', () => {
    expect(
      ordered(2, cress({ startedOn: plainDay('2027-03-04') }), saw('2027-03-08', { stageId: 'cut' }, 'c')),
    ).toEqual([]);
    expect(ordered(2)[0]).toContain('needs Cress first, which is not planned on any day');
  });
});
