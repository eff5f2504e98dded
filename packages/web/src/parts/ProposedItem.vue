<script setup lang="ts">
import { mdiPinOutline, mdiUmbrellaOutline } from '@mdi/js';
import type { ProposedPiece } from '@kobby/core';
import { computed, ref } from 'vue';
import { useProposing } from '../state/proposing.ts';
import ProposedSheet from './ProposedSheet.vue';
import ThingPicture from './ThingPicture.vue';

/** Something that is proposed and stands nowhere yet: pressed it says why, and is taken, exchanged or refused. */
const props = defineProps<{ piece: ProposedPiece; brief?: boolean; large?: boolean }>();

const proposing = useProposing();
const isOpen = ref(false);
const twin = computed(() =>
  proposing.proposal.value?.pieces.find(({ spot }) => spot.of === props.piece.spot.key),
);
// On a day one also wants to know when; there is less room there.
const FEW = 2;
const detail = computed(() => {
  const { spot, reasons } = props.piece;
  if (props.large || spot.where.kind !== 'day') return reasons.join(' · ');
  return [spot.name.split(', ')[1], ...reasons.slice(0, FEW)].join(' · ');
});
const isKept = computed(() => proposing.isKept(props.piece));
</script>

<template>
  <div class="proposed" :class="{ large }" :data-test="`proposed-${piece.spot.key}`">
    <button type="button" class="open" @click="isOpen = true">
      <ThingPicture v-bind="piece.shownBy" :size="large ? 30 : 18" :class="large ? 'at-side' : 'beside'" />
      <span class="sr-only">Proposed: </span><b> {{ piece.title }}</b>
      <v-icon v-if="isKept" :icon="mdiPinOutline" size="14" aria-label="kept in the draft" />
      <small v-if="!brief" class="why">{{ detail }}</small>
      <small v-if="!brief && twin">
        <v-icon :icon="mdiUmbrellaOutline" size="13" aria-hidden="true" /> else {{ twin.title }}
      </small>
    </button>
    <button
      v-if="!brief"
      type="button"
      class="another"
      :aria-label="`Another one instead of ${piece.title}`"
      @click="proposing.another(piece)"
    >
      another
    </button>
    <ProposedSheet v-if="isOpen" :piece="piece" :twin="twin" @close="isOpen = false" />
  </div>
</template>

<style scoped>
.beside {
  margin-right: var(--gap-2);
}
.proposed {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  border-left: 3px dashed var(--plum);
  border-radius: 0 4px 4px 0;
}
.large {
  flex: 1;
  margin: 0 calc(-1 * var(--gap-2)) var(--gap-1);
  padding: var(--gap-2);
  background: var(--card);
  border: 2px dashed var(--plum);
  border-radius: 5px;
}
.open {
  width: 100%;
  min-height: 24px;
  padding: var(--gap-1) 0 0 var(--gap-2);
  background: none;
  border: 0;
  font-size: 12.5px;
  line-height: 1.22;
  text-align: left;
  overflow-wrap: break-word;
  hyphens: auto;
}
.large .open {
  padding-left: 0;
}
b {
  font-weight: 500;
}
.large b {
  font-weight: 600;
  font-size: 14px;
  line-height: 1.18;
}
.open:hover b {
  text-decoration: underline;
}
.at-side {
  float: left;
  margin: 0 var(--gap-2) 0 0;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
  line-height: 1.25;
}
.another {
  align-self: flex-end;
  min-width: 24px;
  min-height: 24px;
  margin-top: auto;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  color: var(--plum);
  font-weight: 600;
  font-size: 12px;
  text-decoration: underline;
  text-underline-offset: 2px;
}
@media (max-width: 900px) {
  .open,
  .another {
    min-height: var(--touch);
    font-size: 15px;
  }
}
</style>
