<script setup lang="ts">
import { changesOfMaking, oneBowl, toNumber, type MadeInput, type Mix, type Scaled } from '@kobby/core';
import { computed, ref } from 'vue';
import { AmountField, LineField, TextField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** It was made, or tried out: when, how it is kept, and what really went in. */
const props = defineProps<{ mixes: readonly Mix[]; trial: boolean }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
// Something is tried once, however often it should be ready.
const scaledOf = ({ scaled }: Mix): Scaled => (props.trial ? oneBowl(scaled) : scaled);
const recipe = computed(() => props.mixes[0]!.scaled.recipe);
const madeOn = ref<string | null>(store.today);
const keptHow = ref<string | undefined>(recipe.value.keptHow);
const found = ref<string | null>(null);
const note = ref<string | undefined>('');
// The amounts of the recipe stand there: only what was another one is kept as one's own.
const planned = new Map(
  scaledOf(props.mixes[0]!).portions.map(({ supply, amount }) => [
    supply.id as string,
    Math.round(toNumber(amount) * 10) / 10,
  ]),
);
const took = ref<Record<string, number | null | undefined>>(Object.fromEntries(planned));
const own = computed(() =>
  [...planned].flatMap(([supplyId, was]) => {
    const amount = took.value[supplyId];
    return amount !== was && amount !== null && amount !== undefined ? [{ supplyId, amount }] : [];
  }),
);

keepsTyped(`made ${recipe.value.id} ${props.trial}`, { madeOn, keptHow, found, note, took });

function submit(): ActResult {
  const stamp = { at: store.instant(), newId };
  const changes = props.mixes.flatMap((mix, i) => {
    const scaled = scaledOf(mix);
    const made: MadeInput = {
      madeOn: madeOn.value as string,
      keptHow: keptHow.value,
      trial: props.trial,
      found: found.value,
      note: note.value,
      without: [...mix.without],
      label: mix.own ? mix.own.children.map(({ shownAs }) => shownAs).join(', ') : null,
      own: i === 0 ? own.value : [],
    };
    return changesOfMaking(scaled, store.book, made, stamp);
  });
  return store.perform(changes);
}
</script>

<template>
  <FormSheet
    :title="trial ? `Tried out: ${recipe.title}` : `Made: ${recipe.title}`"
    :hint="
      trial
        ? 'What you found is there next time. What went in comes out of the cupboard.'
        : 'What went in comes out of the cupboard, what it makes goes in.'
    "
    :submit="submit"
    :width="640"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <LineField v-model="madeOn" label="On" path="madeOn" type="date" empty-is-null />
      <LineField v-if="!trial" v-model="keptHow" label="Kept how" path="keptHow" />
    </div>
    <LineField
      v-if="trial || recipe.kind === 'science'"
      v-model="found"
      label="Found (14 seconds, 80 g)"
      path="found"
      empty-is-null
    />
    <p class="soft">Went in. Write over what was another amount: it is there as your own value next time.</p>
    <div class="side-by-side">
      <AmountField
        v-for="portion in scaledOf(mixes[0]!).portions"
        :key="portion.supply.id"
        v-model="took[portion.supply.id]"
        :label="portion.supply.name"
        :path="`own.${portion.supply.id}`"
        :unit="portion.supply.unit"
        :grams-per-ml="portion.supply.gramsPerMl"
      />
    </div>
    <TextField v-model="note" label="Note" path="note" :rows="1" />
  </FormSheet>
</template>
