import { groupBy } from '../../book/index.ts';
import { inShelfOrder, type Child, type CornerId } from '../../house/index.ts';
import { headingsOfContent, headingsOf, type LensId, type OwnHeading } from '../../skills/index.ts';
import { STYLES, type Placement, type Unit } from '../../unit/index.ts';
import { homeIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { listed } from '../ground/finding.ts';
import { memoised, perMember } from '../ground/memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** How a unit stands under one heading of a lens. */
export interface BalanceRow {
  readonly id: string;
  readonly name: string;
  /** How many things are planned under it in the whole unit. */
  readonly total: number;
  /** How many are hoped for; 0 when nothing is. */
  readonly target: number;
  /** How many are out on each program day; the index is its number less one. */
  readonly byDay: readonly number[];
  /** On how many days each child finds something fitting under it, in the order of {@link Balance.children}. */
  readonly byChild: readonly number[];
  /** Less is planned than hoped for. */
  readonly isThin: boolean;
}

/** How a unit is spread, under the headings of a lens, over its days and over the children. */
export interface Balance {
  readonly lens: LensId;
  readonly rows: readonly BalanceRow[];
  /** Everyone who comes on at least one of its days, the youngest first. */
  readonly children: readonly Child[];
  /** How many days each of them comes. */
  readonly comes: readonly number[];
  /** A sentence that says what the picture shows. */
  readonly text: string;
  /** What runs by itself and what ties an adult, and how what is made is made; empty where nothing is planned. */
  readonly runs: string;
}

/** Through which headings a unit is looked at first: its style's, else the home's. */
export const lensFor = ({ unit, home }: Frame): LensId => STYLES[unit.style].lens ?? home.lens;

/** The key under which a unit keeps its own target for a heading. */
export const targetKey = (lens: LensId, headingId: string): string => `${lens}/${headingId}`;

/** What is hoped for under a heading: what the unit says, else what the home's rhythm, else its style's, makes of its length. */
export function targetFor(
  unit: Unit,
  lens: LensId,
  headingId: string,
  everyDays: number | undefined,
): number {
  const own = unit.targets[targetKey(lens, headingId)];
  const { headingEveryDays } = STYLES[unit.style];
  // A style that hangs one idea on each heading asks for no more, however long it lasts.
  return own ?? (headingEveryDays === null ? 1 : Math.ceil(unit.dayCount / (everyDays ?? headingEveryDays)));
}

interface Part {
  readonly headings: readonly string[];
  readonly days: readonly number[];
  readonly daysOf: ReadonlyMap<Child, number>;
}

const whoComes = memoised(({ attendance }: Frame): Pick<Balance, 'children' | 'comes'> => {
  const counts = new Map<Child, number>();
  for (const day of attendance)
    for (const child of day.children) counts.set(child, (counts.get(child) ?? 0) + 1);
  const all = [...counts].toSorted(([a], [b]) => (a.birth < b.birth ? 1 : -1));
  return { children: all.map(([child]) => child), comes: all.map(([, count]) => count) };
});

// What one placement adds: an edit of another leaves it as it is.
const partsOf = perMember(
  (placement: Placement, frame: Frame, lens: LensId, own: readonly OwnHeading[]): Part => {
    const sessions = sessionsOf(placement, frame);
    const daysOf = new Map<Child, number>();
    for (const { seats } of sessions)
      for (const { child, version } of seats) if (version) daysOf.set(child, (daysOf.get(child) ?? 0) + 1);
    return {
      headings: [...cornerHeading(placement, lens), ...headingsOfContent(lens, placement.content, own)],
      days: sessions.map(({ day }) => day.number),
      daysOf,
    };
  },
);

const cornerHeading = ({ where }: Placement, lens: LensId): readonly CornerId[] =>
  lens === 'corners' && where.kind === 'corner' ? [where.cornerId] : [];

/** The headings of a lens in a home: with the corners lens its places, then the home's own headings. */
export const headingsIn = answer(
  (look, lens: LensId): readonly { readonly id: string; readonly name: string }[] => {
    const own = homeIn(look).ownHeadings;
    const places = inShelfOrder(Object.values(look.table('corners'))).filter(({ retired }) => !retired);
    return [...(lens === 'corners' ? places : []), ...headingsOf(lens, own)].map(({ id, name }) => ({
      id,
      name,
    }));
  },
);

/** How a unit is spread under the headings of a lens. */
export const balanceOf = answer(
  (look, placements: readonly Placement[], frame: Frame, lens: LensId): Balance => {
    const { home, unit, attendance } = frame;
    const { children, comes } = whoComes(frame);
    const at = new Map(children.map((child, i) => [child, i]));
    const headings = headingsIn(look, lens);
    const sums = new Map(
      headings.map(({ id }) => [
        id,
        { total: 0, byDay: attendance.map(() => 0), byChild: children.map(() => 0) },
      ]),
    );
    for (const part of partsOf(placements, frame, lens, home.ownHeadings)) {
      for (const id of part.headings) {
        const sum = sums.get(id);
        if (!sum) continue;
        sum.total += 1;
        for (const day of part.days) sum.byDay[day - 1]! += 1;
        for (const [child, days] of part.daysOf) sum.byChild[at.get(child)!]! += days;
      }
    }
    const rows = headings.map(({ id, name }): BalanceRow => {
      const sum = sums.get(id)!;
      const place = lens === 'corners' ? look.one('corners', id) : null;
      const target = place ? Number(place.expected) : targetFor(unit, lens, id, home.values.headingEveryDays);
      return { id, name, ...sum, target, isThin: sum.total < target };
    });
    return { lens, rows, children, comes, text: textOf(rows, children), runs: runsText(placements) };
  },
);

// Said as it is: no mix is asked for.
const runsText = memoised((placements: readonly Placement[]): string => {
  const count = (test: (content: Placement['content']) => boolean): number =>
    placements.filter(({ content }) => test(content)).length;
  const parts = (
    [
      [count(({ adult }) => adult === 'alone'), 'run by themselves', 'runs by itself'],
      [count(({ adult }) => adult === 'tied'), 'tie an adult', 'ties an adult'],
      [
        count(({ selfChecking }) => selfChecking),
        'show by themselves whether it is right',
        'shows by itself whether it is right',
      ],
      [count(({ craft }) => craft === 'model'), 'copy a model', 'copies a model'],
      [
        count(({ craft }) => craft === 'own-way'),
        "are made in the child's own way",
        "is made in the child's own way",
      ],
    ] as const
  ).flatMap(([many, words, word]) => (many === 0 ? [] : [`${many} ${many === 1 ? word : words}`]));
  return parts.length === 0 ? '' : `Of ${placements.length}: ${listed(parts)}.`;
});

function textOf(rows: readonly BalanceRow[], children: readonly Child[]): string {
  const thin = rows
    .filter((row) => row.isThin)
    .map(({ name, total, target }) => `${name} ${total} of ${target}`);
  const lacking = groupBy(children, (child) =>
    listed(rows.filter((row) => row.byChild[children.indexOf(child)] === 0).map(({ name }) => name)),
  );
  const none = [...lacking].flatMap(([names, who]) =>
    names === '' ? [] : [`${listed(who.map(({ name }) => name))}: ${names}`],
  );
  const sentence = thin.length === 0 ? 'Every heading has what was hoped for.' : `Thin: ${listed(thin)}.`;
  return none.length === 0 ? sentence : `${sentence} Nothing fitting under a heading for ${none.join('; ')}.`;
}
