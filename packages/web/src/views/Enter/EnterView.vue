<script setup lang="ts">
import { CAUTION_LINE, doorSchema, type Door, type FieldProblem } from '@kobby/core';
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import FormField from '../../parts/FormField.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { ask, messagesBeside, type Said } from '../../state/api.ts';
import { useTitle } from '../../state/page-title.ts';
import { useBook } from '../../state/book.ts';
import { finishSigningOut } from '../../state/signing-out.ts';
import BringHome from './BringHome.vue';

const store = useBook();
const router = useRouter();
const route = useRoute();
const door = ref<Door | null>(null);
const errors = ref<readonly FieldProblem[]>([]);
const trouble = ref<string | null>(null);
const busy = ref(false);
// The code comes with the link from the terminal; it stands in no history.
const linked = decodeURIComponent(route.hash.slice(1)).slice(0, 40);
if (linked !== '') void router.replace({ ...route, hash: '' });
const fields = ref({
  code: linked,
  homeName: '',
  providerName: '',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  passPhrase: '',
});
const brings = ref(false);
const isNew = computed(() => door.value?.state === 'set-up-needed');

// The door works again by itself when Kobby is back.
const AGAIN_MS = 5000;
let again: ReturnType<typeof setTimeout> | undefined;
onBeforeUnmount(() => clearTimeout(again));
async function look(): Promise<void> {
  clearTimeout(again);
  await finishSigningOut();
  const said = await ask('GET', '/api/door', doorSchema);
  trouble.value =
    said.kind === 'ok' ? null : 'Kobby cannot be reached: is it started? It is tried again by itself.';
  if (said.kind === 'ok') door.value = said.data;
  else again = setTimeout(() => (looking = look()), AGAIN_MS);
  if (door.value?.state === 'signed-in') await goOn();
}
// Whoever types faster than the door answers is let in once it has: Enter is never lost.
let looking: Promise<void> | null = null;
onMounted(() => (looking = look()));

// The hands are at the first field that is empty; by finger that would only bring up the keys.
const form = ref<HTMLFormElement | null>(null);
watch(door, async () => {
  await nextTick();
  const isAtWork = document.activeElement?.matches('input');
  if (isAtWork || window.matchMedia?.('(pointer: coarse)').matches) return;
  [...(form.value?.querySelectorAll('input') ?? [])].find(({ value }) => value === '')?.focus();
});

async function goOn(): Promise<void> {
  await store.load();
  const to =
    typeof route.query.to === 'string' && /^\/(units|house|today|kitchen|watch)/.test(route.query.to)
      ? route.query.to
      : '/units';
  await router.replace(to);
}

// Whether there is a door that takes what was typed: a home that turns out to be new asks for more first.
async function findDoor(): Promise<boolean> {
  const wasKnown = door.value !== null;
  await looking;
  if (!door.value) await look();
  return door.value?.state === 'sign-in-needed' || (isNew.value && wasKnown);
}

async function submit(): Promise<void> {
  busy.value = true;
  const wasOpen = await findDoor();
  if (!wasOpen) return void (busy.value = false);
  const said: Said<Door> = isNew.value
    ? await ask('POST', '/api/setup', doorSchema, fields.value)
    : await ask('POST', '/api/session', doorSchema, { passPhrase: fields.value.passPhrase });
  busy.value = false;
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  if (said.kind === 'ok') return goOn();
  const shown = isNew.value ? Object.keys(fields.value) : ['passPhrase'];
  const beside = messagesBeside(errors.value, shown);
  trouble.value =
    said.kind === 'unreachable'
      ? 'Kobby cannot be reached. What you typed stays here; try again.'
      : (beside[0] ?? (errors.value.length > 0 ? null : `${said.problem.title}. ${said.problem.detail}`));
}
useTitle('page', () => 'The door');
</script>

<template>
  <main class="porch">
    <BringHome v-if="isNew && brings" @back="brings = false" />
    <form v-else ref="form" class="card" novalidate @submit.prevent="submit">
      <TapeLabel>{{ isNew ? 'A new home' : (door?.homeName ?? 'Kobby') }}</TapeLabel>
      <h1>kobby</h1>
      <p class="soft">
        {{ isNew ? 'Five fields, once. Everything else can wait.' : 'Your shelf is as you left it.' }}
      </p>
      <template v-if="isNew">
        <FormField
          v-model="fields.code"
          label="Code from the terminal"
          name="code"
          autocomplete="off"
          :errors="errors"
        />
        <FormField v-model="fields.homeName" label="Name of the home" name="homeName" :errors="errors" />
        <FormField
          v-model="fields.providerName"
          label="Your name"
          name="providerName"
          autocomplete="name"
          :errors="errors"
        />
        <FormField v-model="fields.zone" label="Time zone" name="zone" :errors="errors" />
      </template>
      <FormField
        v-model="fields.passPhrase"
        :label="isNew ? 'A pass-phrase of three or four words' : 'Pass-phrase'"
        name="passPhrase"
        type="password"
        :autocomplete="isNew ? 'new-password' : 'current-password'"
        :errors="errors"
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn class="is-main" type="submit" size="large" :loading="busy">
        {{ isNew ? 'Make this home' : 'Open the door' }}
      </v-btn>
      <v-btn v-if="isNew" class="is-quiet" @click="brings = true">I have a backup of my home</v-btn>
      <details v-if="door?.state === 'sign-in-needed' && !door.demoPassPhrase" class="soft forgotten">
        <summary>Forgotten?</summary>
        Whoever sits at the machine that Kobby runs on gives a new one, in its folder:
        <code>npm start -- new-pass-phrase</code>. Nothing of the home is lost.
      </details>
      <p v-if="door?.demoPassPhrase" class="demo" data-test="demo-hint">
        This is the demo home, all made up. Enter with <b>{{ door.demoPassPhrase }}</b>
      </p>
    </form>
    <p class="line soft">{{ CAUTION_LINE }}</p>
  </main>
</template>

<style scoped>
@import './porch.css';
.porch {
  display: grid;
  place-items: center;
  align-content: center;
  gap: var(--gap-5);
  min-height: 100vh;
  padding: var(--gap-5);
}
.demo {
  padding: var(--gap-3) var(--gap-4);
  background: var(--note-bg);
  border-radius: 5px;
}
.forgotten summary {
  min-height: 24px;
  cursor: pointer;
}
.line {
  max-width: 400px;
  font-size: 12.5px;
  text-align: center;
}
</style>
