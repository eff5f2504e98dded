import { unique } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Supply, SupplyId } from '../cupboard/index.ts';
import type { Child, Corner, Home } from '../house/index.ts';
import { onceForAll, sheetSchema, type Material } from '../library/index.ts';
import { printWork, type PrintWork } from '../reading/index.ts';
import type { SkillId } from '../skills/index.ts';
import { contentWritten, type Unit, type Where } from '../unit/index.ts';
import type { CardJob, CardOrder } from './job.ts';
import { CARD_KINDS, type CardKind, type CardKindId, type FamilyId, type Stock } from './kinds.ts';
import { STACK } from './layout.ts';

/** One set of a job: how it is made, and for whom from an age on where there are several; null where it is for all. */
export interface JobSet {
  readonly order: CardOrder;
  readonly job: CardJob;
  readonly fromMonths: number | null;
}

/** Where a job goes: out in a corner from a day on, or into the bin of each child, with the set that is hers. */
export type GoesTo =
  | { readonly kind: 'corner'; readonly corner: Corner; readonly fromDay: number }
  | {
      readonly kind: 'bins';
      readonly fromDay: number;
      readonly sets: readonly { readonly child: Pick<Child, 'id'>; readonly set: JobSet }[];
    };

/** Sets that go from easy to hard with age, from completed months on. Kobby's own starting points. */
export const LEVELS = [
  { fromMonths: 0, kind: 'picture', does: 'names the pictures, finds the one that is asked for' },
  { fromMonths: 36, kind: 'named', does: 'finds a picture and points to its word' },
  {
    fromMonths: 60,
    kind: 'apart',
    does: 'lays each word to its picture, and checks by the card that has both',
  },
] as const satisfies readonly { fromMonths: number; kind: CardKindId; does: string }[];

/** The level of an age in completed months. */
export const levelFor = (months: number): (typeof LEVELS)[number] =>
  LEVELS.findLast(({ fromMonths }) => fromMonths <= months) ?? LEVELS[0];

/** Of the sets that can be made, the one for a level: its own, else the next easier one, else the easiest. Null when there is none. */
export function setFor<S extends Pick<JobSet, 'order'>>(level: CardKindId, sets: readonly S[]): S | null {
  const stepOf = (kind: CardKindId): number => LEVELS.findIndex((one) => one.kind === kind);
  const inOrder = sets.toSorted((a, b) => stepOf(a.order.kind) - stepOf(b.order.kind));
  return inOrder.findLast(({ order }) => stepOf(order.kind) <= stepOf(level)) ?? inOrder[0] ?? null;
}

const SKILLS_OF = {
  cards: ['naming', 'new-words', 'looking-closely'],
  counting: ['counting', 'numerals'],
  hands: ['making-marks', 'letters'],
  made: ['pretending', 'own-idea'],
} as const satisfies Record<FamilyId, readonly SkillId[]>;

/** How a set is played after the first time. */
const WAYS_TO_PLAY = {
  cards: [
    'One card is hidden: which one is missing?',
    'A card on each back: ask until you know who you are.',
    'Walk and find the thing of the card in the room.',
  ],
  counting: [
    'In order from the highest.',
    'One card is turned over: which one is it?',
    'With things from the tray.',
  ],
  hands: [
    'With a finger first, then with a pencil.',
    'In salt or sand beside the page.',
    'With eyes closed.',
  ],
  made: ['Tell the story with it.', 'Hand it on in the circle.', 'Take it to the yard.'],
} as const satisfies Record<FamilyId, readonly string[]>;

// What is used up, how it is called where the house has it already, and how it is begun where it has not.
const USED: Readonly<
  Record<Stock | 'pouch', { readonly known: RegExp; readonly id: string; readonly name: string }>
