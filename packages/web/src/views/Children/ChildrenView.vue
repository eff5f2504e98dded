<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  ageInMonths,
  allergenName,
  belongsOn,
  CAUTION_LINE,
  formatAge,
  formatDay,
  homeOf,
  partsOn,
  weekdayName,
  type Absence,
  type Child,
  type ChildId,
  type Extra,
  type PlainDay,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import ChildSheet from './ChildSheet.vue';
import DaysAhead from '../../parts/DaysAhead.vue';
import ExceptionSheet from './ExceptionSheet.vue';
import HouseNotes from './HouseNotes.vue';

/** The children of the group: who comes when, who is away or comes too, and what the house says about itself. */
const store = useBook();
const route = useRoute();
const router = useRouter();
const sheet = ref<'child' | 'away' | 'extra' | null>(route.query.begin === 'child' ? 'child' : null);
function close(): void {
  sheet.value = null;
  if (route.query.begin) void router.replace({ query: {} });
}
const editingId = ref<ChildId | null>(null);
// Each that is entered after another has a sheet of its own.
const round = ref(0);

const home = computed(() => homeOf(store.book));
const everyone = computed(() =>
  Object.values(store.book.children)
    .toSorted((a, b) => (a.birth < b.birth ? 1 : -1))
    .map((child) => ({
      child,
      age: formatAge(ageInMonths(child.birth, store.today!)),
      days: daysOf(child),
      allergies: [
        ...child.allergies.map((allergy) => allergenName(allergy.allergen)),
        ...(child.asthma ? ['asthma'] : []),
      ].join(', '),
    })),
);
const children = computed(() => everyone.value.filter(({ child }) => belongsOn(child, store.today!)));
const others = computed(() => everyone.value.filter(({ child }) => !belongsOn(child, store.today!)));

interface Exception {
  readonly id: string;
  readonly kind: 'absences' | 'extras';
  readonly name: string;
  readonly when: string;
}
const upcoming = (kind: Exception['kind'], list: readonly (Absence | Extra)[]): Exception[] =>
  list
    .filter((one) => one.to >= store.today!)
    .toSorted((a, b) => (a.from < b.from ? -1 : 1))
    .map((one) => ({
      id: one.id,
      kind,
      name: store.book.children[one.childId]?.name ?? '',
      when: [spanText(one.from, one.to), ...one.parts.map(partName)].join(', '),
    }));
const aways = computed(() => upcoming('absences', Object.values(store.book.absences)));
const extras = computed(() => upcoming('extras', Object.values(store.book.extras)));

function daysOf(child: Child): string {
  const days = home.value.workingWeekdays.filter((weekday) => partsOn(child.attendance, weekday).length > 0);
  if (child.startedOn && child.startedOn > store.today!) return `from ${formatDay(child.startedOn)}`;
  if (child.leftOn && child.leftOn < store.today!) return `left on ${formatDay(child.leftOn)}`;
  return days.length === 0
    ? 'no days yet'
    : days.map((weekday) => weekdayName(weekday).slice(0, 3)).join(' ');
}
const partName = (id: string): string =>
  home.value.parts.find((part) => part.id === id)?.name.toLowerCase() ?? '';
const spanText = (from: PlainDay, to: PlainDay): string =>
  from === to ? formatDay(from) : `${formatDay(from)} to ${formatDay(to)}`;

function openChild(id: ChildId | null): void {
  editingId.value = id;
  sheet.value = 'child';
}
</script>

<template>
  <div>
    <PageBar title="Children" hint="who comes when, and what each one needs" />
    <div class="columns">
      <div class="stack">
        <ShelfCard :title="`Children · ${children.length}`" label="Children">
          <p v-if="children.length === 0" class="soft">
            Nobody yet. Every amount follows from who comes on which day.
          </p>
          <ul data-test="children">
            <li
              v-for="{ child, age, days, allergies } in [...children, ...others]"
              :key="child.id"
              class="with-page"
            >
              <button type="button" class="row" @click="openChild(child.id)">
                <b>{{ child.name }}</b>
                <span class="age figures">{{ age }}</span>
                <span class="days soft">{{ days }}</span>
                <span v-if="allergies" class="allergy">{{ allergies }}</span>
                <span v-if="child.mouthsThings" class="soft">mouths things</span>
                <span v-if="!child.knowsBins" class="soft">new to bins</span>
              </button>
              <RouterLink
                class="page"
                :to="{ name: 'child', params: { childId: child.id } }"
                :aria-label="`What was met: ${child.name}`"
                >What was met</RouterLink
              >
            </li>
          </ul>
          <v-btn class="is-main begin" :prepend-icon="mdiPlus" @click="openChild(null)">A child</v-btn>
        </ShelfCard>
        <DaysAhead />
      </div>
      <div class="stack">
        <ShelfCard :title="`Away · ${aways.length}`" label="Away">
          <p v-if="aways.length === 0" class="soft">Everybody comes on their days.</p>
          <ul>
            <li v-for="one in aways" :key="one.id" class="row">
              <b>{{ one.name }}</b>
              <span class="soft">{{ one.when }}</span>
              <v-btn
                class="is-quiet"
                :aria-label="`${one.name} comes after all`"
                @click="store.perform([{ type: 'book/drop', kind: 'absences', id: one.id }])"
              >
                Comes after all
              </v-btn>
            </li>
          </ul>
          <v-btn class="is-side begin" :disabled="everyone.length === 0" @click="sheet = 'away'"
            >Somebody is away</v-btn
          >
        </ShelfCard>
        <ShelfCard :title="`Comes too · ${extras.length}`" label="Comes too">
          <ul v-if="extras.length">
            <li v-for="one in extras" :key="one.id" class="row">
              <b>{{ one.name }}</b>
              <span class="soft">{{ one.when }}</span>
              <v-btn
                class="is-quiet"
                :aria-label="`${one.name} does not come after all`"
                @click="store.perform([{ type: 'book/drop', kind: 'extras', id: one.id }])"
              >
                Not after all
              </v-btn>
            </li>
          </ul>
          <v-btn class="is-side begin" :disabled="everyone.length === 0" @click="sheet = 'extra'"
            >An extra day</v-btn
          >
        </ShelfCard>
        <HouseNotes @child="(id) => openChild(id as ChildId)" />
      </div>
    </div>
    <p class="line soft">{{ CAUTION_LINE }}</p>
    <ChildSheet v-if="sheet === 'child'" :id="editingId" :key="round" @next="round += 1" @close="close" />
    <ExceptionSheet v-if="sheet === 'away' || sheet === 'extra'" :kind="sheet" @close="sheet = null" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
.begin {
  align-self: flex-start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-1) var(--gap-4);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  text-align: left;
}
.with-page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 var(--gap-4);
  align-items: center;
}
button.row:hover {
  background: var(--paper);
}
.row b {
  min-width: 110px;
}
.row .v-btn {
  margin-left: auto;
}
.age {
  min-width: 70px;
}
.days {
  min-width: 140px;
}
.allergy {
  padding: 0 var(--gap-3);
  background: var(--stop-bg);
  border-radius: 3px;
  color: var(--stop);
  font-weight: 600;
}
.line {
  margin-top: calc(2 * var(--gap-4));
  font-size: 12.5px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
