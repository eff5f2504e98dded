// @vitest-environment happy-dom
import { placementAt, type Book, type ChangeInput } from '@kobby/core';
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, test, vi } from 'vitest';
import type { Component } from 'vue';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  testBook,
} from '../../../../core/src/testing/home.ts';
import RetireButtons from '../../parts/RetireButtons.vue';
import { openDesk } from '../../testing/desk.ts';
import ChildrenView from '../Children/ChildrenView.vue';
import CupboardView from '../Cupboard/CupboardView.vue';
import LibraryView from '../Library/LibraryView.vue';
import PeopleView from '../People/PeopleView.vue';
import RulesView from '../Rules/RulesView.vue';
import ShelfView from '../Shelf/ShelfView.vue';

// Sheets slide in over the page; here they only have to be there.
let page: VueWrapper | null = null;
afterEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

const counted = (supplyId: string, amount: number): ChangeInput => ({
  type: 'cupboard/record-stock',
  move: { id: `count-${supplyId}`, supplyId, kind: 'counted', amount, at: '2027-03-01T12:00:00.000Z' },
});
const home = testBook(
  aChild('ada', '2026-05-20', { name: 'Ada Brook' }),
  aChild('bo', '2022-09-02', { name: 'Bo Marsh', attendance: {} }),
  aSupply('flour', { name: 'Plain flour', unit: 'g', lowMark: 500 }),
  counted('flour', 400),
  aSupply('sticks', { name: 'Craft sticks' }),
  counted('sticks', 80),
  aCorner('a', { name: 'Blocks' }),
  aCorner('b', { name: 'Easel', standingKit: [{ supplyId: 'sticks', amount: 2 }] }),
  anActivity('kite', { title: 'Kite repair', materials: [aMaterial('sticks', 2)], versions: [aVersion(12)] }),
  anActivity('match', {
    title: 'Match the {things}',
    slots: [{ id: 'things', asks: 'Which?', kind: 'thing' }],
  }),
  inCorner('p', 'kite', 'a', 1, 3),
  {
    type: 'house/put-person',
    person: { id: 'mara', name: 'Mara', role: 'provider', work: { '1': ['morning'] }, mayLead: ['heat'] },
  },
);

async function look(view: Component, book: Book = home, at = '/') {
  const desk = await openDesk(book);
  await desk.router.push(at);
  page = desk.alone(view);
  await flushPromises();
  return { ...desk, page };
}
const press = async (text: string): Promise<void> => {
  const button = [...document.querySelectorAll<HTMLElement>('button')].find((one) =>
    one.textContent?.includes(text),
  );
  if (!button) throw new Error(`nothing to press says ${text}`);
  button.click();
  await flushPromises();
};
async function write(name: string, text: string): Promise<void> {
  const field = document.querySelector<HTMLInputElement>(`[name="${name}"]`)!;
  field.value = text;
  field.dispatchEvent(new Event('input', { bubbles: true }));
  field.dispatchEvent(new Event('change', { bubbles: true }));
  await flushPromises();
}
const body = (): string => document.body.textContent!;

describe('children', () => {
  test('are listed with what matters, the youngest first', async () => {
    const { page: view } = await look(ChildrenView);
    expect(
      view.findAll('[data-test="children"] li').map((row) => row.text().replaceAll(/\s+/g, ' ')),
    ).toEqual([
      expect.stringMatching(/^Ada Brook\s?9 months\s?Mon Tue Wed Thu Fri\s?new to bins/),
      expect.stringMatching(/^Bo Marsh\s?4 y 6 m\s?no days yet/),
    ]);
    expect(view.get('[data-test="house-notes"]').text()).toContain('Bo Marsh has no days');
  });

  test('are counted through the days ahead, closed ones named', async () => {
    const closed = after(home, {
      type: 'house/put-closure',
      closure: { id: 'c', from: '2027-03-09', to: '2027-03-09', why: 'Cleaning' },
    });
    const { page: view } = await look(ChildrenView, closed);
    expect(view.get('[aria-label="The days ahead"]').text().replaceAll(/\s+/g, ' ')).toMatch(
      /Mon 8\s?07:30 to 12:30: 1 child, 1 adult Tue 9\s?closed: Cleaning\s?Wed 10\s?07:30 to 12:30: 1 child, 0 adults/,
    );
  });

  test('are changed field by field, each kept as it is left', async () => {
    const { store } = await look(ChildrenView);
    await press('Bo Marsh');
    await write('name', 'Bo March');
    expect(store.book.children.bo?.name).toBe('Bo March');
    await write('birth', '2031-01-01');
    expect(body()).toContain('This day is still to come');
    expect(store.book.children.bo?.birth).toBe('2022-09-02');
    await write('birth', '2022-09-03');
    expect(store.book.children.bo?.birth).toBe('2022-09-03');
    store.undo();
    store.undo();
    expect(store.book.children.bo?.name).toBe('Bo Marsh');
  });

  test('a new one follows the name with what assistants see, and is kept by its button', async () => {
    const { store } = await look(ChildrenView);
    await press('A child');
    await write('name', 'Uma Reed');
    await press('Keep');
    expect(body()).toContain('There is no such day');
    await write('birth', '2023-04-05');
    await press('Keep');
    expect(Object.values(store.book.children).find((child) => child.name === 'Uma Reed')?.shownAs).toBe(
      'Uma',
    );
  });

  test('whoever is not here yet, or has left, says so', async () => {
    const moved = after(
      home,
      aChild('ada', '2026-05-20', { name: 'Ada Brook', leftOn: '2027-03-05' }),
      aChild('bo', '2022-09-02', { name: 'Bo Marsh', startedOn: '2027-04-05' }),
    );
    const { page: view } = await look(ChildrenView, moved);
    expect(view.get('[data-test="children"]').text()).toMatch(/left on Fri 5 March[\s\S]*from Mon 5 April/);
  });

  test('are forgotten only after it was said what goes', async () => {
    const { store } = await look(ChildrenView);
    await press('Ada Brook');
    await press('Forget this child');
    expect(body()).toContain('This cannot be undone.');
    expect(body()).toContain('They stand in no other text.');
    await press('Keep');
    expect([Object.keys(store.book.children), store.history.undo.length]).toEqual([['bo'], 0]);
  });
});

