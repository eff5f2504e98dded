<script setup lang="ts">
import { mdiClose, mdiMinus, mdiPinOutline, mdiPin, mdiPlus, mdiSwapHorizontal } from '@mdi/js';
import {
  explainLength,
  aboutSeconds,
  listed,
  mostVerses,
  partDoubts,
  PIECE_KINDS,
  versesSung,
  whoSuits,
  withVerses,
  type CirclePart,
  type CircleRun,
} from '@kobby/core';
import { computed, ref } from 'vue';
import AmountButton from '../../parts/AmountButton.vue';
import GripHandle from '../../parts/GripHandle.vue';
import { useCircleDesk, whenText } from './circle-desk.ts';
import { PIECE_GLYPHS } from './kinds.ts';

/** A piece of the circle: dragged by its grip, opened by its title, its verses given and taken. */
const props = defineProps<{ part: CirclePart; index: number; run: CircleRun }>();
const desk = useCircleDesk();
const told = ref(false);
const isHeld = computed(() => desk.hand.isHeld(props.part));
const verses = computed(() => {
  const { song, words, piece, length } = props.part;
  if (!song || length.basis !== 'lines') return null;
  const most = mostVerses(song, words, piece.singing);
  return most < 2 ? null : { now: Math.min(most, versesSung(song, words, piece.singing)), most };
});
const doubts = computed(() => partDoubts(props.part, props.run));
const things = computed(() =>
  listed(props.part.props.filter(({ count }) => count > 0).map(({ words, count }) => `${words} × ${count}`)),
);
const suits = computed(() => {
  const { book } = props.part;
  const those = book ? whoSuits(book, props.run).map(({ shownAs }) => shownAs) : [];
  return those.length === 0 ? '' : `for ${listed(those)}`;
});
const about = computed(() => {
  const { piece, energy, book } = props.part;
  return [
    PIECE_KINDS[piece.kind].name,
    energy === 'middling' ? '' : energy,
    whenText(props.part),
    suits.value,
    book?.keptHigh ? 'kept up high' : '',
    things.value,
  ]
    .filter(Boolean)
    .join(' · ');
});
function sing(count: number): void {
  desk.change(props.part, { singing: withVerses(props.part.piece.singing, count) });
}
function another(): void {
  const { piece, insteadOf } = props.part;
  desk.wanted.value = { run: props.run, kind: piece.kind, index: props.index, insteadOf: insteadOf ?? piece };
}
</script>

<template>
  <article class="piece" :class="{ held: isHeld }" data-test="piece">
    <GripHandle
      :name="`Move ${part.title}`"
      :held="isHeld"
      @grab="desk.hand.grab($event, part)"
      @take="desk.hand.take(part)"
    />
    <v-icon class="glyph" :icon="PIECE_GLYPHS[part.piece.kind]" size="20" aria-hidden="true" />
    <button
      type="button"
      class="what"
      :data-piece="part.piece.id"
      @click="desk.openId.value = part.piece.id"
      @keydown="desk.hand.onKey($event, part)"
    >
      <b>{{ part.title }}</b>
      <small>{{ about }}</small>
      <small v-for="doubt in doubts" :key="doubt" class="doubt">{{ doubt }}</small>
    </button>
    <span class="long">
      <AmountButton
        class="length"
        :text="aboutSeconds(part.length.seconds)"
        :of="part.title"
        :open="told"
        @turn="told = !told"
      />
      <span v-if="verses" class="verses">
        <button
          type="button"
          :disabled="verses.now <= 1"
          :aria-label="`A verse less of ${part.title}`"
          @click="sing(verses.now - 1)"
        >
          <v-icon :icon="mdiMinus" size="16" />
        </button>
        <span class="figures"
          >{{ verses.now }} <small>{{ verses.now === 1 ? 'verse' : 'verses' }}</small></span
        >
        <button
          type="button"
          :disabled="verses.now >= verses.most"
          :aria-label="`A verse more of ${part.title}`"
          @click="sing(verses.now + 1)"
        >
          <v-icon :icon="mdiPlus" size="16" />
        </button>
      </span>
    </span>
    <span class="acts">
      <button
        type="button"
        :aria-pressed="part.piece.pinned"
        :aria-label="`${part.title} stays as it is`"
        title="Stays as it is when the circle is made longer or shorter"
        @click="desk.change(part, { pinned: !part.piece.pinned })"
      >
        <v-icon :icon="part.piece.pinned ? mdiPin : mdiPinOutline" size="17" />
      </button>
      <button
        v-if="part.piece.day === null || part.insteadOf"
        type="button"
        :aria-label="`On Day ${run.day.number} something else in place of ${part.title}`"
        title="Something else on this day"
        @click="another"
      >
        <v-icon :icon="mdiSwapHorizontal" size="17" />
      </button>
      <button
        type="button"
        :aria-label="`Leave ${part.title} out`"
        :title="desk.reach.value === 'day' ? `Not on Day ${run.day.number}` : 'Leave it out'"
        @click="desk.leaveOut(part)"
      >
        <v-icon :icon="mdiClose" size="17" />
      </button>
    </span>
    <p v-if="told" class="how">{{ explainLength(part.length) }}.</p>
  </article>
</template>

<style scoped>
.piece {
  display: grid;
  grid-template-columns: auto auto minmax(0, 1fr) 112px auto;
  gap: var(--gap-1) var(--gap-3);
  align-items: center;
  padding: var(--gap-2) var(--gap-3);
}
.piece.held {
  background: var(--tape);
  color: var(--tape-ink);
}
.glyph {
  color: var(--plum);
}
.what {
  min-height: 36px;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  color: inherit;
  line-height: 1.25;
  text-align: left;
  overflow-wrap: anywhere;
}
.what b {
  display: block;
  font-size: 15px;
}
.what small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
.held .what small {
  color: inherit;
}
.what .doubt {
  color: var(--care);
  font-weight: 600;
}
.long {
  display: flex;
  flex-direction: column;
  align-items: flex-end;
}
.verses {
  display: flex;
  align-items: center;
  font-weight: 600;
  white-space: nowrap;
}
.verses small {
  font-weight: 400;
}
.verses button,
.acts button {
  display: grid;
  place-items: center;
  min-width: 26px;
  min-height: 28px;
  padding: 0;
  background: none;
  border: 0;
  border-radius: 4px;
  color: inherit;
}
.verses button:hover,
.acts button:hover {
  background: var(--well);
}
.verses button:disabled {
  opacity: 0.4;
}
.acts {
  display: flex;
}
.acts [aria-pressed='true'] {
  color: var(--plum);
}
.length {
  align-self: flex-end;
  white-space: nowrap;
  font-size: 15px;
}
.how {
  grid-column: 3 / -1;
  color: var(--ink-soft);
  font-size: 13.5px;
}
@media (max-width: 900px) {
  .piece {
    grid-template-columns: auto auto minmax(0, 1fr) auto;
    padding: var(--gap-3) var(--gap-2);
  }
  .what {
    grid-column: 3 / -1;
  }
  .long {
    flex-flow: row wrap;
    grid-column: 3;
    gap: 0 var(--gap-3);
    align-items: center;
    justify-self: start;
  }
  .acts {
    grid-column: 4;
  }
  .verses button,
  .acts button,
  .what {
    min-width: var(--touch);
    min-height: var(--touch);
  }
}
</style>
