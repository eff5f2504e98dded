<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import { headingKey, ideasBySubject, LENSES, overviewGrid, subjectLens, type LensId } from '@kobby/core';
import { computed, ref } from 'vue';
import GridTable from '../../parts/GridTable.vue';
import LevelFlag from '../../parts/LevelFlag.vue';
import PageBar from '../../parts/PageBar.vue';
import WriteField from '../../parts/WriteField.vue';
import { useBook } from '../../state/book.ts';
import { useDesk } from '../../state/desk.ts';
import { useReading } from '../../state/unit.ts';

/** The unit as it lies on one or two sheets: corners across the days, and each subject with its ideas, which is written into here. */
const store = useBook();
const reading = useReading();
const desk = useDesk();

// Whoever hangs ideas on subjects looks at those first.
const isBySubject = ref(reading.value.frame.unit.style === 'letter');
const lens = ref<Exclude<LensId, 'corners'>>(subjectLens(reading.value));
const lenses = Object.entries(LENSES).filter(([id]) => id !== 'corners') as [
  Exclude<LensId, 'corners'>,
  { name: string },
][];
const grid = computed(() => overviewGrid(store.book, reading.value));
const rows = computed(() => ideasBySubject(store.book, reading.value, lens.value));
const sheet = computed(() => (isBySubject.value ? 'by-subject' : 'one-page'));
</script>

<template>
  <PageBar title="On one page" hint="the whole unit at a glance">
    <span class="group" role="group" aria-label="Looked at">
      <button type="button" :aria-pressed="!isBySubject" @click="isBySubject = false">
        Corners and days
      </button>
      <button type="button" :aria-pressed="isBySubject" @click="isBySubject = true">
        Subjects and ideas
      </button>
    </span>
    <v-btn
      class="is-side"
      size="small"
      :prepend-icon="mdiPrinterOutline"
      :to="{ name: 'print', params: { unitId: reading.frame.unit.id, sheet } }"
    >
      On paper
    </v-btn>
  </PageBar>
  <div v-if="!isBySubject" class="paper" data-test="one-page" tabindex="0" aria-label="Corners and days">
    <GridTable :grid="grid" />
  </div>
  <section v-else data-test="by-subject">
    <p class="lens">
      <label>
        Headings
        <select v-model="lens" name="lens">
          <option v-for="[id, { name }] in lenses" :key="id" :value="id">{{ name }}</option>
        </select>
      </label>
      <span class="soft"
        >What is written here counts for its heading; “Day 3:” or “Blocks:” in front puts it there.</span
      >
    </p>
    <ul class="rows">
      <li v-for="{ row, ideas } in rows" :key="row.id">
        <h3>
          {{ row.name }}
          <LevelFlag v-if="row.isThin" level="note" :count="row.target - row.total" />
          <small class="figures">{{ row.total }} of {{ row.target }} hoped for</small>
        </h3>
        <ul class="ideas">
          <li v-for="{ placement, at } in ideas" :key="placement.id">
            <button type="button" @click="desk.open(placement.id)">{{ placement.content.title }}</button>
            <small> {{ at }}</small>
          </li>
        </ul>
        <WriteField :spot="{ kind: 'reserve' }" :name="row.name" :heading="headingKey(lens, row.id)" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.group {
  display: inline-flex;
  gap: var(--gap-2);
}
.group button {
  min-height: 32px;
  padding: 0 var(--gap-4);
  background: none;
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.group [aria-pressed='true'] {
  border-color: var(--plum);
  box-shadow: inset 0 -3px 0 var(--plum);
  font-weight: 600;
}
.paper {
  overflow: auto;
  padding: var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
}
.paper :deep(table) {
  min-width: 720px;
}
.paper :deep(:is(th, td)) {
  border-color: var(--line);
}
.paper :deep(.main th) {
  background: var(--well);
}
.lens {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-3);
}
select {
  min-height: 32px;
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.rows {
  display: grid;
  gap: var(--gap-3);
}
.rows > li {
  display: grid;
  grid-template-columns: minmax(150px, 210px) 1fr minmax(160px, 260px);
  gap: var(--gap-3) var(--gap-4);
  align-items: start;
  padding: var(--gap-3) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 6px solid var(--shelf);
  border-radius: var(--radius);
}
h3 {
  margin: 0;
  font: 700 14px var(--display);
}
h3 small,
.ideas small {
  color: var(--ink-soft);
  font: 400 12px var(--text);
}
h3 small {
  display: block;
}
.ideas small {
  margin-left: var(--gap-2);
}
.ideas {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
}
.ideas button {
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 2px;
}
@media (max-width: 900px) {
  .rows > li {
    grid-template-columns: 1fr;
  }
  .group button,
  select,
  .ideas button {
    min-height: var(--touch);
  }
}
</style>
