<script setup lang="ts">
import { type Block, type ChangeInput, type FieldProblem } from '@kobby/core';
import { computed, nextTick } from 'vue';
import { messageFor } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';
import FormField from './FormField.vue';

type WhereInput = Extract<ChangeInput, { type: 'unit/move' }>['where'];

/** From which day to which day, or on which day and in which block. */
defineProps<{ errors: readonly FieldProblem[] }>();
const where = defineModel<WhereInput>({ required: true });
/** A field was left or a block chosen: a half-typed number is nobody's wish yet. */
const emit = defineEmits<{ settled: [] }>();
const reading = useReading();
const store = useBook();

const blocks = computed(() =>
  reading.value.frame.home.blocks.map((block: Block) => ({
    title: `${block.start} ${block.name}`,
    value: block.id,
  })),
);
const lastDay = computed(() => reading.value.frame.unit.dayCount);
const numberOf = (text: string): number => (text === '' ? Number.NaN : Number(text));
const patch = (part: Partial<Record<'fromDay' | 'toDay' | 'day', string>> & { blockId?: string }): void => {
  const numbers = Object.fromEntries(
    Object.entries(part).map(([key, value]) => [key, key === 'blockId' ? value : numberOf(String(value))]),
  );
  where.value = { ...where.value, ...numbers } as WhereInput;
};
async function chooseBlock(blockId: string): Promise<void> {
  patch({ blockId });
  await nextTick();
  emit('settled');
}
const shown = (value: number): string => (Number.isNaN(value) ? '' : String(value));
</script>

<template>
  <div class="where" @change="emit('settled')">
    <template v-if="where.kind === 'corner' || where.kind === 'bin'">
      <FormField
        :model-value="shown(where.fromDay)"
        label="From Day"
        name="fromDay"
        type="number"
        min="1"
        :max="lastDay"
        :errors="errors"
        @update:model-value="patch({ fromDay: $event })"
      />
      <FormField
        :model-value="shown(where.toDay)"
        label="To Day"
        name="toDay"
        type="number"
        min="1"
        :max="lastDay"
        :errors="errors"
        @update:model-value="patch({ toDay: $event })"
      />
    </template>
    <template v-else-if="where.kind === 'day'">
      <FormField
        :model-value="shown(where.day)"
        label="Day"
        name="day"
        type="number"
        min="1"
        :max="lastDay"
        :errors="errors"
        @update:model-value="patch({ day: $event })"
      />
      <v-select
        :model-value="where.blockId"
        :items="blocks"
        label="Block of the day"
        name="blockId"
        :error-messages="messageFor(errors, 'blockId')"
        @update:model-value="chooseBlock($event)"
      />
    </template>
    <FormField
      v-else-if="where.kind === 'event'"
      :model-value="where.start"
      :label="`From, in ${store.book.events[where.eventId]?.title ?? 'an event'}`"
      name="start"
      type="time"
      :errors="errors"
      @update:model-value="where = { ...where, start: $event } as WhereInput"
    />
    <p v-else-if="where.kind === 'reserve'" class="soft">In the reserve: it has no day yet.</p>
    <p v-else class="soft">It stands where and when the other one would, when the weather stops that one.</p>
  </div>
</template>

<style scoped>
.where {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 150px));
  gap: var(--gap-4);
  align-items: start;
}
.where > p {
  grid-column: 1 / -1;
}
.where:has(.v-select) {
  grid-template-columns: minmax(0, 150px) minmax(0, 260px);
}
</style>
