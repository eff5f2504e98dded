<script setup lang="ts">
import {
  formatMoney,
  homeOf,
  noPreview,
  priceChanges,
  pricesSchema,
  proposePrices,
  readPriceProposals,
  type ImportPreview,
  type Pack,
  type PriceProposal,
  type Prices,
} from '@kobby/core';
import { computed, ref, shallowRef } from 'vue';
import BringInSheet from '../../parts/BringInSheet.vue';
import { LineField } from '../../parts/fields/index.ts';
import { ask } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** Prices of a shop, asked of it or from its list: proposed beside what is known, and taken by a press. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const shop = ref('');
const given = shallowRef<Prices | null>(null);
const trouble = ref<string | null>(null);
const currency = computed(() => homeOf(store.book).currency);

async function askShop(): Promise<void> {
  const said = await ask('GET', '/api/prices', pricesSchema);
  given.value = said.kind === 'ok' ? said.data : null;
  trouble.value = said.kind === 'ok' ? null : 'The shop cannot be reached. Try again.';
}

function read(text: string): ImportPreview<PriceProposal> {
  const { book, today } = store;
  if (text.trim() !== '') return readPriceProposals(text, shop.value.trim() || 'a price list', book, today!);
  return given.value
    ? proposePrices(given.value.offers, given.value.shop, book, today!)
    : noPreview('There is nothing in it yet.');
}

const money = (pack: Pack | null): string =>
  pack === null || pack.price === null ? '' : formatMoney(pack.price, currency.value);
function shown({ supply, offer, was, elsewhere, becomes }: PriceProposal): string {
  const [before, now] = [money(was), money(becomes)];
  const change = before === '' ? now : before === now ? `${now}, as before` : `${before} → ${now}`;
  const other = elsewhere ? ` (${money(elsewhere)} at ${elsewhere.shop ?? 'another shop'})` : '';
  return `${supply.name}, ${offer.pack}: ${change}${other}`;
}
</script>

<template>
  <BringInSheet
    title="Prices of a shop"
    hint="Taken by a press, with today's date. What this house does not keep is passed over."
    :read="read"
    :shown="shown"
    :changes="(rows: readonly PriceProposal[]) => priceChanges(rows, store.book)"
    :is-given="given !== null"
    @close="emit('close')"
  >
    <div class="asked">
      <v-btn class="is-side" @click="askShop">Ask the sample shop</v-btn>
      <span class="soft">{{
        given
          ? `${given.shop}: ${given.offers.length} offers. Its prices are made up.`
          : 'It ships with Kobby, and its prices are made up.'
      }}</span>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p>Or the list of another shop, with the columns name, pack and price.</p>
    <LineField v-model="shop" label="What that shop is called" path="shop" />
  </BringInSheet>
</template>

<style scoped>
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-4);
  align-items: center;
}
</style>
