<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  homeOf,
  lookedUp,
  renamed,
  THING_COLUMN_IDS,
  thingFrom,
  thingGaps,
  type ChangeInput,
  type Picture,
  type Thing,
  type ToldWord,
} from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { toldOf } from '../../state/word-book.ts';
import LettersNeeded from './LettersNeeded.vue';
import SortThings from './SortThings.vue';
import TakeThings from './TakeThings.vue';
import ThingLists from './ThingLists.vue';
import ThingRow from './ThingRow.vue';
import { columnsOf, keyOf, orderedBy, ROOM, titleOf, written, type Column } from './thing-cells.ts';

/** The theme's things: its members with what they are matched, sorted, ordered and compared by. Gaps are marked. */
const PictureSheet = defineAsyncComponent(() => import('../../parts/PictureSheet.vue'));
const store = useBook();
const reading = useReading();
const things = computed(() => reading.value.things);
const gaps = computed(() => thingGaps(things.value));
const wrong = ref<{ readonly at: string; readonly message: string } | null>(null);
const newName = ref('');
const table = ref<HTMLElement | null>(null);
const MOST_GAPS = 4;

// A column stands once one of them has something in it; others are asked for by a press.
const asked = ref<readonly Column[]>([]);
const columns = computed(() => columnsOf(things.value, asked.value));
const further = computed(() =>
  [...THING_COLUMN_IDS.map((id): Column => ({ kind: 'known', id })), ROOM].filter(
    (column) => !columns.value.some((one) => keyOf(one) === keyOf(column)),
  ),
);
const ownColumn = ref('');
function addColumn(): void {
  const id = ownColumn.value.trim();
  if (id !== '') asked.value = [...asked.value, { kind: 'own', id }];
  ownColumn.value = '';
}
// Sorted to compare them; their own order is another press away.
const sorted = ref<Column | null>(null);
const units = computed(() => homeOf(store.book).units);
const rows = computed(() => orderedBy(things.value, sorted.value, units.value));
const sortBy = (column: Column): void => {
  sorted.value = sorted.value && keyOf(sorted.value) === keyOf(column) ? null : column;
};

// What is known of their names: parts, partner and colour are only offered, where nothing stands yet.
const known = ref<ReadonlyMap<string, ToldWord>>(new Map());
const isAway = ref(false);
watch(
  () => things.value.map(({ name }) => name).join('\n'),
  async () => {
    const names = things.value.map(({ name }) => name);
    if (names.length === 0) return;
    const told = await toldOf(names);
    isAway.value = told === null;
    if (told) known.value = new Map(told.map((one) => [one.name, one]));
  },
  { immediate: true },
);
const unheard = computed(() =>
  things.value.filter(({ name, spoken }) => spoken === null && known.value.get(name)?.spoken),
);
const lookUp = (): void =>
  void store.perform(
    unheard.value.map((thing) => ({
      type: 'unit/put-thing',
      thing: lookedUp(thing, known.value.get(thing.name)!),
    })),
  );

type PutThing = Extract<ChangeInput, { type: 'unit/put-thing' }>['thing'];
function put(thing: PutThing, at: string): boolean {
  const result = store.perform([{ type: 'unit/put-thing', thing }]);
  wrong.value = result.done ? null : { at, message: result.errors[0]?.message ?? 'This cannot be kept' };
  return result.done;
}
const copyOf = (thing: Thing): PutThing => structuredClone(thing) as PutThing;
function take(thing: Thing, column: Column, text: string): void {
  const at = `${thing.id}.${keyOf(column)}`;
  const said = written(thing, column, text);
  if ('message' in said) wrong.value = { at, message: said.message };
  else put(copyOf(said.thing), at);
}
const pictured = ref<Thing | null>(null);
const isPicturing = computed({
  get: () => pictured.value !== null,
  set: (open) => !open && (pictured.value = null),
});
const show = (picture: Picture): void =>
  void (pictured.value && put({ ...copyOf(pictured.value), picture }, `${pictured.value.id}.picture`));
async function rename(thing: Thing, name: string, at: string): Promise<void> {
  const [told] = (await toldOf(name === '' ? [] : [name])) ?? [];
  put(renamed(thing, name, told ?? null), at);
}
/** A name becomes a member with what is known of it; without the server just the name. */
async function add(): Promise<void> {
  const name = newName.value.trim();
  if (name === '') return;
  const told = await toldOf([name]);
  isAway.value = told === null;
  const order = generateKeyBetween(things.value.at(-1)?.order ?? null, null) as Thing['order'];
  const at = { id: `thing-${newId()}` as Thing['id'], unitId: reading.value.frame.unit.id, order };
  if (!put(told?.[0] ? thingFrom(told[0], at) : { ...at, name }, 'new')) return;
  newName.value = '';
  await nextTick();
  table.value?.querySelector<HTMLElement>('input[name="thing-new"]')?.focus();
}
const takeOut = ({ id }: Thing): void => void store.perform([{ type: 'book/drop', kind: 'things', id }]);
const WIDE: ReadonlySet<string> = new Set(['kind', 'parts', 'rhymes', 'series']);
const SLIM: ReadonlySet<string> = new Set(['rank', 'firstSound', 'syllables']);
</script>

