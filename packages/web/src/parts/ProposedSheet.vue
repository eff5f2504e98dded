<script setup lang="ts">
import { mdiPinOffOutline, mdiPinOutline } from '@mdi/js';
import { summaryIn, themeAbout, type ProposedPiece } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useProposing } from '../state/proposing.ts';
import { useReading } from '../state/unit.ts';
import PlankSheet from './PlankSheet.vue';

/** A closer look at something that is proposed: why it, and what becomes of it. */
const props = defineProps<{ piece: ProposedPiece; twin?: ProposedPiece | undefined }>();
const emit = defineEmits<{ close: [] }>();

const store = useBook();
const reading = useReading();
const proposing = useProposing();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });
const summary = computed(() => {
  const activity = store.book.activities[props.piece.activityId];
  const { theme } = reading.value;
  return activity ? summaryIn(activity.content, theme && themeAbout(theme, props.piece.aboutId)) : '';
});
const lead = computed(() => (props.piece.leadId ? store.book.people[props.piece.leadId]?.name : undefined));
function act(what: () => void): void {
  what();
  emit('close');
}
</script>

<template>
  <PlankSheet v-model="isOpen" :title="piece.title" :hint="`Proposed for ${piece.spot.name}`">
    <p>{{ summary }}</p>
    <h3>Why this</h3>
    <ul>
      <li v-for="reason in piece.reasons" :key="reason">{{ reason }}</li>
    </ul>
    <p v-if="lead">{{ lead }} would stay with it.</p>
    <p v-if="twin" class="soft">When the weather stops it: {{ twin.title }}.</p>
    <template #foot>
      <v-btn class="is-main" @click="act(() => proposing.take([piece]))">Take this one</v-btn>
      <v-btn class="is-side" @click="act(() => proposing.another(piece))">Another one</v-btn>
      <v-btn
        class="is-side"
        :prepend-icon="proposing.isKept(piece) ? mdiPinOffOutline : mdiPinOutline"
        @click="act(() => proposing.keep(piece))"
      >
        {{ proposing.isKept(piece) ? 'Let it go again' : 'Keep it in the draft' }}
      </v-btn>
      <v-btn class="is-quiet" @click="act(() => proposing.never(piece))">Not this</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
h3 {
  margin: var(--gap-4) 0 var(--gap-1);
  font: 700 14px var(--display);
}
ul {
  margin-bottom: var(--gap-3);
  list-style: disc inside;
}
</style>
