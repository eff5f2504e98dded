<script setup lang="ts">
import { isProblemOf, type Problem } from '@kobby/core';
import { computed, ref } from 'vue';

/** The pass-phrase of a link that asks for one. */
const props = defineProps<{ problem: Problem }>();
const emit = defineEmits<{ enter: [passPhrase: string] }>();
const passPhrase = ref('');
const wrong = computed(() => (isProblemOf(props.problem, 'link-locked') ? [] : [props.problem.detail]));
</script>

<template>
  <main class="door">
    <h2>This link asks for a pass-phrase</h2>
    <p class="soft">Whoever sent it to you knows it.</p>
    <form novalidate @submit.prevent="emit('enter', passPhrase)">
      <v-text-field
        v-model="passPhrase"
        name="passPhrase"
        label="Pass-phrase"
        autocomplete="off"
        :error-messages="wrong"
      />
      <v-btn class="is-main" type="submit">Open</v-btn>
    </form>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  gap: var(--gap-4);
  padding: calc(2 * var(--gap-5)) var(--gap-5);
}
h2 {
  font-size: 22px;
}
form {
  display: grid;
  gap: var(--gap-4);
}
</style>
