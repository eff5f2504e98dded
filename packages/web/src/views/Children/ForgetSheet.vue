<script setup lang="ts">
import { placesOf, type Child } from '@kobby/core';
import { computed, ref } from 'vue';
import { WordsField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** Takes a child out of everything, for good: said plainly before it is done. */
const props = defineProps<{ child: Child }>();
const emit = defineEmits<{ close: []; done: [] }>();
const store = useBook();
const words = ref([...new Set([props.child.name, props.child.shownAs])].filter((word) => word.length > 1));
const places = computed(() => placesOf(store.book, words.value, props.child.id));

function submit(): ActResult {
  const result = store.perform([
    { type: 'house/forget-child', childId: props.child.id, words: [...words.value] },
  ]);
  if (result.done) emit('done');
  return result;
}
</script>

<template>
  <FormSheet :title="`Forget ${child.name}?`" :submit="submit" @close="emit('close')">
    <p>
      The child, all days away and all names below go from this home: from every text and from the journal of
      what was done. <b>This cannot be undone.</b> Backups made before still hold them.
    </p>
    <p>When a child only leaves, enter the last day instead: earlier plans then stay as they were.</p>
    <WordsField v-model="words" label="Names to take out of every text" path="words" />
    <template v-if="places.length">
      <p>They stand in {{ places.length === 1 ? 'one other place' : `${places.length} other places` }}:</p>
      <ul>
        <li v-for="place in places.slice(0, 8)" :key="place.key">{{ place.name }}</li>
        <li v-if="places.length > 8">and {{ places.length - 8 }} more</li>
      </ul>
    </template>
    <p v-else class="soft">They stand in no other text.</p>
  </FormSheet>
</template>

<style scoped>
ul {
  list-style: disc inside;
}
</style>
