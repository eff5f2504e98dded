import { allergenFindings } from '../cautions/allergens.ts';
import { brokenFindings } from '../cautions/broken.ts';
import { cautionFindings, waterFindings } from '../cautions/cautions.ts';
import { coolingFindings } from '../cautions/cooling.ts';
import { eatenFindings } from '../cautions/eaten.ts';
import { reachFindings } from '../cautions/reach.ts';
import { adultFindings, twinFinding } from '../conduct/days.ts';
import { ratioFindings } from '../conduct/ratio.ts';
import {
  areaFindings,
  bookFindings,
  featureFindings,
  goneBookFindings,
  partnerFindings,
  planFindings,
} from '../conduct/theme.ts';
import { byHandFindings, pieceFindings, stockFindings } from '../conduct/things.ts';
import { oneForTwo } from '../exclusive/across-units.ts';
import { retiredCornerFindings, sharedTableFindings } from '../exclusive/tables.ts';
import { joined, type Finding, type RuleId } from '../ground/finding.ts';
import { leftOutFindings } from '../fit/left-out.ts';
import { inHandFindings } from '../fit/in-hand.ts';
import { openSlotFindings } from '../fit/open-slots.ts';
import { watchingFindings } from '../fit/watching.ts';
import { gatherLines } from '../gather/gather.ts';
import { memoised } from '../ground/memo.ts';
import type { Placed } from '../plan/plan.ts';
import { readinessOf } from '../readiness/ready.ts';
import { crowdFindings } from '../readiness/waiting.ts';
import type { Audience, FewOf, Rule, Way } from './rule.ts';
import {
  shelf,
  supplies,
  keptTooLong,
  afterIllness,
  bins,
  rounds,
  processes,
  sketches,
  wontTouch,
  events,
  days,
  circles,
  ready,
  ordered,
} from './questions.ts';
import { WATCHED_RULES } from './watched.ts';

const ROOM: readonly Audience[] = ['phone', 'paper'];
const only = (most: number, way: Way): FewOf => ({ way, most });

const twinnedIn = memoised(({ twins }: Placed): ReadonlySet<string> => new Set(twins.map(({ of }) => of.id)));

