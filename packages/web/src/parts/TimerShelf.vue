<script setup lang="ts">
import { mdiBellRingOutline, mdiClose, mdiTimerSandComplete } from '@mdi/js';
import { watch } from 'vue';
import { clockText, ring, useTimers } from '../state/timers.ts';

/** The timers that run in the home, whoever started them. One that is over rings while this page is open, and stays. */
const { running, drop } = useTimers();

watch(
  () => running.value.filter(({ secondsLeft }) => secondsLeft <= 0).length,
  (over, before) => over > before && ring(),
);
</script>

<template>
  <section v-if="running.length" aria-label="Timers">
    <ul class="timers" data-test="timers">
      <li v-for="{ timer, secondsLeft } in running" :key="timer.id" :class="{ over: secondsLeft <= 0 }">
        <v-icon
          :icon="secondsLeft <= 0 ? mdiBellRingOutline : mdiTimerSandComplete"
          size="18"
          aria-hidden="true"
        />
        <b class="figures">{{ clockText(secondsLeft) }}</b>
        <span>{{ timer.label }}<template v-if="secondsLeft <= 0">: time is up</template></span>
        <button type="button" :aria-label="`Take the timer away: ${timer.label}`" @click="drop(timer.id)">
          <v-icon :icon="mdiClose" size="18" />
        </button>
      </li>
      <li class="hint">They ring only while Kobby is open.</li>
    </ul>
  </section>
</template>

<style scoped>
.timers {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
  padding: var(--gap-2) var(--gap-5);
  background: var(--well);
  border-bottom: 2px solid var(--shelf);
}
li {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-3);
  padding: var(--gap-1) var(--gap-2) var(--gap-1) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
li b {
  font: 700 17px var(--display);
}
.over {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
button {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  background: none;
  border: 0;
}
.hint {
  padding: 0;
  background: none;
  border: 0;
  color: var(--ink-soft);
  font-size: 12.5px;
}
@media (max-width: 900px) {
  button {
    width: var(--touch);
    height: var(--touch);
  }
}
</style>