test('people are listed with their work and what they may lead', async () => {
  const { page: view } = await look(PeopleView);
  expect(view.get('[data-test="people"]').text()).toMatch(/Mara\s*provider\s*Morning Mon\s*may lead heat/);
});

describe('corners', () => {
  test('are moved with Alt and an arrow, and said', async () => {
    const { page: view, store } = await look(ShelfView);
    const names = () => view.findAll('[data-test="corners"] b').map((name) => name.text());
    expect(names()).toEqual(['Blocks', 'Easel']);
    await view.findAll('button.row')[0]!.trigger('keydown', { key: 'ArrowDown', altKey: true });
    await flushPromises();
    expect(names()).toEqual(['Easel', 'Blocks']);
    expect(view.text()).toContain('Blocks is now place 2 of 2');
    expect(store.book.corners.b!.order < store.book.corners.a!.order).toBe(true);
    expect(view.get('[data-test="corners"]').text()).toContain('Craft sticks');
  });
});

describe('the cupboard', () => {
  test('shows what is there and what to look at, and can be narrowed down to it', async () => {
    const { page: view } = await look(CupboardView, home, '/cupboard?only=low');
    const names = () => view.findAll('[data-test="cupboard"] b').map((name) => name.text());
    expect(names()).toEqual(['Plain flour']);
    expect(view.get('[data-test="cupboard"]').text()).toMatch(/400 g[\s\S]*not recorded[\s\S]*low/);
  });

  test('is counted one after the other; what is no amount stays and is told', async () => {
    const { page: view, store } = await look(CupboardView);
    await press('Take stock');
    const [sticks, flour] = view.findAll<HTMLInputElement>('[data-test="cupboard"] input');
    await flour!.setValue('1.2 kg');
    await flour!.trigger('change');
    expect(view.get('[data-test="cupboard"]').text()).toContain('1.2 kg');
    await sticks!.setValue('3 handfuls');
    await sticks!.trigger('keydown', { key: 'Enter' });
    expect(view.text()).toContain('Kobby does not know the unit “handfuls”');
    expect([sticks!.element.value, Object.keys(store.book.stockMoves).length]).toEqual(['3 handfuls', 3]);
  });

  test('a wish is put on the list and taken off', async () => {
    const { page: view, store } = await look(CupboardView);
    await write('wish', 'Long tubes');
    await write('wishFor', 'Bridges');
    await view.get('[aria-label="Wanted for later"] form').trigger('submit');
    expect(Object.values(store.book.wishes)[0]).toMatchObject({ words: 'Long tubes', forWhat: 'Bridges' });
    await press('Have it');
    expect(store.book.wishes).toEqual({});
    await view.get('[aria-label="Wanted for later"] form').trigger('submit');
    expect(view.get('[aria-label="Wanted for later"]').text()).toContain('This cannot be empty');
  });

  test('what is in use is offered to be retired', async () => {
    const retire = vi.fn();
    const desk = await openDesk(home);
    page = desk.alone(RetireButtons, { kind: 'supplies', id: 'sticks', retired: false, onRetire: retire });
    await press('Take it away');
    expect(page.text()).toContain('still uses this. Retire it instead?');
    await press('Retire it');
    expect(retire).toHaveBeenCalledWith(true);
    expect(desk.store.book.supplies.sticks).toBeDefined();
  });
});

