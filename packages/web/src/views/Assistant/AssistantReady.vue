<script setup lang="ts">
import { mdiCheckboxBlankOutline, mdiCheckboxMarked } from '@mdi/js';
import type { HandoverTask } from '@kobby/core';
import { computed } from 'vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import type { SharedLink } from '../../state/shared.ts';

/** What is made ready on this day: a touch anywhere on a line ticks it. */
const props = defineProps<{ tasks: readonly HandoverTask[]; link: SharedLink }>();
const lines = computed(() =>
  props.tasks.map((task) => ({
    ...task,
    done: props.link.isTicked({ taskId: task.taskId }, task.ticked !== null),
  })),
);
</script>

<template>
  <section data-test="to-make-ready">
    <TapeLabel>To make ready today</TapeLabel>
    <ul>
      <li v-for="task in lines" :key="task.taskId">
        <button
          type="button"
          role="checkbox"
          :aria-checked="task.done"
          @click="link.tick({ taskId: task.taskId }, !task.done)"
        >
          <v-icon :icon="task.done ? mdiCheckboxMarked : mdiCheckboxBlankOutline" aria-hidden="true" />
          <span>
            <b>{{ task.text }}</b>
            <small>{{ task.when }}{{ task.who ? `, ${task.who}` : '' }} · {{ task.forWhat }}</small>
          </span>
          <span class="figures">{{ task.minutes }} min</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  padding: 0 var(--gap-4) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
section > :deep(.tape) {
  margin: calc(-1 * var(--gap-2)) 0 var(--gap-2) calc(-1 * var(--gap-3));
}
button {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: var(--gap-3);
  align-items: center;
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  color: inherit;
  text-align: left;
}
[aria-checked='true'] b {
  text-decoration: line-through;
}
small {
  display: block;
  color: var(--ink-soft);
}
</style>
