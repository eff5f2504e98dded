<script setup lang="ts">
import { findingAbout, mendsFor, type Mend, type ReadyEntry } from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import TaskRow from './TaskRow.vue';

/** What does not fit: each task with why, and the smallest changes that mend it, worked out when they are asked for. */
const props = defineProps<{ entries: readonly ReadyEntry[] }>();
defineEmits<{ open: [entry: ReadyEntry]; time: [] }>();
const store = useBook();
const reading = useReading();
const askedFor = ref<string | null>(null);
const wrong = ref<string | null>(null);

const findingOf = (entry: ReadyEntry) => findingAbout(reading.value.headsUps, entry);
const mends = computed((): readonly Mend[] => {
  const entry = props.entries.find(({ task }) => task.id === askedFor.value);
  const finding = entry ? findingOf(entry) : null;
  return finding ? mendsFor(store.book, reading.value.frame.unit.id, finding, store.today!, newId) : [];
});
function take({ changes }: Mend): void {
  const result = store.perform(changes);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be done');
  if (result.done) askedFor.value = null;
}
</script>

<template>
  <ShelfCard class="unplaced" title="Does not fit" data-test="unplaced">
    <ul>
      <li v-for="entry in entries" :key="entry.task.id" class="one">
        <ul>
          <TaskRow :entry="entry" @open="$emit('open', entry)" />
        </ul>
        <p class="why">{{ entry.why?.text }}</p>
        <template v-if="findingOf(entry)">
          <button
            v-if="askedFor !== entry.task.id"
            type="button"
            class="ask"
            :aria-label="`What would mend it: ${entry.task.text}`"
            @click="askedFor = entry.task.id"
          >
            What would mend it?
          </button>
          <ul v-else class="mends" data-test="ready-mends">
            <li v-for="mend in mends" :key="mend.label">
              <button type="button" class="mend" @click="take(mend)">{{ mend.label }}</button>
            </li>
            <li v-if="mends.length === 0">
              No single step mends it: take something else out of its times, or tick what is done.
            </li>
          </ul>
        </template>
        <button v-else type="button" class="ask" @click="$emit('time')">Add a time for it</button>
      </li>
    </ul>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </ShelfCard>
</template>

<style scoped>
.unplaced {
  border-color: var(--care-edge);
}
.why {
  margin: 0 0 var(--gap-2) calc(2 * var(--gap-5));
  color: var(--care);
  font-weight: 600;
}
.ask,
.mend {
  min-height: 30px;
  margin-left: calc(2 * var(--gap-5));
  padding: var(--gap-2) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-bottom-width: 4px;
  border-radius: 5px;
  color: inherit;
  font-weight: 600;
  text-align: left;
}
.ask {
  margin-bottom: var(--gap-3);
  border-bottom-width: 1.5px;
}
.mends {
  display: grid;
  gap: var(--gap-2);
}
.mend:hover {
  border-color: var(--plum);
}
@media (max-width: 900px) {
  .ask,
  .mend {
    min-height: var(--touch);
  }
}
</style>
