<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { missingIn, orderNotes, PIECE_KINDS, placeFor, type CirclePiece, type CircleRun } from '@kobby/core';
import { computed } from 'vue';
import PutHere from '../../parts/PutHere.vue';
import { useCircleDesk } from './circle-desk.ts';
import { BEFORE } from './circle-hand.ts';
import { PIECE_GLYPHS } from './kinds.ts';
import PieceRow from './PieceRow.vue';
import PieceWrite from './PieceWrite.vue';

/** The run of a circle: its pieces in their order, what is missing, and what is out of order. */
const props = defineProps<{ run: CircleRun }>();
const desk = useCircleDesk();
const missing = computed(() => missingIn(props.run, desk.reading.value.frame));
const notes = computed(() => orderNotes(props.run));

function want(kind: CirclePiece['kind']): void {
  desk.wanted.value = { run: props.run, kind, index: placeFor(props.run, kind), insteadOf: null };
}
const spotName = (index: number): string => {
  const after = props.run.parts[index];
  return after ? `before ${after.title}` : 'at the end';
};
</script>

<template>
  <section class="run" aria-label="The run of the circle">
    <ol v-if="run.parts.length" class="parts">
      <li v-for="(part, i) in run.parts" :key="part.piece.id">
        <PutHere
          v-if="desk.hand.canPut(i)"
          class="spot"
          :data-spot="BEFORE + i"
          :name="spotName(i)"
          :doubt="null"
          :pointed="desk.hand.over.value === BEFORE + i"
          @put="desk.hand.put(i)"
        />
        <PieceRow :part="part" :index="i" :run="run" />
      </li>
      <li v-if="desk.hand.canPut(run.parts.length)">
        <PutHere
          class="spot"
          :data-spot="BEFORE + run.parts.length"
          name="at the end"
          :doubt="null"
          :pointed="desk.hand.over.value === BEFORE + run.parts.length"
          @put="desk.hand.put(run.parts.length)"
        />
      </li>
    </ol>
    <p v-else class="empty">
      Nothing in this circle yet. A welcome, a song, something lively, a story and a calm end make one.
    </p>
    <ul v-if="notes.length" class="notes" data-test="order-notes">
      <li v-for="note in notes" :key="note.text">{{ note.text }}</li>
    </ul>
    <div class="next" role="group" aria-label="What could come next">
      <span v-if="missing.length" class="soft">Not in it yet:</span>
      <button
        v-for="one in missing"
        :key="one.kind"
        type="button"
        class="missing"
        :title="one.why"
        data-test="missing"
        @click="want(one.kind)"
      >
        <v-icon :icon="PIECE_GLYPHS[one.kind]" size="16" aria-hidden="true" />
        {{ PIECE_KINDS[one.kind].name }}<small>{{ one.why }}</small>
      </button>
      <button type="button" class="any" data-test="add-piece" @click="want('song')">
        <v-icon :icon="mdiPlus" size="16" aria-hidden="true" /> Another piece
      </button>
      <PieceWrite :key="`${run.block.id}`" :run="run" :name="run.block.name" />
    </div>
  </section>
</template>

<style scoped>
.parts {
  display: flex;
  flex-direction: column;
  padding: 0;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
  list-style: none;
}
.parts > li + li {
  border-top: 1.5px solid var(--line);
}
.spot {
  width: 100%;
}
.notes {
  margin: var(--gap-3) 0 0;
  padding: var(--gap-2) var(--gap-4) var(--gap-2) calc(2 * var(--gap-4));
  background: var(--note-bg);
  border-left: 5px solid var(--note-edge);
  border-radius: 5px;
  color: var(--note);
  font-weight: 600;
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  margin-top: var(--gap-3);
}
.next button {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  min-height: 32px;
  padding: var(--gap-2) var(--gap-4);
  background: var(--paper);
  border: 1.5px dashed var(--edge);
  border-radius: 5px;
  color: var(--ink);
  font-weight: 600;
}
.next button:hover {
  border-color: var(--plum);
}
.next small {
  color: var(--ink-soft);
  font-weight: 400;
}
.next .any {
  border-style: solid;
}
@media (max-width: 900px) {
  .next button {
    min-height: var(--touch);
  }
}
</style>
