<script setup lang="ts">
import { dayPlanOf, formatDay, suggestLeads, type ChangeInput, type LeadIdea } from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import LeadRow from './LeadRow.vue';

/** Who leads what on a day, with whom; and what is proposed where nobody was named. */
const store = useBook();
const reading = useReading();
const days = computed(() => reading.value.frame.calendar.days);
const chosen = ref<number | null>(null);
const number = computed(
  () =>
    chosen.value ??
    days.value.find(({ date }) => date >= store.today!)?.number ??
    days.value.at(-1)?.number ??
    0,
);
const plan = computed(() => dayPlanOf(store.book, reading.value, number.value));
const ideas = computed(() => (plan.value ? suggestLeads(reading.value, plan.value) : []));
const usable = computed(() => ideas.value.filter(({ leading }) => leading.groups.length > 0));
const isBare = computed(() => plan.value?.blocks.every(({ items }) => items.length === 0) ?? true);
const wrong = ref<string | null>(null);

const changeOf = ({ leading }: LeadIdea): ChangeInput => ({ type: 'handover/lead', leading });
function take(list: readonly LeadIdea[]): void {
  const result = store.perform(list.map(changeOf));
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be kept');
}
</script>

<template>
  <div class="who">
    <nav class="days" aria-label="Days">
      <button
        v-for="day in days"
        :key="day.number"
        type="button"
        :aria-pressed="day.number === number"
        :data-test="`lead-day-${day.number}`"
        @click="chosen = day.number"
      >
        <b>Day {{ day.number }}</b>
        <small>{{ formatDay(day.date, 'brief') }}</small>
      </button>
    </nav>
    <p v-if="!plan" class="soft">An idea has no days yet: give it a start on Spark.</p>
    <template v-else>
      <ShelfCard v-if="ideas.length" title="Proposed" label="Who could lead what">
        <ul>
          <li v-for="idea in ideas" :key="idea.placementId" data-test="lead-idea">
            <span>
              <b>{{ idea.title }}</b>
              <template v-if="idea.why">: {{ idea.why }}</template>
              <small v-if="idea.trouble" class="trouble">{{ idea.trouble }}.</small>
            </span>
            <v-btn v-if="idea.leading.groups.length" class="is-side" @click="take([idea])">Take it</v-btn>
          </li>
        </ul>
        <v-btn v-if="usable.length > 1" class="is-main" @click="take(usable)"
          >Take all {{ usable.length }}</v-btn
        >
      </ShelfCard>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p v-if="isBare" class="soft">Nothing is planned at a set time on this day.</p>
      <template v-for="block in plan.blocks" :key="block.block.id">
        <section v-if="block.items.length">
          <h2>{{ block.block.start }} {{ block.block.name }}</h2>
          <LeadRow
            v-for="thing in block.items"
            :key="`${thing.session.placement.id}-${number}`"
            :thing="thing"
          />
        </section>
      </template>
      <details v-if="plan.setUps.length">
        <summary>{{ plan.setUps.length }} out all day</summary>
        <LeadRow
          v-for="thing in plan.setUps"
          :key="`${thing.session.placement.id}-${number}`"
          :thing="thing"
        />
      </details>
    </template>
  </div>
</template>

<style scoped>
.who {
  display: grid;
  gap: var(--gap-4);
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
.days button {
  display: grid;
  min-height: var(--touch);
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  color: var(--ink);
  text-align: left;
}
.days button[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
}
.days small {
  font-size: 12px;
}
h2 {
  margin-bottom: var(--gap-2);
  font-size: 16px;
}
li {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.trouble {
  display: block;
  color: var(--care);
  font-weight: 600;
}
summary {
  min-height: 34px;
  font-weight: 600;
  cursor: pointer;
}
</style>
