// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import EnterView from './EnterView.vue';

afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});

type Said = [status: number, body: unknown];
const DOOR = { state: 'sign-in-needed', homeName: 'Low Shelf House', demoPassPhrase: null };
const refused = (errors: readonly object[], detail = 'See below.') => ({
  type: 'urn:kobby:problem:wrong-fields',
  title: 'Not kept',
  status: 422,
  detail,
  errors,
});

/** The page at an address, before a server that says what it is told to, one answer a request. */
async function open(answers: readonly Said[], at = '/enter') {
  const { alone, router, store } = await openDesk(testBook());
  vi.spyOn(store, 'load').mockResolvedValue(undefined as never);
  await router.push(at);
  const asked: { path: string; body: unknown }[] = [];
  let i = 0;
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    asked.push({ path, body: init?.body ? JSON.parse(String(init.body)) : null });
    const [status, body] = answers[Math.min(i, answers.length - 1)]!;
    i += 1;
    if (status === 0) throw new TypeError('no network');
    return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  });
  const page = alone(EnterView);
  await flushPromises();
  const submit = async () => {
    await page.get('form').trigger('submit');
    await flushPromises();
  };
  return { page, router, asked, submit };
}

describe('the door', () => {
  test('opens with the pass-phrase, and leads on to where somebody was going', async () => {
    const { page, router, asked, submit } = await open(
      [
        [200, DOOR],
        [200, { ...DOOR, state: 'signed-in' }],
      ],
      '/enter?to=/units/kites/corners',
    );
    expect(page.text()).toContain('Low Shelf House');
    expect(page.findAll('input')).toHaveLength(1);
    await page.get('input[name="passPhrase"]').setValue('three blue kites');
    await submit();
    expect(asked.at(-1)).toEqual({ path: '/api/session', body: { passPhrase: 'three blue kites' } });
    expect(router.currentRoute.value.fullPath).toBe('/units/kites/corners');
  });

  test('lets in whoever strikes Enter before it has answered, and asks again where it could not be reached', async () => {
    const { page, asked } = await open([
      [0, null],
      [200, DOOR],
      [200, { ...DOOR, state: 'signed-in' }],
    ]);
    await page.get('input[name="passPhrase"]').setValue('three blue kites');
    // A browser sends nothing by Enter where the button that sends it is switched off.
    expect(page.get('button[type="submit"]').attributes('disabled')).toBeUndefined();
    await page.get('form').trigger('submit');
    await flushPromises();
    expect(asked.map((one) => one.path)).toEqual(['/api/door', '/api/door', '/api/session']);
  });

  test('of a home that turns out to be new asks for the rest first', async () => {
    const { page, asked, submit } = await open([
      [0, null],
      [200, { ...DOOR, state: 'set-up-needed' }],
    ]);
    await submit();
    expect(asked.map((one) => one.path)).toEqual(['/api/door', '/api/door']);
    expect(page.findAll('input')).toHaveLength(5);
  });

  test.each(['https://elsewhere.example/units', '//elsewhere.example', '/elsewhere', ''])(
    'leads to no other place: %s',
    async (to) => {
      const { router } = await open(
        [[200, { ...DOOR, state: 'signed-in' }]],
        `/enter?to=${encodeURIComponent(to)}`,
      );
      expect(router.currentRoute.value.fullPath).toBe('/units');
    },
  );

  test('says what was wrong beside the field, and keeps what was typed', async () => {
    const wrong = refused([{ path: ['passPhrase'], message: 'This is not the pass-phrase of this home' }]);
    const { page, submit } = await open([
      [200, DOOR],
      [401, wrong],
    ]);
    await page.get('input[name="passPhrase"]').setValue('wrong');
    await submit();
    expect(page.text()).toContain('This is not the pass-phrase of this home');
    expect((page.get('input[name="passPhrase"]').element as HTMLInputElement).value).toBe('wrong');
    expect(page.find('[role="alert"].trouble').exists()).toBe(false);
  });

  test('says when Kobby cannot be reached, before and after', async () => {
    const away = await open([[0, null]]);
    expect(away.page.get('.trouble').text()).toBe(
      'Kobby cannot be reached: is it started? It is tried again by itself.',
    );
    const { page, submit } = await open([
      [200, DOOR],
      [0, null],
    ]);
    await submit();
    expect(page.get('.trouble').text()).toContain('What you typed stays here');
  });

  test('shows the pass-phrase of the demo and of nothing else', async () => {
    const { page } = await open([[200, { ...DOOR, demoPassPhrase: 'three blue kites' }]]);
    expect(page.get('[data-test="demo-hint"]').text()).toContain('three blue kites');
    expect((await open([[200, DOOR]])).page.find('[data-test="demo-hint"]').exists()).toBe(false);
  });
});

test('a new home is made with five fields; each wrong one is told at its place', async () => {
  const wrong = refused([
    { path: ['code'], message: 'This is not the code that the terminal shows' },
    { path: ['zone'], message: 'There is no such time zone' },
  ]);
  const { page, asked, submit } = await open([
    [200, { state: 'set-up-needed', homeName: null, demoPassPhrase: null }],
    [422, wrong],
  ]);
  expect(page.findAll('input').map((field) => field.attributes('name'))).toEqual([
    'code',
    'homeName',
    'providerName',
    'zone',
    'passPhrase',
  ]);
  await page.get('input[name="homeName"]').setValue('Oak Corner');
  await submit();
  expect(asked.at(-1)).toMatchObject({ path: '/api/setup', body: { homeName: 'Oak Corner' } });
  expect(page.text()).toContain('This is not the code that the terminal shows');
  expect(page.text()).toContain('There is no such time zone');
});

test('the link from the terminal brings its code along, and leaves it in no address', async () => {
  const { page, router } = await open([[200, { ...DOOR, state: 'set-up-needed' }]], '/enter#ABCD-EFGH-JKLM');
  expect((page.get('input[name="code"]').element as HTMLInputElement).value).toBe('ABCD-EFGH-JKLM');
  expect(router.currentRoute.value.hash).toBe('');
});
