<script setup lang="ts">
import {
  decideReady,
  formatDay,
  formatDuration,
  formatMinutes,
  momentOf,
  type ReadyEntry,
  type ReadySlot,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, NumberField, TextField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import HowCome from '../../parts/HowCome.vue';
import { useBook } from '../../state/book.ts';
import { personOptions } from '../../state/options.ts';
import type { ActResult } from '../../state/sync.ts';
import { slotText } from './deciding.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** What is decided about one task: when, by whom, in how many parts, how far it is prepared, or not at all. */
const props = defineProps<{ entry: ReadyEntry; slots: readonly ReadySlot[] }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const { task } = props.entry;
const whole = store.book.prepChoices[task.wholeId] ?? null;
const own = store.book.prepChoices[task.id] ?? whole;

const slotId = ref<string | null>(own?.slotId ?? null);
const personId = ref<string | null>(whole?.personId ?? null);
const parts = ref<number | null>(whole?.parts ?? 1);
const way = ref<string | null>(whole?.instead === null || whole === null ? null : String(whole.instead));
const hands = ref<string | null>(
  whole?.withChildren === null || whole === null ? null : String(whole.withChildren),
);
const skip = ref<string | null>(whole?.skip ?? null);
/** Minutes that it took: asked of what is done. */
const took = ref<number | null>(props.entry.mark?.took?.minutes ?? null);
const note = ref<string | undefined>(whole?.note ?? '');

const times = computed(() =>
  props.slots
    .filter(({ to }) => to <= task.usedAt)
    .map((slot) => ({ title: slotText(slot), value: slot.id as string })),
);
const ways = Object.fromEntries(
  task.ways.map(({ text, minutes, laterMinutes }, i) => [
    String(i),
    `${text}: ${minutes} min now${laterMinutes > 0 ? `, ${laterMinutes} min more on the day` : ''}`,
  ]),
);
const people = computed(() => personOptions(store.book));
const how = [
  `${task.minutes} min: ${task.how}.`,
  ...(task.usualMinutes === null ? [] : [`As its activity says it would be ${task.usualMinutes} min.`]),
  `Needed on ${task.day.number === 0 ? '' : `Day ${task.day.number}, `}${formatDay(task.day.date)}${clockOf()}.`,
  ...(task.waitMinutes > 0 ? [`Done at least ${formatDuration(task.waitMinutes)} before.`] : []),
  ...(task.things.length > 0 ? [`With ${task.things.join(', ')}.`] : []),
  ...(props.entry.why ? [props.entry.why.text] : []),
];
function clockOf(): string {
  const home = store.book.homes['home'];
  if (!home) return '';
  return `, at ${formatMinutes(task.usedAt - momentOf(task.day.date, 0, home.zone))}`;
}

keepsTyped(`task ${props.entry.task.id}`, { slotId, personId, parts, way, hands, skip, note, took });

function submit(): ActResult {
  const decided = decideReady(
    store.book,
    { ...task, id: task.wholeId },
    {
      personId: personId.value as never,
      parts: parts.value ?? 1,
      instead: way.value === null ? null : Number(way.value),
      withChildren: hands.value === null ? null : hands.value === 'true',
      skip: skip.value as never,
      note: note.value ?? '',
      ...(task.part === null ? { slotId: slotId.value } : {}),
    },
  );
  const ofPart =
    task.part === null ? [] : [decideReady(store.book, task, { slotId: slotId.value, parts: 1 })];
  const planned = (task.writtenMinutes ?? task.minutes) as never;
  const timed =
    props.entry.mark && took.value !== null
      ? [
          {
            type: 'ready/done' as const,
            unitId: task.unit.id,
            taskId: task.id,
            took: { minutes: took.value, planned },
          },
        ]
      : [];
  return store.perform([decided, ...ofPart, ...timed]);
}
</script>

<template>
  <FormSheet :title="task.text" :hint="task.forWhat" :submit="submit" :width="620" @close="emit('close')">
    <HowCome :sentences="how" />
    <NumberField
      v-if="entry.mark"
      v-model="took"
      label="Minutes that it took"
      path="took"
      empty-is-null
      suffix="min"
    />
    <ChoiceField
      v-model="slotId"
      label="When"
      path="choice.slotId"
      none="the latest time that fits"
      :options="times"
    />
    <div class="side-by-side">
      <ChoiceField
        v-model="personId"
        label="Whose time"
        path="choice.personId"
        none="anybody's"
        :options="people"
      />
      <ChoiceField
        v-model="hands"
        label="With the children"
        path="choice.withChildren"
        none="as its activity says"
        :options="{ true: 'with the children', false: 'without them' }"
      />
      <NumberField v-model="parts" label="In how many parts" path="choice.parts" />
    </div>
    <ChoiceField
      v-if="task.ways.length"
      v-model="way"
      label="How far it is prepared"
      path="choice.instead"
      none="as its activity says"
      :options="ways"
    />
    <ChoiceField
      v-model="skip"
      label="Is it made at all?"
      path="choice.skip"
      none="yes, as it stands above"
      :options="{ made: 'a made set is there already', 'left-out': 'left out' }"
    />
    <TextField v-model="note" label="Note" path="choice.note" :rows="2" />
  </FormSheet>
</template>
