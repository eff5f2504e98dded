<script setup lang="ts">
import { homeOf } from '@kobby/core';
import { defineAsyncComponent, onBeforeUnmount, onMounted, watch } from 'vue';
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router';
import { useBook } from '../state/book.ts';
import { isHelping } from '../state/help.ts';
import { newVersion, takeNewVersion } from '../state/offline.ts';
import { providePictures } from '../state/pictures.ts';
import { openTyped } from '../state/typed.ts';

const PageHelp = defineAsyncComponent(() => import('../parts/help/PageHelp.vue'));
const store = useBook();
providePictures({
  isRealistic: () => store.isReady && homeOf(store.book).pictures === 'realistic',
  fileAddress: (sha256) => `/api/files/${sha256}`,
});
const router = useRouter();
const route = useRoute();

onMounted(() => {
  if (!store.isReady) void load();
});
// A page that did not open tries again by itself.
const AGAIN_MS = 5000;
let again: ReturnType<typeof setTimeout> | undefined;
onBeforeUnmount(() => clearTimeout(again));
async function load(): Promise<void> {
  clearTimeout(again);
  await openTyped();
  await store.load();
  if (!store.isReady && store.connection !== 'signed-out') again = setTimeout(() => void load(), AGAIN_MS);
}

watch(
  () => store.connection,
  (connection) => {
    // Work that is under way stays on the screen; only somebody who has nothing open is led to the door.
    if (connection === 'signed-out' && !store.isReady)
      void router.replace({ name: 'enter', query: { to: route.fullPath } });
  },
);
</script>

<template>
  <p v-if="store.isReady && store.connection === 'signed-out'" class="signed-out" role="alert">
    You are signed out. What you did is kept on this device.
    <RouterLink :to="{ name: 'enter', query: { to: route.fullPath } }">Sign in and go on</RouterLink>
  </p>
  <p v-if="newVersion" class="newer" role="status">
    A newer Kobby is here. Nothing is lost by taking it.
    <v-btn class="is-side" size="small" @click="takeNewVersion()">Take it now</v-btn>
    <v-btn class="is-quiet" size="small" @click="newVersion = null">Later</v-btn>
  </p>
  <RouterView v-if="store.isReady" />
  <main v-else class="wait" aria-live="polite">
    <p v-if="store.connection === 'unreachable'">
      Kobby cannot be reached, and this device keeps no copy of the home. Nothing is lost; it is tried again
      by itself.
      <v-btn class="is-side" @click="load()">Try now</v-btn>
    </p>
    <p v-else-if="store.refused">
      {{ store.refused.title }}. {{ store.refused.detail }} Nothing is lost; it is tried again by itself.
      <v-btn class="is-side" @click="load()">Try now</v-btn>
    </p>
    <p v-else class="soft">Opening the shelf …</p>
  </main>
  <v-snackbar
    :model-value="store.notice !== null"
    :timeout="9000"
    class="notice"
    @update:model-value="store.notice = null"
  >
    <span role="alert">{{ store.notice }}</span>
    <template #actions>
      <v-btn class="is-quiet" @click="store.notice = null">Close</v-btn>
    </template>
  </v-snackbar>
  <PageHelp v-if="store.isReady && isHelping" />
</template>

<style scoped>
.signed-out {
  padding: var(--gap-3) var(--gap-5);
  background: var(--care-bg);
  border-bottom: 3px solid var(--care-edge);
  font-weight: 600;
}
.newer {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-2) var(--gap-5);
  background: var(--note-bg);
}
.wait {
  display: grid;
  place-items: center;
  min-height: 60vh;
}
.notice :deep(.v-snackbar__wrapper) {
  background: var(--care-bg);
  color: var(--ink);
  border-left: 6px solid var(--care-edge);
  border-radius: var(--radius);
  box-shadow: 0 3px 14px var(--shade);
}
</style>
