<script setup lang="ts">
import { packetChanges, pageCount, pagesOf, type SheetId } from '@kobby/core';
import { computed, ref } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** A packet of sheets laid out one page a day, in one go. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

// Packets first: what has several pages.
const sheets = computed(() =>
  Object.values(store.book.sheets)
    .filter(({ retired }) => !retired)
    .toSorted((a, b) => pageCount(b) - pageCount(a) || a.title.localeCompare(b.title, 'en'))
    .map((sheet) => ({
      title: `${sheet.title}, ${pageCount(sheet)} ${pageCount(sheet) === 1 ? 'page' : 'pages'}`,
      value: sheet.id,
    })),
);
const days = computed(() => reading.value.frame.unit.dayCount);
const sheetId = ref<SheetId | null>(sheets.value[0]?.value ?? null);
const fromDay = ref(1);
const sheet = computed(() => (sheetId.value === null ? null : (store.book.sheets[sheetId.value] ?? null)));
const told = computed(() => {
  if (!sheet.value) return 'No sheet is in the library yet.';
  const pages = pagesOf(sheet.value);
  const out = Math.min(pages.length, days.value - fromDay.value + 1);
  const rest = pages.length - out;
  return `Page ${pages[0]} on Day ${fromDay.value}${out > 1 ? `, and so on to Day ${fromDay.value + out - 1}` : ''}${rest > 0 ? `; ${rest} more in the reserve` : ''}.`;
});
const trouble = ref<string | null>(null);
function layOut(): void {
  if (!sheet.value) return;
  const result = store.perform([...packetChanges(sheet.value, fromDay.value, reading.value, newId)]);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot be laid out.');
  if (result.done) emit('close');
}
</script>

<template>
  <PlankSheet v-model="isOpen" title="A packet of sheets" hint="One page a day, a copy for each child.">
    <div class="side-by-side">
      <v-select v-model="sheetId" :items="sheets" label="Sheet of the library" name="sheet" />
      <v-select
        v-model="fromDay"
        :items="Array.from({ length: days }, (_, i) => i + 1)"
        label="From Day"
        name="fromDay"
      />
    </div>
    <p class="soft" data-test="packet">{{ told }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #foot>
      <v-btn class="is-main" :disabled="!sheet" @click="layOut">Lay it out</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Not now</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.wrong {
  color: var(--stop);
  font-weight: 600;
}
</style>
