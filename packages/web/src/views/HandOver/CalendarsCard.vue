<script setup lang="ts">
import {
  calendarFile,
  CALENDARS,
  eventEntries,
  outboxSchema,
  preparationEntries,
  type CalendarOf,
  type OutboxEntry,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask } from '../../state/api.ts';
import { useReading } from '../../state/unit.ts';

/** Calendar files: special events, and what is made ready; to take along or to send. */
const emit = defineEmits<{ sent: [entries: readonly OutboxEntry[]] }>();
const reading = useReading();
const to = ref('');
const said = ref<string | null>(null);
const entries = computed(() => ({
  events: eventEntries(reading.value),
  preparation: preparationEntries(reading.value),
}));

function takeAlong(of: CalendarOf): void {
  const { unit, home } = reading.value.frame;
  const text = calendarFile(`${CALENDARS[of]}: ${unit.title}`, entries.value[of], {
    zone: home.zone,
    stamp: Date.now(),
  });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
  link.download = `${unit.title} - ${of}.ics`;
  link.click();
  URL.revokeObjectURL(link.href);
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
