import type { Book, Table } from '../../book/index.ts';
import { daysBetween, formatDay, seasonOf, type PlainDay } from '../../calendar/index.ts';
import { valueIn, type Child, type Corner, type CornerId } from '../../house/index.ts';
import { versionFor, type Activity, type ActivityContent, type ActivityId } from '../../library/index.ts';
import { areaOf, headingsOfContent, type Area, type LensId } from '../../skills/index.ts';
import {
  askedOfTable,
  belongsTo,
  lacksRole,
  originOf,
  termsOfTheme,
  type Placement,
  type Theme,
  type UnitId,
} from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { stockOf } from '../stock/ledger.ts';
import { isAbout } from '../plan/features.ts';
import { listed } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { namedOf } from '../plan/wishes.ts';
import { wentBefore, type WentBefore } from '../went/went.ts';
import { stoodIn } from '../plan/copies.ts';
import { daysIn } from '../plan/days.ts';
import { earlierUnits, learnerOn, themeIn, type Frame } from '../plan/plan.ts';

/**
 * What something is looked for: a corner, a heading of a lens or an area of skills, for everyone or for one child; an
 * empty one is the group on a day, `any` every place of the unit.
 */
export interface Spot {
  readonly corner?: Corner | null;
  readonly heading?: { readonly lens: LensId; readonly id: string } | null;
  readonly area?: Area | null;
  readonly child?: Child | null;
  readonly any?: boolean;
}

/** Something that speaks for an activity, or against it. */
export interface Speaking {
  readonly about: keyof typeof WEIGHTS;
  /** Above zero where it speaks for it. */
  readonly points: number;
  /** In a few words; empty for what is said otherwise. */
  readonly reason: string;
}

/** Something from the library that could be put in a place, with what speaks for it. */
export interface Suggestion {
  readonly activity: Activity;
  /** How many of the children who come during the unit find a version at their age on its first day. */
  readonly fits: number;
  /** Names of the supplies of which nothing is on hand. */
  readonly missing: readonly string[];
  /** What speaks for it, the strongest first. */
  readonly reasons: readonly string[];
  /** What the score is made of. */
  readonly told: readonly Speaking[];
  readonly score: number;
  /** Belongs to this theme, to others, or to any. */
  readonly belongs: 'own' | 'other' | 'any';
  /** It asks for a role that no member of the theme has: it would be filled with something that was not meant. */
  readonly lacksRole: boolean;
}

/** What a home knows of what it did before: when each activity was last planned to stand, in any other unit. */
export type LastUse = ReadonlyMap<ActivityId, PlainDay>;

const lastIn = answer((look, unitId: UnitId): LastUse => {
  const found = new Map<ActivityId, PlainDay>();
  const { days } = daysIn(look, unitId);
  for (const { copy, to } of stoodIn(look, unitId)) {
    const originId = originOf(copy);
    const date = days[Math.min(to, days.length) - 1]?.date;
    const known = found.get(originId);
    if (date && (known === undefined || known < date)) found.set(originId, date);
  }
  return found;
});

/** When each activity was last planned in a unit that began before this one. Units still to come do not count. */
export function lastUses(book: Book, unitId: UnitId): LastUse {
  const found = new Map<ActivityId, PlainDay>();
  for (const unit of earlierUnits(book, unitId)) {
    for (const [id, date] of lastIn(book, unit.id)) if ((found.get(id) ?? '') < date) found.set(id, date);
  }
  return found;
}

// What counts for how much: fitting the children before all, then that it can be done with what is there.
const WEIGHTS = {
  ...{ fits: 6, onHand: 3, eachMissing: -1, notLately: 2, littlePrep: 1, madeSet: 1, featured: 2 },
  ...{ ownTheme: 5, named: 3, pattern: 2, table: 2, lacking: -3, loved: 2, lost: -3, liked: 1, unliked: -1 },
  ...{ inSeason: 1, outOfSeason: -3, justUsed: -8 },
};
const LITTLE_PREP_MINUTES = 10;

const speaks = (about: Speaking['about'], reason: string): Speaking => ({
  ...{ about, reason },
  points: WEIGHTS[about],
});

