<script setup lang="ts">
import { allergenName, allergenNamed, ALLERGENS, type AllergenId } from '@kobby/core';
import { computed, ref } from 'vue';
import { LineField, TicksField, useField } from '../../parts/fields/index.ts';
import type { DraftOf } from '../../state/entity-form.ts';

/** The allergies of a child: the known ones to tick, any other in the family's words; the cupboard then asks for it. */
const allergies = defineModel<DraftOf<'children'>['allergies']>({ required: true });
const { settle } = useField(() => 'allergies.own');
const ownWords = ref('');

const ids = computed({
  get: () => allergies.value.map((one) => one.allergen as string),
  set: (wanted) => {
    const kept = allergies.value.filter((one) => wanted.includes(one.allergen));
    const added = wanted.filter((id) => !kept.some((one) => one.allergen === id)) as AllergenId[];
    allergies.value = [...kept, ...added.map((allergen) => ({ allergen, words: allergenName(allergen) }))];
  },
});
const named = computed(() => ({
  ...ALLERGENS,
  ...Object.fromEntries(allergies.value.map(({ allergen }) => [allergen, allergenName(allergen)])),
}));
function add(): void {
  const allergen = allergenNamed(ownWords.value);
  if (allergen === null) return;
  if (!ids.value.includes(allergen))
    allergies.value = [...allergies.value, { allergen, words: ownWords.value.trim() }];
  ownWords.value = '';
  settle();
}
</script>

<template>
  <TicksField v-model="ids" label="Allergies and conditions" path="allergies" :options="named" />
  <div class="side-by-side">
    <LineField
      v-model="ownWords"
      label="Another one, in the family's words"
      path="ownAllergen"
      @keydown.enter.prevent="add"
    />
    <v-btn class="is-side" :disabled="allergenNamed(ownWords) === null" @click="add">Add it</v-btn>
  </div>
  <LineField
    v-for="(one, i) in allergies"
    :key="one.allergen"
    v-model="one.words"
    :path="`allergies.${i}.words`"
    :label="`${allergenName(one.allergen)}, in the family's words`"
  />
</template>

<style scoped>
.v-btn {
  justify-self: start;
}
</style>
