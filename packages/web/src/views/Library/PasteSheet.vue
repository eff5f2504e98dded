<script setup lang="ts">
import {
  entryChanges,
  isEntryText,
  LIBRARY_KINDS,
  readActivityList,
  readEntryTexts,
  type ChangeInput,
  type EntryRead,
  type ImportPreview,
} from '@kobby/core';
import BringInSheet from '../../parts/BringInSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

type ActivityInput = Extract<ChangeInput, { type: 'library/put-activity' }>['activity'];
/** What a row of pasted text brings into the library. */
type Pasted = ActivityInput | EntryRead;

/** A list of activities, or recipes and songs as text, pasted or from a file: seen first, then taken in as one step. */
const emit = defineEmits<{ close: []; open: [id: string] }>();
const store = useBook();

function read(text: string): ImportPreview<Pasted> {
  if (isEntryText(text)) return readEntryTexts(text, store.book, newId);
  const { rows, problem } = readActivityList(text);
  const activity = (content: ActivityInput['content']): Pasted => ({ id: `activity-${newId()}`, content });
  return { problem, rows: rows.map((row) => (row.ok ? { ...row, value: activity(row.value) } : row)) };
}
const shown = (one: Pasted): string =>
  'content' in one
    ? one.content.title
    : `${one.title} (${LIBRARY_KINDS[one.kind]}${one.as === 'same' ? ', here already' : ''})`;
const changes = (rows: readonly Pasted[]): readonly ChangeInput[] => [
  ...rows.flatMap((one): ChangeInput[] =>
    'content' in one ? [{ type: 'library/put-activity', activity: one }] : [],
  ),
  ...entryChanges(rows.flatMap((one) => ('content' in one ? [] : [one]))),
];

// The first draft is opened, to be completed at once.
function openDraft(rows: readonly Pasted[]): void {
  const draft = rows.find((one) => 'content' in one && one.content.versions.length === 0);
  if (draft && 'content' in draft) emit('open', draft.id);
}
</script>

<template>
  <BringInSheet
    title="Paste into the library"
    hint="A list of activities, or recipes and songs as text."
    :read="read"
    :shown="shown"
    :changes="changes"
    @close="emit('close')"
    @taken="openDraft"
  >
    <p class="soft">
      Activities: one a line, or rows under headings such as title, corner, mode, skills, from, until, does,
      summary, steps, clean-up; ages in months, several skills or steps apart by a semicolon. A recipe begins
      with “Recipe:” and its title, a song with “Song:”; what goes in stands on a line each, verses apart by
      empty lines.
    </p>
  </BringInSheet>
</template>
