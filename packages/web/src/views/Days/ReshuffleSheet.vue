<script setup lang="ts">
import {
  formatDay,
  listed,
  NOTHING_HAPPENED,
  type ChangeInput,
  type ChildId,
  type PersonId,
  type PlainDay,
  type PlannedMove,
  type SupplyId,
  type Where,
} from '@kobby/core';
import { computed, reactive, ref, watch } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import ThingPicture from '../../parts/ThingPicture.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReshuffling } from '../../state/reshuffling.ts';
import { useReading } from '../../state/unit.ts';
import { factsOfDays } from './facts-of-days.ts';

/** The plan goes another way: what has happened, and the fewest moves after which it holds again. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const { found, isWorking, trouble, look } = useReshuffling();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const HAPPENED = {
  ill: 'Children are ill',
  wet: 'Nobody goes out',
  away: 'Somebody is away',
  tired: 'Everyone is tired',
  lost: 'Days are lost',
  gone: 'Something is not there',
  more: 'There is a day more',
} as const;
type What = keyof typeof HAPPENED;
const whats = Object.entries(HAPPENED) as [What, string][];
const opened = ref<What | null>(null);

const days = computed(() => reading.value.frame.calendar.days.filter(({ date }) => date >= store.today!));
const said = reactive({
  days: { ill: [], wet: [], away: [], tired: [], lost: [] } as Record<string, PlainDay[]>,
  childIds: [] as ChildId[],
  personId: null as PersonId | null,
  supplyId: null as SupplyId | null,
  endsAsBefore: false,
  dayMore: false,
});
const children = computed(() => [...new Set(reading.value.frame.attendance.flatMap((day) => day.children))]);
const people = computed(() => reading.value.frame.people.filter(({ retired }) => !retired));
const supplies = computed(() => {
  const used = reading.value.placements.filter(({ where }) => where.kind === 'day');
  const ids = new Set(used.flatMap(({ content }) => content.materials.map(({ supplyId }) => supplyId)));
  return [...ids]
    .flatMap((id) => store.book.supplies[id as SupplyId] ?? [])
    .toSorted((a, b) => (a.name < b.name ? -1 : 1));
});
const isSaid = (what: What): boolean => {
  if (what === 'more') return said.dayMore;
  if (what === 'gone') return said.supplyId !== null;
  const many = said.days[what]!.length > 0;
  if (what === 'ill') return many && said.childIds.length > 0;
  return what === 'away' ? many && said.personId !== null : many;
};
function flip<T>(list: T[], one: T): void {
  const at = list.indexOf(one);
  if (at < 0) list.push(one);
  else list.splice(at, 1);
}
function open(what: What): void {
  if (what === 'more') said.dayMore = !said.dayMore;
  opened.value = opened.value === what ? null : what;
}

const facts = computed((): readonly ChangeInput[] =>
  factsOfDays(
    {
      ...{ ill: isSaid('ill') ? said.days.ill! : [], childIds: said.childIds, lost: said.days.lost! },
      ...{ endsAsBefore: said.endsAsBefore, dayMore: said.dayMore },
    },
    reading.value.frame.unit,
    newId,
  ),
);
const happened = computed(() => ({
  ...NOTHING_HAPPENED,
  wet: [...said.days.wet!],
  tired: [...said.days.tired!],
  gone: said.supplyId ? [said.supplyId] : [],
  away: isSaid('away') ? [{ personId: said.personId!, days: [...said.days.away!] }] : [],
}));
watch(
  [facts, happened, () => reading.value.placements],
  () =>
    look({
      ...{ book: store.book, unitId: reading.value.frame.unit.id, today: store.today! },
      ...{ facts: facts.value, happened: happened.value },
    }),
  { immediate: true },
);

const placeOf = (where: Where): string => {
  if (where.kind !== 'day') return 'the reserve';
  const block = reading.value.frame.home.blocks.find(({ id }) => id === where.blockId);
  return `Day ${where.day}${block ? `, ${block.name}` : ''}`;
};
const moveText = ({ placement, to }: PlannedMove): string => `${placeOf(placement.where)} → ${placeOf(to)}`;
const summary = computed(() => {
  if (!found.value) return '';
  const { moves, lost, left, isBest } = found.value;
  if (moves.length + lost.length === 0)
    return left.length > 0 ? 'No move makes it better.' : 'The plan holds as it is: nothing has to move.';
  const count = moves.length + lost.length;
  const proven = isBest ? ' There is no way with fewer.' : '';
  return `${count} ${count === 1 ? 'move' : 'moves'}, and the plan holds again.${proven}`;
});
const canTake = computed(() => found.value !== null && facts.value.length + found.value.changes.length > 0);
function take(): void {
  if (!found.value) return;
  const result = store.perform([...facts.value, ...found.value.changes]);
  if (result.done) emit('close');
  else trouble.value = listed(result.errors.map(({ message }) => message));
}
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    title="The days go another way"
    hint="Say what has happened: the fewest moves are looked for after which the plan holds again."
    :width="760"
  >
    <div class="whats" role="group" aria-label="What has happened">
      <button
        v-for="[what, name] in whats"
        :key="what"
        type="button"
        class="chip"
        :class="{ said: isSaid(what) }"
        :aria-expanded="what === 'more' ? undefined : opened === what"
        :aria-pressed="isSaid(what)"
        @click="open(what)"
      >
        {{ name }}
      </button>
    </div>
    <div v-if="opened && opened !== 'more'" class="more">
      <p v-if="opened === 'ill'" role="group" aria-label="Who">
        <button
          v-for="child in children"
          :key="child.id"
          type="button"
          class="chip"
          :aria-pressed="said.childIds.includes(child.id)"
          @click="flip(said.childIds, child.id)"
        >
          {{ child.name }}
        </button>
      </p>
      <label v-if="opened === 'away'">
        Who
        <select v-model="said.personId" name="person">
          <option :value="null">–</option>
          <option v-for="one in people" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <label v-if="opened === 'gone'">
        What
        <select v-model="said.supplyId" name="supply">
          <option :value="null">–</option>
          <option v-for="one in supplies" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <p v-if="opened !== 'gone'" role="group" aria-label="On which days">
        <button
          v-for="day in days"
          :key="day.date"
          type="button"
          class="chip"
          :aria-pressed="said.days[opened]!.includes(day.date)"
          @click="flip(said.days[opened]!, day.date)"
        >
          Day {{ day.number }} · {{ formatDay(day.date, 'brief') }}
        </button>
      </p>
      <label v-if="opened === 'lost'">
        <input v-model="said.endsAsBefore" type="checkbox" /> The unit still ends on its last date
      </label>
    </div>
    <p class="sum" role="status" data-test="reshuffled">
      <template v-if="trouble">It could not be worked out: {{ trouble }}. Nothing has changed.</template>
      <template v-else-if="!found">Looking …</template>
      <template v-else>{{ summary }}<template v-if="isWorking"> Looking for fewer …</template></template>
    </p>
    <ul v-if="found" class="moves">
      <li v-for="move in [...found.moves, ...found.lost]" :key="move.placement.id">
        <ThingPicture v-bind="move.placement.shownBy" :size="26" />
        <div>
          <b>{{ move.placement.content.title }}</b>
          <span class="way">{{ moveText(move) }}</span>
          <small class="soft">{{ move.why }}</small>
        </div>
      </li>
    </ul>
    <template v-if="found?.left.length">
      <h3>What no move mends</h3>
      <ul class="left">
        <li v-for="one in found.left" :key="one.key">{{ one.title }}</li>
      </ul>
    </template>
    <template #foot>
      <v-btn class="is-main" :disabled="!canTake" @click="take">Take it</v-btn>
      <v-btn class="is-side" @click="emit('close')">Leave it as it is</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.whats,
.more p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
.chip[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
}
.more {
  display: grid;
  gap: var(--gap-3);
  margin-top: var(--gap-3);
  padding: var(--gap-3);
  background: var(--paper);
  border-radius: var(--radius);
}
select {
  min-height: 32px;
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.sum {
  margin: var(--gap-4) 0 var(--gap-3);
  font-weight: 600;
}
.moves li {
  display: flex;
  gap: var(--gap-3);
  align-items: flex-start;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.way {
  display: block;
}
small {
  display: block;
}
h3 {
  margin: var(--gap-4) 0 var(--gap-1);
  font: 700 14px var(--display);
}
.left {
  list-style: disc inside;
}
</style>
