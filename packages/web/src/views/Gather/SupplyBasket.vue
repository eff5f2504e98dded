<script setup lang="ts">
import {
  batchesText,
  explainLine,
  formatDay,
  formatMoney,
  formatQuantity,
  homeOf,
  quantity,
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
import { useBook } from '../../state/book.ts';

/** A basket of supplies, amounts first; pressing an amount tells how it came about, pressing a name how it is got. */
const props = defineProps<{
  basket: BasketId;
  title: string;
  lines: readonly SupplyLine[];
  empty: string;
}>();
const emit = defineEmits<{ open: [SupplyId] }>();
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
const dueText = ({ orderBy, by }: SupplyLine): string => {
  const verb = props.basket === 'cook' ? 'make' : orderBy < by.date ? 'order' : '';
  const when =
    orderBy <= store.today!
      ? orderBy < store.today!
        ? 'late'
        : 'today'
      : `by ${formatDay(orderBy, 'brief')}`;
  return verb ? `${verb} ${when}` : when;
};
const packsText = ({ packs, supply }: SupplyLine): string => {
  if (!packs) return '';
  const texts = packs.packs.map(
    ({ pack, count }) => `${count} × ${shown(quantity(pack.amount, supply.unit))}`,
  );
  const shops = [...new Set(packs.packs.flatMap(({ pack }) => pack.shop ?? []))];
  return `${texts.join(' + ')}${shops.length > 0 ? `, ${shops.join(', ')}` : ''}`;
};
function detailsOf(line: SupplyLine): string[] {
  const { have, need, peak, errand, cooking, carried, supply } = line;
  const there = have.amount > 0 ? `${shown(have)} on hand` : 'none on hand';
  const who = errand?.from ?? supply.gotFrom;
  return [
    isToGet.value ? `need ${shown(need)}, ${there}` : there,
    carried > 0 ? `${shown(quantity(carried, supply.unit))} from packs for an earlier unit` : '',
    packsText(line),
    cooking && cooking.batches.gt(0)
      ? `${batchesText(cooking.batches)}${cooking.own ? ' for everyone' : ''}`
      : '',
    cooking?.own
      ? `${batchesText(cooking.own.batches)} for ${cooking.own.children.map(({ shownAs }) => shownAs).join(', ')}, own bowl`
      : '',
    cooking?.problem ?? '',
    peak ? `most at once on Day ${peak.day.number}` : '',
    isToGet.value && who && (props.basket === 'families' || props.basket === 'borrow') ? `from ${who}` : '',
    errand?.askedOn ? `asked on ${formatDay(errand.askedOn, 'brief')}` : '',
    errand?.backBy && props.basket === 'borrow' ? `back by ${formatDay(errand.backBy, 'brief')}` : '',
    errand?.note ?? '',
  ].filter(Boolean);
}
const priceOf = ({ packs }: SupplyLine): string =>
  packs?.cost !== null && packs?.cost !== undefined ? formatMoney(packs.cost, home.value.currency) : '';
</script>

<template>
  <ShelfCard :title="`${title} · ${lines.length}`" :label="title" :data-test="`basket-${basket}`">
    <p v-if="lines.length === 0" class="soft">{{ empty }}</p>
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
          <small>{{ detailsOf(line).join(' · ') }}</small>
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
          <span>{{ isToGet ? dueText(line) : (line.supply.keptIn ?? '') }}</span>
          <small class="figures">{{ priceOf(line) || `Day ${line.by.number}` }}</small>
        </div>
      </li>
    </ul>
    <v-btn v-if="lines.length > SHOWN" class="is-quiet" size="small" @click="all = !all">
      {{ all ? 'Show fewer' : `and ${lines.length - SHOWN} more` }}
    </v-btn>
  </ShelfCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) auto;
  gap: 0 10px;
  padding: 6px 0 5px;
  border-top: 1px dashed var(--line);
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
  margin-left: 6px;
  padding: 0 6px;
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
  max-width: 92px;
  text-align: right;
}
@media (max-width: 700px) {
  .name {
    min-height: var(--touch);
  }
}
</style>
