<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js';
import { aboutSeconds, type CircleRun } from '@kobby/core';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useCircleDesk, whenText } from './circle-desk.ts';
import PieceWrite from './PieceWrite.vue';

/** What stands at the seams of the day: short pieces that gather, calm or tidy up between two blocks. */
defineProps<{ seams: readonly CircleRun[] }>();
const desk = useCircleDesk();
const want = (run: CircleRun): void => {
  desk.wanted.value = { run, kind: 'attention', index: run.parts.length, insteadOf: null };
};
</script>

<template>
  <ShelfCard title="Between the blocks" class="seams">
    <ul>
      <li v-for="seam in seams" :key="seam.block.id" data-test="seam">
        <span class="after"
          >after <b>{{ seam.block.name }}</b></span
        >
        <span v-for="part in seam.parts" :key="part.piece.id" class="at">
          <button type="button" class="what" @click="desk.openId.value = part.piece.id">
            {{ part.title }} <small>{{ aboutSeconds(part.length.seconds) }}, {{ whenText(part) }}</small>
          </button>
          <button type="button" :aria-label="`Leave ${part.title} out`" @click="desk.leaveOut(part)">
            <v-icon :icon="mdiClose" size="16" />
          </button>
        </span>
        <button
          type="button"
          class="add"
          :aria-label="`Something after ${seam.block.name}`"
          @click="want(seam)"
        >
          <v-icon :icon="mdiPlus" size="16" />
        </button>
        <PieceWrite brief :run="seam" :name="`what comes after ${seam.block.name}`" />
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
.seams {
  flex: none;
  gap: var(--gap-2);
}
ul {
  display: flex;
  flex-direction: column;
  gap: var(--gap-1);
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-3);
  align-items: center;
  min-height: 34px;
}
.after {
  color: var(--ink-soft);
}
.at {
  display: flex;
  align-items: center;
  background: var(--tape);
  border-radius: 4px;
  color: var(--tape-ink);
}
button {
  min-width: 26px;
  min-height: 28px;
  padding: 0 var(--gap-2);
  background: none;
  border: 0;
  border-radius: 4px;
  color: inherit;
}
.what {
  padding: 0 var(--gap-1) 0 var(--gap-3);
  font-weight: 600;
  text-align: left;
}
.what small {
  font-weight: 400;
}
.add {
  border: 1.5px dashed var(--edge);
  color: var(--ink);
}
@media (max-width: 900px) {
  button {
    min-width: var(--touch);
    min-height: var(--touch);
  }
}
</style>