<template>
  <ShelfCard :title="`The theme's things · ${things.length}`" label="The theme's things" class="things">
    <p class="soft">
      Written down once, they are matched, sorted, put in order, paired, taken apart and spelled all week.
    </p>
    <TakeThings />
    <div class="wrap">
      <table ref="table">
        <thead>
          <tr>
            <td />
            <th scope="col">Thing</th>
            <th
              v-for="column in columns"
              :key="keyOf(column)"
              scope="col"
              :aria-sort="sorted && keyOf(sorted) === keyOf(column) ? 'ascending' : undefined"
              :class="{ wide: WIDE.has(column.id), slim: SLIM.has(column.id) }"
            >
              <button
                type="button"
                class="sort"
                :title="`Sort by ${titleOf(column)}`"
                @click="sortBy(column)"
              >
                {{ titleOf(column) }}
              </button>
            </th>
            <td />
          </tr>
        </thead>
        <tbody>
          <ThingRow
            v-for="thing in rows"
            :key="thing.id"
            :thing="thing"
            :columns="columns"
            :gaps="gaps"
            :wrong="wrong?.at ?? null"
            :told="known.get(thing.name) ?? null"
            @write="(column, text) => take(thing, column, text)"
            @rename="rename(thing, $event, `${thing.id}.name`)"
            @picture="pictured = thing"
            @drop="takeOut(thing)"
          />
          <tr>
            <td class="picture" />
            <th scope="row">
              <input
                v-model="newName"
                name="thing-new"
                :placeholder="things.length ? 'another one' : 'the first one'"
                aria-label="A new thing"
                autocomplete="off"
                @keydown.enter.prevent="add"
              />
            </th>
            <td :colspan="columns.length + 1">
              <button type="button" aria-label="Add the member" @click="add">
                <v-icon :icon="mdiPlus" size="16" aria-hidden="true" />
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="things.length" class="further">
      <b>Also</b>
      <button
        v-for="column in further"
        :key="keyOf(column)"
        type="button"
        class="chip dashed"
        data-test="ask-column"
        @click="asked = [...asked, column]"
      >
        {{ titleOf(column) }}
      </button>
      <form @submit.prevent="addColumn">
        <input
          v-model="ownColumn"
          class="chip dashed"
          name="own-column"
          placeholder="a column of your own"
          aria-label="A column of your own"
          maxlength="40"
          autocomplete="off"
        />
      </form>
      <button v-if="unheard.length" type="button" class="chip dashed" data-test="look-up" @click="lookUp">
        Look up how {{ unheard.length === 1 ? 'one of them is' : `${unheard.length} of them are` }} spoken
      </button>
    </div>
    <SortThings v-if="things.length" :things="things" :columns="columns" />
    <ThingLists />
    <LettersNeeded v-if="things.length" :things="things" />
    <p v-if="isAway" class="soft" role="status">
      How they are spoken cannot be looked up now: until then songs go by spelling.
    </p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong.message }}</p>
    <ul v-if="gaps.length" class="gaps" data-test="thing-gaps">
      <li v-for="gap in gaps.slice(0, MOST_GAPS)" :key="`${gap.thingId}${gap.column}`">{{ gap.text }}</li>
      <li v-if="gaps.length > MOST_GAPS">and {{ gaps.length - MOST_GAPS }} more, marked in the table</li>
    </ul>
    <PictureSheet
      v-if="pictured"
      v-model="isPicturing"
      :name="pictured.name"
      :picture="pictured.picture"
      @choose="show"
    />
  </ShelfCard>
</template>

<style scoped>
.wrap {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
thead th {
  padding: var(--gap-1) var(--gap-2);
  font-weight: 600;
  font-size: 12.5px;
  text-align: left;
  white-space: nowrap;
}
.wide {
  width: 14%;
}
.slim {
  width: 54px;
  white-space: normal;
}
thead th:nth-child(2) {
  min-width: 108px;
}
.sort {
  padding: 0;
  background: none;
  border: 0;
  font: inherit;
  text-align: left;
}
[aria-sort] .sort {
  text-decoration: underline;
}
.picture {
  width: 34px;
}
tbody td,
tbody th {
  padding: 0;
  border: 1.5px solid var(--line);
}
tbody td:last-child {
  border-color: transparent;
}
tbody input {
  width: 100%;
  min-width: 54px;
  height: 32px;
  padding: 0 var(--gap-2);
  background: transparent;
  border: 0;
  color: inherit;
  font: inherit;
  font-size: 13.5px;
}
tbody th input {
  font-weight: 600;
}
input::placeholder {
  color: var(--ink-soft);
  font-style: italic;
  opacity: 0.75;
}
.further {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1);
  align-items: center;
  margin-top: var(--gap-2);
  font-size: 13px;
}
.further form {
  display: contents;
}
.further input {
  width: 150px;
}
.further b {
  margin-right: var(--gap-1);
}
tbody button {
  display: grid;
  place-items: center;
  width: 28px;
  height: 28px;
  padding: 0;
  background: none;
  border: 0;
}
.gaps {
  color: var(--care);
  list-style: disc inside;
}
</style>
