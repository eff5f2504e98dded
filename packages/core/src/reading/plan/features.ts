import { groupBy } from '../../book/index.ts';
import { monthOf, type Month } from '../../calendar/index.ts';
import { withGaps, type ActivityContent } from '../../library/index.ts';
import {
  featureKey,
  isShownIn,
  soundOf,
  type Feature,
  type Placement,
  type Thing,
  type Unit,
  type UnitId,
} from '../../unit/index.ts';
import { answer, answerEach } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { daysIn } from './days.ts';

/** Something that another unit features for a month in which this unit has days. */
export interface MonthsFeature {
  readonly feature: Feature;
  readonly unit: Unit;
}

/** What other units feature for a month in which a unit has days: each once, the earliest unit's first. */
export const monthsFeatures = answer((look, unitId: UnitId): readonly MonthsFeature[] => {
  const unit = look.one('units', unitId);
  if (!unit) return NONE;
  const own = new Set(unit.featured.map(featureKey));
  const months = new Set(daysIn(look, unitId).days.map(({ date }) => monthOf(date)));
  return [...months]
    .flatMap((month) => ofMonths(look).get(month) ?? [])
    .filter((other) => other.unit.id !== unitId)
    .toSorted((a, b) => (a.unit.start! < b.unit.start! ? -1 : 1))
    .filter(({ feature }) => {
      const key = featureKey(feature);
      const isNew = !own.has(key);
      own.add(key);
      return isNew;
    });
});

// What any unit features for a month, by that month: its own is that of its first day.
const ofMonths = answer((look): ReadonlyMap<Month, readonly MonthsFeature[]> => {
  const all = Object.values(look.table('units')).flatMap((unit) => {
    const first = daysIn(look, unit.id).days[0];
    const features = first ? unit.featured.filter(({ span }) => span === 'month') : [];
    return features.map((feature) => ({ month: monthOf(first!.date), of: monthsFeature(feature, unit) }));
  });
  const byMonth = groupBy(all, ({ month }) => month);
  return new Map([...byMonth].map(([month, list]) => [month, list.map(({ of }) => of)]));
});
const monthsFeature = memoised((feature: Feature, unit: Unit): MonthsFeature => ({ feature, unit }));

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
