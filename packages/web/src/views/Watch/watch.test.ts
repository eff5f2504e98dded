// @vitest-environment happy-dom
import { plainDay, watchedIn, type ChangeInput } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aChild, aSupply, TEST_UNIT, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import BeginView from './BeginView.vue';
import StripView from './StripView.vue';
import WatchFrame from './WatchFrame.vue';
import WatchView from './WatchView.vue';

vi.mock('./GrowthChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

const stages = [
  { id: 'swell', name: 'Swelling', leastDays: 1, mostDays: 3 },
  {
    id: 'root',
    name: 'Root',
    leastDays: 2,
    mostDays: 5,
    sign: 'A white tip',
    look: { kind: 'closed' as const },
  },
  {
    id: 'pot',
    name: 'Into a pot',
    leastDays: 3,
    mostDays: 6,
    fullHouse: true,
    tasks: [{ id: 'fill', text: 'Fill a pot', minutes: 10 }],
    supplies: [{ supplyId: 'earth', amount: 500 }],
  },
];
const book = testBook(
  aSupply('earth', { unit: 'g' }),
  aChild('kim', '2024-01-01', { shownAs: 'Kim' }),
  { type: 'library/put-watch-pattern', pattern: { id: 'bean', title: 'A bean', about: 'In a jar.', stages } },
  {
    type: 'watch/put-observation',
    observation: {
      id: 'o',
      unitId: TEST_UNIT,
      title: 'A bean in a jar',
      measures: ['height'],
      stages,
      startedOn: plainDay('2027-03-06'),
      keptIn: 'Sill',
    },
  },
  {
    type: 'watch/record',
    sighting: {
      id: 'one',
      observationId: 'o',
      on: plainDay('2027-03-07'),
      seen: 'Fat.',
      measured: [{ kind: 'height', value: 3 }],
    },
  } satisfies ChangeInput,
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
  await desk.router.push('/watch/o');
});
afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});
const told = () => watchedIn(desk.store.book, plainDay('2027-03-08'))[0]!;
const moment = (): Promise<void> => new Promise((done) => setTimeout(done));
const field = (name: string): HTMLInputElement =>
  [...document.body.querySelectorAll<HTMLInputElement>('input, textarea')].find((one) => one.name === name)!;
function write(name: string, value: string): void {
  field(name).value = value;
  field(name).dispatchEvent(new Event('input'));
}

