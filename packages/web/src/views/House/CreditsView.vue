<script setup lang="ts">
import { onMounted, ref } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';

/** What of others is in Kobby, and under which terms: pictures, words, fonts. */
const parts = ref<readonly { readonly title: string; readonly text: string }[]>([]);
const isAway = ref(false);
// The build lays all notices into one file, each under its own heading.
onMounted(async () => {
  const answer = await fetch('/credits.txt').catch(() => null);
  isAway.value = !answer?.ok;
  if (!answer?.ok) return;
  const text = await answer.text();
  parts.value = text
    .split(/^# /m)
    .slice(1)
    .map((part) => {
      const [title = '', ...rest] = part.split('\n');
      return {
        title,
        text: rest
          .join('\n')
          .replaceAll(/^```$\n?/gm, '')
          .replaceAll(/^#+ /gm, '')
          .trim(),
      };
    });
});
</script>

<template>
  <PageBar title="Credits" hint="what of others is in Kobby, and under which terms" />
  <div class="stack">
    <ShelfCard v-for="part in parts" :key="part.title" :title="part.title">
      <p class="notice">{{ part.text }}</p>
    </ShelfCard>
    <p v-if="isAway" role="status">The notices cannot be read now: the server does not answer.</p>
  </div>
</template>

<style scoped>
.stack {
  display: grid;
  gap: var(--gap-5);
}
.notice {
  font-size: 13px;
  line-height: 1.4;
  white-space: pre-line;
}
</style>
