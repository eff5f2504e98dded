<script setup lang="ts">
import { mdiBellRingOutline, mdiClose, mdiTimerSandComplete } from '@mdi/js';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { clockText, ring } from '../../state/timers.ts';
import type { SharedLink } from '../../state/shared.ts';

/** The timers that were started on this phone. They ring while the page is open. */
const props = defineProps<{ link: SharedLink }>();
const TICK_MS = 500;
const now = ref(Date.now());
let ticking: ReturnType<typeof setInterval> | undefined;
onMounted(() => (ticking = setInterval(() => (now.value = Date.now()), TICK_MS)));
onBeforeUnmount(() => clearInterval(ticking));
const running = computed(() =>
  props.link.timers.value.map((timer) => ({
    ...timer,
    secondsLeft: (Date.parse(timer.endsAt) - now.value) / 1000,
  })),
);
watch(
  () => running.value.filter(({ secondsLeft }) => secondsLeft <= 0).length,
  (over, before) => over > before && ring(),
);
</script>

<template>
  <ul v-if="running.length" class="timers" aria-label="Timers">
    <li v-for="timer in running" :key="timer.id" :class="{ over: timer.secondsLeft <= 0 }">
      <v-icon
        :icon="timer.secondsLeft <= 0 ? mdiBellRingOutline : mdiTimerSandComplete"
        size="19"
        aria-hidden="true"
      />
      <b class="figures">{{ clockText(timer.secondsLeft) }}</b>
      <span>{{ timer.label }}{{ timer.secondsLeft <= 0 ? ': time is up' : '' }}</span>
      <button
        type="button"
        :aria-label="`Take the timer away: ${timer.label}`"
        @click="link.stopTimer(timer.id)"
      >
        <v-icon :icon="mdiClose" size="20" />
      </button>
    </li>
  </ul>
</template>

<style scoped>
.timers {
  position: sticky;
  top: 0;
  z-index: 2;
  display: grid;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--well);
  border-bottom: 2px solid var(--shelf);
}
li {
  display: flex;
  align-items: center;
  gap: var(--gap-3);
  padding-left: var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 8px;
}
li b {
  font: 700 19px var(--display);
}
li button {
  width: var(--touch);
  height: var(--touch);
  margin-left: auto;
  background: none;
  border: 0;
}
.over {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
</style>
