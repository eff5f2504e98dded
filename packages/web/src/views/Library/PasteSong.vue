<script setup lang="ts">
import { songPasted, type PastedSong } from '@kobby/core';
import { computed, ref } from 'vue';

/** A song that is pasted whole: what of it is opening, verses, refrain and ending is shown before it is taken. */
const emit = defineEmits<{ take: [song: PastedSong] }>();
const text = ref('');
const song = computed(() => songPasted(text.value));
const parts = computed(() =>
  [
    { name: 'Title', text: song.value.title },
    { name: 'Opening', text: song.value.opening },
    ...song.value.verses.map((verse, i) => ({ name: `Verse ${i + 1}`, text: verse })),
    { name: 'Refrain', text: song.value.refrain },
    { name: 'Ending', text: song.value.ending },
  ].filter((part) => part.text !== ''),
);
function take(): void {
  emit('take', song.value);
  text.value = '';
}
</script>

<template>
  <details class="paste">
    <summary>Paste a whole song</summary>
    <textarea
      v-model="text"
      name="pasted"
      rows="5"
      aria-label="The song as text"
      placeholder="An empty line between verses. What comes again word by word is its refrain."
    ></textarea>
    <dl v-if="parts.length" data-test="pasted">
      <template v-for="part in parts" :key="part.name">
        <dt>{{ part.name }}</dt>
        <dd>{{ part.text }}</dd>
      </template>
    </dl>
    <v-btn v-if="parts.length" class="is-side" size="small" @click="take">Take it like this</v-btn>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
}
textarea {
  width: 100%;
  margin: var(--gap-2) 0;
  padding: var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
dl {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: var(--gap-2) var(--gap-3);
  margin-bottom: var(--gap-3);
  font-size: 13.5px;
}
dt {
  font-weight: 600;
}
dd {
  white-space: pre-line;
}
</style>
