<script setup lang="ts">
import { sessionsSchema, type FieldProblem, type OpenSession } from '@kobby/core';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import FormField from '../../parts/FormField.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask, messagesBeside, type Said } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { forgetWholeDevice, signOutOfDevice } from '../../state/signing-out.ts';
import { canKeepVault } from '../../state/vault.ts';
import { whenText } from './kept.ts';

/** Where somebody is signed in, and the pass-phrase. */
const sessions = ref<readonly OpenSession[]>([]);
const trouble = ref<string | null>(null);
const changing = ref(false);
const changed = ref(false);
const fields = ref({ old: '', passPhrase: '' });
const errors = ref<readonly FieldProblem[]>([]);
const store = useBook();
const router = useRouter();
const keepsCopy = canKeepVault();
const forgetting = ref(false);
async function forgetDeviceNow(): Promise<void> {
  await signOutOfDevice(store);
  await forgetWholeDevice();
  await router.push({ name: 'enter' });
}
const DEVICES = { phone: 'A phone or tablet', computer: 'A computer' } as const;

function take(said: Said<{ sessions: readonly OpenSession[] }>): boolean {
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  trouble.value =
    said.kind === 'unreachable'
      ? 'Kobby cannot be reached. Try again.'
      : said.kind === 'problem'
        ? (messagesBeside(errors.value, ['old', 'passPhrase'])[0] ??
          (errors.value.length > 0 ? null : said.problem.detail))
        : null;
  if (said.kind === 'ok') sessions.value = said.data.sessions;
  return said.kind === 'ok';
}
onMounted(async () => take(await ask('GET', '/api/sessions', sessionsSchema)));
const end = async (id: string) => take(await ask('DELETE', `/api/sessions/${id}`, sessionsSchema));

async function change(): Promise<void> {
  if (!take(await ask('POST', '/api/pass-phrase', sessionsSchema, fields.value))) return;
  fields.value = { old: '', passPhrase: '' };
  [changing.value, changed.value] = [false, true];
}
</script>

<template>
  <ShelfCard title="Who is signed in">
    <ul>
      <li v-for="one in sessions" :key="one.id" class="row">
        <span>
          <b>{{ DEVICES[one.device] }}{{ one.isThis ? ', this one' : '' }}</b>
          <small class="soft"
            >since {{ whenText(one.openedAt) }} · last seen {{ whenText(one.seenAt) }}</small
          >
        </span>
        <v-btn
          v-if="!one.isThis"
          class="is-quiet"
          :aria-label="`End: ${DEVICES[one.device]}, since ${whenText(one.openedAt)}`"
          @click="end(one.id)"
          >End it</v-btn
        >
      </li>
    </ul>
    <p class="soft">
      It ends by itself after thirty days, or fourteen without anybody there. Assistants' links are not here.
    </p>
    <p class="soft">
      <template v-if="keepsCopy">
        This device keeps a copy of the home, ciphered, so that the pages open without a network. Signing out
        destroys its key.
      </template>
      <template v-else>
        Over a plain connection (http) a browser keeps no copy of the home: without a network these pages do
        not open.
      </template>
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="changed" role="status">The new pass-phrase is the one; everywhere else it is asked for.</p>
    <p class="buttons">
      <v-btn v-if="sessions.length > 1" class="is-side" @click="end('others')">End all others</v-btn>
      <v-btn v-if="!changing" class="is-side" @click="changing = true">Change the pass-phrase</v-btn>
      <v-btn v-if="!forgetting" class="is-side" @click="forgetting = true">Forget this device</v-btn>
    </p>
    <div v-if="forgetting" class="forget" role="group" aria-label="Forget this device">
      <p>
        For a computer that others use: signs out here, and takes everything of the home off it: the copy,
        what was typed and not kept, links that were opened.
        <b v-if="store.waitingCount">
          {{ store.waitingCount }} changes made here have not arrived yet. They would be lost.
        </b>
      </p>
      <p class="buttons">
        <v-btn class="is-main" @click="forgetDeviceNow">Forget it</v-btn>
        <v-btn class="is-quiet" @click="forgetting = false">Not now</v-btn>
      </p>
    </div>
    <form v-if="changing" novalidate @submit.prevent="change">
      <FormField
        v-model="fields.old"
        label="Pass-phrase of now"
        name="old"
        type="password"
        autocomplete="current-password"
        :errors="errors"
      />
      <FormField
        v-model="fields.passPhrase"
        label="The new one, three or four words"
        name="passPhrase"
        type="password"
        autocomplete="new-password"
        :errors="errors"
      />
      <p class="buttons">
        <v-btn class="is-main" type="submit">Change it</v-btn>
        <v-btn class="is-quiet" @click="changing = false">Not now</v-btn>
      </p>
    </form>
  </ShelfCard>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: var(--gap-3);
  min-height: var(--touch);
  border-top: 1px dashed var(--line);
}
.row span {
  flex: 1;
}
small {
  display: block;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
form,
.forget {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
}
</style>
