import { generateNKeysBetween } from 'fractional-indexing';
import { placementAt, type Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { asIf, type ChangeInput } from '../changes/index.ts';
import { hasLabel, isUnlooked, type Supply, type SupplyId } from '../cupboard/index.ts';
import { allergenName, LEADS } from '../house/index.ts';
import {
  listed,
  openStops,
  placementsOf,
  read,
  recipesByProduct,
  RULES,
  sessionsOf,
  whereAt,
  type Finding,
  type Reading,
  type Way,
} from '../reading/index.ts';
import { lineHoldsOn, type Placement, type UnitId } from '../unit/index.ts';
import type { Bench, Mend } from './bench.ts';
import { byMoving, byPatience, byPieceOut, byShortening } from './circle-mends.ts';
import { byFiller, byMakingNew, byPlan, byTub } from './kitchen-mends.ts';
import { byDay, byMakerEarlier, byReserve, byThinning, intoReserve } from './moving-mends.ts';
import { byCircleShorter, byEarlierBlock, byEveningBefore, byMadeBeforehand } from './process-mends.ts';

import {
  byBeginningLater,
  byLeavingLamination,
  byMadeSet,
  byMoreTime,
  bySimplerWay,
  bySplitting,
  byTicking,
} from './ready-mends.ts';

type Maker = (bench: Bench) => readonly Mend[];

/** More than this nobody reads; the first ones that work are offered. */
const MOST_OFFERED = 4;

/**
 * The mends of a finding that work: each was tried, removes the finding and brings no new stop. The best first. Nothing
 * is changed by asking. `newId` makes an id at each call.
 */
export const mendsFor = (...asked: Parameters<typeof triedMends>): readonly Mend[] =>
  [...triedMends(...asked)].filter((mend) => mend !== null);

/**
 * The same one try after the other: what works, else null. Why so: each try reads the unit anew, and whoever looks for mends while
 * somebody plans wants to stop between two of them.
 */
export function* triedMends(
  book: Book,
  unitId: UnitId,
  finding: Finding,
  today: PlainDay,
  newId: () => string,
): Generator<Mend | null, void> {
  const reading = read(book, unitId, today);
  const placed = placementsOf(finding).flatMap((id) => placementAt(book, id) ?? []);
  const bench: Bench = { book, reading, today, newId, finding, placed };
  const before = stopsOf(reading);
  const works = ({ changes }: Mend): boolean => {
    const after = asIf(book, changes);
    if (!after) return false;
    const { headsUps } = read(after, unitId, today);
    return (
      headsUps.every(({ key }) => key !== finding.key) &&
      headsUps.every(({ key, level, kept }) => level !== 'stop' || kept !== undefined || before.has(key))
    );
  };
  let offered = 0;
  for (const one of RULES[finding.rule].ways ?? []) {
    const { most, way } = typeof one === 'string' ? { most: MOST_OFFERED, way: one } : one;
    const enough = Math.min(MOST_OFFERED, offered + most);
    for (const mend of MAKERS[way](bench)) {
      if (offered === enough) break;
      const isOffered = works(mend);
      if (isOffered) offered += 1;
      yield isOffered ? mend : null;
    }
  }
}

const stopsOf = (reading: Reading): ReadonlySet<string> => new Set(openStops(reading).map(({ key }) => key));

/** What each way does. Which ways a rule has is said by the rule. */
const MAKERS: { readonly [W in Way]: Maker } = {
  lead: byLead,
  version: byVersion,
  filler: byFiller,
  other: byOther,
  'leaving-out': byLeavingOut,
  day: byDay,
  reserve: byReserve,
  swap: bySwap,
  reading: byReading,
  looking: byLooking,
  mended: byMended,
  filling: byFilling,
  bin: byBin,
  thinning: byThinning,
  'piece-out': byPieceOut,
  shortening: byShortening,
  moving: byMoving,
  patience: byPatience,
  twin: byTwin,
  clearing: byClearing,
  book: byBook,
  partner: byPartner,
  'making-new': byMakingNew,
  plan: byPlan,
  tub: byTub,
  ticking: byTicking,
  'made-set': byMadeSet,
  'beginning-later': byBeginningLater,
  'simpler-way': bySimplerWay,
  'more-time': byMoreTime,
  'leaving-lamination': byLeavingLamination,
  splitting: bySplitting,
  'circle-shorter': byCircleShorter,
  'earlier-block': byEarlierBlock,
  'evening-before': byEveningBefore,
  'made-beforehand': byMadeBeforehand,
  'maker-earlier': byMakerEarlier,
};

// Somebody who may lead it, and is there while it is out.
function byLead({ book, reading, finding, placed }: Bench): Mend[] {
  const { lead } = finding;
  if (!lead) return [];
  return Object.values(book.people)
    .filter(({ retired, mayLead }) => !retired && (lead === 'anyone' || mayLead.includes(lead)))
    .filter((person) =>
      placed.every((placement) =>
        sessionsOf(placement, reading.frame).every(({ adults }) => adults.some(({ id }) => id === person.id)),
      ),
    )
    .map(({ id, name }) => ({
      label: lead === 'anyone' ? `${name} sits with it` : `${name} stays with it (${LEADS[lead]})`,
      changes: placed.map((placement) => ({ type: 'unit/assign', placementId: placement.id, personId: id })),
    }));
}

const namesOf = ({ book, finding }: Bench): string =>
  listed(finding.childIds.map((id) => book.children[id]?.name.split(' ')[0] ?? 'the child'));

// A version of the same activity that does without the thing.
function byVersion(bench: Bench): Mend[] {
  const { finding, placed } = bench;
  const things = new Set<string>(finding.supplyIds ?? []);
  const changes = placed.flatMap((placement) =>
    finding.childIds.flatMap((childId): ChangeInput[] => {
      const { versions, materials } = placement.content;
      const without = versions.find((version) =>
        materials.every(
          ({ supplyId, versionIds }) =>
            !things.has(supplyId) || (versionIds.length > 0 && !versionIds.includes(version.id)),
        ),
      );
      return without
        ? [{ type: 'unit/choose-version', placementId: placement.id, childId, versionId: without.id }]
        : [];
    }),
  );
  const isWhole = changes.length === placed.length * finding.childIds.length && changes.length > 0;
  return isWhole ? [{ label: `Give ${namesOf(bench)} the version without it`, changes }] : [];
}

function byLeavingOut(bench: Bench): Mend[] {
  const { finding, placed } = bench;
  if (finding.childIds.length === 0 || placed.length === 0) return [];
  const changes = placed.flatMap(({ id: placementId }) =>
    finding.childIds.map((childId): ChangeInput => ({
      type: 'unit/choose-version',
      placementId,
      childId,
      versionId: null,
    })),
  );
  return [{ label: `${namesOf(bench)}: something else meanwhile`, changes }];
}

const swapAll = (placed: readonly Placement[], supplyId: SupplyId, insteadId: SupplyId): ChangeInput[] =>
  placed
    .filter(({ content }) => content.materials.some((line) => line.supplyId === supplyId))
    .map(({ id: placementId }) => ({ type: 'unit/swap-material', placementId, supplyId, insteadId }));

// What is used up in bulk can be another of its kind.
const isInterchangeable = ({ category }: Supply): boolean => category === 'filler' || category === 'made';

// Another filler or dough in place of one: the same kind of thing, measured alike.
function byOther({ book, finding, placed }: Bench): Mend[] {
  const [thing] = (finding.supplyIds ?? []).map((id) => book.supplies[id]);
  if (!thing || finding.supplyIds!.length > 1 || !isInterchangeable(thing)) return [];
  const isOther = (one: Supply): boolean =>
    one.id !== thing.id && !one.retired && one.category === thing.category && one.unit === thing.unit;
  return Object.values(book.supplies)
    .filter(isOther)
    .map((one) => ({ label: `Use ${one.name} instead`, changes: swapAll(placed, thing.id, one.id) }));
}

// The substitution list: what the recipes of the home say to use when an allergen must stay out.
function bySwap({ book, finding, placed }: Bench): Mend[] {
  const [supplyId] = finding.supplyIds ?? [];
  if (supplyId === undefined) return [];
  const instead = Object.values(book.recipes)
    .flatMap(({ swaps }) => swaps)
    .filter((swap) => swap.supplyId === supplyId && finding.key.includes(`:${swap.allergen}:`))
    .map((swap) => swap.insteadId as SupplyId);
  return [...new Set(instead)].flatMap((insteadId) => {
    const supply = book.supplies[insteadId];
    return supply
      ? [{ label: `Use ${supply.name} instead`, changes: swapAll(placed, supplyId, insteadId) }]
      : [];
  });
}

// The label of what the home makes stands on what goes into it, through recipes of recipes.
function labelledIn(book: Book, id: string, within: readonly string[] = []): readonly string[] {
  const recipe = recipesByProduct(book.recipes).get(id);
  if (!recipe || within.includes(id)) return [id];
  return recipe.ingredients.flatMap(({ supplyId }) => labelledIn(book, supplyId, [...within, id]));
}

// Whoever looked and found nothing says so of all of them at once; what does hold it is noted where it is.
function byLooking({ book, finding }: Bench): Mend[] {
  const [childId] = finding.childIds;
  const own = childId
    ? book.children[childId]?.allergies.find(
        ({ allergen }) => finding.key === `not-looked:${childId}:${allergen}`,
      )
    : undefined;
  if (!own) return [];
  const { allergen } = own;
  const ids = new Set((finding.supplyIds ?? []).flatMap((id) => labelledIn(book, id)));
  const changes = [...ids].flatMap((id): ChangeInput[] => {
    const supply = book.supplies[id as SupplyId];
    return supply && isUnlooked(supply, allergen)
      ? [
          {
            type: 'cupboard/put-supply',
            supply: { ...supply, freeOf: [...supply.freeOf, allergen] } as never,
          },
        ]
      : [];
  });
  return changes.length > 0 ? [{ label: `None of them has ${allergenName(allergen)} in it`, changes }] : [];
}

function byMended({ book, finding }: Bench): Mend[] {
  const [id] = finding.supplyIds ?? [];
  const supply = id ? book.supplies[id] : undefined;
  if (!supply?.broken) return [];
  return [
    {
      label: 'It is mended, and nothing of it is loose',
      changes: [{ type: 'cupboard/put-supply', supply: { ...supply, broken: null } as never }],
    },
  ];
}
function byReading({ book, finding, today }: Bench): Mend[] {
  const ids = new Set((finding.supplyIds ?? []).flatMap((id) => labelledIn(book, id)));
  const changes = [...ids].flatMap((id): ChangeInput[] => {
    const supply = book.supplies[id as SupplyId];
    return supply && hasLabel(supply)
      ? [{ type: 'cupboard/put-supply', supply: { ...supply, labelCheckedOn: today } as never }]
      : [];
  });
  return changes.length > 0 ? [{ label: 'I have read them today', changes }] : [];
}

const isWhole = ({ activity }: ReturnType<Reading['suggestions']>[number]): boolean =>
  activity.content.slots.length === 0;

function byFilling({ book, reading, finding, newId }: Bench): Mend[] {
  const { unit } = reading.frame;
  return finding.cornerIds.length !== 1
    ? []
    : finding.cornerIds.flatMap((cornerId) =>
        reading
          .suggestions({ corner: book.corners[cornerId] ?? null })
          .filter(isWhole)
          .map(({ activity }) => ({
            label: `Put out ${activity.content.title}`,
            changes: [
              {
                type: 'unit/place',
                id: `put-${newId()}`,
                unitId: unit.id,
                activityId: activity.id,
                where: whereAt({ kind: 'corner', cornerId }, null, reading),
              },
            ],
          })),
      );
}

function byBin({ book, reading, finding, newId }: Bench): Mend[] {
  const [childId] = finding.childIds;
  const child = childId === undefined ? undefined : book.children[childId];
  if (!child) return [];
  return reading
    .suggestions({ child })
    .filter(isWhole)
    .map(({ activity }) => ({
      label: `Put ${activity.content.title} into the bin of ${child.name.split(' ')[0]}`,
      changes: [
        {
          type: 'unit/place',
          id: `put-${newId()}`,
          unitId: reading.frame.unit.id,
          activityId: activity.id,
          where: whereAt({ kind: 'bin', childId: child.id }, null, reading),
        },
      ],
    }));
}

function byTwin({ reading, placed, newId }: Bench): Mend[] {
  return reading
    .suggestions({})
    .filter(isWhole)
    .filter(({ activity }) => activity.content.place !== 'outdoors')
    .map(({ activity }) => ({
      label: `${activity.content.title} when it rains`,
      changes: placed.map(({ id: of }) => ({
        type: 'unit/place',
        id: `put-${newId()}`,
        unitId: reading.frame.unit.id,
        activityId: activity.id,
        where: { kind: 'twin', of },
      })),
    }));
}

function byClearing({ reading, finding }: Bench): Mend[] {
  const [day] = finding.days;
  const ordinary = reading.placements.filter(({ where }) => where.kind === 'day' && where.day === day);
  return ordinary.length > 0
    ? [{ label: 'Put the ordinary things into the reserve', changes: ordinary.map(intoReserve) }]
    : [];
}

function byBook({ book, reading, today, newId }: Bench): Mend[] {
  const { unit, calendar } = reading.frame;
  const told = new Set(
    reading.lines.filter(({ kind }) => kind === 'read-aloud').map(({ bookId }) => bookId as string),
  );
  const unread = unit.bookIds.filter((id) => {
    const title = book.bookTitles[id];
    return title && title.use !== 'rail' && !told.has(id);
  });
  const read = reading.lines.filter(({ kind, day }) => kind === 'read-aloud' && day !== null);
  const free = calendar.days.filter(
    ({ number, date }) => date >= today && !read.some((line) => lineHoldsOn(line, number)),
  );
  if (unread.length > free.length) return [];
  const keys = generateNKeysBetween(reading.lines.at(-1)?.order ?? null, null, unread.length);
  return [
    {
      label: unread.length === 1 ? `Read it on Day ${free[0]!.number}` : 'Read each on a free day',
      changes: unread.map((bookId, i) => ({
        type: 'unit/put-line',
        line: {
          id: `line-${newId()}`,
          unitId: unit.id,
          kind: 'read-aloud',
          day: free[i]!.number,
          bookId,
          order: keys[i]!,
        },
      })),
    },
  ];
}

// The partner that is named and not there yet.
function byPartner({ reading, newId }: Bench): Mend[] {
  const { things, frame } = reading;
  const known = new Set(things.map(({ name }) => name.toLocaleLowerCase('en')));
  const missing = things.filter(({ pair }) => pair !== null && !known.has(pair.toLocaleLowerCase('en')));
  if (missing.length === 0) return [];
  const last = things
    .map(({ order }) => order)
    .toSorted()
    .at(-1);
  const keys = generateNKeysBetween(last ?? null, null, missing.length);
  return [
    {
      label: `Add ${listed(missing.map(({ pair }) => pair!))}`,
      changes: missing.map(({ pair, name }, i) => ({
        type: 'unit/put-thing',
        thing: { id: `thing-${newId()}`, unitId: frame.unit.id, name: pair!, pair: name, order: keys[i]! },
      })),
    },
  ];
}
