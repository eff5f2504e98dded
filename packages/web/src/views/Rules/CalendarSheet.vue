<script setup lang="ts">
import { addDays, formatDay, readClosures, type CalendarClosure, type ImportPreview } from '@kobby/core';
import { computed, ref, shallowRef } from 'vue';
import FormSheet from '../../parts/FormSheet.vue';
import ImportRows from '../../parts/ImportRows.vue';
import { chosenFile, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** Closures from a calendar file: looked at first, then taken in together. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const DAYS_AHEAD = 730;
const preview = shallowRef<ImportPreview<CalendarClosure> | null>(null);
const known = computed(
  () => new Set(Object.values(store.book.closures).map(({ from, to, why }) => `${from} ${to} ${why}`)),
);
const isBusy = ref(false);

async function take(event: Event): Promise<void> {
  const file = chosenFile(event);
  if (!file) return;
  isBusy.value = true;
  // Larger than any calendar of closures: it is not even read.
  const text = file.size > 5_000_000 ? 'x'.repeat(5_000_000) : await file.text();
  preview.value = readClosures(text, store.today!, addDays(store.today!, DAYS_AHEAD));
  isBusy.value = false;
}
const fresh = computed(() =>
  (preview.value?.rows ?? []).flatMap((row) =>
    row.ok && !known.value.has(`${row.value.from} ${row.value.to} ${row.value.why}`) ? [row.value] : [],
  ),
);
const shown = ({ from, to, why }: CalendarClosure): string =>
  `${why}, ${from === to ? formatDay(from, 'full') : `${formatDay(from)} to ${formatDay(to, 'full')}`}`;

const submit = (): ActResult =>
  fresh.value.length === 0
    ? { done: false, errors: [{ path: [], message: 'There is no new closure to take in.' }] }
    : store.perform(
        fresh.value.map((closure) => ({
          type: 'house/put-closure',
          closure: { id: `closure-${newId()}`, ...closure },
        })),
      );
</script>

<template>
  <FormSheet
    title="Closures from a calendar file"
    hint="A file that ends in .ics. Whole-day events of the next two years are taken."
    :submit="submit"
    @close="emit('close')"
  >
    <input
      type="file"
      name="calendar"
      accept=".ics,text/calendar"
      aria-label="Calendar file"
      @change="take"
    />
    <p v-if="isBusy" aria-live="polite">Reading …</p>
    <template v-if="preview">
      <ImportRows :preview="preview" :shown="shown" />
      <p v-if="!preview.problem" aria-live="polite">
        {{ fresh.length === 1 ? 'One closure is new.' : `${fresh.length} closures are new.` }} They are taken
        in as one step.
      </p>
    </template>
  </FormSheet>
</template>
