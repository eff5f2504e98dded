<script setup lang="ts">
import {
  allergenName,
  formatQuantity,
  INGREDIENT_ROLES,
  listed,
  percentText,
  quantity,
  toNumber,
  type CounterLine,
  type KitchenOrder,
  type MeasureId,
  type Mix,
} from '@kobby/core';
import { computed, ref } from 'vue';
import AmountButton from '../../parts/AmountButton.vue';
import HowCome from '../../parts/HowCome.vue';
import ShelfCard from '../../parts/ShelfCard.vue';

/** What goes into one bowl, measured out; pressing an amount tells how it came about. */
const props = defineProps<{ mix: Mix; order: KitchenOrder }>();
const explained = ref<string | null>(null);
const recipe = computed(() => props.mix.scaled.recipe);
const shown = (amount: number, unit: MeasureId): string =>
  formatQuantity(quantity(amount, unit), props.order.system);
const shownPieces = (amount: number, unit: MeasureId): string =>
  unit === 'piece' ? `${shown(amount, unit)} ${amount === 1 ? 'piece' : 'pieces'}` : shown(amount, unit);
const vessel = computed(() => (recipe.value.kind === 'science' ? 'container' : 'bowl'));
const gives = computed(() => {
  const { gives: all, bowls, unit } = props.mix.scaled;
  const whole = shownPieces(toNumber(all), unit);
  return bowls === 1
    ? whole
    : `${whole}, in ${bowls} ${vessel.value}s of ${shownPieces(toNumber(all) / bowls, unit)}`;
});
const title = computed(() => {
  const { own } = props.mix;
  if (!own) return props.mix.scaled.bowls > 1 ? `For one ${vessel.value}` : 'Goes in';
  return `Own bowl: ${own.children.map(({ shownAs }) => shownAs).join(', ')}`;
});
const portionsText = ({ portions, rounded: { portion } }: CounterLine): string => {
  const { bagged } = portion.ingredient;
  if (portions.length === 1) return bagged ? 'bagged beforehand' : '';
  return `in ${portions.length}: ${portions.join(' · ')}${bagged ? ', bagged beforehand' : ''}`;
};
const FOOD_TEXTS = {
  all: 'Made only of food.',
  'when-cooked': 'Made only of food once it is cooked:',
  no: 'Not made only of food:',
  unknown: 'Nobody knows yet whether it is made only of food:',
} as const;
const madeOf = computed((): string[] => {
  const { onlyFood, salt, allergens, swapped } = props.mix;
  const because = onlyFood.because.map(({ name }) => name);
  const food = `${FOOD_TEXTS[onlyFood.answer]}${because.length > 0 ? ` ${listed(because)}.` : ''}`;
  const saltText = salt.known
    ? salt.share.equals(0)
      ? 'No salt.'
      : `${percentText(salt.share)} salt by weight.`
    : `How salty it is, nobody knows: weigh ${listed(salt.because.map(({ name }) => name))}.`;
  const has =
    allergens.length > 0
      ? `Contains ${listed(allergens.map((id) => allergenName(id)))}.`
      : 'None of the listed allergens.';
  const left =
    swapped.left.length > 0
      ? [`No swap is written for ${listed(swapped.left.map(({ name }) => name))}.`]
      : [];
  const doubt =
    props.mix.doubtful.length > 0
      ? [
          `Read the label of ${listed(props.mix.doubtful.map(({ name }) => name))} first: nothing is promised there.`,
        ]
      : [];
  return [food, saltText, has, ...left, ...doubt];
});
const swapTexts = computed(() => props.mix.swapped.swaps.map(({ how }) => how).filter(Boolean));
</script>

<template>
  <ShelfCard :title="title" :label="title" :data-test="mix.own ? 'own-mix' : 'mix'">
    <p class="gives">
      Gives <b data-test="gives">{{ gives }}</b>
      <span v-if="mix.scaled.bowls > 1" class="soft"> · amounts are for one {{ vessel }}</span>
    </p>
    <ul>
      <li
        v-for="line in mix.lines"
        :key="line.rounded.portion.supply.id"
        :data-test="`goes-in-${line.rounded.portion.supply.id}`"
      >
        <AmountButton
          :text="line.rounded.text"
          :of="line.rounded.portion.supply.name"
          :open="explained === line.rounded.portion.supply.id"
          @turn="
            explained = explained === line.rounded.portion.supply.id ? null : line.rounded.portion.supply.id
          "
        />
        <div>
          <span>{{ line.rounded.portion.supply.name }}</span>
          <small v-if="line.rounded.portion.ingredient.role !== 'base'">
            {{ INGREDIENT_ROLES[line.rounded.portion.ingredient.role] }}</small
          >
          <small v-if="portionsText(line)">{{ portionsText(line) }}</small>
          <small v-if="line.rounded.portion.ingredient.goesIn">{{
            line.rounded.portion.ingredient.goesIn
          }}</small>
          <small v-if="line.atMost" class="by-feel">
            begin with this, at most {{ line.atMost
            }}<template v-if="line.rounded.portion.ingredient.feelFor"
              >, until {{ line.rounded.portion.ingredient.feelFor }}</template
            >
          </small>
          <small v-if="line.missing.amount > 0" class="missing">
            {{ shown(line.missing.amount, line.missing.unit) }} missing,
            {{ line.have.amount > 0 ? shown(line.have.amount, line.have.unit) : 'none' }} in the house
          </small>
          <HowCome v-if="explained === line.rounded.portion.supply.id" :sentences="line.because" />
        </div>
        <span class="step soft">{{ line.steps.length ? `step ${line.steps.join(', ')}` : '' }}</span>
      </li>
    </ul>
    <p v-for="text in swapTexts" :key="text" class="swap">{{ text }}</p>
    <p v-if="mix.own" class="swap">Own tools, and a label with the name and the day.</p>
    <p class="made-of soft" data-test="made-of">{{ madeOf.join(' ') }}</p>
  </ShelfCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) auto;
  gap: 0 var(--gap-4);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  font-size: 12.5px;
  color: var(--ink-soft);
}
small.by-feel {
  color: var(--teal);
}
small.missing {
  color: var(--care);
  font-weight: 600;
}
.step {
  font-size: 12.5px;
}
.gives b {
  font: 700 17px var(--display);
}
.swap {
  padding-left: var(--gap-4);
  border-left: 4px solid var(--plum);
}
.made-of {
  font-size: 13px;
}
</style>