> = {
  plain: { known: /\b(?:copy|printer|printing) paper\b/i, id: 'shop-paper', name: 'Copy paper, sheets' },
  card: {
    known: /\b(?:card ?stock|(?:white|blank|plain) card)\b/i,
    id: 'shop-card',
    name: 'White card, sheets',
  },
  label: { known: /\blabel (?:sheets|paper)\b/i, id: 'shop-labels', name: 'Label sheets' },
  pouch: { known: /\blaminating pouch(?:es)?\b/i, id: 'shop-pouches', name: 'Laminating pouches' },
};

/** The supplies that a job uses up, and what begins those that the house does not know yet. */
function usedUp(
  amounts: ReadonlyMap<Stock | 'pouch', number>,
  supplies: readonly Supply[],
): { readonly materials: readonly Material[]; readonly begun: readonly ChangeInput[] } {
  const materials: Material[] = [];
  const begun: ChangeInput[] = [];
  for (const [what, amount] of amounts) {
    const { known, id, name } = USED[what];
    const found = supplies.find(
      (supply) =>
        supply.id === id || (!supply.retired && supply.use === 'consumable' && known.test(supply.name)),
    );
    if (!found)
      begun.push({
        type: 'cupboard/put-supply',
        supply: {
          id,
          name,
          category: 'paper-and-card',
          unit: 'piece',
          use: 'consumable',
          keptIn: null,
          allergens: [],
        },
      });
    materials.push({ ...onceForAll((found?.id ?? id) as SupplyId, amount), onlyPrep: true });
  }
  return { materials, begun };
}

function amountsOf(sets: readonly JobSet[], laminate: boolean): ReadonlyMap<Stock | 'pouch', number> {
  const amounts = new Map<Stock | 'pouch', number>();
  const add = (what: Stock | 'pouch', pages: number): unknown =>
    amounts.set(what, (amounts.get(what) ?? 0) + pages);
  for (const { order, job } of sets) add(CARD_KINDS[order.kind].paper, job.sheets.length);
  for (const { job } of laminate ? sets : []) add('pouch', job.sheets.length);
  return amounts;
}

const MONTHS_A_YEAR = 12;
const agesOf = (fromMonths: number | null): string | null =>
  fromMonths === null ? null : fromMonths === 0 ? 'the youngest' : `from ${fromMonths / MONTHS_A_YEAR} years`;

const MOST_PAGES = 999;
const titleOf = ({ order }: JobSet, unit: Unit): string =>
  `${CARD_KINDS[order.kind].name}: ${unit.title}`.slice(0, 120);

type SheetInput = Extract<ChangeInput, { type: 'library/put-sheet' }>['sheet'];

function sheetOf(set: JobSet, id: string, jobId: string, unit: Unit, laminate: boolean): SheetInput {
  const { order, job } = set;
  const kind: CardKind = CARD_KINDS[order.kind];
  const pages = Math.min(job.sheets.length, MOST_PAGES);
  return {
    ...{ id, title: titleOf(set, unit), from: 'Kobby’s print shop' },
    ...{ pages: pages === 1 ? '1' : `1-${pages}`, paper: kind.paper, colour: kind.family !== 'hands' },
    ...{ level: agesOf(set.fromMonths), laminate, finishing: [...kind.finishing] },
    cut: job.isPages ? 'none' : laminate ? 'after' : 'plain',
    cardsPerPage: job.isPages ? 0 : Math.min(60, Math.ceil(job.cards / job.sheets.length)),
    cutAtOnce: laminate ? 1 : STACK,
    about: [unit.title],
    made: { ...order, job: jobId },
  };
}

/** What a job takes, in whole things. */
export interface JobFigures {
  readonly cards: number;
  readonly sheets: number;
  readonly pouches: number;
  /** Straight cuts as they are made, and one sheet after another: laminated ones do not go through the cutter in a pile. */
  readonly cuts: number;
  readonly singleCuts: number;
  /** Minutes of each step that takes any, rounded up: their sum is what the job takes. */
  readonly steps: readonly { readonly name: string; readonly minutes: number }[];
  readonly minutes: number;
  /** Words that fit on no card of this size. */
  readonly untold: readonly string[];
}

