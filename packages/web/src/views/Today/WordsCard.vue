<script setup lang="ts">
import { formatMinutes, homeOf, minutesInZone, placementAt, type NoteOrder, type UnitId } from '@kobby/core';
import { mdiHandWaveOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** Words from the room: calls for help first, then notes; and a note of one's own. */
const props = defineProps<{ unitId: UnitId; day: number }>();
const store = useBook();
const text = ref('');
const notes = computed(() =>
  Object.values(store.book.notes)
    .filter(({ unitId, day }) => unitId === props.unitId && day === props.day)
    .toSorted((a, b) => weight(a) - weight(b) || (a.at < b.at ? 1 : -1)),
);
const weight = ({ kind, seenAt }: { kind: string; seenAt: string | null }): number =>
  seenAt === null && kind === 'help' ? 0 : 1;
const clock = (at: string): string => formatMinutes(minutesInZone(Date.parse(at), homeOf(store.book).zone));

function write(): void {
  if (text.value.trim() === '') return;
  const note: NoteOrder = {
    id: `note-${newId()}` as NoteOrder['id'],
    unitId: props.unitId,
    day: props.day,
    placementId: null,
    kind: 'note',
    text: text.value.trim(),
  };
  if (store.perform([{ type: 'daybook/note', note }]).done) text.value = '';
}
</script>

<template>
  <ShelfCard
    :title="`Words from the room${notes.length ? ` · ${notes.length}` : ''}`"
    label="Words from the room"
  >
    <ul aria-live="polite" data-test="words">
      <li v-for="note in notes" :key="note.id" :class="{ help: note.kind === 'help' && !note.seenAt }">
        <span>
          <b v-if="note.kind === 'help'"
            ><v-icon :icon="mdiHandWaveOutline" size="18" aria-hidden="true" /> Needs help
          </b>
          {{ note.text }}
          <small
            >{{ note.by }}, {{ clock(note.at)
            }}{{
              note.placementId ? ` · ${placementAt(store.book, note.placementId)?.content.title ?? ''}` : ''
            }}</small
          >
        </span>
        <button
          v-if="!note.seenAt && note.shareId"
          type="button"
          class="tap"
          @click="store.perform([{ type: 'daybook/see-note', noteId: note.id }])"
        >
          Seen
        </button>
      </li>
    </ul>
    <form @submit.prevent="write">
      <v-text-field v-model="text" label="A note about the day" name="note" hide-details />
      <v-btn class="is-side" type="submit" :disabled="text.trim() === ''">Keep</v-btn>
    </form>
  </ShelfCard>
</template>

<style scoped>
li {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li.help {
  margin: 0 calc(-1 * var(--gap-4));
  padding: var(--gap-2) var(--gap-4);
  background: var(--stop-bg);
  border-left: 6px solid var(--stop);
  border-radius: 6px;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
form {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
