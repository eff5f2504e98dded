<script setup lang="ts">
import {
  formatDay,
  aboutSeconds,
  homeOf,
  PIECE_KINDS,
  staysIn,
  themeAt,
  thingsFor,
  type CirclePart,
  type UnitId,
} from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import SungVerses from '../../parts/SungVerses.vue';
import { useBook } from '../../state/book.ts';
import { spokenBy } from '../../state/spoken-things.ts';
import { printedRun } from './printed.ts';

/** The circle of a day on paper: its run with all words, what must be there, and who goes when. */
const store = useBook();
const route = useRoute();
const unitId = String(route.params.unitId) as UnitId;
const printed = computed(() =>
  printedRun(store.forOthers, store.today!, unitId, Number(route.params.day), String(route.params.blockId)),
);
const run = computed(() => printed.value?.run ?? null);
const spokenOf = computed(() => spokenBy(themeAt(store.book, unitId)?.things ?? []));
const home = computed(() => homeOf(store.book));
const things = computed(() => thingsFor(run.value?.parts ?? []));
const leaving = computed(() =>
  run.value ? staysIn(run.value, home.value, printed.value!.factor).filter(({ toTheEnd }) => !toTheEnd) : [],
);
const wordsOf = ({ piece, title }: CirclePart): string =>
  piece.words !== '' && piece.words !== title ? piece.words : '';
</script>

<template>
  <SheetPage
    title="Circle card"
    :back="{ name: 'circle', params: { unitId }, query: { day: route.params.day } }"
    back-to="Back to the circle"
  >
    <p v-if="!printed || !run || run.parts.length === 0" class="empty">
      There is nothing in this circle on this day.
    </p>
    <article v-else class="card" data-test="circle-card">
      <header>
        <h1>{{ run.block.name }}, Day {{ run.day.number }}</h1>
        <p>
          {{ printed.unit.title }} · {{ formatDay(run.day.date) }} · {{ run.block.start }} ·
          {{ aboutSeconds(run.seconds) }} · {{ home.name }}
        </p>
      </header>
      <p v-if="things.length"><b>There must be:</b> {{ things.join(', ') }}</p>
      <p v-if="leaving.length">
        <b>Goes before the end:&nbsp;</b>
        <template v-for="(stay, i) in leaving" :key="stay.child.id">
          {{ i > 0 ? '; ' : '' }}{{ stay.child.shownAs
          }}{{ stay.parts === 0 ? ' from the start' : ` after ${run.parts[stay.parts - 1]!.title}`
          }}{{ stay.goesTo ? `, to ${stay.goesTo.name}` : '' }}
        </template>
      </p>
      <ol>
        <li v-for="part in run.parts" :key="part.piece.id">
          <h2>
            {{ part.title }}
            <small
              >{{ PIECE_KINDS[part.piece.kind].name }}, {{ part.energy }},
              {{ aboutSeconds(part.length.seconds) }}</small
            >
          </h2>
          <p v-if="part.song && (part.song.tune || part.song.voice)" class="tune">
            {{ [part.song.tune, part.song.pace, part.song.voice].filter(Boolean).join(' · ') }}
          </p>
          <p v-if="wordsOf(part)">{{ wordsOf(part) }}</p>
          <SungVerses v-if="part.verses.length" :verses="part.verses" :spoken-of="spokenOf" class="verses" />
        </li>
      </ol>
    </article>
  </SheetPage>
</template>

<style scoped>
.card {
  max-width: 186mm;
  font-size: 11pt;
}
header {
  margin-bottom: 3mm;
  padding-bottom: 2mm;
  border-bottom: 1mm solid #111;
}
h1 {
  font: 700 20pt/1.15 var(--display);
}
h2 {
  font: 700 13pt/1.2 var(--display);
}
h2 small {
  font: 400 9.5pt var(--text);
}
ol {
  margin-top: 3mm;
  padding-left: 7mm;
  list-style: decimal;
}
li {
  margin-bottom: 4mm;
}
li::marker {
  font-weight: 700;
}
h2 {
  break-after: avoid;
}
.tune {
  font-size: 9.5pt;
}
.verses {
  --ink-soft: #444;
  --edge: #777;
  margin-top: 1mm;
  font-size: 10.5pt;
}
.verses :deep(.verse) {
  break-inside: avoid;
}
</style>
