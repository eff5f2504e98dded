<script setup lang="ts">
import { computed } from 'vue';
import PlankSheet from './PlankSheet.vue';

/** Which keys do what. */
const emit = defineEmits<{ close: [] }>();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });
const KEYS: readonly (readonly [keys: string, does: string])[] = [
  ['/', 'Find anything: a child, a thing, a song, a page, “folder 4”'],
  ['?', 'This list'],
  ['Ctrl or ⌘ and Z', 'Take the last step back; with Shift, do it again'],
  ['Alt and an arrow', 'Move what has the focus to the next place'],
  ['Arrows', 'Go through a list, a week, the heads-ups'],
  ['Enter', 'Take what is chosen; write a line in and begin the next'],
  ['Escape', 'Lay a sheet or what is picked up aside; what was typed stays'],
];
</script>

<template>
  <PlankSheet v-model="isOpen" title="Keys" :width="520">
    <dl>
      <template v-for="[keys, does] in KEYS" :key="keys">
        <dt>{{ keys }}</dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
  </PlankSheet>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--gap-3) var(--gap-4);
}
dt {
  font-weight: 700;
  white-space: nowrap;
}
</style>
