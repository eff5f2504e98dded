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
  margin: 5px 0;
  padding: 7px 10px;
  background: var(--care-bg);
  border: 1px solid var(--care-edge);
  border-radius: 5px;
  font-size: 13px;
}
</style>
