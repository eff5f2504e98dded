<script setup lang="ts">
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import PageBar from '../../parts/PageBar.vue';
import SupplyBasket from './SupplyBasket.vue';

/** What the unit still needs, for the children who will be there: two baskets, what to buy and what to find. */
const store = useBook();
const reading = useReading();
const buy = computed(() => reading.value.supplies.filter((line) => line.buy.amount > 0));
const have = computed(() => reading.value.supplies.filter((line) => line.buy.amount === 0));
const from = computed(() => {
  const { days } = reading.value.frame.calendar;
  const next = days.find((day) => day.date >= store.today!);
  return next
    ? `everything Day ${next.number} to ${days.length} still needs, for the children who will be there`
    : 'this unit is over';
});
</script>

<template>
  <PageBar title="Baskets" :hint="from" />
  <p v-if="reading.supplies.length === 0" class="empty">
    Nothing to gather yet. Put something in a corner or on a day, and its things appear here with their
    amounts.
  </p>
  <div v-else class="baskets">
    <SupplyBasket title="Buy" :lines="buy" empty="Nothing is missing." missing />
    <SupplyBasket title="On the shelf" :lines="have" empty="Nothing is needed from the shelf." />
  </div>
</template>

<style scoped>
.baskets {
  display: grid;
  grid-template-columns: 1fr 1.15fr;
  gap: 16px;
  align-items: start;
}
.empty {
  padding: 30px;
  border: 2px dashed var(--edge);
  border-radius: var(--radius);
  text-align: center;
}
@media (max-width: 700px) {
  .baskets {
    grid-template-columns: 1fr;
  }
}
</style>
