<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js';
import type { HandoverCircle } from '@kobby/core';
import { ref } from 'vue';

/** The circle of a day with all its words at hand; a piece is opened by a touch. */
defineProps<{ circle: HandoverCircle }>();
const open = ref(new Set<number>());
const hasMore = ({ verses, words, link }: HandoverCircle['parts'][number]): boolean =>
  verses.length > 0 || words !== '' || link !== null;
function toggle(index: number): void {
  const now = new Set(open.value);
  if (!now.delete(index)) now.add(index);
  open.value = now;
}
</script>

<template>
  <article data-test="shared-circle">
    <h3>{{ circle.parts.length }} pieces</h3>
    <p v-if="circle.things.length" class="soft">There must be: {{ circle.things.join(', ') }}</p>
    <ol>
      <li v-for="(part, i) in circle.parts" :key="i">
        <button type="button" :aria-expanded="open.has(i)" :disabled="!hasMore(part)" @click="toggle(i)">
          <span>
            <b>{{ part.title }}</b>
            <small class="soft">{{ part.kind }}, {{ part.length }}</small>
          </span>
          <v-icon
            v-if="hasMore(part)"
            :icon="open.has(i) ? mdiChevronUp : mdiChevronDown"
            aria-hidden="true"
          />
        </button>
        <div v-if="open.has(i)" class="sung">
          <p v-if="part.words">{{ part.words }}</p>
          <p v-if="part.link">
            <a :href="part.link" target="_blank" rel="noopener noreferrer">The recording</a>
          </p>
          <p v-for="(verse, v) in part.verses" :key="v">
            <template v-for="(line, l) in verse" :key="l">{{ line }}<br /></template>
          </p>
        </div>
      </li>
    </ol>
  </article>
</template>

<style scoped>
article {
  padding: 0 var(--gap-4) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: 8px;
}
h3 {
  font-size: 20px;
}
button {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--gap-3);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  color: inherit;
  text-align: left;
}
small {
  display: block;
}
.sung p {
  padding: var(--gap-1) 0 var(--gap-3);
  font-size: 17px;
}
</style>
