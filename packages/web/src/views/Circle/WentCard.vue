<script setup lang="ts">
import {
  mdiEmoticonConfusedOutline,
  mdiEmoticonHappyOutline,
  mdiEmoticonNeutralOutline,
  mdiEmoticonSadOutline,
} from '@mdi/js';
import {
  CIRCLE_OUTCOMES,
  circleRecordIdOf,
  countAnew,
  aboutSeconds,
  patienceText,
  ruleSecondsOf,
  secondsUntil,
  type CircleOutcome,
  type CircleRun,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { instantNow } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Afterwards, in two taps: how it went, and where it lost them. What is told tunes how long this group sits. */
const props = defineProps<{ run: CircleRun }>();
const store = useBook();
const reading = useReading();
const asking = ref(false);
const wrong = ref<string | null>(null);

const GLYPHS: Readonly<Record<CircleOutcome, string>> = {
  more: mdiEmoticonHappyOutline,
  held: mdiEmoticonNeutralOutline,
  restless: mdiEmoticonConfusedOutline,
  lost: mdiEmoticonSadOutline,
};
const subject = computed(() => ({
  unitId: reading.value.frame.unit.id,
  day: props.run.day.number,
  blockId: props.run.block.id,
}));
const record = computed(() => store.book.circleRecords[circleRecordIdOf(subject.value)] ?? null);
const isAhead = computed(() => props.run.day.date > store.today!);
const patience = computed(() => reading.value.circles.patience);
const ruleSeconds = computed(() => ruleSecondsOf(props.run, reading.value.frame.home));

function tell(outcome: CircleOutcome): void {
  if (outcome === 'lost') asking.value = !asking.value;
  else keep(outcome, props.run.seconds);
}
// Until that piece began, they were with it.
function lostAt(index: number): void {
  keep('lost', secondsUntil(props.run, index));
}
function keep(outcome: CircleOutcome, heldSeconds: number): void {
  asking.value = false;
  const result = store.perform([
    {
      type: 'circle/record',
      record: { ...subject.value, outcome, heldSeconds, ruleSeconds: ruleSeconds.value },
    },
  ]);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be kept');
}
function takeBack(): void {
  if (record.value) store.perform([{ type: 'circle/unrecord', recordId: record.value.id }]);
}
const beginAnew = (): void =>
  void store.perform([countAnew(reading.value.frame.home, patience.value, instantNow())]);
</script>

<template>
  <ShelfCard title="How it went" class="went">
    <p v-if="isAhead && !record" class="soft">Told after the circle, in two taps.</p>
    <p v-else-if="ruleSeconds === 0" class="soft">Nobody was there.</p>
    <div v-else class="taps" role="group" aria-label="How it went">
      <button
        v-for="(one, id) in CIRCLE_OUTCOMES"
        :key="id"
        type="button"
        :aria-pressed="record?.outcome === id || (id === 'lost' && asking)"
        :title="one.hint"
        :data-test="`went-${id}`"
        @click="tell(id)"
      >
        <v-icon :icon="GLYPHS[id]" size="20" aria-hidden="true" /> {{ one.name }}
      </button>
    </div>
    <div v-if="asking" class="where" role="group" aria-label="Where it lost them">
      <span>Where?</span>
      <button
        v-for="(part, i) in run.parts"
        :key="part.piece.id"
        type="button"
        data-test="lost-at"
        @click="lostAt(i)"
      >
        {{ part.title }}
      </button>
    </div>
    <p v-if="record">
      {{ CIRCLE_OUTCOMES[record.outcome].name }}, {{ aboutSeconds(record.heldSeconds) }} ({{ record.by }}).
      <button type="button" class="text" @click="takeBack">Take it back</button>
    </p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <details v-if="patience.steps.length">
      <summary>This group sits {{ patienceText(patience.factor) }}</summary>
      <ol data-test="patience-steps">
        <li v-for="{ record: one, factor } in patience.steps" :key="one.id">
          {{ store.book.units[one.unitId]?.title ?? 'A unit' }}, Day {{ one.day }}:
          {{ CIRCLE_OUTCOMES[one.outcome].name.toLowerCase() }} at {{ aboutSeconds(one.heldSeconds) }}, the
          rule gives {{ aboutSeconds(one.ruleSeconds) }} → {{ patienceText(factor) }}
        </li>
      </ol>
      <p v-if="patience.factor === 1" class="soft">What few circles do not show clearly moves nothing.</p>
      <button type="button" class="text" data-test="count-anew" @click="beginAnew">
        Forget this, and count anew
      </button>
    </details>
  </ShelfCard>
</template>

<style scoped>
.went {
  gap: var(--gap-3);
}
.taps,
.where {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.taps button,
.where button {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  min-height: 34px;
  padding: var(--gap-2) var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: var(--ink);
  font-weight: 600;
}
.taps button[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
}
.text {
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
}
summary {
  font-weight: 600;
  cursor: pointer;
}
ol {
  padding-left: var(--gap-5);
  font-size: 13.5px;
}
@media (max-width: 900px) {
  .taps button,
  .where button,
  .text,
  summary {
    min-height: var(--touch);
  }
}
</style>
