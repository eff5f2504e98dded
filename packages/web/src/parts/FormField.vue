<script setup lang="ts">
import type { FieldProblem } from '@kobby/core';
import { messageFor } from '../state/api.ts';

/** A field with what is wrong with it beside it. Whatever else is given goes to the field itself. */
defineProps<{ name: string; label: string; errors: readonly FieldProblem[] }>();
const value = defineModel<string>({ required: true });
</script>

<template>
  <v-text-field v-model="value" :name="name" :label="label" :error-messages="messageFor(errors, name)" />
</template>
