<script setup lang="ts">
import {
  mdiAlertOctagonOutline,
  mdiChevronDown,
  mdiChevronUp,
  mdiHandBackRightOutline,
  mdiInformationOutline,
  mdiShieldCheckOutline,
} from '@mdi/js';
import {
  factsOf,
  formatDay,
  mendsFor,
  type Finding,
  type Level,
  type Mend,
  type PlainDay,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';
import UnknownSheet from './UnknownSheet.vue';

/** One heads-up: what, for whom, when; opened it says what to do instead, what mends it, and how to keep it with a reason. */
const props = defineProps<{
  finding: Finding;
  opened: boolean;
  /** The best way out, as far as it is known while this is closed. */
  atOnce: Mend | null;
}>();
const emit = defineEmits<{ toggle: []; show: []; mended: [] }>();

const store = useBook();
const reading = useReading();
const why = ref('');
const wrong = ref<string | null>(null);
const filling = ref(false);

const LEVELS: Readonly<Record<Level, { readonly word: string; readonly glyph: string }>> = {
  stop: { word: 'Stop', glyph: mdiAlertOctagonOutline },
  care: { word: 'Care', glyph: mdiHandBackRightOutline },
  note: { word: 'Note', glyph: mdiInformationOutline },
};
const level = computed(() =>
  props.finding.kept ? { word: 'Kept', glyph: mdiShieldCheckOutline } : LEVELS[props.finding.level],
);
// Each way out is tried before it is offered: only what is looked at closer pays for that.
const mends = computed((): readonly Mend[] =>
  props.opened && !props.finding.kept
    ? mendsFor(store.book, reading.value.frame.unit.id, props.finding, store.today!, newId)
    : [],
);
const mayKeep = computed(
  () => !props.finding.kept && props.finding.level !== 'note' && props.finding.facts !== undefined,
);
const keptOn = computed(() => {
  const at = props.finding.kept?.at.slice(0, 10);
  return at ? formatDay(at as PlainDay) : '';
});

function mend({ changes }: Mend): void {
  const result = store.perform(changes);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be done');
  if (result.done) emit('mended');
}
function keep(): void {
  const { key } = props.finding;
  const result = store.perform([
    {
      type: 'unit/keep-finding',
      keeping: {
        id: `keeping-${newId()}`,
        unitId: reading.value.frame.unit.id,
        key,
        facts: factsOf(props.finding),
        why: why.value,
      },
    },
  ]);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be kept');
}
function bringBack(): void {
  const known = Object.values(store.book.keepings).find(
    ({ unitId, key }) => unitId === reading.value.frame.unit.id && key === props.finding.key,
  );
  if (known) store.perform([{ type: 'book/drop', kind: 'keepings', id: known.id }]);
}
const canShow = computed(() => {
  const { placementId, cornerIds, pieceIds } = props.finding;
  return placementId !== null || cornerIds.length === 1 || (pieceIds?.length ?? 0) > 0;
});
</script>

<template>
  <li :class="[finding.level, { kept: finding.kept, folded: !opened }]" data-test="heads-up">
    <button type="button" class="head" :aria-expanded="opened" @click="emit('toggle')">
      <v-icon :icon="level.glyph" size="16" aria-hidden="true" />
      <span class="title">{{ level.word }} · {{ finding.title }}</span>
      <v-icon :icon="opened ? mdiChevronUp : mdiChevronDown" size="16" aria-hidden="true" />
    </button>
    <p class="detail" :class="{ whole: opened }">{{ finding.detail }}</p>
    <p v-if="finding.kept" class="reason">“{{ finding.kept.why }}” {{ finding.kept.by }}, {{ keptOn }}</p>
    <p v-if="opened && finding.instead" class="instead">{{ finding.instead }}</p>
    <div v-if="opened" class="opened">
      <ul v-if="mends.length" class="mends" data-test="mends">
        <li v-for="one in mends" :key="one.label">
          <button type="button" class="mend" @click="mend(one)">{{ one.label }}</button>
        </li>
      </ul>
      <button v-if="finding.rule === 'unknown'" type="button" class="mend" @click="filling = true">
        Fill it in
      </button>
      <RouterLink
        v-if="finding.recipeId"
        class="mend"
        :to="{ name: 'counter', params: { recipeId: finding.recipeId }, query: { edit: 'swaps' } }"
        >Write a swap, or see other recipes</RouterLink
      >
      <form v-if="mayKeep" class="keep" @submit.prevent="keep">
        <label>
          Keep it as it is, because
          <textarea v-model="why" name="why" rows="2" />
        </label>
        <button type="submit" class="mend">Keep it, with this reason</button>
      </form>
      <button v-if="finding.kept" type="button" class="mend" @click="bringBack">Point it out again</button>
      <p class="basis">
        Basis: {{ finding.basis }}. Local licensing and the child's own care plan come first.
      </p>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <div v-if="(canShow && (opened || finding.level === 'stop')) || (atOnce && !opened)" class="acts">
      <button v-if="atOnce && !opened" type="button" data-test="at-once" @click="mend(atOnce)">
        {{ atOnce.label }}
      </button>
      <button
        v-if="canShow && (opened || finding.level === 'stop')"
        type="button"
        :aria-label="`Show it: ${finding.title}`"
        @click="emit('show')"
      >
        Show it
      </button>
    </div>
    <UnknownSheet v-if="filling" :supply-ids="finding.supplyIds ?? []" @close="filling = false" />
  </li>
</template>

<style scoped>
li {
  padding: var(--gap-1) var(--gap-3) var(--gap-2);
  border-radius: 5px;
  border-left: 5px solid;
  font-size: 13px;
  line-height: 1.32;
}
p {
  overflow-wrap: anywhere;
}
/* Quiet while closed: the first lines say what it is about. */
.detail:not(.whole) {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
}
.head {
  display: flex;
  gap: var(--gap-2);
  align-items: flex-start;
  width: 100%;
  min-height: 24px;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  color: inherit;
  font-weight: 700;
  line-height: 1.2;
  text-align: left;
}
.title {
  flex: 1;
}
.stop {
  background: var(--stop-bg);
  border-color: var(--stop);
}
.stop > .head {
  color: var(--stop);
}
.care {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
.care > .head {
  color: var(--care);
}
.note {
  background: var(--note-bg);
  border-color: var(--note-edge);
}
.note > .head {
  color: var(--note);
}
.kept {
  background: var(--well);
  border-left-style: double;
}
.folded:is(.care, .note) {
  background: none;
}
.kept > .head {
  color: var(--ink);
}
.reason,
.instead {
  margin-top: var(--gap-2);
  font-weight: 600;
}
.opened {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  margin-top: var(--gap-2);
}
.mends {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
}
.mends li {
  padding: 0;
  border: 0;
}
.mend {
  width: 100%;
  min-height: 30px;
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-bottom-width: 4px;
  border-radius: 5px;
  color: inherit;
  font-weight: 600;
  line-height: 1.2;
  text-align: left;
}
.mend:hover {
  border-color: var(--plum);
}
.keep {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
}
textarea {
  display: block;
  width: 100%;
  margin-top: var(--gap-1);
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: inherit;
  font: inherit;
  resize: vertical;
}
.basis {
  font-size: 12.5px;
}
.acts button {
  min-height: 24px;
  margin: var(--gap-1) var(--gap-4) 0 0;
  padding: 0;
  background: none;
  border: 0;
  font-weight: 700;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 2px;
}
@media (max-width: 900px) {
  .head,
  .mend,
  .acts button {
    min-height: var(--touch);
  }
}
</style>
