<script setup lang="ts">
import {
  backupsSchema,
  backupTriedSchema,
  type Backups,
  type BackupTried,
  type FieldProblem,
} from '@kobby/core';
import { computed, ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { ask, messagesBeside } from '../../state/api.ts';
import { enterWhenRestored } from '../../state/restoring.ts';
import { COUNTED, whenText } from './kept.ts';

/** What is in a backup, as it was found when it was tried; from here it is restored. */
const props = defineProps<{ tried: BackupTried }>();
const emit = defineEmits<{ close: []; dropped: [backups: Backups] }>();
const dropping = ref(false);
const passPhrase = ref('');
const errors = ref<readonly FieldProblem[]>([]);
const trouble = ref<string | null>(null);
const state = ref<'looking' | 'asked' | 'restoring'>('looking');
const open = computed({ get: () => true, set: () => state.value !== 'restoring' && emit('close') });
const holds = computed(() =>
  Object.entries(COUNTED).flatMap(([kind, [one, many]]) => {
    const count = props.tried.counts[kind as keyof typeof COUNTED] ?? 0;
    return count === 0 ? [] : [`${count} ${count === 1 ? one : many}`];
  }),
);

async function restore(): Promise<void> {
  state.value = 'restoring';
  const request = { name: props.tried.name, passPhrase: passPhrase.value };
  const said = await ask('POST', '/api/restore', backupTriedSchema, request);
  if (said.kind === 'ok') return enterWhenRestored();
  state.value = 'asked';
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  trouble.value =
    said.kind === 'unreachable'
      ? 'Kobby cannot be reached. Nothing was changed.'
      : (messagesBeside(errors.value, ['passPhrase'])[0] ??
        (errors.value.length > 0 ? null : said.problem.detail));
}

// For good: pressed once more to be sure.
async function drop(): Promise<void> {
  if (!dropping.value) {
    dropping.value = true;
    return;
  }
  const said = await ask('DELETE', `/api/backups/${props.tried.name}`, backupsSchema);
  if (said.kind === 'ok') emit('dropped', said.data);
  else trouble.value = said.kind === 'problem' ? said.problem.detail : 'Kobby cannot be reached. Try again.';
}
</script>

<template>
  <PlankSheet
    v-model="open"
    :title="tried.homeName"
    :hint="tried.madeAt ? `as it was on ${whenText(tried.madeAt)}` : 'when it was made, it does not say'"
  >
    <p class="told">
      It holds {{ holds.join(', ') || 'a home with nothing in it yet'
      }}{{ tried.files === 0 ? '' : `, and ${tried.files} ${tried.files === 1 ? 'file' : 'files'}` }}.
    </p>
    <div v-if="tried.unreadable.length > 0">
      <p>
        <b
          >{{ tried.unreadable.length }} {{ tried.unreadable.length === 1 ? 'thing' : 'things' }} in it cannot
          be read</b
        >
        and would be left out:
      </p>
      <ul class="unreadable">
        <li v-for="(why, i) in tried.unreadable.slice(0, 20)" :key="i">{{ why }}</li>
        <li v-if="tried.unreadable.length > 20">and {{ tried.unreadable.length - 20 }} more</li>
      </ul>
    </div>
    <p v-else class="soft">All of it can be read.</p>
    <template v-if="state !== 'looking'">
      <p class="told">
        What is in the home now is backed up first, so you can come back to it. Everybody has to sign in
        again. Links that are given out now go on working where the backup knows them; the others are made
        anew.
        {{ tried.hasPassPhrase ? '' : 'It brings no pass-phrase along: yours stays.' }}
      </p>
      <form novalidate @submit.prevent="restore">
        <FormField
          v-model="passPhrase"
          label="Your pass-phrase, once more"
          name="passPhrase"
          type="password"
          autocomplete="current-password"
          :errors="errors"
        />
        <v-btn class="is-main" type="submit" :loading="state === 'restoring'"
          >Put this in the place of the home</v-btn
        >
      </form>
    </template>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #foot>
      <v-btn v-if="state === 'looking'" class="is-main" @click="state = 'asked'">Restore it …</v-btn>
      <v-btn class="is-quiet" :disabled="state === 'restoring'" @click="emit('close')">Leave it</v-btn>
      <v-btn v-if="state === 'looking'" class="is-quiet drop" @click="drop">
        {{ dropping ? 'Press again: it goes for good' : 'Take it away' }}
      </v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.drop {
  margin-left: auto;
}
.told {
  padding: var(--gap-2) 0;
}
form {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
  align-items: flex-start;
  padding-top: var(--gap-3);
}
form > :deep(.v-input) {
  width: 100%;
}
.unreadable {
  max-height: 200px;
  overflow: auto;
  font-size: 13px;
}
</style>
