<script setup lang="ts">
import {
  allergenName,
  fillableTubs,
  fillingVolume,
  homeOf,
  onHand,
  ownBowls,
  startingShare,
  suppliesAsMade,
  valueIn,
  WAYS_TO_MEASURE,
  yieldOf,
  type AllergenId,
  type Child,
  type KitchenOrder,
  type Recipe,
  type SupplyId,
  type Target,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { AmountField, ChoiceField, NumberField } from '../../parts/fields/index.ts';
import SideTabs from '../../parts/SideTabs.vue';
import { useBook } from '../../state/book.ts';

/** For whom or what it is made, without what, in which bowl, and how it is measured out. */
const props = defineProps<{ recipe: Recipe; children: readonly Child[] }>();
const order = defineModel<KitchenOrder>({ required: true });
const store = useBook();
const home = computed(() => homeOf(store.book));

const isScience = computed(() => props.recipe.kind === 'science');
// The amounts of something to show are for one container.
const made = computed(() => yieldOf(props.recipe));
const targets = computed(() => ({
  children: 'Children',
  volume: isScience.value ? 'A container' : made.value.unit === 'mL' ? 'A tub' : 'How much',
  'left-of': 'What is left',
  batches: isScience.value ? 'Times' : 'Batches',
}));
const groups = computed(() => {
  const { target: now } = order.value;
  return now.kind === 'batches' && now.batches === 2 * props.recipe.repeats ? '2' : '1';
});
const setGroups = (count: string): void => setTarget({ batches: Number(count) * props.recipe.repeats });
const set = (patch: Partial<KitchenOrder>): void => {
  order.value = { ...order.value, ...patch };
};
const setTarget = (patch: object): void => set({ target: { ...order.value.target, ...patch } as Target });
const first = computed(() => props.recipe.ingredients[0]?.supplyId ?? ('' as SupplyId));
const leftOf = (id: string): number => {
  const supply = store.book.supplies[id as SupplyId];
  return supply ? onHand(supply, Object.values(store.book.stockMoves)).amount : 0;
};
const BEGIN: Readonly<Record<Target['kind'], () => Target>> = {
  children: () => ({
    kind: 'children',
    children: props.children.length,
    share: startingShare(props.recipe, home.value),
    spareShares: 0,
  }),
  volume: () => ({ kind: 'volume', amount: made.value.amount }),
  'left-of': () => ({ kind: 'left-of', supplyId: first.value, amount: leftOf(first.value) }),
  batches: () => ({ kind: 'batches', batches: 1 }),
};
const kind = computed({
  get: () => order.value.target.kind,
  set: (chosen) => set({ target: BEGIN[chosen]() }),
});
const target = computed(() => order.value.target);
const supplyOptions = computed(() =>
  props.recipe.ingredients.flatMap(({ supplyId }) => {
    const supply = store.book.supplies[supplyId];
    return supply && supply.got !== 'tap' ? [{ title: supply.name, value: supply.id as string }] : [];
  }),
);
const tubId = ref<string | null>(null);
const tubs = computed(() =>
  fillableTubs(store.book.supplies).map(({ id, name }) => ({ title: name, value: id as string })),
);
function chooseTub(id: string | null | undefined): void {
  tubId.value = id ?? null;
  const tub = id ? store.book.supplies[id as SupplyId] : undefined;
  if (tub?.inside)
    setTarget({ amount: Math.round(fillingVolume(tub.inside, valueIn(home.value, 'fillerDepthPercent'))) });
}
// Only what a swap is written for, and what is in it, can be asked to stay out.
const withouts = computed(() => {
  const swaps = props.recipe.swaps.flatMap(({ allergen }) => allergen ?? []);
  return [...new Set(swaps)];
});
const isWithout = (id: AllergenId): boolean => order.value.wanted.without.includes(id);
const switchWithout = (id: AllergenId): void =>
  set({
    wanted: {
      ...order.value.wanted,
      without: isWithout(id)
        ? order.value.wanted.without.filter((one) => one !== id)
        : [...order.value.wanted.without, id],
    },
  });
const canBeFood = computed(() => props.recipe.swaps.some(({ allergen }) => allergen === null));
const apart = computed(() => {
  const children = target.value.kind === 'children' ? props.children : [];
  return ownBowls(props.recipe, suppliesAsMade(store.book), order.value.wanted, children).bowls.flatMap(
    (bowl) => bowl.children,
  );
});
</script>

<template>
  <section class="order" aria-label="What is made">
    <SideTabs v-model="kind" label="Made for" :options="targets" />
    <div class="fields">
      <template v-if="target.kind === 'children'">
        <NumberField
          :model-value="target.children"
          label="Children"
          path="children"
          @update:model-value="setTarget({ children: $event ?? 0 })"
        />
        <AmountField
          :model-value="target.share.amount"
          :label="made.unit === 'piece' ? 'Pieces a child' : 'A share'"
          path="share"
          :unit="target.share.unit"
          @update:model-value="setTarget({ share: { ...target.share, amount: $event ?? 0 } })"
        />
        <NumberField
          :model-value="target.spareShares"
          label="Spare shares"
          path="spareShares"
          @update:model-value="setTarget({ spareShares: $event ?? 0 })"
        />
      </template>
      <template v-else-if="target.kind === 'volume'">
        <ChoiceField
          v-if="made.unit === 'mL'"
          :model-value="tubId"
          label="Tub, filled as usual"
          path="tub"
          none="another one"
          :options="tubs"
          @update:model-value="chooseTub"
        />
        <AmountField
          :model-value="target.amount"
          label="How much"
          path="amount"
          :unit="made.unit"
          @update:model-value="setTarget({ amount: $event ?? 0 })"
        />
      </template>
      <template v-else-if="target.kind === 'left-of'">
        <ChoiceField
          :model-value="target.supplyId"
          label="Of"
          path="supplyId"
          :options="supplyOptions"
          @update:model-value="setTarget({ supplyId: $event, amount: leftOf($event ?? '') })"
        />
        <AmountField
          :model-value="target.amount"
          label="There is left"
          path="amount"
          :unit="store.book.supplies[target.supplyId as SupplyId]?.unit ?? 'g'"
          :grams-per-ml="store.book.supplies[target.supplyId as SupplyId]?.gramsPerMl"
          @update:model-value="setTarget({ amount: $event ?? 0 })"
        />
      </template>
      <NumberField
        v-else
        :model-value="target.batches"
        :label="isScience ? 'Ready so many times' : 'Batches'"
        path="batches"
        @update:model-value="setTarget({ batches: $event ?? 0 })"
      />
      <AmountField
        v-if="made.unit === 'mL' || made.unit === 'g'"
        :model-value="order.bowlMl"
        label="The bowl takes"
        path="bowl"
        unit="mL"
        empty-is-null
        @update:model-value="set({ bowlMl: $event ?? null })"
      />
    </div>
    <div class="how">
      <SideTabs
        v-if="isScience && target.kind === 'batches'"
        :model-value="groups"
        label="Groups"
        :options="{ '1': 'one group', '2': 'two groups' }"
        @update:model-value="setGroups($event)"
      />
      <SideTabs
        :model-value="order.way"
        label="Measured"
        :options="WAYS_TO_MEASURE"
        @update:model-value="set({ way: $event })"
      />
      <SideTabs
        :model-value="order.system"
        label="Units"
        :options="{ metric: 'metric', us: 'US' }"
        @update:model-value="set({ system: $event })"
      />
      <span v-if="withouts.length || canBeFood" class="without" role="group" aria-label="Without">
        <span class="soft">Without</span>
        <label v-for="id in withouts" :key="id">
          <input
            type="checkbox"
            :name="`without.${id}`"
            :checked="isWithout(id)"
            @change="switchWithout(id)"
          />
          {{ allergenName(id) }}
        </label>
        <label v-if="canBeFood">
          <input
            type="checkbox"
            name="only-food"
            :checked="order.wanted.onlyFood"
            @change="set({ wanted: { ...order.wanted, onlyFood: !order.wanted.onlyFood } })"
          />
          what is no food
        </label>
      </span>
    </div>
    <p v-if="apart.length" class="apart" data-test="apart">
      {{ apart.map(({ shownAs }) => shownAs).join(', ') }}: an own bowl, own tools and a label, below.
    </p>
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-4) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
  gap: var(--gap-3);
  align-items: start;
  padding-top: var(--gap-2);
}
.how {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) calc(2 * var(--gap-4));
  align-items: center;
}
.without {
  display: inline-flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
}
.without label {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-3);
  min-height: 32px;
}
.apart {
  padding: var(--gap-2) var(--gap-4);
  background: var(--care-bg);
  border-left: 5px solid var(--care-edge);
}
</style>
