<script setup lang="ts">
import { lensFor, LENSES, targetKey, type BalanceRow, type Child, type LensId } from '@kobby/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { useReading } from '../state/unit.ts';
import OneOf from './OneOf.vue';
import PlankSheet from './PlankSheet.vue';

/** How a unit is spread: headings of any lens across its days or across the children, as a picture and as text. */
const emit = defineEmits<{ close: [] }>();
const HeatChart = defineAsyncComponent(() => import('./HeatChart.vue'));
const store = useBook();
const reading = useReading();
const desk = useDesk();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const lens = ref<LensId>(lensFor(reading.value.frame));
const SPREADS = { days: { name: 'over the days' }, children: { name: 'over the children' } } as const;
const across = ref<keyof typeof SPREADS>('days');
const balance = computed(() => reading.value.balance(lens.value));
const columns = computed(() =>
  across.value === 'days'
    ? reading.value.frame.calendar.days.map(({ number }) => String(number))
    : balance.value.children.map(({ name }) => name.split(' ')[0]!),
);
const values = computed(() =>
  balance.value.rows.map((row) => (across.value === 'days' ? row.byDay : row.byChild)),
);

/** Lays what could fill a heading on the ledge, for everyone or for one child. */
function fill(row: BalanceRow, child: Child | null = null): void {
  desk.look({ heading: { lens: lens.value, id: row.id }, child });
  emit('close');
}
function onCell(row: number, column: number): void {
  const one = balance.value.rows[row];
  if (one) fill(one, across.value === 'children' ? (balance.value.children[column] ?? null) : null);
}
function setTarget(row: BalanceRow, event: Event): void {
  const { unit } = reading.value.frame;
  const value = (event.target as HTMLInputElement).valueAsNumber;
  const targets = { ...unit.targets };
  if (Number.isNaN(value)) delete targets[targetKey(lens.value, row.id)];
  else targets[targetKey(lens.value, row.id)] = value;
  const result = store.perform([{ type: 'unit/revise', unit: { ...unit, targets } }]);
  if (!result.done) store.notice = `The target stays: ${result.errors[0]?.message ?? ''}`;
}
const isPlace = (row: BalanceRow): boolean => lens.value === 'corners' && row.id in store.book.corners;
</script>

<template>
  <PlankSheet v-model="isOpen" title="Balance" :hint="balance.text" :width="1040">
    <div class="choose">
      <OneOf v-model="lens" label="Looked at" :options="LENSES" />
      <OneOf v-model="across" label="Spread" :options="SPREADS" />
    </div>
    <p v-if="balance.runs" class="soft" data-test="runs">{{ balance.runs }}</p>
    <div class="spread" role="region" aria-label="The balance, and what is hoped for" tabindex="0">
      <div class="picture" :style="{ minHeight: `${balance.rows.length * 27 + 34}px` }">
        <HeatChart
          :label="`${LENSES[lens].name}, over the ${across}. ${balance.text}`"
          :rows="balance.rows.map(({ name }) => name)"
          :columns="columns"
          :values="values"
          @cell="onCell"
        />
      </div>
      <table>
        <caption class="sr-only">
          Headings with how much is planned and hoped for
        </caption>
        <thead>
          <tr>
            <th scope="col"><span class="sr-only">Heading</span></th>
            <th scope="col">here</th>
            <th scope="col">hoped</th>
            <th scope="col"><span class="sr-only">What to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in balance.rows" :key="row.id" :class="{ thin: row.isThin }">
            <th scope="row" class="sr-only">
              {{ row.name }}: {{ columns.map((column, j) => `${column} ${values[i]?.[j] ?? 0}`).join(', ') }}
            </th>
            <td class="figures">{{ row.total }}</td>
            <td>
              <span v-if="isPlace(row)" class="figures">{{ row.target || '–' }}</span>
              <input
                v-else
                type="number"
                min="0"
                max="200"
                :value="row.target"
                :aria-label="`Hoped for: ${row.name}`"
                @change="setTarget(row, $event)"
              />
            </td>
            <td>
              <button
                type="button"
                :aria-label="`${row.isThin ? 'thin: fill it' : 'see what fits'}: ${row.name}`"
                @click="fill(row)"
              >
                {{ row.isThin ? 'thin: fill it' : 'see what fits' }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </PlankSheet>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--gap-3) var(--gap-5);
  margin-bottom: var(--gap-3);
}
.spread {
  overflow-x: auto;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: var(--gap-3);
}
table {
  border-collapse: collapse;
}
thead th {
  height: 26px;
  padding: 0;
  color: var(--ink-soft);
  font-weight: 400;
  font-size: 12.5px;
  text-align: left;
}
tbody tr {
  height: 27px;
}
td {
  padding: 0 var(--gap-3) 0 0;
}
td input {
  width: 46px;
  height: 24px;
  padding: 0 var(--gap-1) 0 var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
td button {
  padding: 0;
  min-height: 24px;
  background: none;
  border: 0;
  text-decoration: underline;
  text-underline-offset: 2px;
  white-space: nowrap;
}
.thin td {
  color: var(--care);
  font-weight: 700;
}
@media (max-width: 900px) {
  .spread {
    grid-template-columns: 1fr;
  }
}
</style>