/** What each activity brings to a unit, whatever place it is looked for. */
const worth = answer(
  (look, activity: Activity, frame: Frame, last: PlainDay | null, went: WentBefore | null): Suggestion => {
    const { content } = activity;
    const children = childrenOf(frame);
    const fits = countFitting(content, children, frame);
    const missing = missingFor(look, content);
    const told: Speaking[] = [];
    if (children.length > 0)
      told.push({
        ...{ about: 'fits', points: (WEIGHTS.fits * fits) / children.length },
        reason: `fits ${fits} of ${children.length}`,
      });
    if (missing.length === 0) told.push(speaks('onHand', 'things on hand'));
    else told.push({ about: 'eachMissing', points: missing.length * WEIGHTS.eachMissing, reason: '' });
    const theme = themeIn(look, frame.unit.id);
    const belongs = belongsTo(content, theme);
    told.push(...themeReasons(content, theme, belongs), ...recordedReasons(content, went));
    told.push(...wishReasons(look, content, children));
    if (content.seasons.length > 0) {
      const fits = content.seasons.includes(seasonOf(firstDate(frame), frame.home.zone));
      told.push(
        fits ? speaks('inSeason', 'in season') : speaks('outOfSeason', `made for ${listed(content.seasons)}`),
      );
    }
    const features = featuresMet(content, frame);
    if (features.length > 0) told.push(speaks('featured', listed(features)));
    told.push(freshness(last, frame));
    if (prepMinutes(content) <= LITTLE_PREP_MINUTES) told.push(speaks('littlePrep', 'little to prepare'));
    const set = content.materials
      .map(({ supplyId }) => look.one('supplies', supplyId))
      .find((one) => one?.set);
    if (set && missing.length === 0) told.push(speaks('madeSet', `uses the set ${set.name}`));
    const score = told.reduce((sum, { points }) => sum + points, 0);
    const reasons = told
      .filter(({ reason }) => reason !== '')
      .toSorted((a, b) => b.points - a.points)
      .map(({ reason }) => reason);
    const elsewhere = belongs === 'other' ? [`belongs to ${listed(content.themes)}`] : [];
    const lacking = theme !== null && lacksRole(content, theme);
    const unmeant = lacking ? [`nobody wrote ${listed(askedOfTable(content, theme).lacks)} yet`] : [];
    // What speaks against it is read before what speaks for it.
    const failed = told.filter(({ about }) => about === 'lost').map(({ reason }) => reason);
    const first = [...elsewhere, ...unmeant, ...failed];
    return {
      ...{ activity, fits, missing, told, score, belongs },
      lacksRole: lacking,
      reasons: [...first, ...reasons.filter((reason) => !first.includes(reason))],
    };
  },
);

// What the theme's table says for it: whose it is, that its words name it, and that it has what a pattern asks.
function themeReasons(
  content: ActivityContent,
  theme: Theme | null,
  belongs: Suggestion['belongs'],
): Speaking[] {
  const reasons: Speaking[] = [];
  if (belongs === 'own') reasons.push(speaks('ownTheme', 'belongs to the theme'));
  if (!theme || theme.things.length === 0) return reasons;
  const said = `${content.title} ${content.summary}`.toLocaleLowerCase('en').match(/\p{L}+/gu) ?? [];
  const terms = termsOfTheme(theme);
  const named = said.find((word) => terms.has(word));
  if (named && belongs !== 'own') reasons.push(speaks('named', `about ${named}`));
  if (content.slots.length === 0) return reasons;
  reasons.push(speaks('pattern', 'takes the theme’s things'));
  const { has, lacks } = askedOfTable(content, theme);
  if (has.length > 0) reasons.push(speaks('table', `the things have ${listed(has)}`));
  if (lacks.length > 0) reasons.push(speaks('lacking', `nobody wrote ${listed(lacks)} yet`));
  return reasons;
}

// What was noted or recorded of it here: by how much of the times; noted without a record counts once.
function recordedReasons(content: ActivityContent, went: WentBefore | null): Speaking[] {
  const isNoted = content.notes.some(({ loved }) => loved);
  const reasons: Speaking[] = [];
  const loved = Math.max(went?.loved ?? 0, isNoted ? 1 : 0);
  if (loved > 0)
    reasons.push({ ...speaks('loved', went?.lovedText || 'loved before'), points: WEIGHTS.loved * loved });
  if (went && went.lost > 0)
    reasons.push({ ...speaks('lost', went.lostText), points: WEIGHTS.lost * went.lost });
  return reasons;
}

// A child's own words lift a suggestion or lower it, and never more than one of them: it is for a group.
function wishReasons(look: Look, content: ActivityContent, children: readonly Child[]): Speaking[] {
  const told = (about: 'liked' | 'unliked', of: (child: Child) => readonly string[], says: string) =>
    children.flatMap((child) => {
      const [word] = namedOf(look, of(child), content);
      return word === undefined ? [] : [speaks(about, `${child.shownAs} ${says} ${word}`)];
    });
  return [
    ...told('liked', ({ likes }) => likes, 'likes').slice(0, 1),
    ...told('unliked', ({ wontTouch }) => wontTouch, 'will not touch').slice(0, 1),
  ];
}

