<script setup lang="ts">
import { nextStepOf, type NextStepId } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink, type RouteLocationRaw } from 'vue-router';
import { useBook } from '../../state/book.ts';

/** What a new home does next, until there is nothing: one step, and a button that leads there. */
const emit = defineEmits<{ start: [] }>();
const store = useBook();
const next = computed(() => nextStepOf(store.book, store.today!));

interface Said {
  readonly why: string;
  readonly act: string;
  /** Where it is done; left out for what begins here. */
  readonly at?: string;
  readonly query?: Readonly<Record<string, string>>;
}
const SAID: Readonly<Record<NextStepId, Said>> = {
  children: {
    why: 'Nobody comes yet, so every amount would be nothing.',
    act: 'Add the children in the house',
    at: 'children',
    query: { begin: 'child' },
  },
  week: {
    why: 'A child without days is in no plan: say when each of them comes.',
    act: 'See the children',
    at: 'children',
  },
  unit: {
    why: 'No unit yet. Start one with whatever the children are wild about just now.',
    act: 'Start the first unit',
  },
  things: {
    why: 'What is it about? Its things fill the patterns of the library: six or seven are enough.',
    act: 'Write down its things',
    at: 'spark',
  },
  plan: {
    why: 'Corners and days are empty. A draft fills them, and you change what you like.',
    act: 'To the corners, and draft',
    at: 'corners',
  },
  stock: {
    why: 'Nothing in the cupboard is counted yet, so all of it would have to be bought. Begin with what every home has.',
    act: 'We have the usual things',
    at: 'cupboard',
    query: { begin: 'usual' },
  },
};
const said = computed(() => (next.value ? SAID[next.value.id] : null));
const way = computed((): RouteLocationRaw | null => {
  if (!next.value || !said.value?.at) return null;
  const { unitId } = next.value;
  return { name: said.value.at, params: unitId ? { unitId } : {}, query: said.value.query ?? {} };
});
</script>

<template>
  <section v-if="next && said" class="next" aria-label="What comes next" data-test="next-step">
    <p>
      <b class="figures">{{ next.done }} of {{ next.of }} done</b> {{ said.why }}
    </p>
    <RouterLink v-if="way" :to="way">{{ said.act }}</RouterLink>
    <button v-else type="button" @click="emit('start')">{{ said.act }}</button>
  </section>
</template>

<style scoped>
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-4);
  padding: var(--gap-4) var(--gap-5);
  background: var(--card);
  border-left: 7px solid var(--plum);
  border-radius: var(--radius);
  font-size: 16px;
}
p {
  flex: 1 1 320px;
}
b {
  margin-right: var(--gap-3);
  font-family: var(--display);
}
a,
button {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: var(--plum);
  border: 0;
  border-radius: var(--radius);
  color: var(--on-plum);
  font-weight: 700;
  text-decoration: none;
}
</style>
