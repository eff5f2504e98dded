// @vitest-environment happy-dom
import { describe, expect, test } from 'vitest';
import { computed, defineComponent, nextTick, type Ref } from 'vue';
import { aSupply, testBook } from '../../../core/src/testing/home.ts';
import { openDesk } from '../testing/desk.ts';
import { merged, useDraft } from './draft.ts';

describe('two edits of the same beginning', () => {
  const base = { version: 1, name: 'Sticks', set: { pieces: ['a'], high: false }, packs: [1, 2] };

  test.each<[string, object, object, object, boolean]>([
    ['nobody changed anything', {}, {}, {}, false],
    ['only I', { name: 'Mine' }, {}, { name: 'Mine' }, false],
    ['only the other', {}, { name: 'Theirs' }, { name: 'Theirs' }, false],
    ['each another field', { name: 'Mine' }, { packs: [3] }, { name: 'Mine', packs: [3] }, false],
    ['the same field to the same', { name: 'Both' }, { name: 'Both' }, { name: 'Both' }, false],
    ['the same field', { name: 'Mine' }, { name: 'Theirs' }, { name: 'Mine' }, true],
    [
      'different places deep inside',
      { set: { pieces: ['b'], high: false } },
      { set: { pieces: ['a'], high: true } },
      { set: { pieces: ['b'], high: true } },
      false,
    ],
    ['the same list', { packs: [1] }, { packs: [2] }, { packs: [1] }, true],
    [
      'the version, which is nobody’s',
      { version: 2, name: 'Mine' },
      { version: 3 },
      { version: 2, name: 'Mine' },
      false,
    ],
  ])('%s', (_, mine, theirs, value, met) => {
    expect(merged(base, { ...base, ...mine }, { ...base, ...theirs })).toEqual({
      value: { ...base, ...value },
      met,
    });
  });

  test('a field that only one of them has is kept', () => {
    expect(merged<object>({}, { a: 1 }, { b: 2 })).toEqual({ value: { a: 1, b: 2 }, met: false });
  });
});

describe('a draft', () => {
  async function drafting() {
    const desk = await openDesk(testBook(aSupply('sticks', { name: 'Sticks', keptIn: 'B1' })));
    let draft!: Ref<{ name: string; keptIn: string | null; notes?: string }>;
    const known = computed(() => desk.store.book.supplies['sticks' as never]);
    desk.alone(
      defineComponent({
        setup() {
          draft = useDraft(
            () => known.value,
            () => ({ name: '', keptIn: null }),
          );
          return () => null;
        },
      }),
    );
    const elsewhere = async (rest: Parameters<typeof aSupply>[1]): Promise<void> => {
      desk.store.perform([aSupply('sticks', { name: 'Sticks', keptIn: 'B1', ...rest })]);
      await nextTick();
    };
    return { ...desk, draft, elsewhere };
  }

  test('takes in what others change, and keeps what was typed', async () => {
    const { draft, elsewhere, store } = await drafting();
    draft.value.name = 'Craft sticks';
    await elsewhere({ keptIn: 'C4' });
    expect(draft.value).toMatchObject({ name: 'Craft sticks', keptIn: 'C4' });
    expect(store.notice).toBeNull();
  });

  test('says when both changed one field', async () => {
    const { draft, elsewhere, store } = await drafting();
    draft.value.name = 'Craft sticks';
    await elsewhere({ name: 'Wooden sticks' });
    expect(draft.value.name).toBe('Craft sticks');
    expect(store.notice).toContain('Somebody changed the same field meanwhile');
  });

  test('is a copy: nothing of the book changes before it is kept', async () => {
    const { draft, store } = await drafting();
    draft.value.name = 'Craft sticks';
    expect(store.book.supplies['sticks' as never]).toMatchObject({ name: 'Sticks' });
  });
});
