<script setup lang="ts">
import { RouterView } from 'vue-router';
import { missingPart } from './state/offline.ts';
</script>

<template>
  <v-app>
    <p v-if="missingPart" class="missing" role="alert">
      {{ missingPart }}
      <button type="button" @click="missingPart = null">Close</button>
    </p>
    <RouterView />
  </v-app>
</template>

<style scoped>
.missing {
  padding: var(--gap-3) var(--gap-5);
  background: var(--care-bg);
  border-bottom: 3px solid var(--care-edge);
  font-weight: 600;
}
button {
  min-height: var(--touch);
  margin-left: var(--gap-3);
  text-decoration: underline;
}
</style>
