<script setup lang="ts">
import { mdiScaleUnbalanced } from '@mdi/js';
import { CHARACTERS, soundness, unfilledLines, type Character } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { useProposing } from '../state/proposing.ts';
import { useReading } from '../state/unit.ts';
import WeighSheet from './WeighSheet.vue';

/** Above a page on which a draft is shown: how good it is, what it leans towards, and what becomes of it. */
const proposing = useProposing();
const reading = useReading();
const isWeighing = ref(false);
const isTelling = ref(false);
const isExplaining = ref(false);

const characters = Object.entries(CHARACTERS) as [Character, (typeof CHARACTERS)[Character]][];
const proposal = computed(() => proposing.proposal.value);
const pieces = computed(() => proposal.value?.pieces.filter(({ spot }) => spot.of === null).length ?? 0);
const circles = computed(() => proposal.value?.circles.filter(({ day }) => day !== null).length ?? 0);
const count = computed(() => pieces.value + circles.value);
const counted = computed(() =>
  [pieces.value > 0 ? `${pieces.value} things` : '', circles.value > 0 ? `${circles.value} circles` : '']
    .filter(Boolean)
    .join(', '),
);
const state = computed(() => {
  if (!proposal.value) return 'Looking at what is free, and at what fits …';
  if (count.value === 0) return 'Nothing is free that could be filled.';
  return soundness(proposal.value);
});
// Patterns take the theme's things: before there are any only few things of the library can be proposed.
const lacksThings = computed(() => reading.value.things.length === 0);
const unfilled = computed(() => unfilledLines(proposal.value?.empty ?? []));
const told = computed(() => proposal.value?.told.filter(({ kept }) => !kept) ?? []);
</script>

<template>
  <section
    v-if="proposal || proposing.isWorking.value || proposing.trouble.value"
    class="band"
    aria-label="A draft"
    data-test="proposal"
  >
    <div class="what" role="status">
      <h2>A draft for what is free{{ count ? `: ${counted}` : '' }}</h2>
      <p v-if="proposing.trouble.value" class="soft">
        It could not be worked out: {{ proposing.trouble.value }}. Nothing has changed.
      </p>
      <p v-if="lacksThings" class="soft">
        The theme has no things yet, and most of the library asks for some:
        <RouterLink :to="{ name: 'spark', params: { unitId: reading.frame.unit.id } }"
          >write them down</RouterLink
        >, and there is far more to propose.
      </p>
      <p v-if="!proposing.trouble.value" class="soft">
        {{ state }}
        <template v-if="proposing.isWorking.value && proposal"> · looking for a better one …</template>
        <button
          v-if="unfilled.length"
          type="button"
          class="link"
          :aria-expanded="isExplaining"
          @click="isExplaining = !isExplaining"
        >
          why, and what would do
        </button>
        <button
          v-if="told.length"
          type="button"
          class="link"
          :aria-expanded="isTelling"
          @click="isTelling = !isTelling"
        >
          the plan will point out {{ told.length }}
        </button>
      </p>
    </div>
    <div class="acts">
      <v-btn v-if="proposing.isWorking.value" class="is-side" size="small" @click="proposing.stop()"
        >Stop</v-btn
      >
      <v-btn class="is-side" size="small" @click="proposing.away()">Away</v-btn>
      <v-btn
        class="is-main"
        size="small"
        :disabled="count === 0"
        @click="proposal && proposing.take(proposal.pieces)"
      >
        Take it
      </v-btn>
    </div>
    <div class="leans">
      <div class="lean" role="group" aria-label="What it leans towards">
        <button
          v-for="[id, { name, says }] in characters"
          :key="id"
          type="button"
          :aria-pressed="proposing.ask.value.character === id"
          :title="says"
          @click="proposing.lean(id)"
        >
          {{ name }}
        </button>
      </div>
      <v-btn class="is-quiet" size="small" :prepend-icon="mdiScaleUnbalanced" @click="isWeighing = true">
        What weighs
      </v-btn>
    </div>
    <ul v-if="isExplaining && unfilled.length" class="told">
      <li v-for="one in unfilled" :key="one">{{ one }}</li>
    </ul>
    <ul v-if="isTelling" class="told">
      <li v-for="one in told" :key="one.key">{{ one.title }}</li>
    </ul>
    <WeighSheet v-if="isWeighing" @close="isWeighing = false" />
  </section>
</template>

<style scoped>
.band {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--card);
  border: 2px dashed var(--plum);
  border-radius: var(--radius);
}
.what {
  flex: 1 1 320px;
}
h2 {
  font: 700 16px var(--display);
}
.leans {
  display: flex;
  flex-basis: 100%;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.lean {
  display: flex;
  flex-wrap: wrap;
}
.lean button {
  min-height: 32px;
  padding: 0 var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-left-width: 0;
  font-weight: 600;
  font-size: 12.5px;
}
.lean button:first-child {
  border-left-width: 1.5px;
  border-radius: var(--radius) 0 0 var(--radius);
}
.lean button:last-child {
  border-radius: 0 var(--radius) var(--radius) 0;
}
.lean button[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  margin-left: auto;
}
.link {
  min-height: 24px;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.told {
  flex-basis: 100%;
  list-style: disc inside;
  font-size: 13px;
}
@media (max-width: 900px) {
  .lean button,
  .link {
    min-height: var(--touch);
  }
}
</style>
