<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  CATEGORIES,
  cupboardOf,
  formatDay,
  formatQuantity,
  homeOf,
  parseAmount,
  SUPPLY_RULES,
  type CupboardRow,
  type SupplyId,
} from '@kobby/core';
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import PriceSheet from './PriceSheet.vue';
import SupplySheet from './SupplySheet.vue';
import UsualSheet from './UsualSheet.vue';
import WishesCard from './WishesCard.vue';
import ThingPicture from '../../parts/ThingPicture.vue';

/** The cupboard: what is there, where, and what to look at; and stock-taking, one amount after the other. */
const store = useBook();
const route = useRoute();
const router = useRouter();
const openId = ref<SupplyId | null>(null);
const adding = ref(false);
// Each that is entered after another has a sheet of its own.
const round = ref(0);
const counting = ref(false);
const pricing = ref(false);
const usual = ref(route.query.begin === 'usual');
function closeUsual(): void {
  usual.value = false;
  if (route.query.begin) void router.replace({ query: {} });
}
const wanted = ref('');
const category = ref<string | null>(null);
const counts = ref<Record<string, string>>({});
const wrong = ref<Record<string, string>>({});
const SHOWN_AT_ONCE = 100;
const most = ref(SHOWN_AT_ONCE);

const home = computed(() => homeOf(store.book));
const all = computed(() => cupboardOf(store.book, store.today!));
const onlyNames = SUPPLY_RULES.map(({ key, title }) => ({ title, value: key }));
const categoryNames = Object.entries(CATEGORIES).map(([value, { name }]) => ({ title: name, value }));
const only = computed({
  get: () => (route.query.only ? String(route.query.only) : null),
  set: (key) => void router.replace({ query: key ? { only: key } : {} }),
});
const rows = computed(() => {
  const words = wanted.value.toLowerCase().split(/\s+/).filter(Boolean);
  const test = SUPPLY_RULES.find((rule) => rule.key === only.value)?.concerns;
  return all.value.filter(
    (row) =>
      (!test || test(row)) &&
      (!category.value || row.supply.category === category.value) &&
      words.every((word) => `${row.supply.name} ${row.supply.keptIn ?? ''}`.toLowerCase().includes(word)),
  );
});
// Most of it is not counted yet: what an ordinary home has is a beginning.
const isUncounted = computed(
  () => all.value.filter(({ have }) => have.amount > 0).length < all.value.length / 2,
);
const retired = computed(() => Object.values(store.book.supplies).filter((supply) => supply.retired));

// What is to be said of a row, the most pressing first.
function flagsOf(row: CupboardRow): { text: string; isCare: boolean }[] {
  return [
    row.backBy && { text: `back by ${formatDay(row.backBy)}`, isCare: true },
    row.spoilsBy && { text: `best before ${formatDay(row.spoilsBy)}`, isCare: true },
    row.unrecorded.length > 0 && { text: `${row.unrecorded.length} not recorded`, isCare: true },
    row.isLow && { text: 'low', isCare: false },
    row.piecesMissing > 0 && { text: `${row.piecesMissing} pieces missing`, isCare: false },
    row.piecesWorn > 0 && { text: `${row.piecesWorn} pieces worn`, isCare: false },
  ].filter((flag) => typeof flag === 'object' && flag !== null);
}

/** Keeps a count as soon as its field is left; Enter goes on to the next one. */
function count({ supply }: CupboardRow): void {
  const text = counts.value[supply.id]?.trim() ?? '';
  if (text === '') return;
  const parsed = parseAmount(text, supply.unit, supply.gramsPerMl);
  if (!parsed.ok) {
    wrong.value = { ...wrong.value, [supply.id]: parsed.message };
    return;
  }
  const { amount } = parsed.quantity;
  const result = store.perform([
    {
      type: 'cupboard/record-stock',
      move: { id: `count-${newId()}`, supplyId: supply.id, kind: 'counted', amount, at: store.instant() },
    },
  ]);
  wrong.value = { ...wrong.value, [supply.id]: result.done ? '' : (result.errors[0]?.message ?? '') };
  if (result.done) counts.value = { ...counts.value, [supply.id]: '' };
}
function next(event: KeyboardEvent): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('[data-test="cupboard"] input')];
  fields[fields.indexOf(event.target as HTMLInputElement) + 1]?.focus();
}
async function beginCounting(): Promise<void> {
  counting.value = !counting.value;
  await nextTick();
  if (counting.value) document.querySelector<HTMLInputElement>('[data-test="cupboard"] input')?.focus();
}
</script>

