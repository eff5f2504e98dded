import { describe, expect, test } from 'vitest';
import { plainDay } from '../calendar/index.ts';
import {
  aChild,
  after,
  anActivity,
  attempt,
  aSupply,
  gesture,
  inBin,
  onDay,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { advance, dayProblems, EMPTY_HISTORY, placesOf, withoutWords, type ChangeInput } from './index.ts';

const absence: ChangeInput = {
  type: 'house/put-absence',
  absence: { id: 'a', childId: 'ada', from: '2027-03-08', to: '2027-03-08' },
};
const forget = (words: string[]): ChangeInput => ({ type: 'house/forget-child', childId: 'ada', words });

describe('forgetting a child', () => {
  const book = testBook(
    aChild('ada', '2026-05-20', { name: 'Ada Brook', shownAs: 'Ada' }),
    aChild('bo', '2022-01-01', { notes: 'Naps next to Ada; ADA BROOK is his cousin. Not Adalyn.' }),
    aSupply('cup', { name: "Ada's cup", keptIn: 'Ada' }),
    anActivity('build', { summary: 'as ada likes it' }),
    absence,
  );

  test('takes the child, its days and its names out of every text', () => {
    const forgotten = after(book, forget(['Ada', 'Ada Brook']));
    expect([Object.keys(forgotten.children), forgotten.absences]).toEqual([['bo'], {}]);
    expect(forgotten.children.bo?.notes).toBe('Naps next to a child; a child is his cousin. Not Adalyn.');
    expect([forgotten.supplies.cup?.name, forgotten.activities.build?.content.summary]).toEqual([
      "a child's cup",
      'as a child likes it',
    ]);
    expect(JSON.stringify(forgotten)).not.toMatch(/\bada\b/i);
  });

  test('takes what stood in its bin, what stands in for that and what was said of it; from lists only its own entry', () => {
    const planned = after(
      book,
      { type: 'house/put-person', person: { id: 'sol', name: 'Sol', role: 'assistant' } },
      { ...inBin('own', 'build', 'ada', 1, 3) },
      { ...onDay('group', 'build', 2) },
      { ...onDay('rain', 'build', 2), where: { kind: 'twin', of: 'own' } } as ChangeInput,
      { type: 'daybook/tick', subject: { placementId: 'own', day: 1, supplyId: null } } as ChangeInput,
      {
        type: 'handover/lead',
        leading: {
          unitId: TEST_UNIT,
          placementId: 'group',
          day: 2,
          groups: [{ personId: 'sol', childIds: ['bo', 'ada'] }],
        },
      },
      {
        type: 'daybook/record',
        record: {
          unitId: TEST_UNIT,
          placementId: 'group',
          day: 2,
          outcome: 'fine',
          children: [
            { childId: 'ada', outcome: 'lost' },
            { childId: 'bo', outcome: 'loved' },
          ],
        },
      },
      { type: 'unit/choose-version', placementId: 'group', childId: 'ada', versionId: null },
      {
        type: 'unit/keep-finding',
        keeping: { id: 'about-ada', unitId: TEST_UNIT, key: 'left-out:ada', facts: 'f', why: 'x' },
      },
      {
        type: 'unit/keep-finding',
        keeping: { id: 'about-adalyn', unitId: TEST_UNIT, key: 'left-out:adalyn', facts: 'f', why: 'x' },
      },
    );
    const { placements, ticks, leadings, records, keepings } = after(planned, forget([]));
    expect([Object.keys(placements), Object.keys(ticks), Object.keys(keepings)]).toEqual([
      ['group'],
      [],
      ['about-adalyn'],
    ]);
    expect(placements.group?.choices).toEqual([]);
    expect(Object.values(leadings)[0]?.groups).toEqual([{ personId: 'sol', childIds: ['bo'] }]);
    expect(Object.values(records)[0]?.children).toEqual([{ childId: 'bo', outcome: 'loved' }]);
  });

  test.each(['Ann-Kit', "O'Hare", 'J. R.', 'Zoë (Zo)', 'a+b|c', '[x]{2}', 'C:\\D', '$&^', 'x/y?*'])(
    'takes out a name as it is written, whatever is in it: %s',
    (name) => {
      const named = after(book, aSupply('mug', { name: `The mug of ${name}, blue` }));
      expect(after(named, forget([name])).supplies.mug?.name).toBe('The mug of a child, blue');
    },
  );

  test('leaves everything else the same objects, and can not be taken back', () => {
    const outcome = attempt(book, [forget(['Ada Brook'])]);
    expect(outcome.outcome === 'kept' && [outcome.inverse, outcome.book.units === book.units]).toEqual([
      null,
      true,
    ]);
  });

  test('takes the steps that know the child out of the history', () => {
    const touched = [{ kind: 'children', id: 'ada', before: 0, after: 1 }] as const;
    const entry = { id: 'g1' as never, label: 'Ada', touched, inverse: forget([]) as never, undoes: null };
    const other = { ...entry, id: 'g2' as never, touched: [{ ...touched[0], id: 'bo' }] };
    const history = advance(advance(EMPTY_HISTORY, entry), other);
    const gone = { ...entry, inverse: null, touched: [{ ...touched[0], before: 1, after: 0 }] };
    expect(advance(history, gone).undo.map((step) => step.entry.id)).toEqual(['g2']);
  });

  test('says beforehand where the names stand', () => {
    const places = placesOf(book, ['Ada'], 'ada' as never).map((place) => `${place.key} ${place.name}`);
    expect(places).toEqual(['children/bo bo', "supplies/cup Ada's cup", 'activities/build build']);
    expect(placesOf(book, ['Zoë'], 'ada' as never)).toEqual([]);
  });

  test('of somebody who is not there is refused', () => {
    expect(attempt(testBook(), [forget([])])).toMatchObject({
      outcome: 'refused',
      refusal: { reason: 'unknown-id', path: ['changes', 0, 'childId'] },
    });
  });

  test('writes a dash where the longer words do not fit', () => {
    const long = `${'Ada and '.repeat(14)}Bo`;
    const full = after(book, aSupply('cup', { name: long }));
    expect(after(full, forget(['Ada'])).supplies.cup?.name).toBe(`${'– and '.repeat(14)}Bo`);
  });
});

test('words are taken out of texts as whole words, ids and keys are left alone', () => {
  const value = { ada: 'id-ada', childId: 'ada', text: 'Ada, (ada) and Zoë.', list: ['Zoë', 'Zoëlle'] };
  expect(withoutWords(value, ['Ada', 'Zoë'])).toEqual({
    ada: 'id-ada',
    childId: 'ada',
    text: 'a child, (a child) and a child.',
    list: ['a child', 'Zoëlle'],
  });
  expect(withoutWords(value, ['Bo', 'a.c'])).toBe(value);
});

describe('what cannot be today', () => {
  const today = plainDay('2027-03-11');
  const born = (birth: string) => dayProblems(gesture([aChild('x', birth)]), today).map((one) => one.message);

  test.each([
    ['2027-03-11', []],
    ['2027-03-12', ['This day is still to come']],
    ['2009-03-11', []],
    ['2009-02-11', ['That is more than eighteen years ago']],
  ])('born on %s', (birth, messages) => expect(born(birth)).toEqual(messages));

  test('names the place', () => {
    expect(dayProblems(gesture([absence, aChild('x', '2028-01-01')]), today)[0]?.path).toEqual([
      'changes',
      1,
      'child',
      'birth',
    ]);
  });
});
