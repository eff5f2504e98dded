<script setup lang="ts">
import { mdiArrowLeft, mdiCheckboxBlankOutline, mdiCheckboxMarked } from '@mdi/js';
import {
  changesIfThere,
  changesToPutAway,
  formatMoney,
  formatQuantity,
  homeOf,
  packsText,
  unitsByNearness,
  read,
  type BasketId,
  type Money,
  type SupplyLine,
  type UnitId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import SideTabs from '../../parts/SideTabs.vue';
import { newId } from '../../state/api.ts';
import { useTitle } from '../../state/page-title.ts';
import { useBook } from '../../state/book.ts';

/** The shopping list, for one thumb: by shop, large lines, ticked by a touch anywhere on them, also without a connection. */
const store = useBook();
const route = useRoute();
const unit = computed(() => store.book.units[String(route.params.unitId) as UnitId] ?? null);
const home = computed(() => homeOf(store.book));
// Whoever goes shopping once a week goes for all that runs or comes.
const whose = ref<'this' | 'all'>('this');
const isForAll = computed(() => whose.value === 'all');
const others = computed(() =>
  unitsByNearness(store.book, store.today!)
    .filter(({ unit: { id }, phase }) => id !== unit.value?.id && (phase === 'now' || phase === 'to-come'))
    .map((one) => one.unit),
);
const shoppedFor = computed(() => [
  ...(unit.value ? [unit.value] : []),
  ...(isForAll.value ? others.value : []),
]);
const lines = computed(() =>
  shoppedFor.value.flatMap(({ id }) => read(store.book, id, store.today!).supplies),
);

const OTHER: Readonly<Partial<Record<BasketId, string>>> = {
  families: 'From families',
  borrow: 'Borrowed',
  collect: 'Collected outdoors',
};
const groups = computed(() => {
  const byPlace = new Map<string, SupplyLine[]>();
  const add = (place: string, line: SupplyLine): void =>
    void byPlace.set(place, [...(byPlace.get(place) ?? []), line]);
  for (const line of lines.value) {
    if (line.buy.amount === 0) continue;
    if (line.basket === 'buy') add(line.packs?.packs[0]?.pack.shop ?? 'Any shop', line);
    else if (OTHER[line.basket]) add(OTHER[line.basket]!, line);
  }
  const others: ReadonlySet<string> = new Set(Object.values(OTHER));
  return [...byPlace]
    .map(([place, ofPlace]) => ({ place, lines: ofPlace }))
    .toSorted((a, b) => Number(others.has(a.place)) - Number(others.has(b.place)));
});
const listed = computed(() => groups.value.flatMap((group) => group.lines));
const ticked = computed(() => listed.value.filter(({ pickup }) => pickup !== null));
const cost = computed(() => ticked.value.reduce((sum, { packs }) => sum + (packs?.cost ?? 0), 0));

const whatOf = ({ packs, supply, buy }: SupplyLine): string =>
  packs ? packsText(packs, supply, home.value.units) : formatQuantity(buy, home.value.units);
const alsoOf = ({ packs, errand, supply, unit: of }: SupplyLine): string =>
  [
    isForAll.value ? of.title : '',
    packs?.cost !== null && packs?.cost !== undefined ? formatMoney(packs.cost, home.value.currency) : '',
    errand?.from ?? supply.gotFrom ?? '',
    errand?.note ?? '',
  ]
    .filter(Boolean)
    .join(' · ');
// Before one goes: what is in the house after all is counted as there, and is on the list no more.
const isAtHome = ref(false);
function tick(line: SupplyLine): void {
  if (isAtHome.value) {
    store.perform(changesIfThere(store.book, [line], { at: store.instant(), newId }));
    return;
  }
  const { unit, supply, pickup } = line;
  const [unitId, supplyId] = [unit.id, supply.id];
  store.perform([{ type: pickup ? 'gather/put-back' : 'gather/pick-up', subject: { unitId, supplyId } }]);
}
function putAway(): void {
  store.perform(changesToPutAway(ticked.value, { at: store.instant(), newId }));
}
const wishes = computed(() =>
  Object.values(store.book.wishes).toSorted((a, b) => a.words.localeCompare(b.words, 'en')),
);
const connection = computed(() =>
  store.connection === 'connected' && store.waitingCount === 0
    ? 'All kept'
    : `${store.waitingCount} kept on this phone until there is a connection`,
);
useTitle('page', () => 'Shopping list');
</script>

<template>
  <main class="shop">
    <header>
      <RouterLink
        v-if="unit"
        class="back"
        :to="{ name: 'gather', params: { unitId: unit.id } }"
        aria-label="Back to the baskets"
      >
        <v-icon :icon="mdiArrowLeft" size="24" />
      </RouterLink>
      <div>
        <h1>Shopping list</h1>
        <p>{{ unit?.title ?? 'No such unit' }}</p>
      </div>
      <button
        v-if="listed.length > 0"
        type="button"
        class="mode"
        :aria-pressed="isAtHome"
        @click="isAtHome = !isAtHome"
      >
        {{ isAtHome ? 'Shopping now' : 'What is at home?' }}
      </button>
    </header>
    <p v-if="listed.length === 0" class="nothing">
      {{
        lines.length > 0
          ? 'Nothing is missing. Everything the plan needs is in the house.'
          : 'Nothing is planned yet that needs anything.'
      }}
    </p>
    <SideTabs
      v-if="others.length > 0"
      v-model="whose"
      class="whose"
      label="For what"
      :options="{ this: unit?.title ?? '', all: `All ${others.length + 1} that run or come` }"
    />
    <p v-if="isAtHome" class="rule" role="status">
      Touch what is in the house after all: it is counted as there, and leaves the list.
    </p>
    <section v-for="group in groups" :key="group.place">
      <h2>{{ group.place }}</h2>
      <p v-if="group.place === OTHER.collect && home.collectRule" class="rule">{{ home.collectRule }}</p>
      <ul>
        <li v-for="line in group.lines" :key="`${line.unit.id} ${line.supply.id}`">
          <button
            type="button"
            :aria-pressed="line.pickup !== null"
            :class="{ got: line.pickup }"
            :data-test="`shop-${line.supply.id}`"
            @click="tick(line)"
          >
            <v-icon
              :icon="line.pickup ? mdiCheckboxMarked : mdiCheckboxBlankOutline"
              size="30"
              aria-hidden="true"
            />
            <span class="what">
              <b>{{ line.supply.name }}</b>
              <small v-if="alsoOf(line)">{{ alsoOf(line) }}</small>
              <small v-if="line.pickup">in the bag, by {{ line.pickup.by }}</small>
            </span>
            <span class="amount figures">{{ whatOf(line) }}</span>
          </button>
        </li>
      </ul>
    </section>
    <section v-if="wishes.length">
      <h2>For later, if it turns up</h2>
      <ul class="later">
        <li v-for="wish in wishes" :key="wish.id">
          {{ wish.words }} <small v-if="wish.forWhat">for {{ wish.forWhat }}</small>
        </li>
      </ul>
    </section>
    <footer>
      <span class="state" aria-live="polite">
        <b class="figures">{{ ticked.length }} of {{ listed.length }}</b> in the bag
        <template v-if="cost > 0">· {{ formatMoney(cost as Money, home.currency) }}</template>
        <small>{{ connection }}</small>
      </span>
      <v-btn class="is-main" :disabled="ticked.length === 0" data-test="put-away" @click="putAway"
        >Put away</v-btn
      >
    </footer>
  </main>
</template>

<style scoped>
.shop {
  max-width: 560px;
  min-height: 100vh;
  margin: 0 auto;
  padding-bottom: 96px;
  font-size: 16px;
}
header {
  display: flex;
  gap: var(--gap-4);
  align-items: center;
  padding: var(--gap-3) var(--gap-4);
  background: var(--band);
  color: var(--band-text);
}
header p {
  color: var(--band-soft);
}
.whose {
  padding: var(--gap-3) var(--gap-5) 0;
}
.mode {
  margin-left: auto;
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: none;
  border: 1.5px solid var(--band-edge);
  border-radius: 99px;
  color: var(--band-text);
  font-weight: 600;
}
.back {
  display: grid;
  place-items: center;
  width: var(--touch);
  height: var(--touch);
}
h2 {
  padding: var(--gap-5) var(--gap-5) var(--gap-2);
}
.rule {
  padding: 0 var(--gap-5) var(--gap-3);
  color: var(--ink-soft);
  font-size: 14px;
}
.nothing {
  padding: calc(2 * var(--gap-4)) var(--gap-5);
}
section li button {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto;
  gap: var(--gap-3);
  align-items: center;
  width: 100%;
  min-height: 62px;
  padding: var(--gap-3) var(--gap-5);
  background: var(--card);
  border: 0;
  border-bottom: 1.5px solid var(--line);
  text-align: left;
}
.what small {
  display: block;
  font-size: 14px;
  color: var(--ink-soft);
}
.amount {
  max-width: 130px;
  font: 700 18px var(--display);
  text-align: right;
}
.later li {
  padding: var(--gap-3) var(--gap-5);
  border-bottom: 1.5px solid var(--line);
}
.later small {
  color: var(--ink-soft);
}
.got {
  background: var(--ok-bg) !important;
}
.got b {
  text-decoration: line-through;
}
footer {
  position: fixed;
  inset: auto 0 0;
  display: flex;
  gap: var(--gap-4);
  justify-content: space-between;
  align-items: center;
  max-width: 560px;
  margin: 0 auto;
  padding: var(--gap-3) var(--gap-5) var(--gap-4);
  background: var(--card);
  border-top: 7px solid var(--shelf);
}
footer small {
  display: block;
  font-size: 13px;
  color: var(--ink-soft);
}
footer .v-btn {
  min-height: 52px;
  min-width: 130px;
}
</style>
