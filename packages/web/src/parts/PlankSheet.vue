<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { onUnmounted } from 'vue';

/** A sheet of paper on a plank, laid over the page: for picking and for looking closer. */
defineProps<{ title: string; hint?: string | undefined; width?: number | undefined }>();
const open = defineModel<boolean>({ required: true });

// Whoever came by key goes on where she was; where that is gone, at the first thing of the same place.
const before = document.activeElement;
const place = before?.closest<HTMLElement>('[data-spot]');
onUnmounted(() => {
  const back = before?.isConnected ? before : place?.querySelector('button');
  if (back instanceof HTMLElement && back !== document.body) back.focus({ preventScroll: true });
});
</script>

<template>
  <v-dialog v-model="open" :max-width="width ?? 620" scrollable :aria-label="title">
    <section class="sheet">
      <header>
        <div>
          <h2>{{ title }}</h2>
          <p v-if="hint" class="soft">{{ hint }}</p>
        </div>
        <v-btn class="is-quiet close" icon :aria-label="`Close: ${title}`" @click="open = false">
          <v-icon :icon="mdiClose" />
        </v-btn>
      </header>
      <div class="body"><slot /></div>
      <footer v-if="$slots.foot"><slot name="foot" /></footer>
    </section>
  </v-dialog>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  min-height: 0;
  max-height: 86vh;
  background: var(--card);
  color: var(--ink);
  border-radius: 8px;
  border-bottom: 9px solid var(--shelf);
}
header {
  display: flex;
  justify-content: space-between;
  gap: var(--gap-4);
  padding: var(--gap-5) var(--gap-4) var(--gap-3) var(--gap-5);
}
h2 {
  font-size: 20px;
}
.body {
  overflow: auto;
  min-height: 0;
  padding: var(--gap-2) var(--gap-5) var(--gap-5);
}
footer {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  padding: var(--gap-4) var(--gap-5) var(--gap-4);
  border-top: 1px dashed var(--line);
}
</style>
