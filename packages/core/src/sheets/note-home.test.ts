import { expect, test } from 'vitest';
import { plainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { read } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  onDay,
  revised,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { composeNoteHome } from './note-home.ts';

const base = testBook(
  aChild('ada', '2024-01-01', {
    name: 'Ada Brook',
    shownAs: 'Ada',
    allergies: [{ allergen: 'milk', words: 'milk, badly' }],
  }),
  aSupply('tubes', { name: 'card tubes', got: 'families' }),
  anActivity('socks', { materials: [aMaterial('tubes', 2)] }),
  onDay('p', 'socks', 4),
  { type: 'house/put-closure', closure: { id: 'c', from: '2027-03-15', to: '2027-03-15', why: 'Repairs' } },
  {
    type: 'unit/put-event',
    event: { id: 'e', unitId: TEST_UNIT, title: 'Kite party', when: { kind: 'day', day: 5 } },
  },
);
const book = after(base, revised(base, { about: 'What wind does.', words: ['gust', 'tail'] }));
const noteOn = (today: string) =>
  composeNoteHome(book, read(book, TEST_UNIT, plainDay(today)), plainDay(today));

test('a note home tells theme, words, what to send in and by when, what is special and when the home is closed', () => {
  const { subject, text } = noteOn('2027-03-08');
  expect(subject).toBe('Kites: Mon 8 March to Mon 22 March');
  for (const part of [
    '"Kites": Mon 8 March to Mon 22 March. What wind does.',
    'New words: gust, tail.',
    'Could you send in, if you have it:\n- 2 card tubes, by Wed 10 March',
    'Something special on Fri 12 March: Kite party.',
    'We are closed on Mon 15 March.',
    'With warm regards, Test home',
  ])
    expect(text).toContain(part);
});

test('it thanks for what was sent in, whether it waits or was put away', () => {
  expect(noteOn('2027-03-08').text).not.toContain('Thank you');
  const sent = after(book, {
    type: 'gather/pick-up',
    subject: { unitId: TEST_UNIT, supplyId: 'tubes' },
  } as ChangeInput);
  const thanks = 'Thank you for what you sent in: card tubes.';
  expect(composeNoteHome(sent, read(sent, TEST_UNIT, A_MONDAY), A_MONDAY).text).toContain(thanks);
  const move = {
    ...{ id: 'm-1', supplyId: 'tubes', kind: 'bought', amount: 2 },
    ...{ at: '2027-03-05T10:00:00.000Z', forUnit: TEST_UNIT },
  };
  const putAway = after(book, { type: 'cupboard/record-stock', move } as ChangeInput);
  expect(composeNoteHome(putAway, read(putAway, TEST_UNIT, A_MONDAY), A_MONDAY).text).toContain(thanks);
  const errand = { unitId: TEST_UNIT, supplyId: 'tubes', basket: 'buy' };
  const bought = after(putAway, { type: 'gather/put-errand', errand } as ChangeInput);
  expect(composeNoteHome(bought, read(bought, TEST_UNIT, A_MONDAY), A_MONDAY).text).not.toContain('Thank');
});

test('it tells only what is ahead', () => {
  const { subject, text } = noteOn('2027-03-16');
  expect(subject).toBe('Kites: Tue 16 March to Mon 22 March');
  expect(text).not.toMatch(/Kite party|closed on/);
});

test('families see neither children nor allergies, and an idea still makes a note', () => {
  expect(noteOn('2027-03-08').text).not.toMatch(/Ada|milk/);
  const idea = after(book, revised(book, { start: null }));
  expect(composeNoteHome(idea, read(idea, TEST_UNIT, A_MONDAY), A_MONDAY).subject).toBe('Kites');
});
