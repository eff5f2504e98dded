<script setup lang="ts">
import {
  AREAS,
  areaOf,
  ASTHMA_TRIGGERS,
  HELP_KINDS,
  homeOf,
  proposedWeek,
  RUNGS,
  type ChildId,
  type SkillId,
} from '@kobby/core';
import { computed, ref, watch } from 'vue';
import {
  ChoiceField,
  LineField,
  RowsField,
  SwitchField,
  TextField,
  TicksField,
  WeekField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf, type DraftOf } from '../../state/entity-form.ts';
import { skillOptions } from '../../state/skill-options.ts';
import AllergiesField from './AllergiesField.vue';
import ForgetSheet from './ForgetSheet.vue';

/** A child: days, birthday and allergies, which every computation asks for, and what else helps. */
const props = defineProps<{ id: ChildId | null }>();
const store = useBook();
const emit = defineEmits<{ close: []; next: [] }>();
const forgetting = ref(false);

// Whoever came before is the guess for the next; that it is one is said.
const others = Object.values(store.book.children);
const guess = others.length > 0 ? `As ${others.at(-1)!.shownAs} comes` : 'Every working day';
const { known, draft, submit } = formOf('children')({
  id: () => props.id,
  first: () => ({
    id: `child-${newId()}`,
    attendance: proposedWeek(
      homeOf(store.book),
      others.map(({ attendance }) => attendance),
    ),
  }),
  put: (child) => [{ type: 'house/put-child', child: { ...child, rungs: rungsRead() } }],
  close: () => emit('close'),
});

const hasAsthma = computed({
  get: () => draft.value.asthma !== null,
  set: (on) => (draft.value.asthma = on ? { triggers: [], words: '' } : null),
});
const triggers = Object.fromEntries(ASTHMA_TRIGGERS.map((trigger) => [trigger, trigger]));

// A rung is noted for an area or for one of its skills; shown as rows.
const rungTargets = AREAS.flatMap((area) => [
  { title: `${area} (whole area)`, value: area as string },
  ...skillOptions(store.book).filter(({ value }) => areaOf(value as SkillId) === area),
]);
const rungRows = () =>
  Object.entries(draft.value.rungs ?? {}).map(([of, rung]) => ({ of, rung: String(rung) }));
const rungs = ref(rungRows());
const rungsRead = (): DraftOf<'children'>['rungs'] =>
  Object.fromEntries(
    rungs.value.filter((row) => row.of).map((row) => [row.of, row.rung]),
  ) as DraftOf<'children'>['rungs'];

// What somebody else noted meanwhile is shown; what stands here already stays as it is.
watch(
  () => draft.value.rungs,
  (now) => {
    if (JSON.stringify(now) !== JSON.stringify(rungsRead())) rungs.value = rungRows();
  },
);

// Assistants see the first name unless another way was chosen.
function nameTyped(name: string | null | undefined): void {
  const first = (text: string): string => text.split(' ')[0] ?? '';
  const followed = draft.value.shownAs === first(draft.value.name);
  draft.value.name = name ?? '';
  if (followed) draft.value.shownAs = first(draft.value.name);
}
</script>

<template>
  <FormSheet
    :title="known?.name ?? 'A child'"
    hint="Names, birthdays and allergies stay in this home."
    :live="Boolean(known)"
    :submit="submit"
    :width="760"
    next="Keep, and the next child"
    @next="emit('next')"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <LineField :model-value="draft.name" label="Name" path="name" @update:model-value="nameTyped" />
      <LineField v-model="draft.shownAs" label="Assistants see" path="shownAs" />
      <LineField v-model="draft.birth" label="Birthday" path="birth" type="date" />
    </div>
    <WeekField v-model="draft.attendance" label="Comes on" path="attendance" />
    <p v-if="!known" class="soft">{{ guess }}, as a first guess: change what is otherwise.</p>
    <div class="side-by-side">
      <SwitchField v-model="draft.mouthsThings" label="Still puts things in the mouth" path="mouthsThings" />
      <SwitchField v-model="draft.knowsBins" label="Has played at a sensory bin" path="knowsBins" />
    </div>
    <AllergiesField v-model="draft.allergies" />
    <SwitchField v-model="hasAsthma" label="Asthma" path="asthma" />
    <template v-if="draft.asthma">
      <TicksField
        v-model="draft.asthma.triggers"
        label="The care plan names"
        path="asthma.triggers"
        :options="triggers"
      />
      <LineField v-model="draft.asthma.words" label="Asthma, in the family's words" path="asthma.words" />
    </template>
    <TapeLabel class="label">Where the child is</TapeLabel>
    <p class="soft">Age decides which version a child gets, unless you noted otherwise.</p>
    <RowsField
      v-slot="{ row, path }"
      v-model="rungs"
      label="How far, with what"
      path="rungs"
      one="Where the child is"
      :blank="() => ({ of: '', rung: 'practising' })"
    >
      <div class="side-by-side">
        <ChoiceField v-model="row.of" label="Area or skill" :path="`${path}.of`" :options="rungTargets" />
        <ChoiceField v-model="row.rung" label="How far" :path="`${path}.rung`" :options="RUNGS" />
      </div>
    </RowsField>
    <div class="side-by-side">
      <WordsField v-model="draft.likes" label="Likes" path="likes" />
      <WordsField v-model="draft.wontTouch" label="Will not touch" path="wontTouch" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.helps"
      label="What helps"
      path="helps"
      one="Help"
      :blank="() => ({ kind: 'comfort' as const, words: '' })"
    >
      <div class="side-by-side">
        <ChoiceField v-model="row.kind" label="Kind" :path="`${path}.kind`" :options="HELP_KINDS" />
        <LineField v-model="row.words" label="In words" :path="`${path}.words`" />
      </div>
    </RowsField>
    <TextField v-model="draft.notes" label="Notes" path="notes" />
    <div class="side-by-side">
      <LineField
        v-model="draft.startedOn"
        label="First day here"
        path="startedOn"
        type="date"
        empty-is-null
      />
      <LineField v-model="draft.leftOn" label="Last day here" path="leftOn" type="date" empty-is-null />
    </div>
    <template v-if="known" #acts>
      <v-btn class="is-quiet apart" @click="forgetting = true">Forget this child</v-btn>
    </template>
  </FormSheet>
  <ForgetSheet v-if="forgetting && known" :child="known" @close="forgetting = false" @done="emit('close')" />
</template>

<style scoped>
.label {
  margin: var(--gap-2) 0 calc(-1 * var(--gap-2)) calc(-1 * var(--gap-2));
  align-self: flex-start;
}
.apart {
  margin-left: auto;
}
</style>
