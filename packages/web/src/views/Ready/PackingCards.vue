<script setup lang="ts">
import type { Packed } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useReading } from '../../state/unit.ts';

/** What lies in each day's folder, in the two baskets and in each child's bin: the packing list. */
const reading = useReading();
const groups = computed((): { title: string; empty: string; list: readonly Packed[] }[] => {
  const { folders, circle, table, bins } = reading.value.packing;
  return [
    { title: 'Day folders', empty: 'No sheets are printed for the days ahead.', list: folders },
    { title: 'Circle basket', empty: 'Nothing is planned for circle time.', list: circle },
    { title: 'Table basket', empty: 'Nothing at the table needs things.', list: table },
    { title: 'Bins of the children', empty: 'No child has anything in a bin.', list: bins },
  ];
});
</script>

<template>
  <div class="packing">
    <p class="soft">
      Everything by the day on which it is used.
      <RouterLink :to="{ name: 'labels', params: { unitId: reading.frame.unit.id } }"
        >Labels to print</RouterLink
      >
    </p>
    <ShelfCard v-for="group in groups" :key="group.title" :title="group.title">
      <p v-if="group.list.length === 0" class="soft">{{ group.empty }}</p>
      <dl v-else>
        <div v-for="one in group.list" :key="one.key">
          <dt>{{ one.title }}</dt>
          <dd>
            <ul>
              <li v-for="thing in one.things" :key="thing">{{ thing }}</li>
            </ul>
          </dd>
        </div>
      </dl>
    </ShelfCard>
  </div>
</template>

<style scoped>
.packing {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--gap-4);
  align-items: start;
}
.packing > p {
  grid-column: 1 / -1;
}
dl > div {
  display: grid;
  grid-template-columns: 108px minmax(0, 1fr);
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
dt {
  font-weight: 700;
}
@media (max-width: 1100px) {
  .packing {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