const SECONDS_A_MINUTE = 60;
/** What printing, laminating and cutting sets takes, each as often as it stands in the list, by the values of the home. */
export function jobFigures(sets: readonly JobSet[], laminate: boolean, unit: Unit, home: Home): JobFigures {
  const works = sets.map((set) =>
    printWork(sheetSchema.parse({ version: 0, ...sheetOf(set, 'made', 'made', unit, laminate) }), 1, home),
  );
  const sum = (of: (set: JobSet) => number): number => sets.reduce((total, set) => total + of(set), 0);
  const minutesOf = (of: (work: PrintWork) => number): number =>
    Math.ceil(works.reduce((total, work) => total + of(work), 0) / SECONDS_A_MINUTE);
  const steps = [
    { name: 'print', minutes: minutesOf(({ printSeconds }) => printSeconds) },
    { name: 'laminate', minutes: minutesOf(({ laminateSeconds }) => laminateSeconds) },
    { name: 'cut', minutes: minutesOf(({ cutSeconds }) => cutSeconds) },
  ].filter(({ minutes }) => minutes > 0);
  const sheets = sum(({ job }) => job.sheets.length);
  const singleCuts = sum(({ job: { grid } }) => grid.singleCuts);
  return {
    ...{ cards: sum(({ job }) => job.cards), sheets, pouches: laminate ? sheets : 0 },
    ...{ cuts: laminate ? singleCuts : sum(({ job: { grid } }) => grid.cuts), singleCuts },
    ...{ steps, minutes: steps.reduce((total, { minutes }) => total + minutes, 0) },
    untold: unique(sets.flatMap(({ job }) => job.untold)),
  };
}

/** What a job is laid out with: the unit, what the house has, and ids. */
interface Laying {
  readonly unit: Unit;
  readonly supplies: readonly Supply[];
  readonly newId: () => string;
  readonly laminate: boolean;
  readonly sheetIds: ReadonlyMap<JobSet, string>;
}

const put = ({ unit, newId }: Laying, where: Where, title: string, part: object): ChangeInput => ({
  ...{ type: 'unit/write', id: `put-${newId()}`, unitId: unit.id, where },
  content: contentWritten(title, part),
});
const skillsOf = ({ order }: JobSet): readonly SkillId[] => SKILLS_OF[CARD_KINDS[order.kind].family];

function inCorner(
  sets: readonly [JobSet, ...JobSet[]],
  { corner, fromDay }: Extract<GoesTo, { kind: 'corner' }>,
  laying: Laying,
): readonly ChangeInput[] {
  const { unit, supplies, laminate, sheetIds } = laying;
  const { materials, begun } = usedUp(amountsOf(sets, laminate), supplies);
  const where: Where = {
    ...{ kind: 'corner', cornerId: corner.id },
    ...{ fromDay: fromDay as never, toDay: unit.dayCount as never },
  };
  const title = sets.length > 1 ? `Cards: ${unit.title}`.slice(0, 120) : titleOf(sets[0], unit);
  const placed = put(laying, where, title, {
    ...{ mode: 'open-corner', cornerKinds: [corner.kind], skills: [...skillsOf(sets[0])], materials },
    sheetIds: [...sheetIds.values()],
    ...inLevels(sets, sheetIds),
  });
  return [...begun, placed];
}

function inBins(
  { fromDay, sets }: Extract<GoesTo, { kind: 'bins' }>,
  laying: Laying,
): readonly ChangeInput[] {
  const { unit, supplies, laminate, sheetIds } = laying;
  const begunOnce = new Map<string, ChangeInput>();
  const placed = sets.map(({ child, set }) => {
    const { materials, begun } = usedUp(amountsOf([set], laminate), supplies);
    for (const change of begun) begunOnce.set(idOfSupply(change), change);
    const where: Where = {
      ...{ kind: 'bin', childId: child.id },
      ...{ fromDay: fromDay as never, toDay: unit.dayCount as never },
    };
    const sheetId = sheetIds.get(set)!;
    const part = { mode: 'bin', skills: [...skillsOf(set)], materials, sheetIds: [sheetId] };
    return put(laying, where, titleOf(set, unit), part);
  });
  return [...begunOnce.values(), ...placed];
}

