<script setup lang="ts">
import { computed } from 'vue';
import { VAutocomplete, VSelect } from 'vuetify/components';
import { useField } from './form.ts';

/** One of a closed list. `none` is what stands for nothing chosen, where that is possible. */
const props = defineProps<{
  label: string;
  path: string;
  options: Readonly<Record<string, string>> | readonly { readonly title: string; readonly value: string }[];
  none?: string;
}>();
const value = defineModel<string | null | undefined>({ required: true });
const { messages, settle } = useField(() => props.path);
const items = computed(() => {
  const listed: readonly { title: string; value: string | null }[] = Array.isArray(props.options)
    ? props.options
    : Object.entries(props.options).map(([id, title]) => ({ title: title as string, value: id }));
  return props.none ? [{ title: props.none, value: null }, ...listed] : listed;
});
// Long lists are typed into, short ones opened.
const isLong = computed(() => items.value.length > 12);
const take = (chosen: string | null): void => {
  value.value = chosen;
  settle();
};
</script>

<template>
  <component
    :is="isLong ? VAutocomplete : VSelect"
    :model-value="value"
    :items="items"
    :name="path"
    :label="label"
    :error-messages="messages"
    @update:model-value="take"
  />
</template>
