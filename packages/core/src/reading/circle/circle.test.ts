import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { aPiece, aSong, CIRCLE_HOME, circleBook } from '../../testing/circle.ts';
import {
  A_MONDAY,
  aCorner,
  aMaterial,
  after,
  anActivity,
  aSupply,
  attempt,
  inCorner,
  onDay,
  TEST_UNIT,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { explainLength, formatSeconds } from './length.ts';
import { missingIn, partDoubts, pieceIdeas, whoSuits } from './missing.ts';
import { orderNotes, placeFor } from './order.ts';
import { groupPatience, middleOf } from './patience.ts';
import { halfGoneAfter, staysIn } from './stay.ts';

const circle = (book: Book, day = 1, moment: 'in' | 'after' = 'in', blockId = 'circle') => {
  const { circles, frame } = read(book, TEST_UNIT, A_MONDAY);
  return circles.on(
    day,
    frame.home.blocks.find(({ id }) => id === blockId)!,
    moment,
  )!;
};
const titles = (book: Book, day = 1) => circle(book, day).parts.map(({ title }) => title);
const lasting = (minutes: number) => ({ minutes: minutes as never });
const told = (book: Book, rule: string) =>
  read(book, TEST_UNIT, A_MONDAY)
    .headsUps.filter((one) => one.rule === rule)
    .map(({ title, detail }) => `${title} | ${detail}`);

describe('the pieces of a day', () => {
  const book = circleBook(aPiece('a', 'a0'), aPiece('b', 'a1'), aPiece('c', 'a2'));

  test('are those of every day in their order, with one thing changing', () => {
    const changed = after(
      book,
      aPiece('b2', 'b00', { day: 2, insteadOf: 'b' }),
      aPiece('only', 'a0V', { day: 3 }),
      aPiece('a', 'a0', { notOn: [3] }),
    );
    expect(titles(changed, 1)).toEqual(['a', 'b', 'c']);
    expect(titles(changed, 2)).toEqual(['a', 'b2', 'c']);
    expect(titles(changed, 3)).toEqual(['only', 'b', 'c']);
    // What takes a place stands where that is, wherever it is moved.
    expect(titles(after(changed, aPiece('b', 'a9')), 2)).toEqual(['a', 'c', 'b2']);
  });

  test('stand in the circle, or at the seam after a block', () => {
    const seam = after(book, aPiece('tidy', 'a0', { blockId: 'table', moment: 'after' }));
    expect(titles(seam)).toEqual(['a', 'b', 'c']);
    expect(circle(seam, 1, 'after', 'table').parts.map(({ title }) => title)).toEqual(['tidy']);
    const { runs } = read(seam, TEST_UNIT, A_MONDAY).circles;
    expect(runs).toHaveLength(2 * seam.units[TEST_UNIT]!.dayCount);
    expect(read(circleBook(), TEST_UNIT, A_MONDAY).circles.runs).toEqual([]);
  });

  test('refuse what leads nowhere, with its path', () => {
    const problems = (change: ChangeInput) => {
      const outcome = attempt(book, [change]);
      return outcome.outcome === 'refused' ? outcome.refusal : outcome.outcome;
    };
    expect(problems(aPiece('x', 'a3', { songId: 'nothing' }))).toMatchObject({
      reason: 'leads-nowhere',
      path: ['changes', 0, 'piece', 'songId'],
      message: 'There is no such song any more',
    });
    expect(problems(aPiece('x', 'a3', { blockId: 'gone' }))).toMatchObject({ reason: 'leads-nowhere' });
    const chained = after(book, aPiece('b2', 'a1', { day: 2, insteadOf: 'b' }));
    const outcome = attempt(chained, [aPiece('b3', 'a1', { day: 2, insteadOf: 'b2' })]);
    expect(outcome).toMatchObject({ refusal: { path: ['changes', 0, 'piece', 'insteadOf'] } });
    expect(attempt(chained, [{ type: 'book/drop', kind: 'circlePieces', id: 'b' }]).outcome).toBe('refused');
  });

  test('a story without a book takes the one that is read on the day', () => {
    const kite: ChangeInput = {
      type: 'library/put-book',
      book: { id: 'kite', title: 'Up and away', level: 'picture', keptHigh: true },
    };
    const line: ChangeInput = {
      type: 'unit/put-line',
      line: { id: 'l', unitId: TEST_UNIT, kind: 'read-aloud', day: 2, bookId: 'kite', order: 'a0' },
    };
    const told2 = after(book, kite, line, aPiece('s', 'a3', { kind: 'story', words: '' }));
    expect(titles(told2, 2).at(-1)).toBe('Up and away');
    expect(titles(told2, 1).at(-1)).toBe('The book of the day');
    const doubts = (day: number) => partDoubts(circle(told2, day).parts.at(-1)!, circle(told2, day));
    expect(doubts(1)).toEqual(['No book is read aloud on this day yet']);
    expect(doubts(2)).toEqual([]);
    expect(whoSuits(told2.bookTitles.kite!, circle(told2, 2)).map(({ id }) => id)).toEqual(['bo', 'cy']);
  });
});

describe('how long a piece takes', () => {
  const lengthIn = (rest: object, song: Parameters<typeof aSong>[1] = {}, values = {}) => {
    const home = { ...CIRCLE_HOME, values: { circleSettleSeconds: 0, ...values } };
    const book = circleBook({ type: 'house/put-home', home }, aSong('s', song), aPiece('p', 'a0', rest));
    const [part] = circle(book).parts;
    return `${part!.length.seconds}: ${explainLength(part!.length)}`;
  };
  test('follows from its lines, its verses and its pace', () => {
    const counted = { rule: { kind: 'counted', from: 5, to: 1 } } as const;
    expect(lengthIn({ songId: 's' }, counted)).toBe('100: 20 lines in 5 verses × 5 s a line → 1 min 40 s');
    expect(lengthIn({ songId: 's' }, { ...counted, pace: 'slow' })).toMatch(/^140: .* × 7 s a line/);
    expect(lengthIn({ songId: 's', singing: { count: 2 } }, counted)).toMatch(/^40: 8 lines in 2 verses/);
    expect(lengthIn({ songId: 's' }, counted, { circleSettleSeconds: 15, songLineSeconds: 4 })).toBe(
      '95: 20 lines in 5 verses × 4 s a line → 1 min 20 s, and 15 s to settle',
    );
  });
  test('or is as noted, as played, or what the home gives such a piece', () => {
    expect(lengthIn({ songId: 's', minutes: 3 })).toBe('180: 3 min, as you noted it');
    expect(lengthIn({ songId: 's' }, { recordedMinutes: 2 })).toBe('120: 2 min, as long as it plays');
    expect(lengthIn({ kind: 'story' })).toBe('300: 5 min, what this home gives such a piece');
    expect(lengthIn({}, {}, { talkMinutes: 4 })).toMatch(/^240/);
    expect([0, 45, 120, 200].map(formatSeconds)).toEqual(['0 s', '45 s', '2 min', '3 min 20 s']);
  });
});

describe('who sits how long', () => {
  const stays = (book: Book, factor = 1, day = 1) => {
    const run = circle(book, day);
    return staysIn(run, read(book, TEST_UNIT, A_MONDAY).frame.home, factor).map(
      ({ child, parts, toTheEnd, restSeconds, goesTo }) =>
        `${child.id} ${toTheEnd ? 'to the end' : `${parts} parts, ${restSeconds} s left${goesTo ? `, to ${goesTo.name}` : ''}`}`,
    );
  };
  const six = circleBook(
    aPiece('a', 'a0', lasting(3)),
    aPiece('b', 'a1', lasting(6)),
    aPiece('c', 'a2', lasting(1)),
  );
  test('sitting adds up, part by part', () => {
    expect(stays(six)).toEqual(['ada 1 parts, 420 s left', 'bo 2 parts, 60 s left', 'cy to the end']);
    expect(stays(six, 2)).toEqual(['ada 1 parts, 420 s left', 'bo to the end', 'cy to the end']);
    expect(stays(six, 0.5)[0]).toBe('ada 0 parts, 600 s left');
    expect(stays(circleBook())).toEqual(['ada to the end', 'bo to the end', 'cy to the end']);
  });
  test('a lively piece is not sat through and gives some of it back', () => {
    const moved = after(six, aPiece('move', 'a1V', { kind: 'moving', ...lasting(5) }));
    expect(stays(moved)).toEqual(['ada 1 parts, 720 s left', 'bo to the end', 'cy to the end']);
    const home = { ...CIRCLE_HOME, values: { circleSettleSeconds: 0, movingGivesBackPercent: 0 } };
    expect(stays(after(moved, { type: 'house/put-home', home }))[1]).toBe('bo 3 parts, 60 s left');
  });
  test('whoever is done goes to an assistant, where one works then and it is worth it', () => {
    const works = (id: string, role: 'provider' | 'assistant'): ChangeInput => ({
      type: 'house/put-person',
      person: { id, name: id, role, work: { '1': ['morning'] } },
    });
    const two = after(six, works('mara', 'provider'), works('jo', 'assistant'));
    expect(stays(two)).toEqual(['ada 1 parts, 420 s left, to jo', 'bo 2 parts, 60 s left', 'cy to the end']);
    expect(stays(after(six, works('jo', 'assistant')))[0]).toBe('ada 1 parts, 420 s left');
    expect(stays(two, 1, 2)[0]).toBe('ada 1 parts, 420 s left');
  });
  test('tells when half of them are done', () => {
    const half = (book: Book) => halfGoneAfter(staysIn(circle(book), CIRCLE_HOME as never, 1));
    expect(half(six)).toBe(2);
    expect(half(circleBook(aPiece('a', 'a0', lasting(9))))).toBeNull();
    expect(half(circleBook(aPiece('a', 'a0', lasting(20))))).toBe(0);
  });
});

describe('the patience of the group', () => {
  const record = (day: number, outcome: string, held: number, at = day): ChangeInput[] => [
    {
      type: 'circle/record',
      record: {
        unitId: TEST_UNIT,
        day,
        blockId: 'circle',
        outcome: outcome as 'lost',
        heldSeconds: held,
        ruleSeconds: 600,
      },
    },
    ...(at === day ? [] : []),
  ];
  const factor = (book: Book) =>
    Number(groupPatience(book.circleRecords, read(book, TEST_UNIT, A_MONDAY).frame.home).factor.toFixed(4));
  const base = circleBook();

  test('moves by a step with what each circle showed, and not at all by what shows nothing clearly', () => {
    expect(factor(base)).toBe(1);
    expect(factor(after(base, ...record(1, 'lost', 300)))).toBe(0.8);
    expect(factor(after(base, ...record(1, 'restless', 1200)))).toBe(1.25);
    expect(factor(after(base, ...record(1, 'lost', 570)))).toBe(1);
    expect(factor(after(base, ...record(1, 'held', 300)))).toBe(1);
    expect(factor(after(base, ...record(1, 'held', 1200)))).toBe(1.25);
    expect(factor(after(base, ...record(1, 'more', 300)))).toBe(1);
    const twice = after(base, ...record(1, 'lost', 300), ...record(2, 'lost', 300));
    expect(factor(twice)).toBeLessThan(0.8);
  });
  test('is corrected when something else is said of the same circle, and taken back', () => {
    const said = after(base, ...record(1, 'lost', 0));
    expect(factor(after(said, ...record(1, 'held', 300)))).toBe(1);
    const recordId = Object.keys(said.circleRecords)[0] as never;
    expect(factor(after(said, { type: 'circle/unrecord', recordId }))).toBe(1);
    expect(attempt(base, [{ type: 'circle/unrecord', recordId }]).outcome).toBe('refused');
  });
  test('never moves further than half or twice, and begins anew when somebody says so', () => {
    const often = (outcome: string, held: number) =>
      after(base, ...Array.from({ length: 40 }, (_, i) => record(i + 1, outcome, held)).flat());
    expect(factor(often('lost', 0))).toBe(0.5);
    expect(factor(often('more', 1200))).toBe(2);
    const anew = { ...CIRCLE_HOME, patienceSince: '2027-03-08T12:00:00.000Z' };
    expect(factor(after(often('lost', 0), { type: 'house/put-home', home: anew }))).toBe(1);
  });
  test('the middle child sits as long as half of them at least', () => {
    const of = (...list: number[]) => middleOf(list.map((ruleSeconds) => ({ ruleSeconds }) as never));
    expect([of(), of(1), of(1, 2), of(3, 1, 2), of(4, 3, 2, 1)]).toEqual([0, 1, 2, 2, 3]);
  });
});

describe('the order of a circle', () => {
  const notes = (...kinds: string[]) => {
    const pieces = kinds.map((kind, i) => aPiece(kind + i, `a${i}`, { kind: kind as 'talk' }));
    return orderNotes(circle(circleBook(...pieces))).map(({ text }) => text);
  };
  test('has nothing to say of one that is in order, or empty', () => {
    expect(notes()).toEqual([]);
    expect(notes('welcome', 'attention', 'song', 'moving', 'story', 'close')).toEqual([]);
  });
  test('notes a welcome that comes late, two lively pieces and a lively end', () => {
    expect(notes('song', 'welcome')).toEqual([
      'welcome1 would come before song0: a welcome is the first thing.',
    ]);
    expect(notes('moving', 'find-and-move', 'close')).toEqual([
      'Two lively pieces together: moving0 and find-and-move1.',
    ]);
    expect(notes('song', 'moving')).toEqual([
      'It ends lively: something calm after moving1 lets them arrive.',
    ]);
  });
  test('places what is new: what moves before the story, else in the middle', () => {
    const place = (kind: 'welcome' | 'moving' | 'story' | 'close', ...kinds: string[]) =>
      placeFor(
        circle(circleBook(...kinds.map((one, i) => aPiece(one + i, `a${i}`, { kind: one as 'talk' })))),
        kind,
      );
    expect(place('welcome', 'song', 'close')).toBe(0);
    expect(place('story', 'welcome', 'song', 'close')).toBe(2);
    expect(place('moving', 'welcome', 'song', 'story', 'close')).toBe(2);
    expect(place('moving', 'welcome', 'song', 'talk', 'close')).toBe(2);
    expect(place('close', 'welcome', 'song')).toBe(2);
  });
});

describe('what could come next', () => {
  const book = circleBook(
    aSong('hello', { purpose: 'welcome' }),
    aSong('wind', { purpose: 'count', verses: ['Up goes the kite'] }),
    aSong('plain', { purpose: 'count' }),
    aSong('yours', { purpose: 'count', verses: ['{n what}'] }),
    aSong('old', { purpose: 'count', retired: true }),
    aSong('jump', { purpose: 'move', energy: 'lively' }),
    aSong('tidy', { purpose: 'tidy', kind: 'transition' }),
    { type: 'unit/put-thing', thing: { id: 't', unitId: TEST_UNIT, name: 'Box kite', order: 'a0' } },
  );
  const ideas = (b: Book, kind: 'song' | 'welcome' | 'story', moment: 'in' | 'after' = 'in') => {
    const { circles, frame } = read(b, TEST_UNIT, A_MONDAY);
    return pieceIdeas(kind, circle(b, 1, moment), circles.stuff, frame).map(
      ({ song, book: title, why }) => `${song?.id ?? title!.id}: ${why}`,
    );
  };
  test('is what is missing, in its order', () => {
    const { frame } = read(book, TEST_UNIT, A_MONDAY);
    const kinds = (b: Book) => missingIn(circle(b), frame).map(({ kind }) => kind);
    expect(kinds(book)).toEqual(['welcome', 'attention', 'song', 'moving', 'story', 'close']);
    const some = after(
      book,
      aPiece('w', 'a0', { kind: 'welcome' }),
      aPiece('s', 'a1', { songId: 'jump', kind: 'song' }),
    );
    expect(kinds(some)).toEqual(['attention', 'story', 'close']);
  });
  test('suits the piece, and the theme first', () => {
    expect(ideas(book, 'song')).toEqual([
      'wind: about your theme',
      'yours: sung with your words',
      'plain: not in this unit yet',
    ]);
    expect(ideas(book, 'welcome')).toEqual(['hello: not in this unit yet']);
    expect(ideas(book, 'song', 'after')).toEqual(['tidy: not in this unit yet']);
    const sung = after(book, aPiece('p', 'a0', { kind: 'song', songId: 'wind' }));
    expect(ideas(sung, 'song').map((text) => text.split(':')[0])).toEqual(['yours', 'plain']);
  });
});

describe('what it needs', () => {
  const kites = aSupply('kites', { use: 'reusable' });
  const song = (per: 'once' | 'verse' | 'child', rest: object = {}): ChangeInput =>
    aSong('five', {
      rule: { kind: 'counted', from: 5, to: 1 },
      props: [{ words: 'Felt kites', supplyId: 'kites', count: 1, per }],
      ...rest,
    });
  const needs = (book: Book) =>
    read(book, TEST_UNIT, A_MONDAY).supplies.map(({ supply, need, uses }) => [
      supply.id,
      need.amount,
      uses[0]?.placement.content.title,
    ]);
  const piece = (singing = {}) => aPiece('p', 'a0', { kind: 'song', songId: 'five', singing });

  test('lands in the baskets, in the number that is sung', () => {
    expect(needs(circleBook(kites, song('verse'), piece()))).toEqual([['kites', 5, 'five']]);
    expect(needs(circleBook(kites, song('verse'), piece({ count: 3 })))).toEqual([['kites', 3, 'five']]);
    expect(needs(circleBook(kites, song('verse'), piece({ from: 9, count: 2 })))).toEqual([
      ['kites', 9, 'five'],
    ]);
    expect(needs(circleBook(kites, song('child'), piece()))).toEqual([['kites', 3, 'five']]);
    expect(needs(circleBook(kites, song('once'), piece()))).toEqual([['kites', 1, 'five']]);
  });
  test('may be lent by a corner, where everyone is at the circle', () => {
    const board = anActivity('board', {
      materials: [aMaterial('kites', 4, { for: { kind: 'all' } })],
    });
    const count = (amount: number): ChangeInput => ({
      type: 'cupboard/record-stock',
      move: { id: 'c', supplyId: 'kites', kind: 'counted', amount, at: '2027-03-01T08:00:00.000Z' },
    });
    const both = circleBook(
      kites,
      count(5),
      song('verse'),
      piece(),
      aCorner('felt'),
      board,
      inCorner('b', 'board', 'felt', 1, 2),
    );
    expect(needs(both).map(([, amount]) => amount)).toEqual([5]);
    expect(told(both, 'one-for-two')).toEqual([]);
    expect(needs(after(both, song('once'))).map(([, amount]) => amount)).toEqual([4]);
    // Somebody who paints with them meanwhile does not lend.
    const groups = after(
      both,
      anActivity('paint', {
        mode: 'whole-group',
        materials: [aMaterial('kites', 2, { for: { kind: 'all' } })],
      }),
    );
    const meanwhile = {
      type: 'unit/place',
      id: 'pp',
      unitId: TEST_UNIT,
      activityId: 'paint',
      where: { kind: 'day', day: 1, blockId: 'circle' },
    } as const;
    expect(needs(after(groups, meanwhile)).map(([, amount]) => amount)).toEqual([7]);
  });
  test('lies in the circle basket with the words and the books', () => {
    const { packing } = read(circleBook(kites, song('verse'), piece()), TEST_UNIT, A_MONDAY);
    expect(packing.circle[0]).toMatchObject({ things: ['Felt kites × 5', 'Words: five'] });
  });
  test('is met by the same cautions as everything else, told of the piece', () => {
    const small = aSupply('kites', {
      use: 'reusable',
      category: 'toys',
      properties: {},
    } as never);
    const book = circleBook(small, song('verse'), piece());
    const found = read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ pieceIds }) =>
      pieceIds?.includes('p' as never),
    );
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ placementId }) => placementId === null)).toBe(true);
  });
});

