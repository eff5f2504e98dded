<script setup lang="ts">
import {
  formatDays,
  formatDuration,
  jobsByChild,
  jobsByDay,
  printDetails,
  printLines,
  type PrintJob,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { shopQuery } from '../PrintShop/shop-query.ts';
import SideTabs from '../../parts/SideTabs.vue';

/** The sheets to print and finish: by sheet, by child, or by day. */
const props = defineProps<{ jobs: readonly PrintJob[] }>();
const WAYS = { sheet: 'by sheet', child: 'by child', day: 'by day' } as const;
const way = ref<keyof typeof WAYS>('sheet');
const pages = computed(() => props.jobs.reduce((sum, { work }) => sum + work.pages, 0));
const minutes = computed(() => props.jobs.reduce((sum, job) => sum + job.minutes, 0));

const lines = computed(() => printLines(props.jobs));
const groups = computed(() =>
  way.value === 'child'
    ? [...jobsByChild(props.jobs)].map(([child, jobs]) => ({ name: child.shownAs, childId: child.id, jobs }))
    : [...jobsByDay(props.jobs)].map(([day, jobs]) => ({ name: `Day ${day}`, childId: null, jobs })),
);
</script>

<template>
  <ShelfCard
    :title="`Print · ${pages} ${pages === 1 ? 'page' : 'pages'}`"
    label="Print"
    data-test="basket-prints"
  >
    <SideTabs v-model="way" label="Sorted" :options="WAYS" />
    <p class="soft">{{ formatDuration(minutes) }} of printing, laminating and cutting.</p>
    <ul v-if="way === 'sheet'">
      <li v-for="{ job, forWhat } in lines" :key="`${job.placement.id}-${job.sheet.id}`">
        <b class="figures">{{ job.work.pages }}</b>
        <div>
          <RouterLink
            v-if="job.sheet.made"
            :to="{
              name: 'print-shop',
              params: { unitId: job.placement.unitId },
              query: shopQuery(job.sheet),
            }"
            >{{ job.sheet.title }}</RouterLink
          >
          <span v-else>{{ job.sheet.title }}</span>
          <small v-for="detail in printDetails(job)" :key="detail">{{ detail }}</small>
          <small>{{ forWhat }}, {{ formatDays(job.days.map(({ number }) => number)) }}</small>
        </div>
        <span class="soft figures">{{ formatDuration(job.minutes) }}</span>
      </li>
    </ul>
    <template v-else>
      <p v-if="groups.length === 0" class="soft">No sheet is for one child alone.</p>
      <div v-for="group in groups" :key="group.name">
        <h3>{{ group.name }}</h3>
        <p v-for="job in group.jobs" :key="`${job.placement.id}-${job.sheet.id}`">
          <RouterLink
            v-if="job.sheet.made"
            :to="{
              name: 'print-shop',
              params: { unitId: job.placement.unitId },
              query: shopQuery(job.sheet, { copies: 1, childId: group.childId }),
            }"
            >{{ job.sheet.title }}</RouterLink
          >
          <template v-else>{{ job.sheet.title }}</template>
          <small class="soft">{{ job.placement.content.title }}</small>
        </p>
      </div>
    </template>
  </ShelfCard>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) auto;
  gap: 0 var(--gap-4);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li b {
  font: 700 17px var(--display);
  text-align: right;
}
small {
  display: block;
  font-size: 12.5px;
  color: var(--ink-soft);
}
h3 {
  margin-top: var(--gap-2);
  font-size: 14px;
}
p small {
  display: inline;
}
</style>