/**
 * What the library has for a place: for a corner open set-ups and shelf work that suit its kind, for a day what is done
 * in groups or pulled from a reserve, for a heading whatever works on it; for a child only what has a version for it.
 * The best first: by what speaks for it, then by title. What asks for a role that nobody has comes after what does not, what belongs to
 * other themes after all that does not, and what is in the unit already last.
 */
export function suggestionsFor(
  book: Book,
  frame: Frame,
  placements: readonly Placement[],
  lastUse: LastUse,
  spot: Spot,
): readonly Suggestion[] {
  const there = new Set(placements.map(({ originId }) => originId));
  const first = firstDate(frame);
  return Object.values(book.activities)
    .filter(({ content, retired }) => !retired && suits(content, spot, frame, book.corners))
    .filter(
      ({ content }) => !spot.child || versionFor(content, learnerOn(spot.child, first, frame.home)) !== null,
    )
    .map((activity) =>
      worth(book, activity, frame, lastUse.get(activity.id) ?? null, wentBefore(book, activity.id)),
    )
    .toSorted(
      (a, b) =>
        Number(there.has(a.activity.id)) - Number(there.has(b.activity.id)) ||
        Number(a.belongs === 'other') - Number(b.belongs === 'other') ||
        Number(a.lacksRole) - Number(b.lacksRole) ||
        b.score - a.score ||
        (a.activity.content.title < b.activity.content.title ? -1 : 1),
    );
}

// A set-up goes into a corner of its kind; a bin of a child has its own place, on the page for trays.
function suits(
  { mode, cornerKinds, skills, headings }: ActivityContent,
  spot: Spot,
  { home }: Frame,
  corners: Table<Corner>,
): boolean {
  const { corner, heading, area, child } = spot;
  if (spot.any) return true;
  if (area) return skills.some((skill) => areaOf(skill) === area);
  // A place of the lens by corners is a corner of the home.
  const place = heading?.lens === 'corners' ? corners[heading.id as CornerId] : undefined;
  if (place) return cornerKinds.includes(place.kind);
  if (heading)
    return (
      mode !== 'bin' &&
      headingsOfContent(heading.lens, { skills, headings }, home.ownHeadings).includes(heading.id)
    );
  if (corner) return (mode === 'open-corner' || mode === 'shelf-work') && cornerKinds.includes(corner.kind);
  if (child) return mode === 'bin' || mode === 'shelf-work' || mode === 'reserve';
  return mode === 'whole-group' || mode === 'small-group' || mode === 'reserve';
}

const childrenOf = memoised((frame: Frame): readonly Child[] => [
  ...new Set(frame.attendance.flatMap((day) => day.children)),
]);

/** An idea is looked at as if it began when the first child did: only so something can be said of it. */
const firstDate = (frame: Frame): PlainDay =>
  frame.calendar.days[0]?.date ??
  frame.unit.start ??
  childrenOf(frame)[0]?.birth ??
  ('2000-01-01' as PlainDay);

function countFitting(content: ActivityContent, children: readonly Child[], frame: Frame): number {
  const first = firstDate(frame);
  return children.filter((child) => versionFor(content, learnerOn(child, first, frame.home)) !== null).length;
}

const prepMinutes = ({ prep }: ActivityContent): number => prep.reduce((sum, task) => sum + task.minutes, 0);

// What was used just now comes last, and back by and by: so that a year of units goes round all there is.
function freshness(last: PlainDay | null, frame: Frame): Speaking {
  if (last === null) return speaks('notLately', 'not used before');
  const since = daysBetween(last, firstDate(frame));
  const late = valueIn(frame.home, 'lateUseDays');
  if (since > late) return speaks('notLately', 'not used lately');
  const points = WEIGHTS.justUsed * (1 - Math.max(0, since) / (late + 1));
  return { about: 'justUsed', points, reason: `used on ${formatDay(last)}` };
}

const featuresMet = (content: ActivityContent, { featured }: Frame): readonly string[] =>
  featured.filter((feature) => isAbout(content, feature)).map(({ kind, value }) => `${kind} ${value}`);

const missingFor = (look: Look, { materials }: ActivityContent): readonly string[] =>
  materials.flatMap(({ supplyId }) => {
    const supply = look.one('supplies', supplyId);
    return supply && stockOf(supply, look.table('stockMoves')).amount === 0 ? [supply.name] : [];
  });
