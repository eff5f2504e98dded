<script setup lang="ts">
import { CAUTION_LINE, type Finding, type Level } from '@kobby/core';
import { computed, nextTick, ref } from 'vue';
import HeadsUpCard from './HeadsUpCard.vue';

/** The running list of what the plan knows about itself: narrowed down by weight, walked through by arrow keys. */
const props = defineProps<{ findings: readonly Finding[] }>();
const emit = defineEmits<{ show: [finding: Finding] }>();

type Wanted = 'open' | Level | 'kept';
const WANTED: readonly { readonly id: Wanted; readonly one: string; readonly many: string }[] = [
  { id: 'open', one: 'open', many: 'open' },
  { id: 'stop', one: 'stop', many: 'stops' },
  { id: 'care', one: 'care', many: 'cares' },
  { id: 'note', one: 'note', many: 'notes' },
  { id: 'kept', one: 'kept', many: 'kept' },
];
const wanted = ref<Wanted>('open');
const list = ref<HTMLElement | null>(null);
const opened = ref<string | null>(null);

const isIn = ({ level, kept }: Finding, id: Wanted): boolean =>
  id === 'kept' ? kept !== undefined : kept === undefined && (id === 'open' || level === id);
const counts = computed(() =>
  WANTED.map((one) => ({ ...one, count: props.findings.filter((finding) => isIn(finding, one.id)).length })),
);
// A weight of which nothing is left shows everything again.
const shown = computed(() => {
  const found = props.findings.filter((finding) => isIn(finding, wanted.value));
  return found.length > 0 ? found : props.findings.filter((finding) => isIn(finding, 'open'));
});

/** The next or the previous one, by the arrow keys. */
async function walk(event: KeyboardEvent): Promise<void> {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  const target = event.target as HTMLElement;
  if (by === undefined || target.closest('textarea, input, select')) return;
  event.preventDefault();
  await nextTick();
  const heads = [...(list.value?.querySelectorAll<HTMLElement>('.head') ?? [])];
  const now = heads.findIndex((head) => head.closest('li')?.contains(target));
  heads[Math.min(Math.max(now + by, 0), heads.length - 1)]?.focus();
}
</script>

<template>
  <section class="heads-ups" aria-label="Heads-ups">
    <div class="weights" role="group" aria-label="Which heads-ups">
      <template v-for="one in counts" :key="one.id">
        <button
          v-if="one.count > 0 || one.id === 'open'"
          type="button"
          :class="one.id"
          :aria-pressed="wanted === one.id"
          @click="wanted = one.id"
        >
          {{ one.count }} {{ one.count === 1 ? one.one : one.many }}
        </button>
      </template>
    </div>
    <p v-if="shown.length === 0" class="quiet">Nothing to point out right now.</p>
    <div ref="list" @keydown="walk">
      <TransitionGroup name="slip" tag="ul" aria-live="polite">
        <HeadsUpCard
          v-for="finding in shown"
          :key="finding.key"
          :finding="finding"
          :opened="opened === finding.key"
          @toggle="opened = opened === finding.key ? null : finding.key"
          @show="emit('show', finding)"
        />
      </TransitionGroup>
    </div>
    <p class="line">{{ CAUTION_LINE }}</p>
  </section>
</template>

<style scoped>
.heads-ups {
  display: flex;
  flex-direction: column;
  flex: 1;
  gap: var(--gap-3);
}
.weights {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
.weights button {
  min-height: 24px;
  padding: 0 var(--gap-2);
  background: none;
  border: 0;
  border-bottom: 3px solid var(--line);
  font-size: 12.5px;
  font-weight: 600;
}
.weights [aria-pressed='true'] {
  border-color: var(--plum);
}
.weights .stop {
  color: var(--stop);
}
.weights .care {
  color: var(--care);
}
.weights .note {
  color: var(--note);
}
ul {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
}
.line {
  margin-top: auto;
  padding-top: var(--gap-3);
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
@media (max-width: 900px) {
  .weights button {
    min-height: var(--touch);
  }
}
</style>
