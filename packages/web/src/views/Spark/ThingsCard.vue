<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js';
import {
  formatQuantity,
  homeOf,
  lettersEach,
  lookedUp,
  parseAmount,
  propertyOf,
  quantity,
  renamed,
  THING_COLUMN_IDS,
  THING_COLUMNS,
  THING_ROLES,
  thingFrom,
  thingGaps,
  usedColumns,
  type ChangeInput,
  type Thing,
  type ThingColumn,
  type ToldWord,
} from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed, nextTick, ref, watch } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { toldOf } from '../../state/word-book.ts';
import TakeThings from './TakeThings.vue';

/** The theme's things: its members with what they are matched, sorted, ordered and compared by. Gaps are marked. */
const store = useBook();
const reading = useReading();
const things = computed(() => reading.value.things);
const gaps = computed(() => thingGaps(things.value));
const wrong = ref<{ readonly at: string; readonly message: string } | null>(null);
const newName = ref('');
const table = ref<HTMLElement | null>(null);
const MOST_GAPS = 4;

const gapAt = (thing: Thing, column: ThingColumn): string | null =>
  gaps.value.find((gap) => gap.thingId === thing.id && gap.column === column)?.text ?? null;
// A column stands once one of them has something in it; others are asked for by a press.
const asked = ref<readonly ThingColumn[]>([]);
const columns = computed(() => {
  const used = usedColumns(things.value);
  return THING_COLUMN_IDS.filter((column) => used.has(column) || asked.value.includes(column));
});
const further = computed(() => THING_COLUMN_IDS.filter((column) => !columns.value.includes(column)));

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
const offered = (thing: Thing, column: ThingColumn): string => {
  const told = known.value.get(thing.name);
  if (!told || (column !== 'parts' && column !== 'pair' && column !== 'colour')) return '';
  const value = told[column];
  return typeof value === 'string' ? value : (value ?? []).join(', ');
};
const unheard = computed(() =>
  things.value.filter(({ name, spoken }) => spoken === null && known.value.get(name)?.spoken),
);
const letters = computed(() =>
  [
    { what: 'Their names', counts: lettersEach(things.value.map(({ name }) => name.split('/')[0]!)) },
    {
      what: 'The children’s names',
      counts: lettersEach(Object.values(store.book.children).map(({ shownAs }) => shownAs)),
    },
  ].filter(({ counts }) => counts.length > 0),
);
const lookUp = (): void =>
  void store.perform(
    unheard.value.map((thing) => ({
      type: 'unit/put-thing',
      thing: lookedUp(thing, known.value.get(thing.name)!),
    })),
  );

/** Whether it was filled in for somebody and nobody said it otherwise. */
const isGuess = (thing: Thing, column: ThingColumn): boolean =>
  (thing.guessed as readonly string[]).includes(column) ||
  column === 'rhymes' ||
  ((column === 'firstSound' || column === 'syllables') && thing[column] === null);
const shown = (thing: Thing, column: ThingColumn): string => {
  const value = propertyOf(thing, column);
  if (column === 'sizeMm' && typeof value === 'number')
    return formatQuantity(quantity(value, 'mm'), homeOf(store.book).units);
  return Array.isArray(value) ? value.join(', ') : value === null ? '' : String(value);
};

