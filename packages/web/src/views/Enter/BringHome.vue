<script setup lang="ts">
import { backupTriedSchema, SETUP_CODE_HEADER, type BackupTried, type FieldProblem } from '@kobby/core';
import { ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { ask, chosenFile, messagesBeside, sendContent, type Said } from '../../state/api.ts';
import { enterWhenRestored } from '../../state/restoring.ts';

/** A new home that begins with an old one: a backup, or the file of a whole home. */
defineEmits<{ back: [] }>();
const code = ref('');
const passPhrase = ref('');
const tried = ref<BackupTried | null>(null);
const errors = ref<readonly FieldProblem[]>([]);
const trouble = ref<string | null>(null);
const busy = ref(false);

async function asking<T>(work: () => Promise<Said<T>>, done: (data: T) => void): Promise<void> {
  busy.value = true;
  const said = await work();
  busy.value = false;
  errors.value = said.kind === 'problem' ? said.problem.errors : [];
  if (said.kind === 'ok') {
    trouble.value = null;
    done(said.data);
  } else if (said.kind === 'unreachable')
    trouble.value = 'Kobby cannot be reached. Nothing was changed; try again.';
  else {
    const beside = messagesBeside(errors.value, ['code', 'passPhrase'])[0];
    trouble.value = beside ?? (errors.value.length > 0 ? null : said.problem.detail);
  }
}

function look(event: Event): void {
  const file = chosenFile(event);
  if (!file) return;
  void asking(
    () => sendContent('/api/setup/brought', file, backupTriedSchema, { [SETUP_CODE_HEADER]: code.value }),
    (found) => (tried.value = found),
  );
}

const begin = () =>
  asking(
    () =>
      ask('POST', '/api/setup/restore', backupTriedSchema, {
        code: code.value,
        name: tried.value!.name,
        passPhrase: tried.value!.hasPassPhrase ? null : passPhrase.value,
      }),
    () => {
      busy.value = true;
      void enterWhenRestored();
    },
  );
</script>

<template>
  <form class="card" novalidate @submit.prevent="begin">
    <TapeLabel>A home that was</TapeLabel>
    <h1>kobby</h1>
    <FormField
      v-model="code"
      label="Code from the terminal"
      name="code"
      autocomplete="off"
      :errors="errors"
    />
    <label v-if="!tried" class="file">
      A backup, or the file of a whole home
      <input type="file" name="backup" accept=".sqlite,.zip" :disabled="busy" @change="look" />
    </label>
    <template v-else>
      <p>
        <b>{{ tried.homeName }}</b>: {{ tried.counts.children ?? 0 }} children,
        {{ tried.counts.units ?? 0 }} units.
        {{ tried.unreadable.length === 0 ? 'All of it can be read.' : '' }}
      </p>
      <div v-if="tried.unreadable.length > 0">
        <p>{{ tried.unreadable.length }} of it cannot be read and would be left out:</p>
        <ul class="unreadable">
          <li v-for="(why, i) in tried.unreadable.slice(0, 12)" :key="i">{{ why }}</li>
        </ul>
      </div>
      <FormField
        v-if="!tried.hasPassPhrase"
        v-model="passPhrase"
        label="A pass-phrase of three or four words"
        name="passPhrase"
        type="password"
        autocomplete="new-password"
        :errors="errors"
      />
      <p v-else class="soft">You sign in with the pass-phrase that it had.</p>
    </template>
    <p v-if="busy" role="status">A moment …</p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <v-btn v-if="tried" class="is-main" type="submit" size="large" :disabled="busy"
      >Go on with this home</v-btn
    >
    <v-btn class="is-quiet" :disabled="busy" @click="$emit('back')">Make a new one instead</v-btn>
  </form>
</template>

<style scoped>
@import './porch.css';
.file {
  display: grid;
  gap: var(--gap-2);
}
.unreadable {
  max-height: 160px;
  overflow: auto;
  font-size: 13px;
}
</style>
