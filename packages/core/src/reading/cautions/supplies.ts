import { groupBy, unique } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import {
  hasLabel,
  isUnlooked,
  mayBring,
  PROPERTIES,
  unrecorded,
  type PropertyId,
  type Supply,
} from '../../cupboard/index.ts';
import { allergenName, isOwnAllergen, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { inRoomOf } from '../amounts/uses.ts';
import { answer, answerFlat } from '../ground/answer.ts';
import { inDayOrder, fewOf, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { thingOf } from '../kitchen/inherit.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { CAUTION_RULES } from './rules.ts';

const MOST_NAMED = 4;

// Supplies that somebody who is there meets, with those children and days.
interface Used {
  readonly supply: Supply;
  readonly placement: Placement;
  readonly children: readonly Child[];
  /** Those of them for whom the family named something in its own words. */
  readonly withOwn: readonly Child[];
  readonly days: readonly number[];
}
const usedBy = answerFlat((look, placement: Placement, frame: Frame, today: PlainDay): readonly Used[] => {
  const sessions = sessionsOf(placement, frame).filter(
    ({ day, seats }) => day.date >= today && seats.length > 0,
  );
  if (sessions.length === 0) return [];
  const children = unique(sessions.flatMap(({ seats }) => seats.map(({ child }) => child)));
  const withOwn = children.filter(({ allergies }) =>
    allergies.some(({ allergen }) => isOwnAllergen(allergen)),
  );
  const days = sessions.map(({ day }) => day.number);
  return unique(inRoomOf(look, placement, frame).map(({ supplyId }) => supplyId)).flatMap((id) => {
    const supply = thingOf(look, id);
    return supply ? [{ supply, placement, children, withOwn, days }] : [];
  });
});

const about = (used: readonly Used[]) => ({
  days: inDayOrder(used.flatMap(({ days }) => days)),
  cornerIds: [],
  placementId: used[0]!.placement.id,
  placementIds: unique(used.map(({ placement }) => placement.id)),
  supplyIds: unique(used.map(({ supply }) => supply.id)),
});

// What it is called beside each thing that is placed, by the names of those supplies that it uses.
const titlesBy = (used: readonly Used[], say: (names: string) => string): NonNullable<Finding['titles']> =>
  Object.fromEntries(
    [...groupBy(used, ({ placement }) => placement.id)].map(([id, there]) => [
      id,
      say(fewOf(unique(there.map(({ supply }) => supply.name)))),
    ]),
  );

const askedBy = (id: PropertyId): boolean => CAUTION_RULES.some(({ asks }) => asks.includes(id));

/** What nobody recorded of a supply although a caution asks for it. */
export const unknownOf = memoised((supply: Supply): readonly PropertyId[] =>
  unrecorded(supply.category, supply.properties).filter(askedBy),
);

/** The findings about supplies in use: what nobody recorded, what a label says or nobody read, what was picked. */
export const supplyFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const used = usedBy(look, placements, frame, today);
    return [
      ...unknownFinding(used),
      ...mayContainFindings(used),
      ...notLookedFindings(used),
      ...labelFinding(used),
      ...pickedFinding(used),
    ];
  },
);

function unknownFinding(all: readonly Used[]): Finding[] {
  const used = all.filter(({ supply }) => unknownOf(supply).length > 0);
  if (used.length === 0) return [];
  const things = unique(used.map(({ supply }) => supply));
  const asked = things.map(
    (supply) => `${supply.name}: ${fewOf(unknownOf(supply).map((id) => PROPERTIES[id].label.toLowerCase()))}`,
  );
  return [
    {
      key: 'unknown',
      rule: 'unknown',
      level: 'care',
      title:
        things.length === 1 ? `Not recorded: ${things[0]!.name}` : `Not recorded of ${things.length} things`,
      detail: `${asked.slice(0, MOST_NAMED).join('; ')}${asked.length > MOST_NAMED ? '; and others' : ''}.`,
      instead: 'Look at them and fill it in: until then nobody knows whom they suit.',
      basis: 'what is unknown is no silent yes',
      ...about(used),
      childIds: [],
      facts: fingerprint(things.map((supply) => [supply.id, unknownOf(supply)])),
    },
  ];
}

