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
import { factsOf } from '../finding.ts';
import { read } from '../read.ts';
import { handoverSchema, mayTick, project } from './project.ts';

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

test('no text of anything hidden occurs in any projection', () => {
  const secret = fc.integer({ min: 0, max: 1e9 }).map((n) => `SECRET${n}`);
  fc.assert(
    fc.property(
      secret,
      fc.integer({ min: 1, max: 10 }),
      fc.integer({ min: 0, max: 9 }),
      (mark, fromDay, length) => {
        const toDay = Math.min(10, fromDay + length);
        const outside = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].filter((day) => day < fromDay || toDay < day);
        const hide = (base: Book, change: ChangeInput): Book => after(base, change);
        let hidden = hide(book, aSupply('unused', { name: mark, keptIn: mark }));
        hidden = hide(
          hidden,
          anActivity('elsewhere', {
            title: mark,
            summary: mark,
            steps: [{ text: mark }],
            versions: [aVersion(0, null, { does: mark, say: mark, word: mark, sign: mark, fact: mark })],
          }),
        );
        hidden = hide(hidden, {
          type: 'unit/start',
          unit: { id: 'other', title: mark, style: 'theme', start: '2027-03-08', dayCount: 10 },
        });
        hidden = hide(hidden, { ...onDay('other-p', 'elsewhere', 3), unitId: 'other' });
        for (const day of outside) hidden = hide(hidden, onDay(`out-${day}`, 'elsewhere', day));
        hidden = hide(
          hidden,
          aChild('bo', '2022-01-01', {
            name: `Bo ${mark}`,
            shownAs: 'Bo',
            allergies: [{ allergen: 'egg', words: mark }],
          }),
        );
        hidden = hide(
          hidden,
          aChild('never-here', '2022-01-01', { name: mark, shownAs: mark, attendance: {} }),
        );
        hidden = hide(hidden, {
          type: 'house/put-person',
          person: { id: 'wren', name: mark, role: 'assistant' },
        });
        hidden = hide(hidden, {
          type: 'house/put-closure',
          closure: { id: 'c', from: '2027-05-01', to: '2027-05-01', why: mark },
        });
        hidden = hide(hidden, {
          type: 'share/make',
          share: { id: 'their-link', unitId: TEST_UNIT, label: mark, fromDay: 1, toDay: 1, lastDate: null },
        });
        expect(JSON.stringify(project(hidden, { ...share, fromDay, toDay }, A_MONDAY))).not.toContain(mark);
      },
    ),
    { numRuns: 40 },
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
