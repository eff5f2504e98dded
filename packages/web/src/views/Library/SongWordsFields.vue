<script setup lang="ts">
import { THING_ROLES, type ChangeInput } from '@kobby/core';
import { computed } from 'vue';
import { ChoiceField, LineField, RowsField, SwitchField, WordsField } from '../../parts/fields/index.ts';

type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];

/** Whose words a song is sung with, and the lists that change together with its verses. */
const song = defineModel<SongInput>({ required: true });
song.value.wordsFrom ??= {};
song.value.lists ??= [];
const from = computed(() => song.value.wordsFrom!);
const blank = () => ({ slot: '', words: [] as string[] });
// A list that is shorter than another begins again from its first entry: worth knowing while it is written.
const uneven = computed(() => {
  const lengths = (song.value.lists ?? []).map(({ words }) => words.length).filter((length) => length > 0);
  return new Set(lengths).size > 1;
});
</script>

<template>
  <div class="side-by-side">
    <SwitchField v-model="from.own" label="Only with its own words" path="wordsFrom.own" />
    <template v-if="!from.own">
      <LineField v-model="from.kind" label="Only things of this kind" path="wordsFrom.kind" empty-is-null />
      <ChoiceField
        v-model="from.role"
        label="Only things with this role"
        none="any"
        path="wordsFrom.role"
        :options="THING_ROLES"
      />
    </template>
  </div>
  <RowsField
    v-slot="{ row, path }"
    v-model="song.lists"
    label="Changes together with the verses"
    path="lists"
    one="List in step"
    :blank="blank"
  >
    <div class="side-by-side">
      <LineField v-model="row.slot" label="Written in the verse as {…}" :path="`${path}.slot`" />
      <WordsField v-model="row.words" label="Its entries, one a verse" :path="`${path}.words`" />
    </div>
  </RowsField>
  <p v-if="uneven" class="soft" role="status">
    The lists are not of one length: a shorter one begins again from its first entry.
  </p>
</template>
