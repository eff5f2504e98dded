<script setup lang="ts">
import {
  mdiTable,
  mdiCalendarPlus,
  mdiCalendarRemove,
  mdiMinus,
  mdiPlus,
  mdiScaleBalance,
  mdiShuffleVariant,
} from '@mdi/js';
import {
  isOfOneDay,
  brokenBy,
  LINE_KINDS,
  lineText,
  type ChangeInput,
  type DayLine,
  type Finding,
  type Placement,
  type SpecialEvent,
} from '@kobby/core';
import { computed, nextTick, ref } from 'vue';
import BalanceSheet from '../../parts/BalanceSheet.vue';
import ClosureSheet from '../../parts/ClosureSheet.vue';
import DayStrip from '../../parts/DayStrip.vue';
import EventSheet from '../../parts/EventSheet.vue';
import DraftButton from '../../parts/DraftButton.vue';
import PageBar from '../../parts/PageBar.vue';
import { useBook } from '../../state/book.ts';
import { useDesk } from '../../state/desk.ts';
import { useHand } from '../../state/plan-hand.ts';
import { useReading } from '../../state/unit.ts';
import DaySheet from './DaySheet.vue';
import LineSheet from './LineSheet.vue';
import PacketSheet from './PacketSheet.vue';
import ReshuffleSheet from './ReshuffleSheet.vue';
import SureSheet from './SureSheet.vue';

/** The numbered days: what is done with everyone and what with a few, each in a block of the day. */
const store = useBook();
const reading = useReading();
const desk = useDesk();
const hand = useHand();
const sheet = ref<'balance' | 'closure' | 'packet' | 'reshuffle' | 'sure' | null>(null);
const openDay = ref<number | null>(null);
const line = ref<{
  readonly id: DayLine['id'] | null;
  readonly day: number | null;
  readonly kind: DayLine['kind'];
} | null>(null);
const event = ref<{ readonly id: SpecialEvent['id'] | null; readonly day: number } | null>(null);

const unit = computed(() => reading.value.frame.unit);
const hint = computed(() => {
  const closed = reading.value.frame.calendar.skipped.length;
  return closed === 0
    ? 'light days are no fault'
    : `${closed} closed ${closed === 1 ? 'day' : 'days'} skipped`;
});
const everyDay = computed(() =>
  (['indoors', 'outdoors', 'note', 'circle', 'read-aloud'] as const)
    .map((kind) => ({
      kind,
      lines: reading.value.lines.filter((one) => !isOfOneDay(one) && one.kind === kind),
    }))
    .filter(({ kind, lines }) => lines.length > 0 || kind === 'indoors' || kind === 'outdoors'),
);

// What an act broke is listed until the next one.
const broken = ref<{
  readonly said: string;
  readonly findings: readonly Finding[];
  readonly newDay: number | null;
} | null>(null);
async function watched(said: string, act: () => boolean, newDay: number | null = null): Promise<void> {
  const before = reading.value.headsUps;
  if (!act()) return;
  await nextTick();
  broken.value = { said, findings: brokenBy(before, reading.value.headsUps), newDay };
}
function resize(by: 1 | -1): void {
  const dayCount = unit.value.dayCount + by;
  const change: ChangeInput = { type: 'unit/revise', unit: { ...unit.value, dayCount } };
  void watched(
    by > 0 ? `Day ${dayCount} is new.` : `The unit ends with Day ${dayCount}.`,
    () => {
      const result = store.perform([change]);
      if (!result.done) store.notice = result.errors[0]?.message ?? 'The unit keeps its days';
      return result.done;
    },
    by > 0 ? dayCount : null,
  );
}
// As it was when the sheet was opened: a closure that was not kept moves nothing.
let opened: { readonly closures: object; readonly findings: readonly Finding[] } | null = null;
function close(): void {
  opened = { closures: store.book.closures, findings: reading.value.headsUps };
  sheet.value = 'closure';
}
async function closed(): Promise<void> {
  sheet.value = null;
  await nextTick();
  if (!opened || opened.closures === store.book.closures) return;
  const findings = brokenBy(opened.findings, reading.value.headsUps);
  broken.value = { said: 'Closed. Later days have moved.', findings, newDay: null };
}
function pull(placement: Placement): void {
  const day = broken.value?.newDay;
  if (!day) return;
  hand.take({ placement, isNew: false });
  hand.put({ kind: 'day', day });
}
const reserve = computed(() => reading.value.placements.filter(({ where }) => where.kind === 'reserve'));
const textOf = (line: DayLine): string => lineText(line, store.book.bookTitles);
const newLine = (day: number | null, kind: DayLine['kind']): void =>
  void (line.value = { id: null, day, kind });
