import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../book/index.ts';
import { activitySchema, type ContentField } from '../library/index.ts';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  attempt,
  aVersion,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { contentWritten, differsFrom, libraryHasNewer } from '../unit/index.ts';
import type { ChangeInput } from './index.ts';

const version = (id: string, fromMonths = 0, untilMonths: number | null = null) => ({
  ...aVersion(fromMonths, untilMonths),
  id,
});
const prep = (id: string, needs: string[] = []) => ({ id, text: `Cut ${id}`, minutes: 5, needs });
const match = {
  title: 'Match the {things}',
  summary: 'One {thing} each',
  versions: [version('v1', 0, 36), version('v2', 36)],
  prep: [prep('cut'), prep('glue', ['cut'])],
  materials: [aMaterial('card', 2)],
  slots: [
    { id: 'things', asks: 'Which things?', kind: 'thing' as const },
    { id: 'thing', asks: 'One of them?', kind: 'thing' as const },
  ],
};
const book = testBook(
  aCorner('a'),
  aChild('ada', '2024-01-01'),
  aSupply('card'),
  aSupply('felt'),
  anActivity('match', match),
);
const placed = after(book, {
  ...inCorner('p', 'match', 'a', 1, 5),
  slots: { things: 'kites', thing: 'kite' },
});
const over = (part: object): ChangeInput => ({ type: 'unit/write-over', placementId: 'p', part });
const content = (of: Book) => placementAt(of, 'p')!.content;
const newer = (rest: object): ChangeInput => {
  const { activity } = anActivity('match', { ...match, ...rest }) as { activity: object };
  return { type: 'library/put-activity', activity: { ...activity, version: 1 } } as ChangeInput;
};
const takeOver = (keep: readonly ContentField[] = []): ChangeInput => ({
  ...{ type: 'unit/take-over', placementId: 'p', activityId: 'match', keep: [...keep] },
});

describe('what is placed', () => {
  test('keeps its slots, and says what fills them, otherwise too', () => {
    expect(content(placed)).toMatchObject({ title: 'Match the kites', summary: 'One kite each' });
    expect(placed.placements.p).toMatchObject({ base: { title: 'Match the {things}' }, over: {} });
    const trams = after(placed, {
      type: 'unit/fill',
      placementId: 'p',
      slots: { things: 'trams', thing: '' },
    });
    expect(content(trams)).toMatchObject({ title: 'Match the trams', summary: 'One {thing} each' });
    const strange = attempt(placed, [{ type: 'unit/fill', placementId: 'p', slots: { constructor: 'x' } }]);
    expect(strange).toMatchObject({
      outcome: 'refused',
      refusal: { path: ['changes', 0, 'slots', 'constructor'] },
    });
  });

  test('is the same object for the same copy, and its content for the same words', () => {
    expect(placementAt(placed, 'p')).toBe(placementAt(placed, 'p'));
    const pinned = after(placed, { type: 'unit/pin', placementId: 'p', pinned: true });
    expect(content(pinned)).toBe(content(placed));
  });
});

describe('writing over', () => {
  test('changes the copy and nothing else; saying what the library says is no difference', () => {
    const written = after(placed, over({ title: 'Match the kites twice', steps: [{ text: 'Look.' }] }));
    expect(content(written)).toMatchObject({
      title: 'Match the kites twice',
      steps: [{ owner: 'together' }],
    });
    expect(written.activities).toBe(placed.activities);
    expect(differsFrom(written.placements.p!, written.activities.match!)).toEqual(['title', 'steps']);
    for (const title of ['Match the kites', 'Match the {things}'])
      expect(after(written, over({ title, steps: [] })).placements.p!.over).toEqual({});
    const back = (fields: ContentField[] | null) =>
      after(written, { type: 'unit/back-to-library', placementId: 'p', fields });
    expect(back(['title']).placements.p!.over).toEqual({ steps: [{ text: 'Look.', owner: 'together' }] });
    expect(back(null).placements.p!.over).toEqual({});
  });

  test.each<[object, string]>([
    [{ materials: [aMaterial('card', 1, { versionIds: ['v9'] })] }, 'part.materials.0.versionIds'],
    [{ prep: [prep('glue', ['cut'])] }, 'part.prep.0.needs.0'],
  ])('%j does not go together with the rest and is refused where it stands', (part, path) => {
    const outcome = attempt(placed, [over(part)]);
    expect(outcome.outcome === 'refused' && outcome.refusal.path.slice(2).join('.')).toBe(path);
  });

  test('a material that is nowhere leads nowhere', () => {
    const outcome = attempt(placed, [over({ materials: [aMaterial('gone', 1)] })]);
    expect(outcome).toMatchObject({ outcome: 'refused', refusal: { reason: 'leads-nowhere' } });
  });

  test('hand choices of a version that goes away go with it', () => {
    const chosen = after(placed, {
      ...{ type: 'unit/choose-version', placementId: 'p', childId: 'ada', versionId: 'v2' },
    } as ChangeInput);
    expect(after(chosen, over({ summary: 'x' })).placements.p!.choices).toHaveLength(1);
    expect(after(chosen, over({ versions: [version('v1')] })).placements.p!.choices).toEqual([]);
  });
});

