<script setup lang="ts">
import { ACTIVITY_MODES } from '@kobby/core';
import { computed } from 'vue';
import CountsFields from '../../parts/content/CountsFields.vue';
import DoingFields from '../../parts/content/DoingFields.vue';
import FindingFields from '../../parts/content/FindingFields.vue';
import HintFields from '../../parts/content/HintFields.vue';
import PlannedTestFields from '../../parts/content/PlannedTestFields.vue';
import ProcessFields from '../../parts/content/ProcessFields.vue';
import ReadyFields from '../../parts/content/ReadyFields.vue';
import TimeFields from '../../parts/content/TimeFields.vue';
import VersionRows from '../../parts/content/VersionRows.vue';
import { ChoiceField, LineField, PictureField, TextField, TicksField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { CORNER_KIND_NAMES } from '../../theme/glyphs.ts';
import { newId } from '../../state/api.ts';
import { formOf } from '../../state/entity-form.ts';

/** An activity or pattern of the library, whole: for whom, how, with what, and what must come before. */
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const { known, draft, submit, retire } = formOf('activities')({
  id: () => props.id,
  first: ({ content }) => ({ id: `activity-${newId()}`, content: { ...content, cleanUpMinutes: 5 } }),
  put: (activity) => [{ type: 'library/put-activity', activity }],
  close: () => emit('close'),
});
const content = computed(() => draft.value.content);
const modes = Object.fromEntries(
  Object.entries(ACTIVITY_MODES).map(([id, { name, hint }]) => [id, `${name}: ${hint}`]),
);
</script>

<template>
  <FormSheet
    :title="known?.content.title ?? 'An activity'"
    hint="What is placed in a unit already stays as it is."
    :live="Boolean(known)"
    :submit="submit"
    :width="940"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <LineField v-model="content.title" label="Title" path="content.title" />
      <ChoiceField v-model="content.mode" label="How it is run" path="content.mode" :options="modes" />
    </div>
    <PictureField v-model="content.picture" :name="content.title" path="content.picture" />
    <TextField v-model="content.summary" label="In a sentence" path="content.summary" :rows="1" />
    <TicksField
      v-model="content.cornerKinds"
      label="Suits the corners"
      path="content.cornerKinds"
      :options="CORNER_KIND_NAMES"
    />
    <CountsFields v-model="draft.content" />
    <TapeLabel class="label">For whom</TapeLabel>
    <VersionRows v-model="draft.content" />
    <TapeLabel class="label">How and with what</TapeLabel>
    <DoingFields v-model="draft.content" />
    <TimeFields v-model="draft.content" />
    <ProcessFields v-model="draft.content" />
    <PlannedTestFields v-model="draft.content" />
    <TapeLabel class="label">In the room</TapeLabel>
    <HintFields v-model="draft.content" />
    <TapeLabel class="label">To prepare before</TapeLabel>
    <ReadyFields v-model="draft.content" :own-id="draft.id" />
    <TapeLabel class="label">What it is like</TapeLabel>
    <FindingFields v-model="draft.content" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="activities"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>

<style scoped>
.label {
  align-self: flex-start;
  margin: var(--gap-2) 0 calc(-1 * var(--gap-2)) calc(-1 * var(--gap-2));
}
</style>