describe('what is watched', () => {
  test('shows each stage with its window, what it brings, and who would be missing', () => {
    const page = desk.alone(WatchView);
    const text = page.text();
    for (const part of [
      'since Sat 6 March · Sill',
      'between Mon 8 March and Tue 9 March',
      'left closed · takes 2 to 5 days',
      'Fill a pot, 10 min',
      'earth: 500 g, 500 g missing',
      'It wants everyone: all are here on',
      'Fat.',
      'height 3 mm · Mara',
    ])
      expect(text).toContain(part);
  });

  test('a stage begins by one press, and all after it moves along', async () => {
    const page = desk.alone(WatchView);
    await page
      .findAll('button')
      .find((one) => one.text() === 'It has begun')!
      .trigger('click');
    expect(told().stages[1]).toMatchObject({ began: '2027-03-08', state: 'now' });
    expect(page.text()).toContain('began Mon 8 March');
    // It is left closed until the pot may be needed.
    expect(page.text()).toContain('When to lookWed 10Into a pot');
  });

  test('what was seen and measured is written down, and what is wrong is told', async () => {
    const page = desk.alone(WatchView);
    await page.get('form').trigger('submit');
    expect(page.text()).toContain('Say what was seen, measure something, or choose a stage');
    write('sighting.seen', 'Fatter.');
    write('sighting.measured.0.value', '5');
    await page.get('form').trigger('submit');
    expect(told().sightings[0]).toMatchObject({ seen: 'Fatter.', measured: [{ kind: 'height', value: 5 }] });
    expect(page.findAll('[data-test="sighting"]')).toHaveLength(2);
    await page.get('[aria-label="Take out what was seen on Sun 7 March"]').trigger('click');
    expect(page.findAll('[data-test="sighting"]')).toHaveLength(1);
  });

  test('it is ended, and goes on again', async () => {
    const page = desk.alone(WatchView);
    await page
      .findAll('button')
      .find((one) => one.text() === 'It is over')!
      .trigger('click');
    expect(told().isOver).toBe(true);
    await page
      .findAll('button')
      .find((one) => one.text() === 'It goes on')!
      .trigger('click');
    expect(told().isOver).toBe(false);
  });

  test('a strip has a day for each, the stages named on their first possible ones', () => {
    const strip = desk.alone(StripView);
    const days = strip.findAll('[data-test="strip-day"]').filter((day) => day.find('b').exists());
    expect(days).toHaveLength(15);
    expect(days[0]?.text()).toBe('1Sat 6Swellingclosed');
    expect(days[2]?.text()).toBe('3Mon 8Root?today');
  });

  test('what is awaited is ordered, comes, is counted and looked after', async () => {
    const awaited = { until: '2027-03-13', orderBy: '2027-03-09' };
    desk.store.perform([
      {
        type: 'watch/put-observation',
        observation: {
          ...{ id: 'moths', unitId: TEST_UNIT, title: 'Moths', stages, living: true, heads: 5 },
          ...{ startedOn: '2027-03-10', awaited, care: 'Fresh leaves', planB: 'Look for eggs' },
        },
      },
    ]);
    await desk.router.push('/watch/moths');
    const page = desk.alone(WatchView);
    const press = (text: string) =>
      page
        .findAll('button')
        .find((one) => one.text() === text)!
        .trigger('click');
    for (const text of [
      'comes between Wed 10 March and Sat 13 March',
      '5 to come',
      'Fresh leaves',
      'Look for eggs',
    ])
      expect(page.text()).toContain(text);
    expect(page.text()).toContain('It has not come yet.');
    await press('It is ordered');
    expect(desk.store.book.observations.moths?.awaited?.ordered).toBe(true);
    expect(page.text()).not.toContain('It is ordered');
    await press('It came today');
    expect(desk.store.book.observations.moths).toMatchObject({ startedOn: '2027-03-08', awaited: null });
    write('sighting.lost', '6');
    await page.get('form').trigger('submit');
    expect(page.text()).toContain('Only 5 are left');
    write('sighting.lost', '1');
    await page.get('form').trigger('submit');
    expect(page.text()).toContain('4 left, 1 lost');
  });

  test('begins from what is kept for it, also on a day to come, with the days that it took here', async () => {
    desk.store.perform([
      {
        type: 'watch/put-observation',
        observation: { ...desk.store.book.observations.o!, patternId: 'bean' } as never,
      },
      {
        type: 'watch/record',
        sighting: { id: 'two', observationId: 'o', on: '2027-03-08', stageId: 'root' },
      },
    ]);
    desk.alone(BeginView);
    document.body.querySelector<HTMLElement>('[aria-label="Begin: A bean"]')!.click();
    await moment();
    expect(document.body.textContent).toContain(
      'Yours took 2 days, seen once; as it is written, 1 to 3 days.',
    );
    write('observation.startedOn', '2029-03-09');
    const keep = [...document.body.querySelectorAll<HTMLElement>('button')].find(
      (one) => one.textContent?.trim() === 'Keep',
    )!;
    keep.click();
    await moment();
    expect(document.body.textContent).toContain('This is more than a year ahead');
    write('observation.startedOn', '2027-03-20');
    keep.click();
    await moment();
    expect(Object.values(desk.store.book.observations).map(({ title }) => title)).toContain('A bean');
  });

  test('has a drawer each', () => {
    expect(desk.alone(WatchFrame).text()).toContain('Swelling · since Sat 6');
  });
});