describe('what is written and in no library', () => {
  const where = { kind: 'day' as const, day: 2, blockId: 'table' };
  const write: ChangeInput = {
    ...{ type: 'unit/write', id: 'own', unitId: TEST_UNIT, where },
    content: contentWritten('Sponge kites'),
  };

  test('stands in the plan, is mended where it stands, and becomes an entry when somebody says so', () => {
    const own = after(book, write);
    expect(own.placements.own).toMatchObject({ originId: null, over: {} });
    expect(placementAt(own, 'own')).toMatchObject({ originId: 'own', content: { title: 'Sponge kites' } });
    const mended = after(own, { type: 'unit/write-over', placementId: 'own', part: { summary: 'Dab.' } });
    expect(mended.placements.own).toMatchObject({ base: { summary: 'Dab.' }, over: {} });
    const activity = activitySchema.parse({ id: 'sponge', content: mended.placements.own!.base });
    const entry = after(
      mended,
      { type: 'library/put-activity', activity },
      { type: 'unit/take-over', placementId: 'own', activityId: 'sponge', keep: [] },
    );
    expect(entry.placements.own).toMatchObject({ originId: 'sponge', over: {} });
    expect(libraryHasNewer(entry.placements.own!, entry.activities.sponge!)).toBe(false);
    expect(attempt(own, [write]).outcome).toBe('refused');
  });
});

describe('taking over what the library has now', () => {
  test('takes every field but those that are kept', () => {
    const written = after(placed, over({ title: 'Kites, twice', summary: 'Mine' }));
    const there = after(
      written,
      newer({ title: 'Pair the {things}', summary: 'New', steps: [{ text: 'Sort.' }] }),
    );
    expect(content(there).title).toBe('Kites, twice');
    expect(libraryHasNewer(there.placements.p!, there.activities.match!)).toBe(true);
    const taken = after(there, takeOver(['summary']));
    expect(libraryHasNewer(taken.placements.p!, taken.activities.match!)).toBe(false);
    expect(content(taken)).toMatchObject({
      title: 'Pair the kites',
      summary: 'Mine',
      steps: [{ text: 'Sort.' }],
    });
    expect(taken.placements.p).toMatchObject({
      originVersion: 2,
      slots: { things: 'kites' },
      over: { summary: 'Mine' },
    });
  });

  test('loses no choice, record or tick, and what they cannot be without', () => {
    const used = after(
      placed,
      { type: 'unit/choose-version', placementId: 'p', childId: 'ada', versionId: 'v2' },
      {
        type: 'daybook/record',
        record: { unitId: TEST_UNIT, placementId: 'p', day: 1, outcome: 'fine', versionId: 'v1' },
      },
      { type: 'ready/done', unitId: TEST_UNIT, taskId: 'p:glue' },
    );
    const there = after(used, newer({ versions: [version('w')], prep: [prep('paint')] }));
    const taken = after(there, takeOver());
    expect(content(taken).versions.map(({ id }) => id)).toEqual(['w', 'v1', 'v2']);
    expect(content(taken).prep.map(({ id }) => id)).toEqual(['paint', 'cut', 'glue']);
    expect(taken.placements.p!.choices).toEqual(used.placements.p!.choices);
    expect(taken.records).toBe(used.records);
  });

  test('in whatever order people write, take over and choose: what was chosen, told and ticked is there at the end', () => {
    const versionSets = [['v1', 'v2'], ['v1'], ['w'], ['v2', 'w', 'x']];
    const act = fc.oneof(
      fc.constantFrom<ChangeInput>(
        over({ title: 'Mine' }),
        over({ summary: 'Mine too' }),
        over({ steps: [] }),
      ),
      fc.constantFrom(...versionSets).map((ids) => newer({ versions: ids.map((id) => version(id)) })),
      fc.subarray<ContentField>(['title', 'summary', 'versions', 'prep']).map(takeOver),
      fc.constantFrom('v1', 'v2', 'w').map((versionId): ChangeInput => ({
        ...{ type: 'unit/choose-version', placementId: 'p', childId: 'ada', versionId },
      })),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        let now = placed;
        let chosen: string | null = null;
        for (const one of acts) {
          const seen =
            one.type === 'library/put-activity'
              ? { ...one, activity: { ...one.activity, version: now.activities.match!.version } }
              : one;
          const outcome = attempt(now, [seen]);
          if (outcome.outcome !== 'kept') continue;
          now = outcome.book;
          if (one.type === 'unit/choose-version') chosen = one.versionId;
          const { choices } = now.placements.p!;
          expect(choices.map(({ versionId }) => versionId)).toEqual(chosen === null ? [] : [chosen]);
          if (chosen !== null) expect(content(now).versions.map(({ id }) => id)).toContain(chosen);
          expect(placementAt(now, 'p')!.content).toEqual(content(now));
        }
      }),
    );
  });
});
