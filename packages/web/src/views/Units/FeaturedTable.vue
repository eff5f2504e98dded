<script setup lang="ts">
import { FEATURE_KINDS, featureKey, type FeatureKind, type Year } from '@kobby/core';
import { computed } from 'vue';

/** Which letters, numbers, colours and shapes were featured when: what was done is marked, what was not is plain. */
const props = defineProps<{ year: Year }>();
const ALPHABET = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
const KINDS = Object.keys(FEATURE_KINDS) as FeatureKind[];

const rows = computed(() =>
  KINDS.map((kind) => {
    const known = props.year.values[kind];
    const values =
      kind === 'letter' ? [...new Set([...ALPHABET, ...known.map((value) => value.toUpperCase())])] : known;
    return {
      kind,
      values: values.map((value) => ({
        value,
        when: props.year.featured.get(featureKey({ kind, value })) ?? [],
      })),
    };
  }),
);
</script>

<template>
  <dl class="featured">
    <div v-for="row in rows" :key="row.kind">
      <dt>{{ FEATURE_KINDS[row.kind] }}</dt>
      <dd>
        <span
          v-for="{ value, when } in row.values"
          :key="value"
          :class="{ done: when.length }"
          :title="when.map(({ text }) => text).join('; ') || 'not yet'"
        >
          {{ value }}<small v-if="when.length > 1" class="figures"> {{ when.length }}×</small
          ><span v-if="when.length" class="sr-only">
            featured in {{ when.map(({ text }) => text).join('; ') }}</span
          >
        </span>
        <span v-if="row.values.length === 0" class="soft">none yet</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.featured div {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: var(--gap-3);
  align-items: baseline;
  padding: var(--gap-2) 0;
}
dt {
  font-weight: 600;
}
dd {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
dd > span {
  min-width: 22px;
  padding: 0 var(--gap-2);
  color: var(--ink-soft);
  font-size: 13px;
  text-align: center;
}
.done {
  background: var(--tape);
  color: var(--tape-ink) !important;
  font-weight: 700;
}
</style>