/**
 * A job as changes of one step: a sheet for each of its sets, and something placed that uses them, so that it is gathered, made ready
 * and laid into folders and bins as all that is printed. In a corner each set is for the children of its ages; in bins each child
 * has hers. Card, paper and pouches are among what is needed.
 */
export function jobChanges(
  sets: readonly [JobSet, ...JobSet[]],
  { laminate, goesTo }: { readonly laminate: boolean; readonly goesTo: GoesTo },
  { unit, supplies }: { readonly unit: Unit; readonly supplies: readonly Supply[] },
  newId: () => string,
): readonly ChangeInput[] {
  const jobId = `shop-${newId()}`;
  const isNeeded = (set: JobSet): boolean =>
    goesTo.kind === 'corner' || goesTo.sets.some((one) => one.set === set);
  const sheetIds = new Map(sets.filter(isNeeded).map((set) => [set, `sheet-${newId()}`]));
  const laying: Laying = { unit, supplies, newId, laminate, sheetIds };
  return [
    ...[...sheetIds].map(([set, id]): ChangeInput => ({
      type: 'library/put-sheet',
      sheet: sheetOf(set, id, jobId, unit, laminate),
    })),
    ...(goesTo.kind === 'corner' ? inCorner(sets, goesTo, laying) : inBins(goesTo, laying)),
  ];
}

const idOfSupply = (change: ChangeInput): string =>
  change.type === 'cupboard/put-supply' ? change.supply.id : '';

// Each set once, for those who get its version; a set that is for all is there once.
function inLevels(sets: readonly JobSet[], ids: ReadonlyMap<JobSet, string>): object {
  const onceEach = (set: JobSet, versionIds: readonly string[]): object => ({
    ...{ sheetId: ids.get(set)!, for: { kind: 'all' }, versionIds },
  });
  if (sets.length === 1) return { copies: [onceEach(sets[0]!, [])] };
  const inOrder = sets.toSorted((a, b) => (a.fromMonths ?? 0) - (b.fromMonths ?? 0));
  const idOf = (set: JobSet): string => `from-${set.fromMonths ?? 0}`;
  return {
    versions: inOrder.map((set, i) => ({
      ...{ id: idOf(set), fromMonths: set.fromMonths ?? 0, untilMonths: inOrder[i + 1]?.fromMonths ?? null },
      does: LEVELS.find(({ kind }) => kind === set.order.kind)?.does ?? CARD_KINDS[set.order.kind].hint,
      say: '',
    })),
    copies: inOrder.map((set) => onceEach(set, [idOf(set)])),
  };
}

/** A made set as something that the house keeps, one of it there: its pieces, and how it is played next. `at` is the instant. */
export function keptAsSet(set: JobSet, unit: Unit, id: string, at: string): readonly ChangeInput[] {
  const { family } = CARD_KINDS[set.order.kind];
  return [
    {
      type: 'cupboard/put-supply',
      supply: {
        ...{ id, name: titleOf(set, unit), category: 'print', unit: 'piece', use: 'reusable', keptIn: null },
        ...{ allergens: [], got: 'printed' },
        set: {
          pieces: [{ name: set.job.isPages ? 'page' : 'card', count: set.job.cards }],
          waysToPlay: [...WAYS_TO_PLAY[family]],
        },
      },
    },
    {
      type: 'cupboard/record-stock',
      move: { id: `${id}-made`, supplyId: id, kind: 'counted', amount: 1, at },
    },
  ];
}
