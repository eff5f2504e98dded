<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import {
  formatMinutes,
  clockSpan,
  partsOf,
  type ChangeInput,
  type EventId,
  type Placement,
  type SpecialEvent,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { madeWords } from '../state/options.ts';
import { formOf } from '../state/entity-form.ts';
import { useReading } from '../state/unit.ts';
import {
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  WordsField,
} from './fields/index.ts';
import FormSheet from './FormSheet.vue';
import PlacedItem from './PlacedItem.vue';
import TapeLabel from './TapeLabel.vue';
import WriteField from './WriteField.vue';

/**
 * A special event as a bundle: its day by number, or its date; a plan of its own by the clock with what is said, sung and done then;
 * who comes, what the invitation says, what each child brings.
 */
const props = defineProps<{ id: SpecialEvent['id'] | null; day?: number | undefined }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
// What the plan makes, and the books: an event comes after them.
const made = computed(() => madeWords(store.book));
// What was kept here is gone on with here: an event is written into next.
const kept = ref<EventId | null>(props.id);
const { known, draft, submit } = formOf('events')({
  id: () => kept.value,
  first: () => ({
    id: `event-${newId()}`,
    unitId: reading.value.frame.unit.id,
    when: { kind: 'day', day: props.day ?? reading.value.frame.unit.dayCount },
    fills: true,
  }),
  put: (event) => [{ type: 'unit/put-event', event }],
  close: () => emit('close'),
});
function close(): void {
  const isNew = kept.value === null && store.book.events[draft.value.id] !== undefined;
  if (isNew) kept.value = draft.value.id as EventId;
  else emit('close');
}
const KINDS = { day: 'a numbered day, which moves with a closure', date: 'a date, which does not move' };
const kind = computed({
  get: () => draft.value.when.kind,
  set: (to) => {
    const { days } = reading.value.frame.calendar;
    const { when } = draft.value;
    const day = when.kind === 'day' ? when.day : (days.find(({ date }) => date === when.date)?.number ?? 1);
    const date = when.kind === 'date' ? when.date : (days[when.day - 1]?.date ?? store.today!);
    draft.value.when = to === 'day' ? { kind: 'day', day } : { kind: 'date', date };
  },
});
// An empty field of a time says that nobody knows.
const ends = computed({
  get: () => draft.value.ends ?? '',
  set: (to: string) => (draft.value.ends = to === '' ? null : to),
});

// What stands in it, by its parts: as it is on its day, or as it would be where it has none.
const inside = computed((): readonly Placement[] =>
  reading.value.placements.filter(
    ({ where, inEvent }) =>
      inEvent === kept.value || (where.kind === 'event' && where.eventId === kept.value),
  ),
);
const startOf = (placement: Placement): string => {
  const { where } = store.book.placements[placement.id] ?? placement;
  return where.kind === 'event' ? where.start : '';
};
const parts = computed(() =>
  known.value
    ? partsOf(
        known.value,
        inside.value.flatMap(({ id }) => store.book.placements[id] ?? []),
      ).map((part) => ({
        part,
        until: formatMinutes(clockSpan(part.start, part.minutes).to),
        items: inside.value.filter((placement) => startOf(placement) === part.start),
      }))
    : [],
);

const songs = computed(() =>
  Object.values(store.book.songs)
    .filter(({ retired }) => !retired)
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en')),
);
type Row = { songIds?: string[] | undefined };
function sing(row: Row, event: Event): void {
  const field = event.target as HTMLSelectElement;
  if (field.value !== '') row.songIds = [...(row.songIds ?? []), field.value];
  field.value = '';
}
const unsing = (row: Row, index: number): void =>
  void (row.songIds = (row.songIds ?? []).filter((_, i) => i !== index));

// What stands in it is not lost with it.
function takeOut(): void {
  if (!known.value) return;
  const back = inside.value.map(({ id }): ChangeInput => ({
    type: 'unit/move',
    placementId: id,
    where: { kind: 'reserve' },
  }));
  store.perform([...back, { type: 'book/drop', kind: 'events', id: known.value.id }]);
  emit('close');
}
</script>

<template>
  <FormSheet
    title="A special event"
    hint="A party, an outing, a guest: a bundle with a plan of its own."
    :live="Boolean(known)"
    :submit="submit"
    :width="760"
    @close="close"
  >
    <LineField v-model="draft.title" label="What" path="title" />
    <div class="side-by-side">
      <ChoiceField v-model="kind" label="Kept to" path="when.kind" :options="KINDS" />
      <NumberField v-if="draft.when.kind === 'day'" v-model="draft.when.day" label="Day" path="when.day" />
      <LineField v-else v-model="draft.when.date" label="Date" path="when.date" type="date" />
    </div>
    <SwitchField v-model="draft.fills" label="The ordinary plan of that day steps back" path="fills" />
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.plan"
      label="The plan of that day"
      path="plan"
      one="Line"
      ordered
      :blank="() => ({ start: '09:30', text: '', songIds: [] })"
    >
      <div class="plan">
        <LineField v-model="row.start" label="From" :path="`${path}.start`" type="time" />
        <LineField v-model="row.text" label="What is done" :path="`${path}.text`" />
        <p class="songs">
          <button
            v-for="(songId, i) in row.songIds ?? []"
            :key="`${songId}-${i}`"
            type="button"
            class="song"
            :aria-label="`Do not sing ${store.book.songs[songId]?.title ?? 'it'} then`"
            @click="unsing(row, i)"
          >
            {{ store.book.songs[songId]?.title ?? 'a song that is gone' }}
            <v-icon :icon="mdiClose" size="14" aria-hidden="true" />
          </button>
          <select :aria-label="`Sung at ${row.start}`" @change="sing(row, $event)">
            <option value="">and sing …</option>
            <option v-for="song in songs" :key="song.id" :value="song.id">{{ song.title }}</option>
          </select>
        </p>
      </div>
    </RowsField>
    <LineField
      v-model="ends"
      label="Over at (empty: half an hour after the last line)"
      path="ends"
      type="time"
    />
    <template v-if="known">
      <TapeLabel class="label">What is done in it</TapeLabel>
      <ul class="parts" data-test="event-parts">
        <li v-for="{ part, until, items } in parts" :key="part.id">
          <b class="figures">{{ part.start }} to {{ until }}</b> {{ part.name }}
          <PlacedItem v-for="item in items" :key="item.id" :placement="item" />
        </li>
        <li v-if="parts.length === 0" class="soft">
          Nothing yet. Write into it: “10:15 stalls open, 8 paper bags”.
        </li>
      </ul>
      <WriteField :spot="{ kind: 'event', eventId: known.id }" :name="known.title" />
    </template>
    <p v-else class="soft">Keep it, then write into it what is done: things, minutes and all.</p>
    <div class="side-by-side">
      <TextField v-model="draft.guests" label="Who comes, beside the children" path="guests" :rows="1" />
      <TextField v-model="draft.invitation" label="The invitation says" path="invitation" :rows="1" />
    </div>
    <div class="side-by-side">
      <TextField v-model="draft.brings" label="Each child brings" path="brings" :rows="1" />
      <TextField v-model="draft.bringsElse" label="Whoever has none" path="bringsElse" :rows="1" />
    </div>
    <WordsField v-model="draft.uses" label="Uses what is made before" path="uses" :known="made" />
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="takeOut">Take it away</v-btn>
    </template>
  </FormSheet>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: var(--gap-3);
}
.songs {
  display: flex;
  grid-column: 2;
  flex-wrap: wrap;
  gap: var(--gap-2);
  align-items: center;
}
.song,
select {
  min-height: 28px;
  padding: 0 var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
  font-size: 13px;
}
.label {
  align-self: flex-start;
  margin: var(--gap-4) 0 var(--gap-3) calc(-1 * var(--gap-2));
}
.parts {
  display: grid;
  gap: var(--gap-3);
  margin-bottom: var(--gap-3);
}
@media (max-width: 900px) {
  .song,
  select {
    min-height: var(--touch);
  }
}
</style>
