<script setup lang="ts">
import {
  calendarFile,
  CALENDARS,
  eventEntries,
  outboxSchema,
  preparationEntries,
  read,
  type CalendarEntry,
  type CalendarOf,
  type OutboxEntry,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask, giveFile } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Calendar files: special events, and what is made ready; to take along or to send. */
const emit = defineEmits<{ sent: [entries: readonly OutboxEntry[]] }>();
const reading = useReading();
const to = ref('');
const said = ref<string | null>(null);
const store = useBook();
const entries = computed(() => {
  const shown = read(store.forOthers, reading.value.frame.unit.id, store.today!);
  return { events: eventEntries(shown), preparation: preparationEntries(shown) };
});

function takeAlong(of: CalendarOf): void {
  giveCalendar(CALENDARS[of], of, entries.value[of]);
}
function allInOne(): void {
  giveCalendar('Kobby', 'all', [...entries.value.events, ...entries.value.preparation]);
}
function giveCalendar(name: string, end: string, list: readonly CalendarEntry[]): void {
  const { unit, home } = reading.value.frame;
  const text = calendarFile(`${name}: ${unit.title}`, list, { zone: home.zone, stamp: Date.now() });
  giveFile(`${unit.title} - ${end}.ics`, 'text/calendar', text);
}
async function send(of: CalendarOf): Promise<void> {
  const addresses = to.value.split(/[\s,;]+/).filter(Boolean);
  const request = { kind: 'calendar', unitId: reading.value.frame.unit.id, of, to: addresses };
  const answer = await ask('POST', '/api/outbox', outboxSchema, request);
  if (answer.kind === 'ok') {
    emit('sent', answer.data.entries);
    said.value = `Sent to ${addresses.length}.`;
  } else if (answer.kind === 'problem')
    said.value = `Not sent: ${answer.problem.errors[0]?.message ?? answer.problem.detail}`;
  else said.value = 'Not sent: the server cannot be reached.';
}
</script>

<template>
  <ShelfCard title="Calendars">
    <ul>
      <li v-for="(name, which) in CALENDARS" :key="which">
        <span
          ><b>{{ name }}</b>
          <small class="soft"
            >{{ entries[which].length }} {{ entries[which].length === 1 ? 'entry' : 'entries' }}</small
          ></span
        >
        <v-btn class="is-side" :disabled="entries[which].length === 0" @click="takeAlong(which)">File</v-btn>
        <v-btn
          class="is-side"
          :disabled="entries[which].length === 0 || to.trim() === ''"
          @click="send(which)"
          >Send</v-btn
        >
      </li>
    </ul>
    <p>
      <v-btn
        class="is-side"
        :disabled="entries.events.length + entries.preparation.length === 0"
        @click="allInOne"
        >All in one file</v-btn
      >
    </p>
    <v-text-field v-model="to" label="Send to" name="calendarTo" hide-details />
    <p v-if="said" role="status">{{ said }}</p>
  </ShelfCard>
</template>

<style scoped>
li {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li span {
  flex: 1;
}
small {
  display: block;
}
</style>
