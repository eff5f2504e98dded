<script setup lang="ts">
import { formatQuantity, homeOf, type ChangeInput, type SupplyLine } from '@kobby/core';
import { computed, ref } from 'vue';
import { AmountField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import type { ActResult } from '../../state/sync.ts';
import PackRows from '../Cupboard/PackRows.vue';

/** What a line costs and how much of it is here, put right where it is seen. Both belong to the cupboard, not to the unit. */
const props = defineProps<{ line: SupplyLine }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const { supply } = props.line;
const counted = ref<number | null>(null);
const { draft, submit } = formOf('supplies')({
  id: () => supply.id,
  first: () => ({ id: supply.id, category: supply.category }),
  put: (one) => [
    { type: 'cupboard/put-supply', supply: { ...one, packs: isBegun ? priced(one.packs) : one.packs } },
    ...countedNow(),
  ],
  close: () => emit('close'),
});
// Where no pack is known one is begun, with what is to be bought; it is kept once it has a price.
const isBegun = (draft.value.packs ?? []).length === 0;
const priced = (packs: typeof draft.value.packs) => packs?.filter(({ price }) => price !== null);
if (isBegun)
  draft.value.packs = [
    { amount: props.line.buy.amount || props.line.need.amount, price: null, pricedOn: null, shop: null },
  ];

const here = computed(() => formatQuantity(props.line.have, homeOf(store.book).units));
function countedNow(): ChangeInput[] {
  const amount = counted.value;
  if (amount === null || Number.isNaN(amount)) return [];
  const move = { id: `move-${newId()}`, supplyId: supply.id, kind: 'counted' as const, amount };
  return [{ type: 'cupboard/record-stock', move: { ...move, at: store.instant() } }];
}
function keep(): ActResult {
  const result = submit();
  if (result.done) counted.value = null;
  return result;
}
</script>

<template>
  <FormSheet
    :title="`${supply.name}: price and amount`"
    :hint="`${here} here, as far as is known.`"
    live
    :submit="keep"
    :width="620"
    @close="emit('close')"
  >
    <PackRows v-model="draft.packs" :unit="supply.unit" :grams-per-ml="supply.gramsPerMl" price-first />
    <AmountField
      v-model="counted"
      label="How much is here, counted now"
      path="counted"
      :unit="supply.unit"
      :grams-per-ml="supply.gramsPerMl"
      empty-is-null
    />
  </FormSheet>
</template>
