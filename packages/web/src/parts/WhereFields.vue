<script setup lang="ts">
import { type Block, type ChangeInput, type FieldProblem } from '@kobby/core';
import { computed } from 'vue';
import { messageFor } from '../state/api.ts';
import { useReading } from '../state/unit.ts';

type WhereInput = Extract<ChangeInput, { type: 'unit/move' }>['where'];

/** From which day to which day, or on which day and in which block. */
const props = defineProps<{ errors: readonly FieldProblem[] }>();
const where = defineModel<WhereInput>({ required: true });
const reading = useReading();

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
const shown = (value: number): string => (Number.isNaN(value) ? '' : String(value));
</script>

<template>
  <div class="where">
    <template v-if="where.kind === 'corner'">
      <v-text-field
        :model-value="shown(where.fromDay)"
        label="From Day"
        name="fromDay"
        type="number"
        min="1"
        :max="lastDay"
        :error-messages="messageFor(props.errors, 'fromDay')"
        @update:model-value="patch({ fromDay: $event })"
      />
      <v-text-field
        :model-value="shown(where.toDay)"
        label="To Day"
        name="toDay"
        type="number"
        min="1"
        :max="lastDay"
        :error-messages="messageFor(props.errors, 'toDay')"
        @update:model-value="patch({ toDay: $event })"
      />
    </template>
    <template v-else>
      <v-text-field
        :model-value="shown(where.day)"
        label="Day"
        name="day"
        type="number"
        min="1"
        :max="lastDay"
        :error-messages="messageFor(props.errors, 'day')"
        @update:model-value="patch({ day: $event })"
      />
      <v-select
        :model-value="where.blockId"
        :items="blocks"
        label="Block of the day"
        name="blockId"
        :error-messages="messageFor(props.errors, 'blockId')"
        @update:model-value="patch({ blockId: $event })"
      />
    </template>
  </div>
</template>

<style scoped>
.where {
  display: grid;
  grid-template-columns: 110px 110px;
  gap: 12px;
}
.where:has(.v-select) {
  grid-template-columns: 110px minmax(180px, 260px);
}
</style>
