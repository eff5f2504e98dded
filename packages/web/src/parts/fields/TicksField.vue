<script setup lang="ts">
import { useField } from './form.ts';

/** Any number of a closed list that is short enough to be seen whole. */
const props = defineProps<{ label: string; path: string; options: Readonly<Record<string, string>> }>();
const value = defineModel<string[] | undefined>({ required: true });
const { messages, settle } = useField(() => props.path);
const switchOne = (id: string): void => {
  const now = value.value ?? [];
  value.value = now.includes(id) ? now.filter((one) => one !== id) : [...now, id];
  settle();
};
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <label v-for="(name, id) in options" :key="id" :class="{ on: value?.includes(String(id)) }">
      <input
        type="checkbox"
        :name="`${path}.${id}`"
        :checked="value?.includes(String(id))"
        @change="switchOne(String(id))"
      />
      {{ name }}
    </label>
    <p v-for="message in messages" :key="message" class="wrong" role="alert">{{ message }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  padding: 0;
  border: 0;
}
legend {
  width: 100%;
  padding: 0 0 var(--gap-2);
  font-weight: 600;
}
label {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-3);
  padding: var(--gap-2) var(--gap-4) var(--gap-2) var(--gap-2);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.on {
  border-color: var(--plum);
  box-shadow: inset 0 -3px 0 var(--plum);
}
</style>
