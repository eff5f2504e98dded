<script setup lang="ts">
import {
  mdiBookOpenPageVariantOutline,
  mdiNoteTextOutline,
  mdiPartyPopper,
  mdiPlus,
  mdiAccountGroupOutline,
  mdiHomeOutline,
  mdiTreeOutline,
} from '@mdi/js';
import {
  isOfOneDay,
  fillerOf,
  formatDay,
  lineText,
  type Activity,
  type DayLine,
  type EventId,
  type LineKind,
  type Placement,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { useProposing } from '../state/proposing.ts';
import { useReading } from '../state/unit.ts';
import DayOffers from './DayOffers.vue';
import DropSpot from './DropSpot.vue';
import EventSheet from './EventSheet.vue';
import LevelFlag from './LevelFlag.vue';
import PlacedItem from './PlacedItem.vue';
import ProposedItem from './ProposedItem.vue';
import WriteField from './WriteField.vue';

/** One numbered day: its date, what is planned, who is there. */
const props = defineProps<{
  number: number;
  tall?: boolean | undefined;
  /** What could be done on it, while there is nothing. */
  offers?: readonly Activity[] | undefined;
}>();
const emit = defineEmits<{ day: [] }>();

const store = useBook();
const reading = useReading();
const desk = useDesk();
const proposing = useProposing();
// What stands in for something is told with that.
const proposed = computed(() => proposing.onDay(props.number).filter(({ spot }) => spot.of === null));

const circle = computed(() => proposing.circleOn(props.number));

const LINE_GLYPHS: Readonly<Record<LineKind, string>> = {
  'read-aloud': mdiBookOpenPageVariantOutline,
  circle: mdiAccountGroupOutline,
  note: mdiNoteTextOutline,
  indoors: mdiHomeOutline,
  outdoors: mdiTreeOutline,
};

const day = computed(() => {
  const { frame, placements, lines, specials } = reading.value;
  const { number } = props;
  const { date } = frame.calendar.days[number - 1]!;
  const before = number === 1 ? (frame.unit.start ?? date) : frame.calendar.days[number - 2]!.date;
  const attendance = frame.attendance[number - 1]!;
  const ofDay = lines.filter((line) => line.day === number && isOfOneDay(line));
  const stepsBack = ({ kind }: DayLine): boolean => kind === 'circle' && fillerOf(specials, number) !== null;
  return {
    date,
    isToday: date === store.today,
    isPast: date < store.today!,
    closedBefore: frame.calendar.skipped.filter((skipped) => before <= skipped.date && skipped.date < date),
    items: placements
      .filter(({ where }) => where.kind === 'day' && where.day === number)
      .toSorted((a, b) => (startOf(a) < startOf(b) ? -1 : 1)),
    back: [
      ...placements.flatMap(({ backFrom, content }) => (backFrom === number ? [content.title] : [])),
      ...ofDay.filter(stepsBack).map(textOf),
    ],
    events: specials.filter((special) => special.day === number).map(({ event }) => event),
    lines: ofDay.filter((line) => !stepsBack(line)),
    flag: flagOf(number),
    here: attendance.children.length,
    away: attendance.away,
  };
});
function startOf({ where, part }: Placement): string {
  if (part) return part.start;
  const { blocks } = reading.value.frame.home;
  return blocks.find((block) => where.kind === 'day' && block.id === where.blockId)?.start ?? '';
}
/** What the plan points out about this day alone. */
function flagOf(number: number) {
  const own = reading.value.headsUps.filter(
    ({ days, kept, placementId, cornerIds }) =>
      !kept && days.length === 1 && days[0] === number && cornerIds.length === 0 && placementId === null,
  );
  const worst = own[0]?.level;
  return worst ? { level: worst, count: own.length } : null;
}
const opened = ref<EventId | null>(null);
function textOf(line: DayLine): string {
  return lineText(line, store.book.bookTitles);
}
</script>

<template>
  <li
    class="day"
    :class="{ past: day.isPast, now: day.isToday, tall }"
    :data-spot="`day:${number}`"
    :data-test="`day-${number}`"
  >
    <div class="head">
      <component
        :is="tall ? 'button' : 'span'"
        class="name"
        :type="tall ? 'button' : undefined"
        @click="tall && emit('day')"
      >
        <b class="figures">{{ number }}</b>
        <span>{{ day.isToday ? 'today' : formatDay(day.date, 'brief') }}</span>
        <span v-if="tall" class="sr-only">: book, circle, notes, event, swap</span>
      </component>
      <LevelFlag v-if="day.flag" v-bind="day.flag" />
      <span v-if="tall" class="who">{{ day.here }} here</span>
    </div>
    <p v-for="closed in day.closedBefore" :key="closed.date" class="closed">
      {{ formatDay(closed.date, 'brief') }} closed: {{ closed.why }}
    </p>
    <component
      :is="tall ? 'button' : 'p'"
      v-for="event in day.events"
      :key="event.id"
      class="event"
      :type="tall ? 'button' : undefined"
      @click="tall && (opened = event.id)"
    >
      <v-icon :icon="mdiPartyPopper" size="14" aria-hidden="true" /> {{ event.title }}
    </component>
    <p v-if="day.back.length" class="who">steps back: {{ day.back.join(', ') }}</p>
    <ul class="items">
      <li v-for="item in day.items" :key="item.id"><PlacedItem :placement="item" :tall="tall" /></li>
      <li v-for="piece in proposed" :key="piece.spot.key"><ProposedItem :piece="piece" :brief="!tall" /></li>
      <li v-if="circle.length" class="line circle" data-test="proposed-circle">
        <v-icon :icon="LINE_GLYPHS.circle" size="14" aria-hidden="true" />
        <template v-if="tall">
          <span class="sr-only">Proposed: </span>{{ circle.join(' · ') }}
          <button
            type="button"
            class="link"
            :aria-label="`not this: no circle for Day ${number}`"
            @click="proposing.leaveCircle(number)"
          >
            not this
          </button>
        </template>
        <template v-else>circle, {{ circle.length }} pieces</template>
      </li>
      <template v-if="tall">
        <li v-for="line in day.lines" :key="line.id" class="line">
          <v-icon :icon="LINE_GLYPHS[line.kind]" size="14" aria-hidden="true" /> {{ textOf(line) }}
        </li>
      </template>
    </ul>
    <DayOffers v-if="offers?.length && proposed.length === 0" :number="number" :offers="offers" />
    <DropSpot :spot="{ kind: 'day', day: number }" :name="`Day ${number}`" :small="!tall" />
    <div class="adds">
      <WriteField :spot="{ kind: 'day', day: number }" :name="`Day ${number}`" :brief="!tall" />
      <button
        type="button"
        class="add"
        :aria-label="`Add to Day ${number}`"
        title="From the library"
        @click="desk.pick({ day: number })"
      >
        <v-icon :icon="mdiPlus" size="16" aria-hidden="true" />
      </button>
    </div>
    <p v-if="!tall" class="who">
      {{ day.here }} here<template v-if="day.away.length"> · {{ day.away.length }} away</template>
    </p>
    <EventSheet v-if="opened" :id="opened" @close="opened = null" />
  </li>
</template>

<style scoped>
.day {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
  min-width: 0;
  padding: var(--gap-2);
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
.name {
  display: flex;
  flex: 1;
  gap: var(--gap-3);
  align-items: baseline;
  justify-content: space-between;
  padding: 0;
  background: none;
  border: 0;
  text-align: left;
}
button.name {
  flex: none;
  min-height: 24px;
  justify-content: flex-start;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-color: var(--edge);
}
.head b {
  font: 700 16px var(--display);
}
.name span,
.who,
.closed {
  font-size: 12px;
  color: var(--ink-soft);
}
.closed {
  border-left: 3px dashed var(--edge);
  padding-left: var(--gap-2);
  line-height: 1.2;
}
.event {
  padding: var(--gap-1) var(--gap-3);
  background: var(--tape);
  color: var(--tape-ink);
  font-weight: 600;
  font-size: 12.5px;
  line-height: 1.25;
  text-align: left;
}
button.event {
  min-height: 24px;
  border: 0;
}
.items {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
  overflow: auto;
  min-height: 0;
}
.tall .items {
  overflow: visible;
}
.line {
  padding-left: var(--gap-2);
  color: var(--ink-soft);
  font-size: 12px;
  line-height: 1.25;
}
.circle {
  border-left: 3px dashed var(--plum);
}
.link {
  min-width: 24px;
  min-height: 24px;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  color: var(--plum);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.adds {
  display: flex;
  gap: var(--gap-2);
  align-items: flex-start;
}
.add {
  flex: none;
  width: 24px;
  min-height: 24px;
  padding: 0;
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
}
.add:hover {
  background: var(--well);
}
.tall .circle {
  border-left: 3px dashed var(--plum);
}
.link {
  min-width: 24px;
  min-height: 24px;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  color: var(--plum);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.adds {
  margin-top: auto;
}
.day:not(.tall) > .who {
  margin-top: auto;
}
@media (max-width: 900px) {
  .add,
  button.event,
  button.name {
    min-height: var(--touch);
  }
  .add {
    width: var(--touch);
  }
  .head,
  button.name {
    align-items: center;
  }
}
</style>
