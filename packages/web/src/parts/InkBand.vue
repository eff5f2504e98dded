<script setup lang="ts">
import {
  mdiDotsHorizontal,
  mdiHelp,
  mdiMagnify,
  mdiRedoVariant,
  mdiUndoVariant,
  mdiWeatherNight,
  mdiWhiteBalanceSunny,
} from '@mdi/js';
import { defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { useBook } from '../state/book.ts';
import { isHelping } from '../state/help.ts';
import { signOutOfDevice } from '../state/signing-out.ts';
import { useTitle } from '../state/page-title.ts';
import { chosenLight, useLight, type Light } from '../theme/index.ts';
import SaveState from './SaveState.vue';
import TimerShelf from './TimerShelf.vue';

const FindSheet = defineAsyncComponent(() => import('./FindSheet.vue'));
const KeysSheet = defineAsyncComponent(() => import('./KeysSheet.vue'));

/** The band of ink on top of every planning page: where one is, what is kept, one step back. */
const props = defineProps<{
  title: string;
  detail?: string | undefined;
  /** The page below has no name of its own: this one is it. */
  isPage?: boolean;
}>();
useTitle('place', () => props.title);

const PLACES = [
  { to: '/today', name: 'Today' },
  { to: '/units', name: 'Units' },
  { to: '/kitchen', name: 'Kitchen' },
  { to: '/watch', name: 'Watch' },
  { to: '/house', name: 'The house' },
] as const;
const store = useBook();
const router = useRouter();
const light = ref<Light>(chosenLight());

// Past the places and the drawers.
function skip(): void {
  const page = document.querySelector<HTMLElement>('main');
  if (!page) return;
  page.tabIndex = -1;
  page.focus();
}

// What is seldom pressed lies behind one button on a phone; there is room for it elsewhere.
const more = ref<HTMLDetailsElement | null>(null);
const isNarrow = window.matchMedia?.('(max-width: 900px)');
const unfold = (): void => void (more.value && (more.value.open = !(isNarrow?.matches ?? false)));
onMounted(() => {
  unfold();
  isNarrow?.addEventListener('change', unfold);
});
onBeforeUnmount(() => isNarrow?.removeEventListener('change', unfold));
function foldAfter(event: Event): void {
  const isChoice = !(event.target as HTMLElement).closest('summary');
  if (isChoice && isNarrow?.matches && more.value) more.value.open = false;
}

function switchLight(): void {
  light.value = light.value === 'day' ? 'evening' : 'day';
  useLight(light.value);
}

async function signOut(): Promise<void> {
  await signOutOfDevice(store);
  await router.push({ name: 'enter' });
}

// A step back says what it takes back, before and after.
const SAID_MS = 6000;
const said = ref('');
let fading: ReturnType<typeof setTimeout> | undefined;
const newest = (way: 'undo' | 'redo'): string => store.history[way].at(-1)?.entry.label ?? '';
function step(way: 'undo' | 'redo'): void {
  const label = newest(way);
  if (label === '') return;
  store[way]();
  said.value = `${way === 'undo' ? 'Taken back' : 'Done again'}: ${label}`;
  clearTimeout(fading);
  fading = setTimeout(() => (said.value = ''), SAID_MS);
}
onBeforeUnmount(() => clearTimeout(fading));

const finding = ref(false);
const keys = ref(false);
function onKey(event: KeyboardEvent): void {
  const inField = (event.target as HTMLElement).closest('input, textarea, select, [contenteditable]');
  const isPlain = !event.ctrlKey && !event.metaKey && !event.altKey && !inField;
  if (isPlain && (event.key === '/' || event.key === '?') && !document.querySelector('[role="dialog"]')) {
    event.preventDefault();
    if (event.key === '/') finding.value = true;
    else keys.value = true;
    return;
  }
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || inField) return;
  event.preventDefault();
  step(event.shiftKey ? 'redo' : 'undo');
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="top">
    <header class="band">
      <button class="skip" type="button" @click="skip">To the page</button>
      <RouterLink class="brand" to="/units" aria-label="Kobby, all units">kobby</RouterLink>
      <div class="where">
        <component :is="isPage ? 'h1' : 'p'" class="title">{{ title }}</component>
        <span v-if="detail" class="detail">{{ detail }}</span>
      </div>
      <!-- Before the places: what it says changes its width with each change, and nothing may move under the pointer. -->
      <SaveState />
      <nav class="places" aria-label="Places">
        <RouterLink v-for="place in PLACES" :key="place.to" class="place" :to="place.to">{{
          place.name
        }}</RouterLink>
      </nav>
      <button
        class="pill"
        type="button"
        aria-label="Find anything"
        title="Find anything: /"
        @click="finding = true"
      >
        <v-icon :icon="mdiMagnify" size="18" aria-hidden="true" />
        <span class="word">Find <kbd>/</kbd></span>
      </button>
      <button
        class="pill"
        type="button"
        :disabled="store.history.undo.length === 0"
        :title="newest('undo')"
        :aria-label="newest('undo') ? `Undo: ${newest('undo')}` : 'Undo'"
        @click="step('undo')"
      >
        <v-icon :icon="mdiUndoVariant" size="16" aria-hidden="true" /> <span class="word">Undo</span>
      </button>
      <details ref="more" class="more" :open="!isNarrow?.matches" @click="foldAfter">
        <summary class="pill" aria-label="More">
          <v-icon :icon="mdiDotsHorizontal" size="20" aria-hidden="true" />
        </summary>
        <div class="rest">
          <button
            class="pill"
            type="button"
            :disabled="store.history.redo.length === 0"
            :title="newest('redo')"
            :aria-label="newest('redo') ? `Redo: ${newest('redo')}` : 'Redo'"
            @click="step('redo')"
          >
            <v-icon :icon="mdiRedoVariant" size="16" aria-hidden="true" />
          </button>
          <button
            class="pill"
            type="button"
            :aria-label="light === 'day' ? 'Evening light' : 'Day light'"
            :title="light === 'day' ? 'Evening light' : 'Day light'"
            @click="switchLight"
          >
            <v-icon
              :icon="light === 'day' ? mdiWeatherNight : mdiWhiteBalanceSunny"
              size="16"
              aria-hidden="true"
            />
          </button>
          <button
            class="pill"
            type="button"
            aria-label="Help with this page"
            title="Help with this page"
            :aria-pressed="isHelping"
            @click="isHelping = !isHelping"
          >
            <v-icon :icon="mdiHelp" size="16" aria-hidden="true" />
          </button>
          <button class="pill" type="button" @click="signOut">Sign out</button>
        </div>
      </details>
    </header>
    <p class="said" role="status">
      <span v-if="said">{{ said }}</span>
    </p>
    <TimerShelf />
    <FindSheet v-if="finding" @close="finding = false" />
    <KeysSheet v-if="keys" @close="keys = false" />
  </div>
</template>

<style scoped>
.skip {
  position: absolute;
  left: var(--gap-3);
  top: -80px;
  z-index: 20;
  padding: var(--gap-3) var(--gap-4);
  background: var(--card);
  color: var(--ink);
  border: 0;
  border-radius: var(--radius);
}
.skip:focus {
  top: var(--gap-2);
}
.top {
  position: relative;
}
.said {
  pointer-events: none;
  position: absolute;
  top: 100%;
  right: var(--gap-5);
  z-index: 8;
}
.said span {
  display: block;
  max-width: min(420px, 90vw);
  padding: var(--gap-2) var(--gap-4);
  background: var(--band);
  color: var(--band-text);
  border-radius: 0 0 var(--radius) var(--radius);
}
.band {
  display: flex;
  align-items: center;
  gap: var(--gap-3);
  min-height: 52px;
  padding: var(--gap-2) var(--gap-5) var(--gap-2) var(--gap-4);
  background: var(--band);
  color: var(--band-text);
}
.brand {
  flex: none;
  width: 126px;
  font: 700 23px var(--display);
  letter-spacing: -0.5px;
  color: inherit;
  text-decoration: none;
}
.band :focus-visible {
  outline-color: var(--tape);
}
.where {
  display: flex;
  flex: 1;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 var(--gap-4);
  min-width: 0;
}
.title {
  overflow: hidden;
  font: 600 19px var(--display);
  text-overflow: ellipsis;
}
.detail {
  color: var(--band-soft);
}
.place {
  padding: var(--gap-2) var(--gap-1);
  color: var(--band-soft);
  text-decoration: none;
  white-space: nowrap;
}
.place:hover,
.place.router-link-active {
  color: var(--band-text);
  box-shadow: 0 3px 0 var(--tape);
}
.pill {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-2);
  height: 32px;
  padding: 0 var(--gap-4);
  background: none;
  border: 1.5px solid var(--band-edge);
  border-radius: 99px;
  color: var(--band-text);
}
.pill:disabled {
  border-style: dashed;
  color: var(--band-soft);
  cursor: default;
}
.pill:hover:enabled {
  background: #ffffff1f;
}
.places {
  display: flex;
  gap: var(--gap-3);
}
.rest {
  display: flex;
  gap: var(--gap-3);
}
.more > summary {
  display: none;
}
/* On a phone: one row above, the five places at the thumb. */
@media (max-width: 900px) {
  .band {
    min-height: 56px;
    padding: var(--gap-1) var(--gap-4);
  }
  .brand,
  .detail,
  .word {
    display: none;
  }
  .where {
    flex: 1 1 0;
    flex-wrap: nowrap;
  }
  .title {
    display: -webkit-box;
    font-size: 17px;
    line-height: 1.15;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
  }
  .places {
    position: fixed;
    inset: auto 0 0;
    z-index: 6;
    gap: 0;
    background: var(--band);
  }
  .place {
    display: grid;
    flex: 1;
    place-items: center;
    min-height: 52px;
    padding: 0;
    font-size: 13.5px;
  }
  .place:hover,
  .place.router-link-active {
    box-shadow: inset 0 4px 0 var(--tape);
  }
  .pill {
    justify-content: center;
    min-width: var(--touch);
    height: var(--touch);
    padding: 0 var(--gap-3);
  }
  .more {
    position: relative;
  }
  .more > summary {
    display: inline-flex;
    align-items: center;
    list-style: none;
  }
  .rest {
    position: absolute;
    top: calc(100% + var(--gap-2));
    right: 0;
    z-index: 7;
    padding: var(--gap-3);
    background: var(--band);
    border: 1.5px solid var(--band-edge);
    border-radius: var(--radius);
    box-shadow: 0 3px 14px var(--shade);
    white-space: nowrap;
  }
}
</style>
