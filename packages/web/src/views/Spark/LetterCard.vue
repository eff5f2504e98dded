<script setup lang="ts">
import { lettersFound, nounsOf, objectBox, type ChangeInput, type Spoken } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import ThingPicture from '../../parts/ThingPicture.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { toldOf } from '../../state/word-book.ts';

/** What of the house begins with the letter of the week, gathered as an object box by a press. */
const store = useBook();
const reading = useReading();
const letter = computed(
  () => reading.value.frame.featured.find(({ kind }) => kind === 'letter')?.value ?? '',
);

// Only what is written with the letter can begin with it: of the others nobody asks how they are spoken.
const spoken = ref<ReadonlyMap<string, Spoken | null>>(new Map());
watch(
  letter,
  async (wanted) => {
    if (wanted === '') return;
    const words = nounsOf(Object.values(store.book.supplies)).filter((word) =>
      word.startsWith(wanted.toLocaleLowerCase('en')),
    );
    const said = await toldOf(words);
    if (said) spoken.value = new Map(said.map((one) => [one.name, one.spoken]));
  },
  { immediate: true },
);
const finds = computed(() =>
  lettersFound(store.book, reading.value.things, letter.value, (word) => spoken.value.get(word) ?? null),
);
const MOST_SHOWN = 10;
const box = computed(() => objectBox(store.book, finds.value, letter.value));
const isThere = computed(() =>
  reading.value.placements.some(({ content }) => content.title === box.value?.title),
);
// Where letters are at home; else in the reserve.
function place(): void {
  if (!box.value) return;
  const { id: unitId, dayCount } = reading.value.frame.unit;
  const cubby = reading.value.shelf.find(({ corner }) => corner.kind === 'writing' && !corner.retired);
  const where = cubby
    ? { kind: 'corner', cornerId: cubby.corner.id, fromDay: 1, toDay: dayCount }
    : { kind: 'reserve' };
  store.perform([
    { type: 'unit/write', id: `put-${newId()}`, unitId, where, content: box.value } as unknown as ChangeInput,
  ]);
}
const sides = computed(() => [
  { title: `Begins with ${letter.value}`, side: finds.value.begins },
  { title: `Has ${letter.value} further in`, side: finds.value.has },
]);
</script>

<template>
  <ShelfCard v-if="letter" :title="`The letter ${letter}`" data-test="letter">
    <template v-for="{ title, side } in sides" :key="title">
      <h3>{{ title }}</h3>
      <p class="found">
        <span v-for="thing in side.things" :key="thing.id"
          ><ThingPicture :name="thing.name" :picture="thing.picture" :size="22" /> {{ thing.name }}</span
        >
        <span v-for="supply in side.supplies.slice(0, MOST_SHOWN)" :key="supply.id"
          ><ThingPicture :name="supply.name" :picture="supply.picture" :size="22" /> {{ supply.name }}</span
        >
        <span v-for="song in side.songs.slice(0, MOST_SHOWN)" :key="song.id"
          ><i>song</i> {{ song.title }}</span
        >
        <span v-for="book in side.books.slice(0, MOST_SHOWN)" :key="book.id"
          ><i>book</i> {{ book.title }}</span
        >
        <span v-if="side.supplies.length > MOST_SHOWN" class="soft"
          >and {{ side.supplies.length - MOST_SHOWN }} more in the cupboard</span
        >
        <span
          v-if="side.things.length + side.supplies.length + side.songs.length + side.books.length === 0"
          class="soft"
          >nothing here</span
        >
      </p>
    </template>
    <p v-if="isThere" class="soft">The object box stands in this unit.</p>
    <v-btn v-else-if="box" class="is-side begin" size="small" data-test="object-box" @click="place">
      Put them together as an object box
    </v-btn>
  </ShelfCard>
</template>

<style scoped>
h3 {
  margin-bottom: calc(-1 * var(--gap-3));
  font: 700 14px var(--display);
}
.found {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  font-size: 13.5px;
}
.begin {
  align-self: flex-start;
}
</style>
