<script setup lang="ts">
import { aboutDuration, concerns, listed, watchedIn, type ReadyEntry, type SlotLoad } from '@kobby/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { RouterLink } from 'vue-router';
import HandTrail from '../../parts/HandTrail.vue';
import PageBar from '../../parts/PageBar.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import AddSheet from './AddSheet.vue';
import BetterCard from './BetterCard.vue';
import GroupCard from './GroupCard.vue';
import { grouped } from './grouping.ts';
import PackingCards from './PackingCards.vue';
import { publishing } from './publishing.ts';
import { provideTaskHand } from './task-hand.ts';
import TaskRow from './TaskRow.vue';
import TaskSheet from './TaskSheet.vue';
import TimeCard from './TimeCard.vue';
import UnplacedCard from './UnplacedCard.vue';

const LoadChart = defineAsyncComponent(() => import('./LoadChart.vue'));

/** All preparation of the unit, laid backwards into the times that there are. */
const store = useBook();
const reading = useReading();
const ready = computed(() => reading.value.ready);
const unitId = computed(() => reading.value.frame.unit.id);
const slots = computed(() => ready.value.loads.map(({ slot }) => slot));
const hand = provideTaskHand(ready);

const PAGES = {
  time: 'By time',
  person: 'By person',
  kind: 'By kind',
  day: 'By day',
  place: 'By place',
  packing: 'Folders and baskets',
};
type Page = keyof typeof PAGES;
const page = ref<Page>('time');
const openId = ref<string | null>(null);
const adding = ref<'task' | 'time' | null>(null);
const emptyToo = ref(false);

const isMine = ({ task }: ReadyEntry): boolean => concerns(task, unitId.value);
const mine = computed(() => ready.value.entries.filter(isMine));
const left = computed(() => mine.value.filter(({ state }) => state === 'laid' || state === 'unplaced'));
const unplaced = computed(() => mine.value.filter(({ state }) => state === 'unplaced'));
const finished = computed(() => mine.value.filter(({ state }) => state === 'done' || state === 'left-out'));
const moved = computed(() => mine.value.filter(({ isMoved }) => isMoved));
const opened = computed(() => ready.value.entries.find(({ task }) => task.id === openId.value) ?? null);
const shown = computed(() => store.book.prepPlans[unitId.value] ?? null);

const ofThisUnit = ({ entries }: SlotLoad): boolean => entries.some(isMine);
const lastDay = computed(() =>
  mine.value.reduce((last, { task }) => (task.day.date > last ? task.day.date : last), ''),
);
// A time that stays empty is worth a look only when something could be put there.
const times = computed(() =>
  ready.value.loads.filter(
    (load) =>
      ofThisUnit(load) ||
      ((hand.held.value !== null || emptyToo.value) &&
        load.slot.date <= lastDay.value &&
        (load.slot.kind === 'slot' || load.slot.kind === 'extra' || hand.held.value !== null)),
  ),
);
const charted = computed(() =>
  ready.value.loads
    .filter(({ slot }) => slot.minutes !== null && slot.date <= lastDay.value)
    .slice(0, window.innerWidth < NARROW ? FEW_BARS : MOST_BARS),
);
const MOST_BARS = 12;
const FEW_BARS = 5;
const NARROW = 700;

const hint = computed(() => {
  const minutes = left.value.reduce((sum, { task }) => sum + task.minutes, 0);
  if (reading.value.placements.length === 0) return 'nothing is planned yet';
  if (left.value.length === 0) return 'everything is ready';
  return `${left.value.length} ${left.value.length === 1 ? 'task' : 'tasks'} left, ${aboutDuration(minutes)} in all`;
});

const groups = computed(() =>
  page.value === 'time' || page.value === 'packing' ? [] : grouped(left.value, page.value, store.book),
);
const looks = computed(() =>
  watchedIn(store.book, store.today!).flatMap(({ observation, looks: days }) =>
    days
      .filter(({ date, isDone }) => date === store.today && !isDone)
      .map(({ stage }) => ({ id: observation.id, text: `${observation.title} (${stage.name})` })),
  ),
);
function show(): void {
  store.perform(publishing(ready.value));
}
const open = ({ task }: ReadyEntry): void => void (openId.value = task.id);
</script>

