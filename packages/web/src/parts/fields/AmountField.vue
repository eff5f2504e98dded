<script setup lang="ts">
import { formatQuantity, homeOf, parseAmount, quantity, type MeasureId } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { useBook } from '../../state/book.ts';
import { useField } from './form.ts';

/** An amount in any unit that fits: `2 1/3 cups`, `1.5 kg`. It is kept in the unit given and shown in the home's. */
const props = defineProps<{
  label: string;
  path: string;
  unit: MeasureId;
  gramsPerMl?: number | null | undefined;
  emptyIsNull?: boolean;
}>();
const value = defineModel<number | null | undefined>({ required: true });
const store = useBook();
const { messages } = useField(() => props.path);

const plain = (n: number | null | undefined): string =>
  n === null || n === undefined || Number.isNaN(n)
    ? ''
    : props.unit === 'piece'
      ? String(n)
      : `${Math.round(n * 1000) / 1000} ${props.unit}`;
const text = ref(plain(value.value));
const wrong = ref<string | null>(null);
let mine = value.value;
watch([value, () => props.unit], ([now]) => {
  if (!Object.is(now, mine)) text.value = plain(now);
});

function take(typed: string | null): void {
  text.value = typed ?? '';
  const isEmpty = text.value.trim() === '';
  const parsed = parseAmount(text.value, props.unit, props.gramsPerMl ?? null);
  wrong.value = isEmpty || parsed.ok ? null : parsed.message;
  mine = parsed.ok ? parsed.quantity.amount : isEmpty && props.emptyIsNull ? null : Number.NaN;
  value.value = mine;
}
const hint = computed(() => {
  const n = value.value;
  if (n === null || n === undefined || Number.isNaN(n) || props.unit === 'piece') return '';
  return formatQuantity(quantity(n, props.unit), homeOf(store.book).units);
});
</script>

<template>
  <v-text-field
    :model-value="text"
    :name="path"
    :label="label"
    :error-messages="wrong ? [wrong] : messages"
    :suffix="hint && hint !== text ? `= ${hint}` : undefined"
    autocomplete="off"
    @update:model-value="take"
  />
</template>
