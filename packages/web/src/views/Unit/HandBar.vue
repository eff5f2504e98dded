<script setup lang="ts">
import { computed } from 'vue';
import HandTrail from '../../parts/HandTrail.vue';
import { useHand } from '../../state/plan-hand.ts';

/** What is in hand, and what putting it where the pointer is would bring. */
const hand = useHand();
const title = computed(() => hand.held.value?.placement.content.title ?? '');
const breaks = hand.breaks;
const news = computed(() => hand.preview.value.filter(({ rule }) => rule !== 'order').slice(0, 2));
</script>

<template>
  <div v-if="hand.held.value" class="hand" role="status">
    <b>Moving: {{ title }}</b>
    <span v-for="text in breaks" :key="text" class="care">{{ text }}.</span>
    <span v-if="hand.fits.value && hand.over.value?.startsWith('day') && breaks.length">{{
      hand.fits.value
    }}</span>
    <span v-for="one in news" :key="one.key" :class="one.level">{{ one.title }}.</span>
    <span v-if="breaks.length + news.length === 0" class="soft">
      {{ hand.over.value ? 'It fits there.' : 'Choose where it goes.' }}
    </span>
    <button type="button" class="back" @click="hand.letGo()">Put it back</button>
  </div>
  <HandTrail :hand="hand" />
</template>

<style scoped>
.hand {
  position: fixed;
  left: 50%;
  bottom: 12px;
  z-index: 30;
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
  width: max-content;
  max-width: min(780px, calc(100vw - 24px));
  padding: var(--gap-3) var(--gap-4);
  transform: translateX(-50%);
  background: var(--card);
  border: 2px solid var(--plum);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
.hand b {
  font-family: var(--display);
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
.care {
  color: var(--care);
  font-weight: 600;
}
.note {
  color: var(--note);
}
.back {
  min-height: 28px;
  padding: 0 var(--gap-2);
  background: none;
  border: 0;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 2px;
}
@media (max-width: 900px) {
  .bar {
    bottom: 64px;
  }
}
</style>
