<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  ageInMonths,
  ALLERGENS,
  CAUTION_LINE,
  formatAge,
  formatDay,
  homeOf,
  partsOn,
  weekdayName,
  type Child,
  type PlainDay,
} from '@kobby/core';
import { computed, ref } from 'vue';
import InkBand from '../../parts/InkBand.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import AbsenceSheet from './AbsenceSheet.vue';
import ChildSheet from './ChildSheet.vue';
import ClosureSheet from './ClosureSheet.vue';

/** The house: who comes when, who is away, when it is closed. What stays from unit to unit. */
const store = useBook();
const sheet = ref<'child' | 'absence' | 'closure' | null>(null);
const editing = ref<Child | null>(null);

const home = computed(() => homeOf(store.book));
const children = computed(() =>
  Object.values(store.book.children)
    .toSorted((a, b) => (a.birth < b.birth ? 1 : -1))
    .map((child) => ({
      child,
      age: formatAge(ageInMonths(child.birth, store.today!)),
      days: daysOf(child),
      allergies: child.allergies.map((allergy) => ALLERGENS[allergy.allergen]).join(', '),
    })),
);
const absences = computed(() =>
  Object.values(store.book.absences)
    .filter((absence) => absence.to >= store.today!)
    .toSorted((a, b) => (a.from < b.from ? -1 : 1)),
);
const closures = computed(() =>
  Object.values(store.book.closures)
    .filter((closure) => closure.to >= store.today!)
    .toSorted((a, b) => (a.from < b.from ? -1 : 1)),
);

function daysOf(child: Child): string {
  const days = home.value.workingWeekdays.filter((weekday) => partsOn(child.attendance, weekday).length > 0);
  return days.length === 0
    ? 'no days yet'
    : days.map((weekday) => weekdayName(weekday).slice(0, 3)).join(' ');
}

const spanText = (from: PlainDay, to: PlainDay): string =>
  from === to ? formatDay(from) : `${formatDay(from)} to ${formatDay(to)}`;

function openChild(child: Child | null): void {
  editing.value = child;
  sheet.value = 'child';
}
</script>

<template>
  <div>
    <InkBand :title="home.name" :detail="formatDay(store.today!, 'full')" />
    <main class="wide">
      <PageBar title="The house" hint="what stays from unit to unit" />
      <div class="columns">
        <ShelfCard :title="`Children · ${children.length}`" label="Children">
          <p v-if="children.length === 0" class="soft">
            Nobody yet. Every amount follows from who comes on which day.
          </p>
          <ul data-test="children">
            <li v-for="{ child, age, days, allergies } in children" :key="child.id">
              <button type="button" class="row" @click="openChild(child)">
                <b>{{ child.name }}</b>
                <span class="age figures">{{ age }}</span>
                <span class="days soft">{{ days }}</span>
                <span v-if="allergies" class="allergy">{{ allergies }}</span>
                <span v-if="child.mouthsThings" class="soft">mouths things</span>
              </button>
            </li>
          </ul>
          <v-btn class="is-main begin" :prepend-icon="mdiPlus" @click="openChild(null)">A child</v-btn>
        </ShelfCard>
        <div class="stack">
          <ShelfCard :title="`Away · ${absences.length}`" label="Away">
            <p v-if="absences.length === 0" class="soft">Everybody comes on their days.</p>
            <ul>
              <li v-for="absence in absences" :key="absence.id" class="row">
                <b>{{ store.book.children[absence.childId]?.name }}</b>
                <span class="soft">{{ spanText(absence.from, absence.to) }}</span>
                <v-btn
                  class="is-quiet"
                  :aria-label="`${store.book.children[absence.childId]?.name} comes after all`"
                  @click="store.perform([{ type: 'house/drop-absence', absenceId: absence.id }])"
                >
                  Comes after all
                </v-btn>
              </li>
            </ul>
            <v-btn class="is-side begin" :disabled="children.length === 0" @click="sheet = 'absence'"
              >Somebody is away</v-btn
            >
          </ShelfCard>
          <ShelfCard :title="`Closed · ${closures.length}`" label="Closed">
            <p v-if="closures.length === 0" class="soft">No closure ahead.</p>
            <ul>
              <li v-for="closure in closures" :key="closure.id" class="row">
                <b>{{ closure.why }}</b>
                <span class="soft">{{ spanText(closure.from, closure.to) }}</span>
                <v-btn
                  class="is-quiet"
                  :aria-label="`Open after all: ${closure.why}`"
                  @click="store.perform([{ type: 'house/drop-closure', closureId: closure.id }])"
                >
                  Open after all
                </v-btn>
              </li>
            </ul>
            <v-btn class="is-side begin" @click="sheet = 'closure'">Closed on a day</v-btn>
          </ShelfCard>
        </div>
      </div>
      <p class="line soft">{{ CAUTION_LINE }}</p>
    </main>
    <ChildSheet v-if="sheet === 'child'" :child="editing" @close="sheet = null" />
    <AbsenceSheet v-if="sheet === 'absence'" @close="sheet = null" />
    <ClosureSheet v-if="sheet === 'closure'" @close="sheet = null" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
.stack {
  display: grid;
  gap: 18px;
}
.begin {
  align-self: flex-start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 12px;
  width: 100%;
  min-height: var(--touch);
  padding: 4px 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  text-align: left;
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
  padding: 0 7px;
  background: var(--stop-bg);
  border-radius: 3px;
  color: var(--stop);
  font-weight: 600;
}
.line {
  margin-top: 26px;
  font-size: 12.5px;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
