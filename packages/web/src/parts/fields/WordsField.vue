<script setup lang="ts">
import { VAutocomplete, VCombobox } from 'vuetify/components';
import { useField } from './form.ts';

/** Words one after the other: Enter after each. From a closed list when there are options. */
const props = defineProps<{
  label: string;
  path: string;
  options?: readonly { readonly title: string; readonly value: string }[];
  /** Words that others use: offered, and any other word does as well. */
  known?: readonly string[];
}>();
const value = defineModel<string[] | undefined>({ required: true });
const { messages, settle } = useField(() => props.path);
const take = (words: string[]): void => {
  value.value = words.map((word) => word.trim()).filter(Boolean);
  settle();
};
</script>

<template>
  <component
    :is="options ? VAutocomplete : VCombobox"
    :model-value="value ?? []"
    :items="options ?? known ?? []"
    :name="path"
    :label="label"
    :hint="options ? undefined : 'Enter after each'"
    :error-messages="messages"
    multiple
    chips
    closable-chips
    hide-selected
    @update:model-value="take"
  />
</template>
