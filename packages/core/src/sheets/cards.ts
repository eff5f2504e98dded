import type { Book } from '../book/index.ts';
import {
  amountText,
  batchesText,
  CAUTION_LINE,
  formatDays,
  materialsOf,
  materialText,
  noBowlText,
  scaledTo,
  sessionsOf,
  whoDoesWhat,
  type Reading,
} from '../reading/index.ts';
import { doesText, hintLines, runsHow, type ActivityContent } from '../library/index.ts';
import { firstDayOf, lastDayOf, type Placement } from '../unit/index.ts';
import { cautionsFor, madeParts, testParts } from './day-sheet.ts';
import { caution, pairsOf, text, under, type PrintedPage, type PrintedPart } from './page.ts';

function daysText(placement: Placement): string {
  const [from, to] = [firstDayOf(placement), lastDayOf(placement)];
  if (from === 0) return 'reserve';
  return from === to ? `Day ${from}` : `Day ${from} to ${to}`;
}

/** `Craft sticks: 6 a child (B1)`, one a material of what is placed. */
const thingsOf = (placement: Placement, book: Book, { frame }: Reading): readonly string[] =>
  materialsOf(book, placement).flatMap((line) => {
    const supply = book.supplies[line.supplyId];
    if (!supply) return [];
    const where = supply.keptIn ? ` (${supply.keptIn})` : '';
    return [`${supply.name}: ${materialText(line, supply, frame.home.units)}${where}`];
  });

// On a card every caution of its days stands once.
const allCautions = (placement: Placement, book: Book, reading: Reading): readonly PrintedPart[] => {
  const days = sessionsOf(placement, reading.frame).map(({ day }) => day.number);
  const parts = days.flatMap((day) => cautionsFor(reading.headsUps, placement.id, day));
  return [...new Map(parts.map((part) => ['text' in part ? part.text : '', part])).values()];
};

const versionsOf = (placement: Placement, reading: Reading): readonly PrintedPart[] =>
  pairsOf(
    whoDoesWhat(placement, sessionsOf(placement, reading.frame))
      .groups.filter(({ children }) => children.length > 0)
      .map(({ version, children }) => [
        children.map(({ shownAs }) => shownAs).join(', '),
        [
          doesText(version),
          version.say && `Say: “${version.say}”`,
          version.word && `New word: ${version.word}`,
        ]
          .filter(Boolean)
          .join(' '),
      ]),
  );

const howParts = (content: ActivityContent): readonly PrintedPart[] => {
  const how = runsHow(content);
  return how.length === 0 ? [] : [text(`It ${how.join('; ')}.`)];
};

/** A card for each set-up: who does what, what to say, the things and where they are kept, and what to watch for. */
export const cornerCards = (book: Book, reading: Reading): readonly PrintedPage[] =>
  reading.placements.flatMap((placement) => {
    const { where, content, id } = placement;
    if (where.kind !== 'corner') return [];
    const corner = book.corners[where.cornerId];
    return [
      {
        key: `corner-${id}`,
        title: content.title,
        sub: `${corner?.name ?? 'a corner'} · ${daysText(placement)}${content.atOnce ? ` · ${content.atOnce} at a time` : ''}`,
        parts: [
          ...allCautions(placement, book, reading),
          ...versionsOf(placement, reading),
          ...howParts(content),
          ...testParts(content, reading),
          ...under('Things', thingsOf(placement, book, reading)),
          ...under('In the room', hintLines(content)),
        ],
      },
    ];
  });

/** A card for each sensory bin: what is in it, how many fit round it, the rule of the home, what to watch for. */
export const binCards = (book: Book, reading: Reading): readonly PrintedPage[] =>
  reading.placements.flatMap((placement) => {
    const { where, content, id, bin } = placement;
    const corner = where.kind === 'corner' ? book.corners[where.cornerId] : undefined;
    if (corner?.kind !== 'sensory-bin' && bin === null) return [];
    const { home } = reading.frame;
    return [
      {
        key: `bin-${id}`,
        title: content.title,
        sub: `${corner?.name ?? 'bin'} · ${daysText(placement)}${content.atOnce ? ` · ${content.atOnce} at a time` : ''}`,
        parts: [
          ...(home.binRule === '' ? [] : [text(`When filler leaves the bin: ${home.binRule}`, true)]),
          ...allCautions(placement, book, reading),
          ...under('In the bin', thingsOf(placement, book, reading)),
          ...(content.spillKit === '' ? [] : [text(`At hand: ${content.spillKit}`)]),
          ...versionsOf(placement, reading),
          text(CAUTION_LINE),
        ],
      },
    ];
  });

