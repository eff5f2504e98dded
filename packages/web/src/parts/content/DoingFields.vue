<script setup lang="ts">
import { CONTENT_COUNTS, OWNERS } from '@kobby/core';
import { computed } from 'vue';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  WordsField,
} from '../fields/index.ts';
import { useBook } from '../../state/book.ts';
import { supplyOptions } from '../../state/options.ts';
import { versionOptions, type ContentInput } from './content.ts';

/** What an activity needs, how it is done, and who does each step. */
const content = defineModel<ContentInput>({ required: true });
type MaterialInput = ContentInput['materials'][number];
const store = useBook();
const supplies = computed(() => supplyOptions(store.book));
const supplyOf = (id: string) => store.book.supplies[id];
const versions = computed(() => versionOptions(content.value));

const FOR = {
  child: 'each child',
  'group-of': 'each group of so many',
  adult: 'each adult',
  all: 'once for all',
  run: 'each time it is run',
};
const PAIR = 2;
function setFor(line: MaterialInput, kind: string | null | undefined): void {
  line.for = kind === 'group-of' ? { kind, size: PAIR } : { kind: (kind ?? 'child') as 'child' };
}
const blankLine = (): MaterialInput => ({
  supplyId: '',
  amount: 1,
  for: { kind: 'child' },
  every: 'day',
  spare: 'none',
});
</script>

<template>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.materials"
    label="Needs"
    path="content.materials"
    one="Thing"
    :blank="blankLine"
  >
    <div class="side-by-side">
      <ChoiceField v-model="row.supplyId" label="What" :path="`${path}.supplyId`" :options="supplies" />
      <AmountField
        v-model="row.amount"
        label="How much"
        :path="`${path}.amount`"
        :unit="supplyOf(row.supplyId)?.unit ?? 'piece'"
        :grams-per-ml="supplyOf(row.supplyId)?.gramsPerMl"
      />
      <ChoiceField
        :model-value="row.for.kind"
        label="For"
        :path="`${path}.for.kind`"
        :options="FOR"
        @update:model-value="setFor(row, $event)"
      />
      <NumberField
        v-if="row.for.kind === 'group-of'"
        v-model="row.for.size"
        label="Group of"
        :path="`${path}.for.size`"
      />
    </div>
    <div class="side-by-side">
      <ChoiceField v-model="row.times" label="Counted" :path="`${path}.times`" :options="CONTENT_COUNTS" />
      <ChoiceField
        v-model="row.every"
        label="Again"
        :path="`${path}.every`"
        :options="{ day: 'every day', span: 'once for the span' }"
      />
      <ChoiceField
        v-model="row.spare"
        label="Spares"
        :path="`${path}.spare`"
        :options="{ none: 'none', 'for-breakage': 'for what breaks' }"
      />
      <WordsField
        v-if="versions.length > 1"
        v-model="row.versionIds"
        label="Only for"
        :path="`${path}.versionIds`"
        :options="versions"
      />
      <SwitchField v-model="row.spill" label="In case something spills" :path="`${path}.spill`" />
      <SwitchField
        v-model="row.onlyPrep"
        label="Only to make it ready, no child in the room"
        :path="`${path}.onlyPrep`"
      />
    </div>
  </RowsField>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.steps"
    label="Steps"
    path="content.steps"
    one="Step"
    ordered
    :blank="() => ({ text: '', owner: 'together' as const })"
  >
    <div class="side-by-side step">
      <TextField v-model="row.text" label="What is done" :path="`${path}.text`" :rows="1" />
      <ChoiceField v-model="row.owner" label="By" :path="`${path}.owner`" :options="OWNERS" />
    </div>
  </RowsField>
  <div class="side-by-side">
    <LineField v-model="content.spillKit" label="For spills, at hand" path="content.spillKit" />
    <SwitchField v-model="content.eaten" label="What is made is eaten" path="content.eaten" />
    <LineField v-model="content.directions" label="Directions for the bag" path="content.directions" />
  </div>
</template>

<style scoped>
.step {
  grid-template-columns: minmax(0, 1fr) 150px;
}
</style>
