<script setup lang="ts">
import { sessionsOf, type Placement } from '@kobby/core';
import { computed, ref } from 'vue';
import { useBook } from '../state/book.ts';
import { recordOrderOf } from '../state/record.ts';
import { useReading } from '../state/unit.ts';
import RecordSheet from './RecordSheet.vue';
import TestLines from './TestLines.vue';
import TestPicture from './TestPicture.vue';

/** A test of something placed: what is planned, what came out on each day, and on its days a place to write that down. */
const props = defineProps<{ placement: Placement }>();
const store = useBook();
const reading = useReading();
const isOpen = ref(false);
const told = computed(() =>
  Object.values(store.book.records)
    .filter((one) => one.placementId === props.placement.id && one.test !== null)
    .toSorted((a, b) => a.day - b.day),
);
// The newest of its days that is not to come.
const session = computed(
  () =>
    sessionsOf(props.placement, reading.value.frame).findLast(({ day }) => day.date <= store.today!) ?? null,
);
const order = () =>
  recordOrderOf(store.book, reading.value.frame.unit.id, props.placement.id, session.value!.day.number);
</script>

<template>
  <TestLines v-if="placement.content.test" :test="placement.content.test" />
  <v-btn v-if="placement.content.test && session" class="is-side note" size="small" @click="isOpen = true">
    Guess and measure, Day {{ session.day.number }}
  </v-btn>
  <TestPicture
    v-for="one in told"
    :key="one.id"
    :test="one.test!"
    :children="store.book.children"
    :title="`What came out on Day ${one.day}`"
  />
  <RecordSheet
    v-if="isOpen && session"
    :placement="placement"
    :here="session.seats.map(({ child }) => child)"
    :record="order()"
    @close="isOpen = false"
  />
</template>

<style scoped>
.note {
  align-self: flex-start;
  justify-self: start;
}
</style>
