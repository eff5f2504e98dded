<script setup lang="ts">
import {
  formatDuration,
  formatMoney,
  aboutQuantity,
  formatQuantity,
  homeOf,
  quantity,
  roundTheBin,
  valueIn,
  WAYS_TO_GET,
  type FillerChoice,
  type Placement,
} from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** The figures of a filled tub, what stands round it, and the rule for its card. */
const props = defineProps<{ choice: FillerChoice; placement: Placement | null }>();
const store = useBook();
const home = computed(() => homeOf(store.book));
const round = computed(() => roundTheBin(props.choice.filling.tub, home.value));
const shown = (amount: number, unit: 'mL' | 'g' | 'mm'): string =>
  formatQuantity(quantity(amount, unit), home.value.units);
const weight = computed(() => {
  const { weightG } = props.choice.filling;
  if (weightG === null) return null;
  const rough = props.choice.roughlyPercent;
  return `${aboutQuantity(quantity(weightG, 'g'), home.value.units)}, give or take ${rough} %`;
});
const toGet = computed(() => {
  const { missing, packs, filler, recipe } = props.choice;
  if (!missing) return props.choice.filling.problem;
  if (missing.amount === 0) return 'All of it is in the house.';
  const text = `${aboutQuantity(missing, home.value.units)} are missing`;
  if (recipe) return `${text}: made by “${recipe.title}”.`;
  if (!packs) return `${text}: ${WAYS_TO_GET[filler.got]}.`;
  const bags = packs.packs
    .map(
      ({ pack, count }) =>
        `${count} × ${formatQuantity(quantity(pack.amount, filler.unit), home.value.units)}`,
    )
    .join(' + ');
  const cost = packs.cost === null ? '' : `, ${formatMoney(packs.cost, home.value.currency)}`;
  const left =
    packs.leftOver > 0
      ? `, ${aboutQuantity(quantity(packs.leftOver, filler.unit), home.value.units)} left over`
      : '';
  return `${text}: ${bags}${cost}${left}.`;
});
const dye = computed(() => {
  const { recipe } = props.choice;
  if (!recipe) return null;
  const dries = recipe.waitHours > 0 ? ` It dries or waits ${formatDuration(recipe.waitHours * 60)}.` : '';
  return `${recipe.ingredients.some(({ role }) => role === 'colour') ? 'Dyed' : 'Made'} beforehand.${dries}`;
});
const cleanUp = computed(() => props.placement?.content.cleanUpMinutes ?? null);
</script>

<template>
  <ShelfCard :title="choice.filler.name" label="The filling" data-test="filling">
    <dl>
      <dt>Fills</dt>
      <dd class="figures">
        <b>{{ aboutQuantity(quantity(choice.filling.volumeMl, 'mL'), home.units) }}</b>
        <small>
          {{ Math.round(choice.filling.surfaceCm2) }} cm² ×
          {{ shown(Math.round(choice.filling.depthMm), 'mm') }}
        </small>
      </dd>
      <template v-if="weight">
        <dt>Weighs</dt>
        <dd class="figures">
          <b>{{ weight }}</b>
          <small>{{ choice.filler.gramsPerMl }} g in 1 mL</small>
        </dd>
      </template>
      <dt>To get</dt>
      <dd data-test="to-get">
        {{ toGet }}
        <RouterLink
          v-if="choice.recipe && choice.missing && choice.missing.amount > 0"
          :to="{
            name: 'counter',
            params: { recipeId: choice.recipe.id },
            query: { amount: Math.ceil(choice.filling.volumeMl) },
          }"
          >To the counter</RouterLink
        >
        <small v-if="dye">{{ dye }}</small>
      </dd>
      <dt>At once</dt>
      <dd class="figures">
        <b>{{ round.children }} {{ round.children === 1 ? 'child' : 'children' }}</b>
        <small>
          {{ Math.round(choice.filling.surfaceCm2) }} cm² ÷ {{ valueIn(home, 'binSurfaceCm2') }} cm² a child
        </small>
      </dd>
      <dt>Beside it</dt>
      <dd>
        {{ round.children }} {{ round.children === 1 ? 'scoop' : 'scoops' }}, a mat below, a brush within
        reach
        <small v-if="cleanUp !== null">{{ formatDuration(cleanUp) }} to clean up</small>
      </dd>
      <dt>On its card</dt>
      <dd>
        <template v-if="round.rule">“{{ round.rule }}”</template>
        <RouterLink v-else :to="{ name: 'rules' }">The home has no rule for its bins yet</RouterLink>
      </dd>
    </dl>
  </ShelfCard>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 82px minmax(0, 1fr);
  gap: var(--gap-2) var(--gap-4);
}
dt {
  color: var(--ink-soft);
}
small {
  display: block;
  font-size: 12.5px;
  color: var(--ink-soft);
}
dd b {
  font: 700 16px var(--display);
}
</style>
