<script setup lang="ts">
import {
  changePiece,
  chosenWords,
  explainLength,
  lengthOf,
  listed,
  listsOf,
  nounOf,
  sing,
  songSchema,
  uncountedFor,
  type CirclePart,
  type SongId,
  type WordList,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, NumberField, TextField, WordsField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import SungVerses from '../../parts/SungVerses.vue';
import { madeWords } from '../../state/options.ts';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { spokenBy } from '../../state/spoken-things.ts';
import type { ActResult } from '../../state/sync.ts';
import ChosenVerses from './ChosenVerses.vue';
import { useCircleDesk, whenText } from './circle-desk.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** A piece looked at closer: its verses as they are sung, its words, and how long it takes. */
const props = defineProps<{ part: CirclePart }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const desk = useCircleDesk();

const { piece } = props.part;
const songId = ref<string | null>(piece.songId);
const bookId = ref<string | null>(piece.bookId);
const words = ref<string | undefined>(piece.words);
const count = ref<number | null>(piece.singing.count);
const from = ref<number | null>(piece.singing.from);
const chosen = ref<number[] | null>(piece.singing.verses && [...piece.singing.verses]);
const what = ref<string[] | undefined>([...piece.singing.what]);
const colour = ref<string[] | undefined>([...piece.singing.colour]);
const minutes = ref<number | null>(piece.minutes);
const uses = ref<string[] | undefined>([...piece.uses]);
const made = computed(() => madeWords(store.book));

const song = computed(() => (songId.value ? (store.book.songs[songId.value as SongId] ?? null) : null));
const options = (
  all: readonly { readonly id: string; readonly title: string; readonly retired: boolean }[],
) =>
  all
    .filter(({ retired }) => !retired)
    .map(({ id, title }) => ({ title, value: id }))
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en'));
const songs = computed(() => options(Object.values(store.book.songs)));
const books = computed(() => options(Object.values(store.book.bookTitles)));

const singing = computed(() => ({
  count: count.value,
  from: from.value,
  verses: chosen.value,
  what: what.value ?? [],
  colour: colour.value ?? [],
}));
// Words as they are typed, else those of the unit.
const verses = computed(() => {
  const sung = song.value && songSchema.safeParse(song.value).success ? song.value : null;
  if (!sung) return [];
  return sing(sung, chosenWords(singing.value, desk.run.value?.words ?? props.part.words), singing.value);
});
const length = computed(() => {
  const { home } = desk.reading.value.frame;
  return lengthOf(
    { kind: piece.kind, minutes: minutes.value as typeof piece.minutes },
    song.value,
    verses.value,
    home,
  );
});
const uncounted = computed(() =>
  song.value
    ? uncountedFor(song.value, chosenWords(singing.value, desk.run.value?.words ?? props.part.words)).map(
        (word) => nounOf(word).one,
      )
    : [],
);
const lists = computed(() => (song.value ? listsOf(song.value) : new Set<WordList>()));

keepsTyped(`piece ${piece.id}`, { songId, bookId, words, count, from, chosen, what, colour, minutes, uses });

const submit = (): ActResult =>
  store.perform(
    changePiece(
      piece,
      {
        songId: songId.value as typeof piece.songId,
        bookId: bookId.value as typeof piece.bookId,
        words: words.value ?? '',
        singing: singing.value,
        minutes: minutes.value as typeof piece.minutes,
        uses: uses.value ?? [],
      },
      desk.day.value,
      desk.reach.value,
      `piece-${newId()}`,
    ),
  );
</script>

<template>
  <FormSheet
    :title="part.title"
    :hint="`${whenText(part)} · ${explainLength(length)}`"
    :submit="submit"
    :width="760"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <ChoiceField
        v-if="piece.kind === 'story'"
        v-model="bookId"
        label="Book"
        none="the book of the day"
        path="bookId"
        :options="books"
      />
      <ChoiceField v-else v-model="songId" label="Song" none="in words only" path="songId" :options="songs" />
      <NumberField
        v-model="minutes"
        label="Minutes, if you know better"
        suffix="min"
        path="minutes"
        empty-is-null
      />
    </div>
    <ChosenVerses
      v-if="song && song.rule.kind === 'as-written' && song.verses.length > 1"
      v-model="chosen"
      :song="song"
    />
    <div v-if="song && song.rule.kind !== 'as-written'" class="side-by-side">
      <NumberField v-model="count" label="Verses" path="singing.count" empty-is-null />
      <NumberField
        v-if="song.rule.kind === 'counted'"
        v-model="from"
        label="Begin at"
        path="singing.from"
        empty-is-null
      />
    </div>
    <WordsField
      v-if="lists.has('what')"
      v-model="what"
      label="Sung of, in place of the theme's things"
      path="singing.what"
    />
    <WordsField v-if="lists.has('colour')" v-model="colour" label="Colours" path="singing.colour" />
    <TextField v-model="words" label="In words" path="words" :rows="1" />
    <WordsField v-model="uses" label="Uses what is made" path="uses" :known="made" />
    <section v-if="song" class="sung" aria-label="As it is sung">
      <p class="soft">
        <template v-if="song.tune">{{ song.tune }} · </template>{{ song.pace }}
        <template v-if="song.voice"> · {{ song.voice }}</template>
        <template v-if="song.actions"> · {{ song.actions }}</template>
      </p>
      <SungVerses :verses="verses" :spoken-of="spokenBy(desk.reading.value.things)" />
      <p v-if="uncounted.length" class="soft" data-test="uncounted">
        It says a number before its things, and {{ listed(uncounted) }}
        {{ uncounted.length === 1 ? 'is' : 'are' }} not counted: left out of it.
      </p>
      <p v-if="song.link">
        <a :href="song.link" target="_blank" rel="noopener noreferrer">The recording or clip</a>
      </p>
      <p v-if="verses.length === 0" class="wrong">Nothing to sing: it needs words, and there are none yet.</p>
    </section>
    <template v-if="part.insteadOf" #acts>
      <v-btn class="is-quiet" @click="desk.bringBack(part)">As on every day again</v-btn>
    </template>
  </FormSheet>
</template>

<style scoped>
.sung {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--paper);
  border-radius: var(--radius);
}
</style>
