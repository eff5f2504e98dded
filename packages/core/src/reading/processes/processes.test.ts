import { describe, expect, test } from 'vitest';
import { recipeInPlan } from '../../arranging/index.ts';
import { aPiece } from '../../testing/circle.ts';
import { formatMinutes } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { recipeSchema, type Process } from '../../library/index.ts';
import { mendsFor } from '../../mend/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  aSupply,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { explainLine } from '../gather/explain.ts';
import { read } from '../answers/read.ts';
import { sessionsOf } from '../plan/plan.ts';
import { madeCards, type MadeCard } from './cards.ts';
import { processesOfDay, type DayProcess } from './day-processes.ts';

type Book = ReturnType<typeof testBook>;

const HOME: ChangeInput = {
  type: 'house/put-home',
  home: {
    ...TEST_HOME,
    blocks: [
      { id: 'circle', name: 'Circle time', start: '09:10', minutes: 20, isCircle: true },
      { id: 'table', name: 'Table time', start: '09:40', minutes: 40 },
      { id: 'groups', name: 'Small groups', start: '10:25', minutes: 30 },
      { id: 'yard', name: 'Yard', start: '11:00', minutes: 45 },
      { id: 'lunch', name: 'Lunch', start: '11:50', minutes: 30 },
    ],
    waitingPlaces: [
      { id: 'oven', name: 'Oven', kind: 'oven', holds: 2 },
      { id: 'fridge', name: 'Fridge', kind: 'fridge', holds: 4 },
    ],
    prepSlots: [
      { id: 'evening', name: 'Evening', start: '19:30', minutes: { '1': 60, '2': 60, '3': 60, '4': 60 } },
      { id: 'nap', name: 'Nap', start: '13:00', minutes: { '1': 60, '2': 60, '3': 60, '4': 60, '5': 60 } },
    ],
  },
};
const CHILDREN = ['ada', 'bo', 'cy', 'di', 'ed', 'fay'].map((id) => aChild(id, '2023-01-01'));
const TOVE = aChild('tove', '2022-05-01', {
  allergies: [{ allergen: 'gluten', words: 'coeliac' }] as never,
});

const step = (rest: object) => ({ text: 'Do it', owner: 'together', minutes: 10, ...rest });
const BREAD = {
  ...{ id: 'bread', version: 0, title: 'Flat bread', kind: 'food', minutes: 50, cooked: true },
  ingredients: [
    { supplyId: 'flour', amount: 400 },
    { supplyId: 'salt', amount: 8 },
  ],
  yields: { amount: 8, unit: 'piece' },
  swaps: [{ allergen: 'gluten', supplyId: 'flour', insteadId: 'maize' }],
  steps: [
    step({ text: 'Mix and knead', minutes: 20, waitMinutes: 40, mostWaitMinutes: 80, coldHours: 10 }),
    step({ text: 'Shape', minutes: 10 }),
    step({ text: 'Bake', owner: 'adult', minutes: 5, waitMinutes: 12, waitsIn: 'oven' }),
    step({ text: 'Cool', owner: 'adult', minutes: 0, waitMinutes: 15 }),
  ],
};
const RECIPE: ChangeInput = { type: 'library/put-recipe', recipe: BREAD as never };
const FOOD: ChangeInput[] = [
  aSupply('flour', { unit: 'g', use: 'consumable', allergens: ['gluten'] as never }),
  aSupply('maize', { unit: 'g', use: 'consumable', glutenFree: true } as never),
  aSupply('salt', { unit: 'g', use: 'consumable' }),
];

const bread = (blockId: string, day = 2): ChangeInput =>
  recipeInPlan(recipeSchema.parse(BREAD), TEST_UNIT, { kind: 'day', day, blockId } as never, 'p' as never);
const over = (part: Partial<Process>): ChangeInput =>
  ({
    type: 'unit/write-over',
    placementId: 'p',
    part: { processes: [{ id: 'made', recipeId: 'bread', for: 'child', ...part }] },
  }) as ChangeInput;
const yard = (rest: object = {}): ChangeInput[] => [
  anActivity('run', { place: 'outdoors', ...rest }),
  {
    type: 'unit/place',
    ...{ id: 'out', unitId: TEST_UNIT, activityId: 'run' },
    where: { kind: 'day', day: 2, blockId: 'yard' },
  } as ChangeInput,
];

const bookWith = (...changes: ChangeInput[]) =>
  testBook(HOME, ...FOOD, RECIPE, ...CHILDREN, TOVE, ...changes);
const onDay = (book: Book, day = 2): readonly DayProcess[] => {
  const { placements, circles, frame } = read(book, TEST_UNIT, A_MONDAY);
  return processesOfDay(book, placements, circles, frame, day);
};
const clock = ({ steps }: DayProcess): readonly string[] =>
  steps.map(
    ({ step: of, from, until, next }) =>
      `${of?.text} ${formatMinutes(from)} ${formatMinutes(until)} ${formatMinutes(next)}`,
  );
