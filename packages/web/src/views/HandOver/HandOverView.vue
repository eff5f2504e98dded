<script setup lang="ts">
import { mdiCheckBold, mdiContentCopy, mdiLinkOff } from '@mdi/js';
import { formatDay, shareClosedBecause, shareMadeSchema, type FieldProblem, type Share } from '@kobby/core';
import { computed, ref } from 'vue';
import QRCode from 'qrcode';
import FormField from '../../parts/FormField.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask, instantNow, messagesBeside, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Links for assistants, and what was ticked off with them. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const today = computed(
  () => reading.value.frame.calendar.days.find((day) => day.date >= store.today!)?.number ?? 1,
);
const fields = ref({
  label: '',
  fromDay: String(today.value),
  toDay: String(unit.value.dayCount),
  lastDate: '',
});
const errors = ref<readonly FieldProblem[]>([]);
const trouble = ref<string | null>(null);
const made = ref<{ label: string; address: string; picture: string } | null>(null);
const copied = ref(false);

const links = computed(() =>
  Object.values(store.book.shares).filter((share) => share.unitId === unit.value.id),
);
const ticks = computed(() =>
  Object.values(store.book.ticks)
    .filter((tick) => store.book.placements[tick.placementId]?.unitId === unit.value.id)
    .toSorted((a, b) => (a.at < b.at ? 1 : -1)),
);

async function make(): Promise<void> {
  const { label, fromDay, toDay, lastDate } = fields.value;
  const share = {
    id: `link-${newId()}`,
    unitId: unit.value.id,
    label,
    fromDay: Number(fromDay),
    toDay: Number(toDay),
    lastDate: lastDate || null,
  };
  const said = await ask('POST', '/api/shares', shareMadeSchema, {
    gestureId: newId(),
    at: instantNow(),
    share,
  });
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  trouble.value =
    said.kind === 'unreachable'
      ? 'A link needs the server, and it cannot be reached. What you typed stays here.'
      : null;
  if (said.kind === 'problem' && errors.value.length === 0) trouble.value = said.problem.detail;
  if (said.kind !== 'ok') return;
  const origin = store.publicAddress ?? window.location.origin;
  const address = `${origin.replace(/\/$/, '')}/with/${share.id}#${said.data.secret}`;
  made.value = { label, address, picture: await QRCode.toDataURL(address, { margin: 1, width: 240 }) };
  copied.value = false;
  fields.value = { ...fields.value, label: '' };
}

async function copy(): Promise<void> {
  await navigator.clipboard?.writeText(made.value!.address);
  copied.value = true;
}

const stateOf = (share: Share): string => {
  const closed = shareClosedBecause(share, store.today!);
  if (closed) return closed === 'revoked' ? 'taken back' : 'run out';
  return share.lastDate ? `until ${formatDay(share.lastDate)}` : 'open';
};
</script>

<template>
  <PageBar
    title="Hand over"
    hint="a link opens on a phone, without an account, and shows no more than it was made for"
  />
  <div class="columns">
    <ShelfCard title="A new link">
      <form class="fields" novalidate @submit.prevent="make">
        <FormField v-model="fields.label" label="For whom" name="label" autocomplete="off" :errors="errors" />
        <div class="pair">
          <FormField
            v-model="fields.fromDay"
            label="From Day"
            name="fromDay"
            type="number"
            :errors="errors"
          />
          <FormField v-model="fields.toDay" label="To Day" name="toDay" type="number" :errors="errors" />
        </div>
        <FormField
          v-model="fields.lastDate"
          label="Opens until (may stay empty)"
          name="lastDate"
          type="date"
          :errors="errors"
        />
        <p
          v-for="message in messagesBeside(errors, ['label', 'fromDay', 'toDay', 'lastDate'])"
          :key="message"
          role="alert"
        >
          {{ message }}
        </p>
        <p v-if="trouble" role="alert">{{ trouble }}</p>
        <v-btn class="is-main" type="submit">Make the link</v-btn>
        <p class="soft small">
          It shows the days, the set-ups, who does what by first name, the things, and whom to watch for.
          Families are not meant to have it.
        </p>
      </form>
    </ShelfCard>
    <div class="stack">
      <ShelfCard v-if="made" :title="`For ${made.label}`" aria-live="polite">
        <div class="made">
          <img :src="made.picture" width="150" height="150" alt="The link as a code for a phone's camera" />
          <div>
            <p>Let the phone's camera look at it, or send the address. It is shown only now.</p>
            <output data-test="link-address">{{ made.address }}</output>
            <v-btn class="is-side" :prepend-icon="mdiContentCopy" @click="copy">{{
              copied ? 'Copied' : 'Copy'
            }}</v-btn>
          </div>
        </div>
      </ShelfCard>
      <ShelfCard :title="`Links · ${links.length}`" label="Links that are out">
        <p v-if="links.length === 0" class="soft">No link yet.</p>
        <ul>
          <li v-for="share in links" :key="share.id" class="row">
            <b>{{ share.label }}</b>
            <span class="soft figures"
              >Day {{ share.fromDay }} to {{ share.toDay }} · {{ stateOf(share) }}</span
            >
            <v-btn
              v-if="!share.revokedAt"
              class="is-quiet"
              :prepend-icon="mdiLinkOff"
              :aria-label="`Take back the link for ${share.label}`"
              @click="store.perform([{ type: 'share/revoke', shareId: share.id }])"
            >
              Take back
            </v-btn>
          </li>
        </ul>
      </ShelfCard>
      <ShelfCard :title="`Ticked off · ${ticks.length}`" label="Ticked off">
        <p v-if="ticks.length === 0" class="soft">Nothing yet. What assistants tick appears here at once.</p>
        <ul aria-live="polite" data-test="ticks">
          <li v-for="tick in ticks" :key="tick.id" class="row">
            <v-icon :icon="mdiCheckBold" size="16" aria-hidden="true" />
            <b>{{ store.book.placements[tick.placementId]?.content.title }}</b>
            <span class="soft">
              <template v-if="tick.supplyId">{{ store.book.supplies[tick.supplyId]?.name }} · </template>Day
              {{ tick.day }} · {{ tick.by }}
            </span>
          </li>
        </ul>
      </ShelfCard>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(0, 1.5fr);
  gap: 18px;
  align-items: start;
}
.stack {
  display: grid;
  gap: 18px;
}
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.made {
  gap: 12px;
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
}
.made img {
  border-radius: 4px;
}
output {
  display: block;
  margin: 6px 0 8px;
  padding: 6px 8px;
  background: var(--well);
  border-radius: 4px;
  font-size: 12.5px;
  overflow-wrap: anywhere;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 5px 0;
  border-top: 1px dashed var(--line);
}
.row .v-btn {
  margin-left: auto;
}
.small {
  font-size: 12.5px;
}
[role='alert'] {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
