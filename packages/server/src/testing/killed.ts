// Does one thing to a data folder, to be killed in the middle of it: what is there then is looked at by kills.test.ts.
import { join } from 'node:path';
import { applyAsSeen, gestureSchema, plainDay, type Actor } from '@kobby/core';
import { makeBackup } from '../backups/make.ts';
import { bringIn, restoreBackup } from '../backups/restore.ts';
import { Keeper } from '../keeper.ts';
import { openStorage } from '../store/database.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };

const DOINGS: Readonly<Record<string, (folder: string, other: string) => unknown>> = {
  backup: (folder) => makeBackup(folder, join(folder, 'backups', 'asked-x.sqlite')),
  restore: (folder, other) => restoreBackup(folder, other, null),
  migration: async (folder) => (await openStorage(folder)).close(),
  import: (folder, other) => bringIn(folder, other, join(folder, 'backups', 'brought-x.sqlite')),
  forgetting: async (folder, childId) => {
    const storage = await openStorage(folder);
    const clocks = { now: () => Date.now(), today: () => plainDay('2027-03-11') };
    const keeper = await Keeper.open(storage.knex, clocks);
    const { name, shownAs } = keeper.book.children[childId]!;
    const changes = [{ type: 'house/forget-child', childId, words: [name, shownAs] }];
    const asked = gestureSchema.parse({ id: 'forget-the-child', at: '2027-03-11T15:00:00.000Z', changes });
    await keeper.keep(applyAsSeen(keeper.book, asked, MARA).gesture, MARA);
    await keeper.close();
    await storage.close();
  },
};

const [doing, folder, other] = process.argv.slice(2) as [string, string, string];
process.send!('begins');
await DOINGS[doing]!(folder, other);
process.send!('done', () => process.exit(0));
