<script setup lang="ts">
import { MADE_FOR, MADE_WHEN, OPTIONAL_ROLES, yieldOf, type RecipeId } from '@kobby/core';
import { computed } from 'vue';
import { AmountField, ChoiceField, LineField, NumberField, RowsField, TicksField } from '../fields/index.ts';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { recipeOptions } from '../../state/options.ts';
import type { ContentInput } from './content.ts';

type Row = NonNullable<ContentInput['processes']>[number];

/** What is mixed, cooked, frozen or shown in an activity by a recipe: when, for how many, how often. */
const content = defineModel<ContentInput>({ required: true });
const store = useBook();
const recipes = computed(() => recipeOptions(store.book));
const recipeOf = (id: string) => store.book.recipes[id as RecipeId];
const blank = (): Row => ({
  ...{ id: newId().slice(0, 10), recipeId: '', when: 'with-children', for: 'child', share: null },
  ...{ batches: 1, groups: 1, repeats: 1, leaveOut: [], stepsBefore: 0, readyBy: null, variant: null },
});
const shareUnit = (id: string) => {
  const recipe = recipeOf(id);
  return recipe ? yieldOf(recipe).unit : 'piece';
};
// Only what the recipe has can be left out.
const optional = (id: string): Record<string, string> =>
  Object.fromEntries(
    Object.entries(OPTIONAL_ROLES).filter(([role]) =>
      recipeOf(id)?.ingredients.some((one) => one.role === role),
    ),
  );
const variants = (id: string): Record<string, string> =>
  Object.fromEntries((recipeOf(id)?.variants ?? []).map((one) => [one.id, one.name]));
const hasSteps = (id: string): boolean => (recipeOf(id)?.steps.length ?? 0) > 1;
</script>

<template>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.processes"
    label="Made by a recipe"
    path="content.processes"
    one="Recipe, process or demonstration"
    :blank="blank"
  >
    <div class="side-by-side">
      <ChoiceField v-model="row.recipeId" label="Recipe" :path="`${path}.recipeId`" :options="recipes" />
      <ChoiceField
        v-if="Object.keys(variants(row.recipeId)).length"
        v-model="row.variant"
        label="Variant"
        none="as it is written"
        :path="`${path}.variant`"
        :options="variants(row.recipeId)"
      />
      <ChoiceField v-model="row.when" label="Made" :path="`${path}.when`" :options="MADE_WHEN" />
      <ChoiceField v-model="row.for" label="As" :path="`${path}.for`" :options="MADE_FOR" />
    </div>
    <div class="side-by-side">
      <AmountField
        v-if="row.for === 'child'"
        v-model="row.share"
        label="A child’s share"
        :path="`${path}.share`"
        :unit="shareUnit(row.recipeId)"
        empty-is-null
      />
      <NumberField v-else v-model="row.batches" label="Batches" :path="`${path}.batches`" />
      <NumberField v-if="row.for === 'group'" v-model="row.groups" label="Groups" :path="`${path}.groups`" />
      <NumberField v-model="row.repeats" label="So many times" :path="`${path}.repeats`" />
      <LineField
        v-if="row.when !== 'beforehand'"
        v-model="row.readyBy"
        label="Ready by"
        type="time"
        :path="`${path}.readyBy`"
        empty-is-null
      />
      <NumberField
        v-if="row.when !== 'beforehand' && hasSteps(row.recipeId)"
        v-model="row.stepsBefore"
        label="The day before"
        suffix="steps"
        :path="`${path}.stepsBefore`"
      />
    </div>
    <TicksField
      v-if="Object.keys(optional(row.recipeId)).length"
      v-model="row.leaveOut"
      label="Left out"
      :path="`${path}.leaveOut`"
      :options="optional(row.recipeId)"
    />
  </RowsField>
</template>