</script>

<template>
  <PageBar title="Days" :hint="hint">
    <DraftButton />
    <v-btn
      class="is-side"
      size="small"
      :prepend-icon="mdiShuffleVariant"
      :disabled="reading.frame.calendar.days.length === 0"
      @click="sheet = 'reshuffle'"
    >
      Another way
    </v-btn>
    <v-btn class="is-side" size="small" :prepend-icon="mdiCalendarPlus" @click="resize(1)">A day more</v-btn>
    <v-btn
      class="is-side"
      size="small"
      :prepend-icon="mdiMinus"
      :disabled="unit.dayCount === 1"
      @click="resize(-1)"
    >
      A day less
    </v-btn>
    <v-btn class="is-side" size="small" :prepend-icon="mdiCalendarRemove" @click="close">Close a date</v-btn>
    <v-btn class="is-side" size="small" :prepend-icon="mdiScaleBalance" @click="sheet = 'balance'"
      >Balance</v-btn
    >
    <v-btn
      class="is-side"
      size="small"
      :prepend-icon="mdiTable"
      :to="{ name: 'one-page', params: { unitId: unit.id } }"
    >
      On one page
    </v-btn>
  </PageBar>
  <section v-if="broken" class="broken" role="status" data-test="broken">
    <b>{{ broken.said }}</b>
    <span v-if="broken.findings.length === 0"> Nothing else broke.</span>
    <ul v-else>
      <li v-for="one in broken.findings" :key="one.key">{{ one.title }}: {{ one.detail }}</li>
    </ul>
    <p v-if="broken.newDay && reserve.length">
      In reserve:
      <button v-for="one in reserve" :key="one.id" type="button" class="link" @click="pull(one)">
        {{ one.content.title }}
      </button>
    </p>
    <button type="button" class="link" @click="broken = null">Good</button>
  </section>
  <DayStrip tall @day="openDay = $event" />
  <section class="rooms" aria-label="Every day">
    <div v-for="{ kind, lines } in everyDay" :key="kind" class="room">
      <h2>{{ LINE_KINDS[kind] }}, every day or some</h2>
      <ul>
        <li v-for="one in lines" :key="one.id">
          <button type="button" class="link" @click="line = { id: one.id, day: null, kind }">
            {{ one.day === null ? '' : `Day ${one.day} to ${one.toDay}: ` }}{{ textOf(one) }}
          </button>
        </li>
      </ul>
      <button
        type="button"
        class="add"
        :aria-label="`Add to ${LINE_KINDS[kind]}, every day`"
        @click="newLine(null, kind)"
      >
        <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
      </button>
    </div>
    <div class="room">
      <h2>In reserve · {{ reserve.length }}</h2>
      <p class="soft">Undated extras and easy things, for a day that goes another way.</p>
      <button type="button" class="link" @click="desk.look({})">Show them beside the plan</button>
      <button type="button" class="link" @click="sheet = 'sure'">How sure is it?</button>
      <button type="button" class="link" @click="sheet = 'packet'">A packet of sheets, one page a day</button>
    </div>
  </section>
  <BalanceSheet v-if="sheet === 'balance'" @close="sheet = null" />
  <SureSheet v-if="sheet === 'sure'" @close="sheet = null" />
  <ReshuffleSheet v-if="sheet === 'reshuffle'" @close="sheet = null" />
  <PacketSheet v-if="sheet === 'packet'" @close="sheet = null" />
  <ClosureSheet v-if="sheet === 'closure'" @close="closed" />
  <DaySheet
    v-if="openDay"
    :number="openDay"
    @line="line = $event"
    @event="event = $event"
    @close="openDay = null"
  />
  <LineSheet v-if="line" :id="line.id" :day="line.day" :kind="line.kind" @close="line = null" />
  <EventSheet v-if="event" :id="event.id" :day="event.day" @close="event = null" />
</template>

<style scoped>
.broken {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
  margin-bottom: var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--note-bg);
  border-left: 5px solid var(--note-edge);
  border-radius: 5px;
}
.broken ul {
  flex-basis: 100%;
  list-style: disc inside;
}
.link {
  min-height: 24px;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.rooms {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: var(--gap-3);
  margin-top: var(--gap-3);
}
.room {
  position: relative;
  padding: var(--gap-2) calc(2 * var(--gap-5)) var(--gap-3) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 6px solid var(--shelf);
  border-radius: var(--radius);
}
h2 {
  margin: 0;
  font: 700 13.5px var(--display);
}
.add {
  position: absolute;
  top: 6px;
  right: 6px;
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  padding: 0;
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
}
</style>
