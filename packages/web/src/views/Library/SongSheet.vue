<script setup lang="ts">
import {
  PACES,
  PROP_COUNTS,
  sing,
  SONG_KINDS,
  SONG_PURPOSES,
  songSchema,
  songText,
  type PastedSong,
  unknownSlots,
} from '@kobby/core';
import { computed } from 'vue';
import {
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import SungVerses from '../../parts/SungVerses.vue';
import { copyText, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import { supplyOptions } from '../../state/options.ts';
import { skillOptions } from '../../state/skill-options.ts';
import PasteSong from './PasteSong.vue';
import SongWordsFields from './SongWordsFields.vue';
import VerseRuleFields from './VerseRuleFields.vue';

/** A song, finger play, chant or transition, with its verses as they are sung. */
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const { known, draft, submit, retire } = formOf('songs')({
  id: () => props.id,
  first: () => ({ id: `song-${newId()}`, purpose: 'gather', verses: [''] }),
  put: (song) => [{ type: 'library/put-song', song }],
  close: () => emit('close'),
});
const verses = computed({
  get: () => draft.value.verses.map((text) => ({ text })),
  set: (rows) => (draft.value.verses = rows.map((row) => row.text)),
});
const PACE_NAMES = Object.fromEntries(Object.entries(PACES).map(([id, { name }]) => [id, name]));
const sung = computed(() => {
  const parsed = songSchema.safeParse(draft.value);
  return parsed.success ? sing(parsed.data) : [];
});
// A slip in a slot would be sung as it stands: it is told, and kept.
const slips = computed(() =>
  unknownSlots(
    [draft.value.opening, ...draft.value.verses, draft.value.refrain, draft.value.ending].join('\n'),
    (draft.value.lists ?? []).map(({ slot }) => slot),
  )
    .map((slot) => `{${slot}}`)
    .join(', '),
);
function takePasted({ title, opening, verses: pasted, refrain, ending }: PastedSong): void {
  Object.assign(draft.value, { opening, refrain, ending, verses: pasted.length > 0 ? [...pasted] : [''] });
  if (title && !draft.value.title) draft.value.title = title;
}
const supplies = computed(() => supplyOptions(store.book));
async function asText(): Promise<void> {
  store.notice = await copyText(known.value!.title, songText(known.value!));
}
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
      <ChoiceField v-model="draft.kind" label="Kind" path="kind" :options="SONG_KINDS" />
      <ChoiceField
        v-model="draft.purpose"
        label="Place in the circle"
        path="purpose"
        :options="SONG_PURPOSES"
      />
      <ChoiceField
        v-model="draft.energy"
        label="Energy"
        path="energy"
        :options="{ calm: 'calm', middling: 'middling', lively: 'lively' }"
      />
    </div>
    <PasteSong v-if="!known" @take="takePasted" />
    <TextField v-model="draft.opening" label="Opening, sung once" path="opening" :rows="1" />
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
    <details class="how">
      <summary>How to write things, names and numbers, motions and answers</summary>
      <ul>
        <li>{what} a thing of the theme, {whats} many of them, {a what} with a or an</li>
        <li>{who} a child, {colour} a colour, {word} whatever the verse is about</li>
        <li>{n what} the number with its thing: five kites, one kite, no kites</li>
        <li>{n} the number alone, {next} the one after it, {n:is|are} for one or for many</li>
        <li>{each} in a song that grows: its line comes once for every word so far</li>
        <li>{it}, {its}, {them} what stands for the thing, {it:flies|fly} what it does or they do</li>
        <li>{motion}, or whatever a list in step is called: its entry for this verse</li>
        <li>// and what the hands do, at the end of a line</li>
        <li>All:, Children:, One:, This side:, That side: before what others sing</li>
      </ul>
    </details>
    <p v-if="slips" class="slips" role="status">
      Kobby does not know {{ slips }}: it would be sung as it stands.
    </p>
    <TextField v-model="draft.refrain" label="Refrain, sung after each verse" path="refrain" :rows="2" />
    <VerseRuleFields v-model="draft.rule" />
    <SongWordsFields v-model="draft" />
    <SwitchField
      v-if="draft.rule?.kind === 'as-written'"
      v-model="draft.whole"
      label="Only whole: it tells something from its first verse to its last"
      path="whole"
    />
    <TextField v-model="draft.ending" label="How it ends, sung once" path="ending" :rows="2" />
    <details v-if="sung.length">
      <summary>As it is sung: {{ sung.length }} {{ sung.length === 1 ? 'verse' : 'verses' }}</summary>
      <SungVerses :verses="sung" class="sung" />
    </details>
    <div class="side-by-side">
      <ChoiceField v-model="draft.pace" label="Pace" path="pace" :options="PACE_NAMES" />
      <LineField v-model="draft.voice" label="How to use the voice" path="voice" />
    </div>
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
      :blank="() => ({ words: '', supplyId: null, count: 1, per: 'once' as const })"
    >
      <div class="side-by-side">
        <LineField v-model="row.words" label="What" :path="`${path}.words`" />
        <NumberField v-model="row.count" label="How many" :path="`${path}.count`" />
        <ChoiceField v-model="row.per" label="So many" :path="`${path}.per`" :options="PROP_COUNTS" />
        <ChoiceField
          v-model="row.supplyId"
          label="In the cupboard"
          none="not in the cupboard"
          :path="`${path}.supplyId`"
          :options="supplies"
        />
      </div>
    </RowsField>
    <WordsField v-model="draft.skills" label="Skills" path="skills" :options="skillOptions(store.book)" />
    <div class="side-by-side">
      <NumberField v-model="draft.fromMonths" label="From age" suffix="months" path="fromMonths" />
      <NumberField v-model="draft.recordedMinutes" label="Recorded" suffix="minutes" path="recordedMinutes" />
      <LineField v-model="draft.link" label="Link to the recording" path="link" type="url" empty-is-null />
      <LineField v-model="draft.source" label="From" path="source" />
    </div>
    <TextField v-model="draft.notes" label="Notes" path="notes" :rows="1" />
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="asText">As text</v-btn>
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
.how ul {
  padding-left: var(--gap-5);
}
.sung {
  margin: var(--gap-3) 0 0 var(--gap-4);
}
.slips {
  color: var(--care);
  font-weight: 600;
}
summary {
  font-weight: 600;
  cursor: pointer;
}
</style>
