<script setup lang="ts">
import { mdiCheckBold, mdiPlus } from '@mdi/js';
import { formatDay, tickIdOf, type Placement } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';

/** The numbered days of a unit with their real dates, thin by design. */
defineProps<{ tall?: boolean }>();
const emit = defineEmits<{ open: [placement: Placement]; add: [day: number] }>();

const store = useBook();
const reading = useReading();

const days = computed(() => {
  const { frame, placements } = reading.value;
  return frame.calendar.days.map(({ number, date }, i) => {
    const attendance = frame.attendance[i]!;
    const before = i === 0 ? (frame.unit.start ?? date) : frame.calendar.days[i - 1]!.date;
    return {
      number,
      date,
      isToday: date === store.today,
      isPast: date < store.today!,
      closedBefore: frame.calendar.skipped.filter((skipped) => before <= skipped.date && skipped.date < date),
      items: placements.filter(({ where }) => where.kind === 'day' && where.day === number).toSorted(byStart),
      here: attendance.children.length,
      away: attendance.away,
    };
  });
});

const startOf = ({ where }: Placement): string =>
  reading.value.frame.home.blocks.find((block) => where.kind === 'day' && block.id === where.blockId)
    ?.start ?? '';
const byStart = (a: Placement, b: Placement): number => (startOf(a) < startOf(b) ? -1 : 1);
const isTicked = (placement: Placement, day: number): boolean =>
  tickIdOf({ placementId: placement.id, day, supplyId: null }) in store.book.ticks;
</script>

<template>
  <ol
    class="days"
    :class="{ tall }"
    :style="{ '--count': Math.min(days.length, tall ? 5 : 10) }"
    aria-label="Program days"
  >
    <li
      v-for="day in days"
      :key="day.number"
      class="day"
      :class="{ past: day.isPast, now: day.isToday }"
      :data-test="`day-${day.number}`"
    >
      <div class="head">
        <b class="figures">{{ day.number }}</b>
        <span>{{ day.isToday ? 'today' : formatDay(day.date, 'brief') }}</span>
      </div>
      <p v-for="closed in day.closedBefore" :key="closed.date" class="closed">
        {{ formatDay(closed.date, 'brief') }} closed: {{ closed.why }}
      </p>
      <ul class="items">
        <li v-for="item in day.items" :key="item.id">
          <button type="button" class="item" :class="item.content.mode" @click="emit('open', item)">
            <v-icon
              v-if="isTicked(item, day.number)"
              :icon="mdiCheckBold"
              size="14"
              aria-label="ticked off"
            />
            {{ item.content.title }}
            <small v-if="tall">
              {{ startOf(item) }} · {{ item.content.mode === 'whole-group' ? 'everyone' : 'a few at a time' }}
            </small>
          </button>
        </li>
      </ul>
      <button
        type="button"
        class="add"
        :aria-label="`Add to Day ${day.number}`"
        @click="emit('add', day.number)"
      >
        <v-icon :icon="mdiPlus" size="16" aria-hidden="true" /><span v-if="tall"> Add</span>
      </button>
      <p class="who">
        {{ day.here }} here<template v-if="day.away.length"> · {{ day.away.length }} away</template>
      </p>
    </li>
  </ol>
</template>

<style scoped>
.days {
  display: grid;
  grid-template-columns: repeat(var(--count), minmax(0, 1fr));
  grid-auto-rows: minmax(118px, 1fr);
  gap: 5px;
  flex: 1 0 auto;
}
.days.tall {
  grid-auto-rows: minmax(150px, 1fr);
}
.day {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
  padding: 4px 6px 5px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-top: 5px solid var(--ink-soft);
  border-radius: 4px;
}
.past {
  background: var(--card-past);
  border-top-color: var(--line);
}
.now {
  border-color: var(--plum);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.head b {
  font: 700 16px var(--display);
}
.head span,
.who,
.closed {
  font-size: 12px;
  color: var(--ink-soft);
}
.closed {
  border-left: 3px dashed var(--edge);
  padding-left: 5px;
  line-height: 1.2;
}
.items {
  display: flex;
  flex-direction: column;
  gap: 4px;
  overflow: auto;
  min-height: 0;
}
.item {
  width: 100%;
  padding: 1px 0 1px 6px;
  background: none;
  border: 0;
  border-left: 3px solid var(--plum);
  font-size: 12.5px;
  line-height: 1.22;
  text-align: left;
  overflow-wrap: break-word;
  hyphens: auto;
}
.item:hover {
  background: var(--well);
}
.item.small-group {
  border-left: 3px dashed var(--teal);
}
.item small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
}
.tall .item {
  padding: 6px 4px 6px 8px;
  background: var(--well);
  border-radius: 0 4px 4px 0;
  font-size: 13.5px;
}
.add {
  align-self: stretch;
  min-height: 24px;
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  font-size: 12.5px;
}
.add:hover {
  background: var(--well);
}
.who {
  margin-top: auto;
}
@media (max-width: 900px) {
  .days {
    grid-template-columns: 1fr;
  }
  .days,
  .days.tall {
    grid-auto-rows: auto;
  }
  .add {
    min-height: var(--touch);
  }
  .item {
    min-height: var(--touch);
    font-size: 15px;
  }
}
</style>
