<script setup lang="ts">
import {
  homeOf,
  formatMinutes,
  minutesInZone,
  type HereRow,
  type Person,
  type PlainDay,
  type Tap,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** Who is here: a touch when a child comes and when it goes. A long list stays one touch a child. */
const props = defineProps<{ rows: readonly HereRow[]; date: PlainDay; adults: readonly Person[] }>();
const store = useBook();
const more = ref<string | null>(null);

const NEXT: Readonly<Record<HereRow['state'], Tap>> = {
  expected: 'in',
  here: 'out',
  gone: 'in',
  away: 'in',
};
const WORDS: Readonly<Record<HereRow['state'], string>> = {
  expected: 'expected',
  here: 'here',
  gone: 'went home',
  away: 'away',
};
const clock = (at: string): string => formatMinutes(minutesInZone(Date.parse(at), homeOf(store.book).zone));
function stateText({ state, arrival }: HereRow): string {
  const at = state === 'gone' ? arrival?.outAt : arrival?.inAt;
  if (arrival?.ill) return `fell ill, went home ${clock(at!)}`;
  return at ? `${WORDS[state]} ${clock(at)}` : WORDS[state];
}
function tap(childId: string, how: Tap): void {
  more.value = null;
  store.perform([{ type: 'daybook/tap', date: props.date, childId, tap: how }]);
}
const title = computed(() => {
  const count = props.rows.filter(({ state }) => state === 'here').length;
  const expected = props.rows.filter(({ state }) => state === 'expected' || state === 'here').length;
  const adults = props.adults.length;
  return `${count} here of ${expected}${adults > 0 ? ` · ${adults} ${adults === 1 ? 'adult' : 'adults'}` : ''}`;
});
</script>

<template>
  <ShelfCard :title="title" label="Who is here">
    <ul class="rows">
      <li v-for="row in rows" :key="row.child.id" :class="row.state">
        <button
          type="button"
          class="child"
          :aria-pressed="row.state === 'here'"
          :data-test="`here-${row.child.id}`"
          @click="tap(row.child.id, NEXT[row.state])"
        >
          <b>{{ row.child.name }}</b>
          <small>{{ stateText(row) }}</small>
        </button>
        <button
          type="button"
          class="other"
          :aria-label="`More about ${row.child.name}`"
          :aria-expanded="more === row.child.id"
          @click="more = more === row.child.id ? null : row.child.id"
        >
          …
        </button>
        <span v-if="more === row.child.id" class="ways">
          <button type="button" @click="tap(row.child.id, 'away')">Stays away</button>
          <button v-if="row.arrival?.inAt" type="button" @click="tap(row.child.id, 'ill')">Fell ill</button>
          <button v-if="row.arrival" type="button" @click="tap(row.child.id, 'unsaid')">Not said yet</button>
        </span>
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(144px, 100%), 1fr));
  gap: var(--gap-3);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-content: start;
  border: 1.5px dashed var(--edge);
  border-radius: 8px;
}
li.here {
  background: var(--ok-bg);
  border-style: solid;
}
li.away,
li.gone {
  background: var(--well);
}
button {
  min-height: 48px;
  background: none;
  border: 0;
  color: inherit;
}
.child {
  flex: 1;
  padding: var(--gap-2) var(--gap-4);
  text-align: left;
}
.child small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.other {
  width: var(--touch);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1);
  width: 100%;
  padding: 0 var(--gap-3) var(--gap-2);
}
.ways button {
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 6px;
  font-weight: 600;
}
</style>
