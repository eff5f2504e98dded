// @vitest-environment happy-dom
import { placementAt, type Book } from '@kobby/core';
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import {
  aChild,
  aCorner,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  testBook,
} from '../../../core/src/testing/home.ts';
import { openDesk } from '../testing/desk.ts';
import { forgetTyped } from '../state/typed.ts';
import MendSheet from './MendSheet.vue';
import PickSheet from './PickSheet.vue';
import WriteField from './WriteField.vue';

const home: Book = testBook(
  aCorner('a', { name: 'Easel' }),
  aChild('ada', '2024-01-01'),
  aSupply('sponges', { name: 'Sponges' }),
  anActivity('kites', { title: 'Paper kites', cornerKinds: [], versions: [aVersion(0)] }),
  anActivity('match', {
    ...{ title: 'Match the {things}', cornerKinds: [], summary: 'One each' },
    slots: [{ id: 'things', asks: 'Which?', kind: 'thing' }],
  }),
  { ...inCorner('p', 'match', 'a', 1, 10), slots: { things: 'kites' } },
);
let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  sessionStorage.clear();
  desk = await openDesk(home);
});
afterEach(() => {
  document.body.innerHTML = '';
});
const day = { kind: 'day', day: 2 } as const;
const field = () => document.querySelector<HTMLTextAreaElement>('textarea[aria-autocomplete="list"]')!;
const list = () => document.querySelector('[data-test="jotting"]')?.textContent ?? '';
async function type(text: string): Promise<void> {
  field().value = text;
  field().dispatchEvent(new Event('input', { bubbles: true }));
  await flushPromises();
}
async function strike(key: string): Promise<void> {
  field().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  await flushPromises();
}
async function press(text: string): Promise<void> {
  const found = [...document.querySelectorAll<HTMLElement>('button, summary')].find((one) =>
    one.textContent.includes(text),
  );
  if (!found) throw new Error(`nothing says ${text}`);
  found.click();
  await flushPromises();
}
const titles = (): readonly string[] =>
  Object.keys(desk.store.book.placements).map((id) => placementAt(desk.store.book, id)!.content.title);
async function begin(): Promise<void> {
  desk.place(WriteField, { spot: day, name: 'Day 2' });
  await press('write or pick');
  field().focus();
}

describe('writing into a place', () => {
  test('places what is typed by Enter, and the next line is begun at once', async () => {
    await begin();
    await type('Sponge kites, 6 sponges, 3 gloves, 20 min, why');
    expect(list()).toMatch(
      /Sponge kites\s*as you write it[\s\S]*6 sponges[\s\S]*3 gloves · new[\s\S]*20 min/,
    );
    expect(list()).toContain('kept as it stands: why');
    await strike('Enter');
    expect(titles()).toContain('Sponge kites');
    expect(field().value).toBe('');
    await type('Balloons');
    await strike('Enter');
    expect(titles()).toContain('Balloons');
    desk.store.undo();
    expect(titles()).not.toContain('Balloons');
  });

  test('offers what the library has; Enter alone does nothing', async () => {
    await begin();
    await strike('Enter');
    expect(titles()).toHaveLength(1);
    await type('paper');
    expect(list()).toContain('Paper kites');
    await strike('ArrowDown');
    await strike('Enter');
    expect(Object.values(desk.store.book.placements).some(({ originId }) => originId === 'kites')).toBe(true);
  });

  test('several lines become several things, each on its day', async () => {
    await begin();
    await type('Rain\nDay 3: Wind\n- Sun');
    expect(list()).toContain('3 lines, each by itself');
    await strike('Enter');
    const where = Object.values(desk.store.book.placements).map((one) => [one.base.title, one.where]);
    expect(where.slice(1)).toMatchObject([
      ['Rain', { day: 2 }],
      ['Wind', { day: 3 }],
      ['Sun', { day: 2 }],
    ]);
  });

  test('loses nothing by Escape, a look elsewhere or a reload', async () => {
    await begin();
    await type('Half an idea');
    await strike('Escape');
    field().dispatchEvent(new FocusEvent('blur'));
    await flushPromises();
    expect(field().value).toBe('Half an idea');
    document.body.innerHTML = '';
    desk = await openDesk(home);
    desk.place(WriteField, { spot: day, name: 'Day 2' });
    await flushPromises();
    expect(field().value).toBe('Half an idea');
    await strike('Enter');
    expect(titles()).toContain('Half an idea');
    expect(sessionStorage).toHaveLength(0);
  });
});

