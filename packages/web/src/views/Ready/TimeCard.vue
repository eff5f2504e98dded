<script setup lang="ts">
import type { ReadyEntry, SlotLoad } from '@kobby/core';
import { computed } from 'vue';
import PutHere from '../../parts/PutHere.vue';
import { useBook } from '../../state/book.ts';
import { slotText } from './deciding.ts';
import TaskRow from './TaskRow.vue';
import { useTaskHand } from './task-hand.ts';

/** A time for making ready, with what is laid into it and how full it is. */
const props = defineProps<{ load: SlotLoad }>();
defineEmits<{ open: [entry: ReadyEntry] }>();
const store = useBook();
const hand = useTaskHand();
const spot = computed(() => `time:${props.load.slot.id}`);
const whose = computed(() => {
  const { personId } = props.load.slot;
  return personId === null ? null : (store.book.people[personId]?.name ?? null);
});
const fill = computed(() => {
  const { slot, minutes } = props.load;
  return slot.minutes === null ? `${minutes} min` : `${minutes} of ${slot.minutes} min`;
});
const doubt = computed(() => hand.doubt(props.load.slot));
</script>

<template>
  <section class="time" :class="{ over: load.over > 0 }" :data-spot="spot" :aria-label="slotText(load.slot)">
    <header>
      <h2>{{ slotText(load.slot) }}</h2>
      <span v-if="whose" class="whose">{{ whose }}</span>
      <span class="figures">{{ fill }}</span>
    </header>
    <p v-if="load.over > 0" class="runs-over">Runs over by {{ load.over }} min.</p>
    <ul>
      <TaskRow
        v-for="entry in load.entries"
        :key="entry.task.id"
        :entry="entry"
        @open="$emit('open', entry)"
      />
    </ul>
    <PutHere
      v-if="hand.held.value"
      class="put-here"
      :name="slotText(load.slot)"
      :doubt="doubt"
      :pointed="hand.over.value === spot"
      @put="hand.put(load.slot)"
    />
  </section>
</template>

<style scoped>
.time {
  padding: var(--gap-3) var(--gap-4) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 6px solid var(--shelf);
  border-radius: var(--radius);
}
.time.over {
  border-color: var(--care-edge);
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  align-items: baseline;
  margin-bottom: var(--gap-2);
}
h2 {
  font-size: 15px;
}
header .figures {
  margin-left: auto;
  font-weight: 600;
}
.whose {
  padding: 0 var(--gap-3);
  background: var(--tape);
  border-radius: 3px;
  color: var(--tape-ink);
  font-size: 12.5px;
  font-weight: 600;
}
.runs-over {
  color: var(--care);
  font-weight: 600;
}
.put-here {
  width: 100%;
  margin-top: var(--gap-2);
}
</style>
