<script setup lang="ts">
import { NumberField } from '../fields/index.ts';
import type { ContentInput } from './content.ts';

/** How long an activity takes: a turn, how many at once, putting it back, clearing up. */
const content = defineModel<ContentInput>({ required: true });
</script>

<template>
  <div class="side-by-side">
    <NumberField
      v-model="content.turnMinutes"
      label="A turn takes"
      suffix="minutes"
      path="content.turnMinutes"
      empty-is-null
    />
    <NumberField v-model="content.atOnce" label="Children at once" path="content.atOnce" empty-is-null />
    <NumberField
      v-model="content.resetMinutes"
      label="Put back between children"
      suffix="minutes"
      path="content.resetMinutes"
    />
    <NumberField
      v-model="content.cleanUpMinutes"
      label="Clean-up"
      suffix="minutes"
      path="content.cleanUpMinutes"
    />
  </div>
</template>
