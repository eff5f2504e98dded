<script setup lang="ts">
import { mdiCreationOutline, mdiPlus, mdiTrayArrowDown } from '@mdi/js';
import {
  stretchesOfDay,
  stretchText,
  lineHoldsOn,
  formatDay,
  LINE_KINDS,
  lineText,
  listed,
  swapDays,
  type ChangeInput,
  type DayLine,
  type Placement,
  type SpecialEvent,
} from '@kobby/core';
import { computed, ref } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { useBook } from '../../state/book.ts';
import { useHand } from '../../state/plan-hand.ts';
import { useProposing } from '../../state/proposing.ts';
import { useReading } from '../../state/unit.ts';

/** One day as a whole: who comes, its book, circle, notes and event; swapping it with another, rescuing it. */
const props = defineProps<{ number: number }>();
const emit = defineEmits<{
  line: [line: { id: DayLine['id'] | null; day: number; kind: DayLine['kind'] }];
  event: [event: { id: SpecialEvent['id'] | null; day: number }];
  close: [];
}>();

const store = useBook();
const reading = useReading();
const hand = useHand();
const proposing = useProposing();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const date = computed(() => reading.value.frame.calendar.days[props.number - 1]?.date);
const hint = computed(() => {
  const attendance = reading.value.frame.attendance[props.number - 1];
  if (!attendance || !date.value) return '';
  const away = attendance.away.length ? ` · away: ${listed(attendance.away.map(({ name }) => name))}` : '';
  return `${formatDay(date.value, 'full')} · ${listed(attendance.children.map(({ name }) => name.split(' ')[0]!)) || 'nobody comes'}${away}`;
});
const KINDS = ['read-aloud', 'circle', 'note'] as const;
const linesOf = (kind: DayLine['kind']) =>
  reading.value.lines.filter(
    (line) => line.day !== null && lineHoldsOn(line, props.number) && line.kind === kind,
  );
const events = computed(() =>
  reading.value.specials.filter(({ day }) => day === props.number).map(({ event }) => event),
);
const textOf = (line: DayLine): string => lineText(line, store.book.bookTitles);

// How long its parts last against what comes after them.
const stretches = computed(() => {
  const { placements, circles, frame } = reading.value;
  return stretchesOfDay(placements, circles, frame, props.number).map(stretchText);
});
const others = computed(() =>
  reading.value.frame.calendar.days.filter(({ number }) => number !== props.number),
);
// The days around it first: those are swapped with. The others are one press further.
const MOST_NEAR = 8;
const near = computed(() =>
  others.value
    .toSorted((a, b) => Math.abs(a.number - props.number) - Math.abs(b.number - props.number))
    .slice(0, showAll.value ? undefined : MOST_NEAR)
    .toSorted((a, b) => a.number - b.number),
);
const showAll = ref(false);
function act(changes: ChangeInput[]): void {
  if (changes.length > 0) store.perform(changes);
  emit('close');
}
const swap = (other: number): void =>
  act(swapDays(reading.value.placements, reading.value.lines, props.number, other));
// What is pinned stays: it was pinned for that.
const loose = computed(() =>
  reading.value.placements.filter(
    ({ where, pinned }) => where.kind === 'day' && where.day === props.number && !pinned,
  ),
);
const clear = (): void =>
  act(loose.value.map(({ id }) => ({ type: 'unit/move', placementId: id, where: { kind: 'reserve' } })));
function draft(): void {
  proposing.begin({ parts: ['days'], days: [props.number] });
  emit('close');
}
const reserve = computed(() => reading.value.placements.filter(({ where }) => where.kind === 'reserve'));
function pull(placement: Placement): void {
  hand.take({ placement, isNew: false });
  hand.put({ kind: 'day', day: props.number });
}
</script>

<template>
  <PlankSheet v-model="isOpen" :title="`Day ${number}`" :hint="hint">
    <section v-for="kind in KINDS" :key="kind">
      <h3>{{ LINE_KINDS[kind] }}</h3>
      <button
        v-for="line in linesOf(kind)"
        :key="line.id"
        type="button"
        class="line"
        @click="emit('line', { id: line.id, day: number, kind })"
      >
        {{ textOf(line) }}
      </button>
      <button
        type="button"
        class="line add"
        :aria-label="`Add: ${LINE_KINDS[kind]}, Day ${number}`"
        @click="emit('line', { id: null, day: number, kind })"
      >
        <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
      </button>
    </section>
    <section>
      <h3>Special event</h3>
      <button
        v-for="event in events"
        :key="event.id"
        type="button"
        class="line"
        @click="emit('event', { id: event.id, day: number })"
      >
        {{ event.title }}
      </button>
      <button
        type="button"
        class="line add"
        :aria-label="`Add: special event, Day ${number}`"
        @click="emit('event', { id: null, day: number })"
      >
        <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
      </button>
    </section>
    <p v-for="one in stretches" :key="one" class="soft" data-test="stretch">{{ one }}</p>
    <TapeLabel class="label">When the day goes another way</TapeLabel>
    <div v-if="others.length" class="swap" role="group" :aria-label="`Swap day ${number} with`">
      <span class="soft">Swap it with</span>
      <button
        v-for="day in near"
        :key="day.number"
        type="button"
        class="line"
        :aria-label="`Swap with day ${day.number}, ${formatDay(day.date, 'medium')}`"
        @click="swap(day.number)"
      >
        {{ day.number }} · {{ formatDay(day.date, 'brief') }}
      </button>
      <v-btn
        v-if="!showAll && near.length < others.length"
        class="is-quiet"
        size="small"
        @click="showAll = true"
        >Another day</v-btn
      >
    </div>
    <p v-if="loose.length" class="swap">
      <v-btn class="is-quiet" size="small" :prepend-icon="mdiTrayArrowDown" @click="clear">
        All of it into the reserve
      </v-btn>
    </p>
    <p v-if="reserve.length" class="reserve">
      <span class="soft">Out of the reserve:</span>
      <button v-for="one in reserve" :key="one.id" type="button" class="line" @click="pull(one)">
        {{ one.content.title }}
      </button>
    </p>
    <template #foot>
      <v-btn class="is-main" @click="emit('close')">Done</v-btn>
      <v-btn class="is-side" :prepend-icon="mdiCreationOutline" @click="draft">Draft this day</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
section {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
h3 {
  flex: 0 0 120px;
  margin: 0;
  font: 700 14px var(--display);
}
.line {
  min-height: 32px;
  padding: var(--gap-1) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  text-align: left;
}
.add {
  border-style: dashed;
}
.label {
  margin: var(--gap-4) 0 var(--gap-3) calc(-1 * var(--gap-2));
}
.swap,
.reserve {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  margin-bottom: var(--gap-3);
}
</style>
