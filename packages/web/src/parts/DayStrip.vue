<script setup lang="ts">
import { dayOffers, type Activity } from '@kobby/core';
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

const OFFERS = 2;
const offers = computed((): ReadonlyMap<number, readonly Activity[]> =>
  props.tall ? dayOffers(reading.value, store.today!, OFFERS) : new Map(),
);
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
