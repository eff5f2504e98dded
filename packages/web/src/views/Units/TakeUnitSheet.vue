<script setup lang="ts">
import { readUnitFile, takeInUnit, type KeptFile, type UnitFile } from '@kobby/core';
import { computed, ref, shallowRef } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { chosenFile, newId, sendFile } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** A unit from another home: what it brings and what the house lacks is seen first, then it is taken in as one step. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const file = shallowRef<UnitFile | null>(null);
const trouble = ref<string | null>(null);
const busy = ref(false);
const taken = ref(false);
const open = computed({ get: () => true, set: () => emit('close') });
const MOST_BYTES = 60_000_000;

async function choose(event: Event): Promise<void> {
  const chosen = chosenFile(event);
  if (!chosen) return;
  file.value = null;
  if (chosen.size > MOST_BYTES) {
    trouble.value = 'This file is too large for a unit.';
    return;
  }
  const said = readUnitFile(await chosen.text());
  trouble.value = said.ok ? null : said.why;
  if (said.ok) file.value = said.file;
}

const preview = computed(() =>
  file.value ? takeInUnit(file.value, store.book, store.today!, () => `taken-${newId()}`) : null,
);
const brings = computed(() => preview.value?.entries.filter(({ as }) => as === 'new') ?? []);
const has = computed(() => (preview.value?.entries.length ?? 0) - brings.value.length);
const KINDS = {
  supplies: 'supply',
  bookTitles: 'book',
  sheets: 'sheet',
  songs: 'song',
  recipes: 'recipe',
  activities: 'activity',
} as const;

async function keepFiles({ files }: UnitFile): Promise<ReadonlyMap<string, KeptFile>> {
  const kept = new Map<string, KeptFile>();
  for (const { sha256, name, content } of files) {
    const bytes = Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0));
    const said = await sendFile(new File([bytes], name));
    if (said.kind === 'ok') kept.set(sha256, said.data);
    else if (said.kind === 'problem') store.notice = `${name} was left out: ${said.problem.detail}`;
  }
  return kept;
}

async function take(): Promise<void> {
  if (!file.value) return;
  busy.value = true;
  const kept = await keepFiles(file.value);
  const { changes } = takeInUnit(file.value, store.book, store.today!, () => `taken-${newId()}`, kept);
  const result = store.perform(changes);
  busy.value = false;
  if (result.done) taken.value = true;
  else trouble.value = result.errors[0]?.message ?? 'It could not be taken in.';
}
</script>

<template>
  <PlankSheet
    v-model="open"
    title="Take in a unit"
    hint="A file that another home made of one of theirs."
    :width="700"
  >
    <p v-if="taken" role="status">
      “{{ file!.unit.title }}” stands among the ready-made units now: start it like any of those.
    </p>
    <template v-else>
      <label class="file">The file <input type="file" name="unit" accept=".json" @change="choose" /></label>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <template v-if="file && preview">
        <p>
          <b>{{ file.unit.title }}</b>, {{ file.unit.dayCount }} days{{
            file.from ? `, from ${file.from}` : ''
          }}. {{ file.licence }}
        </p>
        <p>
          {{ has }} of what it stands on {{ has === 1 ? 'is' : 'are' }} here already; {{ brings.length }}
          {{ brings.length === 1 ? 'comes' : 'come' }} along. Nothing of yours becomes another.
        </p>
        <ul class="brings" data-test="brings">
          <li v-for="(one, i) in brings" :key="i">
            {{ one.name }} <small class="soft">{{ KINDS[one.kind] }}</small>
          </li>
        </ul>
        <p v-if="preview.lacks.length > 0">
          <b>You have none of:</b> {{ preview.lacks.slice(0, 30).join(', ')
          }}{{ preview.lacks.length > 30 ? ` and ${preview.lacks.length - 30} more` : '' }}.
        </p>
        <p class="soft">
          Look at it as at anything from elsewhere: what it says of allergens and small parts is what somebody
          else wrote down. Read your own labels.
        </p>
      </template>
    </template>
    <template #foot>
      <v-btn v-if="file && !taken" class="is-main" :loading="busy" @click="take">Take it in</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">{{ taken ? 'Done' : 'Not now' }}</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.file {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-3);
}
p {
  padding: var(--gap-1) 0;
}
.brings {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(200px, 100%), 1fr));
  gap: var(--gap-1) var(--gap-4);
  max-height: 180px;
  overflow: auto;
  font-size: 13.5px;
}
</style>
