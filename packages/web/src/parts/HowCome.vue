<script setup lang="ts">
/** How a figure came about, a sentence each. */
defineProps<{ sentences: readonly string[] }>();
</script>

<template>
  <div class="how-come">
    <p v-for="sentence in sentences" :key="sentence">{{ sentence }}</p>
  </div>
</template>

<style scoped>
.how-come {
  margin: var(--gap-2) 0;
  padding: var(--gap-3) var(--gap-4);
  background: var(--care-bg);
  border: 1px solid var(--care-edge);
  border-radius: 5px;
  font-size: 13px;
}
</style>
