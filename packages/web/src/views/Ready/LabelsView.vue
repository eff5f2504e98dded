<script setup lang="ts">
import { homeOf, read, type Packed, type UnitId } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';

/** Labels for folders, baskets and bins, to be cut apart: 90 mm wide each, with a line of 100 mm to check the printer by. */
const store = useBook();
const route = useRoute();
const unit = computed(() => store.book.units[String(route.params.unitId) as UnitId] ?? null);
const labels = computed((): readonly Packed[] => {
  if (!unit.value) return [];
  const { folders, circle, table, bins } = read(store.forOthers, unit.value.id, store.today!).packing;
  return [...folders, ...circle, ...table, ...bins];
});
const home = computed(() => homeOf(store.book));
</script>

<template>
  <SheetPage
    title="Labels"
    :back="{ name: 'ready', params: { unitId: String(route.params.unitId) } }"
    back-to="Back to Make ready"
  >
    <p v-if="!unit" class="empty">This unit is not here any more.</p>
    <p v-else-if="labels.length === 0" class="empty">Nothing is packed for the days ahead.</p>
    <template v-else>
      <h1 class="sr-only">Labels</h1>
      <div class="labels">
        <section v-for="label in labels" :key="label.key" class="label" data-test="label">
          <h2>{{ label.title }}</h2>
          <p class="of">{{ unit.title }} · {{ home.name }}</p>
          <ul>
            <li v-for="thing in label.things" :key="thing">{{ thing }}</li>
          </ul>
        </section>
      </div>
    </template>
  </SheetPage>
</template>

<style scoped>
.labels {
  display: flex;
  flex-wrap: wrap;
  gap: 4mm;
}
.label {
  width: 90mm;
  min-height: 40mm;
  padding: 4mm 5mm;
  border: 0.4mm dashed #777;
  break-inside: avoid;
}
.label h2 {
  font: 700 16pt/1.15 var(--display);
}
.of {
  margin-bottom: 1.5mm;
  font-size: 9pt;
}
.label li {
  font-size: 10pt;
  line-height: 1.3;
}
</style>