const told = (book: Book, rule = 'process') =>
  read(book, TEST_UNIT, A_MONDAY).headsUps.filter((finding) => finding.rule === rule);
const mends = (book: Book) =>
  mendsFor(book, TEST_UNIT, told(book)[0]!, A_MONDAY, () => 'new').map(({ label }) => label);

describe('a recipe stands in a plan by itself', () => {
  test('it is laid into the morning: begun with its block, shaped when they have time again, baked before the yard ties whoever is there', () => {
    const book = bookWith(bread('table'), ...yard());
    expect(clock(onDay(book)[0]!)).toEqual([
      'Mix and knead 09:40 10:00 10:40',
      'Shape 10:40 10:50 10:50',
      'Bake 10:50 10:55 11:07',
      'Cool 11:07 11:07 11:22',
    ]);
    expect(told(book)).toEqual([]);
    const [one] = onDay(book);
    expect(
      [one!.ready, one!.earliestReady, one!.latestStart, one!.by].map((at) => formatMinutes(at!)),
    ).toEqual(['11:22', '11:22', '09:45', '11:50']);
  });
  test('where somebody says when, it is fresh then', () => {
    const book = bookWith(bread('table'), over({ readyBy: '11:50' as never }));
    expect(clock(onDay(book)[0]!)[0]).toBe('Mix and knead 09:45 10:05 10:45');
    expect(formatMinutes(onDay(book)[0]!.ready!)).toBe('11:27');
  });
  test('what goes into it is on the list for the children of that day, with a bowl of its own for who must not meet it', () => {
    const lines = read(bookWith(bread('table')), TEST_UNIT, A_MONDAY).supplies;
    expect(lines.map(({ supply, need }) => [supply.id, need.amount])).toEqual([
      ['flour', 300],
      ['maize', 50],
      ['salt', 7],
    ]);
    expect(
      explainLine(
        lines.find(({ supply }) => supply.id === 'maize')!,
        'metric',
      )[0],
    ).toBe('Flat bread, Day 2: Flat bread, 7 children × 1 piece, the own bowl of tove → 50 g');
  });
  test('gluten beside a bowl of its own is a care that says so; without a swap it stops', () => {
    const [care] = told(bookWith(bread('table')), 'allergen');
    expect(care).toMatchObject({ level: 'care', supplyIds: ['flour'] });
    expect(care!.instead).toContain('A bowl of its own without it is planned');
    const noSwap = { type: 'library/put-recipe', recipe: { ...BREAD, version: 1, swaps: [] } } as ChangeInput;
    const [stop] = told(after(bookWith(bread('table')), noSwap), 'allergen');
    expect(stop).toMatchObject({ level: 'stop' });
  });
  test('a closed day has nothing of it, and nobody there needs nothing', () => {
    expect(onDay(bookWith(bread('table'), over({ repeats: 3 })), 3)).toEqual([]);
    const alone = testBook(HOME, ...FOOD, RECIPE, bread('table'));
    expect(onDay(alone)).toEqual([]);
    expect(read(alone, TEST_UNIT, A_MONDAY).supplies).toEqual([]);
  });
});

describe('a variant of the recipe', () => {
  const corn = {
    id: 'corn',
    name: 'with corn',
    changes: [{ supplyId: 'flour', part: 0.25, insteadId: 'maize' }],
    also: [{ supplyId: 'salt', times: 0.5 }],
  };
  const variants = {
    type: 'library/put-recipe',
    recipe: { ...BREAD, version: 1, variants: [corn] },
  } as ChangeInput;
  const needs = (variant: string | null) =>
    read(after(bookWith(bread('table'), over({ variant })), variants), TEST_UNIT, A_MONDAY).supplies.map(
      ({ supply, need }) => [supply.id, need.amount],
    );

  test('has its own amounts and its own name; one that is gone is the recipe as it is written', () => {
    // Six of the common dough, one without gluten: 75 g of its 300 are maize, and 50 g of the other bowl all.
    expect(needs('corn')).toEqual([
      ['flour', 225],
      ['maize', 125],
      ['salt', 3.5],
    ]);
    expect(needs('gone')).toEqual(needs(null));
    const book = after(bookWith(bread('table'), over({ variant: 'corn' })), variants);
    expect(onDay(book)[0]!.made.recipe.title).toBe('Flat bread, with corn');
  });
});

