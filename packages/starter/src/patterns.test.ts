// Every pattern in themes of one, three, eight and twenty things: nothing is asked, everything is filled, and it follows the table.
import {
  EMPTY_BOOK,
  openSlots,
  read,
  titleIn,
  type Activity,
  type Book,
  type ChangeInput,
  type Placement,
  type Reading,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { A_MONDAY, after } from '../../core/src/testing/home.ts';
import { demoGestures } from './index.ts';
import { tried } from './testing/odd-home.ts';

const demo = demoGestures().reduce<Book>((book, changes) => tried(book, changes), EMPTY_BOOK);
const UNIT = 'unit-of-things' as UnitId;
const patterns = Object.values(demo.activities).filter(({ content }) => content.slots.length > 0);

/** `[one, many, kind, parts, partner, place in the order]` */
type Row = readonly [string, string | null, string, readonly string[], string | null, number | null];
const ROWS: readonly Row[] = [
  ['umbrella', null, 'covers', ['handle', 'rib'], 'raincoat', 3],
  ['mouse', 'mice', 'animals', [], null, null],
  ['raincoat', null, 'covers', [], 'umbrella', 2],
  ['hour glass', null, 'tools', ['neck'], null, 1],
  ['sand', 'sand', 'stuff', [], null, null],
  ['X-ray', null, 'pictures', [], null, 4],
  ['oar', null, 'tools', ['blade'], null, null],
  ['unicycle', null, 'rides', ['wheel', 'seat'], null, null],
  ...Array.from({ length: 12 }, (_, i): Row => [`boat ${'abcdefghijkl'[i]!}`, null, 'rides', [], null, null]),
];
const thing = ([name, many, kind, parts, pair, rank]: Row, i: number): ChangeInput => ({
  type: 'unit/put-thing',
  thing: {
    ...{ id: `t-${i}`, unitId: UNIT, name, many, kind, parts: [...parts], pair, rank },
    order: `a${'0123456789ABCDEFGHIJKLMNOP'[i]!}`,
  },
});

const unit: ChangeInput = {
  type: 'unit/start',
  unit: { id: UNIT, title: 'Wet weather', style: 'theme', start: A_MONDAY, dayCount: 5 },
};
const place = ({ id, content }: Activity): ChangeInput => ({
  type: 'unit/place',
  id: `p-${id}`,
  unitId: UNIT,
  activityId: id,
  where:
    content.mode === 'reserve'
      ? { kind: 'reserve' }
      : { kind: 'corner', cornerId: Object.keys(demo.corners)[0] as never, fromDay: 1, toDay: 5 },
});
const withThings = (count: number): Book =>
  after(demo, unit, ...ROWS.slice(0, count).map(thing), ...patterns.map(place));
const reading = (book: Book): Reading => read(book, UNIT, A_MONDAY);
const textsOf = (value: unknown): string =>
  typeof value === 'string'
    ? `${value}\n`
    : value && typeof value === 'object'
      ? Object.values(value).map(textsOf).join('')
      : '';
const shownOf = ({ content }: Placement): string => {
  const { slots: _, ...rest } = content;
  return textsOf(rest);
};

describe.each([1, 3, 8, 20])('every pattern in a theme of %i things', (count) => {
  const book = withThings(count);
  const { placements, theme, headsUps, supplies } = reading(book);
  const names = ROWS.slice(0, count).map(([one]) => one);

  test('is filled: no gap, no brace, nothing undefined', () => {
    expect(placements).toHaveLength(patterns.length);
    for (const placement of placements) {
      expect(openSlots(placement.content), placement.id).toEqual([]);
      expect(placement.content.slots, placement.id).toEqual([]);
      expect(shownOf(placement), placement.id).not.toMatch(/[{}]|undefined|null|NaN|\bof \.|: \./);
    }
    expect(headsUps.filter(({ rule }) => rule === 'open-slot')).toEqual([]);
  });

  test('has one and many in their form, and the article that the sound needs', () => {
    for (const placement of placements) {
      const text = shownOf(placement);
      expect(text, placement.id).not.toMatch(
        /\b[Aa] umbrella|\b[Aa]n raincoat|\bumbrellaes|\bsands\b|\bmouses\b/,
      );
      expect(text, placement.id).not.toMatch(/\b(?:every|each|one) umbrellas\b|\bmany umbrella\b/);
    }
  });

  test('lists all of them, in the order of the table', () => {
    const match = placements.find(({ originId }) => originId === 'partner-match')!;
    for (const name of names.slice(0, 12)) expect(match.content.summary).toContain(name);
    if (count > 12) expect(match.content.summary).toContain(`and ${count - 12} more`);
  });

  test('counts what is there: two cards a thing, one a stage', () => {
    const of = (origin: string): number =>
      supplies
        .filter(({ supply }) => supply.id === 'picture-cards')
        .flatMap(({ uses }) => uses)
        .filter(({ placement }) => placement.originId === origin)
        .reduce((sum, { amount }) => sum + amount, 0);
    const ranked = ROWS.slice(0, count).filter((row) => row[5] !== null).length;
    const match = placements.find(({ originId }) => originId === 'partner-match')!;
    expect(match.counts?.things).toBe(count);
    expect(of('partner-match')).toBe(2 * count);
    const stages = ranked > 1 ? ranked : count;
    expect(of('what-comes-next') % stages).toBe(0);
    expect(of('what-comes-next')).toBeGreaterThan(0);
  });

  test('is offered with its title filled in', () => {
    for (const { content } of patterns) expect(titleIn(content, theme)).not.toMatch(/[{}…]/);
  });
});

describe('a pattern that is placed', () => {
  const book = withThings(3);
  const summary = (of: Book): string =>
    reading(of).placements.find(({ originId }) => originId === 'partner-match')!.content.summary;

  test('follows the table: a thing renamed, added, taken out, and back', () => {
    const before = summary(book);
    const renamed = after(book, thing(['parasol', null, 'covers', [], null, null], 0));
    expect(summary(renamed)).toContain('parasol');
    expect(summary(renamed)).not.toContain('umbrella');
    expect(summary(after(book, thing(ROWS[3]!, 3)))).toContain('hour glass');
    const without = after(book, { type: 'book/drop', kind: 'things', id: 't-1' });
    expect(summary(without)).not.toContain('mouse');
    expect(summary(after(without, thing(ROWS[1]!, 1)))).toBe(before);
  });

  test('keeps the words that somebody gave, whatever becomes of the table', () => {
    const placementId = 'p-partner-match';
    const given = after(book, { type: 'unit/fill', placementId, slots: { all: 'my own three' } });
    expect(summary(given)).toContain('my own three');
    expect(summary(after(given, thing(['parasol', null, 'covers', [], null, null], 0)))).toContain(
      'my own three',
    );
    expect(summary(after(given, { type: 'unit/fill', placementId, slots: { all: '' } }))).toBe(summary(book));
  });

  test('waits for its words while the theme has no things', () => {
    const empty = after(demo, unit, ...patterns.map(place));
    expect(reading(empty).headsUps.filter(({ rule }) => rule === 'open-slot').length).toBe(patterns.length);
  });
});

describe('a new home with a theme of its own and eight things', () => {
  const home = after(demo, unit, ...ROWS.slice(0, 8).map(thing));
  const isFitting = ({ fits }: { fits: number }): boolean => fits > 0;

  test('gets nothing of another theme before all that fits is used up, in any corner and on any day', () => {
    const { suggestions } = reading(home);
    const spots = [{ any: true }, {}, ...Object.values(home.corners).map((corner) => ({ corner }))];
    let others = 0;
    for (const spot of spots) {
      const offered = suggestions(spot);
      const first = offered.findIndex(({ belongs }) => belongs === 'other');
      if (first < 0) continue;
      others++;
      expect(offered.slice(first).every(({ belongs }) => belongs === 'other')).toBe(true);
      if (first > 0) expect(offered.slice(0, first).some(isFitting)).toBe(true);
      expect(offered[first]!.reasons[0]).toMatch(/^belongs to /);
    }
    expect(others).toBeGreaterThan(0);
  });

  test('patterns that its table can fill come before those whose order or kinds nobody wrote', () => {
    const bare = after(demo, unit, thing(['umbrella', null, 'covers', [], null, null], 0));
    const placeOf = (book: Book, id: string): number =>
      reading(book)
        .suggestions({ any: true })
        .findIndex(({ activity }) => activity.id === id);
    expect(placeOf(home, 'what-comes-next')).toBeLessThan(placeOf(bare, 'what-comes-next'));
    const { reasons } = reading(bare)
      .suggestions({ any: true })
      .find(({ activity }) => activity.id === 'what-comes-next')!;
    expect(reasons.join()).toContain('nobody wrote an order yet');
  });

  test('a theme of kites has what belongs to kites first', () => {
    const kites = reading(
      after(home, { type: 'unit/revise', unit: { ...home.units[UNIT]!, title: 'Kites and sand' } }),
    );
    const [first] = kites.suggestions({ any: true });
    expect(first!.belongs).toBe('own');
  });
});
