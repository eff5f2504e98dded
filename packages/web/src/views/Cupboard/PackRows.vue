<script setup lang="ts">
import {
  formatDay,
  formatMoney,
  homeOf,
  parseMoney,
  type ChangeInput,
  type MeasureId,
  type PlainDay,
} from '@kobby/core';
import { computed } from 'vue';
import { AmountField, LineField, RowsField } from '../../parts/fields/index.ts';
import { useBook } from '../../state/book.ts';

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];
type PackInput = NonNullable<SupplyInput['packs']>[number];

/** The packs in which shops sell a supply, with prices in the home's currency. */
defineProps<{
  unit: MeasureId;
  gramsPerMl: number | null | undefined;
  /** The first price is what the sheet was opened for. */
  priceFirst?: boolean;
}>();
const packs = defineModel<PackInput[] | undefined>({ required: true });
const store = useBook();
const currency = computed(() => homeOf(store.book).currency);

const blank = (): PackInput => ({ amount: Number.NaN, price: null, pricedOn: null, shop: null });
const shown = (pack: PackInput): string =>
  typeof pack.price === 'number' && !Number.isNaN(pack.price)
    ? formatMoney(pack.price as never, currency.value).replace(/[^\d.]/g, '')
    : '';
// What is no price stays no number, and is refused with its place.
function setPrice(pack: PackInput, text: string | null | undefined): void {
  pack.price = text?.trim() ? (parseMoney(text, currency.value) ?? Number.NaN) : null;
  pack.pricedOn = pack.price === null ? null : store.today;
}
</script>

<template>
  <RowsField
    v-slot="{ row, path, index }"
    v-model="packs"
    label="Packs"
    path="packs"
    one="Pack"
    :blank="blank"
  >
    <div class="side-by-side">
      <AmountField
        v-model="row.amount"
        label="In a pack"
        :path="`${path}.amount`"
        :unit="unit"
        :grams-per-ml="gramsPerMl"
      />
      <LineField
        :model-value="shown(row)"
        :label="`Price (${currency})`"
        :path="`${path}.price`"
        :data-first="priceFirst && index === 0 ? '' : undefined"
        inputmode="decimal"
        @change="setPrice(row, ($event.target as HTMLInputElement).value)"
      />
      <LineField v-model="row.shop" label="Shop" :path="`${path}.shop`" empty-is-null />
    </div>
    <small v-if="row.pricedOn" class="soft"
      >The price is of {{ formatDay(row.pricedOn as PlainDay, 'full') }}.</small
    >
  </RowsField>
</template>
