<script setup lang="ts">
import { useField } from './form.ts';

/** One line of text, or a day, a time, an address: whatever the browser has a field for. `empty-is-null` for what may be unknown. */
const props = defineProps<{ label: string; path: string; emptyIsNull?: boolean }>();
const value = defineModel<string | null | undefined>({ required: true });
const { messages } = useField(() => props.path);
const take = (text: string | null): void => {
  value.value = props.emptyIsNull && !text ? null : (text ?? '');
};
</script>

<template>
  <v-text-field
    :model-value="value ?? ''"
    :name="path"
    :label="label"
    :error-messages="messages"
    autocomplete="off"
    @update:model-value="take"
  />
</template>
