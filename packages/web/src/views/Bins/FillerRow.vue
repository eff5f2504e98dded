<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiAlertOutline, mdiCheck, mdiStairsUp } from '@mdi/js';
import {
  aboutQuantity,
  formatQuantity,
  listed,
  type Child,
  type FillerChoice,
  type UnitSystem,
} from '@kobby/core';
import { computed } from 'vue';

/** One filler for the tub: for whom it is nothing, how much of it is needed, and what is in the house. */
const props = defineProps<{ choice: FillerChoice; units: UnitSystem; on: boolean }>();
defineEmits<{ choose: [] }>();
const names = (children: readonly Child[]): string => children.map(({ shownAs }) => shownAs).join(', ');
const flags = computed(() => {
  const { stops, cares, everyone, tooSoon } = props.choice;
  const soon = tooSoon.filter((child) => !stops.includes(child));
  const found = [
    stops.length > 0 && { kind: 'stop', icon: mdiAlertOctagonOutline, text: `not for ${names(stops)}` },
    cares.length > 0 && { kind: 'care', icon: mdiAlertOutline, text: `sit with ${names(cares)}` },
    everyone.length > 0 && { kind: 'care', icon: mdiAlertOutline, text: listed(everyone) },
    soon.length > 0 && { kind: 'note', icon: mdiStairsUp, text: `too soon for ${names(soon)}` },
  ].filter((flag) => typeof flag === 'object');
  return found.length > 0 ? found : [{ kind: 'ok', icon: mdiCheck, text: 'no caution for anyone here' }];
});
const amount = computed(() => {
  const { filler, need, have, missing } = props.choice;
  if (!need) return filler.unit === 'piece' ? 'counted in pieces' : 'nobody weighed it';
  const text = aboutQuantity(need, props.units);
  return missing?.amount ? `${text}, ${formatQuantity(have, props.units)} here` : `${text}, all here`;
});
</script>

<template>
  <li>
    <button type="button" :aria-pressed="on" :class="{ on }" @click="$emit('choose')">
      <b>{{ choice.filler.name }}</b>
      <span class="figures">{{ amount }}</span>
      <span class="flags">
        <span v-for="flag in flags" :key="flag.text" :class="flag.kind">
          <v-icon :icon="flag.icon" size="15" aria-hidden="true" /> {{ flag.text }}
        </span>
      </span>
    </button>
  </li>
</template>

<style scoped>
button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 var(--gap-4);
  width: 100%;
  min-height: 44px;
  padding: var(--gap-2) var(--gap-4);
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  border-left: 5px solid transparent;
  text-align: left;
}
button:hover {
  background: var(--well);
}
button.on {
  border-left-color: var(--plum);
  background: var(--well);
}
.flags {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-4);
  grid-column: 1 / 3;
  font-size: 12.5px;
}
.stop {
  color: var(--stop);
}
.care {
  color: var(--care);
}
.note {
  color: var(--note);
}
.ok {
  color: var(--ok);
}
</style>
