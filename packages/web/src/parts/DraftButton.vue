<script setup lang="ts">
import { mdiCreationOutline } from '@mdi/js';
import type { DraftAsk } from '@kobby/core';
import { useRoute, useRouter } from 'vue-router';
import { useProposing } from '../state/proposing.ts';
import { useReading } from '../state/unit.ts';

/** Asks for a draft of what is free, and goes to where it is shown. */
const props = defineProps<{ ask?: Partial<DraftAsk>; shown?: 'corners' | 'days' }>();

const reading = useReading();
const proposing = useProposing();
const route = useRoute();
const router = useRouter();
const SHOWN = new Set(['corners', 'days', 'trays']);
function draft(): void {
  proposing.begin(props.ask ?? {});
  const { id: unitId } = reading.value.frame.unit;
  if (!SHOWN.has(String(route.name)))
    void router.push({ name: props.shown ?? 'corners', params: { unitId } });
}
</script>

<template>
  <v-btn
    class="is-side"
    size="small"
    :prepend-icon="mdiCreationOutline"
    :disabled="reading.frame.calendar.days.length === 0"
    @pointerenter="proposing.ahead(ask ?? {})"
    @focus="proposing.ahead(ask ?? {})"
    @click="draft"
  >
    <slot>Draft the rest</slot>
  </v-btn>
</template>
