<script setup lang="ts">
import {
  mdiAccountGroupOutline,
  mdiCheckboxBlankOutline,
  mdiCheckboxMarked,
  mdiPinOutline,
  mdiSwapHorizontal,
} from '@mdi/js';
import { concerns, TASK_KINDS, type ReadyEntry } from '@kobby/core';
import { computed } from 'vue';
import GripHandle from '../../parts/GripHandle.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { forText } from './deciding.ts';
import { useTaskHand } from './task-hand.ts';

/** One task: ticked by a touch, opened by its text, taken in hand by its grip. */
const props = defineProps<{ entry: ReadyEntry; when?: string }>();
defineEmits<{ open: [] }>();
const store = useBook();
const reading = useReading();
const hand = useTaskHand();
const task = computed(() => props.entry.task);
const isDone = computed(() => props.entry.state === 'done');
const isHeld = computed(() => hand.isHeld(props.entry));
const isOther = computed(() => !concerns(task.value, reading.value.frame.unit.id));

function tick(): void {
  const { unit, id } = task.value;
  store.perform([
    isDone.value
      ? { type: 'ready/undone', taskId: (props.entry.mark?.id ?? id) as never }
      : { type: 'ready/done', unitId: unit.id, taskId: id as never },
  ]);
}
function onKey(event: KeyboardEvent): void {
  if (!isDone.value) hand.onKey(event, props.entry);
}
</script>

<template>
  <li :class="{ done: isDone, held: isHeld, other: isOther }" data-test="task">
    <button
      type="button"
      class="tick"
      role="checkbox"
      :aria-checked="isDone"
      :aria-label="`${task.text} done`"
      @click="tick"
    >
      <v-icon :icon="isDone ? mdiCheckboxMarked : mdiCheckboxBlankOutline" size="20" aria-hidden="true" />
    </button>
    <button type="button" class="what" :data-task="task.id" @click="$emit('open')" @keydown="onKey">
      <b
        >{{ task.text }}<template v-if="task.part"> ({{ task.part }})</template></b
      >
      <small>{{ TASK_KINDS[task.kind] }} · {{ forText(entry, reading.frame.unit.id) }}</small>
      <small v-if="when" class="when">{{ when }}</small>
      <small v-if="isDone && entry.mark" class="by">ticked by {{ entry.mark.by }}</small>
      <small v-if="entry.doneBefore" class="wrong"
        >Done before “{{ entry.doneBefore }}”: was that done too?</small
      >
    </button>
    <span class="marks">
      <span v-if="entry.isMoved" class="mark moved" title="Moved since it was shown">
        <v-icon :icon="mdiSwapHorizontal" size="14" aria-hidden="true" />moved
      </span>
      <span v-if="entry.isLast" class="mark">last evening</span>
      <v-icon
        v-if="task.where === 'children'"
        :icon="mdiAccountGroupOutline"
        size="15"
        aria-label="with the children"
      />
      <v-icon v-if="task.choice?.slotId" :icon="mdiPinOutline" size="15" aria-label="in a time of its own" />
      <span class="figures">{{ task.minutes }} min</span>
    </span>
    <GripHandle
      v-if="!isDone"
      :name="`Move: ${task.text}`"
      :held="isHeld"
      @grab="hand.grab($event, entry)"
      @take="hand.take(entry)"
    />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) auto 24px;
  gap: var(--gap-1) var(--gap-3);
  align-items: start;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li.held {
  background: var(--tape);
  color: var(--tape-ink);
}
li.other b {
  font-weight: 500;
}
.done .what b {
  text-decoration: line-through;
}
.tick,
.what {
  padding: 0;
  background: none;
  border: 0;
  color: inherit;
  text-align: left;
}
.tick {
  min-height: 26px;
}
.what {
  min-height: 26px;
  line-height: 1.25;
}
.what small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
}
.held small {
  color: inherit;
}
.what .wrong {
  color: var(--stop);
  font-weight: 600;
}
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  align-items: center;
  justify-content: flex-end;
  max-width: 120px;
  padding-top: var(--gap-1);
  font-weight: 600;
}
.mark {
  display: inline-flex;
  gap: var(--gap-1);
  align-items: center;
  padding: 0 var(--gap-2);
  background: var(--care-bg);
  border-radius: 3px;
  color: var(--care);
  font-size: 12px;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: var(--touch) minmax(0, 1fr) auto var(--touch);
  }
  .tick,
  .what {
    width: 100%;
    min-height: var(--touch);
  }
}
</style>
