<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import {
  CIRCLE_OUTCOMES,
  formatMoney,
  homeOf,
  listed,
  lookBackOn,
  sessionsOf,
  tallyText,
  minutesAnew,
} from '@kobby/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import RecordRow from '../Today/RecordRow.vue';
import RanRow from './RanRow.vue';
import ThingsGone from './ThingsGone.vue';

/** Looking back on a unit: what Kobby knows of it, and only what it does not know is asked. */
const store = useBook();
const reading = useReading();
const TallyChart = defineAsyncComponent(() => import('../../parts/TallyChart.vue'));

/** From so many days on a column has room for its number only. */
const MANY_DAYS = 12;
const back = computed(() => lookBackOn(store.book, reading.value, store.today!));
const columns = computed(() =>
  back.value.byDay.map(({ day, tally }, _, all) => ({
    name: all.length < MANY_DAYS ? `Day ${day.number}` : String(day.number),
    tally,
  })),
);
const ran = computed(() => back.value.rows.filter(({ went }) => went !== null));
// What is asked is asked of its last day: that is remembered best.
const asked = computed(() =>
  back.value.toTell.flatMap((row) => {
    const day = row.days.at(-1)!;
    const session = sessionsOf(row.placement, reading.value.frame).find(
      (one) => one.day.number === day.number,
    );
    if (!session) return [];
    const here = reading.value.frame.attendance[day.number - 1]!.children;
    return [{ row, day, here, thing: { session, stations: [] } }];
  }),
);
/** So many are asked at once: who is tired is not asked twenty things. */
const ASKED_AT_ONCE = 4;
const isAll = ref(false);
const shown = computed(() => (isAll.value ? asked.value : asked.value.slice(0, ASKED_AT_ONCE)));
const hint = computed(() => {
  const { byDay, rows } = back.value;
  if (byDay.length === 0) return 'nothing is over yet';
  const days = byDay.length === 1 ? '1 day' : `${byDay.length} days`;
  return `${days}, ${rows.length} things; ${tallyText(back.value.tally) || 'nothing told yet'}`;
});
// What was learned of minutes, in words; empty where nobody looked at a clock.
const learned = computed((): readonly string[] => {
  const { turns, pace } = back.value.learned;
  const often = (times: number): string => (times === 1 ? 'once' : `${times} times`);
  return [
    ...(turns > 0 ? [`Minutes of a turn were measured ${often(turns)}.`] : []),
    ...(pace.times > 0
      ? [
          `Making ready was timed ${often(pace.times)}: it takes ${pace.factor.toFixed(2)} times what is written.`,
        ]
      : []),
  ];
});
const measureAnew = (): unknown => store.perform([minutesAnew(homeOf(store.book), store.instant())]);
const money = computed(() => {
  const { cost, frame } = reading.value;
  const { currency } = frame.home;
  const parts = [`${formatMoney(cost.paid, currency)} paid`, `${formatMoney(cost.used, currency)} used up`];
  if (cost.budget !== null) parts.push(`of a budget of ${formatMoney(cost.budget, currency)}`);
  return parts.join(', ');
});
</script>

<template>
  <div>
    <PageBar title="Look back" :hint="hint">
      <v-btn
        v-if="back.byDay.length > 0"
        class="is-side"
        size="small"
        :prepend-icon="mdiPrinterOutline"
        :to="{ name: 'print', params: { unitId: reading.frame.unit.id, sheet: 'offered' } }"
      >
        What was offered
      </v-btn>
    </PageBar>
    <p v-if="back.byDay.length === 0" class="empty">
      Here stands how it went: what you tell on Today at once, the rest once its day is over.
    </p>
    <div v-else class="columns">
      <div class="stack">
        <ShelfCard v-if="asked.length > 0" :title="`To tell · ${asked.length}`" label="To tell">
          <p class="soft">Nobody said how these went. One touch each, while it is fresh.</p>
          <ul data-test="to-tell">
            <li v-for="{ row, day, here, thing } in shown" :key="row.placement.id">
              <b>{{ row.placement.content.title }}</b> <span class="soft">Day {{ day.number }}</span>
              <RecordRow :thing="thing" :here="here" :day="day.number" />
            </li>
          </ul>
          <v-btn v-if="shown.length < asked.length" class="is-quiet" @click="isAll = true"
            >All {{ asked.length }}</v-btn
          >
        </ShelfCard>
        <ShelfCard v-if="ran.length > 0" title="What ran, and what to do with it" label="What ran">
          <ul data-test="ran">
            <RanRow v-for="row in ran" :key="row.placement.id" :row="row" :next="back.next" />
          </ul>
        </ShelfCard>
      </div>
      <div class="stack">
        <ShelfCard title="Day by day" label="Day by day">
          <TallyChart label="How things went, day by day" :columns="columns" />
          <ul data-test="by-day">
            <li v-for="{ day, tally, untold } in back.byDay" :key="day.number" class="pair">
              <b>Day {{ day.number }}</b>
              <span
                >{{ tallyText(tally) || 'nothing told' }}{{ untold > 0 ? `, ${untold} to tell` : '' }}</span
              >
            </li>
          </ul>
        </ShelfCard>
        <ShelfCard v-if="back.byMode.length > 0" title="By kind" label="By kind">
          <ul>
            <li v-for="{ name, tally } in back.byMode" :key="name" class="pair">
              <b>{{ name }}</b> <span>{{ tallyText(tally) }}</span>
            </li>
          </ul>
        </ShelfCard>
        <ShelfCard title="What else is known" label="What else is known">
          <ul data-test="known">
            <li v-for="{ child, days } in back.away" :key="child.id">
              {{ child.name }} was away on Day {{ listed(days.map(String)) }}.
            </li>
            <li v-for="{ placement, lacks } in back.lacking" :key="placement.id">
              {{ placement.content.title }}: still missing for
              {{
                listed(
                  lacks.map(({ child, next }) => (next ? `${child.name} (Day ${next.number})` : child.name)),
                )
              }}.
            </li>
            <li v-for="circle in back.circles" :key="circle.id">
              Circle on Day {{ circle.day }}: {{ CIRCLE_OUTCOMES[circle.outcome].name }},
              {{ Math.round(circle.heldSeconds / 60) }} min.
            </li>
            <li v-for="note in back.notes" :key="note.id">
              Day {{ note.day }}, {{ note.by }}: {{ note.text }}
            </li>
            <li v-if="back.prepMinutes > 0">{{ back.prepMinutes }} min of preparation were ticked.</li>
            <li>{{ money }}.</li>
            <li v-if="learned.length > 0">
              {{ learned.join(' ') }} Kobby plans with that.
              <v-btn class="is-quiet" size="small" data-test="turns-anew" @click="measureAnew"
                >Forget them, and measure anew</v-btn
              >
            </li>
          </ul>
        </ShelfCard>
        <ThingsGone />
      </div>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-4);
}
li {
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
.pair {
  display: grid;
  grid-template-columns: 90px minmax(0, 1fr);
  gap: var(--gap-3);
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