function mayContainFindings(all: readonly Used[]): Finding[] {
  // Few labels say that they may contain something: the others are passed over at once.
  const risky = all.filter(
    ({ supply }) => supply.mayContain.length > 0 || supply.properties.grain === 'other',
  );
  const meetings = risky.flatMap((used) =>
    used.children.flatMap((child) =>
      child.allergies
        .filter(({ allergen }) => mayBring(used.supply, allergen))
        .map(({ allergen }) => ({ ...used, child, allergen })),
    ),
  );
  return [...groupBy(meetings, ({ child, allergen }) => `${child.id}:${allergen}`)].map(([key, those]) => {
    const { child, allergen } = those[0]!;
    const names = unique(those.map(({ supply }) => supply.name));
    return {
      key: `may-contain:${key}`,
      rule: 'may-contain',
      row: 36,
      level: 'care',
      title: `May contain ${allergenName(allergen)}: ${child.name}`,
      titles: titlesBy(those, (names) => `${names} may contain ${allergenName(allergen)}: ${child.name}`),
      detail: `${fewOf(names)}, ${formatDays(about(those).days)}.`,
      instead:
        allergen === 'gluten'
          ? 'Only what is labelled gluten-free: other grain is milled where wheat is. Read the label again at each purchase.'
          : 'Read the label again at each purchase.',
      basis: 'the label of the maker',
      ...about(those),
      childIds: [child.id],
      facts: fingerprint([child.id, allergen, names]),
    };
  });
}

// An allergen that only the home knows of: no label has to name it, so somebody looks at each thing once.
function notLookedFindings(all: readonly Used[]): Finding[] {
  const meetings = all.flatMap((used) =>
    used.withOwn.flatMap((child) =>
      child.allergies
        .filter(({ allergen }) => isUnlooked(used.supply, allergen))
        .map(({ allergen }) => ({ ...used, child, allergen })),
    ),
  );
  return [...groupBy(meetings, ({ child, allergen }) => `${child.id}:${allergen}`)].map(([key, those]) => {
    const { child, allergen } = those[0]!;
    const names = unique(those.map(({ supply }) => supply.name));
    return {
      key: `not-looked:${key}`,
      rule: 'not-looked',
      row: 35,
      level: 'care',
      title: `Not looked at for ${allergenName(allergen)}: ${child.name}`,
      titles: titlesBy(
        those,
        (names) => `${names} not looked at for ${allergenName(allergen)}: ${child.name}`,
      ),
      detail: `${fewOf(names)}, ${formatDays(about(those).days)}.`,
      instead: `Look whether ${allergenName(allergen)} is in it, and note it in the cupboard: no label has to say so.`,
      basis: 'what the family names, in its own words',
      ...about(those),
      childIds: [child.id],
      facts: fingerprint([child.id, allergen, names]),
    };
  });
}

function labelFinding(all: readonly Used[]): Finding[] {
  const used = all.filter(
    ({ supply, children }) =>
      hasLabel(supply) &&
      supply.labelCheckedOn === null &&
      children.some(({ allergies }) => allergies.length > 0),
  );
  if (used.length === 0) return [];
  const things = unique(used.map(({ supply }) => supply));
  const children = unique(used.flatMap((one) => one.children)).filter(
    ({ allergies }) => allergies.length > 0,
  );
  return [
    {
      key: 'label-unread',
      rule: 'label-unread',
      row: 36,
      level: 'care',
      title: `Label not read: ${fewOf(things.map(({ name }) => name))}`,
      titles: titlesBy(used, (names) => `Label not read: ${names}`),
      detail: `For ${listed(children.map(({ name }) => name))}, who ${children.length === 1 ? 'is' : 'are'} there.`,
      instead: 'Read it before it is set out, and again at each purchase.',
      basis: 'the label of the maker',
      ...about(used),
      childIds: children.map(({ id }) => id),
      facts: fingerprint([things.map(({ id }) => id), children.map(({ id }) => id)]),
    },
  ];
}

function pickedFinding(all: readonly Used[]): Finding[] {
  const used = all.filter(({ supply }) => supply.got === 'collected' && supply.category === 'nature');
  if (used.length === 0) return [];
  return [
    {
      key: 'picked',
      rule: 'picked',
      row: 32,
      level: 'note',
      title: `Picked outdoors: ${fewOf(unique(used.map(({ supply }) => supply.name)))}`,
      detail: `${formatDays(about(used).days)}.`,
      instead: "With the owner's leave, plentiful kinds only, a little from each place.",
      basis: 'local rules about picking',
      ...about(used),
      childIds: [],
    },
  ];
}
