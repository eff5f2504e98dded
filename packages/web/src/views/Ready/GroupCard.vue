<script setup lang="ts">
import { decideReady, doubtAt, aboutDuration, type ReadyEntry, type ReadySlot } from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, provideForm } from '../../parts/fields/index.ts';
import PutHere from '../../parts/PutHere.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { slotText } from './deciding.ts';
import type { Group } from './grouping.ts';
import TaskRow from './TaskRow.vue';
import { useTaskHand } from './task-hand.ts';

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
    : `${props.group.title} · ${aboutDuration(minutes.value)}`,
);
const spot = computed(() =>
  props.group.personId === undefined ? undefined : `person:${props.group.personId ?? ''}`,
);
// In one go: in time for all of them. What has no time at all is another matter.
const laid = computed(() => props.group.entries.filter(({ state }) => state === 'laid'));
const suits = ({ to, kind }: ReadySlot): boolean =>
  kind !== 'children' && laid.value.every(({ task }) => doubtAt(task, to) === null);
const times = computed(() =>
  props.slots.filter(suits).map((slot) => ({ title: slotText(slot), value: slot.id as string })),
);
function allInto(slotId: string | null | undefined): void {
  bulk.value = null;
  if (!slotId) return;
  form.took(store.perform(laid.value.map(({ task }) => decideReady(store.book, task, { slotId }))));
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
    <PutHere
      v-if="hand.held.value && group.personId !== undefined"
      :name="group.title"
      :doubt="null"
      :pointed="hand.over.value === spot"
      @put="hand.give(group.personId)"
    />
  </ShelfCard>
</template>
