<script setup lang="ts">
import { unique, type Supply } from '@kobby/core';
import { computed, ref } from 'vue';
import FoldedCard from '../../parts/FoldedCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** The things of the unit: what was used up, lost or bent, by one touch into the stock ledger. */
const store = useBook();
const reading = useReading();
const said = ref<Readonly<Record<string, string>>>({});
// What was used on days that are over is gathered no more: it is told by what was placed.
const things = computed(() =>
  unique(reading.value.placements.flatMap(({ content }) => content.materials.map(({ supplyId }) => supplyId)))
    .flatMap((id) => store.book.supplies[id] ?? [])
    .toSorted((a, b) => (a.name < b.name ? -1 : 1)),
);

function tell(supply: Supply): void {
  const isUp = supply.use === 'consumable';
  const result = store.perform([
    {
      type: 'cupboard/record-stock',
      move: {
        id: `gone-${newId()}`,
        supplyId: supply.id,
        kind: isUp ? 'counted' : 'thrown',
        amount: isUp ? 0 : 1,
        at: store.instant(),
        forUnit: reading.value.frame.unit.id,
      },
    },
  ]);
  const done = isUp ? 'nothing is left' : 'one less';
  said.value = {
    ...said.value,
    [supply.id]: result.done ? done : (result.errors[0]?.message ?? 'not kept'),
  };
}
</script>

<template>
  <FoldedCard v-if="things.length > 0" title="Used up, lost, bent" :value="`${things.length} things`">
    <ul data-test="gone">
      <li v-for="supply in things" :key="supply.id">
        <span>{{ supply.name }}</span>
        <span class="soft" role="status">{{ said[supply.id] }}</span>
        <v-btn
          class="is-quiet"
          size="small"
          :aria-label="`${supply.use === 'consumable' ? 'Used up' : 'One is gone'}: ${supply.name}`"
          @click="tell(supply)"
          >{{ supply.use === 'consumable' ? 'Used up' : 'One is gone' }}</v-btn
        >
      </li>
    </ul>
  </FoldedCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--gap-3);
  align-items: center;
  border-top: 1px dashed var(--line);
}
</style>
