<script setup lang="ts">
import type { RatioRule } from '@kobby/core';
import { computed } from 'vue';
import { ChoiceField, NumberField, RowsField, SwitchField, TextField } from '../../parts/fields/index.ts';
import FoldedCard from '../../parts/FoldedCard.vue';

/** How many adults a group needs, in the terms of the home's licence. */
const rule = defineModel<RatioRule>({ required: true });
const young = computed({
  get: () => rule.value.young !== null,
  set: (on: boolean | undefined) => {
    rule.value.young = on ? { underMonths: 18, most: 2 } : null;
  },
});
const said = computed(() => {
  const { bands, largestGroup } = rule.value;
  const each = bands.map(
    ({ fromMonths, perAdult }) =>
      `${perAdult} to an adult${fromMonths > 0 ? ` from ${fromMonths} months` : ''}`,
  );
  return (
    [...each, largestGroup === null ? '' : `at most ${largestGroup}`].filter(Boolean).join(', ') ||
    'no rule yet'
  );
});
</script>

<template>
  <FoldedCard title="Adults and children" :value="said">
    <p class="soft">In the terms of your licence. Kobby does the sums; the licence decides.</p>
    <ChoiceField
      v-model="rule.counting"
      label="A mixed group counts"
      path="ratio.counting"
      :options="{ youngest: 'the youngest child decides', shares: 'by adding up shares of an adult' }"
    />
    <RowsField
      v-slot="{ row, path }"
      v-model="rule.bands"
      label="Children to one adult"
      path="ratio.bands"
      one="Age"
      :blank="() => ({ fromMonths: 0, perAdult: 4 })"
    >
      <div class="side-by-side">
        <NumberField v-model="row.fromMonths" label="From age" suffix="months" :path="`${path}.fromMonths`" />
        <NumberField v-model="row.perAdult" label="Children to one adult" :path="`${path}.perAdult`" />
      </div>
    </RowsField>
    <div class="side-by-side">
      <NumberField
        v-model="rule.largestGroup"
        label="Largest group"
        path="ratio.largestGroup"
        empty-is-null
      />
      <SwitchField v-model="young" label="A limit for the youngest" path="ratio.young" />
    </div>
    <div v-if="rule.young" class="side-by-side">
      <NumberField v-model="rule.young.most" label="At most" path="ratio.young.most" />
      <NumberField
        v-model="rule.young.underMonths"
        label="Under"
        suffix="months"
        path="ratio.young.underMonths"
      />
    </div>
    <TextField v-model="rule.text" label="The rule, word for word" path="ratio.text" />
  </FoldedCard>
</template>
