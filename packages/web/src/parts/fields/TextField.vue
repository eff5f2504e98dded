<script setup lang="ts">
import { useField } from './form.ts';

/** Text of some lines; it grows with what is written. */
const props = defineProps<{ label: string; path: string; rows?: number }>();
const value = defineModel<string | undefined>({ required: true });
const { messages } = useField(() => props.path);
</script>

<template>
  <v-textarea
    v-model="value"
    :name="path"
    :label="label"
    :error-messages="messages"
    :rows="rows ?? 2"
    auto-grow
    max-rows="12"
  />
</template>
