<script setup lang="ts">
import {
  BASKETS,
  changesOfDayUsed,
  dayToTakeOut,
  formatMoney,
  homeOf,
  phaseOf,
  type BasketId,
  type SupplyId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import PageBar from '../../parts/PageBar.vue';
import CostCard from './CostCard.vue';
import CostSheet from './CostSheet.vue';
import ErrandSheet from './ErrandSheet.vue';
import NeedField from './NeedField.vue';
import PrintBasket from './PrintBasket.vue';
import SupplyBasket from './SupplyBasket.vue';
import WantedCard from './WantedCard.vue';

/** What the unit still needs, for the children who will be there: a basket for each way of getting it. */
const store = useBook();
const reading = useReading();
const home = computed(() => homeOf(store.book));
const openId = ref<SupplyId | null>(null);
const priceId = ref<SupplyId | null>(null);
const unit = computed(() => reading.value.frame.unit);
const linesIn = (basket: BasketId) => reading.value.supplies.filter((line) => line.basket === basket);

const EMPTY: Readonly<Partial<Record<BasketId, string>>> = {
  buy: 'Nothing has to be bought.',
  shelf: 'Nothing is needed from the shelf.',
};
// Buying, cooking and the shelf are always there; the others when there is something in them.
const LEFT: readonly BasketId[] = ['buy', 'cook', 'make', 'families', 'borrow', 'collect', 'print'];
const RIGHT: readonly BasketId[] = ['shelf'];
const columns = computed(() =>
  [LEFT, RIGHT].map((ids) =>
    ids
      .map((id) => ({ id, lines: linesIn(id) }))
      .filter(({ id, lines }) => lines.length > 0 || EMPTY[id] !== undefined),
  ),
);
const hint = computed(() => {
  const { days } = reading.value.frame.calendar;
  const next = days.find((day) => day.date >= store.today!);
  return next
    ? `everything Day ${next.number} to ${days.length} still needs, for the children who will be there`
    : 'this unit is over';
});
const doneDay = computed(() => dayToTakeOut(store.book, unit.value.id, store.today!));
const isOver = computed(() => phaseOf(reading.value.frame, store.today!) === 'over');
function takeOut(): void {
  if (doneDay.value === null) return;
  const stamp = { at: store.instant(), newId };
  store.perform(changesOfDayUsed(store.book, unit.value.id, doneDay.value, stamp));
}
const spent = computed(() => {
  const { paid, budget } = reading.value.cost;
  const of = budget === null ? '' : ` of ${formatMoney(budget, home.value.currency)}`;
  return `Spent ${formatMoney(paid, home.value.currency)}${of}`;
});
const lineOf = (id: string | null) => reading.value.supplies.find(({ supply }) => supply.id === id) ?? null;
const opened = computed(() => lineOf(openId.value));
const priced = computed(() => lineOf(priceId.value));
</script>

<template>
  <PageBar title="Baskets" :hint="hint">
    <span class="spent figures" data-test="spent">{{ spent }}</span>
    <v-btn v-if="doneDay !== null" class="is-side" data-test="take-out" @click="takeOut">
      Day {{ doneDay }} is done: take out what it used
    </v-btn>
    <v-btn class="is-main" :to="{ name: 'shop', params: { unitId: unit.id } }">Shopping list</v-btn>
  </PageBar>
  <NeedField v-if="!isOver && reading.frame.calendar.days.length" />
  <p v-if="reading.supplies.length === 0 && isOver" class="empty">
    This unit is over: nothing is needed for it any more.
  </p>
  <p v-else-if="reading.supplies.length === 0" class="empty">
    Nothing to gather yet. Put something in a corner or on a day, and its things appear here with their
    amounts.
  </p>
  <div v-else class="baskets">
    <div v-for="(column, i) in columns" :key="i" class="column">
      <CostCard v-if="i === 1" :cost="reading.cost" />
      <SupplyBasket
        v-for="{ id, lines } in column"
        :key="id"
        :basket="id"
        :title="BASKETS[id]"
        :lines="lines"
        :empty="EMPTY[id] ?? ''"
        @open="openId = $event"
        @price="priceId = $event"
      />
      <WantedCard v-if="i === 1" />
      <PrintBasket v-if="i === 0 && reading.prints.length" :jobs="reading.prints" />
    </div>
  </div>
  <CostSheet v-if="priced" :key="priced.supply.id" :line="priced" @close="priceId = null" />
  <ErrandSheet v-if="opened" :key="opened.supply.id" :line="opened" @close="openId = null" />
</template>

<style scoped>
.baskets {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.column {
  display: grid;
  gap: var(--gap-5);
}
.spent {
  align-self: center;
  font-weight: 600;
}
@media (max-width: 1100px) {
  .baskets {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
