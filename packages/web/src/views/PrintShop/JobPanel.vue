<script setup lang="ts">
import {
  CARD_SIZES,
  formatDuration,
  cornersOnShelf,
  LEVELS,
  CARD_KINDS,
  PAPERS,
  type CardJob,
  type CardKindId,
  type Child,
} from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useBook } from '../../state/book.ts';
import CutPlan from './CutPlan.vue';
import { MOST_COPIES, type Shop } from './shop.ts';

/** What a job takes, and where it goes: kept, it is gathered, made ready and laid into bins as all that is printed. */
const props = defineProps<{ shop: Shop }>();
const store = useBook();
const { chosen, made, printed, work, children, canLevel, isLevelled, keptNow, trouble, unit, unitId } =
  props.shop;

const total = (of: (job: CardJob) => number): number =>
  printed.value.reduce((sum, { job }) => sum + of(job), 0);
const sheets = computed(() => total((job) => job.sheets.length));
const cards = computed(() => total((job) => job.cards));
const cuts = computed(() => total(({ grid }) => (chosen.laminate ? grid.singleCuts : grid.cuts)));
const singleCuts = computed(() => total(({ grid }) => grid.singleCuts));
const first = computed(() => made.value.sets[0]?.job ?? null);
const untold = computed(() => [...new Set(made.value.sets.flatMap(({ job }) => job.untold))]);
const minutes = computed(() => {
  const { printSeconds = 0, laminateSeconds = 0, cutSeconds = 0 } = work.value ?? {};
  const steps = [
    ['print', printSeconds],
    ['laminate', laminateSeconds],
    ['cut', cutSeconds],
  ] as const;
  const told = steps.flatMap(([name, seconds]) => {
    const whole = Math.ceil(seconds / 60);
    return whole > 0 ? [{ name, whole }] : [];
  });
  return {
    all: told.reduce((sum, { whole }) => sum + whole, 0),
    told: told.map(({ name, whole }) => `${name} ${whole}`).join(', '),
  };
});
const corners = computed(() => cornersOnShelf(store.book.corners));
const days = computed(() => Array.from({ length: unit.value?.dayCount ?? 0 }, (_, i) => i + 1));
const level = (child: Child, event: Event): unknown =>
  props.shop.give(child, (event.target as HTMLSelectElement).value as CardKindId);
</script>

<template>
  <aside class="job" aria-label="This job">
    <h2>This job</h2>
    <fieldset>
      <legend>{{ first?.isPages ? 'What is on it' : 'Size' }}</legend>
      <label v-for="(one, id) in CARD_SIZES" :key="id">
        <input v-model="chosen.size" type="radio" name="size" :value="id" /> {{ one.name }}
        <small v-if="CARD_KINDS[shop.kind.value].format === 'card'" class="soft figures"
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
    <dl v-if="first" data-test="job">
      <dt class="figures">{{ cards }}</dt>
      <dd>{{ first.isPages ? 'pages' : cards === 1 ? 'card' : 'cards' }}</dd>
      <dt class="figures">{{ sheets }}</dt>
      <dd>
        {{ sheets === 1 ? 'sheet' : 'sheets' }} of {{ PAPERS[chosen.paper].name
        }}{{ first.grid.page.width > first.grid.page.height ? ', across' : '' }}
      </dd>
      <template v-if="chosen.laminate">
        <dt class="figures">{{ sheets }}</dt>
        <dd>{{ sheets === 1 ? 'pouch' : 'pouches' }}, laminated whole, then cut</dd>
      </template>
      <template v-if="cuts > 0">
        <dt class="figures">{{ cuts }}</dt>
        <dd>
          straight cuts{{ singleCuts > cuts ? `, sheets laid on each other, instead of ${singleCuts}` : '' }}
        </dd>
      </template>
      <dt class="figures">{{ minutes.all }}</dt>
      <dd>minutes: {{ minutes.told }}</dd>
    </dl>
    <CutPlan v-if="first && cuts > 0 && !chosen.laminate" :job="first" />
    <p v-if="untold.length > 0" class="wrong" role="status">
      Too long for a card of this size: {{ untold.join(', ') }}. Take a larger one.
    </p>
    <p v-if="first" class="soft">Print at 100 %, without fitting to the page.</p>
    <fieldset v-if="first" class="goes">
      <legend>Goes to</legend>
      <label class="field">
        Where
        <select v-model="chosen.place" name="place">
          <option value="bins">Bins of the children</option>
          <option v-for="corner in corners" :key="corner.id" :value="corner.id">{{ corner.name }}</option>
        </select>
      </label>
      <label class="field">
        From
        <select v-model="chosen.fromDay" name="fromDay">
          <option v-for="day in days" :key="day" :value="day">Day {{ day }}</option>
        </select>
      </label>
      <template v-if="isLevelled && chosen.place === 'bins'">
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
        Kept, {{ formatDuration(minutes.all) }} of work:
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
