<script setup lang="ts">
import type { BlockPlan, DayPlan } from '@kobby/core';
import { recordIdOf } from '@kobby/core';
import { mdiCheckBold } from '@mdi/js';
import { useBook } from '../../state/book.ts';

/** The blocks of the day: a press looks at one, whenever it is. */
const props = defineProps<{ plan: DayPlan; focus: BlockPlan | null; minutes: number }>();
const emit = defineEmits<{ look: [blockId: string] }>();
const store = useBook();

const namesOf = ({ items, circle }: BlockPlan): string =>
  [
    ...(circle ? [`Circle, ${circle.parts.length} pieces`] : []),
    ...items.map(({ session }) => session.placement.content.title),
  ].join(', ');
const isTold = ({ items }: BlockPlan): boolean =>
  items.length > 0 &&
  items.every(({ session }) => store.book.records[recordIdOf(session.placement.id, props.plan.day.number)]);
</script>

<template>
  <ol class="later" aria-label="The day">
    <li v-for="one in plan.blocks" :key="one.block.id" :class="{ past: one.span.to <= minutes }">
      <button
        type="button"
        :aria-current="one === focus ? 'true' : undefined"
        :data-test="`block-${one.block.id}`"
        @click="emit('look', one.block.id)"
      >
        <b class="figures">{{ one.block.start }}</b>
        <span
          ><b>{{ one.block.name }}</b> {{ namesOf(one) || one.lines.join(', ') }}</span
        >
        <v-icon v-if="isTold(one)" :icon="mdiCheckBold" size="18" aria-label="told" />
      </button>
    </li>
  </ol>
</template>

<style scoped>
.later {
  display: grid;
  gap: var(--gap-3);
}
button {
  display: grid;
  grid-template-columns: 54px minmax(0, 1fr) 20px;
  gap: var(--gap-3);
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: var(--gap-2) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-radius: 8px;
  color: inherit;
  text-align: left;
}
button[aria-current] {
  border-color: var(--plum);
  border-width: 2.5px;
}
.past button {
  background: var(--card-past);
}
</style>
