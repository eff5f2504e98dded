// Figures of a home of many years: how long it takes to open, and how long anybody waits while a child is forgotten in it.
import { performance } from 'node:perf_hooks';
import { applyAsSeen, gestureSchema, type Actor } from '@kobby/core';
import { DEMO_TODAY, demoGestures } from '@kobby/starter';
import { temporaryFolder } from '../e2e/support/server.ts';
import { Keeper } from '../packages/server/src/keeper.ts';
import { openStorage } from '../packages/server/src/store/database.ts';
import { ms, show } from './figures.ts';

const MARA: Actor = { kind: 'person', id: 'person-mara', name: 'Mara' };
const CLOCKS = { now: () => Date.now(), today: () => DEMO_TODAY };

/** A home with so many gestures behind it: most of them lines of the ledger and ticks, as they come about day by day. */
async function manyYears(folder: string, count: number): Promise<void> {
  const storage = await openStorage(folder);
  const keeper = await Keeper.open(storage.knex, CLOCKS);
  for (const [i, changes] of demoGestures().entries())
    await keeper.keep({ id: `bench-seed-${i}`, at: '2027-03-05T18:00:00.000Z', changes }, MARA);
  await storage.knex.transaction(async (trx) => {
    await trx.raw(
      `WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ?)
      INSERT INTO journal (gesture_id, body_hash, actor_kind, actor_id, actor_name, label, gesture, touched, inverse, kept_at)
      SELECT 'years-' || i, hex(randomblob(32)), 'person', 'person-mara', 'Mara', 'stock of Ribbon for Ada',
        '{"id":"years-' || i || '","at":"2020-03-05T18:00:00.000Z","changes":[{"type":"cupboard/record-stock","move":{"id":"y-' || i ||
        '","supplyId":"ribbon","kind":"used","amount":1,"at":"2020-03-05T18:00:00.000Z","words":"' || CASE WHEN i % 50 = 0 THEN 'for Ada Brook' ELSE 'for the kites' END || '"}}],"bases":{}}',
        '[{"kind":"stockMoves","id":"y-' || i || '","before":0,"after":1}]',
        '{"type":"book/drop","kind":"stockMoves","id":"y-' || i || '"}',
        strftime('%Y-%m-%dT%H:%M:%fZ', '2016-01-01', '+' || (i / 140) || ' days')
      FROM n`,
      [count],
    );
    // A tenth of what was done is still something by itself; the rest was an edit of what is there.
    await trx.raw(
      `WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ?)
      INSERT INTO stock_moves (id, version, supply_id, kind, amount, at)
      SELECT 'y-' || i, 1, 'ribbon', 'used', 1, '2020-03-05T18:00:00.000Z' FROM n`,
      [Math.round(count / 10)],
    );
  });
  await keeper.close();
  await storage.close();
}

async function opened(folder: string): Promise<number> {
  const start = performance.now();
  const storage = await openStorage(folder);
  const keeper = await Keeper.open(storage.knex, CLOCKS);
  const took = performance.now() - start;
  await keeper.close();
  await storage.close();
  return took;
}

/** Opening a home of ten years, before and after its journal is condensed. */
export async function benchKept(): Promise<void> {
  for (const count of [54_000, 500_000]) {
    const folder = temporaryFolder();
    await manyYears(folder.path, count);
    const name = `a home of ${count.toLocaleString('en')} gestures`;
    show(`${name}: opened`, ms(await opened(folder.path)));
    const storage = await openStorage(folder.path);
    const keeper = await Keeper.open(storage.knex, CLOCKS);
    const [child] = Object.values(keeper.book.children);
    const changes = [
      { type: 'house/forget-child', childId: child!.id, words: [child!.name, child!.shownAs] },
    ];
    const asked = gestureSchema.parse({ id: 'forget-the-child', at: '2027-03-11T15:00:00.000Z', changes });
    let [longest, isDone] = [0, false];
    const watching = (async () => {
      for (let i = 0; !isDone; i += 1) {
        const began = performance.now();
        const wish = { id: `w-${i}`, words: 'Cup', supplyId: null };
        await keeper.keep(
          {
            id: `beside-${i}-x`,
            at: '2027-03-11T15:00:00.000Z',
            changes: [{ type: 'cupboard/put-wish', wish }],
          },
          MARA,
        );
        longest = Math.max(longest, performance.now() - began);
        await new Promise((next) => setTimeout(next, 20));
      }
    })();
    const began = performance.now();
    await keeper.keep(applyAsSeen(keeper.book, asked, MARA).gesture, MARA);
    show(`${name}: a child forgotten, answered`, ms(performance.now() - began));
    await keeper.settled();
    show(`${name}: … and gone from the journal`, ms(performance.now() - began));
    keeper.condenseJournal();
    const condensing = performance.now();
    await keeper.settled();
    show(`${name}: journal condensed`, ms(performance.now() - condensing));
    isDone = true;
    await watching;
    show(`${name}: longest that anybody waited meanwhile`, ms(longest));
    await keeper.close();
    await storage.close();
    show(`${name}: opened when it was condensed`, ms(await opened(folder.path)));
    folder.remove();
  }
}
