<script setup lang="ts">
import { ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** What is wanted for a later unit: collected for months, or bought when it turns up. */
const store = useBook();
const words = ref('');
const forWhat = ref('');
const wrong = ref('');

function add(): void {
  const result = store.perform([
    {
      type: 'cupboard/put-wish',
      wish: { id: `wish-${newId()}`, words: words.value, forWhat: forWhat.value.trim() || null },
    },
  ]);
  wrong.value = result.done ? '' : (result.errors[0]?.message ?? '');
  if (result.done) {
    words.value = '';
    forWhat.value = '';
  }
}
</script>

<template>
  <ShelfCard :title="`Wanted for later · ${Object.keys(store.book.wishes).length}`" label="Wanted for later">
    <ul data-test="wishes">
      <li v-for="wish in store.book.wishes" :key="wish.id">
        <b>{{ wish.words }}</b> <span v-if="wish.forWhat" class="soft">for {{ wish.forWhat }}</span>
        <v-btn
          class="is-quiet"
          size="small"
          :aria-label="`Have it: ${wish.words}`"
          @click="store.perform([{ type: 'book/drop', kind: 'wishes', id: wish.id }])"
        >
          Have it
        </v-btn>
      </li>
    </ul>
    <form novalidate @submit.prevent="add">
      <v-text-field
        v-model="words"
        label="What"
        name="wish"
        autocomplete="off"
        :error-messages="wrong ? [wrong] : []"
      />
      <v-text-field v-model="forWhat" label="For which idea" name="wishFor" autocomplete="off" />
      <v-btn class="is-side" type="submit">Put it on the list</v-btn>
    </form>
  </ShelfCard>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 var(--gap-3);
  border-top: 1px dashed var(--line);
}
li .v-btn {
  margin-left: auto;
}
form {
  display: grid;
  gap: var(--gap-3);
  justify-items: start;
}
form > :deep(.v-input) {
  width: 100%;
}
</style>
