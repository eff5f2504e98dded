<script setup lang="ts">
import { PIECE_KINDS, readPiece, type CircleRun, type JottedPiece } from '@kobby/core';
import { computed, ref } from 'vue';
import JotBox from '../../parts/JotBox.vue';
import { useBook } from '../../state/book.ts';
import { useCircleDesk } from './circle-desk.ts';

/** A circle or a seam that is written into: Enter puts the line at its end, songs and books of the library are offered while one types. */
const props = defineProps<{ run: CircleRun; name: string; brief?: boolean }>();
const store = useBook();
const desk = useCircleDesk();
const text = ref('');
const box = ref<InstanceType<typeof JotBox> | null>(null);
const place = computed(
  () => `${desk.reading.value.frame.unit.id}:circle:${props.run.block.id}:${props.run.moment}`,
);

const pieces = computed((): readonly JottedPiece[] =>
  text.value.split('\n').flatMap((line) => readPiece(line, store.book) ?? []),
);
const nameOf = ({ songId, bookId, words }: JottedPiece): string =>
  (songId && store.book.songs[songId]?.title) || (bookId && store.book.bookTitles[bookId]?.title) || words;
const MOST = 5;
const offers = computed((): readonly JottedPiece[] => {
  const wish = text.value.trim().toLocaleLowerCase('en');
  const [written] = pieces.value;
  if (pieces.value.length !== 1 || !written || wish.length < 2) return [];
  const { songs, bookTitles } = store.book;
  return [...Object.values(songs), ...Object.values(bookTitles)]
    .filter(({ retired, title }) => !retired && title.toLocaleLowerCase('en').includes(wish))
    .flatMap(({ title }) => readPiece(title, store.book) ?? [])
    .filter((one) => nameOf(one) !== nameOf(written))
    .slice(0, MOST);
});
// Several lines are one choice: all of them.
const own = computed(() => Math.min(1, pieces.value.length));

function take(index: number): void {
  const offer = offers.value[index - own.value];
  const done = desk.addAll(props.run, index < own.value ? pieces.value : offer ? [offer] : []);
  box.value?.settle(done ? null : (desk.wrong.value ?? 'It cannot stand there.'));
}
</script>

<template>
  <JotBox
    ref="box"
    v-slot="{ index }"
    v-model="text"
    :folded="brief"
    :place="place"
    :name="name"
    :hint="brief ? 'write' : 'write a piece, or several lines …'"
    :count="own + offers.length"
    :class="{ brief }"
    @take="take"
  >
    <template v-if="index >= own">
      {{ nameOf(offers[index - own]!) }}
      <small>{{ PIECE_KINDS[offers[index - own]!.kind].name }}</small>
    </template>
    <template v-else-if="pieces.length === 1">
      {{ nameOf(pieces[0]!) }}
      <small
        >{{ PIECE_KINDS[pieces[0]!.kind].name
        }}{{ pieces[0]!.minutes ? ` · ${pieces[0]!.minutes} min` : '' }}</small
      >
    </template>
    <template v-else>
      {{ pieces.length }} lines, each a piece
      <small v-for="(one, i) in pieces.slice(0, 5)" :key="i">{{ nameOf(one) }}</small>
    </template>
  </JotBox>
</template>

<style scoped>
.brief {
  flex: 0 1 auto;
}
</style>
