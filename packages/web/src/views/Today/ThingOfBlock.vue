<script setup lang="ts">
import {
  doesText,
  madeCards,
  placementsOf,
  runsHow,
  titleAt,
  whoDoesWhat,
  type Child,
  type PlannedThing,
} from '@kobby/core';
import { mdiAccountGroupOutline, mdiTimerSandEmpty } from '@mdi/js';
import { computed, ref } from 'vue';
import CautionStrip from '../../parts/CautionStrip.vue';
import MadeCards from '../../parts/MadeCards.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { useTimers } from '../../state/timers.ts';
import RecordRow from './RecordRow.vue';
import TestLines from '../../parts/TestLines.vue';
import ThingPicture from '../../parts/ThingPicture.vue';

/** One thing of the block: who does what, what to watch for those who are here, a timer, and how it went. */
const props = defineProps<{ thing: PlannedThing; here: readonly Child[]; day: number }>();
const store = useBook();
const reading = useReading();
const { start } = useTimers();
const steps = ref(false);
const TIMERS = [5, 10, 20];
// What was is told of, and not timed.
const isToday = computed(() => reading.value.frame.calendar.days[props.day - 1]?.date === store.today);

const stepsText = computed(() => {
  const { length } = placement.value.content.steps;
  return length === 1 ? '1 step' : `${length} steps`;
});
const placement = computed(() => props.thing.session.placement);
const made = computed(() => {
  return madeCards(store.book, props.thing.session, reading.value);
});
const names = (children: readonly Child[]): string => children.map(({ name }) => name).join(', ');
const isHere = (child: Child): boolean => props.here.some(({ id }) => id === child.id);
const groups = computed(() =>
  whoDoesWhat(placement.value, [props.thing.session])
    .groups.map(({ version, children }) => ({ version, children: children.filter(isHere) }))
    .filter(({ children }) => children.length > 0),
);
const how = computed(() => runsHow(placement.value.content).join('; '));
const led = computed(() =>
  props.thing.stations.flatMap(({ person, children }) =>
    person ? [{ name: person.name, children: names(children.filter(isHere)) }] : [],
  ),
);
const here = computed(() => new Set<string>(props.here.map(({ id }) => id)));
const cautions = computed(() =>
  reading.value.headsUps
    .filter(
      (finding) =>
        finding.days.includes(props.day) &&
        placementsOf(finding).includes(placement.value.id) &&
        (finding.childIds.length === 0 || finding.childIds.some((id) => here.value.has(id))),
    )
    .flatMap((finding) => {
      const { key, level, instead, detail } = finding;
      return level === 'note'
        ? []
        : [{ key, level, title: titleAt(finding, placement.value.id), instead, detail }];
    }),
);
</script>

<template>
  <article :data-test="`thing-${placement.id}`">
    <h2><ThingPicture v-bind="placement.shownBy" :size="36" /> {{ placement.content.title }}</h2>
    <CautionStrip v-for="caution in cautions" :key="caution.key" :level="caution.level">
      <b>{{ caution.title }}.</b> {{ caution.instead ?? caution.detail }}
    </CautionStrip>
    <p v-for="group in led" :key="group.name">
      <v-icon :icon="mdiAccountGroupOutline" size="18" aria-hidden="true" /> <b>{{ group.name }}</b> with
      {{ group.children || 'nobody yet' }}
    </p>
    <dl>
      <div v-for="{ version, children } in groups" :key="version.id">
        <dt>{{ names(children) }}</dt>
        <dd>
          {{ doesText(version) }} <i v-if="version.say">“{{ version.say }}”</i>
        </dd>
      </div>
    </dl>
    <p v-if="how" class="soft">It {{ how }}.</p>
    <TestLines v-if="placement.content.test" :test="placement.content.test" />
    <p v-if="groups.length === 0" class="soft">No version fits anybody who is here.</p>
    <ol v-if="steps && placement.content.steps.length">
      <li v-for="step in placement.content.steps" :key="step.text">{{ step.text }}</li>
    </ol>
    <MadeCards :cards="made" />
    <div class="acts">
      <button
        v-if="placement.content.steps.length"
        type="button"
        class="tap"
        :aria-expanded="steps"
        @click="steps = !steps"
      >
        {{ steps ? 'Without the steps' : stepsText }}
      </button>
      <button
        v-for="minutes in isToday ? TIMERS : []"
        :key="minutes"
        type="button"
        class="tap"
        :aria-label="`Timer of ${minutes} minutes for ${placement.content.title}`"
        @click="start(placement.content.title, minutes)"
      >
        <v-icon :icon="mdiTimerSandEmpty" size="18" aria-hidden="true" /> {{ minutes }}
      </button>
    </div>
    <RecordRow :thing="thing" :here="props.here" :day="day" />
  </article>
</template>

<style scoped>
article {
  display: grid;
  gap: var(--gap-3);
}
article + article {
  padding-top: var(--gap-4);
  border-top: 2px solid var(--line);
}
h2 {
  overflow-wrap: anywhere;
  font-size: 24px;
}
dl > div {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
dt {
  font-weight: 700;
}
i {
  color: var(--ink-soft);
}
ol {
  padding-left: calc(2 * var(--gap-4));
  list-style: decimal;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
</style>
