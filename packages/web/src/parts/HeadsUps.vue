<script setup lang="ts">
import {
  CAUTION_LINE,
  mattersOf,
  pagesOfMatter,
  type Finding,
  type Level,
  type Matter,
  type Placement,
  type UnitPage,
} from '@kobby/core';
import { computed, nextTick, ref } from 'vue';
import { useMendsAtRest } from '../state/mends-at-rest.ts';
import { walk } from '../state/walk.ts';
import HeadsUpCard from './HeadsUpCard.vue';

/**
 * The running list of what the plan knows about itself: what is of use on the page that is open first, one line for one cause, the rest as a
 * number; narrowed down by weight, walked through by arrow keys.
 */
const props = defineProps<{
  findings: readonly Finding[];
  /** What stands in the unit, for telling what belongs on which page. */
  placements: readonly Placement[];
  /** The page that is open; null on one to which nothing belongs, as to what is printed: all is shown. */
  page: UnitPage | null;
}>();
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
const section = ref<HTMLElement | null>(null);
const list = ref<HTMLElement | null>(null);
const opened = ref<string | null>(null);

const isIn = ({ level, kept }: Finding, id: Wanted): boolean =>
  id === 'kept' ? kept !== undefined : kept === undefined && (id === 'open' || level === id);
const mattersIn = (id: Wanted): readonly Matter[] =>
  mattersOf(props.findings.filter((finding) => isIn(finding, id)));
const counts = computed(() => WANTED.map((one) => ({ ...one, count: mattersIn(one.id).length })));
// A weight of which nothing is left shows everything again.
const matters = computed(() => {
  const found = mattersIn(wanted.value);
  return found.length > 0 ? found : mattersIn('open');
});
const standing = computed(() => new Map(props.placements.map((one) => [one.id, one])));
// A stop is shown on every page. Whoever looks for a weight sees all of it.
const isHere = (matter: Matter): boolean =>
  props.page === null ||
  wanted.value !== 'open' ||
  matter.level === 'stop' ||
  pagesOfMatter(matter, standing.value).has(props.page);
const isAll = ref(false);
const elsewhere = computed(() => matters.value.filter((one) => !isHere(one)).length);
const shown = computed(() => (isAll.value ? matters.value : matters.value.filter((one) => isHere(one))));
// Said once when it changes: not the whole list.
const told = computed(() => {
  const stops = counts.value.find(({ id }) => id === 'stop')!.count;
  return `${counts.value[0]!.count} heads-ups${stops ? `, ${stops} of them stops` : ''}`;
});
const unfolded = ref<ReadonlySet<string>>(new Set());
function unfold(key: string): void {
  const next = new Set(unfolded.value);
  if (!next.delete(key)) next.add(key);
  unfolded.value = next;
}
/** Each line: a matter, and under an unfolded one what else is of its cause. */
const lines = computed(() =>
  shown.value.flatMap(({ key, findings }) => {
    const [first, ...rest] = findings;
    const isOpen = unfolded.value.has(key);
    return [
      { finding: first, more: rest.length, matter: key, isOpen },
      ...(isOpen ? rest.map((finding) => ({ finding, more: 0, matter: key, isOpen })) : []),
    ];
  }),
);

const isUnderHand = ref(false);
const atOnce = useMendsAtRest(
  () => lines.value.map(({ finding }) => finding),
  () => isUnderHand.value,
);
// What was pressed is gone with what it mended: the hands go on with what is first now.
async function goOn(): Promise<void> {
  await nextTick();
  const first = list.value?.querySelector<HTMLElement>('li:not(.slip-leave-active) > .head');
  (first ?? section.value)?.focus();
}

/** The next or the previous one, by the arrow keys. */
function go(event: KeyboardEvent): void {
  if ((event.target as HTMLElement).closest('textarea, input, select')) return;
  walk(event, [...(list.value?.querySelectorAll<HTMLElement>('.head') ?? [])]);
}
</script>

<template>
  <section ref="section" class="heads-ups" aria-label="Heads-ups" tabindex="-1">
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
    <p v-if="lines.length === 0" class="quiet">
      {{ elsewhere > 0 ? 'Nothing to point out on this page.' : 'Nothing to point out right now.' }}
    </p>
    <div ref="list" @keydown="go" @pointerenter="isUnderHand = true" @pointerleave="isUnderHand = false">
      <TransitionGroup name="slip" tag="ul">
        <template v-for="line in lines" :key="line.finding.key">
          <HeadsUpCard
            :finding="line.finding"
            :opened="opened === line.finding.key"
            :at-once="atOnce(line.finding)"
            @toggle="opened = opened === line.finding.key ? null : line.finding.key"
            @show="emit('show', line.finding)"
            @mended="goOn"
          />
          <li v-if="line.more > 0" class="more">
            <button type="button" class="fold" :aria-expanded="line.isOpen" @click="unfold(line.matter)">
              {{ line.isOpen ? 'Only the first' : `and ${line.more} more like it` }}
            </button>
          </li>
        </template>
      </TransitionGroup>
    </div>
    <button
      v-if="elsewhere > 0"
      type="button"
      class="fold"
      :aria-expanded="isAll"
      data-test="heads-ups-elsewhere"
      @click="isAll = !isAll"
    >
      {{ isAll ? 'Only what is of this page' : `${elsewhere} more on other pages` }}
    </button>
    <p class="sr-only" role="status">{{ told }}</p>
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
.fold {
  align-self: flex-start;
  min-height: 28px;
  padding: 0 var(--gap-2);
  background: none;
  border: 0;
  font-size: 12.5px;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.more {
  margin-top: calc(-1 * var(--gap-2));
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
  .fold,
  .weights button {
    min-height: var(--touch);
  }
}
</style>
