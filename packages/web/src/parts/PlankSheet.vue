<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { layOver } from '../state/laid-over.ts';
import { focusHeading } from '../state/page-title.ts';

/** A sheet of paper on a plank, laid over the page: for picking and for looking closer. */
defineProps<{ title: string; hint?: string | undefined; width?: number | undefined }>();
const open = defineModel<boolean>({ required: true });

let isOff: (() => void) | null = null;
watch(
  open,
  (isOpen) => {
    isOff?.();
    isOff = isOpen ? layOver(() => (open.value = false)) : null;
  },
  { immediate: true },
);
onUnmounted(() => isOff?.());

// The first field has the focus when a sheet opens; by finger only where the sheet asks for it, for it brings up the keys.
const sheet = ref<HTMLElement | null>(null);
const FIELDS = 'input:not([type]), input[type="text"], input[type="search"], input[type="number"], textarea';
const isByFinger = window.matchMedia?.('(pointer: coarse)').matches ?? false;
const MOST_FRAMES = 30;
// What holds words alone is rolled by key too.
const body = ref<HTMLElement | null>(null);
const isWords = ref(false);
onMounted(async () => {
  await nextTick();
  isWords.value = !body.value?.querySelector('a, button, input, select, textarea, summary, [tabindex]');
});
onMounted(async () => {
  // The dialog takes the focus for itself when it is drawn: until then there is nothing to be taken over from it.
  for (let frames = 0; frames < MOST_FRAMES; frames += 1) {
    await new Promise((drawn) => requestAnimationFrame(drawn));
    const now = document.activeElement;
    if (!sheet.value || !now) continue;
    const isOfDialog = now.contains(sheet.value) || now.matches('.close');
    if (now !== document.body && isOfDialog) return focusFirst();
    if (sheet.value.contains(now)) return;
  }
});
function focusFirst(): void {
  const ways = isByFinger
    ? ['[autofocus]']
    : ['[autofocus]', '[data-first] input, input[data-first]', `.body :is(${FIELDS})`];
  const found = ways.map((way) => sheet.value?.querySelector<HTMLElement>(way));
  const first = found.find((one) => one);
  if (first && !first.closest('.v-select, [inert]')) first.focus({ preventScroll: true });
}

// Whoever came by key goes on where she was; where that is gone, at the first thing of the same place.
const before = document.activeElement;
const place = before?.closest<HTMLElement>('[data-spot]');
onUnmounted(() => {
  const back = before?.isConnected && before !== document.body ? before : place?.querySelector('button');
  if (back instanceof HTMLElement) back.focus({ preventScroll: true });
  else void focusHeading(() => true);
});
</script>

<template>
  <v-dialog v-model="open" :max-width="width ?? 620" scrollable :aria-label="title">
    <section ref="sheet" class="sheet">
      <header>
        <div>
          <h2>{{ title }}</h2>
          <p v-if="hint" class="soft">{{ hint }}</p>
        </div>
        <v-btn class="is-quiet close" icon :aria-label="`Close: ${title}`" @click="open = false">
          <v-icon :icon="mdiClose" />
        </v-btn>
      </header>
      <div ref="body" class="body" :tabindex="isWords ? 0 : undefined"><slot /></div>
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
