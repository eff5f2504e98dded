<script setup lang="ts">
import {
  comesOf,
  formatDay,
  formatDays,
  listed,
  STARTING_VALUES,
  SURE_REASONS,
  sureProblemOf,
  turnSpread,
  type SureDay,
  type SureReason,
} from '@kobby/core';
import { computed, watch } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { useBook } from '../../state/book.ts';
import { useStartingValues } from '../../state/starting-value.ts';
import { useSure } from '../../state/sure.ts';
import { useReading } from '../../state/unit.ts';

/** How sure the plan is: a thousand tries of the days to come with the home's own odds, as a picture and in words. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const { sure, isWorking, trouble, start } = useSure();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const problem = computed(() => sureProblemOf(store.book, reading.value, store.today!));
watch(problem, (tried) => tried.days.length > 0 && start(tried), { immediate: true });
const known = computed(() =>
  comesOf(store.book, reading.value, store.today!)
    .filter(({ days }) => days > 0)
    .toSorted((a, b) => a.share - b.share),
);
// What is not planned holds whatever comes: nothing is said of that.
const isEmpty = computed(() => problem.value.days.every(({ planned }) => planned === 0));
const { valueOf, take } = useStartingValues();
const ODDS = [
  'wetDaysPercent',
  'childComesPercent',
  'adultComesPercent',
  'turnSpreadPercent',
  'spoiltPercent',
] as const;

const ofHundred = (share: number): string => `${Math.round(share * 100)} of 100`;
const REASONS = Object.entries(SURE_REASONS) as [SureReason, { name: string }][];
const dayText = ({ day }: Pick<SureDay, 'day'>): string => `Day ${day.number}`;

const rows = computed(() =>
  (sure.value?.days ?? []).map((one, at) => {
    const tried = problem.value.days[at]!;
    const reasons = REASONS.filter(([id]) => one.because[id] >= 0.005).map(([id, { name }]) => {
      const bare = id === 'weather' ? `, and nothing stands in for ${listed(tried.outdoors)}` : '';
      return `${name} in ${Math.round(one.because[id] * 100)}${bare}`;
    });
    const { missing, keepsakes, planned } = tried;
    const away = missing > 0 ? [`${missing} not expected`] : [];
    const empty = planned === 0 ? ['nothing is planned'] : [];
    // What is not planned has no bar.
    const shares = planned === 0 ? { holds: null, full: one.full } : { holds: one.holds, full: one.full };
    return { ...one, shares, missing, keepsakes, between: [...empty, ...reasons, ...away].join('; ') };
  }),
);
// On days that are alike it is as likely: to the hundredth that is shown.
const fullest = computed(() => {
  const most = Math.max(...rows.value.map(({ full }) => Math.round(full * 100)));
  return { most, days: rows.value.filter(({ full }) => Math.round(full * 100) === most) };
});
const fewest = computed(() => {
  const missing = Math.min(...rows.value.map((row) => row.missing));
  return { missing, days: rows.value.filter((row) => row.missing === missing) };
});
const daysText = (days: readonly Pick<SureDay, 'day'>[]): string =>
  formatDays(days.map(({ day }) => day.number));
const keepsakes = computed(() => rows.value.filter(({ keepsakes: all }) => all.length > 0));
const lacking = computed(() => (sure.value ? Math.max(0, sure.value.reserve - problem.value.reserve) : 0));
const waiting = computed(() => {
  const { reserve } = problem.value;
  return reserve === 0 ? 'Nothing waits' : `${reserve} ${reserve === 1 ? 'waits' : 'wait'}`;
});
const measured = computed(() => turnSpread(store.book));
const MOST_PIECES = 6;
const pieces = computed(() =>
  (sure.value?.pieces ?? [])
    .filter(({ enough, planned }) => enough > planned)
    .toSorted((a, b) => b.short - a.short)
    .slice(0, MOST_PIECES),
);
</script>

<template>
  <PlankSheet v-model="isOpen" title="How sure is it?" hint="the days to come, tried many times" :width="860">
    <p v-if="problem.days.length === 0">Every day of it is over: there is nothing left to try.</p>
    <p v-else-if="trouble" class="wrong" role="alert">It could not be tried: {{ trouble }}</p>
    <template v-if="sure">
      <p class="whole" role="status" data-test="whole">
        <template v-if="isEmpty">Nothing is planned for these days yet: only who comes can be told.</template>
        <template v-else>
          Every day holds as planned in <b>{{ ofHundred(sure.whole) }}</b> tries.
        </template>
        <span v-if="isWorking" class="soft">{{ sure.tries }} tries so far …</span>
      </p>
      <ul class="says">
        <li v-if="fullest.most > 0" data-test="fullest">
          What wants everyone fits {{ daysText(fullest.days) }} best: everyone is there in
          {{ fullest.most }} of 100.
          <template v-for="row in keepsakes" :key="row.day.number">
            <template v-if="!fullest.days.includes(row)">
              {{ listed(row.keepsakes) }} {{ row.keepsakes.length === 1 ? 'is' : 'are' }} for every folder:
              {{ dayText(row) }} has everyone in {{ ofHundred(row.full) }}.
            </template>
          </template>
        </li>
        <li v-else data-test="fullest">
          Not everyone is expected on any day. The fewest are missing on {{ daysText(fewest.days) }}:
          {{ fewest.missing }}.
        </li>
        <li data-test="reserve">
          <template v-if="sure.reserve === 0">The reserve is hardly needed.</template>
          <template v-else>
            In nine tries of ten {{ sure.reserve }} out of the reserve
            {{ sure.reserve === 1 ? 'is' : 'are' }} enough.
          </template>
          {{ waiting }} there for indoors{{ lacking > 0 ? `: ${lacking} more would do` : '' }}.
        </li>
        <li v-for="one in pieces" :key="one.supply.id" data-test="spares">
          {{ one.supply.name }}: {{ one.planned }} are planned, {{ one.enough }} are enough in nine tries of
          ten.
        </li>
        <li v-if="pieces.length === 0 && sure.pieces.length > 0" data-test="spares">
          The spares that are planned are enough.
        </li>
      </ul>
      <div class="days" role="region" aria-label="Day by day" tabindex="0">
        <table data-test="sure-days">
          <caption>
            In how many of 100 tries
          </caption>
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">holds as planned</th>
              <th scope="col">everyone is there</th>
              <th scope="col">what comes between</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.day.number">
              <th scope="row">
                {{ dayText(row) }} <small>{{ formatDay(row.day.date) }}</small>
              </th>
              <td v-for="(share, what) in row.shares" :key="what">
                <span
                  v-if="share !== null"
                  class="bar figures"
                  :class="what"
                  :style="{ '--share': `${share * 100}%` }"
                  >{{ Math.round(share * 100) }}</span
                >
              </td>
              <td>{{ row.between }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <details>
        <summary>What it reckons with</summary>
        <p v-for="id in ODDS" :key="id" class="odd">
          <label :for="id">{{ STARTING_VALUES[id].name }}</label>
          <span class="figures">
            <input
              :id="id"
              type="number"
              :name="id"
              :min="STARTING_VALUES[id].min"
              :max="STARTING_VALUES[id].max"
              :value="valueOf(id)"
              @change="take(id, $event)"
            />
            %
          </span>
        </p>
        <ul>
          <li v-for="one in known" :key="one.child.id">
            {{ one.child.shownAs }} comes on {{ ofHundred(one.share) }} days when expected, with what was
            tapped on {{ one.days === 1 ? 'one day' : `${one.days} days` }}.
          </li>
          <li v-if="measured.times > 0">
            A turn takes mostly {{ Math.round(measured.spread * 100) }} % more or less, with what was measured
            {{ measured.times === 1 ? 'once' : `${measured.times} times` }}.
          </li>
          <li>
            A day holds when rain or snow stops nothing that nothing stands in for, adults are enough without
            whoever is away, and turns fit into their time.
          </li>
          <li>Each day, child and turn apart from the others: illness that goes round is not in it.</li>
        </ul>
      </details>
    </template>
  </PlankSheet>
</template>

<style scoped>
.whole {
  margin-bottom: var(--gap-3);
}
.days {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}
th,
td {
  padding: var(--gap-1) var(--gap-2);
  border-bottom: 1px dashed var(--line);
  text-align: left;
  vertical-align: top;
}
caption {
  padding-bottom: var(--gap-2);
  color: var(--ink-soft);
  font-size: 13px;
  text-align: left;
}
thead th {
  color: var(--ink-soft);
  font-size: 12px;
}
.says {
  margin: var(--gap-4) 0;
}
.says li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
summary {
  margin-top: var(--gap-3);
  min-height: 24px;
  font-weight: 600;
}
input {
  width: 5.5em;
  min-height: 30px;
  padding: 0 var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: inherit;
  font: inherit;
}
.odd {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  justify-content: space-between;
  align-items: center;
  max-width: 520px;
  padding: var(--gap-1) 0;
}
details ul {
  margin: var(--gap-2) 0;
}
.soft {
  color: var(--ink-soft);
}
.bar {
  display: block;
  min-width: 84px;
  padding: 0 var(--gap-2);
  background: linear-gradient(to right, var(--tint) var(--share), var(--well) var(--share));
  border-radius: 3px;
}
.bar.full {
  background: linear-gradient(to right, var(--tape) var(--share), var(--well) var(--share));
  color: var(--tape-ink);
}
small {
  font-weight: 400;
}
@media (max-width: 600px) {
  small {
    display: none;
  }
}
</style>
