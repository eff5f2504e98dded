<script setup lang="ts">
import { seriesIn, sortedBy, type Thing } from '@kobby/core';
import { computed, ref } from 'vue';
import ThingPicture from '../../parts/ThingPicture.vue';
import { keyOf, titleOf, type Column } from './thing-cells.ts';

/** The things in bowls by one of their properties, and in their orders: what a game with them would look like. */
const props = defineProps<{ things: readonly Thing[]; columns: readonly Column[] }>();
// Places in an order are each their own, names of partners and rhymes too.
const NO_BOWLS: ReadonlySet<string> = new Set(['rank', 'pair', 'rhymes', 'many', 'parts']);
const sortable = computed(() =>
  props.columns.filter(
    (column) => column.kind === 'own' || (column.kind === 'known' && !NO_BOWLS.has(column.id)),
  ),
);
const wanted = ref('known:kind');
const column = computed(
  () => sortable.value.find((one) => keyOf(one) === wanted.value) ?? sortable.value[0] ?? null,
);
const chosen = computed({
  get: () => (column.value ? keyOf(column.value) : ''),
  set: (key) => (wanted.value = key),
});
const bowls = computed(() => {
  if (!column.value) return [];
  const { kind, id } = column.value;
  if (kind === 'room') return [];
  return sortedBy(props.things, kind === 'own' ? { own: id } : id);
});
const filled = computed(() => bowls.value.filter(({ value }) => value !== null).length);
const orders = computed(() => seriesIn(props.things).filter(({ members }) => members.length > 1));
</script>

<template>
  <details v-if="sortable.length" class="sorted">
    <summary>Sorted and in order</summary>
    <label>
      By
      <select v-model="chosen" name="sorted-by">
        <option v-for="one in sortable" :key="keyOf(one)" :value="keyOf(one)">{{ titleOf(one) }}</option>
      </select>
      <span class="soft">{{ filled === 1 ? 'one bowl' : `${filled} bowls` }}</span>
    </label>
    <ul>
      <li v-for="{ value, members } in bowls" :key="value ?? ''">
        <b>{{ value ?? 'not said' }}</b>
        <span v-for="thing in members" :key="thing.id">
          <ThingPicture :name="thing.name" :picture="thing.picture" :size="20" /> {{ thing.name }}
        </span>
      </li>
    </ul>
    <p v-for="{ name, members } in orders" :key="name ?? ''">
      <b>{{ name ?? 'In order' }}</b>
      <span v-for="(thing, i) in members" :key="thing.id"
        >{{ i + 1 }} <ThingPicture :name="thing.name" :picture="thing.picture" :size="20" />
        {{ thing.name }}</span
      >
    </p>
  </details>
</template>

<style scoped>
.sorted {
  margin-top: var(--gap-2);
  font-size: 13.5px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
label,
li,
p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  align-items: center;
  margin-top: var(--gap-1);
}
ul {
  list-style: none;
}
select {
  min-height: 28px;
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
</style>
