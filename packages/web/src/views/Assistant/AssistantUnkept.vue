<script setup lang="ts">
import type { Handover, ShareAct } from '@kobby/core';
import { computed } from 'vue';
import type { SharedLink } from '../../state/shared.ts';

/** What was done here and could not be kept, each with the reason: it stays until somebody has read it. */
const props = defineProps<{ link: SharedLink; handover: Handover }>();

function whatOf(act: ShareAct): string {
  if (act.kind === 'note') return `Your note "${act.note.text}"`;
  if (act.kind !== 'tick') return 'A timer';
  const { subject } = act;
  if ('taskId' in subject) return 'A tick of something made ready';
  const item = props.handover.days
    .find(({ number }) => number === subject.day)
    ?.items.find(({ placementId }) => placementId === subject.placementId);
  return item ? `Your tick of ${item.title}` : `A tick on Day ${subject.day}`;
}
const lines = computed(() =>
  props.link.unkept.value.map(({ act, why }) => ({ id: act.gestureId, what: whatOf(act.act), why })),
);
</script>

<template>
  <section class="unkept" role="alert" data-test="unkept">
    <h2>This could not be kept</h2>
    <ul>
      <li v-for="line in lines" :key="line.id">{{ line.what }}: {{ line.why }}</li>
    </ul>
    <button type="button" @click="link.readUnkept()">I have read it</button>
  </section>
</template>

<style scoped>
.unkept {
  padding: var(--gap-3) var(--gap-4);
  background: var(--care-bg);
  border-left: 6px solid var(--care-edge);
  border-radius: 6px;
}
button {
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  font-weight: 600;
}
</style>
