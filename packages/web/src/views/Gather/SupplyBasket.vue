<script setup lang="ts">
import {
  changesIfThere,
  dueText,
  explainLine,
  formatMoney,
  formatQuantity,
  homeOf,
  lineDetails,
  toNumber,
  type BasketId,
  type Quantity,
  type SupplyId,
  type SupplyLine,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import AmountButton from '../../parts/AmountButton.vue';
import HowCome from '../../parts/HowCome.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** A basket of supplies, amounts first; pressing an amount tells how it came about, pressing a name how it is got. */
const props = defineProps<{
  basket: BasketId;
  title: string;
  lines: readonly SupplyLine[];
  empty: string;
}>();
const emit = defineEmits<{ open: [SupplyId]; price: [SupplyId] }>();
const store = useBook();
const home = computed(() => homeOf(store.book));
const shown = (q: Quantity): string => formatQuantity(q, home.value.units);
const explained = ref<string | null>(null);
const all = ref(false);
const SHOWN = 14;
const shownLines = computed(() => (all.value ? props.lines : props.lines.slice(0, SHOWN)));

const isToGet = computed(() => props.basket !== 'shelf');
const amountOf = (line: SupplyLine): Quantity =>
  isToGet.value && line.buy.amount > 0 ? line.buy : line.need;
const missing = computed(() => props.lines.filter(({ buy }) => buy.amount > 0));
const isThere = (lines: readonly SupplyLine[]): unknown =>
  store.perform(changesIfThere(store.book, lines, { at: store.instant(), newId }));
const priceOf = ({ packs }: SupplyLine): string =>
  packs?.cost !== null && packs?.cost !== undefined ? formatMoney(packs.cost, home.value.currency) : '';
</script>

<template>
  <ShelfCard :title="`${title} · ${lines.length}`" :label="title" :data-test="`basket-${basket}`">
    <p v-if="lines.length === 0" class="soft">{{ empty }}</p>
    <p v-else-if="basket === 'collect' && home.collectRule" class="soft">{{ home.collectRule }}</p>
    <ul>
      <li v-for="line in shownLines" :key="line.supply.id" :data-test="`supply-${line.supply.id}`">
        <AmountButton
          :text="shown(amountOf(line))"
          :of="line.supply.name"
          :open="explained === line.supply.id"
          @turn="explained = explained === line.supply.id ? null : line.supply.id"
        />
        <div class="what">
          <button
            type="button"
            class="name"
            :aria-label="`${line.supply.name}: how it is got`"
            @click="emit('open', line.supply.id)"
          >
            {{ line.supply.name }}
          </button>
          <span v-if="line.errand?.amount" class="by-hand" :class="{ moved: line.isMoved }">
            {{ line.isMoved ? 'by hand; the plan has moved' : 'by hand' }}
          </span>
          <small>{{ lineDetails(line, home.units).join(' · ') }}</small>
          <HowCome
            v-if="explained === line.supply.id"
            :sentences="explainLine(line, home.units, home.currency)"
          />
          <RouterLink
            v-if="line.cooking && basket === 'cook'"
            :to="{
              name: 'counter',
              params: { recipeId: line.cooking.recipe.id },
              query: { batches: toNumber(line.cooking.batches) },
            }"
            >To the counter</RouterLink
          >
        </div>
        <div class="side">
          <span>{{ isToGet ? dueText(line, store.today!) : (line.supply.keptIn ?? '') }}</span>
          <small v-if="basket !== 'buy'" class="figures">Day {{ line.by.number }}</small>
          <button
            v-else
            type="button"
            class="price figures"
            :aria-label="`${priceOf(line) || 'No price'}: what ${line.supply.name} costs`"
            @click="emit('price', line.supply.id)"
          >
            {{ priceOf(line) || 'price?' }}
          </button>
          <button
            v-if="isToGet && line.buy.amount > 0"
            type="button"
            class="have"
            :aria-label="`I have it: ${line.supply.name}`"
            @click="isThere([line])"
          >
            I have it
          </button>
        </div>
      </li>
    </ul>
    <v-btn v-if="lines.length > SHOWN" class="is-quiet" size="small" @click="all = !all">
      {{ all ? 'Show fewer' : `and ${lines.length - SHOWN} more` }}
    </v-btn>
    <v-btn v-if="isToGet && missing.length > 1" class="is-quiet" size="small" @click="isThere(missing)">
      I have all {{ missing.length }} of these
    </v-btn>
  </ShelfCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) 88px;
  gap: 0 var(--gap-4);
  padding: var(--gap-2) 0 var(--gap-2);
  border-top: 1px dashed var(--line);
}
.have {
  margin-top: var(--gap-1);
  min-height: 28px;
  padding: 0 var(--gap-3);
  background: none;
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  font-size: 12.5px;
  font-weight: 600;
  white-space: nowrap;
}
.have:hover {
  border-color: var(--plum);
}
.price {
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  color: inherit;
  font-size: 12.5px;
}
.price:hover {
  text-decoration: underline;
}
.name {
  min-height: 26px;
  padding: 0;
  background: none;
  border: 0;
  text-align: left;
}
.name:hover {
  text-decoration: underline;
}
.by-hand {
  display: inline-block;
  padding: 0 var(--gap-3);
  background: var(--note-bg);
  color: var(--note);
  border-radius: 4px;
  font-size: 12.5px;
}
.by-hand.moved {
  background: var(--care-bg);
  color: var(--care);
  font-weight: 600;
}
.what small,
.side {
  color: var(--ink-soft);
  font-size: 12.5px;
}
.what small,
.side small {
  display: block;
}
.side {
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  text-align: right;
}
@media (max-width: 900px) {
  .have,
  .price,
  .name {
    min-height: var(--touch);
  }
}
</style>
