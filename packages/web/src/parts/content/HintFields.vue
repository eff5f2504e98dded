<script setup lang="ts">
import { HINTS, type Hint } from '@kobby/core';
import { computed } from 'vue';
import { TextField } from '../fields/index.ts';
import type { ContentInput } from './content.ts';

/** What to say when it is too easy, too hard or too loud, how it looks when it goes well, how it is put away. */
const content = defineModel<ContentInput>({ required: true });
const keys = Object.keys(HINTS) as Hint[];
const texts = computed(() => ({ easy: '', hard: '', loud: '', well: '', away: '', ...content.value.hints }));
const write = (key: Hint, text: string | undefined): void =>
  void (content.value.hints = { ...texts.value, [key]: text ?? '' });
</script>

<template>
  <div class="hints">
    <TextField
      v-for="key in keys"
      :key="key"
      :model-value="texts[key]"
      :label="HINTS[key]"
      :path="`content.hints.${key}`"
      :rows="1"
      @update:model-value="write(key, $event)"
    />
  </div>
</template>

<style scoped>
.hints {
  display: grid;
  gap: var(--gap-4);
  padding-top: var(--gap-3);
}
</style>
