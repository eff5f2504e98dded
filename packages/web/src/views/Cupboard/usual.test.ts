// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, expect, test, vi } from 'vitest';
import { aSupply, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import UsualSheet from './UsualSheet.vue';

const book = testBook(
  aSupply('flour', { name: 'Flour', category: 'food', unit: 'g' }),
  aSupply('salt', { name: 'Salt', category: 'food', unit: 'g' }),
  aSupply('pegs', { name: 'Pegs', category: 'craft-pieces', unit: 'piece' }),
  aSupply('glue', { name: 'Glue', category: 'paint-and-glue', unit: 'mL' }),
  aSupply('fan', { name: 'Fan', category: 'electric', unit: 'piece' }),
  {
    type: 'cupboard/record-stock',
    move: { id: 'n', supplyId: 'glue', kind: 'counted', amount: 5, at: '2027-03-01T08:00:00.000Z' },
  },
);
let sheet: VueWrapper | null = null;
afterEach(() => {
  sheet?.unmount();
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});

const has = (selector: string): HTMLElement => document.body.querySelector<HTMLElement>(selector)!;
async function open() {
  const desk = await openDesk(book);
  const amounts = { flour: 600, salt: 750, pegs: 60, glue: 400 };
  vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ amounts })));
  sheet = desk.alone(UsualSheet);
  await flushPromises();
  await vi.waitFor(() => expect(document.body.textContent).toContain('3 things in 2 kinds'));
  for (const details of document.body.querySelectorAll('details')) {
    details.open = true;
    details.dispatchEvent(new Event('toggle'));
  }
  await flushPromises();
  const on = (id: string): number | undefined =>
    Object.values(desk.store.book.stockMoves).find(({ supplyId }) => supplyId === id)?.amount;
  const keep = async (): Promise<void> => {
    has('form').dispatchEvent(new Event('submit', { cancelable: true }));
    await flushPromises();
  };
  const type = (name: string, text: string): void => {
    const field = has(`[aria-label="How much of ${name}"]`) as HTMLInputElement;
    field.value = text;
    field.dispatchEvent(new Event('change', { bubbles: true }));
  };
  const untick = (name: string): void => {
    const label = [...document.body.querySelectorAll('label')].find((one) =>
      one.textContent!.includes(name),
    )!;
    const box = label.querySelector('input')!;
    box.checked = false;
    box.dispatchEvent(new Event('change', { bubbles: true }));
  };
  return { desk, on, keep, type, untick };
}

test('what an ordinary home has counts in one step: without what is not here, with what is more; what was counted stays', async () => {
  const { desk, on, keep, type, untick } = await open();
  untick('Salt');
  type('Flour', '1.5 kg');
  await keep();
  expect({
    flour: on('flour'),
    salt: on('salt'),
    pegs: on('pegs'),
    glue: on('glue'),
    fan: on('fan'),
  }).toEqual({ flour: 1500, salt: undefined, pegs: 60, glue: 5, fan: undefined });
  expect(desk.store.history.undo).toHaveLength(1);
});

test('an amount that is none is told by its name, and nothing is counted', async () => {
  const { on, keep, type } = await open();
  type('Pegs', 'many');
  await keep();
  expect(document.body.querySelector('[role="alert"]')?.textContent).toContain('Pegs:');
  expect([on('flour'), on('pegs')]).toEqual([undefined, undefined]);
});
