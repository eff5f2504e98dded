<script setup lang="ts">
import { asksFirst, fillerOf, type Activity } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';
import DayCard from './DayCard.vue';

/** The numbered days of a unit with their real dates, thin by design. */
const props = defineProps<{ tall?: boolean }>();
const emit = defineEmits<{ day: [day: number] }>();

const store = useBook();
const reading = useReading();
const count = computed(() => reading.value.frame.calendar.days.length);

// One list for all empty days: what is offered on one is not offered on the next.
const OFFERS = 2;
const offers = computed((): ReadonlyMap<number, readonly Activity[]> => {
  if (!props.tall) return new Map();
  const { frame, placements, specials, theme } = reading.value;
  const taken = new Set(placements.map(({ where }) => (where.kind === 'day' ? where.day : 0)));
  const empty = frame.calendar.days.filter(
    ({ number, date }) => date >= store.today! && !taken.has(number) && fillerOf(specials, number) === null,
  );
  if (empty.length === 0) return new Map();
  const list = reading.value
    .suggestions({})
    .filter(
      ({ activity: { content }, belongs, lacksRole }) =>
        belongs !== 'other' && !lacksRole && !asksFirst(content, theme),
    )
    .map(({ activity }) => activity);
  return new Map(empty.map(({ number }, i) => [number, list.slice(OFFERS * i, OFFERS * (i + 1))]));
});
</script>

<template>
  <ol
    class="days"
    :class="{ tall }"
    :style="{ '--count': Math.min(count, tall ? 5 : 10) }"
    aria-label="Program days"
  >
    <DayCard
      v-for="number in count"
      :key="number"
      :number="number"
      :tall="tall"
      :offers="offers.get(number)"
      @day="emit('day', number)"
    />
  </ol>
</template>

<style scoped>
.days {
  display: grid;
  grid-template-columns: repeat(var(--count), minmax(0, 1fr));
  grid-auto-rows: minmax(118px, 1fr);
  gap: var(--gap-2);
  flex: 1 0 auto;
}
.days.tall {
  grid-auto-rows: minmax(150px, auto);
  flex: none;
}
@media (max-width: 900px) {
  .days {
    grid-template-columns: 1fr;
  }
  .days,
  .days.tall {
    grid-auto-rows: auto;
  }
}
</style>
