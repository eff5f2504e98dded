<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { homeOf, LEADS, partsOn, weekdayName, type Person, type PersonId } from '@kobby/core';
import { computed, ref } from 'vue';
import DaysAhead from '../../parts/DaysAhead.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import PersonSheet from './PersonSheet.vue';

/** Who works here, when, and what each may lead. */
const store = useBook();
const home = computed(() => homeOf(store.book));
const openId = ref<PersonId | null>(null);
const adding = ref(false);
// Each that is entered after another has a sheet of its own.
const round = ref(0);

const people = computed(() =>
  Object.values(store.book.people)
    .toSorted((a, b) => Number(a.retired) - Number(b.retired) || (a.role === 'provider' ? -1 : 1))
    .map((person) => ({ person, work: workOf(person), leads: person.mayLead.map((lead) => LEADS[lead]) })),
);

function workOf({ work }: Person): string {
  const parts = home.value.parts.map((part) => {
    const days = home.value.workingWeekdays.filter((weekday) => partsOn(work, weekday).includes(part.id));
    return days.length ? `${part.name} ${days.map((day) => weekdayName(day).slice(0, 3)).join(' ')}` : '';
  });
  return parts.filter(Boolean).join(' · ') || 'no work entered yet';
}
</script>

<template>
  <div>
    <PageBar title="People" hint="who works on which parts of which days, and who may lead what" />
    <ShelfCard :title="`At work · ${people.length}`" label="At work">
      <ul data-test="people">
        <li v-for="{ person, work, leads } in people" :key="person.id">
          <button type="button" class="row" :class="{ retired: person.retired }" @click="openId = person.id">
            <b>{{ person.name }}</b>
            <span class="role soft">{{ person.retired ? 'no longer here' : person.role }}</span>
            <span class="work">{{ work }}</span>
            <span class="soft">{{ leads.length ? `may lead ${leads.join(', ')}` : '' }}</span>
          </button>
        </li>
      </ul>
      <v-btn class="is-main begin" :prepend-icon="mdiPlus" @click="adding = true">An assistant</v-btn>
    </ShelfCard>
    <DaysAhead by-name class="ahead" />
    <PersonSheet
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
.row {
  display: grid;
  grid-template-columns: 140px 100px minmax(0, 1.4fr) minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: center;
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  text-align: left;
}
.row:hover {
  background: var(--paper);
}
.ahead {
  margin-top: var(--gap-4);
}
.retired {
  opacity: 0.7;
}
.begin {
  align-self: flex-start;
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
