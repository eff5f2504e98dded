<script setup lang="ts">
import { homeOf, read, type Packed, type UnitId } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import { useBook } from '../../state/book.ts';

/** Labels for folders, baskets and bins, to be cut apart: 90 mm wide each, with a line of 100 mm to check the printer by. */
const store = useBook();
const route = useRoute();
const unit = computed(() => store.book.units[String(route.params.unitId) as UnitId] ?? null);
const labels = computed((): readonly Packed[] => {
  if (!unit.value) return [];
  const { folders, circle, table, bins } = read(store.book, unit.value.id, store.today!).packing;
  return [...folders, ...circle, ...table, ...bins];
});
const print = (): void => window.print();
const home = computed(() => homeOf(store.book));
</script>

<template>
  <main class="sheet-page">
    <header class="no-print">
      <RouterLink v-if="unit" :to="{ name: 'ready', params: { unitId: unit.id } }"
        >Back to Make ready</RouterLink
      >
      <v-btn class="is-main" @click="print">Print</v-btn>
    </header>
    <p v-if="!unit" class="empty">This unit is not here any more.</p>
    <p v-else-if="labels.length === 0" class="empty">Nothing is packed for the days ahead.</p>
    <template v-else>
      <div class="labels">
        <section v-for="label in labels" :key="label.key" class="label" data-test="label">
          <h2>{{ label.title }}</h2>
          <p class="of">{{ unit.title }} · {{ home.name }}</p>
          <ul>
            <li v-for="thing in label.things" :key="thing">{{ thing }}</li>
          </ul>
        </section>
      </div>
      <p class="check">
        <span aria-hidden="true"></span>This line is 100 mm long when it is printed true to size.
      </p>
    </template>
  </main>
</template>

<style scoped>
.sheet-page {
  padding: 18px;
  background: #fff;
  color: #111;
}
header {
  display: flex;
  gap: 16px;
  align-items: center;
  margin-bottom: 16px;
}
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
.check {
  display: flex;
  gap: 3mm;
  align-items: center;
  margin-top: 6mm;
  font-size: 9pt;
}
.check span {
  flex: none;
  width: 100mm;
  border-top: 0.5mm solid #111;
}
@media print {
  .no-print {
    display: none;
  }
  .sheet-page {
    padding: 0;
  }
}
@page {
  margin: 12mm;
}
</style>