describe('what stands for several days', () => {
  const corner = aCorner('kitchen');
  const out = (keepsDays: number | null, rest: Partial<Process> = {}) =>
    after(
      bookWith(
        corner,
        recipeInPlan(
          recipeSchema.parse(BREAD),
          TEST_UNIT,
          { kind: 'corner', cornerId: 'kitchen', fromDay: 1, toDay: 5 } as never,
          'p' as never,
        ),
        over(rest),
      ),
      { type: 'library/put-recipe', recipe: { ...BREAD, version: 1, keepsDays } } as ChangeInput,
    );
  const flour = (book: Book) =>
    read(book, TEST_UNIT, A_MONDAY).supplies.find(({ supply }) => supply.id === 'flour')?.need.amount;
  const tasks = (book: Book) =>
    read(book, TEST_UNIT, A_MONDAY).ready.entries.filter(({ task }) => task.kind === 'cook').length;

  test('is made once while it keeps, and anew when it does not', () => {
    expect(flour(out(null))).toBe(300);
    expect(flour(out(5))).toBe(300);
    expect(flour(out(2))).toBe(900);
    expect(flour(out(0))).toBe(1500);
    expect(tasks(out(null, { when: 'beforehand' }))).toBe(1);
    expect(tasks(out(2, { when: 'beforehand' }))).toBe(3);
  });
  test('and whoever does not do it has no bowl of its own: gluten stops then', () => {
    const leftOut = {
      type: 'unit/choose-version',
      placementId: 'p',
      childId: 'tove',
      versionId: null,
    } as ChangeInput;
    expect(told(out(null), 'allergen')[0]).toMatchObject({ level: 'care' });
    expect(told(after(out(null), leftOut), 'allergen')[0]).toMatchObject({ level: 'stop' });
  });
});

describe('far too much, and nonsense', () => {
  test('a hundred of them on one day are laid as far as there is room, at once', () => {
    const many = Array.from(
      { length: 16 },
      (_, i) =>
        ({
          ...bread('table'),
          id: `p${i}`,
          content: {
            ...(bread('table') as unknown as { content: object }).content,
            processes: Array.from({ length: 6 }, (__, j) => ({ id: `m${j}`, recipeId: 'bread' })),
          },
        }) as unknown as ChangeInput,
    );
    const laid = onDay(bookWith(...many));
    expect(laid).toHaveLength(96);
    expect(laid.filter(({ ready }) => ready !== null).length).toBeGreaterThan(0);
  });
  test('a recipe without steps, one longer than the day, one ready before the home opens', () => {
    const with_ = (recipe: object, rest: Partial<Process> = {}) =>
      after(bookWith(bread('table'), over(rest)), {
        type: 'library/put-recipe',
        recipe: { ...BREAD, version: 1, ...recipe },
      } as ChangeInput);
    expect(clock(onDay(with_({ steps: [], minutes: 15 }))[0]!)).toEqual(['undefined 09:40 09:55 09:55']);
    const long = with_({ steps: [step({ minutes: 700 })] });
    expect(told(long)[0]!.detail).toBe(
      'It takes 11 h 40 min with its waits. One of its steps is longer than any time there is for it.',
    );
    expect(told(with_({}, { readyBy: '05:00' as never }))[0]!.title).toBe('Flat bread is not ready by 05:00');
  });
});

describe('what does not fit is told, with what is in its way', () => {
  test('begun too late, by how much and with ways out that work', () => {
    const book = bookWith(bread('groups'), ...yard());
    expect(onDay(book)[0]!.ready).toBeNull();
    expect(told(book)[0]).toMatchObject({
      level: 'care',
      title: 'Flat bread is not ready by Lunch (11:50)',
    });
    expect(told(book)[0]!.detail).toBe(
      'It takes 1 h 42 min with its waits. It would have to begin by 09:45.',
    );
    expect(mends(book)).toEqual([
      'Begin it in Table time (09:40)',
      'Begin it the day before, then 10 h or more in the cold',
      'Make Flat bread beforehand, without the children',
      'Move it to Day 1',
    ]);
  });
  test('the evening before: the first step is a task of making ready, the rest is laid into the day', () => {
    const book = bookWith(bread('groups'), over({ stepsBefore: 1 }), ...yard());
    expect(told(book)).toEqual([]);
    expect(clock(onDay(book)[0]!)[0]).toBe('Shape 10:25 10:35 10:35');
    const tasks = read(book, TEST_UNIT, A_MONDAY).ready.entries.filter(({ task }) => task.kind === 'cook');
    expect(
      tasks.map(({ task, slot, state }) => [task.text, task.minutes, task.waitMinutes, slot?.name, state]),
    ).toEqual([['Cook Flat bread', 20, 600, 'Evening', 'laid']]);
  });
  test('what is bought for it is bought before it is begun', () => {
    const book = bookWith(bread('groups'), over({ stepsBefore: 1 }), ...yard());
    const { entries } = read(book, TEST_UNIT, A_MONDAY).ready;
    const [shop] = entries.filter(({ task }) => task.kind === 'shop');
    const [cook] = entries.filter(({ task }) => task.kind === 'cook');
    expect(shop?.state).toBe('laid');
    expect(cook?.task.needs.map(({ taskId }) => taskId)).toEqual([shop?.task.id]);
    // In a time before, or first in the same one.
    expect(shop!.slot!.from).toBeLessThanOrEqual(cook!.slot!.from);
  });
  test('beforehand it is all making ready, and the day knows nothing of it', () => {
    const book = bookWith(bread('groups'), over({ when: 'beforehand' }));
    expect(onDay(book)).toEqual([]);
    expect(
      read(book, TEST_UNIT, A_MONDAY).ready.entries.filter(({ task }) => task.kind === 'cook').length,
    ).toBe(1);
  });
  test('while they sleep an adult does all of it in that time', () => {
    const book = bookWith(bread('groups'), over({ when: 'asleep' }));
    // An hour of nap: it would be shaped when they are awake.
    expect(clock(onDay(book)[0]!)).toEqual([]);
    expect(told(book)[0]!.title).toContain('is not ready by');
  });
});

