import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { plainDay } from '../calendar/index.ts';
import {
  aChild,
  aCorner,
  after,
  anActivity,
  inBin,
  inCorner,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../testing/home.ts';
import { composeChildLetter } from './child-letter.ts';
import { printedPages } from './printed.ts';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01', {
    name: 'Bo Lark',
    shownAs: 'Bo',
    allergies: [{ allergen: 'milk', words: 'milk' }],
  }),
  aChild('ada', '2023-01-01', { name: 'Ada Brook', shownAs: 'Ada' }),
  anActivity('wash', { title: 'A wash of sky', mode: 'whole-group', keepsake: true, skills: ['colour'] }),
  anActivity('drum', { title: 'Drums', mode: 'whole-group', skills: ['listening'] }),
  anActivity('hers', { title: 'Truck day for Ada', mode: 'whole-group' }),
  anActivity('stand', { title: 'Blocks' }),
  onDay('p', 'wash', 2),
  onDay('q', 'drum', 1),
  onDay('r', 'hers', 2),
  inCorner('s', 'stand', 'a', 1, 2),
  inBin('b', 'stand', 'bo', 1, 2),
  recorded('q', 1, 'loved'),
  recorded('p', 2, 'fine', { note: 'Ada cried, milk was spilled' }),
  recorded('r', 2, 'loved'),
);
const LATER = plainDay('2027-03-15');
const letter = (base = book, childId = 'bo') =>
  composeChildLetter(base, childId as never, {
    from: plainDay('2027-03-01'),
    to: plainDay('2027-03-14'),
    today: LATER,
  });
const offered = (base = book, today = LATER) =>
  JSON.stringify(printedPages('offered', base, { unitId: TEST_UNIT, day: 1, today }));

describe('the page for the family', () => {
  test('says what the child loved and met, in which areas, and what is in the folder', () => {
    expect(letter()).toContain('Dear family of Bo,');
    expect(letter()).toContain('Bo loved “Drums”, and wanted more.');
    expect(letter()).toContain('There was also “A wash of sky”.');
    expect(letter()).toContain('In the folder of Bo: “A wash of sky”.');
  });

  test('says plainly that nothing was recorded', () => {
    expect(letter(after(book, aChild('eli', '2022-01-01')), 'eli')).toContain('Dear family of eli');
    expect(composeChildLetter(book, 'bo' as never, { from: LATER, to: LATER, today: LATER })).toContain(
      'Nothing was recorded for Bo',
    );
    expect(letter(book, 'gone')).toBe('');
  });

  test('was not for whom it was skipped, and says how it was for the child itself', () => {
    const other = after(
      book,
      recorded('q', 1, 'loved', { children: [{ childId: 'bo', outcome: 'skipped' }] }),
    );
    expect(letter(other)).not.toContain('Drums');
  });
});

describe('what was offered', () => {
  test('tells recorded from planned, and claims no more', () => {
    expect(offered()).toContain('Recorded: Drums (language)');
    expect(offered()).toContain('Planned: Blocks (number)');
    const skipped = after(book, recorded('q', 1, 'skipped'));
    expect(offered(skipped)).toContain('Did not happen: Drums (language)');
    expect(offered(skipped)).toContain('["language","not recorded"]');
  });

  test('is nothing before the first day is over', () => {
    expect(offered(book, plainDay('2027-03-08'))).toBe('[]');
  });
});

test('neither page names another child, an allergy, or what was noted in the room', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 1e9 }).map((n) => `SECRET${n}`),
      fc.constantFrom('loved', 'fine', 'lost'),
      (mark, outcome) => {
        const hidden = after(
          book,
          aChild('ada', '2023-01-01', {
            name: `${mark} Brook`,
            shownAs: mark,
            notes: mark,
            likes: [mark],
            wontTouch: [mark],
            helps: [{ kind: 'grip', words: mark }],
            allergies: [{ allergen: 'milk', words: mark }],
          }),
          anActivity('named', { title: `The day of ${mark}`, mode: 'whole-group' }),
          onDay('n', 'named', 3),
          recorded('n', 3, outcome),
          recorded('p', 2, outcome, { note: mark, children: [{ childId: 'ada', outcome: 'lost' }] }),
        );
        expect(letter(hidden)).not.toContain(mark);
        expect(letter(hidden)).not.toMatch(/milk/iu);
        // A title is as it was written; nothing else of a child stands there.
        expect(offered(hidden).replaceAll(`The day of ${mark}`, '')).not.toContain(mark);
        expect(offered(hidden)).not.toMatch(/milk/iu);
      },
    ),
    { numRuns: 30 },
  );
});
