<script setup lang="ts" generic="T extends string">
/** A few ways to look at or do one thing, side by side; one of them is on. */
defineProps<{ label: string; options: Readonly<Record<T, string>> }>();
const value = defineModel<T>({ required: true });
</script>

<template>
  <div class="tabs" role="group" :aria-label="label">
    <button
      v-for="(name, id) in options"
      :key="id"
      type="button"
      :aria-pressed="value === id"
      @click="value = id as T"
    >
      {{ name }}
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: inline-flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
button {
  min-height: 36px;
  padding: 0 var(--gap-4);
  background: none;
  border: 0;
  border-bottom: 4px solid var(--line);
  font-weight: 600;
  color: var(--ink-soft);
}
button:hover {
  color: var(--ink);
}
button[aria-pressed='true'] {
  color: var(--ink);
  border-color: var(--plum);
}
@media (max-width: 900px) {
  button {
    min-height: var(--touch);
  }
}
</style>
