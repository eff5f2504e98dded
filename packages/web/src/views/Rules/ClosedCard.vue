<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { formatDay, type PlainDay } from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import CalendarSheet from './CalendarSheet.vue';
import ClosureSheet from '../../parts/ClosureSheet.vue';

/** The days on which the home is closed, entered one by one or read from a calendar file. */
const store = useBook();
const sheet = ref<'closure' | 'calendar' | null>(null);
const closures = computed(() =>
  Object.values(store.book.closures)
    .filter((closure) => closure.to >= store.today!)
    .toSorted((a, b) => (a.from < b.from ? -1 : 1)),
);
const spanText = (from: PlainDay, to: PlainDay): string =>
  from === to ? formatDay(from) : `${formatDay(from)} to ${formatDay(to)}`;
</script>

<template>
  <ShelfCard :title="`Closed · ${closures.length}`" label="Closed">
    <p v-if="closures.length === 0" class="soft">No closure ahead.</p>
    <ul>
      <li v-for="closure in closures" :key="closure.id" class="row">
        <b>{{ closure.why }}</b>
        <span class="soft">{{ spanText(closure.from, closure.to) }}</span>
        <v-btn
          class="is-quiet"
          :aria-label="`Open after all: ${closure.why}`"
          @click="store.perform([{ type: 'house/drop-closure', closureId: closure.id }])"
        >
          Open after all
        </v-btn>
      </li>
    </ul>
    <p class="buttons">
      <v-btn class="is-main" :prepend-icon="mdiPlus" @click="sheet = 'closure'">Closed on a day</v-btn>
      <v-btn class="is-side" @click="sheet = 'calendar'">From a calendar file</v-btn>
    </p>
  </ShelfCard>
  <ClosureSheet v-if="sheet === 'closure'" @close="sheet = null" />
  <CalendarSheet v-if="sheet === 'calendar'" @close="sheet = null" />
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-1) var(--gap-4);
  min-height: var(--touch);
  border-top: 1px dashed var(--line);
}
.row .v-btn {
  margin-left: auto;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
</style>
