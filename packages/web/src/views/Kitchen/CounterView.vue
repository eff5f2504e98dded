<script setup lang="ts">
import {
  asVariant,
  counterFor,
  homeOf,
  RECIPE_KINDS,
  suppliesAsMade,
  type Counter,
  type KitchenOrder,
  type Recipe,
  type RecipeId,
} from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ChoiceField, provideForm } from '../../parts/fields/index.ts';
import PageBar from '../../parts/PageBar.vue';
import { useBook } from '../../state/book.ts';
import { useHere } from '../../state/here.ts';
import RecipeSheet from '../Library/RecipeSheet.vue';
import BatchSheet from './BatchSheet.vue';
import DoneCard from './DoneCard.vue';
import MixCard from './MixCard.vue';
import NoBowlCard from './NoBowlCard.vue';
import OrderBar from './OrderBar.vue';
import StepsCard from './StepsCard.vue';
import { startingOrder } from './order.ts';

/** The counter: one recipe, taken to whatever is wanted, with amounts, steps, signs and timers. */
const store = useBook();
const route = useRoute();
const router = useRouter();
const home = computed(() => homeOf(store.book));
const wanted = ref('');
// A heads-up about a recipe leads straight to its swaps.
const editing = ref(route.query.edit === 'swaps');
const making = ref<'made' | 'trial' | null>(null);

const recipes = computed(() =>
  Object.values(store.book.recipes)
    .filter(({ retired }) => !retired)
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en')),
);
const groups = computed(() =>
  Object.entries(RECIPE_KINDS)
    .map(([kind, name]) => ({
      name,
      recipes: recipes.value.filter(
        (one) => one.kind === kind && one.title.toLowerCase().includes(wanted.value.toLowerCase()),
      ),
    }))
    .filter((group) => group.recipes.length > 0),
);
const written = computed(
  (): Recipe | null =>
    store.book.recipes[String(route.params.recipeId) as RecipeId] ?? recipes.value[0] ?? null,
);
// One of its variants is a recipe of its own to whoever measures it out; another recipe begins as it is written.
const variant = ref<string | null>(null);
watch(
  () => written.value?.id,
  () => (variant.value = null),
);
const variants = computed(() =>
  (written.value?.variants ?? []).map(({ id, name }) => ({ title: name, value: id })),
);
const recipe = computed(() => written.value && asVariant(written.value, variant.value));
// Who is here today: the usual first guess, and whose allergies count.
const here = useHere();
const order = ref<KitchenOrder>(startingOrder(home.value, here.value, route.query, null, recipe.value));
watch(
  // Also when the recipe comes only now, from another device.
  () => [recipe.value?.id, route.query],
  () => (order.value = startingOrder(home.value, here.value, route.query, order.value, recipe.value)),
);
// Whoever comes meanwhile counts: an own bowl is for those who are there, and a share for each unless somebody chose how many.
watch(here, (children, before) => {
  const { target } = order.value;
  const isForAll = target.kind === 'children' && target.children === before.length;
  order.value = {
    ...order.value,
    children,
    target: isForAll ? { ...target, children: children.length } : target,
  };
});

const counter = computed((): Counter | null =>
  recipe.value
    ? counterFor(recipe.value, suppliesAsMade(store.book), store.book.stockMoves, order.value)
    : null,
);
const mixes = computed(() => (counter.value?.ok ? counter.value.mixes : []));
const without = computed(() => (counter.value?.ok ? counter.value.without : []));
const form = provideForm(() => undefined);
watch(
  counter,
  (now) =>
    form.took(
      now && !now.ok
        ? { done: false, errors: [{ path: [now.why.path], message: now.why.message }] }
        : { done: true },
    ),
  { immediate: true },
);
const openById = (recipeId: string | null | undefined): void =>
  void router.replace({ name: 'counter', params: { recipeId: recipeId ?? '' } });
const options = computed(() => recipes.value.map(({ id, title }) => ({ title, value: id as string })));
</script>

<template>
  <PageBar title="Counter" hint="exact to begin with, then by feel">
    <v-btn v-if="recipe" class="is-side" @click="editing = true">Change the recipe</v-btn>
    <v-btn v-if="recipe" class="is-side" :disabled="mixes.length === 0" @click="making = 'trial'"
      >Tried it out</v-btn
    >
    <v-btn v-if="recipe" class="is-main" :disabled="mixes.length === 0" @click="making = 'made'"
      >Made it</v-btn
    >
  </PageBar>
  <p v-if="!recipe" class="soft">No recipe is in the library yet.</p>
  <div v-else class="counter">
    <div class="phone-pick">
      <ChoiceField
        :model-value="recipe.id"
        label="Recipe"
        path="recipe"
        :options="options"
        @update:model-value="openById"
      />
    </div>
    <nav aria-label="Recipes">
      <v-text-field v-model="wanted" label="Look for a recipe" name="recipe" density="compact" clearable />
      <div v-for="group in groups" :key="group.name">
        <h2>{{ group.name }}</h2>
        <button
          v-for="one in group.recipes"
          :key="one.id"
          type="button"
          :aria-current="one.id === recipe.id ? 'true' : undefined"
          @click="openById(one.id)"
        >
          {{ one.title }}
        </button>
      </div>
    </nav>
    <div class="work">
      <div v-if="variants.length" class="variant">
        <ChoiceField
          v-model="variant"
          label="Variant"
          path="variant"
          none="as it is written"
          :options="variants"
        />
      </div>
      <OrderBar v-model="order" :recipe="recipe" :children="here" />
      <p v-for="message in form.unclaimed.value" :key="message" class="wrong" role="alert">{{ message }}</p>
      <div class="columns">
        <div class="stack">
          <NoBowlCard
            v-for="none in without"
            :key="none.child.id"
            :none="none"
            :recipe="recipe"
            @write="editing = true"
          />
          <MixCard v-for="(mix, i) in mixes" :key="i" :mix="mix" :order="order" />
          <DoneCard :recipe="recipe" />
        </div>
        <StepsCard :recipe="recipe" :mix="mixes[0] ?? null" />
      </div>
    </div>
    <RecipeSheet v-if="editing" :id="recipe.id" @close="editing = false" />
    <BatchSheet
      v-if="making && mixes.length"
      :mixes="mixes"
      :trial="making === 'trial'"
      @close="making = null"
    />
  </div>
</template>

<style scoped>
.counter {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: var(--gap-5);
}
.phone-pick {
  display: none;
}
nav {
  position: sticky;
  top: 0;
  display: grid;
  gap: var(--gap-1);
  align-content: start;
  align-self: start;
  max-height: calc(100vh - 90px);
  padding-top: var(--gap-2);
  overflow: auto;
}
h2 {
  margin: var(--gap-3) 0 var(--gap-1);
  font-size: 12.5px;
  font-weight: 600;
  color: var(--ink-soft);
}
nav button {
  display: block;
  width: 100%;
  min-height: 28px;
  padding: var(--gap-2) var(--gap-3);
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  text-align: left;
}
nav button:hover {
  background: var(--well);
}
nav button[aria-current] {
  background: var(--card);
  border-left-color: var(--plum);
  font-weight: 700;
}
.work {
  display: grid;
  gap: var(--gap-4);
  align-content: start;
  min-width: 0;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
@media (max-width: 900px) {
  .counter,
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    display: none;
  }
  .phone-pick {
    display: block;
  }
}
</style>