/** What was typed into a place of the table; a message when it cannot be read. */
function read(column: ThingColumn, text: string): { value: unknown } | { message: string } {
  const words = text.trim();
  if (column === 'parts' || column === 'rhymes')
    return {
      value: words
        .split(',')
        .map((part) => part.trim())
        .filter(Boolean),
    };
  if (words === '') return { value: null };
  if (column === 'rank' || column === 'syllables') return { value: Number(words) };
  if (column !== 'sizeMm') return { value: words };
  const parsed = parseAmount(words, 'mm', null);
  return parsed.ok ? { value: parsed.quantity.amount } : { message: parsed.message };
}
function put(thing: Extract<ChangeInput, { type: 'unit/put-thing' }>['thing'], at: string): boolean {
  const result = store.perform([{ type: 'unit/put-thing', thing }]);
  wrong.value = result.done ? null : { at, message: result.errors[0]?.message ?? 'This cannot be kept' };
  return result.done;
}
function take(thing: Thing, column: ThingColumn | 'name', event: Event): void {
  const field = event.target as HTMLInputElement;
  const at = `${thing.id}.${column}`;
  if (column === 'name') return void rename(thing, field.value.trim(), at);
  const said = read(column, field.value);
  if ('message' in said) wrong.value = { at, message: said.message };
  else {
    const guessed = thing.guessed.filter((guess) => guess !== column);
    put({ ...thing, parts: [...thing.parts], rhymes: [...thing.rhymes], guessed, [column]: said.value }, at);
  }
}
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
const WIDE: readonly ThingColumn[] = ['kind', 'parts', 'rhymes'];
const SLIM: readonly ThingColumn[] = ['rank', 'firstSound', 'syllables'];
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
            <th scope="col">Member</th>
            <th
              v-for="column in columns"
              :key="column"
              scope="col"
              :class="{ wide: WIDE.includes(column), slim: SLIM.includes(column) }"
            >
              {{ THING_COLUMNS[column] }}
            </th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="thing in things" :key="thing.id">
            <th scope="row">
              <input
                :value="thing.name"
                aria-label="Name of the member"
                @change="take(thing, 'name', $event)"
              />
            </th>
            <td
              v-for="column in columns"
              :key="column"
              :class="{ gap: gapAt(thing, column), guess: isGuess(thing, column) }"
            >
              <select
                v-if="column === 'role'"
                :value="thing.role ?? ''"
                :aria-label="`Role of ${thing.name}`"
                @change="take(thing, column, $event)"
              >
                <option value="">–</option>
                <option v-for="(name, role) in THING_ROLES" :key="role" :value="role">{{ name }}</option>
              </select>
              <input
                v-else
                :key="shown(thing, column)"
                :value="shown(thing, column)"
                :aria-label="`${THING_COLUMNS[column]} of ${thing.name}${gapAt(thing, column) ? `: ${gapAt(thing, column)}` : ''}`"
                :title="gapAt(thing, column) ?? undefined"
                :placeholder="offered(thing, column)"
                :aria-invalid="wrong?.at === `${thing.id}.${column}`"
                autocomplete="off"
                @change="take(thing, column, $event)"
              />
            </td>
            <td>
              <button type="button" :aria-label="`Take ${thing.name} away`" @click="takeOut(thing)">
                <v-icon :icon="mdiClose" size="16" aria-hidden="true" />
              </button>
            </td>
          </tr>
          <tr>
            <th scope="row">
              <input
                v-model="newName"
                name="thing-new"
                placeholder="another one"
                aria-label="A new member"
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
    <p v-if="things.length && further.length" class="further">
      <b>Also</b>
      <button
        v-for="column in further"
        :key="column"
        type="button"
        data-test="ask-column"
        @click="asked = [...asked, column]"
      >
        {{ THING_COLUMNS[column] }}
      </button>
      <button v-if="unheard.length" type="button" data-test="look-up" @click="lookUp">
        Look up how {{ unheard.length === 1 ? 'one of them is' : `${unheard.length} of them are` }} spoken
      </button>
    </p>
    <details v-if="things.length" class="letters">
      <summary>Letters to lay their names, and the children’s</summary>
      <p v-for="{ what, counts } in letters" :key="what">
        <b>{{ what }}</b>
        <span v-for="{ letter, atOnce, most } in counts" :key="letter"
          >{{ atOnce }} {{ letter }}<small v-if="most < atOnce"> ({{ most }} one by one)</small></span
        >
      </p>
    </details>
    <p v-if="isAway" class="soft" role="status">
      How they are spoken cannot be looked up now: until then songs go by spelling.
    </p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong.message }}</p>
    <ul v-if="gaps.length" class="gaps" data-test="thing-gaps">
      <li v-for="gap in gaps.slice(0, MOST_GAPS)" :key="`${gap.thingId}${gap.column}`">{{ gap.text }}</li>
      <li v-if="gaps.length > MOST_GAPS">and {{ gaps.length - MOST_GAPS }} more, marked in the table</li>
    </ul>
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
thead th:first-child {
  min-width: 108px;
}
tbody td,
tbody th {
  padding: 0;
  border: 1.5px solid var(--line);
}
tbody td:last-child {
  border-color: transparent;
}
input {
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
th input {
  font-weight: 600;
}
select {
  width: 100%;
  min-width: 96px;
  height: 32px;
  background: transparent;
  border: 0;
  color: inherit;
  font: inherit;
  font-size: 13.5px;
}
.guess input,
.guess select {
  color: var(--ink-soft);
  font-style: italic;
}
input::placeholder {
  color: var(--ink-soft);
  font-style: italic;
  opacity: 0.75;
}
.letters {
  margin-top: var(--gap-2);
  font-size: 13.5px;
}
.letters summary {
  cursor: pointer;
  font-weight: 600;
}
.letters p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  margin-top: var(--gap-1);
}
.further {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1);
  align-items: center;
  margin-top: var(--gap-2);
  font-size: 13px;
}
.further b {
  margin-right: var(--gap-1);
}
.further button {
  display: block;
  width: auto;
  min-height: 28px;
  padding: 0 var(--gap-2);
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
.gap {
  background: var(--care-bg);
  box-shadow: inset 0 -3px 0 var(--care-edge);
}
[aria-invalid='true'] {
  box-shadow: inset 0 0 0 2px var(--stop);
}
button {
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