describe('the library', () => {
  test('is found by words, slips forgiven, patterns shown with gaps', async () => {
    const { page: view } = await look(LibraryView);
    const titles = () => view.findAll('[data-test="found"] b').map((title) => title.text());
    expect(titles()).toEqual(['Kite repair', 'Match the …']);
    await write('words', 'kite reapir');
    expect([titles(), view.text()]).toEqual([['Kite repair'], expect.stringContaining('One entry fit')]);
    await write('words', 'volcano');
    expect(view.text()).toContain('Nothing in the library is like this.');
  });

  test('an activity is edited in place; what is wrong deep inside stands beside its field', async () => {
    const { store } = await look(LibraryView);
    await press('Kite repair');
    await write('content.versions.0.does', '');
    expect(body()).toContain('Say what the child does');
    expect(store.book.activities.kite?.content.versions[0]?.does).toBe('x');
    await write('content.versions.0.does', 'Tapes a tear');
    await write('content.versions.0.untilMonths', '6');
    expect(body()).toContain('The upper end lies above the lower one');
    await write('content.versions.0.untilMonths', '60');
    expect(store.book.activities.kite?.content.versions[0]).toMatchObject({
      does: 'Tapes a tear',
      untilMonths: 60,
    });
    expect(placementAt(store.book, 'p')?.content.versions[0]?.does).toBe('x');
  });

  test('recipes and songs come as text, and go out as it', async () => {
    const { store } = await look(LibraryView);
    await press('Paste a list');
    await write(
      'list',
      'Recipe: Chalk mud\nMakes: 300 g\n- 200 g plain flour, sifted\n- 3 feathers\nStir.\n',
    );
    const rows = document.querySelector('[data-test="import-rows"]')!;
    expect(rows.textContent).toContain('“feathers” is not in the cupboard');
    await press('Keep');
    const [recipe] = Object.values(store.book.recipes);
    expect(recipe?.ingredients.map(({ amount }) => amount)).toEqual([200, 3]);
    expect(Object.values(store.book.supplies).some(({ name }) => name === 'feathers')).toBe(true);
    let copied = '';
    vi.stubGlobal('navigator', { clipboard: { writeText: async (text: string) => void (copied = text) } });
    await press('Chalk mud');
    await press('As text');
    expect(copied).toContain('- 200 g Plain flour, sifted');
    expect(store.notice).toBe('It can be pasted now.');
    vi.stubGlobal('navigator', {});
    const made = vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:x');
    await press('As text');
    expect(store.notice).toBe('It is a file now.');
    expect(made).toHaveBeenCalled();
    vi.unstubAllGlobals();
  });

  test('a pasted list is looked at row by row and taken in as one step', async () => {
    const { store } = await look(LibraryView);
    await press('Paste a list');
    await write('list', 'title,from,does\nKey hunt,24,Finds a key\n,3,x\nLock wall,,');
    expect(document.querySelector('[data-test="import-rows"]')?.textContent).toMatch(
      /Understood:\s*Key hunt[\s\S]*Not taken:[\s\S]*This cannot be empty[\s\S]*Lock wall\s*no version yet/,
    );
    await press('Keep');
    expect(Object.keys(store.book.activities)).toHaveLength(4);
    store.undo();
    expect(Object.keys(store.book.activities)).toHaveLength(2);
  });
});

describe('prices', () => {
  const answer = (body: unknown, status = 200) =>
    vi.fn(async () => new Response(JSON.stringify(body), { status }));
  const offers = [
    { name: 'Plain flour, fine', pack: '1 kg', price: 145 },
    { name: 'Craft sticks', pack: '100', price: 230 },
    { name: 'A gnome', pack: '1', price: 900 },
  ];

  test('of a shop are proposed, and those that stay ticked are taken with their day', async () => {
    const { store } = await look(CupboardView);
    await press('Prices');
    vi.stubGlobal('fetch', answer({ shop: 'Corner', offers }));
    await press('Ask the sample shop');
    vi.unstubAllGlobals();
    expect(document.querySelectorAll('[data-test="import-rows"] li')).toHaveLength(2);
    document.querySelector<HTMLInputElement>('[aria-label^="Take Craft sticks"]')!.click();
    await flushPromises();
    expect(body()).toContain('1 left out');
    await press('Keep');
    expect(store.book.supplies.flour?.packs).toEqual([
      { amount: 1000, price: 145, pricedOn: store.today, shop: 'Corner' },
    ]);
    expect(store.book.supplies.sticks?.packs).toEqual([]);
  });
});

describe('days and rules', () => {
  test('are kept field by field, and what cannot be is marked and left', async () => {
    const { page: view, store } = await look(RulesView);
    await write('parts.0.name', 'Early');
    expect(store.book.homes.home?.parts[0]?.name).toBe('Early');
    await write('values.messyPerDay', '99');
    expect(view.text()).toContain('Between 0 and 20');
    expect(store.book.homes.home?.values).toEqual({});
    await write('values.messyPerDay', '2');
    expect(store.book.homes.home?.values).toEqual({ messyPerDay: 2 });
    await write('values.messyPerDay', '');
    expect(store.book.homes.home?.values).toEqual({});
    await view.get('input[name="workingWeekdays.6"]').setValue(true);
    await flushPromises();
    expect(store.book.homes.home?.workingWeekdays).toEqual([1, 2, 3, 4, 5, 6]);
  });

  test('a heading of its own is added and counted', async () => {
    const { store } = await look(RulesView);
    await press('Heading');
    await write('ownHeadings.0.name', 'Heritage language');
    expect(store.book.homes.home?.ownHeadings[0]).toMatchObject({ name: 'Heritage language', skills: [] });
  });
});
