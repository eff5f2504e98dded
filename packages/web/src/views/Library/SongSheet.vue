<script setup lang="ts">
import { SONG_KINDS, SONG_PURPOSES, songSchema, versesOf, type ChangeInput, type SongId } from '@kobby/core';
import { computed } from 'vue';
import {
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  TextField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useDraft } from '../../state/draft.ts';
import { supplyOptions } from '../../state/options.ts';
import type { ActResult } from '../../state/sync.ts';
import { retireBy, SKILL_OPTIONS } from './entry.ts';

type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];

/** A song, finger play, chant or transition, with its verses as they are sung. */
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const known = computed(() => (props.id ? store.book.songs[props.id as SongId] : undefined));
const draft = useDraft<SongInput>(
  () => known.value,
  () => ({
    id: `song-${newId()}`,
    title: '',
    kind: 'song',
    purpose: 'gather',
    tune: '',
    verses: [''],
    rule: { kind: 'as-written' },
    actions: '',
    props: [],
    energy: 'middling',
    fromMonths: 0,
    skills: [],
    recordedMinutes: 0,
    source: '',
    notes: '',
    retired: false,
  }),
);
const verses = computed({
  get: () => draft.value.verses.map((text) => ({ text })),
  set: (rows) => (draft.value.verses = rows.map((row) => row.text)),
});
const RULES = {
  'as-written': 'as written',
  counted: 'counted, {n} is the number',
  'for-words': 'for each {word}',
};
function setRule(kind: string | null | undefined): void {
  draft.value.rule =
    kind === 'counted'
      ? { kind, from: 5, to: 1 }
      : kind === 'for-words'
        ? { kind, words: [] }
        : { kind: 'as-written' };
}
const sung = computed(() => {
  const parsed = songSchema.safeParse(draft.value);
  return parsed.success ? versesOf(parsed.data) : [];
});
const supplies = computed(() => supplyOptions(store.book));
const submit = (): ActResult => store.perform([{ type: 'library/put-song', song: draft.value }]);
const retire = retireBy(draft, submit, () => emit('close'));
</script>

<template>
  <FormSheet
    :title="known?.title ?? 'A song'"
    hint="Words are at hand when they are forgotten."
    :live="Boolean(known)"
    :submit="submit"
    :width="820"
    @close="emit('close')"
  >
    <LineField v-model="draft.title" label="Title" path="title" />
    <div class="side-by-side">
      <ChoiceField v-model="draft.kind as string" label="Kind" path="kind" :options="SONG_KINDS" />
      <ChoiceField
        v-model="draft.purpose as string"
        label="Place in the circle"
        path="purpose"
        :options="SONG_PURPOSES"
      />
      <ChoiceField
        v-model="draft.energy as string"
        label="Energy"
        path="energy"
        :options="{ calm: 'calm', middling: 'middling', lively: 'lively' }"
      />
    </div>
    <RowsField
      v-slot="{ row, index, path }"
      v-model="verses"
      label="Verses"
      path="verses"
      one="Verse"
      ordered
      :blank="() => ({ text: '' })"
    >
      <TextField
        :model-value="row.text"
        :label="`Verse ${index + 1}, a line of song a line`"
        :path="path"
        :rows="3"
        @update:model-value="draft.verses[index] = $event ?? ''"
      />
    </RowsField>
    <div class="side-by-side">
      <ChoiceField
        :model-value="draft.rule?.kind"
        label="Verses come"
        path="rule.kind"
        :options="RULES"
        @update:model-value="setRule"
      />
      <template v-if="draft.rule?.kind === 'counted'">
        <NumberField v-model="draft.rule.from" label="From" path="rule.from" />
        <NumberField v-model="draft.rule.to" label="To" path="rule.to" />
      </template>
      <WordsField
        v-if="draft.rule?.kind === 'for-words'"
        v-model="draft.rule.words"
        label="Words"
        path="rule.words"
      />
    </div>
    <details v-if="draft.rule?.kind !== 'as-written' && sung.length">
      <summary>As it is sung: {{ sung.length }} verses</summary>
      <p v-for="(lines, i) in sung" :key="i" class="verse">
        <span v-for="(line, j) in lines" :key="j">{{ line }}<br /></span>
      </p>
    </details>
    <div class="side-by-side">
      <LineField v-model="draft.tune" label="Tune" path="tune" />
      <LineField v-model="draft.actions" label="What hands and feet do" path="actions" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.props"
      label="What must be there"
      path="props"
      one="Prop"
      :blank="() => ({ words: '', supplyId: null, count: 1 })"
    >
      <div class="side-by-side">
        <LineField v-model="row.words" label="What" :path="`${path}.words`" />
        <NumberField v-model="row.count" label="How many" :path="`${path}.count`" />
        <ChoiceField
          v-model="row.supplyId"
          label="In the cupboard"
          none="not in the cupboard"
          :path="`${path}.supplyId`"
          :options="supplies"
        />
      </div>
    </RowsField>
    <WordsField v-model="draft.skills as string[]" label="Skills" path="skills" :options="SKILL_OPTIONS" />
    <div class="side-by-side">
      <NumberField v-model="draft.fromMonths" label="From age" suffix="months" path="fromMonths" />
      <NumberField v-model="draft.recordedMinutes" label="Recorded" suffix="minutes" path="recordedMinutes" />
      <LineField v-model="draft.source" label="From" path="source" />
    </div>
    <TextField v-model="draft.notes" label="Notes" path="notes" :rows="1" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="songs"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>

<style scoped>
.verse {
  margin: 8px 0 0 12px;
}
summary {
  cursor: pointer;
}
</style>
