<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiHandBackRightOutline, mdiInformationOutline } from '@mdi/js';
import { CAUTION_LINE, type Finding, type Level } from '@kobby/core';
import { ref } from 'vue';

/** The running list of what the plan knows about itself. */
defineProps<{ findings: readonly Finding[] }>();
const explained = ref<string | null>(null);
const emit = defineEmits<{ show: [finding: Finding] }>();

const LEVELS: Readonly<Record<Level, { readonly word: string; readonly glyph: string }>> = {
  stop: { word: 'Stop', glyph: mdiAlertOctagonOutline },
  care: { word: 'Care', glyph: mdiHandBackRightOutline },
  note: { word: 'Note', glyph: mdiInformationOutline },
};
</script>

<template>
  <section class="heads-ups" aria-label="Heads-ups">
    <p v-if="findings.length === 0" class="quiet">Nothing to point out right now.</p>
    <TransitionGroup name="slip" tag="ul" aria-live="polite">
      <li v-for="finding in findings" :key="finding.key" :class="finding.level" data-test="heads-up">
        <b>
          <v-icon :icon="LEVELS[finding.level].glyph" size="16" aria-hidden="true" />
          {{ LEVELS[finding.level].word }} · {{ finding.title }}
        </b>
        <p>{{ finding.detail }}</p>
        <div class="acts">
          <button
            v-if="finding.placementId || finding.cornerIds.length === 1"
            type="button"
            :aria-label="`Show it: ${finding.title}`"
            @click="emit('show', finding)"
          >
            Show it
          </button>
          <button
            type="button"
            :aria-expanded="explained === finding.key"
            :aria-label="`Why: ${finding.title}`"
            @click="explained = explained === finding.key ? null : finding.key"
          >
            Why
          </button>
        </div>
        <p v-if="explained === finding.key" class="basis">
          Basis: {{ finding.basis }}. Local licensing and the child's own care plan come first.
        </p>
      </li>
    </TransitionGroup>
    <p class="line">{{ CAUTION_LINE }}</p>
  </section>
</template>

<style scoped>
.heads-ups {
  display: flex;
  flex-direction: column;
  flex: 1;
  gap: 8px;
}
ul {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
li {
  padding: 7px 9px;
  border-radius: 5px;
  border-left: 5px solid;
  font-size: 13px;
  line-height: 1.32;
}
li b {
  display: flex;
  gap: 5px;
  align-items: flex-start;
  font-weight: 700;
}
li p {
  overflow-wrap: anywhere;
}
.stop {
  background: var(--stop-bg);
  border-color: var(--stop);
}
.stop b {
  color: var(--stop);
}
.care {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
.care b {
  color: var(--care);
}
.note {
  background: var(--note-bg);
  border-color: var(--note-edge);
}
.note b {
  color: var(--note);
}
li button {
  display: inline-block;
  margin: 3px 12px 0 0;
  padding: 0;
  background: none;
  border: 0;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 2px;
  cursor: pointer;
}
.basis {
  margin-top: 4px;
  font-size: 12.5px;
}
.line {
  margin-top: auto;
  padding-top: 8px;
  font-size: 12px;
  color: var(--ink-soft);
}
.quiet {
  color: var(--ink-soft);
}
.slip-enter-active,
.slip-leave-active {
  transition: opacity 0.2s;
}
.slip-enter-from,
.slip-leave-to {
  opacity: 0;
}
</style>
