<script setup lang="ts">
import type { ActResult } from '../state/sync.ts';
import type { FieldProblem } from '@kobby/core';
import { computed, ref } from 'vue';
import { messagesBeside } from '../state/api.ts';
import PlankSheet from './PlankSheet.vue';

/**
 * A sheet with fields and one thing to do with them. What is wrong is handed to the fields named in `fields`;
 * anything else is said below them, and what was typed stays.
 */
const props = defineProps<{
  title: string;
  hint?: string;
  fields: readonly string[];
  /** What the main button says. */
  action: string;
  submit: () => ActResult;
}>();
const emit = defineEmits<{ close: [] }>();

const errors = ref<readonly FieldProblem[]>([]);
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

function send(): void {
  const result = props.submit();
  errors.value = result.done ? [] : result.errors;
  if (result.done) emit('close');
}
</script>

<template>
  <PlankSheet v-model="isOpen" :title="title" :hint="hint">
    <form id="sheet-form" class="sheet-form" novalidate @submit.prevent="send">
      <slot :errors="errors" />
      <p v-for="message in messagesBeside(errors, fields)" :key="message" class="wrong" role="alert">
        {{ message }}
      </p>
    </form>
    <template #foot>
      <v-btn class="is-main" type="submit" form="sheet-form">{{ action }}</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Not now</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.sheet-form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
</style>
