<script setup lang="ts">
import { ref, watch } from 'vue';
import { useField } from './form.ts';

/** A number. What is no number stays as it was typed and is refused by whoever reads it. */
const props = defineProps<{ label: string; path: string; emptyIsNull?: boolean; suffix?: string }>();
const value = defineModel<number | null | undefined>({ required: true });
const { messages } = useField(() => props.path);
const shown = (n: number | null | undefined): string =>
  n === null || n === undefined || Number.isNaN(n) ? '' : String(n);
const text = ref(shown(value.value));
const read = (typed: string): number | null =>
  typed.trim() === '' ? (props.emptyIsNull ? null : Number.NaN) : Number(typed.replace(',', '.'));
watch(value, (now) => {
  if (!Object.is(read(text.value), now)) text.value = shown(now);
});
const take = (typed: string | null): void => {
  text.value = typed ?? '';
  value.value = read(text.value);
};
</script>

<template>
  <v-text-field
    :model-value="text"
    :name="path"
    :label="label"
    :suffix="suffix"
    :error-messages="messages"
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="take"
  />
</template>
