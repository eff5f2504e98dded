<script setup lang="ts">
import {
  copiedIn,
  fewOf,
  firstDayFor,
  formatDay,
  listed,
  openStops,
  read,
  startFromEarlier,
  startFromReady,
  startingAgain,
  STYLES,
  type Begun,
  type FieldProblem,
  type ReadyUnit,
  type StartFrom,
  unique,
  type Unit,
  type UnitId,
  type UnitInput,
  withoutPlaced,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import AgainCard from './AgainCard.vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import UnitForm, { type UnitFields } from '../../parts/UnitForm.vue';
import { messagesBeside, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** Starts a unit: empty, from a ready-made one, from an earlier one moved to new dates, or as an idea only. */
const props = defineProps<{
  /** What it is begun from at first: a ready-made unit, or one of the home's own again. */
  first?: { readonly kind: string; readonly id: string };
}>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const router = useRouter();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

type Way = 'empty' | 'ready' | 'earlier' | 'idea';
const WAYS: Readonly<Record<Way, string>> = {
  empty: 'An empty shelf',
  ready: 'A ready-made unit',
  earlier: 'One of ours again',
  idea: 'Only an idea',
};
const way = ref<Way>('empty');
const fromId = ref<string | null>(null);
const errors = ref<readonly FieldProblem[]>([]);
const fields = ref<UnitFields>(emptyFields());

/** What of the earlier unit is not taken along. */
const leftOut = ref<ReadonlySet<string>>(new Set());

const ready = computed(() => Object.values(store.book.readyUnits).filter(({ retired }) => !retired));
const earlier = computed(() =>
  Object.values(store.book.units)
    .filter(({ start }) => start !== null)
    .toSorted((a, b) => (a.start! < b.start! ? 1 : -1)),
);
const from = computed((): readonly (ReadyUnit | Unit)[] =>
  way.value === 'ready' ? ready.value : way.value === 'earlier' ? earlier.value : [],
);

function emptyFields(): UnitFields {
  const start = firstDayFor(store.book, store.today!);
  return { title: '', style: 'theme', start, dayCount: String(STYLES.theme.days) };
}
function choose(next: Way): void {
  way.value = next;
  fromId.value = null;
}
// What it is begun from gives its title, style and length; all of it can be changed before and after.
function take(one: ReadyUnit | Unit): void {
  fromId.value = one.id;
  leftOut.value = new Set();
  const { title, style, dayCount } = one;
  fields.value = { ...fields.value, title, style, dayCount: String(dayCount) };
}

if (props.first) {
  choose(props.first.kind === 'ready' ? 'ready' : 'earlier');
  const one = from.value.find(({ id }) => id === props.first?.id);
  if (one) take(one);
}

const count = computed(() => (fields.value.dayCount === '' ? Number.NaN : Number(fields.value.dayCount)));
const start = computed(() => (way.value === 'idea' ? null : fields.value.start));
const chosen = computed(() => from.value.find((one) => one.id === fromId.value) ?? null);

function begunWith(unit: UnitInput, without: ReadonlySet<string>): StartFrom {
  const makeId = (): string => `made-${newId()}`;
  if (!chosen.value) return { changes: [{ type: 'unit/start', unit }], left: [] };
  return way.value === 'ready'
    ? startFromReady(chosen.value as ReadyUnit, store.book, unit, makeId)
    : withoutPlaced(startFromEarlier(store.book, chosen.value.id as UnitId, unit, makeId), without);
}
const TRIED = 'unit-tried' as UnitId;
// As it would be begun. The title that is typed is no matter for it.
function triedWithout(without: ReadonlySet<string>): Pick<Begun, 'tried' | 'copies'> | null {
  if (!chosen.value || start.value === null) return null;
  const { title, style } = chosen.value;
  const unit = { id: TRIED, title, style, start: start.value, dayCount: count.value };
  const { changes } = begunWith(unit, without);
  const tried = store.would(changes);
  return tried?.units[TRIED] ? { tried, copies: copiedIn(changes) } : null;
}
// What is other than it was then, with everything taken along.
const again = computed(() => {
  const begun = way.value === 'earlier' ? triedWithout(new Set()) : null;
  return (
    begun && startingAgain(store.book, chosen.value!.id as UnitId, { ...begun, id: TRIED }, store.today!)
  );
});
// What this home will have to decide, as things are.
const decisions = computed((): readonly string[] => {
  const begun = triedWithout(leftOut.value);
  return begun ? unique(openStops(read(begun.tried, TRIED, store.today!)).map((stop) => stop.title)) : [];
});
function begin(): void {
  const id = `unit-${newId()}`;
  const { title, style } = fields.value;
  const { changes, left } = begunWith(
    { id, title, style, start: start.value, dayCount: count.value },
    leftOut.value,
  );
  const result = store.perform(changes);
  if (left.length > 0) store.notice = `Not taken along, for the library no longer has it: ${listed(left)}.`;
  errors.value = result.done ? [] : result.errors;
  if (result.done)
    void router.push({ name: way.value === 'idea' ? 'spark' : 'corners', params: { unitId: id } });
}
</script>

<template>
  <PlankSheet v-model="isOpen" title="Start a unit" hint="All of it can be changed later." :width="700">
    <div class="ways" role="group" aria-label="Begin with">
      <button
        v-for="(name, id) in WAYS"
        :key="id"
        type="button"
        :aria-pressed="way === id"
        @click="choose(id)"
      >
        {{ name }}
      </button>
    </div>
    <ul v-if="from.length" class="from" data-test="start-from">
      <li v-for="one in from" :key="one.id">
        <button type="button" :aria-pressed="fromId === one.id" @click="take(one)">
          <b>{{ one.title }}</b>
          <small>
            {{ STYLES[one.style].name }} · {{ one.dayCount }} days<template
              v-if="'start' in one && one.start"
            >
              · {{ formatDay(one.start) }}</template
            >
          </small>
        </button>
      </li>
    </ul>
    <p v-else-if="way === 'earlier'" class="soft">There is no earlier unit yet.</p>
    <AgainCard v-if="again" v-model="leftOut" :again="again" />
    <p v-if="decisions.length" class="soft decisions" role="status" data-test="decisions">
      You will be asked to decide: {{ fewOf(decisions) }}.
    </p>
    <form id="start-unit" novalidate @submit.prevent="begin">
      <UnitForm v-model="fields" :errors="errors" :undated="way === 'idea'" />
      <p
        v-for="message in messagesBeside(errors, ['title', 'style', 'start', 'dayCount'])"
        :key="message"
        role="alert"
      >
        {{ message }}
      </p>
    </form>
    <template #foot>
      <v-btn class="is-main" type="submit" form="start-unit">
        {{ way === 'idea' ? 'Keep the idea' : 'Put it on the shelf' }}
      </v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Not now</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(140px, 100%), 1fr));
  gap: var(--gap-3);
  margin-bottom: var(--gap-4);
}
.ways button {
  min-height: 40px;
  padding: var(--gap-2) var(--gap-3);
  background: var(--well);
  border: 0;
  border-bottom: 5px solid var(--line);
  font-weight: 600;
}
.ways button[aria-pressed='true'] {
  background: var(--tape);
  border-color: var(--shelf);
  color: var(--tape-ink);
}
.decisions {
  margin-bottom: var(--gap-4);
}
.from {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(200px, 100%), 1fr));
  gap: var(--gap-3);
  max-height: 190px;
  margin-bottom: var(--gap-4);
  padding: var(--gap-1);
  overflow: auto;
}
.from button {
  width: 100%;
  height: 100%;
  padding: var(--gap-2) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  text-align: left;
}
.from button[aria-pressed='true'] {
  border-color: var(--plum);
  box-shadow: inset 5px 0 0 var(--plum);
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
</style>
