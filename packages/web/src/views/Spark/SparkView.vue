<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { formatDay, type SpecialEvent } from '@kobby/core';
import { ref } from 'vue';
import EventSheet from '../../parts/EventSheet.vue';
import DraftButton from '../../parts/DraftButton.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useReading } from '../../state/unit.ts';
import AboutCard from './AboutCard.vue';
import FindsCard from './FindsCard.vue';
import IdeaCard from './IdeaCard.vue';
import LetterCard from './LetterCard.vue';
import ThingsCard from './ThingsCard.vue';

/** What a unit is about, and when; what it features; its things; what the house already has for it. */
const reading = useReading();
const event = ref<{ readonly id: SpecialEvent['id'] | null } | null>(null);

function eventText(one: SpecialEvent): string {
  const { specials, frame } = reading.value;
  const special = specials.find(({ event: { id } }) => id === one.id);
  if (special) return `Day ${special.day} · ${formatDay(frame.calendar.days[special.day - 1]!.date)}`;
  return one.when.kind === 'date' ? `${formatDay(one.when.date)}, no day of this unit` : 'past the last day';
}
</script>

<template>
  <PageBar title="Spark" hint="what it is about, and when"><DraftButton>Draft the unit</DraftButton></PageBar>
  <div class="columns">
    <IdeaCard />
    <div class="stack">
      <ShelfCard title="The real dates" class="dates">
        <ol class="figures">
          <li v-for="day in reading.frame.calendar.days" :key="day.number">
            <b>Day {{ day.number }}</b> {{ formatDay(day.date) }}
          </li>
        </ol>
        <p v-if="reading.frame.unit.start === null" class="soft">An idea has no days. Give it a first day.</p>
        <p v-for="day in reading.frame.calendar.skipped" :key="day.date" class="soft">
          {{ formatDay(day.date) }} is skipped: {{ day.why }}
        </p>
      </ShelfCard>
      <ShelfCard title="Special event">
        <ul>
          <li v-for="one in reading.events" :key="one.id">
            <button type="button" class="link" @click="event = { id: one.id }">{{ one.title }}</button>
            <small
              >{{ eventText(one) }} · {{ one.plan.length || 'no' }}
              {{ one.plan.length === 1 ? 'line' : 'lines' }} of its own plan</small
            >
          </li>
        </ul>
        <v-btn class="is-side begin" size="small" :prepend-icon="mdiPlus" @click="event = { id: null }">
          An event
        </v-btn>
      </ShelfCard>
    </div>
  </div>
  <ThingsCard class="wide-card" />
  <div class="columns">
    <AboutCard />
    <div class="stack">
      <LetterCard />
      <FindsCard />
    </div>
  </div>
  <EventSheet v-if="event" :id="event.id" @close="event = null" />
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(200px, 1fr);
  gap: var(--gap-5);
  align-items: start;
  margin-bottom: var(--gap-5);
}
.wide-card {
  flex: none;
  margin-bottom: var(--gap-5);
}
.stack {
  display: grid;
  gap: var(--gap-5);
  min-width: 0;
}
.dates ol {
  columns: 2;
  column-gap: var(--gap-5);
}
.dates li {
  display: flex;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-bottom: 1px dashed var(--line);
  font-size: 13px;
  break-inside: avoid;
}
.link {
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 2px;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
.begin {
  align-self: flex-start;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
