// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import {
  aChild,
  aCorner,
  anActivity,
  aSupply,
  inCorner,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import BinsView from './BinsView.vue';

const inside = { kind: 'box', lengthMm: 400, widthMm: 300, heightMm: 150 } as const;
const book = testBook(
  aCorner('bin', { kind: 'sensory-bin' }),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs: 'Bo', knowsBins: true }),
  aChild('ada', '2026-01-01', { name: 'Ada Brook', shownAs: 'Ada', mouthsThings: true }),
  aSupply('tub', { name: 'Wide tub', use: 'reusable', inside }),
  aSupply('rice', {
    name: 'Rice',
    unit: 'mL',
    category: 'filler',
    properties: { filler: 'fine', loosePart: { acrossMm: 3, longMm: 7, material: 'firm' } },
  }),
  aSupply('cloth', {
    name: 'Cloth scraps',
    unit: 'mL',
    category: 'filler',
    properties: { filler: 'clinging', loosePart: 'none' },
  }),
  anActivity('scoop', { cornerKinds: ['sensory-bin'] }),
  inCorner('p', 'scoop', 'bin', 1, 5),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});
const designer = async (query = '') => {
  await desk.router.push(`/bins${query}`);
  const page = desk.alone(BinsView);
  await page.vm.$nextTick();
  return page;
};

test('the fillers that suit everyone come first, with whom the others do not suit', async () => {
  const page = await designer('?placement=p');
  const text = page.text();
  expect(text).toContain('for scoop');
  expect(text.indexOf('Cloth scraps')).toBeLessThan(text.indexOf('Rice'));
  expect(text).toContain('Ada');
  expect(text).not.toContain('Ada Brook');
});

test('fills what it was opened for, and leads back to the shelf', async () => {
  const page = await designer('?placement=p');
  await page.get('[data-test="fill-bin"]').trigger('click');
  expect(desk.store.book.placements['p' as never]!.bin).toMatchObject({ tubId: 'tub', fillerId: 'cloth' });
  await vi.waitFor(() => expect(desk.router.currentRoute.value.name).toBe('corners'));
});

test('without anything to fill it is for whoever is here, and offers nothing to press', async () => {
  const page = await designer();
  expect(page.text()).toContain('for everyone who is here today');
  expect(page.find('[data-test="fill-bin"]').exists()).toBe(false);
});
