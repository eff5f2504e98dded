import { AREAS, areaOf } from '../../skills/index.ts';
import {
  featureKey,
  thingGaps,
  type CirclePiece,
  type DayLine,
  type Placement,
  type SpecialEvent,
  type Thing,
} from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { featuresShown } from '../plan/features.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

const OF_UNIT = { days: [], cornerIds: [], placementId: null, childIds: [] } as const;

// What is hardly begun has gaps everywhere: it is not told before so much stands.
const FEWEST_PLACED = 4;
const isBegun = (placements: readonly Placement[]): boolean => placements.length >= FEWEST_PLACED;

/** The finding about areas of skills for which nothing at all is planned. */
export const areaFindings = memoised((placements: readonly Placement[]): readonly Finding[] => {
  if (!isBegun(placements)) return [];
  const met = new Set(placements.flatMap(({ content }) => content.skills.map(areaOf)));
  const forgotten = AREAS.filter((area) => !met.has(area));
  if (forgotten.length === 0) return [];
  return [
    {
      key: 'area-forgotten',
      rule: 'area-forgotten',
      level: 'note',
      title: `Nothing for ${listed(forgotten)}`,
      detail: 'No corner, no day and no bin works on that.',
      instead: 'See on the trays what could fill it.',
      basis: 'every area in every unit, unless left out on purpose',
      ...OF_UNIT,
    },
  ];
});

/** How often something featured should turn up at least. */
const FEWEST_FEATURED = 2;

/** The findings about what is featured and hardly turns up. */
export const featureFindings = memoised(
  (placements: readonly Placement[], frame: Frame): readonly Finding[] => {
    if (!isBegun(placements)) return [];
    const shown = placements.flatMap(({ content }) => [...featuresShown(content)]);
    const thin = frame.unit.featured
      .map(({ kind, value }) => ({
        name: `${kind} ${value}`,
        count: shown.filter((key) => key === featureKey({ kind, value })).length,
      }))
      .filter(({ count }) => count < FEWEST_FEATURED);
    if (thin.length === 0) return [];
    return [
      {
        key: 'feature-once',
        rule: 'feature-once',
        level: 'note',
        title: `${listed(thin.map(({ name }) => name))} hardly ${thin.length === 1 ? 'turns' : 'turn'} up`,
        detail: `${listed(thin.map(({ name, count }) => `${name} ${count === 0 ? 'nowhere' : 'once'}`))}.`,
        instead: 'The ledge shows what has it.',
        basis: 'what is featured turns up in several places',
        ...OF_UNIT,
      },
    ];
  },
);

/** The finding about members of the theme whose partner is missing or goes with another. */
export const partnerFindings = memoised((things: readonly Thing[]): readonly Finding[] => {
  const gaps = thingGaps(things).filter(({ column }) => column === 'pair');
  if (gaps.length === 0) return [];
  return [
    {
      key: 'partner',
      rule: 'partner',
      level: 'note',
      title: gaps.length === 1 ? 'A partner is missing' : `${gaps.length} partners are missing`,
      detail: `${listed(gaps.map(({ text }) => text))}.`,
      instead: 'Add it to the theme’s things, or choose another partner.',
      basis: 'pairs are matched two by two',
      ...OF_UNIT,
    },
  ];
});

/** The findings about special events that have no plan of their own. */
export const planFindings = memoised((events: readonly SpecialEvent[]): readonly Finding[] =>
  events
    .filter(({ plan }) => plan.length === 0)
    .map(({ id, title }) => ({
      key: `event-without-plan:${id}`,
      rule: 'event-without-plan',
      level: 'note',
      title: `${title} has no plan`,
      detail: 'On its day the ordinary plan is thrown out.',
      instead: 'Write a line or two: when, what.',
      basis: 'a special day has a plan of its own',
      ...OF_UNIT,
    })),
);

/** The finding about books of the unit that are never read aloud. */
export const bookFindings = answer(
  (look, lines: readonly DayLine[], pieces: readonly CirclePiece[], frame: Frame): readonly Finding[] => {
    const read = new Set([
      ...lines.filter(({ kind }) => kind === 'read-aloud').map(({ bookId }) => bookId as string),
      ...pieces.map(({ bookId }) => bookId as string),
    ]);
    const unread = frame.unit.bookIds.flatMap((id) => {
      const title = look.one('bookTitles', id);
      return !title || title.use === 'rail' || read.has(id) ? [] : [title.title];
    });
    if (unread.length === 0) return [];
    return [
      {
        key: 'book-unread',
        rule: 'book-unread',
        level: 'note',
        title: unread.length === 1 ? `Never read: ${unread[0]}` : `${unread.length} books are never read`,
        detail: `${listed(unread)} ${unread.length === 1 ? 'belongs' : 'belong'} to the unit and ${unread.length === 1 ? 'stands' : 'stand'} on no day.`,
        instead: 'Put it on a day, before what grows from it.',
        basis: 'the story before what grows from it',
        ...OF_UNIT,
      },
    ];
  },
);
