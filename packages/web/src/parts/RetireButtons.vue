<script setup lang="ts">
import type { DroppableKind } from '@kobby/core';
import { ref } from 'vue';
import { useBook } from '../state/book.ts';

/**
 * Takes something away when nothing uses it. What is in use is offered to be retired instead: it is no longer
 * proposed, and all that was planned with it stays readable.
 */
const props = defineProps<{ kind: DroppableKind; id: string; retired: boolean }>();
const emit = defineEmits<{ gone: []; retire: [retired: boolean] }>();
const store = useBook();
const why = ref<string | null>(null);

function takeAway(): void {
  const result = store.perform([{ type: 'book/drop', kind: props.kind, id: props.id }]);
  if (result.done) emit('gone');
  else why.value = result.errors[0]?.message ?? 'It is in use';
}
</script>

<template>
  <span class="acts">
    <span v-if="why" role="alert" class="why">{{ why }}. Retire it instead?</span>
    <v-btn v-if="retired" class="is-quiet" @click="emit('retire', false)">Bring it back</v-btn>
    <v-btn v-else-if="why" class="is-side" @click="emit('retire', true)">Retire it</v-btn>
    <v-btn v-if="!why" class="is-quiet" @click="takeAway">Take it away</v-btn>
  </span>
</template>

<style scoped>
.acts {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-3);
  margin-left: auto;
}
.why {
  max-width: 320px;
  font-size: 13px;
}
</style>
