<script setup lang="ts">
import { formatDay, RUNGS, skillName, type Child, type NextRung } from '@kobby/core';
import { ref } from 'vue';
import { useBook } from '../state/book.ts';

/** A step of a child that the records speak for, with what it rests on; noted by one press. */
const props = defineProps<{
  child: Child;
  step: NextRung;
  /** Whether the child is named: beside others it is, on its own page not. */
  named?: boolean;
}>();
const store = useBook();
const trouble = ref<string | null>(null);

function note(): void {
  const { child, step } = props;
  const result = store.perform([
    {
      type: 'house/put-child',
      child: { ...child, rungs: { ...child.rungs, [step.skill]: step.to } } as never,
    },
  ]);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot be kept.');
}
const why = ({ on, isHardest }: NextRung): string =>
  `${on.length === 1 ? 'Once' : `${on.length} times`}${isHardest ? ' in the hardest version' : ''}, last on ${formatDay(on[0]!)}`;
</script>

<template>
  <li>
    <span>
      <b>{{ named ? `${child.name}: ${skillName(step.skill)}` : skillName(step.skill) }}</b>
      <small>{{ why(step) }}{{ step.from ? `; noted so far: ${RUNGS[step.from]}` : '' }}</small>
      <small v-if="trouble" class="wrong" role="alert">{{ trouble }}</small>
    </span>
    <v-btn
      class="is-quiet"
      :aria-label="`Note “${RUNGS[step.to]}”: ${named ? `${child.name}, ` : ''}${skillName(step.skill)}`"
      @click="note"
      >Note “{{ RUNGS[step.to] }}”</v-btn
    >
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  color: var(--ink-soft);
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
</style>
