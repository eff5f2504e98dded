<script setup lang="ts">
import { RUNGS } from '@kobby/core';
import { ChoiceField, LineField, NumberField, RowsField, TextField } from '../fields/index.ts';
import type { ContentInput } from './content.ts';

/** The versions of an activity: for which age or rung, what the child does, and what to say. */
const content = defineModel<ContentInput>({ required: true });
type VersionInput = ContentInput['versions'][number];

function blank(): VersionInput {
  const taken = new Set(content.value.versions.map((version) => version.id));
  let n = content.value.versions.length + 1;
  while (taken.has(`v${n}`)) n += 1;
  const last = content.value.versions.at(-1)?.untilMonths;
  return { id: `v${n}`, fromMonths: last ?? 0, untilMonths: null, does: '', say: '' };
}
</script>

<template>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.versions"
    label="Versions"
    path="content.versions"
    one="Version"
    ordered
    :blank="blank"
  >
    <div class="side-by-side">
      <NumberField v-model="row.fromMonths" label="From age" suffix="months" :path="`${path}.fromMonths`" />
      <NumberField
        v-model="row.untilMonths"
        label="Until (empty: open)"
        suffix="months"
        :path="`${path}.untilMonths`"
        empty-is-null
      />
      <ChoiceField
        v-model="row.rung"
        label="Or for a rung"
        none="age decides"
        :path="`${path}.rung`"
        :options="RUNGS"
      />
    </div>
    <TextField v-model="row.does" label="What the child does" :path="`${path}.does`" :rows="1" />
    <div class="side-by-side">
      <TextField v-model="row.say" label="What to ask" :path="`${path}.say`" :rows="1" />
      <TextField v-model="row.changes" label="What changes" :path="`${path}.changes`" :rows="1" />
    </div>
    <div class="side-by-side">
      <LineField v-model="row.word" label="New word: what it means" :path="`${path}.word`" />
      <LineField v-model="row.sign" label="Sign" :path="`${path}.sign`" />
      <LineField v-model="row.fact" label="True fact" :path="`${path}.fact`" />
    </div>
  </RowsField>
</template>
