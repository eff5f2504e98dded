import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { shareSchema, shareClosedBecause } from '../../handover/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { factsOf } from '../ground/finding.ts';
import { read } from '../answers/read.ts';
import { handoverSchema } from './handover-schema.ts';
import { project } from './project.ts';
import { mayTick, mayWrite } from './scope.ts';

const share = shareSchema.parse({
  id: 'link',
  unitId: TEST_UNIT,
  label: 'Sol',
  fromDay: 2,
  toDay: 4,
  lastDate: null,
  revokedAt: null,
});

const book = testBook(
  aCorner('a'),
  aChild('ada', '2024-01-01', {
    name: 'Ada Brook',
    shownAs: 'Ada',
    allergies: [{ allergen: 'milk', words: 'PRIVATE WORDS' }],
  }),
  aSupply('yogurt', { unit: 'g', allergens: ['milk'], keptIn: 'Fridge' }),
  anActivity('paint', { materials: [aMaterial('yogurt', 30)], steps: [{ text: 'Stir it.' }] }),
  inCorner('p', 'paint', 'a', 1, 3),
  onDay('q', 'paint', 4),
  onDay('hidden', 'paint', 5),
);

describe('what a link shows', () => {
  const view = project(book, share, A_MONDAY);

  test('is its days, with who comes, what each does, with what, and whom to watch for', () => {
    expect(view.days.map((day) => [day.number, day.items.map((item) => item.placementId)])).toEqual([
      [2, ['p']],
      [3, ['p']],
      [4, ['q']],
    ]);
    expect(view.days[0]).toMatchObject({ dateText: 'Tue 9 March', children: ['Ada'] });
    expect(view.days[2]?.items[0]).toMatchObject({
      place: 'Table time',
      start: '09:30',
      versions: [{ children: ['Ada'], does: 'plays paint', word: '', sign: '', fact: '' }],
      things: [{ name: 'yogurt', amount: '30 g', keptIn: 'Fridge', ticked: null }],
      cautions: [{ level: 'stop', text: 'Ada: milk in yogurt. Ask before setting this out.' }],
    });
  });

  test('passes its own allow-list, which knows no other field', () => {
    expect(handoverSchema.parse(view)).toEqual(view);
    expect(handoverSchema.safeParse({ ...view, birth: '2024-01-01' }).success).toBe(false);
  });

  test('has neither family names nor the words of the family', () => {
    expect(JSON.stringify(view)).not.toMatch(/Brook|PRIVATE|2024-01-01/);
  });

  test('carries the ticks', () => {
    const ticked = after(book, {
      type: 'daybook/tick',
      subject: { placementId: 'q', day: 4, supplyId: 'yogurt' },
    });
    const item = project(ticked, share, A_MONDAY).days[2]?.items[0];
    expect([item?.ticked, item?.things[0]?.ticked]).toEqual([null, { by: 'Mara' }]);
  });

  test('lets only what it shows be ticked', () => {
    const subject = (placementId: string, day: number, supplyId: string | null = null) =>
      mayTick(view, { placementId, day, supplyId } as never);
    expect([subject('p', 2), subject('p', 3, 'yogurt'), subject('q', 4)]).toEqual([true, true, true]);
    expect([subject('p', 1), subject('hidden', 5), subject('p', 4), subject('p', 2, 'flour')]).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
});

const HIDDEN_WORD = fc.integer({ min: 0, max: 1e9 }).map((n) => `SECRET${n}`);

/** A book in which a mark stands in every text of whatever a link to some days must not show. */
function withHidden(mark: string, fromDay: number, toDay: number): Book {
  const outside = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].filter((day) => day < fromDay || toDay < day);
  const inside = Math.max(1, fromDay);
  return after(
    book,
    aSupply('unused', { name: mark, keptIn: mark, notes: mark }),
    anActivity('elsewhere', {
      title: mark,
      summary: mark,
      steps: [{ text: mark }],
      spillKit: mark,
      source: mark,
      versions: [aVersion(0, null, { does: mark, say: mark, word: mark, sign: mark, fact: mark })],
    }),
    {
      type: 'unit/start',
      unit: { id: 'other', title: mark, style: 'theme', start: '2027-03-08', dayCount: 10 },
    },
    { ...onDay('other-p', 'elsewhere', 3), unitId: 'other' },
    ...outside.map((day) => onDay(`out-${day}`, 'elsewhere', day)),
    aChild('bo', '2022-01-01', {
      name: `Bo ${mark}`,
      shownAs: 'Bo',
      notes: mark,
      allergies: [{ allergen: 'egg', words: mark }],
    }),
    aChild('never-here', '2022-01-01', { name: mark, shownAs: mark, attendance: {} }),
    { type: 'house/put-person', person: { id: 'wren', name: mark, role: 'assistant' } },
    { type: 'house/put-closure', closure: { id: 'c', from: '2027-05-01', to: '2027-05-01', why: mark } },
    {
      type: 'share/make',
      share: { id: 'their-link', unitId: TEST_UNIT, label: mark, fromDay: 1, toDay: 1, lastDate: null },
    },
    // What was written in the daybook, what goes home, and what others wrote or timed is the provider's.
    {
      type: 'daybook/record',
      record: { unitId: TEST_UNIT, placementId: 'p', day: inside, outcome: 'lost', note: mark },
    },
    {
      type: 'daybook/note',
      note: { id: 'n', unitId: TEST_UNIT, day: inside, placementId: null, kind: 'note', text: mark },
    },
    {
      type: 'handover/put-letter',
      letter: { id: 'l', unitId: TEST_UNIT, subject: mark, text: mark, to: [] },
    },
    {
      type: 'kitchen/start-timer',
      timer: {
        id: 't',
        label: mark,
        startedAt: '2027-03-08T12:00:00.000Z',
        endsAt: '2027-03-08T12:05:00.000Z',
      },
    },
    ...outside.map((day): ChangeInput => ({
      type: 'unit/put-line',
      line: {
        id: `line-${day}`,
        unitId: TEST_UNIT,
        kind: 'note',
        day,
        words: mark,
        order: `b${String(day).padStart(2, '0')}V`,
      },
    })),
    ...outside.map((day): ChangeInput => ({
      type: 'unit/put-event',
      event: {
        id: `event-${day}`,
        unitId: TEST_UNIT,
        title: mark,
        when: { kind: 'day', day },
        plan: [{ start: '09:00', text: mark }],
      },
    })),
  );
}

test('no text of anything hidden occurs in any projection', () => {
  fc.assert(
    fc.property(
      HIDDEN_WORD,
      fc.integer({ min: 1, max: 10 }),
      fc.integer({ min: 0, max: 9 }),
      (mark, fromDay, length) => {
        const toDay = Math.min(10, fromDay + length);
        const hidden = withHidden(mark, fromDay, toDay);
        const shown = project(hidden, { ...share, fromDay, toDay }, A_MONDAY);
        expect(JSON.stringify(shown)).not.toContain(mark);
      },
    ),
    { numRuns: 40 },
  );
});

test('a link to the groups of one person shows nothing of what others lead, nor their children', () => {
  fc.assert(
    fc.property(
      HIDDEN_WORD,
      fc.integer({ min: 1, max: 4 }),
      fc.subarray(['ada', 'tove', 'eli']),
      (mark, day, own) => {
        const wishes = { wontTouch: ['hers'], helps: [{ kind: 'grip' as const, words: mark }] };
        const hidden = after(
          withHidden(mark, day, day),
          { type: 'house/put-person', person: { id: 'sol', name: 'Sol', role: 'assistant' } },
          { type: 'house/put-person', person: { id: 'mara', name: 'Mara', role: 'provider' } },
          ...['tove', 'eli'].map((id) => aChild(id, '2022-01-01')),
          // Whoever is in no group of hers is named by the mark.
          ...['ada', 'tove', 'eli']
            .filter((id) => !own.includes(id))
            .map((id) =>
              aChild(id, '2022-06-01', { name: `${mark} ${id}`, shownAs: `${mark} ${id}`, ...wishes }),
            ),
          aChild('bo', '2022-06-01', { name: mark, shownAs: mark, ...wishes }),
          anActivity('hers', { title: 'Hers' }),
          onDay('led', 'hers', day),
          onDay('not-hers', 'elsewhere', day),
          inCorner('not-hers-out', 'elsewhere', 'a', 1, 10),
          {
            type: 'handover/lead',
            leading: {
              unitId: TEST_UNIT,
              placementId: 'led',
              day,
              groups: [
                { personId: 'sol', childIds: own },
                { personId: 'mara', childIds: [] },
              ],
            },
          },
          {
            type: 'unit/put-line',
            line: { id: 'today', unitId: TEST_UNIT, kind: 'note', day, words: mark, order: 'a1' },
          },
        );
        const link = {
          ...share,
          fromDay: day,
          toDay: day,
          scope: 'stations' as const,
          personId: 'sol' as never,
        };
        const shown = project(hidden, link, A_MONDAY);
        const text = JSON.stringify(shown);
        // An empty group of hers takes nobody: the open one is the other.
        if (own.length > 0) {
          expect(text).not.toContain(mark);
          expect(shown.days[0]?.items.map(({ title }) => title)).toEqual(['Hers']);
          const names = own.map((id) => (id === 'ada' ? 'Ada' : id));
          expect(shown.days[0]?.children.toSorted()).toEqual(names.toSorted());
        }
        expect([
          mayWrite(shown, day, null),
          mayWrite(shown, day, 'not-hers' as never),
          mayWrite(shown, day + 1, null),
        ]).toEqual([true, false, false]);
      },
    ),
    { numRuns: 30 },
  );
});

test('a link opens until its last date, and not after it was taken back', () => {
  const until = { ...share, lastDate: plainDay('2027-03-12') };
  expect(shareClosedBecause(share, plainDay('2030-01-01'))).toBeNull();
  expect(shareClosedBecause(until, plainDay('2027-03-12'))).toBeNull();
  expect(shareClosedBecause(until, plainDay('2027-03-13'))).toBe('expired');
  expect(shareClosedBecause({ ...share, revokedAt: '2027-03-08T00:00:00.000Z' }, A_MONDAY)).toBe('revoked');
});

describe('what is kept and what asks for care', () => {
  const cared = testBook(
    aCorner('a'),
    aChild('ada', '2025-01-01', { name: 'Ada Brook', shownAs: 'Ada', mouthsThings: true }),
    aSupply('beads', {
      category: 'paper-and-card',
      properties: { film: false, loosePart: { acrossMm: 9, longMm: 9, material: 'firm' } },
    }),
    aSupply('cape', {
      category: 'paper-and-card',
      properties: { loosePart: 'none', film: false, roundNeck: true },
    }),
    anActivity('dress', { materials: [aMaterial('beads', 1), aMaterial('cape', 1)] }),
    inCorner('p', 'dress', 'a', 1, 1),
  );
  const stop = read(cared, TEST_UNIT, A_MONDAY).headsUps.find(({ level }) => level === 'stop')!;
  const kept = after(cared, {
    type: 'unit/keep-finding',
    keeping: { id: 'k', unitId: TEST_UNIT, key: stop.key, facts: factsOf(stop), why: 'Strung for Ada Brook' },
  });

  test('goes to whoever is with it that day, with the names that assistants know', () => {
    expect(project(kept, { ...share, fromDay: 1 }, A_MONDAY).days[0]?.items[0]?.cautions).toEqual([
      { level: 'care', text: 'Care: Round neck or face: Ada. No ties round the neck, eyes clear.' },
      {
        level: 'stop',
        text: 'Stop: Small parts: Ada. Use a larger version, or let them do something else. Kept by Mara: Strung for Ada',
      },
    ]);
  });
});

describe('what stays with whoever keeps the money', () => {
  test('is shopping, ordering, asking families, borrowing and collecting', () => {
    const got = ['bought', 'families', 'borrowed', 'collected'] as const;
    const all = testBook(
      {
        type: 'house/put-home',
        home: {
          ...TEST_HOME,
          prepSlots: [
            {
              id: 'evening',
              name: 'Evening',
              start: '19:00',
              minutes: Object.fromEntries(['1', '2', '3', '4', '5', '6', '7'].map((day) => [day, 300])),
            },
          ],
        },
      },
      aChild('bo', '2022-01-01'),
      ...got.map((way) => aSupply(`by-${way}`, { got: way, arrivesInDays: way === 'bought' ? 1 : 0 })),
      aSupply('ordered', { got: 'bought', arrivesInDays: 3 }),
      anActivity('use', {
        mode: 'whole-group',
        prep: [{ id: 'cut', text: 'Cut strips', minutes: 5 }],
        materials: [...got.map((way) => aMaterial(`by-${way}`, 1)), aMaterial('ordered', 1)],
      }),
      onDay('u', 'use', 10),
    );
    const kinds = new Set(read(all, TEST_UNIT, A_MONDAY).ready.entries.map(({ task }) => task.kind));
    expect([...kinds].toSorted()).toEqual(
      expect.arrayContaining(
        ['ask', 'borrow', 'collect', 'prep', 'shop'].filter((kind) => kinds.has(kind as never)),
      ),
    );
    expect(kinds.has('borrow')).toBe(true);
    const whole = project(all, { ...share, fromDay: 1, toDay: 10 }, A_MONDAY);
    const shown = new Set(whole.days.flatMap(({ ready }) => ready.map(({ taskId }) => taskId as string)));
    for (const { task } of read(all, TEST_UNIT, A_MONDAY).ready.entries) {
      const isGetting = ['shop', 'order', 'ask', 'borrow', 'collect'].includes(task.kind);
      if (isGetting) expect([task.kind, shown.has(task.id)]).toEqual([task.kind, false]);
    }
    expect(shown.has('u:cut')).toBe(true);
  });
});

describe('what may hold traces of something', () => {
  test('is told to whoever is with it', () => {
    const traces = testBook(
      aCorner('a'),
      aChild('ada', '2024-01-01', { allergies: [{ allergen: 'milk', words: 'traces too' }] }),
      aSupply('crackers', { category: 'food', mayContain: ['milk'], labelCheckedOn: '2027-03-01' as never }),
      anActivity('snack', { materials: [aMaterial('crackers', 1)] }),
      inCorner('p', 'snack', 'a', 1, 3),
    );
    expect(read(traces, TEST_UNIT, A_MONDAY).headsUps.map(({ rule }) => rule)).toContain('may-contain');
    const [item] = project(traces, share, A_MONDAY).days[0]!.items;
    expect(item?.cautions.some(({ text }) => /trace|may/i.test(text))).toBe(true);
  });
});

describe('what is made ready', () => {
  const week = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, 60]));
  const cut = { prep: [{ id: 'cut', text: 'Cut strips', minutes: 10 }] };
  const made = after(
    book,
    {
      type: 'house/put-home',
      home: { ...TEST_HOME, prepSlots: [{ id: 'nap', name: 'Nap time', start: '13:00', minutes: week }] },
    },
    anActivity('strips', { mode: 'whole-group', ...cut }),
    anActivity('SECRET', { mode: 'whole-group', prep: [{ id: 'cut', text: 'SECRET CUT', minutes: 10 }] }),
    onDay('s', 'strips', 4, 'groups'),
    onDay('later', 'SECRET', 5, 'groups'),
  );
  const view = project(made, share, A_MONDAY);

  test('stands on the day on which it is done, for days that the link shows and no others', () => {
    const tasks = view.days.map(({ number, ready }) => [number, ready.map(({ taskId }) => taskId)]);
    expect(tasks).toEqual([
      [2, []],
      [3, ['s:cut', 'kites:set-out:4']],
      [4, []],
    ]);
    expect(JSON.stringify(view)).not.toContain('SECRET');
  });

  test('is shown for the first and the last day of the link, and for none beside them', () => {
    const done = after(made, { type: 'ready/done', unitId: TEST_UNIT, taskId: 's:cut' });
    const shownFor = (fromDay: number, toDay: number) =>
      project(done, { ...share, fromDay, toDay }, A_MONDAY).days.some(({ ready }) =>
        ready.some(({ taskId }) => (taskId as string) === 's:cut'),
      );
    expect([shownFor(4, 4), shownFor(3, 4), shownFor(4, 5), shownFor(3, 3), shownFor(5, 6)]).toEqual([
      true,
      true,
      true,
      false,
      false,
    ]);
  });

  test('is ticked by whoever sees it', () => {
    expect(mayTick(view, { taskId: 's:cut' as never })).toBe(true);
    expect(mayTick(view, { taskId: 'later:cut' as never })).toBe(false);
    const done = after(made, { type: 'ready/done', unitId: TEST_UNIT, taskId: 's:cut' });
    const there = project(done, share, A_MONDAY).days[2]?.ready;
    expect(there).toEqual([
      {
        taskId: 's:cut',
        text: 'Cut strips',
        forWhat: 'strips',
        when: 'done',
        who: null,
        minutes: 10,
        ticked: { by: 'Mara' },
      },
    ]);
  });
});

test('what a child will not touch, and what helps it, is told where it is met', () => {
  const known = after(
    book,
    aChild('bo', '2023-01-01', {
      name: 'Bo Lark',
      shownAs: 'Bo',
      wontTouch: ['cold yogurt'],
      helps: [{ kind: 'seat', words: 'by the window' }],
    }),
  );
  const day = project(known, share, A_MONDAY).days[0]!;
  expect(day.items[0]!.cautions.map(({ text }) => text)).toContain(
    'Care: Bo will not touch cold yogurt. Have a tool, a glove or a bag around it ready. Watching counts, too: nobody has to touch it.',
  );
  expect(day.lines).toContainEqual({ blockId: null, text: 'Helps Bo: by the window' });
});
