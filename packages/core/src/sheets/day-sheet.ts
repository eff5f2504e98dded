import type { Book } from '../book/index.ts';
import { formatDay, formatMinutes } from '../calendar/index.ts';
import { helpsText, type Child } from '../house/index.ts';
import { doesText, testLines, type ActivityContent } from '../library/index.ts';
import {
  CAUTION_LINE,
  dayPlanOf,
  isToldTo,
  listed,
  madeCards,
  placementsOf,
  thingsFor,
  titleAt,
  whoDoesWhat,
  type BlockPlan,
  type DayPlan,
  type Finding,
  type PlannedThing,
  type Reading,
  type Session,
} from '../reading/index.ts';
import { bringsText, type PlacementId } from '../unit/index.ts';
import { heading, pairsOf, caution, text, under, type PrintedPage, type PrintedPart } from './page.ts';

const names = (children: readonly Child[]): string => children.map(({ shownAs }) => shownAs).join(', ');

/** The cautions about something on a day, as they stand on paper: stops and cares, those that somebody keeps with why. */
export function cautionsFor(
  headsUps: readonly Finding[],
  placementId: PlacementId,
  day: number,
): readonly PrintedPart[] {
  return headsUps
    .filter(
      (finding) =>
        finding.level !== 'note' &&
        isToldTo('paper', finding) &&
        finding.days.includes(day) &&
        placementsOf(finding).includes(placementId),
    )
    .toSorted((a, b) => Number(b.level === 'stop') - Number(a.level === 'stop'))
    .map((finding) => {
      const { level, instead, kept } = finding;
      const why = kept ? ` Kept by ${kept.by}: ${kept.why}` : '';
      return caution(
        `${level === 'stop' ? 'Stop' : 'Care'}: ${titleAt(finding, placementId)}. ${instead ?? ''}${why}`.trim(),
      );
    });
}

function thingParts(
  { session, stations }: PlannedThing,
  day: number,
  reading: Reading,
  book: Book,
): readonly PrintedPart[] {
  const { placement } = session;
  const led = stations.flatMap(({ person, children }) =>
    person ? [`${person.name} with ${names(children) || 'nobody'}`] : [],
  );
  const { groups, without } = whoDoesWhat(placement, [session]);
  return [
    text(placement.content.title, true),
    ...(led.length > 0 ? [text(led.join('; '))] : []),
    ...cautionsFor(reading.headsUps, placement.id, day),
    ...madeParts(book, session, reading),
    ...testParts(placement.content, reading),
    ...pairsOf([
      ...groups
        .filter(({ children }) => children.length > 0)
        .map(({ version, children }): readonly [string, string] => [
          names(children),
          [
            // What says no more than its title is not said again.
            doesText(version) === placement.content.title ? '' : doesText(version),
            version.say === '' ? '' : `Say: “${version.say}”`,
          ]
            .filter(Boolean)
            .join(' '),
        ]),
      ...(without.length > 0 ? [[names(without), 'no version fits: what is out all day'] as const] : []),
    ]),
  ];
}

/** A planned test in lines. */
export const testParts = ({ test }: ActivityContent, { frame }: Reading): readonly PrintedPart[] =>
  test === null ? [] : testLines(test, frame.home.units).map((line) => text(line));

/** What is made in something on a day: its bowls, and its steps by the clock. */
export const madeParts = (book: Book, session: Session, reading: Reading): readonly PrintedPart[] =>
  madeCards(book, session, reading).flatMap(({ title, how, steps, ready, tried, bowls, none }) => [
    text(`${title}: ${how}`, true),
    ...bowls.flatMap(({ label, lines }) => under(label, lines, { boxes: true })),
    ...under('Steps', steps, { numbered: true }),
    ...(ready === null ? [] : [text(ready)]),
    ...(tried === null ? [] : [text(tried)]),
    ...none.map((one) => caution(one)),
  ]);

