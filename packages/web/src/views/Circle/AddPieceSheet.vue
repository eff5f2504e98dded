<script setup lang="ts">
import { PIECE_KINDS, pieceIdeas, sing, type CirclePiece, type PieceIdea } from '@kobby/core';
import { computed, ref } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { useCircleDesk, type Wanted } from './circle-desk.ts';

/** Chooses a piece: by its kind, from what suits best; or in words of one's own. */
const props = defineProps<{ wanted: Wanted }>();
const emit = defineEmits<{ close: [] }>();
const desk = useCircleDesk();
const kind = ref<CirclePiece['kind']>(props.wanted.kind);
const look = ref('');
const words = ref('');
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const isSeam = computed(() => props.wanted.run.moment === 'after');
const kinds = Object.entries(PIECE_KINDS).map(([value, { name }]) => ({ value, title: name }));
const where = computed(() => {
  const { run, insteadOf } = props.wanted;
  if (insteadOf) return `On Day ${run.day.number} only, in place of what stands there on every day.`;
  const held = desk.reach.value === 'day' ? `On Day ${run.day.number} only` : 'On every day of the unit';
  return isSeam.value ? `${held}, after ${run.block.name}.` : `${held}.`;
});
const MOST_SHOWN = 30;
const ideas = computed((): readonly PieceIdea[] => {
  const { circles, frame } = desk.reading.value;
  const wish = look.value.trim().toLocaleLowerCase('en');
  return pieceIdeas(kind.value, props.wanted.run, circles.stuff, frame)
    .filter(({ song, book }) => {
      const text = [song?.title, book?.title, ...(song?.verses ?? [])].join(' ').toLocaleLowerCase('en');
      return text.includes(wish);
    })
    .slice(0, MOST_SHOWN);
});
// The beginning as it would be sung here.
const begins = ({ song }: PieceIdea): string =>
  song
    ? (sing(song, props.wanted.run.words)[0]?.lines ?? [])
        .slice(0, 2)
        .map(({ text }) => text)
        .join(' / ')
    : '';
const titleOf = ({ song, book }: PieceIdea): string => song?.title ?? book?.title ?? '';

function pick({ song, book }: PieceIdea): void {
  desk.add(props.wanted, { kind: kind.value, songId: song?.id ?? null, bookId: book?.id ?? null });
}
function inWords(): void {
  desk.add(props.wanted, { kind: kind.value, words: words.value });
}
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    :title="isSeam ? 'Something between the blocks' : 'A piece for the circle'"
    :hint="where"
  >
    <div class="ask">
      <v-select v-if="!isSeam" v-model="kind" :items="kinds" label="What kind" name="kind" />
      <v-text-field v-model="look" label="Look for a word" name="look" clearable @click:clear="look = ''" />
    </div>
    <ul class="ideas" data-test="ideas">
      <li v-if="kind === 'story' && !wanted.insteadOf">
        <button type="button" @click="desk.add(wanted, { kind })">
          <b>The book of the day</b>
          <span class="soft">whichever is read aloud on each day</span>
        </button>
      </li>
      <li v-for="idea in ideas" :key="titleOf(idea)">
        <button type="button" @click="pick(idea)">
          <b>{{ titleOf(idea) }}</b>
          <span v-if="begins(idea)" class="soft">{{ begins(idea) }}</span>
          <small>{{ idea.why }}</small>
        </button>
      </li>
    </ul>
    <p v-if="ideas.length === 0 && kind !== 'story'" class="soft">
      The library has nothing else of this kind{{ look ? ' with these words' : '' }}.
    </p>
    <form class="own" novalidate @submit.prevent="inWords">
      <v-text-field v-model="words" label="Or in your own words" name="words" autocomplete="off" />
      <v-btn class="is-side" type="submit" :disabled="!words.trim()">Put it in</v-btn>
    </form>
    <p v-if="desk.wrong.value" class="wrong" role="alert">{{ desk.wrong.value }}</p>
  </PlankSheet>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: var(--gap-4);
  margin-bottom: var(--gap-4);
}
.ideas {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  max-height: 46vh;
  overflow: auto;
  padding: 0;
  list-style: none;
}
.ideas button {
  display: grid;
  gap: var(--gap-1);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-3) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: var(--ink);
  text-align: left;
}
.ideas button:hover {
  border-color: var(--plum);
  box-shadow: inset 5px 0 0 var(--plum);
}
.ideas small {
  font-weight: 600;
}
.own {
  display: flex;
  gap: var(--gap-3);
  align-items: start;
  margin-top: var(--gap-4);
}
.own .v-btn {
  height: 48px !important;
}
</style>
