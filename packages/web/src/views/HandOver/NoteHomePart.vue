<script setup lang="ts">
import {
  composeNoteHome,
  read,
  outboxSchema,
  type FieldProblem,
  type LetterOrder,
  type OutboxEntry,
} from '@kobby/core';
import { computed, onMounted, ref } from 'vue';
import { RouterLink } from 'vue-router';
import FormField from '../../parts/FormField.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask, instantNow, messageFor, messagesBeside, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import CalendarsCard from './CalendarsCard.vue';

/** The note home: composed from the plan, edited freely, sent by the outbox that ships with Kobby, or printed. */
const store = useBook();
const reading = useReading();
const unitId = computed(() => reading.value.frame.unit.id);
const draft = computed(
  () =>
    Object.values(store.book.letters).find((one) => one.unitId === unitId.value && one.sentAt === null) ??
    null,
);
const fields = ref({ subject: '', text: '', to: '' });
const errors = ref<readonly FieldProblem[]>([]);
const said = ref<string | null>(null);
const entries = ref<readonly OutboxEntry[]>([]);

function compose(): void {
  const { subject, text } = composeNoteHome(
    store.forOthers,
    read(store.forOthers, reading.value.frame.unit.id, store.today!),
    store.today!,
  );
  fields.value = { ...fields.value, subject, text };
}
function begin(): void {
  if (draft.value) {
    const { subject, text, to } = draft.value;
    fields.value = { subject, text, to: to.join('\n') };
  } else compose();
}
onMounted(async () => {
  begin();
  const outbox = await ask('GET', '/api/outbox', outboxSchema);
  if (outbox.kind === 'ok') entries.value = outbox.data.entries;
});

const addresses = computed(() => fields.value.to.split(/[\s,;]+/).filter(Boolean));
// What was asked for and not answered is asked again as it was: it goes out once.
const pending = ref<object | null>(null);
const writing = ref<LetterOrder['id'] | null>(null);
const sentAs = ref<string | null>(null);
const isSent = computed(() => sentAs.value === JSON.stringify(fields.value));

// What was typed is kept as it is left; nothing is kept half.
function keep(): LetterOrder['id'] | null {
  const { subject, text } = fields.value;
  writing.value ??= draft.value?.id ?? (`letter-${newId()}` as LetterOrder['id']);
  const letter: LetterOrder = { id: writing.value, unitId: unitId.value, subject, text, to: addresses.value };
  const result = store.perform([{ type: 'handover/put-letter', letter }]);
  errors.value = result.done ? [] : result.errors;
  said.value = result.done ? 'Kept.' : null;
  return result.done ? letter.id : null;
}
async function send(): Promise<void> {
  pending.value ??= await order();
  if (pending.value === null) return;
  const answer = await ask('POST', '/api/outbox', outboxSchema, pending.value);
  if (answer.kind === 'unreachable') {
    said.value =
      'Nobody knows whether it was sent: Kobby cannot be reached. Send it again; it goes out once.';
    return;
  }
  pending.value = null;
  if (answer.kind === 'problem') {
    said.value = `Not sent: ${answer.problem.detail}`;
    return;
  }
  entries.value = answer.data.entries;
  said.value = `Sent to ${addresses.value.length}: the message files lie in the outbox.`;
  sentAs.value = JSON.stringify(fields.value);
  writing.value = null;
}
async function order(): Promise<object | null> {
  const letterId = keep();
  if (letterId === null) return null;
  await store.settled();
  const version = store.book.letters[letterId]?.version ?? 0;
  return { kind: 'letter', gestureId: newId(), at: instantNow(), letterId, version };
}
const toWrong = computed(() =>
  errors.value.filter(({ path }) => path.includes('to')).map(({ message }) => message),
);
</script>

<template>
  <div class="columns">
    <ShelfCard title="Note home">
      <form class="fields" novalidate @submit.prevent="send">
        <FormField v-model="fields.subject" label="Subject" name="subject" :errors="errors" />
        <v-textarea
          v-model="fields.text"
          label="The note, in your own words"
          name="text"
          rows="12"
          auto-grow
          :error-messages="messageFor(errors, 'text')"
        />
        <v-textarea
          v-model="fields.to"
          label="To: addresses of families, one a line. Each sees only their own."
          name="to"
          rows="2"
          auto-grow
          :error-messages="toWrong"
        />
        <p
          v-for="message in messagesBeside(errors, [
            'subject',
            'text',
            ...addresses.map((_, i) => String(i)),
          ])"
          :key="message"
          class="wrong"
          role="alert"
        >
          {{ message }}
        </p>
        <div class="acts">
          <v-btn class="is-main" type="submit" :disabled="isSent">{{ isSent ? 'Sent' : 'Send' }}</v-btn>
          <v-btn class="is-side" @click="keep">Keep as a draft</v-btn>
          <v-btn class="is-side" @click="compose">Compose anew from the plan</v-btn>
          <RouterLink :to="{ name: 'print', params: { unitId, sheet: 'note-home' } }">Print it</RouterLink>
        </div>
        <p v-if="said" role="status">{{ said }}</p>
        <p class="soft small">
          No child, allergy or caution stands in what Kobby composes. Nothing leaves this machine: the outbox
          that ships with Kobby writes message files that a mail program opens.
        </p>
      </form>
    </ShelfCard>
    <div class="stack">
      <ShelfCard :title="`Outbox · ${entries.length}`" label="Outbox">
        <p v-if="entries.length === 0" class="soft">Nothing was sent yet.</p>
        <ul data-test="outbox">
          <li v-for="entry in entries" :key="entry.name">
            <a :href="`/api/outbox/${encodeURIComponent(entry.name)}`" download>{{ entry.subject }}</a>
            <small class="soft">to {{ entry.to }}</small>
          </li>
        </ul>
      </ShelfCard>
      <CalendarsCard @sent="entries = $event" />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(220px, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack,
.fields {
  display: grid;
  gap: var(--gap-4);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.acts a {
  color: var(--ink);
}
li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
li a {
  color: var(--ink);
}
small {
  display: block;
}
.small {
  font-size: 12.5px;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
