import { groupBy, type Book } from '../../book/index.ts';
import { formatDay, SEASONS, seasonOf, type PlainDay, type Season } from '../../calendar/index.ts';
import { featureKey, type FeatureKind, type Unit, type UnitId } from '../../unit/index.ts';
import { daysIn, phaseOf, type Phase } from '../plan/days.ts';

/** A unit on the ribbon of the year. */
export interface YearUnit {
  readonly unit: Unit;
  readonly phase: Phase;
  /** Null for an idea, and for a unit of a home that is closed for good. */
  readonly span: { readonly first: PlainDay; readonly last: PlainDay } | null;
  /** Units that overlap lie in lanes of their own, from 0. */
  readonly lane: number;
}

/** When something was featured. */
export interface FeaturedWhen {
  readonly unitId: UnitId;
  readonly title: string;
  readonly first: PlainDay;
  readonly text: string;
}

/** The units of a home over time, and what was featured when. */
export interface Year {
  /** By their first days; ideas last, by title. */
  readonly units: readonly YearUnit[];
  /** By {@link featureKey}; the earliest first. */
  readonly featured: ReadonlyMap<string, readonly FeaturedWhen[]>;
  /** The values of each kind that were featured, as they were written first. */
  readonly values: Readonly<Record<FeatureKind, readonly string[]>>;
}

/** All units of the home as they follow each other, and which letters, numbers, colours and shapes were featured when. */
export function yearOf(book: Book, today: PlainDay): Year {
  const all = Object.values(book.units).map((unit) => {
    const calendar = daysIn(book, unit.id);
    const [first, last] = [calendar.days[0]?.date, calendar.days.at(-1)?.date];
    return { unit, phase: phaseOf({ unit, calendar }, today), span: first && last ? { first, last } : null };
  });
  const dated = all
    .filter((one) => one.span !== null)
    .toSorted((a, b) => (a.span!.first < b.span!.first ? -1 : 1));
  const ends: PlainDay[] = [];
  const laid = dated.map((one): YearUnit => {
    const free = ends.findIndex((end) => end < one.span!.first);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = one.span!.last;
    return { ...one, lane };
  });
  const ideas = all
    .filter((one) => one.span === null)
    .toSorted((a, b) => (a.unit.title < b.unit.title ? -1 : 1))
    .map((one): YearUnit => ({ ...one, lane: 0 }));
  return { units: [...laid, ...ideas], ...featuredIn(laid) };
}

/** The units that had days, by the season of their first one: the latest first. */
export function bySeason(
  units: readonly YearUnit[],
  zone: string,
): Readonly<Record<Season, readonly YearUnit[]>> {
  const dated = units.filter(({ span }) => span !== null).toReversed();
  const found = groupBy(dated, ({ span }) => seasonOf(span!.first, zone));
  return Object.fromEntries(SEASONS.map((season) => [season, found.get(season) ?? []])) as Record<
    Season,
    readonly YearUnit[]
  >;
}

function featuredIn(units: readonly YearUnit[]): Pick<Year, 'featured' | 'values'> {
  const featured = new Map<string, FeaturedWhen[]>();
  const values: Record<FeatureKind, string[]> = { letter: [], number: [], colour: [], shape: [] };
  for (const { unit, span } of units) {
    for (const feature of unit.featured) {
      const key = featureKey(feature);
      const when = featured.get(key);
      const entry = {
        unitId: unit.id,
        title: unit.title,
        first: span!.first,
        text: `${unit.title}, ${formatDay(span!.first)}${feature.span === 'month' ? ', for the month' : ''}`,
      };
      if (when) when.push(entry);
      else {
        featured.set(key, [entry]);
        values[feature.kind].push(feature.value);
      }
    }
  }
  return { featured, values };
}
