<script setup lang="ts">
import {
  CARD_SIZES,
  formatDuration,
  cornersOnShelf,
  LEVELS,
  MOST_COPIES,
  CARD_KINDS,
  PAPERS,
  type CardKindId,
  type Child,
} from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useBook } from '../../state/book.ts';
import CutPlan from './CutPlan.vue';
import type { Shop } from './shop.ts';

/** What a job takes, and where it goes: kept, it is gathered, made ready and laid into bins as all that is printed. */
const props = defineProps<{ shop: Shop }>();
const store = useBook();
const { chosen, made, figures, children, canLevel, isLevelled, keptNow, trouble, unit, unitId } = props.shop;
const { kindOf, place, toBins } = props.shop;
const first = computed(() => made.value.sets[0]?.job ?? null);
const count = (number: number, one: string, many: string): string => (number === 1 ? one : many);
const corners = computed(() => cornersOnShelf(store.book.corners));
const days = computed(() => Array.from({ length: unit.value?.dayCount ?? 0 }, (_, i) => i + 1));
const goTo = (event: Event): unknown =>
  (chosen.place = (event.target as HTMLSelectElement).value as typeof chosen.place);
const level = (child: Child, event: Event): unknown =>
  props.shop.give(child, (event.target as HTMLSelectElement).value as CardKindId);
</script>

<template>
  <aside class="job" aria-label="This job">
    <h2>This job</h2>
    <fieldset v-if="kindOf.sized">
      <legend>{{ kindOf.sized === 'card' ? 'Size' : 'What is on it' }}</legend>
      <label v-for="(one, id) in CARD_SIZES" :key="id">
        <input v-model="chosen.size" type="radio" name="size" :value="id" /> {{ one.name }}
        <small v-if="kindOf.format === 'card'" class="soft figures"
          >{{ one.width }} × {{ one.height }} mm</small
        >
      </label>
    </fieldset>
    <fieldset>
      <legend>Paper</legend>
      <label v-for="(one, id) in PAPERS" :key="id">
        <input v-model="chosen.paper" type="radio" name="paper" :value="id" /> {{ one.name }}
      </label>
      <label><input v-model="chosen.laminate" type="checkbox" name="laminate" /> Laminated</label>
      <label v-if="canLevel"
        ><input v-model="chosen.levels" type="checkbox" name="levels" /> A set for each level</label
      >
    </fieldset>
    <label class="field">
      Sets <input v-model="chosen.copies" type="number" name="copies" min="1" :max="MOST_COPIES" />
    </label>
    <dl v-if="first && figures" data-test="job">
      <dt class="figures">{{ figures.cards }}</dt>
      <dd>
        {{ first.isPages ? count(figures.cards, 'page', 'pages') : count(figures.cards, 'card', 'cards') }}
      </dd>
      <dt class="figures">{{ figures.sheets }}</dt>
      <dd>
        {{ count(figures.sheets, 'sheet', 'sheets') }} of {{ PAPERS[chosen.paper].name
        }}{{ first.grid.page.width > first.grid.page.height ? ', across' : '' }}
      </dd>
      <template v-if="figures.pouches > 0">
        <dt class="figures">{{ figures.pouches }}</dt>
        <dd>{{ count(figures.pouches, 'pouch', 'pouches') }}, laminated whole, then cut</dd>
      </template>
      <template v-if="figures.cuts > 0">
        <dt class="figures">{{ figures.cuts }}</dt>
        <dd>
          straight cuts{{
            figures.singleCuts > figures.cuts
              ? `, sheets laid on each other, instead of ${figures.singleCuts}`
              : ''
          }}
        </dd>
      </template>
      <dt class="figures">{{ figures.minutes }}</dt>
      <dd>
        {{ count(figures.minutes, 'minute', 'minutes') }}:
        {{ figures.steps.map((step) => `${step.name} ${step.minutes}`).join(', ') }}
      </dd>
    </dl>
    <CutPlan v-if="first && figures && figures.cuts > 0 && !chosen.laminate" :job="first" />
    <p v-if="figures?.untold.length" class="wrong" role="status">
      Too long for a card of this size: {{ figures.untold.join(', ') }}. Take a larger one.
    </p>
    <p v-if="first" class="soft">Print at 100 %, without fitting to the page.</p>
    <fieldset v-if="first" class="goes">
      <legend>Goes to</legend>
      <label class="field">
        Where
        <select :value="place" name="place" @change="goTo">
          <option v-if="kindOf.bins !== 'none'" value="bins">Bins of the children</option>
          <option v-for="corner in corners" :key="corner.id" :value="corner.id">{{ corner.name }}</option>
        </select>
      </label>
      <label class="field">
        From
        <select v-model="chosen.fromDay" name="fromDay">
          <option v-for="day in days" :key="day" :value="day">Day {{ day }}</option>
        </select>
      </label>
      <template v-if="isLevelled && toBins">
        <label v-for="child in children" :key="child.id" class="field">
          {{ child.shownAs }}
          <select :value="shop.levelOf(child)" :name="`level-${child.id}`" @change="level(child, $event)">
            <option v-for="one in LEVELS" :key="one.kind" :value="one.kind">
              {{ CARD_KINDS[one.kind].name }}
            </option>
          </select>
        </label>
      </template>
      <v-btn class="is-quiet" @click="shop.keep()">Keep it as a job</v-btn>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <p v-if="keptNow" role="status">
        Kept, {{ formatDuration(figures?.minutes ?? 0) }} of work:
        <RouterLink :to="{ name: 'gather', params: { unitId } }">Gather</RouterLink> and
        <RouterLink :to="{ name: 'ready', params: { unitId } }">Make ready</RouterLink> know of it.
      </p>
    </fieldset>
  </aside>
</template>

<style scoped>
.job {
  display: grid;
  gap: var(--gap-4);
}
h2 {
  font: 700 19px var(--display);
}
fieldset {
  display: grid;
  gap: var(--gap-1);
  padding: 0;
  border: 0;
}
.goes {
  gap: var(--gap-3);
}
legend {
  padding: 0;
  font-weight: 700;
}
fieldset label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: 28px;
}
.field {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
}
.field input,
select {
  min-height: 32px;
  padding: 0 var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.field input {
  width: 72px;
}
select {
  min-width: 0;
  max-width: 165px;
}
.wrong {
  overflow-wrap: anywhere;
}
dl {
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: var(--gap-2) var(--gap-3);
  align-items: baseline;
}
dt {
  border-bottom: 2px dotted var(--shelf);
  font: 700 19px var(--display);
  text-align: right;
}
@media (max-width: 900px) {
  fieldset label,
  .field input,
  select {
    min-height: var(--touch);
  }
}
@media print {
  .job {
    display: none;
  }
}
</style>
