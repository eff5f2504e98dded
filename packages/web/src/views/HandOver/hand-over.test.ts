// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aChild, aCorner, anActivity, inCorner, onDay, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import GivePart from './GivePart.vue';
import HandOverView from './HandOverView.vue';
import LinkForm from './LinkForm.vue';
import PaperPart from './PaperPart.vue';

const book = testBook(
  { type: 'house/put-person', person: { id: 'sol', name: 'Sol', role: 'assistant' } },
  aCorner('a'),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs: 'Bo' }),
  anActivity('build'),
  anActivity('sing', { mode: 'whole-group' }),
  inCorner('p', 'build', 'a', 1, 5),
  onDay('q', 'sing', 1),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});

test.each([
  ['', 'Who leads what', 'sing'],
  ['?part=links', 'Links', 'A new link'],
  ['?part=paper', 'On paper', 'Day sheet'],
  ['?part=toString', 'Who leads what', 'sing'],
])('at %s it shows %s', async (query, _, shown) => {
  await desk.router.push(`/units/kites/hand-over${query}`);
  const page = desk.place(HandOverView);
  await flushPromises();
  expect(page.text()).toContain(shown);
});

test('every sheet can be reached from the part for paper', async () => {
  const page = desk.place(PaperPart);
  await flushPromises();
  const links = page.findAll('a').map((link) => link.attributes('href') ?? '');
  for (const sheet of ['day-sheet', 'folder', 'corner-cards', 'supply-list', 'bag-labels', 'note-home'])
    expect(links.some((link) => link.includes(sheet))).toBe(true);
});

describe('a new link', () => {
  const made = {
    shareId: 'link-1',
    secret: 'SECRET',
    answer: { outcome: 'kept', id: 'g-of-a-link', seq: 2, touched: [] },
  };

  async function form(status: number, body: unknown) {
    const asked: Record<string, unknown>[] = [];
    vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
      asked.push(JSON.parse(String(init.body)));
      if (status === 0) throw new TypeError('no network');
      return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
    });
    const page = desk.place(LinkForm);
    await page.get('input[name="label"]').setValue('Sol');
    await page.get('form').trigger('submit');
    await flushPromises();
    return { page, asked };
  }

  test('carries its secret behind the address, and asks for the days of the unit', async () => {
    const { page, asked } = await form(200, made);
    expect(asked[0]).toMatchObject({
      share: { label: 'Sol', fromDay: 1, toDay: 10, lastDate: null, personId: 'sol', scope: 'all' },
      passPhrase: null,
    });
    await vi.waitFor(() => expect(page.findComponent(LinkForm).emitted('made')).toBeDefined());
    const [link] = page.findComponent(LinkForm).emitted('made')![0] as [{ address: string; label: string }];
    expect([link.label, link.address]).toEqual([
      'Sol',
      expect.stringMatching(/^http.*\/with\/link-[\w-]+#SECRET$/),
    ]);
  });

  test('that is refused says so beside its field; without the server what was typed stays', async () => {
    const refused = {
      type: 'urn:kobby:problem:wrong-fields',
      title: 'Not kept',
      status: 422,
      detail: 'See below.',
      errors: [{ path: ['share', 'label'], message: 'This cannot be empty' }],
    };
    expect((await form(422, refused)).page.text()).toContain('This cannot be empty');
    const { page } = await form(0, null);
    expect(page.text()).toContain('A link needs the server');
    expect((page.get('input[name="label"]').element as HTMLInputElement).value).toBe('Sol');
  });
});

test('what a giver may not say stands beside its field, and the page stays', async () => {
  const page = desk.place(GivePart);
  await flushPromises();
  expect(page.text()).toContain('2 activities');
  await page.get('input[name="from"]').setValue('a < b');
  await flushPromises();
  expect(page.text()).toContain('Use plain text without < or >');
  const make = page.findAll('button').find((one) => one.text() === 'Make the file')!;
  expect(make.attributes('disabled')).toBeDefined();
  await page.get('input[name="from"]').setValue('');
  await flushPromises();
  expect(make.attributes('disabled')).toBeUndefined();
});
