<script setup lang="ts">
import { PRINTED, printedPages, type PrintedId, type PrintedPage, type UnitId } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';
import PrintedParts from './PrintedParts.vue';
import ThingPicture from '../../parts/ThingPicture.vue';

/** A sheet of a unit as it is printed: pages, cards two across, or labels true to size. */
const store = useBook();
const route = useRoute();
const unitId = String(route.params.unitId) as UnitId;
const isSheet = (id: string): id is PrintedId => Object.hasOwn(PRINTED, id);
const sheet = computed(() => {
  const id = String(route.params.sheet);
  return isSheet(id) ? PRINTED[id] : null;
});
const unit = computed(() => store.book.units[unitId] ?? null);
const pages = computed((): readonly PrintedPage[] => {
  const id = String(route.params.sheet);
  if (!unit.value || !isSheet(id)) return [];
  const day = route.query.day === 'all' ? 'all' : Number(route.query.day ?? 1);
  return printedPages(id, store.book, { unitId, day, today: store.today! });
});
</script>

<template>
  <SheetPage
    :title="sheet?.name ?? 'To print'"
    :back="{ name: 'hand-over', params: { unitId }, query: { part: 'paper' } }"
    back-to="Back to Hand over"
    :measured="sheet?.layout !== 'landscape'"
  >
    <p v-if="!unit" class="empty">This unit is not here any more.</p>
    <p v-else-if="!sheet" class="empty">There is no such sheet.</p>
    <p v-else-if="pages.length === 0" class="empty">There is nothing to print here yet: {{ sheet.hint }}.</p>
    <div v-else :class="sheet.layout" data-test="printed">
      <article v-for="page in pages" :key="page.key" class="page" :class="{ shown: page.shownBy }">
        <ThingPicture v-if="page.shownBy" v-bind="page.shownBy" :size="52" eager />
        <div>
          <h1>{{ page.title }}</h1>
          <p class="sub">{{ page.sub }}</p>
          <PrintedParts :parts="page.parts" />
        </div>
      </article>
    </div>
  </SheetPage>
</template>

<style scoped>
.shown {
  display: flex;
  gap: 3mm;
  align-items: flex-start;
}
.shown > div {
  flex: 1;
}
.page {
  font-size: 11pt;
  line-height: 1.35;
}
h1 {
  font: 700 19pt/1.15 var(--display);
}
.sub {
  margin-bottom: 2mm;
  padding-bottom: 1.5mm;
  border-bottom: 0.6mm solid #111;
  font-size: 9.5pt;
}
.pages .page {
  max-width: 186mm;
  margin-bottom: 12mm;
}
.pages .page + .page {
  break-before: page;
}
.landscape .page {
  page: across;
  margin-bottom: 12mm;
}
.landscape .page {
  font-size: 8.5pt;
  line-height: 1.2;
}
.landscape h1 {
  font-size: 15pt;
}
.landscape .sub {
  margin-bottom: 1mm;
  font-size: 8.5pt;
}
@page across {
  size: landscape;
  margin: 12mm;
}
@media print {
  .landscape .page {
    margin-bottom: 0;
  }
}
.cards {
  display: grid;
  grid-template-columns: repeat(2, 88mm);
  gap: 5mm;
}
.cards .page,
.labels .page {
  padding: 4mm;
  border: 0.4mm dashed #777;
  font-size: 9.5pt;
  break-inside: avoid;
}
.cards h1 {
  font-size: 14pt;
}
.labels {
  display: grid;
  grid-template-columns: repeat(2, 90mm);
  gap: 4mm;
}
.labels .page {
  box-sizing: border-box;
  width: 90mm;
  height: 50mm;
  overflow: hidden;
}
.labels h1 {
  font-size: 13pt;
}
.labels .sub,
.cards .sub {
  margin-bottom: 1mm;
  padding-bottom: 1mm;
  border-bottom-width: 0.3mm;
  font-size: 8.5pt;
}
@media screen and (max-width: 900px) {
  .cards,
  .labels {
    grid-template-columns: 1fr;
  }
}
</style>