describe('heads-ups', () => {
  test('a circle is longer than its block, by a minute or more', () => {
    expect(told(circleBook(aPiece('a', 'a0', lasting(20))), 'circle-over')).toEqual([]);
    expect(told(circleBook(aPiece('a', 'a0', lasting(21))), 'circle-over')[0]).toMatch(
      /^Circle is longer than its time \| Day 1 to \d+: up to 21 min, the block has 20 min\.$/,
    );
  });
  test('most of them are done before its end', () => {
    expect(told(circleBook(aPiece('a', 'a0', lasting(9))), 'circle-drags')).toEqual([]);
    expect(told(circleBook(aPiece('a', 'a0', lasting(10))), 'circle-drags')[0]).toContain(
      'on Day 1 1 of 3 sits to the end of 10 min',
    );
  });
  test('a song has no words to be sung with', () => {
    const wordless = aSong('s', { verses: ['{word}'], rule: { kind: 'for-words', words: [] } });
    const book = circleBook(wordless, aPiece('p', 'a0', { kind: 'song', songId: 's' }));
    expect(told(book, 'circle-wordless')).toHaveLength(1);
    const thing: ChangeInput = {
      type: 'unit/put-thing',
      thing: { id: 't', unitId: TEST_UNIT, name: 'Kite', order: 'a0' },
    };
    expect(told(after(book, thing), 'circle-wordless')).toEqual([]);
  });
  test('recorded minutes of pieces count against the limit of the home, with those of activities', () => {
    const limited = (minutes: number): ChangeInput => ({
      type: 'house/put-home',
      home: { ...CIRCLE_HOME, recordedLimits: [{ underMonths: null, minutes }] },
    });
    const played = circleBook(
      aSong('s', { recordedMinutes: 4 }),
      aPiece('p', 'a0', { kind: 'recorded', songId: 's', day: 2 }),
      aPiece('q', 'a1', { kind: 'recorded', words: 'A clip', day: 2, ...lasting(2) }),
    );
    expect(told(after(played, limited(6)), 'recorded')).toEqual([]);
    expect(told(after(played, limited(5)), 'recorded')).toEqual([
      'Day 2: more recorded minutes than you want | ada 6 of 5, bo 6 of 5 and cy 6 of 5: s and A clip.',
    ]);
    const film = [anActivity('film', { mode: 'whole-group', recordedMinutes: 1 }), onDay('f', 'film', 2)];
    expect(told(after(played, limited(7), ...film), 'recorded')).toEqual([]);
    expect(told(after(played, limited(6), ...film), 'recorded')).toHaveLength(1);
    // What is sung and not played does not count.
    const sung = circleBook(aSong('s'), aPiece('p', 'a0', { kind: 'song', songId: 's' }), limited(0));
    expect(told(sung, 'recorded')).toEqual([]);
  });
  test('a book of the unit that is told in a circle is read', () => {
    const unit = { ...circleBook().units[TEST_UNIT]!, bookIds: ['kite'] };
    const book = circleBook(
      { type: 'library/put-book', book: { id: 'kite', title: 'Up', level: 'lap' } },
      { type: 'unit/revise', unit: unit as never },
    );
    expect(told(book, 'book-unread')).toHaveLength(1);
    const read2 = after(book, aPiece('p', 'a0', { kind: 'story', bookId: 'kite' }));
    expect(told(read2, 'book-unread')).toEqual([]);
  });
});
