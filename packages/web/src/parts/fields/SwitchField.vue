<script setup lang="ts">
import { useField } from './form.ts';

/** Yes or no. */
const props = defineProps<{ label: string; path: string }>();
const value = defineModel<boolean | undefined>({ required: true });
const { settle } = useField(() => props.path);
const take = (event: Event): void => {
  value.value = (event.target as HTMLInputElement).checked;
  settle();
};
</script>

<template>
  <label class="line"
    ><input type="checkbox" :name="path" :checked="value" @change="take" /> {{ label }}</label
  >
</template>

<style scoped>
.line {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-3);
  min-height: 32px;
}
</style>
