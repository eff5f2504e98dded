<script setup lang="ts">
import {
  ageInMonths,
  areasMet,
  firstOf,
  formatAge,
  formatDay,
  HELP_KINDS,
  metBy,
  monthsUpTo,
  MONTHS_SHOWN,
  nextRungs,
  OUTCOMES,
  type ChildId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import MonthTable from '../../parts/MonthTable.vue';
import PageBar from '../../parts/PageBar.vue';
import RungStep from '../../parts/RungStep.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** What one child met, by what was recorded: never beside another child, only beside what was offered. */
const store = useBook();
const route = useRoute();
const childId = computed(() => String(route.params.childId) as ChildId);
const child = computed(() => store.book.children[childId.value] ?? null);
// The months of the picture: what was before is read when it is asked for.
const months = computed(() => monthsUpTo(store.today!, MONTHS_SHOWN));
const isEver = ref(false);
const mets = computed(() =>
  child.value ? metBy(store.book, childId.value, isEver.value ? null : firstOf(months.value[0]!)) : [],
);
const areas = computed(() =>
  areasMet(mets.value, months.value).map((one) => ({
    ...one,
    ...{ id: one.area, name: one.area },
    note: one.lastOn ? formatDay(one.lastOn) : 'not recorded',
    isMarked: one.lastOn === null,
  })),
);
const steps = computed(() => (child.value ? nextRungs(child.value, mets.value) : []));

const SHOWN = 20;
const isWhole = ref(false);
const shown = computed(() => (isWhole.value ? mets.value : mets.value.slice(0, SHOWN)));
</script>

<template>
  <div>
    <PageBar
      :title="child ? child.name : 'A child'"
      :hint="
        child ? `${formatAge(ageInMonths(child.birth, store.today!))}, and what was recorded so far` : ''
      "
    />
    <p class="ways">
      <RouterLink :to="{ name: 'children' }">All children</RouterLink>
      <RouterLink v-if="child" :to="{ name: 'child-letter', params: { childId } }"
        >A page for the family</RouterLink
      >
    </p>
    <p v-if="!child" class="empty">This child is not here any more.</p>
    <ShelfCard v-if="child && mets.length > 0" title="Over the year" label="Over the year" class="growth">
      <MonthTable
        :label="`What ${child.shownAs} met, by area and month`"
        of="longest ago first"
        :months="months"
        :rows="areas"
      />
    </ShelfCard>
    <div v-if="child" class="columns">
      <div class="stack">
        <ShelfCard v-if="steps.length > 0" title="A step further?" label="Steps">
          <p class="soft">By what was recorded. What you note decides which version comes next.</p>
          <ul data-test="steps">
            <RungStep v-for="step in steps" :key="step.skill" :child="child" :step="step" />
          </ul>
        </ShelfCard>
        <ShelfCard :title="`Met · ${mets.length}`" label="Met">
          <p v-if="mets.length === 0" class="soft">
            Nothing is recorded {{ isEver ? 'yet' : 'in the last twelve months' }}. On Today, say how
            something went; it stands here then.
          </p>
          <ul data-test="met">
            <li v-for="met in shown" :key="`${met.placement.id} ${met.date}`" class="met">
              <span class="figures soft">{{ formatDay(met.date) }}</span>
              <span>
                <b>{{ met.placement.content.title }}</b>
                <small>{{ met.version.does }}</small>
                <small v-if="met.note">{{ met.note }}</small>
              </span>
              <span>{{ OUTCOMES[met.outcome].name }}</span>
            </li>
          </ul>
          <v-btn v-if="shown.length < mets.length" class="is-quiet" @click="isWhole = true"
            >All {{ mets.length }}</v-btn
          >
          <v-btn v-if="!isEver" class="is-quiet" data-test="ever" @click="isEver = true"
            >What was before these twelve months, too</v-btn
          >
        </ShelfCard>
      </div>
      <div class="stack">
        <ShelfCard
          v-if="child.likes.length + child.wontTouch.length + child.helps.length > 0"
          title="Good to know"
          label="Good to know"
        >
          <p v-if="child.likes.length > 0">Likes {{ child.likes.join(', ') }}.</p>
          <p v-if="child.wontTouch.length > 0">Will not touch {{ child.wontTouch.join(', ') }}.</p>
          <p v-for="help in child.helps" :key="help.words">{{ HELP_KINDS[help.kind] }}: {{ help.words }}</p>
        </ShelfCard>
      </div>
    </div>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-5);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: start;
  margin-top: var(--gap-3);
}
.stack {
  display: grid;
  gap: var(--gap-4);
}
li {
  display: grid;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.met {
  grid-template-columns: 110px minmax(0, 1fr) auto;
}
small {
  display: block;
  color: var(--ink-soft);
}
.growth {
  margin-top: var(--gap-4);
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 600px) {
  .met {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .met > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