<template>
  <div>
    <PageBar title="Cupboard" hint="what is in the house, and where">
      <v-btn class="is-side" @click="pricing = true">Prices</v-btn>
      <v-btn v-if="isUncounted" class="is-side" @click="usual = true">The usual things</v-btn>
      <v-btn class="is-side" :aria-pressed="counting" @click="beginCounting">
        {{ counting ? 'Counting is done' : 'Take stock' }}
      </v-btn>
      <v-btn class="is-main" :prepend-icon="mdiPlus" @click="adding = true">A supply</v-btn>
    </PageBar>
    <div class="narrow">
      <v-text-field v-model="wanted" label="Look for a word" name="wanted" clearable />
      <v-select v-model="category" :items="categoryNames" label="Kind" name="category" clearable />
      <v-select v-model="only" :items="onlyNames" label="Only" name="only" clearable />
    </div>
    <div class="columns">
      <ShelfCard
        :title="
          rows.length === all.length ? `${all.length} things` : `${rows.length} of ${all.length} things`
        "
        label="Things"
      >
        <p v-if="all.length === 0" class="soft">Nothing yet. Amounts to buy follow from what is here.</p>
        <p v-else-if="rows.length === 0" class="soft">Nothing in the cupboard is like this.</p>
        <p v-if="counting" class="soft">Type what is there, Enter for the next. Empty stays as it was.</p>
        <ul data-test="cupboard">
          <li v-for="row in rows.slice(0, most)" :key="row.supply.id" :class="{ counting }">
            <button type="button" class="row" @click="openId = row.supply.id">
              <b
                ><ThingPicture :name="row.supply.name" :picture="row.supply.picture"
                  ><span class="no-picture"
                /></ThingPicture>
                {{ row.supply.name }}</b
              >
              <span class="have figures">{{ formatQuantity(row.have, home.units) }}</span>
              <span class="soft kept">{{ row.supply.keptIn ?? '' }}</span>
              <span class="flags">
                <span v-for="flag in flagsOf(row)" :key="flag.text" :class="flag.isCare ? 'care' : 'note'">{{
                  flag.text
                }}</span>
              </span>
            </button>
            <label v-if="counting" class="count">
              <span class="sr-only">{{ row.supply.name }}, how much is there</span>
              <input
                v-model="counts[row.supply.id]"
                autocomplete="off"
                inputmode="decimal"
                :placeholder="row.supply.unit === 'piece' ? 'pieces' : row.supply.unit"
                :aria-invalid="Boolean(wrong[row.supply.id])"
                @change="count(row)"
                @keydown.enter.prevent="
                  count(row);
                  next($event);
                "
              />
              <small v-if="wrong[row.supply.id]" class="wrong" role="alert">{{ wrong[row.supply.id] }}</small>
            </label>
          </li>
        </ul>
        <v-btn v-if="rows.length > most" class="is-side begin" @click="most += SHOWN_AT_ONCE">
          Show {{ Math.min(SHOWN_AT_ONCE, rows.length - most) }} more
        </v-btn>
      </ShelfCard>
      <div class="stack">
        <WishesCard />
        <ShelfCard v-if="retired.length" :title="`Retired · ${retired.length}`" label="Retired">
          <ul>
            <li v-for="supply in retired" :key="supply.id">
              <button type="button" class="row" @click="openId = supply.id">{{ supply.name }}</button>
            </li>
          </ul>
        </ShelfCard>
      </div>
    </div>
    <PriceSheet v-if="pricing" @close="pricing = false" />
    <UsualSheet v-if="usual" @close="closeUsual" />
    <SupplySheet
      v-if="adding || openId"
      :id="openId"
      :key="round"
      @next="round += 1"
      @close="
        adding = false;
        openId = null;
      "
    />
  </div>
</template>

<style scoped>
.no-picture {
  display: inline-block;
  width: 24px;
}
.narrow {
  display: grid;
  grid-template-columns: minmax(200px, 2fr) minmax(150px, 1fr) minmax(150px, 1fr);
  gap: var(--gap-4);
  max-width: 820px;
  margin-bottom: var(--gap-5);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 2.4fr) minmax(220px, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
li {
  border-top: 1px dashed var(--line);
}
li.counting {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  gap: var(--gap-3);
  align-items: center;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) 90px minmax(0, 0.9fr) minmax(0, 1.1fr);
  gap: var(--gap-3);
  align-items: center;
  width: 100%;
  min-height: 38px;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  text-align: left;
}
.row:hover {
  background: var(--paper);
}
.have {
  font-weight: 600;
}
.flags {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
.flags span {
  padding: 0 var(--gap-3);
  border-radius: 3px;
  font-size: 12.5px;
  font-weight: 600;
}
.care {
  background: var(--care-bg);
  color: var(--care);
}
.note {
  background: var(--note-bg);
  color: var(--note);
}
.count input {
  width: 100%;
  min-height: 36px;
  padding: var(--gap-1) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
.begin {
  align-self: flex-start;
}
@media (max-width: 900px) {
  .columns,
  .narrow {
    grid-template-columns: 1fr;
  }
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
    min-height: var(--touch);
  }
  /* Under the name, beside the picture. */
  .kept {
    padding-left: calc(2 * var(--gap-5));
  }
  li.counting {
    grid-template-columns: minmax(0, 1fr) 110px;
  }
  .count input {
    min-height: var(--touch);
  }
}
</style>
