<script setup lang="ts" generic="Id extends string">
import { computed } from 'vue';

/** One way of several to look at something, all of them in sight: the one that is taken is underlined. */
const { options } = defineProps<{
  label: string;
  options: Readonly<Record<Id, { readonly name: string }>>;
}>();
const taken = defineModel<Id>({ required: true });
const each = computed(() => Object.entries(options) as [Id, { readonly name: string }][]);
</script>

<template>
  <span class="one-of" role="group" :aria-label="label">
    <button
      v-for="[id, one] in each"
      :key="id"
      type="button"
      :aria-pressed="taken === id"
      @click="taken = id"
    >
      {{ one.name }}
    </button>
  </span>
</template>

<style scoped>
.one-of {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
button {
  min-height: 32px;
  padding: var(--gap-1) var(--gap-4);
  background: none;
  border: 0;
  border-bottom: 4px solid var(--line);
  font-weight: 600;
}
button[aria-pressed='true'] {
  border-color: var(--plum);
}
</style>
