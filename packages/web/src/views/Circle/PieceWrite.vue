<script setup lang="ts">
import { PIECE_KINDS, readPiece, tooMuch, type CircleRun, type JottedPiece } from '@kobby/core';
import { computed, nextTick, ref, useId, watch } from 'vue';
import { useBook } from '../../state/book.ts';
import { jottedAt, keepJotted } from '../../state/jotted.ts';
import { useCircleDesk } from './circle-desk.ts';

/** A circle or a seam that is written into: Enter puts the line at its end, songs and books of the library are offered while one types. */
const props = defineProps<{
  run: CircleRun;
  name: string;
  /** As small as it can be until somebody writes. */
  brief?: boolean;
}>();
const store = useBook();
const desk = useCircleDesk();
const listId = useId();

const place = computed(
  () => `${desk.reading.value.frame.unit.id}:circle:${props.run.block.id}:${props.run.moment}`,
);
const text = ref(jottedAt(place.value));
const isLooking = ref(false);
const isOpen = ref(!props.brief || text.value !== '');
const field = ref<HTMLTextAreaElement | null>(null);
async function open(): Promise<void> {
  isOpen.value = true;
  await nextTick();
  field.value?.focus();
}
function leave(): void {
  isLooking.value = false;
  isOpen.value = !props.brief || text.value.trim() !== '';
}
const chosen = ref(0);
const trouble = ref<string | null>(null);
watch(text, (now) => {
  keepJotted(place.value, now);
  chosen.value = 0;
  trouble.value = null;
  isLooking.value = now.trim() !== '';
});

const pieces = computed((): readonly JottedPiece[] =>
  text.value.split('\n').flatMap((line) => readPiece(line, store.book) ?? []),
);
const MOST = 5;
const offers = computed((): readonly JottedPiece[] => {
  const wish = text.value.trim().toLocaleLowerCase('en');
  if (pieces.value.length !== 1 || wish.length < 2) return [];
  const { songs, bookTitles } = store.book;
  return [...Object.values(songs), ...Object.values(bookTitles)]
    .filter(({ retired, title }) => !retired && title.toLocaleLowerCase('en').includes(wish))
    .slice(0, MOST)
    .flatMap(({ title }) => readPiece(title, store.book) ?? []);
});
const nameOf = ({ songId, bookId, words }: JottedPiece): string =>
  (songId && store.book.songs[songId]?.title) || (bookId && store.book.bookTitles[bookId]?.title) || words;
const choices = computed(() => [
  ...(pieces.value.length === 1 ? [pieces.value[0]!] : []),
  ...offers.value.filter((one) => nameOf(one) !== nameOf(pieces.value[0]!)),
]);

function put(wishes: readonly JottedPiece[]): void {
  trouble.value = tooMuch(text.value);
  if (trouble.value === null && desk.addAll(props.run, wishes)) text.value = '';
}
function onKey(event: KeyboardEvent): void {
  if (event.isComposing) return;
  if (event.key === 'Enter' && !event.shiftKey) {
    event.preventDefault();
    const one = choices.value[chosen.value];
    if (pieces.value.length > 1) put(pieces.value);
    else if (one) put([one]);
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    if (choices.value.length === 0) return;
    event.preventDefault();
    isLooking.value = true;
    const count = choices.value.length;
    chosen.value = (chosen.value + (event.key === 'ArrowDown' ? 1 : count - 1)) % count;
  } else if (event.key === 'Escape') {
    event.stopPropagation();
    isLooking.value = false;
  }
}
</script>

<template>
  <button v-if="!isOpen" type="button" class="begin" @click="open">
    write<span class="sr-only"> into {{ name }}</span>
  </button>
  <div v-else class="piece-write">
    <textarea
      ref="field"
      v-model="text"
      rows="1"
      role="combobox"
      aria-autocomplete="list"
      autocomplete="off"
      :aria-label="`Write into ${name}`"
      :aria-expanded="isLooking && choices.length > 0"
      :aria-controls="listId"
      :aria-activedescendant="isLooking && choices.length > 0 ? `${listId}-${chosen}` : undefined"
      placeholder="write a piece, or several lines …"
      @keydown="onKey"
      @blur="leave"
      @focus="isLooking = text.trim() !== ''"
    />
    <ul
      v-if="isLooking && choices.length"
      :id="listId"
      role="listbox"
      :aria-label="`What could stand in ${name}`"
      data-test="piece-jotting"
      @pointerdown.prevent
    >
      <li
        v-for="(one, i) in choices"
        :id="`${listId}-${i}`"
        :key="`${one.kind} ${nameOf(one)}`"
        role="option"
        :aria-selected="i === chosen"
        :class="{ chosen: i === chosen }"
        @click="put([one])"
      >
        {{ nameOf(one) }}
        <small>{{ PIECE_KINDS[one.kind].name }}{{ one.minutes ? ` · ${one.minutes} min` : '' }}</small>
      </li>
    </ul>
    <small v-if="trouble" class="wrong" role="alert">{{ trouble }}</small>
  </div>
</template>

<style scoped>
.begin {
  min-height: 24px;
  padding: 0 var(--gap-3);
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 5px;
  color: var(--ink-soft);
}
.piece-write {
  position: relative;
  flex: 1 1 180px;
}
textarea {
  display: block;
  width: 100%;
  min-height: 32px;
  max-height: 120px;
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  border: 1.5px dashed var(--edge);
  border-radius: 5px;
  color: inherit;
  font: inherit;
  line-height: 1.3;
  resize: none;
  field-sizing: content;
}
ul {
  position: absolute;
  top: calc(100% + 4px);
  z-index: 40;
  width: max(100%, 240px);
  padding: var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--plum);
  border-radius: var(--radius);
  box-shadow: 0 6px 18px rgb(30 20 50 / 22%);
}
li {
  padding: var(--gap-2);
  border-radius: 4px;
  cursor: pointer;
}
li.chosen {
  background: var(--well);
}
small {
  color: var(--ink-soft);
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .begin,
  textarea,
  li {
    min-height: var(--touch);
    font-size: 16px;
  }
}
</style>
