<script setup lang="ts">
import { mdiCircleOutline, mdiCircleSlice5, mdiCheckCircle, mdiLockOutline } from '@mdi/js';
import {
  formatDay,
  fullHouseDays,
  homeOf,
  needsOfStage,
  type Forecast,
  type StageForecast,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { lookText, needText, windowText } from './telling.ts';

/** Every stage with its window: what was seen, what is expected, and what it brings along. */
const props = defineProps<{ forecast: Forecast }>();
const store = useBook();
const home = computed(() => homeOf(store.book));
const wrong = ref<string | null>(null);
const GLYPHS = { over: mdiCheckCircle, now: mdiCircleSlice5, 'to-come': mdiCircleOutline } as const;
const WORDS = { over: 'over', now: 'now', 'to-come': 'to come' } as const;

// The first one begins when all of it does.
const next = computed(
  () => props.forecast.stages.find(({ state }, i) => i > 0 && state === 'to-come') ?? null,
);
const isBegun = computed(() => props.forecast.stages[0]!.state !== 'to-come');
const needs = ({ stage }: StageForecast) => needsOfStage(store.book, stage);
function house(one: StageForecast): string | null {
  if (!one.stage.fullHouse || one.began !== null) return null;
  const [best] = fullHouseDays(store.book, one);
  if (!best) return 'It wants everyone, and the home is closed on all of these days.';
  return best.missing.length === 0
    ? `It wants everyone: all are here on ${formatDay(best.date)}.`
    : `It wants everyone: on ${formatDay(best.date)} only ${best.missing.map(({ shownAs }) => shownAs).join(' and ')} ${best.missing.length === 1 ? 'is' : 'are'} missing, on no day fewer.`;
}
function begin({ stage }: StageForecast): void {
  const result = store.perform([
    {
      type: 'watch/record',
      sighting: {
        id: `saw-${newId()}`,
        observationId: props.forecast.observation.id,
        on: store.today!,
        stageId: stage.id,
        seen: stage.sign,
      },
    },
  ]);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be kept');
}
</script>

<template>
  <ShelfCard title="Stages">
    <ol>
      <li v-for="one in forecast.stages" :key="one.stage.id" :class="one.state" data-test="stage">
        <v-icon :icon="GLYPHS[one.state]" size="20" aria-hidden="true" />
        <div>
          <h3>
            {{ one.stage.name }} <span class="state">{{ WORDS[one.state] }}</span>
          </h3>
          <p :class="{ late: one.overdueDays > 0 }">{{ windowText(one) }}</p>
          <p v-if="one.stage.sign" class="soft">{{ one.stage.sign }}</p>
          <p class="soft">
            <v-icon
              v-if="one.stage.look.kind === 'closed'"
              :icon="mdiLockOutline"
              size="14"
              aria-hidden="true"
            />
            {{ lookText(one) }} · takes {{ one.stage.leastDays }} to {{ one.stage.mostDays }} days
          </p>
          <ul v-if="one.stage.tasks.length || one.stage.supplies.length" class="brings">
            <li v-for="task in one.stage.tasks" :key="task.id">{{ task.text }}, {{ task.minutes }} min</li>
            <li v-for="need in needs(one)" :key="need.supply.id" :class="{ late: need.missing.amount > 0 }">
              {{ needText(need, home.units) }}
            </li>
          </ul>
          <p v-if="house(one)" class="house">{{ house(one) }}</p>
        </div>
        <v-btn v-if="one === next && isBegun && !forecast.isOver" class="is-side" @click="begin(one)"
          >It has begun</v-btn
        >
      </li>
    </ol>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </ShelfCard>
</template>

<style scoped>
ol > li {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto;
  gap: var(--gap-3);
  align-items: start;
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
ol > li:first-child {
  border-top: 0;
}
li.now {
  background: var(--ok-bg);
  color: var(--ok);
}
li.now .soft {
  color: inherit;
}
h3 {
  font-size: 15px;
}
.state {
  padding: 0 var(--gap-3);
  border: 1px solid currentcolor;
  border-radius: 3px;
  font-weight: 500;
  font-size: 12px;
}
.late {
  color: var(--care);
  font-weight: 600;
}
.house {
  font-weight: 600;
}
.brings {
  list-style: disc inside;
}
</style>
