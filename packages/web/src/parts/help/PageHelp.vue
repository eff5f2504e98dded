<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useBook } from '../../state/book.ts';
import { isHelping } from '../../state/help.ts';
import { PAGE_HELP } from './pages.ts';

/** What this page is for, beside the page: nothing is covered that it speaks of, and it goes along to the next one. */
const store = useBook();
const route = useRoute();
const router = useRouter();
const names = Object.keys(PAGE_HELP);
const OF_A_UNIT = new Set(['spark', 'corners', 'days', 'circle', 'trays', 'gather', 'ready', 'hand-over']);

// Pages within pages are helped with where they belong.
const WITHIN: Readonly<Record<string, string>> = { watch: 'watch-begin', 'one-page': 'corners' };
const name = computed(() => WITHIN[String(route.name)] ?? String(route.name));
const help = computed(() => PAGE_HELP[name.value]);

// The unit that is on, or else any: with none, its pages are left out.
const unitId = computed(() => {
  if (typeof route.params['unitId'] === 'string') return route.params['unitId'];
  const dated = Object.values(store.book.units).filter(
    ({ start }) => start !== null && start <= store.today!,
  );
  return dated.toSorted((a, b) => (a.start! < b.start! ? 1 : -1))[0]?.id ?? Object.keys(store.book.units)[0];
});
const next = computed(() =>
  names.slice(names.indexOf(name.value) + 1).find((one) => unitId.value !== undefined || !OF_A_UNIT.has(one)),
);
const go = (to: string): unknown =>
  router.push({ name: to, params: OF_A_UNIT.has(to) ? { unitId: unitId.value } : {} });

const close = ref<HTMLButtonElement | null>(null);
const before = document.activeElement;
function onKey(event: KeyboardEvent): void {
  if (event.key === 'Escape' && !document.querySelector('[role="dialog"]')) isHelping.value = false;
}
onMounted(() => {
  window.addEventListener('keydown', onKey);
  // Opened by its button the hands go along; on another page they stay with that page.
  if (before?.matches('.pill, summary')) close.value?.focus({ preventScroll: true });
});
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey);
  if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
});
</script>

<template>
  <aside class="help" aria-label="Help with this page">
    <button ref="close" type="button" class="close" aria-label="Close help" @click="isHelping = false">
      <v-icon :icon="mdiClose" size="18" aria-hidden="true" />
    </button>
    <template v-if="help">
      <h2>{{ help.name }}</h2>
      <img :key="name" :src="`/help/${name}.webp`" alt="" width="640" height="400" loading="lazy" />
      <p>{{ help.about }}</p>
      <p class="soft">To try here:</p>
      <ul>
        <li v-for="one in help.tries" :key="one">{{ one }}</li>
      </ul>
    </template>
    <template v-else>
      <h2>This page</h2>
      <p>It is told on the page itself. What stands where is found with / from everywhere.</p>
    </template>
    <p class="acts">
      <v-btn v-if="next" class="is-side" size="small" @click="go(next)">
        On to {{ PAGE_HELP[next]!.name }}
      </v-btn>
      <span class="soft keys"><kbd>?</kbd> lists the keys</span>
    </p>
  </aside>
</template>

<style scoped>
.help {
  position: fixed;
  right: var(--gap-4);
  bottom: var(--gap-4);
  z-index: 15;
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  width: 330px;
  max-height: calc(100dvh - 90px);
  overflow-y: auto;
  padding: var(--gap-4) var(--gap-5);
  background: var(--card);
  border: 2px solid var(--plum);
  border-radius: var(--radius);
  color: var(--ink);
}
h2 {
  font: 700 19px var(--display);
}
img {
  width: 100%;
  height: auto;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.close {
  position: absolute;
  top: var(--gap-2);
  right: var(--gap-2);
  min-width: var(--touch);
  min-height: var(--touch);
  background: none;
  border: 0;
  color: inherit;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
}
@media (max-width: 900px) {
  /* Above the places at the thumb, and no higher than half the page. */
  .help {
    right: var(--gap-3);
    bottom: 64px;
    left: var(--gap-3);
    width: auto;
    max-height: 50dvh;
  }
  img,
  .keys {
    display: none;
  }
}
@media print {
  .help {
    display: none;
  }
}
</style>
