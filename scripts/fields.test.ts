import { resolve } from 'node:path';
import { expect, test } from 'vitest';
import { unreadFields } from './fields.ts';

const of = (table: string, ...fields: readonly string[]): readonly string[] =>
  fields.map((field) => `${table}.${field}`);

/**
 * What the book keeps and no question of the core reads, and why it is kept. A new field that decides nothing stands here with its
 * reason, or the test fails; so does one that stands here and decides something by now.
 */
const KEPT_FOR: Readonly<Record<string, readonly string[]>> = {
  'words that people read where they stand': [
    ...of('children', 'allergies[].words', 'asthma.words', 'helps[].kind', 'notes'),
    ...of('recipes', 'ingredients[].goesIn', 'ingredients[].bagged', 'ingredients[].feelFor', 'swaps[].how'),
    ...of('songs', 'voice', 'source'),
    ...of('activities.content.hints', 'easy', 'hard', 'loud', 'well', 'away'),
    'observations.keptIn',
    ...of('watchPatterns', 'about', 'measures', 'stages[].sign'),
    ...of('homes', 'waitingPlaces[].name', 'ratio.text', 'ownSkills'),
    'batches.keptHow',
    ...of('letters', 'subject', 'text', 'to'),
    ...of('wishes', 'supplyId', 'forWhat'),
    ...of('supplies', 'notes', 'packs[].pricedOn'),
    'closures.why',
    'omissions.why',
    'prepChoices.note',
  ],
  'who did something and when': [
    ...['notes', 'prepMarks', 'sightings', 'circleRecords', 'arrivals', 'keepsakes'].map(
      (table) => `${table}.by`,
    ),
    ...['pickups', 'ticks', 'prepPlans'].flatMap((table) => of(table, 'by', 'at')),
    'records.by',
    'errands.at',
  ],
  'found by it, as one of its table': [
    ...['notes', 'omissions', 'keepings', 'prepChoices', 'prepMarks'].map((table) => `${table}.unitId`),
    ...of('leadings', 'unitId', 'placementId', 'day'),
    ...of('keepsakes', 'placementId', 'childId'),
    'timers.recipeId',
  ],
  'read as a whole, by the name of a column or a singing': [
    ...of('things', 'place', 'sizeMm', 'rhymes'),
    ...of('circlePieces.singing', 'from', 'count', 'verses'),
  ],
  'a file or a version that the server and the views look at': [
    ...of('sheets', 'file.bytes', 'made.kind', 'made.size', 'made.paper', 'made.copies'),
    // Once for each way to choose a picture.
    ...of('supplies', 'picture.file', 'picture.from', 'picture.from', 'picture.from'),
    'thingLists.members',
    'shares.locked',
  ],
  'a unit begins from it, or an observation': [
    ...of('readyUnits', 'dayCount', 'things', 'lines', 'events', 'circle'),
    ...of('readyUnits.placements[]', 'where', 'where.kind', 'slots'),
    ...of('readyUnits.placements[].where', 'cornerKind', 'fromDay', 'toDay', 'kind', 'day', 'kind'),
    ...of('readyUnits.placements[].where', 'kind', 'event', 'start'),
    ...of('readyUnits.circle[]', 'day', 'insteadOf', 'notOn', 'moment'),
    ...of('readyUnits.circle[].moment', 'block', 'kind', 'kind', 'number'),
    'watchPatterns.retired',
  ],
  'looking back, and knowing each child': [
    ...of('sightings', 'seen', 'measured'),
    'records.test',
    // Read by whoever tried: its lists are gone through alike.
    ...of('records.test.groups[]', 'group', 'results', 'tryIndex'),
    ...of('records.test.own[]', 'childId', 'results', 'tryIndex'),
  ],
};

test('every field decides something, or stands here with what it is kept for', () => {
  expect(unreadFields(resolve(import.meta.dirname, '../packages/core')).toSorted()).toEqual(
    Object.values(KEPT_FOR).flat().toSorted(),
  );
});
