<script setup lang="ts">
import {
  OUTCOMES,
  isTold,
  testToBegin,
  type Child,
  type DoneOutcome,
  type FieldProblem,
  type Placement,
  type RecordOrder,
  type TestResult,
} from '@kobby/core';
import { computed, ref } from 'vue';
import PlankSheet from './PlankSheet.vue';
import { copyOf, messagesBeside } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import TestFields from './TestFields.vue';
import TestPicture from './TestPicture.vue';

/** More about how something went: in another version, a note, for one child otherwise, and a test with its picture. */
const props = defineProps<{ placement: Placement; here: readonly Child[]; record: RecordOrder }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const open = computed({ get: () => true, set: (isOpen) => !isOpen && emit('close') });
const draft = ref<RecordOrder>(copyOf(props.record)!);
const errors = ref<readonly FieldProblem[]>([]);

const versions = computed(() => [
  { title: 'As planned', value: null as string | null },
  ...props.placement.content.versions.map(({ id, does }) => ({ title: does, value: id as string | null })),
]);
const ownOf = (childId: string): DoneOutcome | null =>
  draft.value.children.find((one) => one.childId === childId)?.outcome ?? null;
function tellOf(childId: Child['id'], outcome: DoneOutcome): void {
  const others = draft.value.children.filter((one) => one.childId !== childId);
  // The same touch again: as for all.
  draft.value.children = ownOf(childId) === outcome ? others : [...others, { childId, outcome }];
}
const tellMinutes = (typed: string): void => {
  draft.value.turnTook = typed.trim() === '' ? null : (Number(typed) as RecordOrder['turnTook']);
};
const planned = props.placement.content.test;
const emptyTest = (): TestResult =>
  planned
    ? testToBegin(planned)
    : {
        ...{ question: '', measure: 'seconds', by: 'all', guesses: [], own: [], groups: [] },
        tries: [
          { label: 'the first way', result: null },
          { label: 'the other way', result: null },
        ],
      };
// What is a test begins with that.
const title = planned
  ? `Guess and measure: ${props.placement.content.title}`
  : `How ${props.placement.content.title} went`;
const PARTS = planned ? (['test', 'all'] as const) : (['all', 'test'] as const);
// What was planned as a test is begun as one; nothing is kept of one in which nothing was said.
if (planned) draft.value.test ??= emptyTest();
function keep(): void {
  const { test } = draft.value;
  const record = { ...draft.value, test: test && isTold(test) ? test : null };
  const result = store.perform([{ type: 'daybook/record', record }]);
  errors.value = result.done ? [] : result.errors;
  if (result.done) emit('close');
}
</script>

<template>
  <PlankSheet v-model="open" :title="title" :width="680">
    <form id="record-sheet" class="fields" novalidate @submit.prevent="keep">
      <template v-for="part in PARTS" :key="part">
        <template v-if="part === 'all'">
          <v-select
            v-model="draft.versionId"
            :items="versions"
            label="Done in which version"
            name="versionId"
          />
          <v-textarea v-model="draft.note" label="A note" name="note" rows="2" />
          <v-text-field
            v-if="placement.content.turnMinutes !== null"
            :model-value="draft.turnTook"
            label="Minutes that a turn took, by the clock"
            name="turnTook"
            type="number"
            min="1"
            @update:model-value="tellMinutes(String($event ?? ''))"
          />
          <fieldset>
            <legend>Otherwise for one child</legend>
            <div v-for="child in here" :key="child.id" class="child">
              <b>{{ child.name }}</b>
              <button
                v-for="(one, id) in OUTCOMES"
                :key="id"
                type="button"
                :aria-pressed="ownOf(child.id) === id"
                :aria-label="`${child.name}: ${one.name}`"
                @click="tellOf(child.id, id)"
              >
                {{ one.name }}
              </button>
            </div>
          </fieldset>
        </template>
        <template v-else-if="draft.test">
          <TestFields v-model="draft.test" :here="here" :planned="planned !== null" />
          <TestPicture :test="draft.test" :children="store.book.children" title="What came out" />
          <button type="button" class="text" @click="draft.test = null">It was no test</button>
        </template>
        <v-btn v-else class="is-side" @click="draft.test = emptyTest()">
          It was a test: guesses, and what was measured
        </v-btn>
      </template>
      <p v-for="message in messagesBeside(errors, [])" :key="message" class="wrong" role="alert">
        {{ message }}
      </p>
    </form>
    <template #foot>
      <v-btn class="is-main" type="submit" form="record-sheet">Keep</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Not now</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.fields {
  display: grid;
  gap: var(--gap-4);
  padding-top: var(--gap-2);
}
fieldset {
  padding: 0;
  border: 0;
}
legend {
  font-weight: 700;
}
.child {
  display: grid;
  grid-template-columns: minmax(80px, 1fr) repeat(4, auto);
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.child button {
  min-height: var(--touch);
  padding: 0 var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: 6px;
  color: var(--ink);
  font-size: 14px;
  font-weight: 600;
}
.child button[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
}
.text {
  justify-self: start;
  min-height: var(--touch);
  padding: 0;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline;
}
@media (max-width: 600px) {
  .child {
    grid-template-columns: repeat(4, 1fr);
  }
  .child b {
    grid-column: 1 / -1;
  }
}
</style>
