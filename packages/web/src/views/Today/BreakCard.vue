<script setup lang="ts">
import {
  changesOfPlan,
  PLAN_BREAKERS,
  type Child,
  type DayPlan,
  type PlanBreaker,
  type PlanOffer,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** When the plan breaks: what comes instead, what else moves, in one press; undo puts it back. */
const props = defineProps<{ plan: DayPlan; minutes: number; here: readonly Child[] }>();
const because = defineModel<PlanBreaker | null>({ required: true });
const store = useBook();
const reading = useReading();
const done = ref<string | null>(null);
const wrong = ref<string | null>(null);

const offers = computed(() =>
  because.value === null
    ? []
    : changesOfPlan(
        store.book,
        reading.value,
        { plan: props.plan, minutes: props.minutes, children: props.here },
        because.value,
      ),
);
function choose(reason: PlanBreaker): void {
  because.value = because.value === reason ? null : reason;
  done.value = null;
}
function take({ changes, title }: PlanOffer): void {
  const result = store.perform(changes);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be done');
  done.value = result.done ? title : null;
}
</script>

<template>
  <ShelfCard title="Change of plan">
    <div class="reasons" role="group" aria-label="Why the plan changes">
      <button
        v-for="(one, id) in PLAN_BREAKERS"
        :key="id"
        type="button"
        class="tap"
        :aria-pressed="because === id"
        :title="one.hint"
        :data-test="`because-${id}`"
        @click="choose(id)"
      >
        {{ one.name }}
      </button>
    </div>
    <p v-if="done" role="status">
      Changed: {{ done }}.
      <button
        type="button"
        class="text"
        @click="
          store.undo();
          done = null;
        "
      >
        Undo
      </button>
    </p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-if="because && offers.length === 0" class="soft">
      Nothing of the rest of the day suffers from it: {{ PLAN_BREAKERS[because].hint }}.
    </p>
    <ul v-if="offers.length">
      <li v-for="offer in offers" :key="offer.key" data-test="offer">
        <b>{{ offer.title }}</b>
        <small>{{ offer.why }}</small>
        <small v-for="move in offer.moves" :key="move">{{ move }}</small>
        <button type="button" class="tap take" @click="take(offer)">Do it</button>
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
.reasons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
li {
  display: grid;
  gap: var(--gap-1);
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
small {
  color: var(--ink-soft);
  font-size: 14px;
}
.take {
  justify-self: start;
  margin-top: var(--gap-2);
}
.text {
  color: var(--ink);
  min-height: var(--touch);
  padding: 0;
  background: none;
  border: 0;
  text-decoration: underline;
}
</style>
