import { withGaps, type ActivityContent } from '../../library/index.ts';
import {
  featureKey,
  isShownIn,
  soundOf,
  unitDays,
  type Feature,
  type Placement,
  type Thing,
  type Unit,
  type UnitId,
} from '../../unit/index.ts';
import { answer, answerEach, type Look } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { homeIn } from './house.ts';

/** Something that another unit features for a month in which this unit has days. */
export interface MonthsFeature {
  readonly feature: Feature;
  readonly unit: Unit;
}

/** What other units feature for a month in which a unit has days: each once, the earliest unit's first. */
export const monthsFeatures = answer((look, unitId: UnitId): readonly MonthsFeature[] => {
  const unit = look.one('units', unitId);
  const here = unit ? monthsOf(look, unit) : [];
  if (here.length === 0) return [];
  const own = new Set(unit!.featured.map(featureKey));
  return Object.values(look.table('units'))
    .filter(({ id, start }) => id !== unitId && start !== null)
    .toSorted((a, b) => (a.start! < b.start! ? -1 : 1))
    .flatMap((other) => {
      const features = other.featured.filter(({ span }) => span === 'month');
      // Its month is that of its first day.
      if (features.length === 0 || !here.includes(monthsOf(look, other)[0] ?? '')) return [];
      return features.flatMap((feature) => {
        const key = featureKey(feature);
        if (own.has(key)) return [];
        own.add(key);
        return [monthsFeature(feature, other)];
      });
    });
});

const monthsFeature = memoised((feature: Feature, unit: Unit): MonthsFeature => ({ feature, unit }));

// The months, as `2027-03`, in which a unit has program days.
function monthsOf(look: Look, unit: Unit): readonly string[] {
  const { days } = unitDays(unit, homeIn(look), Object.values(look.table('closures')));
  return [...new Set(days.map(({ date }) => date.slice(0, 7)))];
}

/** What holds for a unit: what it features itself, then what the month around it does. */
export const featuredIn = answer((look, unitId: UnitId): readonly Feature[] => [
  ...(look.one('units', unitId)?.featured ?? []),
  ...monthsFeatures(look, unitId).map(({ feature }) => feature),
]);

// A letter is read in titles and new words; a colour and a shape are met in what is done as well.
const wordsFor = memoised(
  ({ title, summary, versions, steps }: ActivityContent, kind: Feature['kind']): string => {
    // What a word means comes after a colon.
    const short = [title, ...versions.map(({ word }) => word.split(':')[0]!)];
    const long = kind === 'colour' || kind === 'shape';
    return [
      ...short,
      ...(long ? [summary, ...versions.map(({ does }) => does), ...steps.map(({ text }) => text)] : []),
    ]
      .map(withGaps)
      .join(' \n');
  },
);

const isNamed = memoised(({ features }: ActivityContent, { kind, value }: Feature): boolean => {
  const { letters, numbers, colours, shapes } = features;
  const named = { letter: letters, number: numbers.map(String), colour: colours, shape: shapes }[kind];
  const key = featureKey({ kind, value });
  return named.some((one) => featureKey({ kind, value: one }) === key);
});

const COUNTING: ReadonlySet<string> = new Set(['featured-number', 'one-to-n']);

/** Whether an activity is about what is featured: it says so itself, its words do, or an amount is counted by the number. */
export const isAbout = (content: ActivityContent, feature: Feature): boolean =>
  isNamed(content, feature) ||
  isShownIn(feature, wordsFor(content, feature.kind)) ||
  (feature.kind === 'number' && content.materials.some(({ times }) => COUNTING.has(times)));

/**
 * Which of some features a child meets in each placement: what it is about, and the words of the things and the sheets that it
 * is made with.
 */
export const featuresMet = answerEach(
  (look, { content }: Placement, featured: readonly Feature[]): readonly Feature[] => {
    if (featured.length === 0) return NONE;
    const words = [
      ...content.materials.map(({ supplyId }) => look.one('supplies', supplyId)?.name ?? ''),
      ...content.sheetIds.flatMap((id) => {
        const sheet = look.one('sheets', id);
        return sheet ? [sheet.title, ...sheet.about] : [];
      }),
    ].join(' \n');
    return featured.filter((feature) => isAbout(content, feature) || isShownIn(feature, words));
  },
);
const NONE: readonly never[] = [];

/** Whether a child meets what is featured in a member of the theme: in its name, its colour or its first sound. */
export const isShownByThing = (
  { name, colour, ...said }: Pick<Thing, 'name' | 'colour' | 'firstSound' | 'spoken'>,
  feature: Feature,
): boolean =>
  isShownIn(feature, name) ||
  (feature.kind === 'colour' && isShownIn(feature, colour ?? '')) ||
  (feature.kind === 'letter' &&
    featureKey({ kind: 'letter', value: soundOf(said) ?? '' }) === featureKey(feature));