/** A card for each recipe that is made in something on a day: bowls and steps by the clock. */
const madeCardsOf = (book: Book, reading: Reading): readonly PrintedPage[] =>
  reading.placements.flatMap((placement) =>
    placement.content.processes.length === 0
      ? []
      : sessionsOf(placement, reading.frame).map((session) => ({
          key: `made-${placement.id}-${session.day.number}`,
          title: placement.content.title,
          sub: `Day ${session.day.number}`,
          parts: [
            ...cautionsFor(reading.headsUps, placement.id, session.day.number),
            ...madeParts(book, session, reading),
          ],
        })),
  );

/** A card for each recipe that the unit is cooked with, in the amounts that it takes. */
export const recipeCards = (book: Book, reading: Reading): readonly PrintedPage[] => [
  ...madeCardsOf(book, reading),
  ...cookedCards(book, reading),
];

const cookedCards = (book: Book, reading: Reading): readonly PrintedPage[] =>
  reading.supplies.flatMap(({ cooking, supply }) => {
    if (!cooking || !cooking.batches.gt(0)) return [];
    const { recipe, batches } = cooking;
    const target = { kind: 'batches', batches: batches.valueOf() } as const;
    const scaling = scaledTo(recipe, recipe.ingredients, book.supplies, target);
    const { units } = reading.frame.home;
    const things = scaling.ok
      ? scaling.scaled.portions.map(
          ({ supply: one, amount }) => `${amountText(amount, one.unit, units)} ${one.name}`,
        )
      : [scaling.why.message];
    return [
      {
        key: `recipe-${supply.id}`,
        title: recipe.title,
        sub: `${batchesText(batches)} · ${recipe.minutes} min${recipe.cooked ? ' · an adult cooks it' : ''}`,
        parts: [
          ...under('Take', things, { boxes: true }),
          ...under(
            'Steps',
            recipe.steps.map((step) =>
              step.sign === '' ? step.text : `${step.text} Done when: ${step.sign}`,
            ),
            { numbered: true },
          ),
          ...pairsOf(
            recipe.feels.map(({ sign, then, limit }) => [
              sign,
              limit === '' ? then : `${then} At most ${limit}`,
            ]),
          ),
          ...(recipe.keptHow === '' ? [] : [text(`Kept: ${recipe.keptHow}`)]),
          ...cooking.own.map((bowl) =>
            text(
              `Own bowl for ${bowl.children.map(({ shownAs }) => shownAs).join(', ')}: made apart, by the recipe with its swaps`,
              true,
            ),
          ),
          ...cooking.without.map((none) => caution(`Own bowl: ${noBowlText(none)}`)),
        ],
      },
    ];
  });

/** A label for the bag of each activity: what it is and how it is used, for long afterwards. */
export const bagLabels = (_book: Book, reading: Reading): readonly PrintedPage[] =>
  [...new Map(reading.placements.map((placement) => [placement.originId, placement])).values()]
    .toSorted((a, b) => (a.content.title < b.content.title ? -1 : 1))
    .map(({ content, id, originId, shownBy }) => {
      const days = reading.placements
        .filter((one) => one.originId === originId)
        .flatMap((one) => sessionsOf(one, reading.frame).map(({ day }) => day.number));
      const when = days.length > 0 ? formatDays([...new Set(days)].toSorted((a, b) => a - b)) : 'reserve';
      return {
        key: `bag-${id}`,
        title: content.title,
        sub: `${reading.frame.unit.title} · ${when}`,
        shownBy,
        parts: [text(content.directions || content.summary)],
      };
    });
