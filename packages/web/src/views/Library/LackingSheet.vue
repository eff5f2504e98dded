<script setup lang="ts">
import { type ChangeInput, type Kind, type NewEntries } from '@kobby/core';
import { computed, ref } from 'vue';
import FormSheet from '../../parts/FormSheet.vue';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** What Kobby’s own library has gained since this home was made: seen first, taken in by one press, with what it needs. */
const props = defineProps<{ entries: NewEntries['entries'] }>();
const emit = defineEmits<{ close: []; taken: [] }>();
const store = useBook();

const NAMES: Readonly<Partial<Record<Kind, string>>> = {
  ...{ activities: 'activities', recipes: 'recipes', songs: 'songs', bookTitles: 'books', sheets: 'sheets' },
  watchPatterns: 'to watch',
  readyUnits: 'units to begin from',
  supplies: 'things for the cupboard',
};
const groups = computed(() =>
  (Object.keys(NAMES) as Kind[])
    .map((kind) => ({
      kind,
      name: NAMES[kind]!,
      entries: props.entries.filter((one) => one.kind === kind && !one.isNamed),
    }))
    .filter(({ entries }) => entries.length > 0),
);
// Things come with what needs them; by themselves only where somebody wants them.
const left = ref(
  new Set(props.entries.filter((one) => one.kind === 'supplies' || one.isNamed).map(({ key }) => key)),
);
function leave(key: string, isTaken: boolean): void {
  const next = new Set(left.value);
  if (isTaken) next.delete(key);
  else next.add(key);
  left.value = next;
}
const wanted = computed(() => {
  const ticked = props.entries.filter(({ key }) => !left.value.has(key));
  return new Set(ticked.flatMap(({ key, needs }) => [key, ...needs]));
});
const along = computed(() => props.entries.filter(({ key }) => left.value.has(key) && wanted.value.has(key)));
const isAlong = (key: string): boolean => along.value.some((one) => one.key === key);

function takeIn(): ActResult {
  const changes = props.entries
    .filter(({ key }) => wanted.value.has(key))
    .map(({ change }) => change as ChangeInput);
  if (changes.length === 0) return { done: true };
  const result = store.perform(changes);
  if (result.done) emit('taken');
  return result;
}
</script>

<template>
  <FormSheet
    title="New from Kobby"
    hint="What the library that ships has and yours does not. A newer text is offered only where nobody here changed the old one."
    :live="false"
    :submit="takeIn"
    :width="680"
    @close="emit('close')"
  >
    <fieldset v-for="group in groups" :key="group.kind">
      <legend>{{ group.entries.length }} {{ group.name }}</legend>
      <label v-for="one in group.entries" :key="one.key" :data-test="`new-${one.key}`">
        <input
          type="checkbox"
          :checked="wanted.has(one.key)"
          :disabled="isAlong(one.key)"
          @change.stop="leave(one.key, ($event.target as HTMLInputElement).checked)"
        />
        {{ one.title }}
        <small v-if="isAlong(one.key)" class="soft">comes along</small>
        <small v-else-if="one.isNewer" class="soft">a newer text</small>
      </label>
    </fieldset>
    <p class="soft" role="status">
      {{ wanted.size === 1 ? 'One entry is' : `${wanted.size} entries are` }} taken in, in one step that Undo
      takes back.
    </p>
  </FormSheet>
</template>

<style scoped>
fieldset {
  columns: 2;
  column-gap: var(--gap-5);
  padding: 0;
  border: 0;
}
legend {
  padding-bottom: var(--gap-2);
  font-weight: 700;
}
label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: 30px;
  break-inside: avoid;
}
@media (max-width: 600px) {
  fieldset {
    columns: 1;
  }
  label {
    min-height: var(--touch);
  }
}
</style>
