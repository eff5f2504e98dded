<script setup lang="ts">
import { addDays, composeChildLetter, metBy, type ChildId, type PlainDay } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';

/** A page about one child for its family, over a span of days: composed from what was recorded, then edited, then printed. */
const store = useBook();
const route = useRoute();
const childId = computed(() => String(route.params.childId) as ChildId);
const child = computed(() => store.book.children[childId.value] ?? null);

/** A month is what a family reads at once. */
const DAYS = 30;
const today = store.today!;
// It begins with the last month in which something is known.
// What is written of first is looked for in the last year first: few children are long gone.
const YEAR_DAYS = 365;
const lastMet = child.value
  ? [addDays(today, -YEAR_DAYS), null].flatMap((since) => metBy(store.book, childId.value, since)[0] ?? [])[0]
      ?.date
  : undefined;
const to = ref<string>(lastMet ?? today);
const from = ref<string>(addDays((lastMet ?? today) as PlainDay, -DAYS));
const trouble = computed(() => {
  if (from.value === '' || to.value === '') return 'Both days are needed.';
  return from.value <= to.value ? null : 'The first day comes before the last.';
});
const composed = computed(() =>
  trouble.value === null
    ? composeChildLetter(store.book, childId.value, {
        from: from.value as PlainDay,
        to: to.value as PlainDay,
        today,
      })
    : null,
);
const text = ref('');
const isOwn = ref(false);
watch(
  composed,
  (now) => {
    if (now !== null && !isOwn.value) text.value = now;
  },
  { immediate: true },
);
function again(): void {
  isOwn.value = false;
  text.value = composed.value ?? '';
}
</script>

<template>
  <SheetPage
    title="A page for the family"
    :back="{ name: 'child', params: { childId } }"
    :back-to="child ? `Back to ${child.name}` : 'Back'"
    :measured="false"
  >
    <p v-if="!child" class="empty">This child is not here any more.</p>
    <template v-else>
      <h1>A page for the family of {{ child.shownAs }}</h1>
      <div class="tools">
        <label>From <input v-model="from" type="date" name="from" :max="to" /></label>
        <label>To <input v-model="to" type="date" name="to" :min="from" :max="today" /></label>
        <v-btn v-if="isOwn" class="is-quiet" size="small" @click="again">As Kobby writes it</v-btn>
        <span v-if="trouble" role="alert" class="wrong">{{ trouble }}</span>
        <span class="aside"
          >What you change here stands on this page only: print it, or copy it, before you leave.</span
        >
      </div>
      <textarea
        v-model="text"
        class="edited"
        name="letter"
        aria-label="The page for the family"
        rows="18"
        @input="isOwn = true"
      ></textarea>
      <article class="letter" data-test="letter">
        <p v-for="(paragraph, i) in text.split('\n\n')" :key="i">{{ paragraph }}</p>
      </article>
    </template>
  </SheetPage>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-4);
}
.tools input {
  min-height: 34px;
  padding: 0 var(--gap-3);
  border: 1px solid #777;
  border-radius: var(--radius);
}
.edited {
  width: 100%;
  max-width: 186mm;
  padding: var(--gap-4);
  border: 1px solid #777;
  border-radius: var(--radius);
  font: inherit;
  line-height: 1.45;
}
/* The page is white by day and by night. */
.aside {
  color: #555;
}
.wrong {
  color: #9c1f12;
  font-weight: 600;
}
/* On screen it is edited, on paper it is read. */
.letter {
  display: none;
}
h1 {
  margin-bottom: var(--gap-3);
  font: 700 19pt/1.15 var(--display);
}
@media print {
  h1,
  .tools,
  .edited {
    display: none;
  }
  .letter {
    display: block;
    font-size: 12pt;
    line-height: 1.5;
  }
  .letter p {
    margin-bottom: 4mm;
    white-space: pre-line;
  }
}
</style>
