// @vitest-environment happy-dom
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { defineComponent, h, nextTick, ref, type Component, type Ref, type Slots, type VNode } from 'vue';
import { testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  provideForm,
  RowsField,
  SwitchField,
  TicksField,
  WeekField,
} from './index.ts';

type Form = ReturnType<typeof provideForm>;
let desk: Awaited<ReturnType<typeof openDesk>>;
let form: Form;
const settled = vi.fn();
beforeEach(async () => {
  desk = await openDesk(testBook());
  settled.mockClear();
});

/** A form with whatever is drawn in it. */
const formWith = (draw: () => VNode): VueWrapper =>
  desk.alone(
    defineComponent({
      setup() {
        form = provideForm(settled);
        return draw;
      },
    }),
  );
/** A field in a form of its own; `value` is what it edits. */
const fieldOf = <T>(field: Component, value: Ref<T>, props: object, slots: Slots = {}): VueWrapper =>
  formWith(() =>
    h(
      field,
      { ...props, modelValue: value.value, 'onUpdate:modelValue': (next: T) => (value.value = next) },
      slots,
    ),
  );
const type = async (wrapper: VueWrapper, text: string): Promise<void> => {
  await wrapper.get('input').setValue(text);
};
const refuse = async (path: (string | number)[], message: string): Promise<void> => {
  form.took({ done: false, errors: [{ path: ['changes', 0, 'child', ...path], message }] });
  await nextTick();
};

describe('a form', () => {
  test('puts what is wrong beside the field whose path it has, and the rest below', async () => {
    const wrapper = fieldOf(LineField, ref(''), { label: 'Name', path: 'name' });
    await refuse(['name'], 'This cannot be empty');
    expect([wrapper.text(), form.unclaimed.value]).toEqual([expect.stringContaining('cannot be empty'), []]);
    await refuse(['birth'], 'There is no such day');
    expect([wrapper.text(), form.unclaimed.value]).toEqual([
      expect.not.stringContaining('no such day'),
      ['There is no such day'],
    ]);
    expect(form.took({ done: true })).toBe(true);
    expect(form.unclaimed.value).toEqual([]);
  });

  test('a field that is gone claims nothing any more', async () => {
    const isThere = ref(true);
    formWith(() => (isThere.value ? h(LineField, { label: 'Name', path: 'name', modelValue: '' }) : h('p')));
    isThere.value = false;
    await nextTick();
    await refuse(['name'], 'This cannot be empty');
    expect(form.unclaimed.value).toEqual(['This cannot be empty']);
  });

  test('a field outside of one says what is missing', () => {
    setActivePinia(createPinia());
    const silent = { global: { config: { warnHandler: () => undefined } } };
    expect(() => mount(LineField, { props: { label: 'x', path: 'x', modelValue: '' }, ...silent })).toThrow(
      'this part needs a form',
    );
  });
});

test('a line may be nothing where nothing is an answer', async () => {
  const value = ref<string | null>('Shed');
  await type(fieldOf(LineField, value, { label: 'Kept in', path: 'keptIn', emptyIsNull: true }), '');
  expect(value.value).toBeNull();
  const name = ref<string | null>('x');
  await type(fieldOf(LineField, name, { label: 'Name', path: 'name' }), '');
  expect(name.value).toBe('');
});

describe('a number', () => {
  test.each([
    ['12', 12],
    ['2,5', 2.5],
    ['', Number.NaN],
    ['many', Number.NaN],
    ['-3', -3],
  ])('typed as %j is %d, and left to whoever reads it', async (text, expected) => {
    const value = ref<number | null>(4);
    const wrapper = fieldOf(NumberField, value, { label: 'Places', path: 'places' });
    await type(wrapper, text);
    expect(value.value).toBe(expected);
    expect(wrapper.get('input').element.value).toBe(text);
  });

  test('follows what others change', async () => {
    const value = ref<number | null>(4);
    const wrapper = fieldOf(NumberField, value, { label: 'Places', path: 'places' });
    value.value = 9;
    await nextTick();
    expect(wrapper.get('input').element.value).toBe('9');
  });
});

describe('an amount', () => {
  const props = { label: 'How much', path: 'amount', unit: 'g' as const };

  test('is typed in any unit that fits and kept in its own', async () => {
    const value = ref<number | null>(null);
    const wrapper = fieldOf(AmountField, value, props);
    await type(wrapper, '1 1/2 kg');
    expect([value.value, wrapper.text()]).toEqual([1500, expect.stringContaining('= 1.5 kg')]);
  });

  test('takes volumes where the weight of one is known', async () => {
    const value = ref<number | null>(null);
    await type(fieldOf(AmountField, value, { ...props, gramsPerMl: 0.5 }), '100 mL');
    expect(value.value).toBe(50);
  });

  test('in a unit that nobody knows says so, and is no amount', async () => {
    const value = ref<number | null>(20);
    const wrapper = fieldOf(AmountField, value, props);
    await type(wrapper, '3 handfuls');
    expect(value.value).toBeNaN();
    expect(wrapper.text()).toContain('Kobby does not know the unit “handfuls”');
    await type(wrapper, '3');
    expect([value.value, wrapper.text()]).toEqual([3, expect.not.stringContaining('does not know')]);
  });

  test('may be left out where that is an answer', async () => {
    const value = ref<number | null>(20);
    await type(fieldOf(AmountField, value, { ...props, emptyIsNull: true }), ' ');
    expect(value.value).toBeNull();
  });
});

