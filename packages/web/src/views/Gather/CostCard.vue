<script setup lang="ts">
import { formatMoney, homeOf, type Cost, type Money } from '@kobby/core';
import { computed, defineAsyncComponent } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** What it costs: spent, still to spend, used, and against the budget; as a picture and in words. */
const props = defineProps<{ cost: Cost }>();
const BarChart = defineAsyncComponent(() => import('../../parts/BarChart.vue'));
const store = useBook();
const currency = computed(() => homeOf(store.book).currency);
const money = (amount: number): string => formatMoney(Math.round(amount) as Money, currency.value);
const bars = computed(() => {
  const { paid, byKind } = props.cost;
  const named = byKind.map(({ name, cost }) => ({ name, value: cost, text: money(cost) }));
  return [...(paid > 0 ? [{ name: 'Spent already', value: paid, text: money(paid) }] : []), ...named];
});
const total = computed(() => props.cost.paid + props.cost.toBuy);
const over = computed(() => (props.cost.budget === null ? 0 : total.value - props.cost.budget));
</script>

<template>
  <ShelfCard title="Where the money goes" label="Cost" data-test="cost">
    <BarChart
      v-if="bars.length"
      :label="`Cost: ${bars.map(({ name, text }) => `${name} ${text}`).join(', ')}`"
      :bars="bars"
    />
    <p v-else class="soft">Nothing has to be bought, as far as prices are known.</p>
    <p>
      <b class="figures">{{ money(total) }}</b> in all: {{ money(cost.paid) }} spent and
      {{ money(cost.toBuy) }} to spend<template v-if="cost.budget !== null"
        >, of {{ money(cost.budget) }}</template
      >.
      <span v-if="over > 0" class="over">{{ money(over) }} over the budget.</span>
    </p>
    <p class="soft">
      What is used up is worth {{ money(cost.used)
      }}<template v-if="cost.perChildDay !== null"
        >: {{ money(cost.perChildDay) }} a child and day, over {{ cost.childDays }} of those</template
      >. The rest stays in the cupboard.
    </p>
    <p v-if="cost.unpriced.length" class="care-text">
      No price is known of {{ cost.unpriced.map(({ supply }) => supply.name).join(', ') }}.
    </p>
  </ShelfCard>
</template>

<style scoped>
p b {
  font: 700 16px var(--display);
}
.over,
.care-text {
  color: var(--care);
  font-weight: 600;
}
</style>
