import type { Knex } from 'knex';
import * as first from './0001-first.ts';
import * as houseAndLibrary from './0002-house-and-library.ts';
import * as planning from './0003-planning.ts';
import * as cautions from './0004-cautions.ts';
import * as kitchen from './0005-kitchen.ts';
import * as makingReady from './0006-making-ready.ts';
import * as watch from './0007-watch.ts';
import * as circle from './0008-circle.ts';
import * as room from './0009-room.ts';
import * as versions from './0010-versions.ts';
import * as askedOfAll from './0011-asked-of-all.ts';
import * as ownAllergens from './0012-own-allergens.ts';
import * as illAndBroken from './0013-ill-and-broken.ts';
import * as warmAndSun from './0014-warm-and-sun.ts';
import * as orderKeys from './0015-order-keys.ts';
import * as circleUses from './0027-circle-uses.ts';
import * as recipeVariants from './0028-recipe-variants.ts';
import * as longObservations from './0029-long-observations.ts';
import * as collecting from './0030-collecting.ts';
import * as eventUses from './0031-event-uses.ts';
import * as aboutThing from './0032-about-thing.ts';
import * as madeSheets from './0033-made-sheets.ts';
import * as learned from './0034-learned.ts';
import * as minutesSince from './0035-minutes-since.ts';
import * as waitingPlaces from './0016-waiting-places.ts';
import * as devices from './0017-devices.ts';
import * as keeping from './0018-keeping.ts';
import * as sessions from './0019-sessions.ts';
import * as readyCircle from './0020-ready-circle.ts';
import * as placedCopies from './0021-placed-copies.ts';
import * as takenFrom from './0022-taken-from.ts';
import * as specialDays from './0023-special-days.ts';
import * as spokenThings from './0024-spoken-things.ts';
import * as pictures from './0025-pictures.ts';
import * as songs from './0026-songs.ts';

interface Step {
  readonly name: string;
  readonly migration: Knex.Migration;
}

// In the order in which they run. A name is never changed and a step never edited once it has been released.
const STEPS: readonly Step[] = [
  { name: '0001-first', migration: first },
  { name: '0002-house-and-library', migration: houseAndLibrary },
  { name: '0003-planning', migration: planning },
  { name: '0004-cautions', migration: cautions },
  { name: '0005-kitchen', migration: kitchen },
  { name: '0006-making-ready', migration: makingReady },
  { name: '0007-watch', migration: watch },
  { name: '0008-circle', migration: circle },
  { name: '0009-room', migration: room },
  { name: '0010-versions', migration: versions },
  { name: '0011-asked-of-all', migration: askedOfAll },
  { name: '0012-own-allergens', migration: ownAllergens },
  { name: '0013-ill-and-broken', migration: illAndBroken },
  { name: '0014-warm-and-sun', migration: warmAndSun },
  { name: '0015-order-keys', migration: orderKeys },
  { name: '0016-waiting-places', migration: waitingPlaces },
  { name: '0017-devices', migration: devices },
  { name: '0018-keeping', migration: keeping },
  { name: '0019-sessions', migration: sessions },
  { name: '0020-ready-circle', migration: readyCircle },
  { name: '0021-placed-copies', migration: placedCopies },
  { name: '0022-taken-from', migration: takenFrom },
  { name: '0023-special-days', migration: specialDays },
  { name: '0024-spoken-things', migration: spokenThings },
  { name: '0025-pictures', migration: pictures },
  { name: '0026-songs', migration: songs },
  { name: '0027-circle-uses', migration: circleUses },
  { name: '0028-recipe-variants', migration: recipeVariants },
  { name: '0029-long-observations', migration: longObservations },
  { name: '0030-collecting', migration: collecting },
  { name: '0031-event-uses', migration: eventUses },
  { name: '0032-about-thing', migration: aboutThing },
  { name: '0033-made-sheets', migration: madeSheets },
  { name: '0034-learned', migration: learned },
  { name: '0035-minutes-since', migration: minutesSince },
];

/** The migrations, known at build time: nothing is looked for on the disk. */
export const migrationSource: Knex.MigrationSource<Step> = {
  getMigrations: async () => [...STEPS],
  getMigrationName: (step) => step.name,
  getMigration: async (step) => step.migration,
};

/** The names of all migrations that this Kobby knows. */
export const migrationNames: ReadonlySet<string> = new Set(STEPS.map(({ name }) => name));
