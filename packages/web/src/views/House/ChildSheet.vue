<script setup lang="ts">
import {
  ALLERGENS,
  homeOf,
  weekdayName,
  type AllergenId,
  type ChangeInput,
  type Child,
  type PartId,
  type Weekday,
} from '@kobby/core';
import { computed, ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

type ChildInput = Extract<ChangeInput, { type: 'house/put-child' }>['child'];

/** A child's days, birthday and allergies: what every later computation asks for. */
const props = defineProps<{ child: Child | null }>();
const emit = defineEmits<{ close: [] }>();

const store = useBook();
const home = computed(() => homeOf(store.book));
const draft = ref<ChildInput>(startingPoint());

function startingPoint(): ChildInput {
  if (props.child) return structuredClone(props.child);
  return {
    id: `child-${newId()}`,
    name: '',
    shownAs: '',
    birth: '',
    attendance: {},
    allergies: [],
    mouthsThings: false,
  };
}

const key = (weekday: Weekday) => String(weekday) as keyof ChildInput['attendance'];
const comes = (weekday: Weekday, part: PartId): boolean =>
  draft.value.attendance[key(weekday)]?.includes(part) ?? false;

function switchPart(weekday: Weekday, part: PartId): void {
  const parts = draft.value.attendance[key(weekday)] ?? [];
  const next = comes(weekday, part) ? parts.filter((one) => one !== part) : [...parts, part];
  draft.value.attendance = { ...draft.value.attendance, [key(weekday)]: next };
}

const allergy = (allergen: AllergenId) => draft.value.allergies.find((one) => one.allergen === allergen);

function switchAllergy(allergen: AllergenId): void {
  const rest = draft.value.allergies.filter((one) => one.allergen !== allergen);
  draft.value.allergies = allergy(allergen) ? rest : [...rest, { allergen, words: ALLERGENS[allergen] }];
}

// Assistants see the first name unless another way was chosen.
function nameTyped(name: string): void {
  const followed = draft.value.shownAs === (draft.value.name.split(' ')[0] ?? '');
  draft.value = { ...draft.value, name, ...(followed ? { shownAs: name.split(' ')[0] ?? '' } : {}) };
}

const submit = (): ActResult => store.perform([{ type: 'house/put-child', child: draft.value }]);
</script>

<template>
  <FormSheet
    :title="props.child ? props.child.name : 'A child'"
    hint="Names, birthdays and allergies stay in this home."
    :fields="['name', 'shownAs', 'birth', 'words']"
    action="Keep"
    :submit="submit"
    @close="emit('close')"
  >
    <template #default="{ errors }">
      <div class="pair">
        <FormField
          :model-value="draft.name"
          label="Name"
          name="name"
          autocomplete="off"
          :errors="errors"
          @update:model-value="nameTyped"
        />
        <FormField
          v-model="draft.shownAs"
          label="Assistants see"
          name="shownAs"
          autocomplete="off"
          :errors="errors"
        />
      </div>
      <FormField
        v-model="draft.birth"
        class="short"
        label="Birthday"
        name="birth"
        type="date"
        :errors="errors"
      />
      <table>
        <caption>
          Comes on
        </caption>
        <thead>
          <tr>
            <td />
            <th v-for="weekday in home.workingWeekdays" :key="weekday" scope="col">
              {{ weekdayName(weekday).slice(0, 3) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="part in home.parts" :key="part.id">
            <th scope="row">{{ part.name }}</th>
            <td v-for="weekday in home.workingWeekdays" :key="weekday">
              <input
                type="checkbox"
                :aria-label="`${weekdayName(weekday)}, ${part.name}`"
                :checked="comes(weekday, part.id)"
                @change="switchPart(weekday, part.id)"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <label class="line">
        <input v-model="draft.mouthsThings" type="checkbox" /> Still puts things in the mouth
      </label>
      <fieldset>
        <legend>Allergies and conditions</legend>
        <label v-for="(name, allergen) in ALLERGENS" :key="allergen" :class="{ on: allergy(allergen) }">
          <input type="checkbox" :checked="Boolean(allergy(allergen))" @change="switchAllergy(allergen)" />
          {{ name }}
        </label>
      </fieldset>
      <FormField
        v-for="one in draft.allergies"
        :key="one.allergen"
        v-model="one.words"
        name="words"
        :label="`${ALLERGENS[one.allergen]}, in the family's words`"
        :errors="errors"
      />
    </template>
  </FormSheet>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1.6fr 1fr;
  gap: 12px;
}
.short {
  max-width: 220px;
}
caption,
legend {
  padding: 0 0 4px;
  font-weight: 600;
  text-align: left;
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: 4px 8px;
  border-top: 1px dashed var(--line);
  text-align: center;
}
th[scope='row'] {
  padding-left: 0;
  font-weight: 400;
  text-align: left;
}
input[type='checkbox'] {
  width: 22px;
  height: 22px;
  accent-color: var(--plum);
  vertical-align: middle;
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 0;
  border: 0;
}
legend {
  width: 100%;
}
fieldset label {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  padding: 3px 10px 3px 5px;
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
fieldset .on {
  border-color: var(--plum);
  box-shadow: inset 0 -3px 0 var(--plum);
}
</style>
