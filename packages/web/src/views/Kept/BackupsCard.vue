<script setup lang="ts">
import {
  backupsSchema,
  backupTriedSchema,
  kindOf,
  KINDS,
  type Backup,
  type Backups,
  type BackupTried,
} from '@kobby/core';
import { onMounted, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask, chosenFile, sendContent, type Said } from '../../state/api.ts';
import { sizeText, WHY, whenText } from './kept.ts';
import RestoreSheet from './RestoreSheet.vue';

/** The backups beside the home: made, looked into, taken along, brought in, restored. */
const kept = ref<Backups | null>(null);
const busy = ref<string | null>(null);
const trouble = ref<string | null>(null);
const tried = ref<BackupTried | null>(null);

async function doing<T>(what: string, work: () => Promise<Said<T>>, done: (data: T) => void): Promise<void> {
  [busy.value, trouble.value] = [what, null];
  const said = await work();
  busy.value = null;
  if (said.kind === 'ok') done(said.data);
  else trouble.value = said.kind === 'problem' ? said.problem.detail : 'Kobby cannot be reached. Try again.';
}

// What cannot be read comes first, what goes with it after.
const SHOWN = 5;
const nounOf = (kind: string): string =>
  KINDS.filter((one) => one === kind).map((one) => kindOf(one).noun)[0] ?? kind;
const show = (all: Backups): void => void (kept.value = all);
onMounted(() => doing('look', () => ask('GET', '/api/backups', backupsSchema), show));
function dropped(all: Backups): void {
  tried.value = null;
  show(all);
}
const makeOne = () => doing('make', () => ask('POST', '/api/backups', backupsSchema, {}), show);
const look = ({ name }: Backup) =>
  doing(
    name,
    () => ask('POST', `/api/backups/${name}/tried`, backupTriedSchema, {}),
    (found) => (tried.value = found),
  );

function bringIn(event: Event): void {
  const file = chosenFile(event);
  if (!file) return;
  void doing(
    'bring',
    () => sendContent('/api/backups/brought', file, backupTriedSchema),
    (found) => {
      tried.value = found;
      void doing('look', () => ask('GET', '/api/backups', backupsSchema), show);
    },
  );
}
</script>

<template>
  <ShelfCard title="Backups">
    <p v-if="kept" class="soft">
      One is made by itself each day; the newest {{ kept.keepsDaily }} stay. They lie beside the home on the
      same machine: take one along now and then.
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="kept && kept.setAside.length > 0" class="aside" role="status">
      <b>Something of this home could not be read.</b>
      {{ kept.setAside.length === 1 ? '1 entry was' : `${kept.setAside.length} entries were` }} set aside, or
      lost a line over it; as {{ kept.setAside.length === 1 ? 'it was, it is' : 'they were, they are' }} kept
      word by word. A backup from before may still hold it.
      <ul>
        <li v-for="one in kept.setAside.slice(0, SHOWN)" :key="`${one.kind}/${one.id}`">
          {{ nounOf(one.kind) }} “{{ one.id }}”: {{ one.why }}
        </li>
        <li v-if="kept.setAside.length > SHOWN">and {{ kept.setAside.length - SHOWN }} more</li>
      </ul>
    </div>
    <p class="buttons">
      <v-btn class="is-main" :loading="busy === 'make'" @click="makeOne">Back up now</v-btn>
      <label class="v-btn is-side bring" :class="{ waits: busy === 'bring' }">
        {{ busy === 'bring' ? 'Looking into it …' : 'Bring one in' }}
        <input type="file" class="unseen" name="backup" accept=".sqlite,.zip" @change="bringIn" />
      </label>
    </p>
    <p v-if="kept?.backups.length === 0" class="soft">None yet.</p>
    <ul v-else-if="kept">
      <li v-for="backup in kept.backups" :key="backup.name" class="row">
        <span>
          <b>{{ whenText(backup.madeAt) }}</b>
          <small class="soft">{{ WHY[backup.why] }} · {{ sizeText(backup.bytes) }}</small>
        </span>
        <a
          class="v-btn is-quiet take"
          :href="`/api/backups/${backup.name}`"
          download
          :aria-label="`Take along: ${whenText(backup.madeAt)}`"
          >Take along</a
        >
        <v-btn
          class="is-side"
          :loading="busy === backup.name"
          :aria-label="`Look inside: ${whenText(backup.madeAt)}`"
          @click="look(backup)"
          >Look inside</v-btn
        >
      </li>
    </ul>
  </ShelfCard>
  <RestoreSheet v-if="tried" :tried="tried" @close="tried = null" @dropped="dropped" />
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-1) var(--gap-3);
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.row span {
  flex: 1;
  min-width: 180px;
}
small {
  display: block;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
.bring,
.take {
  display: inline-flex;
  align-items: center;
  min-height: 36px;
  padding: 0 var(--gap-4);
  font-size: 13px;
  cursor: pointer;
  border-radius: 999px;
  text-decoration: none;
}
.bring {
  border: 1.5px solid var(--line);
}
.bring:focus-within {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.aside {
  padding: var(--gap-3) var(--gap-4);
  font-size: 13px;
  background: var(--stop-bg);
  border-left: 5px solid var(--stop);
  border-radius: 5px;
}
</style>
