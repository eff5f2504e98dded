<script setup lang="ts">
import { formatDay, shareMadeSchema, whoLacksLink, type FieldProblem } from '@kobby/core';
import QRCode from 'qrcode';
import { computed, ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import SideTabs from '../../parts/SideTabs.vue';
import { ask, instantNow, messageFor, messagesBeside, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { personOptions } from '../../state/options.ts';
import { useReading } from '../../state/unit.ts';

/** A link as it was made: its address is told only once. */
export interface MadeLink {
  readonly label: string;
  readonly address: string;
  readonly picture: string;
  readonly isSecure: boolean;
}

/** A new link: to a day, to the unit, or to the groups of one person; with a last date and a pass-phrase if wanted. */
const emit = defineEmits<{ made: [link: MadeLink] }>();
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const days = computed(() => reading.value.frame.calendar.days);
const today = computed(() => days.value.find((day) => day.date >= store.today!)?.number ?? 1);

const REACH = { day: 'A day', unit: 'The unit', stations: 'One person’s groups' } as const;
const reach = ref<keyof typeof REACH>('unit');
const personId = ref<string | null>(null);
const fields = ref({
  label: '',
  fromDay: String(today.value),
  toDay: String(unit.value.dayCount),
  lastDate: '',
  passPhrase: '',
});
const errors = ref<readonly FieldProblem[]>([]);
const trouble = ref<string | null>(null);
const people = computed(() => personOptions(store.book));
const dayOptions = computed(() =>
  days.value.map(({ number, date }) => ({
    title: `Day ${number}, ${formatDay(date)}`,
    value: String(number),
  })),
);

function choosePerson(id: string | null): void {
  personId.value = id;
  const name = people.value.find(({ value }) => value === id)?.title;
  if (name) fields.value.label = name;
}

// Proposed is whoever works here and has no link to this unit yet.
function propose(): void {
  const next = whoLacksLink(store.book, unit.value.id);
  if (next) choosePerson(next.id);
}
propose();

async function make(): Promise<void> {
  const { label, fromDay, toDay, lastDate, passPhrase } = fields.value;
  const share = {
    id: `link-${newId()}`,
    unitId: unit.value.id,
    label,
    fromDay: Number(fromDay),
    toDay: Number(reach.value === 'day' ? fromDay : toDay),
    lastDate: lastDate || null,
    personId: personId.value,
    scope: reach.value === 'stations' ? 'stations' : 'all',
  };
  const order = { gestureId: newId(), at: instantNow(), share, passPhrase: passPhrase || null };
  const said = await ask('POST', '/api/shares', shareMadeSchema, order);
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  trouble.value =
    said.kind === 'unreachable'
      ? 'A link needs the server, and it cannot be reached. What you typed stays here.'
      : null;
  if (said.kind === 'problem' && errors.value.length === 0) trouble.value = said.problem.detail;
  if (said.kind !== 'ok') return;
  const origin = store.publicAddress ?? window.location.origin;
  const address = `${origin.replace(/\/$/, '')}/with/${share.id}#${said.data.secret}`;
  const { protocol, hostname } = new URL(address);
  emit('made', {
    label,
    address,
    picture: await QRCode.toDataURL(address, { margin: 1, width: 240 }),
    // Browsers count the machine itself as secure.
    isSecure: protocol === 'https:' || hostname === 'localhost' || hostname === '127.0.0.1',
  });
  fields.value = { ...fields.value, label: '', passPhrase: '' };
  personId.value = null;
  propose();
}
const SHOWN = ['label', 'fromDay', 'toDay', 'lastDate', 'passPhrase', 'personId'];
</script>

<template>
  <ShelfCard title="A new link">
    <p v-if="days.length === 0" class="soft">
      An idea has no days yet that a link could show: give it a start on Spark.
    </p>
    <form v-else class="fields" novalidate @submit.prevent="make">
      <SideTabs v-model="reach" label="What it shows" :options="REACH" />
      <v-select
        data-test="link-person"
        :model-value="personId"
        :items="people"
        clearable
        :label="reach === 'stations' ? 'Whose groups' : 'Whose groups come first'"
        :error-messages="messageFor(errors, 'personId')"
        @update:model-value="choosePerson"
      />
      <FormField v-model="fields.label" label="For whom" name="label" autocomplete="off" :errors="errors" />
      <div class="pair">
        <v-select
          v-model="fields.fromDay"
          :items="dayOptions"
          :label="reach === 'day' ? 'Day' : 'From'"
          name="fromDay"
          :error-messages="messageFor(errors, 'fromDay')"
        />
        <v-select
          v-if="reach !== 'day'"
          v-model="fields.toDay"
          :items="dayOptions"
          label="To"
          name="toDay"
          :error-messages="messageFor(errors, 'toDay')"
        />
      </div>
      <FormField
        v-model="fields.lastDate"
        label="Opens until (may stay empty)"
        name="lastDate"
        type="date"
        :errors="errors"
      />
      <FormField
        v-model="fields.passPhrase"
        label="Pass-phrase (may stay empty)"
        name="passPhrase"
        autocomplete="off"
        :errors="errors"
      />
      <p v-for="message in messagesBeside(errors, SHOWN)" :key="message" class="wrong" role="alert">
        {{ message }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <v-btn class="is-main" type="submit">Make the link</v-btn>
      <p class="soft small">
        It shows who does what by first name, with which things, what to say and whom to watch for. Families
        are not meant to have it.
      </p>
    </form>
  </ShelfCard>
</template>

<style scoped>
.fields {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
}
.pair {
  display: grid;
  gap: var(--gap-4);
}
.small {
  font-size: 12.5px;
}
</style>
