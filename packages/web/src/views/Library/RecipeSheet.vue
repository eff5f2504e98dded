<script setup lang="ts">
import {
  ALLERGENS,
  MEASURES,
  OWNERS,
  RECIPE_KINDS,
  type AllergenId,
  type ChangeInput,
  type RecipeId,
} from '@kobby/core';
import { computed } from 'vue';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useDraft } from '../../state/draft.ts';
import { supplyOptions } from '../../state/options.ts';
import type { ActResult } from '../../state/sync.ts';
import { retireBy } from './entry.ts';

type RecipeInput = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe'];

/** A recipe or filler: where to begin, what to feel for, where to stop. */
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const known = computed(() => (props.id ? store.book.recipes[props.id as RecipeId] : undefined));
const draft = useDraft<RecipeInput>(
  () => known.value,
  () => ({
    id: `recipe-${newId()}`,
    title: '',
    kind: 'dough',
    summary: '',
    ingredients: [],
    yields: { amount: 500, unit: 'mL' },
    steps: [],
    feels: [],
    swaps: [],
    minutes: 10,
    cooked: false,
    waitHours: 0,
    keepsDays: null,
    makesId: null,
    keptHow: '',
    notes: '',
    source: '',
    retired: false,
  }),
);
const supplies = computed(() => supplyOptions(store.book));
const supplyOf = (id: string) => store.book.supplies[id];
const measures = Object.fromEntries(MEASURES.map((measure) => [measure, measure]));
const submit = (): ActResult => store.perform([{ type: 'library/put-recipe', recipe: draft.value }]);
const retire = retireBy(draft, submit, () => emit('close'));
const blankSwap = () => ({ allergen: 'wheat' as AllergenId, supplyId: '', insteadId: '', how: '' });
</script>

<template>
  <FormSheet
    :title="known?.title ?? 'A recipe'"
    hint="Amounts for one batch to begin with; hands decide the rest."
    :live="Boolean(known)"
    :submit="submit"
    :width="860"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <LineField v-model="draft.title" label="Title" path="title" />
      <ChoiceField v-model="draft.kind as string" label="Kind" path="kind" :options="RECIPE_KINDS" />
      <NumberField v-model="draft.minutes as number" label="Minutes" path="minutes" />
    </div>
    <TextField v-model="draft.summary" label="In a sentence" path="summary" :rows="1" />
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.ingredients"
      label="Goes in"
      path="ingredients"
      one="Ingredient"
      ordered
      :blank="() => ({ supplyId: '', amount: Number.NaN, goesIn: '' })"
    >
      <div class="side-by-side">
        <ChoiceField v-model="row.supplyId" label="What" :path="`${path}.supplyId`" :options="supplies" />
        <AmountField
          v-model="row.amount"
          label="How much"
          :path="`${path}.amount`"
          :unit="supplyOf(row.supplyId)?.unit ?? 'g'"
          :grams-per-ml="supplyOf(row.supplyId)?.gramsPerMl"
        />
        <LineField v-model="row.goesIn" label="How it goes in" :path="`${path}.goesIn`" />
      </div>
    </RowsField>
    <div class="side-by-side">
      <AmountField
        v-model="draft.yields.amount"
        label="Gives"
        path="yields.amount"
        :unit="draft.yields.unit"
      />
      <ChoiceField v-model="draft.yields.unit as string" label="In" path="yields.unit" :options="measures" />
      <ChoiceField
        v-model="draft.makesId"
        label="Kept as"
        path="makesId"
        none="not kept as a supply"
        :options="supplies"
      />
      <SwitchField v-model="draft.cooked" label="Needs heat: an adult only" path="cooked" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.steps"
      label="Steps"
      path="steps"
      one="Step"
      ordered
      :blank="() => ({ text: '', owner: 'together' as const })"
    >
      <TextField v-model="row.text" label="What is done" :path="`${path}.text`" :rows="1" />
      <ChoiceField v-model="row.owner as string" label="By" :path="`${path}.owner`" :options="OWNERS" />
    </RowsField>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.feels"
      label="What to feel for"
      path="feels"
      one="Sign"
      :blank="() => ({ sign: '', then: '', limit: '' })"
    >
      <div class="side-by-side">
        <LineField v-model="row.sign" label="When it is" :path="`${path}.sign`" />
        <LineField v-model="row.then" label="Then" :path="`${path}.then`" />
        <LineField v-model="row.limit" label="At most" :path="`${path}.limit`" />
      </div>
    </RowsField>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.swaps"
      label="When an allergen must stay out"
      path="swaps"
      one="Swap"
      :blank="blankSwap"
    >
      <div class="side-by-side">
        <ChoiceField
          v-model="row.allergen as string"
          label="Without"
          :path="`${path}.allergen`"
          :options="ALLERGENS"
        />
        <ChoiceField v-model="row.supplyId" label="Leaves" :path="`${path}.supplyId`" :options="supplies" />
        <ChoiceField v-model="row.insteadId" label="Comes" :path="`${path}.insteadId`" :options="supplies" />
        <LineField v-model="row.how" label="How" :path="`${path}.how`" />
      </div>
    </RowsField>
    <div class="side-by-side">
      <NumberField v-model="draft.waitHours" label="Waits" suffix="hours" path="waitHours" />
      <NumberField v-model="draft.keepsDays" label="Keeps" suffix="days" path="keepsDays" empty-is-null />
      <LineField v-model="draft.keptHow" label="Kept how" path="keptHow" />
    </div>
    <TextField v-model="draft.notes" label="Notes" path="notes" :rows="1" />
    <LineField v-model="draft.source" label="From" path="source" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="recipes"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>
