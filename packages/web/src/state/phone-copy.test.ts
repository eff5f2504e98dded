// @vitest-environment happy-dom
import { project, shareSchema, type Handover, type TimedAct } from '@kobby/core';
import { beforeEach, describe, expect, test } from 'vitest';
import { A_MONDAY, aChild, anActivity, onDay, TEST_UNIT, testBook } from '../../../core/src/testing/home.ts';
import { lastLink, PhoneCopy } from './phone-copy.ts';

const share = (lastDate: string | null) =>
  shareSchema.parse({
    ...{ id: 'link', unitId: TEST_UNIT, label: 'Sol', fromDay: 1, toDay: 3, lastDate, revokedAt: null },
  });
const book = testBook(aChild('ada', '2023-01-01'), anActivity('paint'), onDay('p', 'paint', 1));
const shown = (lastDate: string | null): Handover => project(book, share(lastDate), A_MONDAY);
/** Nine in the morning of the first day by the clock of a phone; its own calendar does not matter. */
const NINE = Date.parse('2026-11-25T15:00:00Z');
const DAY_MS = 86_400_000;
const anAct = (gestureId: string): TimedAct => ({
  gestureId: gestureId as never,
  at: '2027-03-08T15:00:00.000Z',
  act: { kind: 'tick', subject: { placementId: 'p' as never, day: 1, supplyId: null }, done: true },
});

beforeEach(() => localStorage.clear());

describe('the copy on a phone', () => {
  test('is there when the page is opened anew, with the date moved on', () => {
    new PhoneCopy('link').keepShown(shown(null), NINE);
    expect(new PhoneCopy('link').shown(NINE)).toEqual(shown(null));
    expect(new PhoneCopy('link').shown(NINE + 2 * DAY_MS)?.today).toBe('2027-03-10');
    expect(lastLink()).toBe('link');
  });

  test('hides itself after its last day, without any contact; until then it stays', () => {
    const copy = new PhoneCopy('link');
    copy.keepShown(shown('2027-03-09'), NINE);
    // Still the 9th in the home's zone, a minute before midnight there.
    const lateOnTheNinth = Date.parse('2026-11-27T05:59:00Z');
    expect(copy.shown(lateOnTheNinth)?.today).toBe('2027-03-09');
    expect(copy.shown(lateOnTheNinth + 2 * 60_000)).toBeNull();
    expect(Object.keys(localStorage)).toEqual([]);
    expect(lastLink()).toBeNull();
  });

  test('does not live longer because a clock was turned back', () => {
    const copy = new PhoneCopy('link');
    copy.keepShown(shown('2027-03-09'), NINE);
    expect(copy.shown(NINE - 40 * DAY_MS)?.today).toBe('2027-03-08');
  });

  test('is of its own link alone, and what is damaged counts as nothing', () => {
    new PhoneCopy('link').keepShown(shown(null), NINE);
    expect(new PhoneCopy('other').shown(NINE)).toBeNull();
    localStorage.setItem('kobby.link.link.shown', '{"handover":');
    localStorage.setItem('kobby.link.link.unkept', '[{"act":1}]');
    const copy = new PhoneCopy('link');
    expect([copy.shown(NINE), copy.unkept()]).toEqual([null, []]);
  });

  test('goes altogether when it is cleared', () => {
    const copy = new PhoneCopy('link');
    copy.keepShown(shown(null), NINE);
    localStorage.setItem(copy.keyOf('acts'), '[]');
    copy.keepUnkept([{ act: anAct('one-tick-2'), why: 'gone' }]);
    copy.clear();
    expect(localStorage.length).toBe(0);
  });
});
