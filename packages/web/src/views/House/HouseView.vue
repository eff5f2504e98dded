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
import TapeLabel from '../../parts/TapeLabel.vue';
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
    <main>
      <div class="bar">
        <h1>The house</h1>
        <span class="soft">what stays from unit to unit</span>
      </div>
      <div class="columns">
        <section class="card" aria-label="Children">
          <TapeLabel>Children · {{ children.length }}</TapeLabel>
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
          <v-btn class="is-main" :prepend-icon="mdiPlus" @click="openChild(null)">A child</v-btn>
        </section>
        <div class="stack">
          <section class="card" aria-label="Away">
            <TapeLabel>Away · {{ absences.length }}</TapeLabel>
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
            <v-btn class="is-side" :disabled="children.length === 0" @click="sheet = 'absence'"
              >Somebody is away</v-btn
            >
          </section>
          <section class="card" aria-label="Closed">
            <TapeLabel>Closed · {{ closures.length }}</TapeLabel>
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
            <v-btn class="is-side" @click="sheet = 'closure'">Closed on a day</v-btn>
          </section>
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
main {
  max-width: 1160px;
  margin: 0 auto;
  padding: 20px 20px 40px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 12px;
  margin-bottom: 18px;
}
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
.card {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 0 16px 16px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: var(--radius);
}
.card > .tape {
  align-self: flex-start;
  margin: -3px 0 0 -8px;
  font-size: 13.5px;
}
.card > .v-btn {
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
