<script setup lang="ts">
import { explainLine, formatDay, formatQuantity, homeOf, type Quantity, type SupplyLine } from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** A basket of supplies, amounts first; pressing an amount tells how it came about. */
defineProps<{ title: string; lines: readonly SupplyLine[]; empty: string; missing?: boolean }>();
const store = useBook();
const units = computed(() => homeOf(store.book).units);
const shown = (q: Quantity): string => formatQuantity(q, units.value);
const dueText = ({ by }: SupplyLine): string =>
  by.date === store.today ? 'today' : `by ${formatDay(by.date, 'brief')}`;
const explained = ref<string | null>(null);
</script>

<template>
  <ShelfCard
    :title="`${title} · ${lines.length}`"
    :label="title"
    :data-test="`basket-${missing ? 'buy' : 'have'}`"
  >
    <p v-if="lines.length === 0" class="soft">{{ empty }}</p>
    <ul>
      <li v-for="line in lines" :key="line.supply.id" :data-test="`supply-${line.supply.id}`">
        <button
          type="button"
          class="amount figures"
          :aria-expanded="explained === line.supply.id"
          :aria-label="`${shown(missing ? line.buy : line.need)} ${line.supply.name}: how come`"
          @click="explained = explained === line.supply.id ? null : line.supply.id"
        >
          {{ shown(missing ? line.buy : line.need) }}
        </button>
        <div class="what">
          <span>{{ line.supply.name }}</span>
          <small>
            <template v-if="missing">need {{ shown(line.need) }}, </template>
            {{ line.have.amount > 0 ? `${shown(line.have)} on hand` : 'none on hand' }}
            <template v-if="line.peak"> · most at once on Day {{ line.peak.day.number }}</template>
          </small>
          <div v-if="explained === line.supply.id" class="how-come">
            <p v-for="sentence in explainLine(line, units)" :key="sentence">{{ sentence }}</p>
          </div>
        </div>
        <div class="side">
          <span>{{ missing ? dueText(line) : (line.supply.keptIn ?? '') }}</span>
          <small>Day {{ line.by.number }}</small>
        </div>
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 82px minmax(0, 1fr) auto;
  gap: 0 10px;
  padding: 6px 0 5px;
  border-top: 1px dashed var(--line);
}
.amount {
  align-self: start;
  min-height: 28px;
  padding: 0;
  background: none;
  border: 0;
  font: 700 17px var(--display);
  text-align: right;
  text-decoration: underline dotted var(--edge) 1.5px;
  text-underline-offset: 4px;
}
.what small,
.side {
  color: var(--ink-soft);
  font-size: 12.5px;
}
.what small,
.side small {
  display: block;
}
.side {
  text-align: right;
}
.how-come {
  margin: 5px 0;
  padding: 7px 10px;
  background: var(--care-bg);
  border: 1px solid var(--care-edge);
  border-radius: 5px;
  font-size: 13px;
}
.how-come p:last-child {
  margin-top: 3px;
  font-weight: 600;
}
@media (max-width: 700px) {
  .amount {
    min-height: var(--touch);
  }
}
</style>
