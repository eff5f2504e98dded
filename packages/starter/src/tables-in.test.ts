// Tables of the demo home back in: of children, records, the library and a shopping list; prices of a shop; recipes and songs as text.
import {
  attendanceTable,
  boughtRowChanges,
  childRowChanges,
  entryChanges,
  libraryRowChanges,
  libraryTable,
  priceChanges,
  proposePrices,
  readAttendanceTable,
  readEntryTexts,
  readLibraryTable,
  readPriceList,
  readRecordsTable,
  readShoppingTable,
  recipeText,
  recordRowChanges,
  recordsTable,
  shoppingTable,
  songText,
  type ImportRow,
  type Recipe,
  type UnitId,
  placementAt,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { DEMO_TODAY } from './index.ts';
import { after, demo, newId } from './testing/demo-home.ts';

const at = '2027-03-11T15:00:00.000Z';
const KITES = 'unit-kites' as UnitId;

const taken = <T>(rows: readonly ImportRow<T>[]): readonly T[] =>
  rows.map((row) => {
    if (!row.ok) throw new Error(`${row.line}: ${row.why}`);
    return row.value;
  });
const whys = (rows: readonly ImportRow<unknown>[]): readonly string[] =>
  rows.map((row) => (row.ok ? row.hints.join('; ') : `no: ${row.why}`));

describe('the days of the children', () => {
  const read = (text: string) => readAttendanceTable(text, demo, DEMO_TODAY, newId);

  test('unchanged change nothing', () => {
    const { rows } = read(attendanceTable(demo));
    expect(rows).toHaveLength(Object.keys(demo.children).length);
    expect(childRowChanges(taken(rows), demo, newId)).toEqual([]);
  });

  test('take a new child, other days, and days away; what has no column stays', () => {
    const [first] = Object.values(demo.children);
    const { rows } = read(
      `name,born,Tuesday,away\n${first!.name},,morning,2027-04-01 to 2027-04-03; 2027-05-01\n"Odo Fennick",2024-02-03,morning; afternoon,\n`,
    );
    const { children, absences } = after(demo, childRowChanges(taken(rows), demo, newId));
    expect(children[first!.id]).toEqual({
      ...first,
      version: first!.version + 1,
      attendance: { ...first!.attendance, 2: [expect.any(String)] },
    });
    const away = Object.values(absences).filter(({ id }) => !demo.absences[id]);
    expect(away.map(({ from, to }) => `${from} ${to}`).toSorted()).toEqual([
      '2027-04-01 2027-04-03',
      '2027-05-01 2027-05-01',
    ]);
    const odo = Object.values(children).find(({ name }) => name === 'Odo Fennick');
    expect(odo).toMatchObject({ shownAs: 'Odo', birth: '2024-02-03', mouthsThings: true });
    expect(Object.keys(odo!.attendance)).toEqual(['2']);
  });

  test('say what they do not understand, row by row', () => {
    expect(
      whys(
        read(
          'name,born,Monday,away\nOdo,2024-02-31,,\nEda,2028-01-01,,\nIda,2024-01-01,night,soon\n,2024-01-01,,\nida,2024-01-01,,',
        ).rows,
      ),
    ).toEqual([
      expect.stringMatching(/^no: born: /),
      'no: born: This day is still to come',
      'no part of the day is called “night”; away “soon” is not a day or a stretch like 2027-03-01 to 2027-03-05',
      'no: name: This cannot be empty',
      'no: This child stands in the table already',
    ]);
    expect(read('who,born\nOdo,2024-02-03').problem).toMatch(
      /^The first line names the columns, “name” among/,
    );
  });
});

describe('records', () => {
  test('unchanged change nothing; what is said otherwise is corrected', () => {
    const csv = recordsTable(demo);
    const rows = taken(readRecordsTable(csv, demo).rows);
    expect(rows).toHaveLength(Object.keys(demo.records).length);
    expect(recordRowChanges(rows)).toEqual([]);
    const [record] = Object.values(demo.records);
    const unit = demo.units[record!.unitId]!.title;
    const what = placementAt(demo, record!.placementId)!.content.title;
    const said = readRecordsTable(
      `unit,day,what,how it went\n${unit},${record!.day},"${what}",Skipped\n`,
      demo,
    );
    const { records } = after(demo, recordRowChanges(taken(said.rows)));
    expect(records[record!.id]).toMatchObject({ outcome: 'skipped', note: record!.note, test: record!.test });

    const timed = (minutes: string) =>
      readRecordsTable(`unit,day,what,minutes of a turn\n${unit},${record!.day},"${what}",${minutes}\n`, demo)
        .rows;
    const measured = after(demo, recordRowChanges(taken(timed('25'))));
    expect(measured.records[record!.id]).toEqual({ ...record, turnTook: 25, version: 2 });
    expect(recordRowChanges(taken(readRecordsTable(recordsTable(measured), measured).rows))).toEqual([]);
    expect(whys(timed('long'))[0]).toMatch(/^no: minutes of a turn: /);
  });

  test('of what is not there are not taken', () => {
    const unit = demo.units[KITES]!.title;
    const [placement] = Object.values(demo.placements).filter(({ unitId }) => unitId === KITES);
    const { title } = placementAt(demo, placement!.id)!.content;
    const { rows } = readRecordsTable(
      `unit,day,what,how it went,children\nNowhere,1,x,fine,\n${unit},1,Flying,fine,\n${unit},soon,"${title}",fine,\n${unit},9,"${title}",splendid,\n${unit},8,"${title}",fine,Nobody: fine\n`,
      demo,
    );
    expect(whys(rows)).toEqual([
      'no: no unit is called “Nowhere”',
      'no: “Flying” does not stand in this unit',
      expect.stringMatching(/^no: day: /),
      'no: how it went: Say how it went',
      '“Nobody: fine” is not a child and how it went for them',
    ]);
  });
});

describe('the table of the library', () => {
  const read = (text: string) => readLibraryTable(text, demo, newId);

  test('unchanged changes nothing', () => {
    const rows = taken(read(libraryTable(demo)).rows);
    expect(rows.length).toBeGreaterThan(100);
    expect(libraryRowChanges(rows)).toEqual([]);
  });

  test('takes what is otherwise, and begins activities and books', () => {
    const activity = Object.values(demo.activities).find(({ retired }) => !retired)!;
    const { title } = activity.content;
    const { rows } = read(
      `kind,title,about,skills,retired\nactivity,"${title}",Said anew,counting,retired\nactivity,Tram bells,Rings,,\nbook,Down the line,,,\nsong,Nobody sang it,,,\nthing,x,,,\nactivity,Odd,,flying,\n`,
    );
    expect(whys(rows)).toEqual([
      '',
      '',
      '',
      'no: A song is more than a row: bring it as text',
      'no: kind: “thing” is none of activity, recipe, song, book, sheet',
      '“flying” is not one of the skills',
    ]);
    const good = rows.flatMap((row) => (row.ok ? [row.value] : []));
    const book = after(demo, libraryRowChanges(good));
    expect(book.activities[activity.id]).toEqual({
      ...activity,
      version: activity.version + 1,
      retired: true,
      content: { ...activity.content, summary: 'Said anew', skills: ['counting'] },
    });
    expect(Object.values(book.activities).some(({ content }) => content.title === 'Tram bells')).toBe(true);
    expect(Object.values(book.bookTitles).some((one) => one.title === 'Down the line')).toBe(true);
  });
});

describe('a shopping list filled in at the shop', () => {
  test('puts what was bought into the ledger, with what it cost', () => {
    const csv = shoppingTable(demo, KITES, DEMO_TODAY);
    const [heading, first, second, ...rest] = csv.split('\r\n');
    const filled = [
      heading,
      first!.replace(/,,$/, ',2.5,"$1,204.50"'),
      second!.replace(/,,$/, ',some,'),
      ...rest,
    ];
    expect(filled[1]).not.toBe(first);
    const { rows } = readShoppingTable(filled.join('\r\n'), demo, KITES, DEMO_TODAY);
    expect(whys(rows)).toEqual(['', 'no: bought “some” is not an amount']);
    const good = rows.flatMap((row) => (row.ok ? [row.value] : []));
    const book = after(demo, boughtRowChanges(good, { at, unitId: KITES, newId }));
    const moves = Object.values(book.stockMoves).filter(({ id }) => !demo.stockMoves[id]);
    expect(moves).toMatchObject([{ kind: 'bought', amount: 2.5, paid: 120_450, forUnit: KITES, at }]);
    const other = readShoppingTable('name,bought\nA trombone,1\n', demo, KITES, DEMO_TODAY);
    expect(whys(other.rows)).toEqual(['no: “A trombone” is not on this list']);
  });
});

describe('prices of a shop', () => {
  const offers = (text: string) => taken(readPriceList(text, demo).rows);
  const propose = (text: string) => proposePrices(offers(text), 'Corner shop', demo, DEMO_TODAY);
  const flour = Object.values(demo.supplies).find(({ name, unit }) => /flour/i.test(name) && unit === 'g')!;
  const OFFERED = `name,pack,unit,price\n${flour.name.toUpperCase()},2,kg,3.10\n"${flour.name}, finely milled",500 g,,$1.20\nA trombone,1,,900\n`;

  test('are for the supply of that name, or the one whose words stand in theirs', () => {
    const { rows } = propose(OFFERED);
    expect(taken(rows).map(({ supply, becomes }) => [supply.id, becomes])).toEqual([
      [flour.id, { amount: 2000, price: 310, pricedOn: DEMO_TODAY, shop: 'Corner shop' }],
      [flour.id, { amount: 500, price: 120, pricedOn: DEMO_TODAY, shop: 'Corner shop' }],
    ]);
    const { supplies } = after(demo, priceChanges(taken(rows), demo));
    const packs = supplies[flour.id]!.packs;
    expect(packs.filter(({ shop }) => shop === 'Corner shop')).toHaveLength(2);
    // Proposed again, they are known packs: nothing is doubled.
    const then = { ...demo, supplies };
    const again = proposePrices(offers(OFFERED), 'corner shop', then, DEMO_TODAY);
    expect(after(then, priceChanges(taken(again.rows), then)).supplies[flour.id]!.packs).toHaveLength(
      packs.length,
    );
  });

  test('say where they do not fit', () => {
    expect(whys(propose(`name,pack,price\n${flour.name},3 pieces,1\n`).rows)).toEqual([
      expect.stringContaining(`no: ${flour.name}: This is kept in g`),
    ]);
    expect(whys(readPriceList('name,pack,price\nx,1,\ny,1,dear\nz,,2\nx,1,3\nx,1,3', demo).rows)).toEqual([
      'no: price: there is none',
      'no: “dear” is not a price',
      'no: pack: This cannot be empty',
      '',
      'no: This pack stands in the list already',
    ]);
    expect(propose('name,pack,price\nA trombone,1,900\n').problem).toBe(
      'Nothing in it is kept in this house.',
    );
  });
});

describe('recipes and songs as text', () => {
  const texts = [
    ...Object.values(demo.songs).map((song) => songText(song)),
    ...Object.values(demo.recipes).map((recipe) => recipeText(recipe, demo)),
  ];
  const without = { ...demo, songs: {}, recipes: {} };

  test('read back are the same text, all of the library in one', () => {
    const { rows } = readEntryTexts(texts.join('\n\n\n'), without, newId);
    expect(whys(rows)).toEqual(texts.map(() => ''));
    const book = after(without, entryChanges(taken(rows)));
    const again = [
      ...Object.values(book.songs).map((song) => songText(song)),
      ...Object.values(book.recipes).map((recipe) => recipeText(recipe, book)),
    ];
    expect(again.toSorted()).toEqual(texts.toSorted());
    expect(Object.keys(book.supplies)).toEqual(Object.keys(demo.supplies));
  });

  test('that are here already bring nothing', () => {
    const { rows } = readEntryTexts(texts.join('\n\n'), demo, newId);
    expect(new Set(taken(rows).map(({ as }) => as))).toEqual(new Set(['same']));
  });

  test('as somebody writes them down are understood as far as they go', () => {
    const { rows } = readEntryTexts(
      'Recipe: Tram mud\n2 1/2 cups oats, ground\n3 pebbles\nStir it.\n2) Let it stand [waits 20 min; until it is thick]\n\n' +
        'Song: Clang goes the tram\nClang goes the tram // ring\nAll: clang!\n\nDown the hill\n',
      { ...demo, supplies: {} },
      newId,
    );
    expect(whys(rows)).toEqual([
      '“oats” is not in the cupboard: it is begun there, in mL, as food; “pebbles” is not in the cupboard: it is begun there, counted, as food; say how much one batch gives; no kind is given: other',
      'no kind is given: song; no place is given: gather',
    ]);
    const book = after(demo, entryChanges(taken(rows)));
    const recipe = Object.values(book.recipes).find(({ title }) => title === 'Tram mud') as Recipe;
    expect(recipe.ingredients.map(({ amount, goesIn }) => [Math.round(amount), goesIn])).toEqual([
      [591, 'ground'],
      [3, ''],
    ]);
    expect(recipe.steps).toMatchObject([
      { text: 'Stir it.' },
      { text: 'Let it stand', waitMinutes: 20, sign: 'it is thick' },
    ]);
    const song = Object.values(book.songs).find(({ title }) => title === 'Clang goes the tram');
    expect(song!.verses).toEqual(['Clang goes the tram // ring\nAll: clang!', 'Down the hill']);
  });

  test('that cannot be kept name the line', () => {
    const { rows } = readEntryTexts(
      'Recipe: Odd\n\n- some sand\n\nRecipe:\n\nSong: Nothing\n\nSong: nothing\nx',
      demo,
      newId,
    );
    expect(whys(rows)).toEqual([
      'no: line 3: “some sand” begins with no amount',
      'no: title: This cannot be empty',
      'no: verses: At least one verse',
      'no: It stands in the text already',
    ]);
    expect(readEntryTexts('Kites', demo, newId).problem).toMatch(/^A recipe begins/);
    expect(readEntryTexts('', demo, newId).problem).toBe('There is nothing in it yet.');
  });
});
