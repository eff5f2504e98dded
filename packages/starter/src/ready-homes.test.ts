import {
  ALLERGENS,
  houseNotes,
  LEADS,
  read,
  startFromReady,
  type AllergenId,
  type Book,
  type ChangeInput,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { aChild, A_MONDAY, after, onDay, TEST_UNIT, testBook } from '../../core/src/testing/home.ts';
import { seeded } from '../../core/src/testing/problems.ts';
import { starterChanges } from './index.ts';

const HOMES = 20;
const IDS = Object.keys(ALLERGENS) as AllergenId[];

const bornBefore = (months: number): string =>
  new Date(Date.UTC(2027, 2 - months, 1)).toISOString().slice(0, 10);

/** An ordinary home: children from half a year to six, one who mouths, often an allergy, with and without somebody for water. */
function ordinaryHome(seed: number): Book {
  const random = seeded(seed);
  const ages = Array.from({ length: 4 + Math.floor(random() * 4) }, () => 6 + Math.floor(random() * 71));
  const children = ages.map((months, i) =>
    aChild(`c${i}`, bornBefore(months), {
      mouthsThings: i === 0,
      allergies:
        i === 1 && random() < 0.5
          ? [{ allergen: IDS[Math.floor(random() * IDS.length)]!, words: 'as the family said' }]
          : [],
    }),
  );
  const water: ChangeInput = {
    type: 'house/put-person',
    person: { id: 'sol', name: 'Sol', role: 'assistant', mayLead: random() < 0.5 ? ['water'] : [] } as never,
  };
  return starterChanges().reduce<Book>((book, change) => after(book, change), testBook(...children, water));
}

/** What every home has to decide for itself: who stays at water, and what it does for an allergy that a family named. */
const DECIDED_BY_EACH = new Set([21, 35, 37]);

describe.each(Array.from({ length: HOMES }, (_, i) => i + 1))('ordinary home %d', (seed) => {
  const home = ordinaryHome(seed);

  test('opens each ready-made unit with nothing that stops but what every home has to decide', () => {
    for (const ready of Object.values(home.readyUnits)) {
      let made = 0;
      const unit = {
        id: `tried-${ready.id}` as UnitId,
        title: ready.title,
        style: ready.style,
        start: A_MONDAY,
      };
      const { changes } = startFromReady(
        ready,
        home,
        { ...unit, dayCount: ready.dayCount },
        () => `made-${(made += 1)}`,
      );
      const { headsUps } = read(after(home, ...changes), unit.id, A_MONDAY);
      const stops = headsUps.filter(({ level, row }) => level === 'stop' && !DECIDED_BY_EACH.has(row ?? 0));
      expect(stops.map(({ title, detail }) => `${ready.title}: ${title}. ${detail}`)).toEqual([]);
      // What a unit of ours features, its children meet.
      expect(headsUps.filter(({ rule }) => rule === 'feature-once')).toEqual([]);
    }
  });
});

test('no activity of the library has a version for an age that its own things stop', () => {
  const library = starterChanges().reduce<Book>(
    (book, change) => after(book, change),
    testBook({
      type: 'house/put-person',
      person: { id: 'sol', name: 'Sol', role: 'assistant', mayLead: Object.keys(LEADS) } as never,
    }),
  );
  const activities = Object.values(library.activities);
  // The first and the last month of every version, in children who put nothing in the mouth.
  const months = new Set(
    activities.flatMap(({ content }) =>
      content.versions.flatMap(({ fromMonths, untilMonths }) => [
        fromMonths,
        (untilMonths ?? fromMonths + 1) - 1,
      ]),
    ),
  );
  const all = [...months].map((age) => aChild(`c${age}`, bornBefore(age)));
  const group = after(library, ...all);
  const found = activities.flatMap(({ id, content }) => {
    const placed = after(group, onDay('p', id, 1), {
      type: 'unit/assign',
      placementId: 'p',
      personId: 'sol',
    } as never);
    return read(placed, TEST_UNIT, A_MONDAY)
      .headsUps.filter(({ level, rule }) => level === 'stop' && rule === 'caution')
      .map(({ title, detail }) => `${content.title}: ${title}. ${detail}`);
  });
  expect(found).toEqual([]);
});

test('a new home is told of no set that lacks pieces, and of nothing that runs low before it was counted', () => {
  const keys = houseNotes(ordinaryHome(1), A_MONDAY).map(({ key }) => key);
  expect(keys).not.toContain('pieces');
  expect(keys).not.toContain('low');
});