test('what a try beforehand gave stands on the card, the newest of them', () => {
  const tried = (id: string, madeOn: string, rest: object): ChangeInput => ({
    type: 'kitchen/put-batch',
    batch: {
      ...{ id, recipeId: 'bread', madeOn: madeOn as never, amount: 2, unit: 'piece', trial: true },
      ...rest,
    } as never,
  });
  const cardIn = (book: Book): MadeCard => {
    const { placements, circles, frame } = read(book, TEST_UNIT, A_MONDAY);
    const session = sessionsOf(placements[0]!, frame)[0]!;
    return madeCards(book, session, { placements, circles, frame })[0]!;
  };
  expect(cardIn(bookWith(bread('groups'))).tried).toBeNull();
  const book = bookWith(
    bread('groups'),
    tried('one', '2027-03-02', { found: '18 minutes in the oven' }),
    tried('two', '2027-03-04', { found: '15 minutes', note: 'Thinner is better' }),
    tried('three', '2027-03-05', {}),
  );
  expect(cardIn(book).tried).toBe('Tried on Thu 4 March with 2 pieces: 15 minutes. Thinner is better.');
});

const ALL_DAY = Object.fromEntries([1, 2, 3, 4, 5].map((day) => [day, ['morning', 'afternoon']]));

describe('a circle that is prolonged', () => {
  // Three minutes for each of its pieces.
  const talk = (id: string, minutes: number) => aPiece(id, `a${id}`, { minutes: minutes as never });
  const morning = (minutes: number) =>
    bookWith(bread('table'), over({ readyBy: '11:25' as never }), talk('one', 10), talk('two', minutes));

  test('pushes what comes after it, and a shorter one is offered', () => {
    expect(told(morning(10))).toEqual([]);
    const long = morning(45);
    // Circle until 10:05, then forty minutes at the table from there.
    expect(told(long)[0]).toMatchObject({ title: 'Flat bread is not ready by 11:25' });
    expect(mends(long)[0]).toMatch(/^A shorter Circle time: /);
  });
});

describe('several at once', () => {
  const show = (groups: number, adults: number) => {
    const demo = { ...BREAD, id: 'demo', title: 'Rising water', kind: 'science', cooked: false, swaps: [] };
    const recipe = { ...demo, steps: [step({ minutes: 15 })], yields: { amount: 500, unit: 'mL' } };
    const people = ['mara', 'wren'].slice(0, adults).map((id): ChangeInput => ({
      type: 'house/put-person',
      person: { id, name: id, role: 'assistant', work: ALL_DAY } as never,
    }));
    return bookWith(
      ...people,
      { type: 'library/put-recipe', recipe } as never,
      recipeInPlan(
        recipeSchema.parse(recipe),
        TEST_UNIT,
        { kind: 'day', day: 2, blockId: 'table' } as never,
        'p' as never,
      ),
      over({ recipeId: 'demo', for: 'group', groups }),
    );
  };
  const runs = (book: Book) =>
    onDay(book).map((one) => [one.group, one.steps[0] ? formatMinutes(one.steps[0].from) : null]);

  test('two groups go one after the other with one adult, at once with two', () => {
    expect(runs(show(2, 1))).toEqual([
      [1, '09:40'],
      [2, '09:55'],
    ]);
    expect(runs(show(2, 2))).toEqual([
      [1, '09:40'],
      [2, '09:40'],
    ]);
    expect(runs(show(3, 1))).toContainEqual([3, null]);
    expect(told(show(3, 1))[0]!.title).toBe(
      'Rising water, group 3 is not ready by the end of Morning (12:30)',
    );
  });
});
