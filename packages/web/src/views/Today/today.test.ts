// @vitest-environment happy-dom
import { plainDay, type Book, type ChangeInput, type UnitId } from '@kobby/core';
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import {
  A_MONDAY,
  aChild,
  after,
  anActivity,
  aVersion,
  inReserve,
  onDay,
  recorded,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import TodayView from './TodayView.vue';

/** Half past nine in the morning by the clock of the test home. */
const HALF_PAST_NINE = Date.parse('2027-03-08T15:35:00Z');

const book = testBook(
  aChild('ada', '2024-01-01', { name: 'Ada Brook' }),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh' }),
  anActivity('paint', {
    adult: 'tied',
    versions: [aVersion(0, null, { does: 'paints', say: 'Which blue?' })],
  }),
  anActivity('mirror', { adult: 'alone' }),
  anActivity('kite', { keepsake: true }),
  onDay('p', 'paint', 1, 'table'),
  onDay('q', 'mirror', 1, 'late'),
  inReserve('r', 'mirror'),
);

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'] });
  vi.setSystemTime(HALF_PAST_NINE);
});
afterEach(() => {
  shown?.unmount();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

let shown: VueWrapper | null = null;
async function open(of: Book, today = A_MONDAY) {
  const desk = await openDesk(of, today);
  const page = desk.alone(TodayView);
  shown = page;
  return { ...desk, page, text: () => page.text().replace(/\s+/g, ' ') };
}

describe('today', () => {
  test('shows what is on by the clock of the home, who does what, and what comes', async () => {
    const { text } = await open(book);
    expect(text()).toContain('Now · Table time, until about 10:00');
    expect(text()).toContain('Ada Brook, Bo Marsh');
    expect(text()).toContain('paints “Which blue?”');
    expect(text()).toContain('15:00After rest mirror');
  });

  test('a child is tapped in and out, and whoever is not here gets nothing to do', async () => {
    const { page, store, text } = await open(book);
    await page.get('[data-test="here-ada"]').trigger('click');
    expect(store.book.arrivals[`${A_MONDAY}:ada`]?.inAt).not.toBeNull();
    expect(text()).toContain('1 here of 2');
    expect(page.get('[data-test="thing-p"]').text()).not.toContain('Bo Marsh');
    await page.get('[data-test="here-ada"]').trigger('click');
    expect(text()).toContain('went home');
  });

  test('how it went is one touch; not finished comes again, as a step that can be undone', async () => {
    const { page, store, text } = await open(book);
    await page.get('[data-test="record-loved"]').trigger('click');
    expect(store.book.records['p:1']).toMatchObject({ outcome: 'loved', unfinished: false });
    await page.get('[data-test="record-unfinished"]').trigger('click');
    expect(store.book.records['p:1']).toMatchObject({ outcome: 'loved', unfinished: true });
    expect(text()).toContain('It comes again on Day 2.');
    store.undo();
    expect(Object.values(store.book.placements).filter(({ originId }) => originId === 'paint')).toHaveLength(
      1,
    );
    expect(store.book.records['p:1']?.unfinished).toBe(true);
  });

  test('a planned test is begun with its ways; what each child guessed and tried is kept with how it went', async () => {
    const rain = anActivity('paint', {
      test: {
        question: 'Which keeps the rain out?',
        ways: [{ label: 'wool' }, { label: 'paper', tried: 4 }],
      },
    });
    const { page, store, text } = await open(
      testBook(aChild('ada', '2022-01-01'), rain, onDay('p', 'paint', 1, 'table')),
    );
    expect(text()).toContain('A test: Which keeps the rain out?');
    expect(text()).toContain('Tried beforehand: paper 4 s.');
    await page.get('[data-test="record-more"]').trigger('click');
    await flushPromises();
    const sheet = document.body;
    const cells = sheet.querySelectorAll<HTMLInputElement>('[data-test="result"] input');
    expect([...cells].map((cell) => cell.getAttribute('aria-label'))).toEqual(['ada: wool', 'ada: paper']);
    const type = async (index: number, typed: string) => {
      const cell = sheet.querySelectorAll<HTMLInputElement>('[data-test="result"] input')[index]!;
      cell.value = typed;
      cell.dispatchEvent(new Event('change', { bubbles: true }));
      await flushPromises();
    };
    await type(0, '12 twelve');
    expect(sheet.textContent).toContain('“twelve” is not a number');
    await type(0, '12 9,5');
    await type(1, '3');
    expect(sheet.textContent).toContain('wool: 10.8 s in the middle of 2 tries, 9.5 to 12 s.');
    sheet.querySelector('#record-sheet')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await flushPromises();
    expect(store.book.records['p:1']?.test).toMatchObject({
      question: 'Which keeps the rain out?',
      own: [
        { childId: 'ada', tryIndex: 0, results: [12, 9.5] },
        { childId: 'ada', tryIndex: 1, results: [3] },
      ],
    });
  });

  test('when everyone is tired the easy thing comes forward in one press, and goes back in another', async () => {
    const { page, store, text } = await open(book);
    await page.get('[data-test="because-tired"]').trigger('click');
    expect(text()).toContain('mirror instead of paint');
    await page.get('[data-test="offer"] .take').trigger('click');
    expect(store.book.placements.r?.where).toMatchObject({ kind: 'day', day: 1 });
    await page.get('[role="status"] .text').trigger('click');
    expect(store.book.placements.r?.where).toEqual({ kind: 'reserve' });
  });

  test('who was away when a keepsake was made is offered it on a day that they are here', async () => {
    const missed = after(book, onDay('k', 'kite', 1, 'groups'), {
      type: 'house/put-absence',
      absence: { id: 'a', childId: 'bo', from: A_MONDAY, to: A_MONDAY, parts: [] },
    });
    const { page, store, text } = await open(missed, plainDay('2027-03-09'));
    expect(text()).toContain('Bo Marsh is here today and lacks it');
    await page.get('[data-test="keepsake-k"] li button').trigger('click');
    expect(store.book.keepsakes['k:bo']?.has).toBe(true);
    expect(text()).toContain('Everyone has theirs.');
  });

  test('words from the room stand with who wrote them; a note of one’s own is kept', async () => {
    const call: ChangeInput = {
      type: 'daybook/note',
      note: {
        id: 'n' as never,
        unitId: TEST_UNIT,
        day: 1,
        placementId: 'p' as never,
        kind: 'help',
        text: 'More tape',
      },
    };
    const { page, store, text } = await open(after(book, call));
    expect(text()).toContain('Needs help More tape Mara');
    await page.get('input[name="note"]').setValue('Boots tomorrow');
    await page.get('[data-test="words"] + form').trigger('submit');
    expect(Object.values(store.book.notes).map((note) => note.text)).toContain('Boots tomorrow');
  });

  test('on a day without a unit it says what is next', async () => {
    const { text } = await open(book, plainDay('2027-03-06'));
    expect(text()).toContain('No program day today');
    expect(text()).toContain('Next is Kites from Mon 8 March');
    const idea = after(book, {
      type: 'unit/revise',
      unit: { ...book.units[TEST_UNIT]!, id: TEST_UNIT as UnitId, start: null },
    });
    expect((await open(idea)).text()).toContain('No unit is planned for the days ahead.');
  });
});

test('a step that this week speaks for is noted by two touches, and nothing is looked for before the first', async () => {
  const { page, store } = await open(
    after(
      book,
      anActivity('cut', { mode: 'whole-group', skills: ['cutting'] }),
      ...[1, 2, 3].flatMap((day) => [onDay(`c${day}`, 'cut', day), recorded(`c${day}`, day, 'loved')]),
    ),
    plainDay('2027-03-10'),
  );
  expect(page.find('[data-test="fresh-steps"]').exists()).toBe(false);
  const details = page.get<HTMLDetailsElement>('[data-test="rungs"]');
  details.element.open = true;
  await details.trigger('toggle');
  const first = page.get('[data-test="fresh-steps"] li');
  expect(first.text()).toContain('cutting3 times in the hardest version, last on Wed 10 March');
  await first.get('button').trigger('click');
  const noted = Object.values(store.book.children).filter(({ rungs }) => 'cutting' in rungs);
  expect(noted.map(({ rungs }) => rungs)).toEqual([{ cutting: 'sure' }]);
});

test('a day before is told of from today: how it went, not who comes', async () => {
  const { page, store, text } = await open(book, plainDay('2027-03-09'));
  expect(text()).not.toContain('Tell of Tue 9');
  await page.get('[data-test="day-before"]').trigger('click');
  expect(text()).toContain('Mon 8 March');
  expect(page.find('[data-test="here-ada"]').exists()).toBe(false);
  await page.get('[data-test="record-loved"]').trigger('click');
  expect(store.book.records['p:1']).toMatchObject({ outcome: 'loved', day: 1 });
  expect(page.find('[aria-label^="Timer of"]').exists()).toBe(false);
  expect(page.find('[data-test="day-before"]').exists()).toBe(false);
  await page
    .findAll('button')
    .find((one) => one.text() === 'Back to today')!
    .trigger('click');
  expect(text()).toContain('Tell of');
});
