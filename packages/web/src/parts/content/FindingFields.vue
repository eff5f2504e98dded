<script setup lang="ts">
import { SEASONS, SLOT_TAKES, THING_ROLES } from '@kobby/core';
import { computed } from 'vue';
import {
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  TicksField,
  WordsField,
} from '../fields/index.ts';
import { useBook } from '../../state/book.ts';
import { versionOptions, type ContentInput } from './content.ts';

/** What an activity is like: mess, energy, weather, what it is about, and what earlier uses taught. */
const content = defineModel<ContentInput>({ required: true });
const store = useBook();
type Slot = NonNullable<ContentInput['slots']>[number];
const newSlot = (): Slot => ({ id: '', asks: '', kind: 'thing', takes: 'one' });
content.value.features ??= {};
const features = computed(() => content.value.features!);
const numbers = computed({
  get: () => (features.value.numbers ?? []).map(String),
  set: (words) => {
    features.value.numbers = words.map(Number);
  },
});
const sheets = computed(() =>
  Object.values(store.book.sheets).map((sheet) => ({ title: sheet.title, value: sheet.id as string })),
);
const own = computed(() => sheets.value.filter(({ value }) => content.value.sheetIds?.includes(value)));
const versions = computed(() => versionOptions(content.value));
const COPIES_FOR = {
  child: 'each child',
  'group-of': 'each group of so many',
  adult: 'each adult',
  all: 'once for all',
  run: 'each time it is run',
};
const blankCopies = (): NonNullable<ContentInput['copies']>[number] => ({
  sheetId: own.value[0]?.value ?? '',
  for: { kind: 'child' },
});
const seasons = Object.fromEntries(SEASONS.map((season) => [season, season]));
const slotKinds = {
  word: 'a word',
  thing: 'a thing of the theme',
  letter: 'a letter',
  number: 'a number',
  colour: 'a colour',
  shape: 'a shape',
};
</script>

<template>
  <div class="side-by-side">
    <ChoiceField
      v-model="content.mess"
      label="Mess"
      path="content.mess"
      :options="{ clean: 'clean', some: 'some', messy: 'messy' }"
    />
    <ChoiceField
      v-model="content.energy"
      label="Energy"
      path="content.energy"
      :options="{ calm: 'calm', middling: 'middling', lively: 'lively' }"
    />
    <ChoiceField
      v-model="content.place"
      label="Where"
      path="content.place"
      :options="{ indoors: 'indoors', outdoors: 'outdoors', either: 'either' }"
    />
    <ChoiceField
      v-model="content.weather"
      label="Weather"
      path="content.weather"
      :options="{ any: 'any', dry: 'dry', wind: 'wind', sun: 'sun', cold: 'cold' }"
    />
  </div>
  <div class="side-by-side">
    <ChoiceField
      v-model="content.adult"
      label="An adult"
      path="content.adult"
      :options="{ alone: 'is not needed', near: 'is near', tied: 'is tied' }"
    />
    <ChoiceField
      v-model="content.craft"
      label="Craft"
      path="content.craft"
      :options="{ none: 'is none', model: 'with a model', 'own-way': 'in the own way' }"
    />
    <NumberField
      v-model="content.recordedMinutes"
      label="Recorded"
      suffix="minutes"
      path="content.recordedMinutes"
    />
  </div>
  <div class="side-by-side">
    <SwitchField v-model="content.selfChecking" label="Checks itself" path="content.selfChecking" />
    <SwitchField v-model="content.water" label="Children play at standing water" path="content.water" />
    <SwitchField v-model="content.keepsake" label="Goes into each child's folder" path="content.keepsake" />
  </div>
  <div class="side-by-side">
    <TicksField
      v-model="content.seasons"
      label="Seasons it belongs to (none: all)"
      path="content.seasons"
      :options="seasons"
    />
    <WordsField v-model="features.letters" label="Letters" path="content.features.letters" />
    <WordsField v-model="numbers" label="Numbers" path="content.features.numbers" />
    <WordsField v-model="features.colours" label="Colours" path="content.features.colours" />
    <WordsField v-model="features.shapes" label="Shapes" path="content.features.shapes" />
  </div>
  <WordsField v-model="content.themes" label="Only for these themes" path="content.themes" />
  <RowsField
    v-slot="{ row, path }"
    v-model="content.slots"
    label="Slots of a pattern: {things} in any text becomes the words of the unit"
    path="content.slots"
    one="Slot"
    :blank="newSlot"
  >
    <div class="side-by-side">
      <LineField v-model="row.id" label="Name, as in {things}" :path="`${path}.id`" />
      <LineField v-model="row.asks" label="What it asks" :path="`${path}.asks`" />
      <ChoiceField v-model="row.kind" label="Is" :path="`${path}.kind`" :options="slotKinds" />
      <ChoiceField
        v-if="row.kind === 'thing'"
        v-model="row.takes"
        label="Takes"
        :path="`${path}.takes`"
        :options="SLOT_TAKES"
      />
      <ChoiceField
        v-if="row.kind === 'thing' && row.takes === 'role'"
        v-model="row.role"
        label="Role"
        :path="`${path}.role`"
        :options="THING_ROLES"
      />
    </div>
    <SwitchField
      v-if="row.kind === 'thing'"
      v-model="row.inHand"
      label="Children handle it: what stands for it in the room is needed"
      :path="`${path}.inHand`"
    />
  </RowsField>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.notes"
    label="What earlier uses taught"
    path="content.notes"
    one="Note"
    :blank="() => ({ text: '', loved: false as boolean })"
  >
    <TextField v-model="row.text" label="Note" :path="`${path}.text`" :rows="1" />
    <SwitchField v-model="row.loved" label="They loved it" :path="`${path}.loved`" />
  </RowsField>
  <WordsField
    v-if="sheets.length"
    v-model="content.sheetIds"
    label="Sheets that belong to it"
    path="content.sheetIds"
    :options="sheets"
  />
  <RowsField
    v-if="content.sheetIds?.length"
    v-slot="{ row, path }"
    v-model="content.copies"
    label="Copies; one for each child where nothing is said"
    path="content.copies"
    one="Sheet"
    :blank="blankCopies"
  >
    <div class="side-by-side">
      <ChoiceField v-model="row.sheetId" label="Of" :path="`${path}.sheetId`" :options="own" />
      <ChoiceField
        :model-value="row.for.kind"
        label="For"
        :path="`${path}.for.kind`"
        :options="COPIES_FOR"
        @update:model-value="
          row.for =
            $event === 'group-of' ? { kind: 'group-of', size: 2 } : { kind: ($event ?? 'child') as 'child' }
        "
      />
      <NumberField
        v-if="row.for.kind === 'group-of'"
        v-model="row.for.size"
        label="Group of"
        :path="`${path}.for.size`"
      />
      <WordsField
        v-if="versions.length > 1"
        v-model="row.versionIds"
        label="Only for"
        :path="`${path}.versionIds`"
        :options="versions"
      />
    </div>
  </RowsField>
  <LineField v-model="content.source" label="From" path="content.source" />
</template>
