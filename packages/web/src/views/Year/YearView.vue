<script setup lang="ts">
import {
  bySeason,
  couldComeNext,
  formatDay,
  formatMoney,
  formatMonth,
  homeOf,
  LENSES,
  monthOf,
  overMonths,
  SEASONS,
  yearOf,
  type CouldCome,
  type Money,
  type PlainDay,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import MonthTable from '../../parts/MonthTable.vue';
import OneOf from '../../parts/OneOf.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import StartSheet from '../Units/StartSheet.vue';

/** The year behind: what was out month by month, what has not been for long, which themes at which time, and what could come next. */
const store = useBook();
const home = computed(() => homeOf(store.book));
// The learning centres have no headings that last over units.
const { corners: _corners, ...WAYS } = LENSES;
const lens = ref<keyof typeof WAYS>(home.value.lens === 'corners' ? 'development' : home.value.lens);
const over = computed(() => overMonths(store.book, lens.value, store.today!));
const rows = computed(() =>
  over.value.rows.map((row) => ({
    ...row,
    note: row.lastOn === null ? 'never' : lastText(row.lastOn),
    isMarked: row.isLongAgo,
  })),
);
// Of an earlier year the day is no matter.
const lastText = (day: PlainDay): string =>
  monthOf(day) < over.value.months[0]! ? formatMonth(monthOf(day)) : formatDay(day);
const rare = computed(() => rows.value.filter(({ isLongAgo }) => isLongAgo));
const money = (amount: number): string => formatMoney(amount as Money, home.value.currency);
const paid = computed(() => over.value.paid.reduce((sum, { amount }) => sum + amount, 0));
const next = computed(() => couldComeNext(store.book, lens.value, store.today!));
const year = computed(() => yearOf(store.book, store.today!));
const seasons = computed(() => bySeason(year.value.units, home.value.zone));
const isEmpty = computed(() => over.value.rows.every(({ lastOn }) => lastOn === null));

const begun = ref<CouldCome | null>(null);
const WORDS = { again: 'Start it again', ready: 'Start it' } as const;
</script>

<template>
  <div class="page">
    <InkBand is-page :title="home.name" :detail="formatDay(store.today!, 'full')" />
    <main class="wide">
      <PageBar title="The year" hint="what was out over twelve months, and what could come next">
        <v-btn class="is-side" :to="{ name: 'units' }">All units</v-btn>
      </PageBar>
      <p v-if="isEmpty" class="empty">Once something was out, its month stands here.</p>
      <ShelfCard v-else title="Month by month" label="Month by month">
        <OneOf v-model="lens" label="Looked at" :options="WAYS" />
        <MonthTable
          :label="`${LENSES[lens].name}, month by month`"
          of="things that were out"
          :months="over.months"
          :rows="rows"
        />
        <p class="soft">
          Each thing once, in the month of its first day, by what was planned; what was said to be skipped is
          left out.
        </p>
        <p v-if="rare.length > 0" data-test="rare">
          Not for two months or more: <b>{{ rare.map(({ name }) => name).join(', ') }}</b>.
        </p>
      </ShelfCard>
      <div class="columns">
        <ShelfCard v-if="next.length > 0" title="What could come next" label="What could come next">
          <ul data-test="next">
            <li v-for="one in next" :key="one.id">
              <span
                ><b>{{ one.title }}</b
                ><small>{{ one.why }}</small></span
              >
              <RouterLink
                v-if="one.kind === 'idea'"
                :to="{ name: 'spark', params: { unitId: one.id } }"
                :aria-label="`Open it: ${one.title}`"
                >Open it</RouterLink
              >
              <v-btn
                v-else
                class="is-quiet"
                :aria-label="`${WORDS[one.kind]}: ${one.title}`"
                @click="begun = one"
                >{{ WORDS[one.kind] }}</v-btn
              >
            </li>
          </ul>
        </ShelfCard>
        <ShelfCard
          v-if="year.units.some(({ span }) => span)"
          title="Themes by season"
          label="Themes by season"
        >
          <dl data-test="seasons">
            <div v-for="season in SEASONS" :key="season">
              <dt>{{ season }}</dt>
              <dd v-if="seasons[season].length === 0" class="soft">none yet</dd>
              <dd v-else>
                <RouterLink
                  v-for="{ unit, span } in seasons[season]"
                  :key="unit.id"
                  :to="{ name: 'corners', params: { unitId: unit.id } }"
                  >{{ unit.title }} <small>{{ span!.first.slice(0, 4) }}</small></RouterLink
                >
              </dd>
            </div>
          </dl>
        </ShelfCard>
        <ShelfCard v-if="paid > 0" title="Money" label="Money">
          <p>{{ money(paid) }} paid in these months, by the stock ledger.</p>
          <ul data-test="paid">
            <li v-for="{ month, amount } in over.paid" :key="month">
              <span>{{ formatMonth(month) }}</span><span class="figures">{{ money(amount) }}</span>
            </li>
          </ul>
        </ShelfCard>
      </div>
    </main>
    <StartSheet v-if="begun" :first="begun" @close="begun = null" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: var(--gap-4);
  align-items: start;
  margin-top: var(--gap-5);
}
li {
  display: flex;
  gap: var(--gap-4);
  align-items: baseline;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li small {
  display: block;
  color: var(--ink-soft);
}
dl div {
  display: grid;
  grid-template-columns: 70px 1fr;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
dt {
  font-weight: 600;
}
dd a {
  display: inline-block;
  min-height: 26px;
}
dd {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
}
</style>
