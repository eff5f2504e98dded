import {
  applyGesture,
  changeSchema,
  dayPlanOf,
  EMPTY_BOOK,
  PRINTED,
  printedPages,
  project,
  read,
  referencesOf,
  withSeenVersions,
  type Actor,
  type Book,
  type Change,
  type Gesture,
  type UnitId,
  type PrintedId,
} from '@kobby/core';
import { beforeAll, describe, expect, test } from 'vitest';
import { demoGestures, DEMO_TODAY } from './index.ts';
import { namedLikeObjects, oddActs } from './testing/odd-acts.ts';
import { tried } from './testing/odd-home.ts';
import { LINK } from './testing/sections.ts';

const KITES = 'unit-kites' as UnitId;
const MARA: Actor = { kind: 'person', id: 'person-mara', name: 'Mara' };

let demo: Book;
beforeAll(() => {
  demo = demoGestures().reduce<Book>((book, changes) => tried(book, changes), EMPTY_BOOK);
});

/** What becomes of one change of somebody who sees the demo. */
function attempted(change: Change) {
  const gesture = { id: 'hostile-act-1', at: '2027-03-11T10:00:00.000Z', changes: [change], bases: {} };
  return applyGesture(demo, withSeenVersions(demo, gesture as never as Gesture, MARA), MARA);
}

describe('an id that every object answers to', () => {
  test('is nothing that is there: what names it is refused, and what is called so is an entry like any other', () => {
    const answers = new Map<string, string>();
    for (const change of oddActs(demo, 11, 3))
      for (const [field, named] of namedLikeObjects(change)) {
        const at = `${change.type} ${field}`;
        const parsed = changeSchema.safeParse(named);
        if (answers.has(at) || !parsed.success) continue;
        const outcome = attempted(parsed.data);
        answers.set(at, outcome.outcome === 'refused' ? outcome.refusal.reason : outcome.outcome);
        if (outcome.outcome !== 'kept') continue;
        const { book, touched } = outcome;
        const leading = touched.flatMap(({ kind, id }) =>
          book[kind][id] ? referencesOf(kind, book[kind][id] as never) : [],
        );
        expect(
          touched.map(({ id }) => id),
          at,
        ).not.toContain('__proto__');
        expect(
          leading.filter(({ target }) => !Object.hasOwn(book[target.kind], target.id)),
          at,
        ).toEqual([]);
        const reading = read(book, KITES, DEMO_TODAY);
        expect(dayPlanOf(book, reading, 4), at).not.toBe(null);
        expect(project(book, LINK, DEMO_TODAY).shareId, at).toBe(LINK.id);
        for (const id of Object.keys(PRINTED) as PrintedId[])
          printedPages(id, book, { unitId: KITES, day: 4, today: DEMO_TODAY });
      }
    expect(answers.size).toBeGreaterThan(140);
    const known = ['kept', 'leads-nowhere', 'unknown-id', 'exists-already', 'no-id'];
    expect([...answers.values()].filter((answer) => !known.includes(answer))).toEqual([]);
    for (const reason of ['leads-nowhere', 'no-id']) expect([...answers.values()]).toContain(reason);
    expect(answers.get('unit/fill-bin bin.fillerId')).toBe('leads-nowhere');
  });
});
