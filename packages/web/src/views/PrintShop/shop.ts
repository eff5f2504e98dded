import {
  ageInMonths,
  calledName,
  CARD_KINDS,
  CARD_SIZES,
  cornersOnShelf,
  FAMILIES,
  homeOf,
  jobChanges,
  jobFigures,
  keptAsSet,
  levelFor,
  LEVELS,
  MOST_COPIES,
  PAPERS,
  printJob,
  read,
  setFor,
  shopTable,
  sizeOf,
  type CardKind,
  type CardKindId,
  type CardOrder,
  type CardSizeId,
  type ChangeInput,
  type Child,
  type CornerId,
  type GoesTo,
  type JobFigures,
  type JobSet,
  type PaperId,
  type PrintJob,
  type ShopTable,
  type UnitId,
} from '@kobby/core';
import { computed, reactive, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { pictureAddress, usePictures } from '../../state/pictures.ts';

const isKind = (id: unknown): id is CardKindId => typeof id === 'string' && Object.hasOwn(CARD_KINDS, id);
const isSize = (id: unknown): id is CardSizeId => typeof id === 'string' && Object.hasOwn(CARD_SIZES, id);
const isPaper = (id: unknown): id is PaperId => typeof id === 'string' && Object.hasOwn(PAPERS, id);
const NOBODY = 'No child comes on the days of this unit.';
const NOTHING: ShopTable = { title: '', things: [], names: [], letter: null, number: null };
const within = (value: unknown, most: number): number =>
  Math.min(Math.max(Math.floor(Number(value)) || 1, 1), most);

/** A set of the job as it is shown: its sheets, and for whom they are. */
interface ShownSet extends JobSet {
  readonly name: string;
  readonly who: string;
  /** How often it is printed: for each child whose bin it goes to. */
  readonly times: number;
}

/** The unit whose things are made, and what it gives the shop. */
function useTable() {
  const store = useBook();
  const ways = usePictures();
  const route = useRoute();
  const unitId = computed(() => String(route.params.unitId) as UnitId);
  const unit = computed(() => store.book.units[unitId.value] ?? null);
  const reading = computed(() => (unit.value ? read(store.book, unitId.value, store.today!) : null));
  const all = computed(() =>
    reading.value
      ? shopTable(reading.value, (thing) => ways !== null && pictureAddress(thing, ways) !== null)
      : NOTHING,
  );
  // Made again for one child, what is the children's own is hers alone.
  const only = computed(() => store.book.children[String(route.query.child)] ?? null);
  const table = computed(() => (only.value ? { ...all.value, names: [calledName(only.value)] } : all.value));
  const children = computed((): readonly Child[] => {
    const days = reading.value?.frame.attendance ?? [];
    const all = new Map(days.flatMap((day) => day.children.map((one) => [one.id, one] as const)));
    return [...all.values()].toSorted((a, b) => (a.birth < b.birth ? 1 : -1));
  });
  return { unitId, unit, reading, table, children };
}
type Table = ReturnType<typeof useTable>;

/** What is chosen: by the address, so that a kept job is opened again by a link, and by hand. */
function useChoice({ reading, table }: Table) {
  const store = useBook();
  const route = useRoute();
  const router = useRouter();
  const kind = computed((): CardKindId => (isKind(route.query.kind) ? route.query.kind : 'named'));
  const corners = cornersOnShelf(store.book.corners);
  const trays = corners.find((corner) => corner.kind === 'table-trays') ?? corners[0];
  const chosen = reactive({
    size: 'middle' as CardSizeId,
    paper: (homeOf(store.book).units === 'us' ? 'letter' : 'a4') as PaperId,
    copies: 1 as number | string,
    levels: false,
    laminate: false,
    /** A corner's id, or the bins of the children. */
    place: (trays?.id ?? 'bins') as CornerId | 'bins',
    // What is kept today is there by the next day.
    fromDay: reading.value?.frame.calendar.days.find(({ date }) => date > store.today!)?.number ?? 1,
  });
  watch(
    () => route.query,
    ({ size, paper, copies }) => {
      if (isSize(size)) chosen.size = size;
      if (isPaper(paper)) chosen.paper = paper;
      if (copies !== undefined) chosen.copies = within(copies, MOST_COPIES);
    },
    { immediate: true },
  );
  const choose = (id: CardKindId): unknown => router.replace({ query: { ...route.query, kind: id } });
  // Which kinds have what they need is seen before one is pressed.
  const families = computed(() => {
    const all = Object.entries(CARD_KINDS).map(([id, one]) => {
      const { name, hint, family }: CardKind = one;
      const said = one.make(table.value, sizeOf(id as CardKindId, chosen.size, chosen.paper), chosen.size);
      return { id: id as CardKindId, name, hint, family, lacks: typeof said === 'string' ? said : null };
    });
    return Object.entries(FAMILIES).map(([id, name]) => ({
      name,
      kinds: all.filter(({ family }) => family === id),
    }));
  });
  /** Who gets which level, where somebody decided otherwise than by age. */
  const moved = ref<Readonly<Record<string, CardKindId>>>({});
  const startsOn = computed(() => reading.value?.frame.calendar.days[0]?.date ?? store.today!);
  const levelOf = (child: Child): CardKindId =>
    moved.value[child.id] ?? levelFor(ageInMonths(child.birth, startsOn.value)).kind;
  const give = (child: Child, level: CardKindId): unknown =>
    (moved.value = { ...moved.value, [child.id]: level });
  const kindOf = computed((): CardKind => CARD_KINDS[kind.value]);
  // What is nobody's own goes to a shelf.
  const place = computed((): CornerId | 'bins' | null =>
    chosen.place === 'bins' && kindOf.value.bins === 'none' ? (trays?.id ?? null) : chosen.place,
  );
  const toBins = computed(() => place.value === 'bins');
  const canLevel = computed(() => kindOf.value.family === 'cards');
  const isLevelled = computed(() => chosen.levels && canLevel.value);
  return { kind, kindOf, chosen, choose, families, levelOf, give, canLevel, isLevelled, place, toBins };
}
type Choice = ReturnType<typeof useChoice>;

/** The sets of the job as they are chosen, or what the table lacks for them. */
function useSets(
  { unit, table, children }: Table,
  { kind, kindOf, chosen, isLevelled, levelOf, toBins }: Choice,
) {
  const store = useBook();
  const orderOf = (of: CardKindId): CardOrder => ({
    ...{ kind: of, size: chosen.size, paper: chosen.paper, copies: within(chosen.copies, MOST_COPIES) },
  });
  const made = computed((): { readonly lacks: readonly string[]; readonly sets: readonly ShownSet[] } => {
    const wanted = isLevelled.value ? LEVELS : [{ kind: kind.value, fromMonths: null }];
    const lacks: string[] = [];
    const all = wanted.flatMap(({ kind: of, fromMonths }) => {
      const order = orderOf(of);
      const job = printJob(order, table.value);
      const { name } = CARD_KINDS[of];
      if (typeof job !== 'string') return [{ order, job, fromMonths, name }];
      lacks.push(isLevelled.value ? `${name}: ${job}` : job);
      return [];
    });
    const isForEach = toBins.value && kindOf.value.bins === 'set';
    const sets = all.flatMap((set): readonly ShownSet[] => {
      const who = children.value.filter((child) => !isLevelled.value || setFor(levelOf(child), all) === set);
      const times = isForEach ? Math.max(who.length, isLevelled.value ? 0 : 1) : 1;
      return times === 0 ? [] : [{ ...set, times, who: who.map(({ shownAs }) => shownAs).join(', ') }];
    });
    return { lacks: sets.length + lacks.length === 0 ? [NOBODY] : lacks, sets };
  });
  /** The sets as they come out of the printer, each as often as it is needed. */
  const printed = computed(() =>
    made.value.sets.flatMap((set) => Array.from({ length: set.times }, () => set)),
  );
  /** The sets as each is kept: of what is a child's own, one child's. */
  const ofOne = computed((): readonly JobSet[] => {
    const [name] = table.value.names;
    if (!toBins.value || kindOf.value.bins !== 'own' || name === undefined) return made.value.sets;
    return made.value.sets.flatMap((set): readonly JobSet[] => {
      const job = printJob(set.order, { ...table.value, names: [name] });
      return typeof job === 'string' ? [] : [{ ...set, job }];
    });
  });
  const figures = computed((): JobFigures | null =>
    unit.value ? jobFigures(printed.value, chosen.laminate, unit.value, homeOf(store.book)) : null,
  );
  return { made, printed, ofOne, figures };
}
type Sets = ReturnType<typeof useSets>;

/** Keeping a job in the unit, and what is kept already, here and elsewhere. */
function useKeeping(
  { unit, reading, table, children }: Table,
  { chosen, place, isLevelled, levelOf, toBins }: Choice,
  { ofOne }: Sets,
) {
  const store = useBook();
  const route = useRoute();
  const trouble = ref<string | null>(null);
  const keptNow = ref(false);
  watch([() => route.fullPath, chosen], () => (keptNow.value = false));

  function perform(changes: readonly ChangeInput[]): boolean {
    const result = store.perform([...changes]);
    trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot be kept.');
    return result.done;
  }
  function goesTo(dayCount: number): GoesTo | null {
    const fromDay = within(chosen.fromDay, dayCount);
    const corner = place.value === null || place.value === 'bins' ? null : store.book.corners[place.value];
    if (corner) return { kind: 'corner', corner, fromDay };
    if (!toBins.value) return null;
    const sets = children.value.flatMap((child) => {
      const set = isLevelled.value ? setFor(levelOf(child), ofOne.value) : (ofOne.value[0] ?? null);
      return set ? [{ child, set }] : [];
    });
    return { kind: 'bins', fromDay, sets };
  }
  /** The job as it is shown becomes a part of the unit. */
  function keep(): void {
    const [first, ...rest] = ofOne.value;
    const to = unit.value && goesTo(unit.value.dayCount);
    if (!to) return void (trouble.value = 'It is for no bin, and no corner is on the shelf yet.');
    if (!first) return;
    const given = { unit: unit.value!, supplies: Object.values(store.book.supplies) };
    keptNow.value = perform(
      jobChanges([first, ...rest], { laminate: chosen.laminate, goesTo: to }, given, newId),
    );
  }

  /** What of the shop is kept in this unit, each sheet once. */
  const kept = computed((): readonly PrintJob[] => {
    const jobs = reading.value?.prints.filter(({ sheet }) => sheet.made) ?? [];
    return [...new Map(jobs.map((job) => [job.sheet.id, job])).values()];
  });
  /** What other units made, to be made of this one's things: each kind and size once. */
  const before = computed(() => {
    const here = new Set(kept.value.map(({ sheet }) => sheet.id));
    const all = Object.values(store.book.sheets).filter(
      ({ id, made: how, retired }) => how && !retired && !here.has(id),
    );
    return [...new Map(all.map((sheet) => [`${sheet.made!.kind} ${sheet.made!.size}`, sheet])).values()];
  });
  /** A made set is something of the house then. */
  function intoTheHouse({ sheet }: PrintJob): void {
    const { made: how } = sheet;
    if (!how || !unit.value || !isKind(how.kind)) return;
    const order: CardOrder = { ...how, kind: how.kind };
    const job = printJob(order, table.value);
    if (typeof job === 'string') return void (trouble.value = job);
    perform(keptAsSet({ order, job, fromMonths: null }, unit.value, `set-${sheet.id}`, store.instant()));
  }
  const isInTheHouse = ({ sheet }: PrintJob): boolean => Boolean(store.book.supplies[`set-${sheet.id}`]);
  return { keep, keptNow, trouble, kept, before, intoTheHouse, isInTheHouse };
}

/** What is made in the print shop of the unit of the address. */
export function useShop() {
  const table = useTable();
  const choice = useChoice(table);
  const sets = useSets(table, choice);
  return { ...table, ...choice, ...sets, ...useKeeping(table, choice, sets) };
}
export type Shop = ReturnType<typeof useShop>;
