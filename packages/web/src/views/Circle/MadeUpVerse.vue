<script setup lang="ts">
import { withMadeUp, type Song } from '@kobby/core';
import { ref } from 'vue';
import { useBook } from '../../state/book.ts';

/** A verse that somebody made up while singing, written down before it is forgotten: a verse more of a song as it is written, else a note at it. */
const props = defineProps<{ song: Song }>();
const emit = defineEmits<{ done: [words: string | null] }>();
const store = useBook();
const text = ref('');
function keep(): void {
  const made = text.value.trim();
  if (made === '') return emit('done', null);
  const { song } = props;
  const result = store.perform([withMadeUp(song, made)]);
  emit(
    'done',
    result.done ? `Written down in ${song.title}.` : (result.errors[0]?.message ?? 'It cannot be kept.'),
  );
}
</script>

<template>
  <form class="made" @submit.prevent="keep">
    <textarea
      v-model="text"
      name="made-up"
      rows="3"
      aria-label="The verse that you made up"
      @keydown.stop
    ></textarea>
    <v-btn class="is-main" type="submit">Write it down</v-btn>
  </form>
</template>

<style scoped>
.made {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  margin: var(--gap-3) var(--gap-5) 0;
}
textarea {
  flex: 1;
  padding: var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: inherit;
  font: inherit;
}
</style>