test('a switch and ticks tell their form at once', async () => {
  const on = ref(false);
  await fieldOf(SwitchField, on, { label: 'Outdoors', path: 'outdoors' }).get('input').setValue(true);
  await nextTick();
  expect([on.value, settled.mock.calls.length]).toEqual([true, 1]);
  const ticks = ref(['heat']);
  const wrapper = fieldOf(TicksField, ticks, {
    label: 'Leads',
    path: 'leads',
    options: { heat: 'heat', water: 'water' },
  });
  await wrapper.get('input[name="leads.water"]').setValue(true);
  await wrapper.get('input[name="leads.heat"]').setValue(false);
  await nextTick();
  expect([ticks.value, settled.mock.calls.length]).toEqual([['water'], 3]);
});

test('a choice offers nothing where nothing is an answer', () => {
  const wrapper = fieldOf(ChoiceField, ref(null), {
    label: 'Magnet',
    path: 'magnet',
    none: 'not known',
    options: { none: 'none' },
  });
  const items = wrapper.findComponent({ name: 'VSelect' }).props('items');
  expect(items).toEqual([
    { title: 'not known', value: null },
    { title: 'none', value: 'none' },
  ]);
});

describe('rows', () => {
  const steps = () => ref([{ text: 'Fold' }, { text: 'Cut' }, { text: 'Fly' }]);
  const rowsOf = (value: Ref<{ text: string }[]>) =>
    fieldOf(
      RowsField,
      value,
      { label: 'Steps', path: 'steps', one: 'Step', ordered: true, blank: () => ({ text: '' }) },
      {
        default: ({ row, path }: { row: { text: string }; path: string }) => [
          h(LineField, { label: 'Text', path: `${path}.text`, modelValue: row.text }),
        ],
      },
    );
  const texts = (value: Ref<{ text: string }[]>) => value.value.map((row) => row.text);

  test('are added at the end, moved and taken out', async () => {
    const value = steps();
    const wrapper = rowsOf(value);
    await wrapper.get('[aria-label="Step 3 up"]').trigger('click');
    expect(texts(value)).toEqual(['Fold', 'Fly', 'Cut']);
    await wrapper.get('[aria-label="Take step 1 out"]').trigger('click');
    expect(texts(value)).toEqual(['Fly', 'Cut']);
    await wrapper.get('.v-btn').trigger('click');
    expect(texts(value)).toEqual(['Fly', 'Cut', '']);
  });

  test('are moved with Alt and the arrows, never over an end', async () => {
    const value = steps();
    const wrapper = rowsOf(value);
    const strike = (row: number, key: string, altKey = true) =>
      wrapper.findAll('li')[row]!.trigger('keydown', { key, altKey });
    await strike(0, 'ArrowUp');
    await strike(2, 'ArrowDown');
    await strike(0, 'ArrowDown', false);
    expect(texts(value)).toEqual(['Fold', 'Cut', 'Fly']);
    await strike(0, 'ArrowDown');
    expect(texts(value)).toEqual(['Cut', 'Fold', 'Fly']);
  });

  test('show what is wrong in the row where it is, also after they moved', async () => {
    const value = steps();
    const wrapper = rowsOf(value);
    await refuse(['steps', 1, 'text'], 'Say what is done');
    expect(wrapper.findAll('li').map((row) => row.text().includes('Say what'))).toEqual([false, true, false]);
    await refuse(['steps', 2, 'text'], 'Say what is done');
    expect(wrapper.findAll('li').map((row) => row.text().includes('Say what'))).toEqual([false, false, true]);
  });
});

describe('a week', () => {
  test('is ticked cell by cell or a whole row at once', async () => {
    const value = ref<Record<string, string[]>>({ '1': ['morning'] });
    const wrapper = fieldOf(WeekField, value, { label: 'Comes on', path: 'attendance' });
    await wrapper.get('[aria-label="Tuesday, Afternoon"]').setValue(true);
    await wrapper.get('[aria-label="Monday, Morning"]').setValue(false);
    expect(value.value).toEqual({ '1': [], '2': ['afternoon'] });
    await wrapper.get('[aria-label="Morning: every day"]').trigger('click');
    expect(value.value['2']).toEqual(['afternoon', 'morning']);
    await wrapper.get('[aria-label="Morning: no day"]').trigger('click');
    expect(Object.values(value.value)).toEqual([[], ['afternoon'], [], [], []]);
  });
});
