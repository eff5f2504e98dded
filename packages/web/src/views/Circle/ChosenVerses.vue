<script setup lang="ts">
import { linesOf, type Song } from '@kobby/core';
import { computed } from 'vue';

/** Which verses of a song that is as written are sung: each by a press, kept in their order; all of them while none is left out. */
const props = defineProps<{ song: Song }>();
const chosen = defineModel<number[] | null>({ required: true });
const all = computed(() => props.song.verses.map((_, i) => i + 1));
const isSung = (n: number): boolean => chosen.value === null || chosen.value.includes(n);
function press(n: number): void {
  const now = chosen.value ?? all.value;
  const next = now.includes(n) ? now.filter((one) => one !== n) : [...now, n].toSorted((a, b) => a - b);
  // Something is sung.
  if (next.length === 0) return;
  chosen.value = next.length === all.value.length ? null : next;
}
const begins = (n: number): string => linesOf(props.song.verses[n - 1]!)[0]?.text ?? '';
</script>

<template>
  <fieldset data-test="chosen-verses">
    <legend>Verses that are sung</legend>
    <label v-for="n in all" :key="n" :class="{ off: !isSung(n) }">
      <input
        type="checkbox"
        :checked="isSung(n)"
        :aria-label="`Verse ${n}: ${begins(n)}`"
        @change="press(n)"
      />
      <b>{{ n }}</b> {{ begins(n) }}
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  padding: 0;
  border: 0;
}
legend {
  font-weight: 600;
}
label {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  min-height: 32px;
}
.off {
  color: var(--ink-soft);
  text-decoration: line-through;
}
@media (max-width: 900px) {
  label {
    min-height: var(--touch);
  }
}
</style>