test('too much is told and stays in the field; whoever signs out leaves nothing half written', async () => {
  await begin();
  await type('k'.repeat(2001));
  await strike('Enter');
  expect(document.body.textContent).toContain('at most 2000 fit');
  expect(field().value).toHaveLength(2001);
  expect(titles()).toHaveLength(1);
  expect(sessionStorage).toHaveLength(1);
  await forgetTyped();
  expect(sessionStorage).toHaveLength(0);
});

test('what the picker does not find is placed where it was picked for', async () => {
  desk.place(PickSheet, { target: { day: 3 } });
  await flushPromises();
  const wanted = document.querySelector<HTMLInputElement>('[name="wanted"]')!;
  wanted.value = 'Glorp the moon, 3 zibs';
  wanted.dispatchEvent(new Event('input', { bubbles: true }));
  await flushPromises();
  await press('as you write it');
  const placed = Object.values(desk.store.book.placements).at(-1)!;
  expect(placed).toMatchObject({
    where: { kind: 'day', day: 3 },
    base: { title: 'Glorp the moon', mode: 'whole-group' },
  });
});

describe('mending what is placed', () => {
  const write = async (name: string, text: string): Promise<void> => {
    const one = document.querySelector<HTMLInputElement>(`[name="${name}"]`)!;
    one.value = text;
    one.dispatchEvent(new Event('input', { bubbles: true }));
    one.dispatchEvent(new Event('change', { bubbles: true }));
    await flushPromises();
  };
  const content = () => placementAt(desk.store.book, 'p')!.content;

  test('keeps each field as it is left, here alone; says what differs; goes back', async () => {
    desk.place(MendSheet, { placementId: 'p' });
    await flushPromises();
    await write('content.title', 'Match the kites twice');
    expect(content().title).toBe('Match the kites twice');
    expect(desk.store.book.activities.match?.content.title).toBe('Match the {things}');
    expect(document.body.textContent).toContain('Differs from the library in title.');
    await press('Back to the library');
    expect(content().title).toBe('Match the kites');
    await write('content.title', '');
    expect(document.body.textContent).toContain('This cannot be empty');
    expect(content().title).toBe('Match the kites');
  });

  test('takes a thing by name, begun in the cupboard where it is not there', async () => {
    desk.place(MendSheet, { placementId: 'p' });
    await flushPromises();
    await write('thing', '4 feathers each');
    await press('Add');
    await write('thing', 'sponge');
    await press('Add');
    expect(
      content().materials.map((one) => [
        desk.store.book.supplies[one.supplyId]?.name,
        one.amount,
        one.for.kind,
      ]),
    ).toEqual([
      ['feathers', 4, 'child'],
      ['Sponges', 1, 'all'],
    ]);
    // What the schema adds to a line by itself was written by nobody else.
    expect(desk.store.notice).toBeNull();
    await press('take out');
    expect(content().materials).toHaveLength(1);
  });

  test('gives a pattern other words', async () => {
    desk.place(MendSheet, { placementId: 'p' });
    await flushPromises();
    await write('slot-things', 'trams');
    expect(content().title).toBe('Match the trams');
    expect(desk.store.book.placements.p?.over).toEqual({});
  });

  test('goes to the library for next time, its gaps open, or as a new entry', async () => {
    desk.place(MendSheet, { placementId: 'p' });
    await flushPromises();
    await write('content.summary', 'Two each');
    await press('Also for next time');
    expect(desk.store.book.activities.match?.content).toMatchObject({
      title: 'Match the {things}',
      summary: 'Two each',
    });
    expect(document.body.textContent).toContain('As the library has it.');
    await write('content.summary', 'Three each');
    await press('As a new entry');
    const [entry] = Object.values(desk.store.book.activities).filter(
      ({ content: one }) => one.summary === 'Three each',
    );
    expect(desk.store.book.placements.p?.originId).toBe(entry!.id);
    expect(content().title).toBe('Match the kites');
  });

  test('takes over what the library has anew, but for what was written here', async () => {
    desk.place(MendSheet, { placementId: 'p' });
    await flushPromises();
    await write('content.summary', 'Mine');
    const { match } = desk.store.book.activities;
    desk.store.perform([
      {
        type: 'library/put-activity',
        activity: {
          ...match!,
          content: { ...match!.content, summary: 'Theirs', title: 'Pair the {things}', energy: 'calm' },
        },
      },
    ]);
    await flushPromises();
    expect(document.body.textContent).toContain('The library has a newer one');
    expect(content().title).toBe('Match the kites');
    await press('Take over what is ticked');
    expect(content()).toMatchObject({ title: 'Pair the kites', summary: 'Mine', energy: 'calm' });
  });
});
