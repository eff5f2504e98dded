<script setup lang="ts">
import { ref } from 'vue';
import { ChoiceField, LineField, NumberField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { personOptions } from '../../state/options.ts';
import type { ActResult } from '../../state/sync.ts';
import { useReading } from '../../state/unit.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** A task of one's own, such as trying something out; or a time on one day, such as a Saturday morning. */
const props = defineProps<{ kind: 'task' | 'time' }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const { days } = reading.value.frame.calendar;
const next = days.find(({ date }) => date >= store.today!) ?? days[0];

const name = ref<string | undefined>(props.kind === 'time' ? 'One more hour' : '');
const minutes = ref<number | null>(props.kind === 'time' ? 60 : 15);
const day = ref<number | null>(next?.number ?? 1);
const date = ref<string | null>(store.today);
const start = ref<string | undefined>('19:30');
const personId = ref<string | null>(null);
const people = personOptions(store.book);

keepsTyped(`add ${props.kind}`, { name, minutes, day, date, start, personId });

const submit = (): ActResult =>
  store.perform([
    props.kind === 'task'
      ? {
          type: 'ready/put-task',
          task: {
            id: `own-${newId()}`,
            unitId: reading.value.frame.unit.id,
            text: name.value ?? '',
            minutes: minutes.value as never,
            day: day.value as never,
            personId: personId.value,
          },
        }
      : {
          type: 'ready/put-time',
          time: {
            id: `time-${newId()}`,
            name: name.value ?? '',
            date: date.value as never,
            start: start.value as never,
            minutes: minutes.value as never,
            personId: personId.value,
          },
        },
  ]);
</script>

<template>
  <FormSheet
    :title="kind === 'task' ? 'Add a task' : 'Add a time'"
    :hint="
      kind === 'task'
        ? 'Trying something out, a call, anything that has to be done before a day.'
        : 'Time for making ready on one day only.'
    "
    :submit="submit"
    :width="560"
    @close="emit('close')"
  >
    <LineField
      v-model="name"
      :label="kind === 'task' ? 'What is done' : 'Name'"
      :path="kind === 'task' ? 'task.text' : 'time.name'"
    />
    <div class="side-by-side">
      <NumberField
        v-model="minutes"
        label="Takes"
        suffix="minutes"
        :path="kind === 'task' ? 'task.minutes' : 'time.minutes'"
      />
      <NumberField v-if="kind === 'task'" v-model="day" label="Before Day" path="task.day" />
      <template v-else>
        <LineField v-model="date" label="On" type="date" path="time.date" />
        <LineField v-model="start" label="From" type="time" path="time.start" />
      </template>
    </div>
    <ChoiceField
      v-model="personId"
      label="Whose"
      none="whoever is there"
      :path="kind === 'task' ? 'task.personId' : 'time.personId'"
      :options="people"
    />
  </FormSheet>
</template>