function blockParts(block: BlockPlan, day: number, reading: Reading, book: Book): readonly PrintedPart[] {
  const { circle, after, lines, items, span } = block;
  const needs = circle ? thingsFor(circle.parts) : [];
  return [
    heading(`${block.block.start} to ${formatMinutes(span.to)} ${block.block.name}`),
    ...lines.map((line) => text(line)),
    ...(circle ? [text(circle.parts.map(({ title }) => title).join(' · '))] : []),
    ...(needs.length > 0 ? [text(`There must be: ${needs.join(', ')}`)] : []),
    ...items.flatMap((thing) => thingParts(thing, day, reading, book)),
    ...(after ? [text(`On the way: ${after.parts.map(({ title }) => title).join(', ')}`)] : []),
  ];
}

function outAllDay({ setUps }: DayPlan): readonly PrintedPart[] {
  const titles = setUps.map(({ session }) => session.placement.content.title).toSorted();
  return titles.length === 0 ? [] : [heading('Out all day'), text(titles.join(', '))];
}

/** A day on one sheet: who comes, the blocks with who does what, what to watch for, what is made ready, and the numbers. */
export function daySheet(book: Book, reading: Reading, number: number): readonly PrintedPage[] {
  const plan = dayPlanOf(book, reading, number);
  if (!plan) return [];
  const { home, unit, attendance } = reading.frame;
  const { children, away } = attendance[number - 1]!;
  const ready = reading.ready.entries
    .filter(({ slot, state }) => slot?.date === plan.day.date && state === 'laid')
    .map(
      ({ task, slot }) => `${formatMinutes(slot!.start)} ${task.text} (${task.minutes} min, ${task.forWhat})`,
    );
  const numbers = [
    home.emergencyNumber ? `Emergency ${home.emergencyNumber}` : '',
    home.poisonCentreNumber ? `Poison centre ${home.poisonCentreNumber}` : '',
  ].filter(Boolean);
  return [
    {
      key: `day-${number}`,
      title: `Day ${number}`,
      sub: `${formatDay(plan.day.date)} · ${unit.title} · ${home.name}`,
      parts: [
        text(
          `${children.length} children: ${names(children)}${away.length > 0 ? `. Away: ${names(away)}` : ''}`,
        ),
        ...plan.events.flatMap((event) =>
          under(
            event.title,
            [
              ...event.plan.map(({ start, text: words }) => `${start} ${words}`),
              event.guests === '' ? '' : `Who comes: ${event.guests}`,
              bringsText(event),
            ].filter(Boolean),
          ),
        ),
        ...plan.blocks.flatMap((block) => blockParts(block, number, reading, book)),
        ...outAllDay(plan),
        ...under('To make ready', ready, { boxes: true }),
        ...under(
          'What helps',
          children.flatMap((child) => helpsText(child) ?? []),
        ),
        ...plan.lines.map((line) => text(line)),
        ...(numbers.length > 0 ? [text(numbers.join(' · '), true)] : []),
        text(CAUTION_LINE),
      ],
    },
  ];
}

/** What one child does on each day, and what lies in its bin: for a child's own list. */
export function childLists(book: Book, reading: Reading): readonly PrintedPage[] {
  const { unit, home } = reading.frame;
  return reading.trays.map(({ child, age, days, pieces, bin }) => ({
    key: `child-${child.id}`,
    title: child.shownAs,
    sub: `${unit.title} · ${age} · comes on Day ${listed(days.map(String))} · ${home.name}`,
    parts: [
      ...under(
        'Own bin',
        bin.map(({ placement }) => placement.content.title),
        { boxes: true },
      ),
      heading('What there is to do'),
      ...pairsOf(
        pieces.flatMap(({ placement, parts }) =>
          parts.map(({ version }): readonly [string, string] => [placement.content.title, doesText(version)]),
        ),
      ),
      ...under(
        'Helps',
        child.helps.map(({ words }) => words),
      ),
    ],
  }));
}
