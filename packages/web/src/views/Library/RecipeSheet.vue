<script setup lang="ts">
import {
  ALLERGENS,
  allergensNamedIn,
  formatQuantity,
  homeOf,
  INGREDIENT_ROLES,
  MEASURES,
  OWNERS,
  quantity,
  recipeBegun,
  RECIPE_KINDS,
  recipeText,
  WAITING_PLACES,
  yieldOf,
  type Ingredient,
  type RecipeStep,
  type Swap,
} from '@kobby/core';
import { computed, reactive } from 'vue';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { copyText, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import { supplyOptions } from '../../state/options.ts';
import AlsoRows from './AlsoRows.vue';
import VariantRows from './VariantRows.vue';

// What is typed is read by the schema when it is kept: ids and minutes are plain until then.

/** A recipe or filler: where to begin, what to feel for, where to stop. */
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
// With a new recipe: what it makes as a thing in the cupboard, and an activity for plans.
const also = reactive({ supply: false as boolean | undefined, activity: false as boolean | undefined });
const alsoIds = { supply: `supply-${newId()}`, activity: `activity-${newId()}` };
const { known, draft, submit, retire } = formOf('recipes')({
  id: () => props.id,
  first: () => ({ id: `recipe-${newId()}`, yields: { amount: 500, unit: 'mL' }, minutes: 10 }),
  put: (recipe) =>
    recipeBegun(recipe, {
      supplyId: !known.value && also.supply && !recipe.makesId ? alsoIds.supply : null,
      activityId: !known.value && also.activity ? alsoIds.activity : null,
    }),
  close: () => emit('close'),
});
const supplies = computed(() => supplyOptions(store.book));
const supplyOf = (id: string) => store.book.supplies[id];
const measures = Object.fromEntries(MEASURES.map((measure) => [measure, measure]));
const allergens = computed(() => ({ ...ALLERGENS, ...allergensNamedIn(store.book) }));
const blankSwap = (): Swap => ({
  allergen: 'wheat',
  supplyId: '' as never,
  insteadId: null,
  times: 1,
  also: [],
  how: '',
});
const blankStep = (): RecipeStep => ({
  text: '',
  owner: 'together',
  minutes: 0 as never,
  waitMinutes: 0 as never,
  mostWaitMinutes: null,
  waitsIn: null,
  coldHours: null,
  sign: '',
});
const blankIngredient = (): Ingredient => ({
  supplyId: '' as never,
  amount: Number.NaN,
  goesIn: '',
  role: 'base',
  portions: 1,
  bagged: false,
  steps: [],
  limit: null,
  feelFor: '',
  shapeless: false,
});
// Of parts by volume nobody writes down what comes out: it follows.
const gives = computed((): string | null => {
  const { partMl, ingredients, yields } = draft.value;
  const parts = (ingredients ?? []).filter(({ amount }) => amount > 0);
  if (partMl === null || partMl === undefined || !(partMl > 0) || parts.length === 0) return null;
  const { amount, unit } = yieldOf({ partMl, ingredients: parts as Ingredient[], yields });
  return formatQuantity(quantity(amount, unit), homeOf(store.book).units);
});
const inParts = computed({
  get: () => draft.value.partMl !== null,
  set: (on: boolean | undefined) => (draft.value.partMl = on ? 100 : null),
});
// The amounts of a recipe of parts are plain numbers; others stand in the unit of their supply.
const unitOf = (id: string) => (inParts.value ? 'piece' : (supplyOf(id)?.unit ?? 'g'));
async function asText(): Promise<void> {
  store.notice = await copyText(known.value!.title, recipeText(known.value!, store.book));
}
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
      <ChoiceField v-model="draft.kind" label="Kind" path="kind" :options="RECIPE_KINDS" />
      <NumberField v-model="draft.minutes" label="Minutes" path="minutes" />
    </div>
    <TextField v-model="draft.summary" label="In a sentence" path="summary" :rows="1" />
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.ingredients"
      label="Goes in"
      path="ingredients"
      one="Ingredient"
      ordered
      :blank="blankIngredient"
    >
      <div class="side-by-side">
        <ChoiceField v-model="row.supplyId" label="What" :path="`${path}.supplyId`" :options="supplies" />
        <AmountField
          v-model="row.amount"
          :label="inParts ? 'Parts' : 'How much'"
          :path="`${path}.amount`"
          :unit="unitOf(row.supplyId)"
          :grams-per-ml="supplyOf(row.supplyId)?.gramsPerMl"
        />
        <ChoiceField v-model="row.role" label="It is" :path="`${path}.role`" :options="INGREDIENT_ROLES" />
      </div>
      <div class="side-by-side">
        <LineField v-model="row.goesIn" label="How it goes in" :path="`${path}.goesIn`" />
        <WordsField
          :model-value="(row.steps ?? []).map(String)"
          label="At step"
          :path="`${path}.steps`"
          @update:model-value="row.steps = ($event ?? []).map(Number)"
        />
        <NumberField v-model="row.portions" label="In portions" :path="`${path}.portions`" />
        <SwitchField v-model="row.bagged" label="Bagged before" :path="`${path}.bagged`" />
        <SwitchField
          v-model="row.shapeless"
          label="Ground, soaked or dissolved"
          :path="`${path}.shapeless`"
        />
      </div>
      <div class="side-by-side">
        <AmountField
          v-model="row.limit"
          label="By feel, at most"
          :path="`${path}.limit`"
          :unit="unitOf(row.supplyId)"
          :grams-per-ml="supplyOf(row.supplyId)?.gramsPerMl"
          empty-is-null
        />
        <LineField v-if="row.limit !== null" v-model="row.feelFor" label="Until" :path="`${path}.feelFor`" />
      </div>
    </RowsField>
    <div class="side-by-side">
      <SwitchField v-model="inParts" label="The amounts are parts by volume" path="partMl" />
      <AmountField v-if="inParts" v-model="draft.partMl" label="One part" path="partMl" unit="mL" />
    </div>
    <div class="side-by-side">
      <p v-if="gives" class="soft" data-test="gives">Gives {{ gives }}: the parts add up to it.</p>
      <template v-else>
        <AmountField
          v-model="draft.yields.amount"
          label="Gives"
          path="yields.amount"
          :unit="draft.yields.unit"
        />
        <ChoiceField v-model="draft.yields.unit" label="In" path="yields.unit" :options="measures" />
      </template>
      <ChoiceField
        v-model="draft.makesId"
        label="Kept as"
        path="makesId"
        none="not kept"
        :options="supplies"
      />
      <SwitchField v-model="draft.cooked" label="Needs heat: an adult only" path="cooked" />
    </div>
    <div v-if="!known" class="side-by-side">
      <SwitchField
        v-if="!draft.makesId"
        v-model="also.supply"
        label="What it makes is a new thing in the cupboard"
        path="alsoSupply"
      />
      <SwitchField v-model="also.activity" label="Also an activity for plans" path="alsoActivity" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.steps"
      label="Steps"
      path="steps"
      one="Step"
      ordered
      :blank="blankStep"
    >
      <TextField v-model="row.text" label="What is done" :path="`${path}.text`" :rows="1" />
      <div class="side-by-side">
        <ChoiceField v-model="row.owner" label="By" :path="`${path}.owner`" :options="OWNERS" />
        <NumberField v-model="row.minutes" label="Takes" suffix="min" :path="`${path}.minutes`" />
        <NumberField
          v-model="row.waitMinutes"
          label="Then waits"
          suffix="min"
          :path="`${path}.waitMinutes`"
        />
        <LineField v-model="row.sign" label="Done when" :path="`${path}.sign`" />
      </div>
      <div v-if="row.waitMinutes" class="side-by-side">
        <NumberField
          v-model="row.mostWaitMinutes"
          label="Waits at most"
          suffix="min"
          :path="`${path}.mostWaitMinutes`"
          empty-is-null
        />
        <ChoiceField
          v-model="row.waitsIn"
          label="Waits in the"
          none="anywhere"
          :path="`${path}.waitsIn`"
          :options="WAITING_PLACES"
        />
        <NumberField
          v-model="row.coldHours"
          label="Or in the cold"
          suffix="hours"
          :path="`${path}.coldHours`"
          empty-is-null
        />
      </div>
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
      label="When something must stay out"
      path="swaps"
      one="Swap"
      :blank="blankSwap"
    >
      <div class="side-by-side">
        <ChoiceField
          v-model="row.allergen"
          label="Without"
          none="what is no food"
          :path="`${path}.allergen`"
          :options="allergens"
        />
        <ChoiceField v-model="row.supplyId" label="Leaves" :path="`${path}.supplyId`" :options="supplies" />
        <ChoiceField
          v-model="row.insteadId"
          label="Comes"
          none="nothing"
          :path="`${path}.insteadId`"
          :options="supplies"
        />
        <NumberField v-model="row.times" label="Times as much" :path="`${path}.times`" />
      </div>
      <AlsoRows v-model="row.also" :path="`${path}.also`" :supplies="supplies" />
      <LineField v-model="row.how" label="How" :path="`${path}.how`" />
    </RowsField>
    <VariantRows v-model="draft.variants" :supplies="supplies" />
    <div class="side-by-side">
      <NumberField v-model="draft.waitHours" label="Waits" suffix="hours" path="waitHours" />
      <ChoiceField
        v-model="draft.waitsIn"
        label="In the"
        none="anywhere"
        path="waitsIn"
        :options="WAITING_PLACES"
      />
      <NumberField v-model="draft.keepsDays" label="Keeps" suffix="days" path="keepsDays" empty-is-null />
      <LineField v-model="draft.keptHow" label="Kept how" path="keptHow" />
    </div>
    <div class="side-by-side">
      <NumberField v-model="draft.repeats" label="Ready for so many times" path="repeats" />
      <LineField v-if="draft.kind === 'science'" v-model="draft.shows" label="What it shows" path="shows" />
    </div>
    <TextField v-model="draft.notes" label="Notes" path="notes" :rows="1" />
    <LineField v-model="draft.source" label="From" path="source" />
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="asText">As text</v-btn>
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
