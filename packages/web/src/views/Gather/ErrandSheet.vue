<script setup lang="ts">
import { BASKETS, explainLine, formatQuantity, homeOf, type BasketId, type SupplyLine } from '@kobby/core';
import { computed, ref } from 'vue';
import { AmountField, ChoiceField, LineField, TextField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import HowCome from '../../parts/HowCome.vue';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** How one thing is got: in which way, how much by hand, from whom and until when. */
const props = defineProps<{ line: SupplyLine }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const home = computed(() => homeOf(store.book));
const { errand } = props.line;
const basket = ref<string | null>(errand?.basket ?? null);
const amount = ref<number | null>(errand?.amount?.set ?? null);
const from = ref<string | null>(errand?.from ?? null);
const askedOn = ref<string | null>(errand?.askedOn ?? null);
const backBy = ref<string | null>(errand?.backBy ?? null);
const note = ref<string | undefined>(errand?.note ?? '');
const way = computed(() => (basket.value ?? props.line.basket) as BasketId);
const planned = computed(() => formatQuantity(props.line.planned, home.value.units));

keepsTyped(`errand ${props.line.unit.id} ${props.line.supply.id}`, {
  basket,
  amount,
  from,
  askedOn,
  backBy,
  note,
});

function submit(): ActResult {
  const before = errand?.amount;
  const set = amount.value;
  return store.perform([
    {
      type: 'gather/put-errand',
      errand: {
        unitId: props.line.unit.id,
        supplyId: props.line.supply.id,
        basket: basket.value as BasketId | null,
        // An amount that stays as it was keeps what the plan asked for then; one typed anew answers to the plan of now.
        amount:
          set === null
            ? null
            : { set, instead: before?.set === set ? before.instead : props.line.planned.amount },
        from: from.value,
        askedOn: askedOn.value as never,
        backBy: backBy.value as never,
        note: note.value,
      },
    },
  ]);
}
const acceptPlan = (): void => {
  amount.value = null;
  if (submit().done) emit('close');
};
</script>

<template>
  <FormSheet
    :title="line.supply.name"
    :hint="`The plan asks for ${planned}.`"
    :submit="submit"
    :width="620"
    @close="emit('close')"
  >
    <HowCome :sentences="explainLine(line, home.units, home.currency)" />
    <p v-if="line.isMoved" class="moved" role="status">
      The plan has moved since this amount was set.
      <v-btn class="is-side" size="small" @click="acceptPlan">Take {{ planned }} from the plan</v-btn>
    </p>
    <div class="side-by-side">
      <ChoiceField
        v-model="basket"
        label="How it is got"
        path="basket"
        none="as the cupboard says"
        :options="BASKETS"
      />
      <AmountField
        v-model="amount"
        label="How much, by hand"
        path="amount.set"
        :unit="line.supply.unit"
        :grams-per-ml="line.supply.gramsPerMl"
        empty-is-null
      />
    </div>
    <div v-if="way === 'families' || way === 'borrow'" class="side-by-side">
      <LineField
        v-model="from"
        :label="way === 'borrow' ? 'From whom' : 'Who is asked'"
        path="from"
        empty-is-null
      />
      <LineField v-model="askedOn" label="Asked on" path="askedOn" type="date" empty-is-null />
      <LineField
        v-if="way === 'borrow'"
        v-model="backBy"
        label="Goes back by"
        path="backBy"
        type="date"
        empty-is-null
      />
    </div>
    <TextField v-model="note" label="Note" path="note" :rows="2" />
  </FormSheet>
</template>

<style scoped>
.moved {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
  color: var(--care);
  font-weight: 600;
}
</style>
