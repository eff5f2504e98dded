<script setup lang="ts">
import { WORD_LISTS, type ChangeInput } from '@kobby/core';
import { ChoiceField, NumberField, WordsField } from '../../parts/fields/index.ts';

type Rule = NonNullable<Extract<ChangeInput, { type: 'library/put-song' }>['song']['rule']>;

/** How the verses of a song come about, with what that asks for. */
const rule = defineModel<Rule | undefined>({ required: true });

const RULES = {
  'as-written': 'as written',
  counted: 'counted up or down',
  'for-words': 'one for each word',
  growing: 'growing, word by word',
} as const;

function take(kind: string | null | undefined): void {
  const words = rule.value?.words ?? [];
  if (kind === 'counted') rule.value = { kind, from: 5, to: 1, words };
  else if (kind === 'for-words' || kind === 'growing') rule.value = { kind, over: 'what', words };
  else rule.value = { kind: 'as-written', words };
}
</script>

<template>
  <div class="side-by-side">
    <ChoiceField
      :model-value="rule?.kind"
      label="Verses come"
      path="rule.kind"
      :options="RULES"
      @update:model-value="take"
    />
    <template v-if="rule?.kind === 'counted'">
      <NumberField v-model="rule.from" label="From" path="rule.from" />
      <NumberField v-model="rule.to" label="To" path="rule.to" />
    </template>
    <ChoiceField
      v-if="rule?.kind === 'for-words' || rule?.kind === 'growing'"
      v-model="rule.over"
      label="Over"
      path="rule.over"
      :options="WORD_LISTS"
    />
    <ChoiceField
      v-if="rule?.kind === 'growing'"
      v-model="rule.order"
      label="What came before"
      path="rule.order"
      :options="{ 'newest-first': 'the newest first', 'oldest-first': 'the oldest first' }"
    />
  </div>
  <WordsField
    v-if="rule"
    v-model="rule.words"
    label="Its own words, where a unit gives none"
    path="rule.words"
  />
</template>
