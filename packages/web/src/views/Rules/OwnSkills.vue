<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js';
import { AREAS, areaOf, ownSkillId, skillName, type Area, type OwnSkillId } from '@kobby/core';
import { ref } from 'vue';
import { useField } from '../../parts/fields/index.ts';

/** Skills in the home's own words, each under an area: money, grammar, order of the alphabet. */
const skills = defineModel<OwnSkillId[] | undefined>({ required: true });
const { messages, settle } = useField(() => 'ownSkills');
const area = ref<Area>('number');
const words = ref('');
const wrong = ref(false);

function add(): void {
  const id = ownSkillId(area.value, words.value);
  wrong.value = id === null;
  if (id === null) return;
  skills.value = [...new Set([...(skills.value ?? []), id])];
  words.value = '';
  settle();
}
function takeOut(id: OwnSkillId): void {
  skills.value = (skills.value ?? []).filter((one) => one !== id);
  settle();
}
</script>

<template>
  <fieldset>
    <legend>Skills in your own words</legend>
    <ul v-if="skills?.length">
      <li v-for="id in skills" :key="id">
        <button type="button" :aria-label="`Take out ${skillName(id)}`" @click="takeOut(id)">
          {{ areaOf(id) }}: {{ skillName(id) }} <v-icon :icon="mdiClose" size="14" aria-hidden="true" />
        </button>
      </li>
    </ul>
    <p class="add">
      <select v-model="area" aria-label="Area of a skill of your own" @change.stop>
        <option v-for="one in AREAS" :key="one" :value="one">{{ one }}</option>
      </select>
      <input
        v-model="words"
        type="text"
        maxlength="50"
        aria-label="A skill in your own words"
        placeholder="money"
        @change.stop
        @keydown.enter.prevent="add"
      />
      <v-btn class="is-side" size="small" :prepend-icon="mdiPlus" @click="add">Skill</v-btn>
    </p>
    <p v-if="wrong" class="wrong" role="alert">Write it in a few words.</p>
    <p v-for="message in messages" :key="message" class="wrong" role="alert">{{ message }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  padding: 0;
  border: 0;
}
legend {
  padding: 0 0 var(--gap-2);
  font-weight: 600;
}
ul,
.add {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  margin-bottom: var(--gap-2);
}
li button,
select,
input {
  min-height: 32px;
  padding: 0 var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  li button,
  select,
  input {
    min-height: var(--touch);
  }
}
</style>
