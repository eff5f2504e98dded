<script setup lang="ts">
import {
  changesToCarryOn,
  OUTCOMES,
  recordIdOf,
  type Child,
  type DoneOutcome,
  type PlannedThing,
  type RecordOrder,
} from '@kobby/core';
import {
  mdiEmoticonHappyOutline,
  mdiEmoticonNeutralOutline,
  mdiEmoticonSadOutline,
  mdiSkipNextOutline,
} from '@mdi/js';
import { computed, ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import RecordSheet from '../../parts/RecordSheet.vue';
import { recordOrderOf } from '../../state/record.ts';

/** How something went, in one touch or two; the rest behind a third. Said again, it is corrected. */
const props = defineProps<{ thing: PlannedThing; here: readonly Child[]; day: number }>();
const store = useBook();
const reading = useReading();
const isOpen = ref(false);
const carried = ref<string | null>(null);

const GLYPHS: Readonly<Record<DoneOutcome, string>> = {
  loved: mdiEmoticonHappyOutline,
  fine: mdiEmoticonNeutralOutline,
  lost: mdiEmoticonSadOutline,
  skipped: mdiSkipNextOutline,
};
const placement = computed(() => props.thing.session.placement);
const record = computed(() => store.book.records[recordIdOf(placement.value.id, props.day)] ?? null);
const versionName = computed(() => {
  const version = placement.value.content.versions.find(({ id }) => id === record.value?.versionId);
  return version ? `done as: ${version.does}` : '';
});

const orderOf = (): RecordOrder =>
  recordOrderOf(store.book, reading.value.frame.unit.id, placement.value.id, props.day);
const tell = (rest: Partial<RecordOrder>): unknown =>
  store.perform([{ type: 'daybook/record', record: { ...orderOf(), ...rest } }]);

// Begun and not finished: it stays out. That is a step of its own, which can be undone.
function unfinished(): void {
  const now = !record.value?.unfinished;
  tell({ unfinished: now });
  carried.value = null;
  if (!now) return;
  const changes = changesToCarryOn(placement.value, props.day, reading.value.frame, newId);
  if (changes.length > 0) store.perform(changes);
  carried.value =
    changes.length > 0
      ? `It comes again on Day ${props.day + 1}.`
      : 'It is out tomorrow anyway, or this is the last day.';
}
</script>

<template>
  <div class="record">
    <div class="taps" role="group" :aria-label="`How ${placement.content.title} went`">
      <button
        v-for="(one, id) in OUTCOMES"
        :key="id"
        type="button"
        class="tap"
        :aria-pressed="record?.outcome === id"
        :title="one.hint"
        :data-test="`record-${id}`"
        @click="tell({ outcome: id })"
      >
        <v-icon :icon="GLYPHS[id]" size="20" aria-hidden="true" /> {{ one.name }}
      </button>
      <button
        type="button"
        class="tap"
        :aria-pressed="record?.unfinished ?? false"
        data-test="record-unfinished"
        @click="unfinished"
      >
        Not finished
      </button>
      <button type="button" class="tap" data-test="record-more" @click="isOpen = true">
        {{ placement.content.test ? 'Guess and measure …' : 'More …' }}
      </button>
    </div>
    <p v-if="record" class="soft" role="status">
      {{ OUTCOMES[record.outcome].name }}{{ record.unfinished ? ', not finished' : '' }} ({{ record.by }}){{
        versionName ? `, ${versionName}` : ''
      }}{{ record.note ? `. ${record.note}` : '' }}
      {{ carried }}
    </p>
    <RecordSheet
      v-if="isOpen"
      :placement="placement"
      :here="here"
      :record="orderOf()"
      @close="isOpen = false"
    />
  </div>
</template>

<style scoped>
.record {
  display: grid;
  gap: var(--gap-2);
}
.taps {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
</style>
