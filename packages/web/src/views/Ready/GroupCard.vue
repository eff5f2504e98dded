<script setup lang="ts">
import { mdiTrayArrowDown } from '@mdi/js';
import { formatDuration, type ReadyEntry, type ReadySlot } from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, provideForm } from '../../parts/fields/index.ts';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { choosing, slotText } from './deciding.ts';
import type { Group } from './grouping.ts';
import TaskRow from './TaskRow.vue';
import { useTaskHand } from './taskHand.ts';

/** Tasks that belong together: put into the hands of a person, or done in one go. */
const props = defineProps<{ group: Group; slots: readonly ReadySlot[] }>();
defineEmits<{ open: [entry: ReadyEntry] }>();
const store = useBook();
const hand = useTaskHand();
const form = provideForm(() => undefined);
const bulk = ref<string | null>(null);

const minutes = computed(() => props.group.entries.reduce((sum, { task }) => sum + task.minutes, 0));
const title = computed(() =>
  props.group.entries.length === 0
    ? props.group.title
    : `${props.group.title} · ${formatDuration(minutes.value)}`,
);
const spot = computed(() =>
  props.group.personId === undefined ? undefined : `person:${props.group.personId ?? ''}`,
);
// In one go: before the first of them is needed. What has no time at all is another matter.
const laid = computed(() => props.group.entries.filter(({ state }) => state === 'laid'));
const times = computed(() => {
  const first = Math.min(...laid.value.map(({ task }) => task.usedAt - task.waitMinutes));
  return props.slots
    .filter(({ to, kind }) => to <= first && kind !== 'children')
    .map((slot) => ({ title: slotText(slot), value: slot.id as string }));
});
function allInto(slotId: string | null | undefined): void {
  bulk.value = null;
  if (!slotId) return;
  form.took(store.perform(laid.value.map(({ task }) => choosing(store.book, task, { slotId }))));
}
const whenText = ({ slot }: ReadyEntry): string => (slot ? slotText(slot) : 'no time yet');
</script>

<template>
  <ShelfCard :title="title" :label="group.title" :data-spot="spot">
    <ul>
      <TaskRow
        v-for="entry in group.entries"
        :key="entry.task.id"
        :entry="entry"
        :when="whenText(entry)"
        @open="$emit('open', entry)"
      />
    </ul>
    <p v-if="group.entries.length === 0" class="soft">Nothing yet.</p>
    <ChoiceField
      v-if="slots.length && laid.length > 1 && times.length"
      :model-value="bulk"
      :label="`All ${laid.length} in one go`"
      path="bulk"
      none="each in its own time"
      :options="times"
      @update:model-value="allInto"
    />
    <button
      v-if="hand.held.value && group.personId !== undefined"
      type="button"
      class="put"
      :class="{ pointed: hand.over.value === spot }"
      :aria-label="`Put it here: ${group.title}`"
      @click="hand.give(group.personId)"
    >
      <v-icon :icon="mdiTrayArrowDown" size="15" aria-hidden="true" /> Put it here
    </button>
  </ShelfCard>
</template>

<style scoped>
.put {
  display: flex;
  gap: 5px;
  align-items: center;
  justify-content: center;
  min-height: 30px;
  background: var(--ok-bg);
  border: 1.5px dashed var(--ok);
  border-radius: 4px;
  color: var(--ok);
  font-weight: 600;
}
.put.pointed {
  border-style: solid;
  box-shadow: 0 0 0 2px var(--plum);
}
@media (max-width: 900px) {
  .put {
    min-height: var(--touch);
  }
}
</style>
