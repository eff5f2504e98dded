<script setup lang="ts">
import { formatDay, watchedIn, type Observation, type PlainDay, type WatchMeasure } from '@kobby/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import ObservationSheet from './ObservationSheet.vue';
import SeenCard from './SeenCard.vue';
import StagesCard from './StagesCard.vue';
import { headsText, measuredText } from './telling.ts';

const GrowthChart = defineAsyncComponent(() => import('./GrowthChart.vue'));

/** One long observation: its stages and their windows, what was seen of it, and when it is looked at. */
const store = useBook();
const route = useRoute();
const editing = ref(false);
const forecast = computed(
  () =>
    watchedIn(store.book, store.today!).find(
      ({ observation }) => observation.id === route.params.observationId,
    ) ?? null,
);
const hint = computed(() => {
  if (!forecast.value) return '';
  const { observation, isOver, endsLatest, heads } = forecast.value;
  const where = observation.keptIn ? ` · ${observation.keptIn}` : '';
  const until = isOver ? '' : ` · may last until ${formatDay(endsLatest)}`;
  const { awaited, startedOn } = observation;
  const since = awaited
    ? awaited.until === startedOn
      ? `comes on ${formatDay(startedOn)}`
      : `comes between ${formatDay(startedOn)} and ${formatDay(awaited.until)}`
    : `${startedOn > store.today! ? 'from' : 'since'} ${formatDay(startedOn)}`;
  const left = heads
    ? [
        `${heads.left} ${awaited ? 'to come' : 'left'}`,
        heads.lost > 0 ? `${heads.lost} lost` : '',
        heads.setFree > 0 ? `${heads.setFree} set free` : '',
      ]
        .filter(Boolean)
        .join(', ')
    : '';
  return `${since}${where}${left ? ` · ${left}` : ''}${until}`;
});
const series = computed(() =>
  (forecast.value?.observation.measures ?? [])
    .map((kind: WatchMeasure) => ({
      kind,
      points: (forecast.value?.sightings ?? [])
        .flatMap(({ on, measured }) =>
          measured.filter((one) => one.kind === kind).map(({ value }) => ({ on, value })),
        )
        .toReversed(),
    }))
    .filter(({ points }) => points.length > 0),
);
const isToOrder = computed(() => {
  const { isOver, observation } = forecast.value!;
  return !isOver && Boolean(observation.awaited?.orderBy) && !observation.awaited?.ordered;
});
const keeping = computed((): readonly (readonly [string, string])[] => {
  const { care, closedDays, planB } = forecast.value!.observation;
  return (
    [
      ['Each time', care],
      ['On closed days', closedDays],
      ['Plan B', planB],
    ] as const
  ).filter(([, text]) => text !== '');
});
const stageName = (id: string | null): string =>
  forecast.value?.observation.stages.find((stage) => stage.id === id)?.name ?? '';
function change(rest: Partial<Observation>): void {
  if (!forecast.value) return;
  store.perform([{ type: 'watch/put-observation', observation: { ...forecast.value.observation, ...rest } }]);
}
const end = (on: PlainDay | null): void => change({ endedOn: on });
const isHere = (): void => change({ startedOn: store.today!, awaited: null });
function isOrdered(): void {
  const awaited = forecast.value?.observation.awaited;
  if (awaited) change({ awaited: { ...awaited, ordered: true } });
}
function forget(id: string): void {
  store.perform([{ type: 'book/drop', kind: 'sightings', id }]);
}
</script>

<template>
  <template v-if="forecast">
    <PageBar :title="forecast.observation.title" :hint="hint">
      <v-btn
        class="is-side"
        :to="{ name: 'watch-strip', params: { observationId: forecast.observation.id } }"
      >
        Strip to cross off
      </v-btn>
      <v-btn v-if="isToOrder" class="is-side" @click="isOrdered">It is ordered</v-btn>
      <v-btn v-if="!forecast.isOver && forecast.now.state === 'to-come'" class="is-main" @click="isHere">
        {{ forecast.observation.awaited ? 'It came today' : 'It begins today' }}
      </v-btn>
      <v-btn class="is-side" @click="editing = true">Change it</v-btn>
      <v-btn v-if="forecast.isOver" class="is-side" @click="end(null)">It goes on</v-btn>
      <v-btn v-else class="is-side" @click="end(store.today)">It is over</v-btn>
    </PageBar>
    <div class="columns">
      <div class="column">
        <StagesCard :forecast="forecast" />
        <ShelfCard v-if="keeping.length" title="Looking after it">
          <p v-for="[name, text] in keeping" :key="name">
            <b>{{ name }}:</b> {{ text }}
          </p>
        </ShelfCard>
        <ShelfCard title="When to look">
          <p v-if="forecast.looks.length === 0" class="soft">
            {{
              forecast.isOver
                ? 'It is over.'
                : forecast.observation.awaited
                  ? 'It has not come yet.'
                  : 'It is left closed: nobody looks for now.'
            }}
          </p>
          <ul v-else class="looks">
            <li v-for="look in forecast.looks" :key="look.date" :class="{ closed: look.closed }">
              <b>{{ formatDay(look.date, 'brief') }}</b>
              <span v-if="look.isDone">seen</span>
              <span v-else-if="look.closed"
                >{{ look.closed }}: {{ forecast.observation.closedDays || 'who looks?' }}</span
              >
              <span v-else>{{ look.stage.name }}</span>
            </li>
          </ul>
        </ShelfCard>
      </div>
      <div class="column">
        <ShelfCard v-if="series.length" title="How it went">
          <GrowthChart v-for="one in series" :key="one.kind" :kind="one.kind" :points="one.points" />
        </ShelfCard>
        <SeenCard v-if="!forecast.isOver && !forecast.observation.awaited" :forecast="forecast" />
        <ShelfCard title="Log">
          <p v-if="forecast.sightings.length === 0" class="soft">Nothing is noted yet.</p>
          <ul class="log">
            <li v-for="one in forecast.sightings" :key="one.id" data-test="sighting">
              <b>{{ formatDay(one.on, 'brief') }}</b>
              <span>
                <strong v-if="one.stageId">{{ stageName(one.stageId) }}. </strong>{{ one.seen }}
                <small class="soft">{{
                  [measuredText(one), headsText(one), one.by].filter(Boolean).join(' · ')
                }}</small>
              </span>
              <button
                type="button"
                class="quiet"
                :aria-label="`Take out what was seen on ${formatDay(one.on)}`"
                @click="forget(one.id)"
              >
                Take out
              </button>
            </li>
          </ul>
        </ShelfCard>
      </div>
    </div>
    <ObservationSheet v-if="editing" :observation="forecast.observation" @close="editing = false" />
  </template>
  <p v-else class="empty">
    This is not watched any more. <RouterLink :to="{ name: 'watch-begin' }">Begin something</RouterLink>
  </p>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--gap-5);
  align-items: start;
}
.column {
  display: grid;
  gap: var(--gap-5);
}
.looks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(108px, 100%), 1fr));
  gap: var(--gap-3);
}
.looks li {
  display: grid;
  padding: var(--gap-2) var(--gap-3);
  background: var(--well);
  border-radius: 4px;
  font-size: 12.5px;
  line-height: 1.25;
}
.looks .closed {
  background: var(--care-bg);
  color: var(--care);
  font-weight: 600;
}
.log li {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr) auto;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.log small {
  display: block;
}
.quiet {
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  color: var(--ink-soft);
  text-decoration: underline;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