<template>
  <PageBar title="Make ready" :hint="hint">
    <v-btn class="is-side" @click="adding = 'time'">Add a time</v-btn>
    <v-btn class="is-side" @click="adding = 'task'">Add a task</v-btn>
    <v-btn v-if="!shown || moved.length > 0" class="is-main" data-test="show-it" @click="show">
      {{ shown ? `Show everyone the ${moved.length} that moved` : 'Show it to everyone' }}
    </v-btn>
    <span v-else class="is-shown">Everyone sees it as it is</span>
  </PageBar>
  <div class="pages">
    <div class="tabs" role="tablist" aria-label="Looked at">
      <button
        v-for="(name, id) in PAGES"
        :key="id"
        type="button"
        role="tab"
        :aria-selected="page === id"
        @click="page = id"
      >
        {{ name }}
      </button>
    </div>
    <BetterCard class="at-end" />
  </div>
  <p v-if="looks.length" class="looks" data-test="looks">
    To look at today:
    <template v-for="(look, i) in looks" :key="look.id">
      <template v-if="i > 0">, </template>
      <RouterLink :to="{ name: 'watch', params: { observationId: look.id } }">{{ look.text }}</RouterLink>
    </template>
  </p>
  <p v-if="mine.length === 0" class="empty">
    Nothing has to be made ready yet. Put something in a corner or on a day, and its preparation is laid out
    here.
  </p>
  <PackingCards v-else-if="page === 'packing'" />
  <template v-else>
    <LoadChart v-if="page === 'time' && charted.length" :loads="charted" />
    <UnplacedCard
      v-if="page === 'time' && unplaced.length"
      :entries="unplaced"
      @open="open"
      @time="adding = 'time'"
    />
    <div v-if="page === 'time'" class="grid">
      <TimeCard v-for="load in times" :key="load.slot.id" :load="load" @open="open" />
    </div>
    <label v-if="page === 'time'" class="empty-too">
      <input v-model="emptyToo" type="checkbox" name="emptyToo" /> Times that are empty, too
    </label>
    <div v-else class="grid">
      <GroupCard
        v-for="group in groups"
        :key="group.title"
        :group="group"
        :slots="page === 'kind' ? slots : []"
        @open="open"
      />
    </div>
    <details v-if="finished.length" class="finished">
      <summary>{{ finished.length }} done or left out</summary>
      <ul>
        <TaskRow v-for="entry in finished" :key="entry.task.id" :entry="entry" @open="open(entry)" />
      </ul>
    </details>
    <p v-if="shown" class="soft shown">
      Shown by {{ shown.by }}.
      <template v-if="moved.length">
        Moved since: {{ listed(moved.slice(0, 3).map(({ task }) => task.text))
        }}{{ moved.length > 3 ? ' …' : '' }}
      </template>
    </p>
  </template>
  <HandTrail :hand="hand" />
  <TaskSheet v-if="opened" :key="opened.task.id" :entry="opened" :slots="slots" @close="openId = null" />
  <AddSheet v-if="adding" :kind="adding" @close="adding = null" />
</template>

<style scoped>
.pages {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-3);
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
}
.tabs button {
  min-height: 30px;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  border-bottom: 3px solid transparent;
  color: var(--ink-soft);
  font-weight: 600;
}
.tabs button[aria-selected='true'] {
  border-color: var(--plum);
  color: var(--ink);
}
.looks {
  margin-bottom: var(--gap-2);
  font-weight: 600;
}
.is-shown {
  align-self: center;
  color: var(--ok);
  font-weight: 600;
}
/* A line of its own, always as high: what it tells moves nothing below it. */
.at-end {
  flex: 1 0 100%;
  justify-content: flex-end;
  min-height: 42px;
}
/* Down the first column, then the second: times stay in their order, and no gaps are left. */
.grid {
  columns: 2;
  column-gap: var(--gap-4);
  margin-top: var(--gap-3);
}
.grid > * {
  margin-bottom: var(--gap-4);
  break-inside: avoid;
}
.empty-too,
.finished,
.shown {
  margin-top: var(--gap-4);
}
.finished summary {
  font-weight: 600;
  cursor: pointer;
}
@media (max-width: 1100px) {
  .grid {
    columns: 1;
  }
}
@media (max-width: 900px) {
  .tabs {
    display: flex;
    flex-wrap: wrap;
    gap: var(--gap-2) var(--gap-4);
  }
  .tabs button {
    min-height: var(--touch);
  }
}
</style>
