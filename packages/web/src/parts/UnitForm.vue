<script setup lang="ts">
import { STYLES, type FieldProblem, type StyleId } from '@kobby/core';
import { messageFor } from '../state/api.ts';
import FormField from './FormField.vue';

/** What a unit is begun with: theme, style, first day and number of program days. */
export interface UnitFields {
  title: string;
  style: StyleId;
  start: string;
  dayCount: string;
}

defineProps<{
  errors: readonly FieldProblem[];
  /** An idea has no first day yet. */
  undated?: boolean;
}>();
const fields = defineModel<UnitFields>({ required: true });

function chooseStyle(style: StyleId): void {
  const wasDefault = fields.value.dayCount === String(STYLES[fields.value.style].days);
  fields.value = {
    ...fields.value,
    style,
    dayCount: wasDefault ? String(STYLES[style].days) : fields.value.dayCount,
  };
}
</script>

<template>
  <div class="fields">
    <FormField
      v-model="fields.title"
      label="Theme"
      name="title"
      autocomplete="off"
      hint="A season, a place, a story, a letter, or what they are wild about just now"
      :errors="errors"
    />
    <fieldset>
      <legend>What steers it</legend>
      <label v-for="(style, id) in STYLES" :key="id" class="style" :class="{ on: fields.style === id }">
        <input
          type="radio"
          name="style"
          :value="id"
          :checked="fields.style === id"
          @change="chooseStyle(id)"
        />
        <b>{{ style.name }}</b>
        <span class="soft">{{ style.hint }}</span>
      </label>
      <p v-for="message in messageFor(errors, 'style')" :key="message" class="wrong">{{ message }}</p>
    </fieldset>
    <div class="pair">
      <FormField
        v-if="!undated"
        v-model="fields.start"
        label="First day"
        name="start"
        type="date"
        :errors="errors"
      />
      <FormField
        v-model="fields.dayCount"
        label="Program days"
        name="dayCount"
        type="number"
        inputmode="numeric"
        :errors="errors"
      />
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-direction: column;
  gap: var(--gap-5);
}
fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--gap-3);
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  padding: 0 0 var(--gap-2);
  font-weight: 600;
}
.style {
  display: grid;
  grid-template-columns: auto 1fr;
  align-content: start;
  gap: 0 var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  cursor: pointer;
}
.style span {
  grid-column: 2;
  font-size: 13px;
}
.style.on {
  border-color: var(--plum);
  box-shadow: inset 0 -4px 0 var(--plum);
}
.style:focus-within {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
input[type='radio'] {
  accent-color: var(--plum);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--gap-4);
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 600px) {
  fieldset {
    grid-template-columns: 1fr;
  }
}
</style>