/** Every rule that speaks about a unit, in the order in which equals are told. A new rule is a record here and its question. */
export const RULES: { readonly [R in RuleId]: Rule } = {
  'empty-corner': { about: 'a corner that stays empty', levels: ['note'], ask: shelf, ways: ['filling'] },
  'past-the-end': { about: "days after the unit's end", levels: ['note'], ask: shelf, ways: ['reserve'] },
  'left-out': {
    about: 'a child for whom a day has nothing',
    levels: ['care'],
    ask: ({ placements, frame, today }) => leftOutFindings(placements, frame, today),
    page: 'trays',
    ways: ['bin'],
  },
  allergen: {
    about: 'declared allergens, through recipes; gluten and coeliac disease',
    levels: ['stop', 'care'],
    rows: [35, 37],
    ask: ({ book, both, frame, today }) => allergenFindings(book, both, frame, today),
    // A phone is told each meeting of its day by itself.
    tells: ['paper'],
    ways: ['swap', 'filler', 'other', 'day', 'reserve'],
  },
  caution: {
    about: 'a thing that one of the rows is about',
    levels: ['stop', 'care', 'note'],
    ask: ({ book, both, frame, today }) => cautionFindings(book, both, frame, today),
    tells: ROOM,
    ways: ['lead', 'version', 'filler', 'other', 'leaving-out', 'day', 'reserve'],
  },
  water: {
    about: 'standing water',
    levels: ['stop', 'care'],
    rows: [21],
    ask: ({ both, frame, today }) => waterFindings(both, frame, today),
    tells: ROOM,
    ways: ['lead', 'day', 'reserve'],
  },
  unknown: { about: 'what nobody recorded', levels: ['care'], ask: supplies },
  'may-contain': {
    about: 'a label that says may contain',
    levels: ['care'],
    rows: [36],
    ask: supplies,
    tells: ROOM,
    ways: ['reserve'],
  },
  'label-unread': {
    about: 'a label that nobody read',
    levels: ['care'],
    rows: [36],
    ask: supplies,
    tells: ROOM,
    ways: ['reading'],
  },
  'not-looked': {
    about: 'what nobody looked at for an allergen of a family’s own words',
    levels: ['care'],
    rows: [35],
    ask: supplies,
    tells: ROOM,
    ways: ['looking'],
  },
  picked: { about: 'picked outdoors', levels: ['note'], rows: [32], ask: supplies },
  'out-of-reach': {
    about: 'what whoever is there must not reach',
    levels: ['stop', 'care'],
    ask: ({ book, placements, frame, today }) => reachFindings(book, placements, frame, today),
    tells: ROOM,
    ways: ['lead', 'day', 'reserve'],
  },
  eaten: {
    about: 'eaten after ink, glue or tools',
    levels: ['stop', 'care'],
    rows: [53],
    ask: ({ book, both, frame, today }) => eatenFindings(book, both, frame, today),
    tells: ROOM,
    ways: ['day', 'reserve'],
  },
  'keep-by': {
    about: 'past its keep-by day, or used by somebody who fell ill',
    levels: ['stop', 'care'],
    rows: [48],
    ask: (asked) => joined(keptTooLong(asked), afterIllness(asked)),
    tells: ROOM,
    ways: ['making-new'],
  },
  broken: {
    about: 'a thing that is broken',
    levels: ['stop'],
    rows: [64],
    ask: ({ book, both, frame, today }) => brokenFindings(book, both, frame, today),
    tells: ROOM,
    ways: ['mended', 'reserve'],
  },
  cooling: {
    about: 'what comes from the stove, and does not say how long it cools',
    levels: ['care'],
    rows: [65],
    ask: ({ book, both, frame, today }) => coolingFindings(book, both, frame, today),
    tells: ROOM,
  },
  'bin-crowded': {
    about: 'more children than a tub has room for',
    levels: ['note'],
    ask: bins,
    ways: ['tub'],
  },
  'bin-path': { about: 'a filler that is not for a drain', levels: ['note'], ask: bins, ways: ['filler'] },
  'bin-unweighed': { about: 'a filler whose weight nobody knows', levels: ['note'], ask: bins },
  'in-hand': {
    about: 'a member of the theme that is handled and for which nothing stands',
    levels: ['note'],
    ask: ({ placements }) => inHandFindings(placements),
  },
  'open-slot': {
    about: 'a word of a pattern that is still open',
    levels: ['note'],
    ask: ({ placements, frame }) => openSlotFindings(placements, frame),
  },
  rounds: {
    about: 'turns that do not fit into their time, or are waited for too long',
    levels: ['note'],
    ask: rounds,
    ways: ['day'],
  },
  process: {
    about: 'what is made on a day and is not ready when it is wanted',
    levels: ['care'],
    ask: processes,
    when: 'to-come',
    tells: ROOM,
    ways: ['circle-shorter', only(2, 'earlier-block'), 'evening-before', 'made-beforehand', 'day'],
  },
  sketch: {
    about: 'what is only begun: a title alone, a thing nobody looked at',
    levels: ['note'],
    ask: sketches,
  },
  order: {
    about: 'what comes before what',
    levels: ['care'],
    ask: ordered,
    ways: ['day', only(2, 'maker-earlier'), 'piece-out', 'reserve'],
  },
  'shared-table': {
    about: 'two corners at one table',
    levels: ['care'],
    ask: ({ placements, frame, book, today }) => sharedTableFindings(book, placements, frame, today),
  },
  'retired-corner': {
    about: 'a corner that is no more',
    levels: ['note'],
    ask: ({ placements, book }) => retiredCornerFindings(book, placements),
    ways: ['reserve'],
  },
  'one-for-two': {
    about: 'one thing in two places',
    levels: ['care'],
    ask: ({ book, placements, withCircle, frame, today }) =>
      oneForTwo(book, placements, withCircle, frame, today),
    ways: ['thinning'],
  },
  'only-watching': {
    about: 'a child who would only watch',
    levels: ['care'],
    ask: ({ placements, frame, today }) => watchingFindings(placements, frame, today),
    page: 'trays',
  },
  'wont-touch': { about: 'what a child will not touch', levels: ['care'], ask: wontTouch, tells: ROOM },
  'event-without-day': { about: 'an event that cannot be held', levels: ['care'], ask: events },
  'special-day': {
    about: 'the ordinary plan on a special day',
    levels: ['note'],
    ask: events,
    ways: ['clearing'],
  },
  'area-forgotten': {
    about: 'an area of learning that has nothing',
    levels: ['note'],
    when: 'to-come',
    ask: ({ placements }) => areaFindings(placements),
  },
  'feature-once': {
    about: 'what the unit is about, met only once',
    levels: ['note'],
    when: 'to-come',
    ask: ({ book, placements, frame }) => featureFindings(book, placements, frame),
  },
  partner: {
    about: 'a member of the theme whose partner is missing',
    levels: ['note'],
    when: 'to-come',
    ask: ({ members }) => partnerFindings(members),
    ways: ['partner'],
  },
  'event-without-plan': {
    about: 'a special day without a plan of its own',
    levels: ['note'],
    when: 'to-come',
    ask: (asked) => planFindings(asked.events, asked.placements),
  },
  'book-unread': {
    about: 'a book of the unit that is never read',
    levels: ['note'],
    when: 'to-come',
    ask: ({ lines, circles: { stuff }, frame, book }) => bookFindings(book, lines, stuff.pieces, frame),
    ways: ['book'],
  },
  'book-back': {
    about: 'a borrowed book that goes back before it is read',
    levels: ['care'],
    when: 'to-come',
    ask: ({ lines, circles: { stuff }, frame, book }) => goneBookFindings(book, lines, stuff.pieces, frame),
  },
  mess: {
    about: 'much mess on a day',
    levels: ['note'],
    rows: [50],
    when: 'to-come',
    ask: days,
    ways: ['thinning'],
  },
  'too-much': {
    about: 'more planned things than a day holds',
    levels: ['note'],
    rows: [50],
    when: 'to-come',
    ask: days,
    ways: ['thinning'],
  },
  keepsake: {
    about: 'a keepsake on a day when somebody is away',
    levels: ['note'],
    when: 'to-come',
    ask: days,
    ways: ['day', 'reserve'],
  },
  recorded: {
    about: 'recorded minutes',
    levels: ['note'],
    rows: [56],
    when: 'to-come',
    ask: days,
    ways: ['piece-out', 'thinning'],
  },
  'circle-over': {
    about: 'a circle that is longer than its block',
    levels: ['note'],
    when: 'to-come',
    ask: circles,
    ways: ['shortening'],
  },
  'circle-drags': {
    about: 'a circle that is longer than most can sit',
    levels: ['note'],
    when: 'to-come',
    ask: circles,
    ways: [only(1, 'moving'), only(1, 'patience')],
  },
  'circle-wordless': { about: 'a song without its words', levels: ['note'], when: 'to-come', ask: circles },
  'adults-short': {
    about: 'more things that need an adult than there are adults',
    levels: ['stop'],
    rows: [49],
    when: 'to-come',
    ask: ({ placements, frame, today }) => adultFindings(placements, frame, today),
    ways: ['thinning'],
  },
  ratio: {
    about: 'children to adults, and the size of the group',
    levels: ['stop'],
    rows: [49],
    when: 'to-come',
    ask: ({ frame, today }) => ratioFindings(frame, today),
  },
  'no-twin': {
    about: 'nothing in its place when the weather stops it',
    levels: ['note'],
    when: 'to-come',
    ask: ({ placements, placed, frame, today }) => twinFinding(placements, twinnedIn(placed), frame, today),
    ways: ['twin'],
  },
  'out-of-stock': {
    about: 'what is not there yet',
    levels: ['note'],
    when: 'to-come',
    ask: ({ book, frame, today }) => stockFindings(gatherLines(book, frame.unit.id, today)),
  },
  'by-hand': {
    about: 'an amount by hand when the plan asks for another',
    levels: ['care'],
    when: 'to-come',
    ask: ({ book, frame, today }) => byHandFindings(gatherLines(book, frame.unit.id, today)),
    ways: ['plan'],
  },
  'pieces-missing': {
    about: 'pieces that are missing from a set',
    levels: ['note'],
    when: 'to-come',
    ask: ({ placements, frame, book, today }) => pieceFindings(book, placements, frame, today),
  },
  late: {
    about: 'what is not ready in time',
    levels: ['note', 'care'],
    when: 'to-come',
    ask: ready,
    ways: [
      ...([
        'ticking',
        'made-set',
        only(1, 'day'),
        only(1, 'beginning-later'),
        only(1, 'simpler-way'),
      ] as const),
      ...([only(1, 'more-time'), 'leaving-lamination', only(1, 'splitting'), 'reserve'] as const),
    ],
  },
  'place-full': {
    about: 'no room for what waits',
    levels: ['note', 'care'],
    when: 'to-come',
    ask: ready,
    ways: ['ticking', only(2, 'day'), only(2, 'beginning-later'), 'made-set', 'simpler-way', 'splitting'],
  },
  'place-crowded': {
    about: 'more in a place than it holds',
    levels: ['care'],
    when: 'to-come',
    ask: ({ book, frame, today }) => crowdFindings(readinessOf(book, today).waiting, frame, today),
  },
  spoils: {
    about: 'what spoils before it is used',
    levels: ['note', 'care'],
    when: 'to-come',
    ask: ready,
    ways: ['ticking', 'more-time', 'day', 'beginning-later'],
  },
  'no-prep-time': {
    about: 'a home without a time for making ready',
    levels: ['note'],
    when: 'to-come',
    ask: ready,
  },
  ...WATCHED_RULES,
};

/** Whether somebody besides whoever plans is told of a finding. */
export const isToldTo = (audience: Audience, { rule }: Finding): boolean =>
  RULES[rule].tells?.includes(audience) ?? false;

/** Whether a page shows a finding in a place of its own. */
export const isShownOn = (page: NonNullable<Rule['page']>, { rule }: Finding): boolean =>
  RULES[rule].page === page;
