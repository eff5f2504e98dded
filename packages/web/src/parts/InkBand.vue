<script setup lang="ts">
import { mdiRedoVariant, mdiUndoVariant, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { doorSchema } from '@kobby/core';
import { ask } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { forgetJotted } from '../state/jotted.ts';
import { chosenLight, useLight, type Light } from '../theme/index.ts';
import SaveState from './SaveState.vue';
import TimerShelf from './TimerShelf.vue';

/** The band of ink on top of every planning page: where one is, what is kept, one step back. */
defineProps<{ title: string; detail?: string | undefined }>();

const store = useBook();
const router = useRouter();
const light = ref<Light>(chosenLight());

function switchLight(): void {
  light.value = light.value === 'day' ? 'evening' : 'day';
  useLight(light.value);
}

async function signOut(): Promise<void> {
  await ask('DELETE', '/api/session', doorSchema);
  forgetJotted();
  store.leave();
  await router.push({ name: 'enter' });
}

function onKey(event: KeyboardEvent): void {
  const inField = (event.target as HTMLElement).closest('input, textarea, [contenteditable]');
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || inField) return;
  event.preventDefault();
  if (event.shiftKey) store.redo();
  else store.undo();
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="top">
    <header class="band">
      <RouterLink class="brand" to="/units" aria-label="Kobby, all units">kobby</RouterLink>
      <div class="where">
        <h1>{{ title }}</h1>
        <span v-if="detail" class="detail">{{ detail }}</span>
      </div>
      <RouterLink class="place" to="/today">Today</RouterLink>
      <RouterLink class="place" to="/units">Units</RouterLink>
      <RouterLink class="place" to="/kitchen">Kitchen</RouterLink>
      <RouterLink class="place" to="/watch">Watch</RouterLink>
      <RouterLink class="place" to="/house">The house</RouterLink>
      <SaveState />
      <button
        class="pill"
        type="button"
        :disabled="store.history.undo.length === 0"
        :title="store.history.undo.at(-1)?.entry.label"
        aria-label="Undo"
        @click="store.undo()"
      >
        <v-icon :icon="mdiUndoVariant" size="16" aria-hidden="true" /> <span class="word">Undo</span>
      </button>
      <button
        class="pill"
        type="button"
        :disabled="store.history.redo.length === 0"
        :title="store.history.redo.at(-1)?.entry.label"
        aria-label="Redo"
        @click="store.redo()"
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
      <button class="pill" type="button" @click="signOut">Sign out</button>
    </header>
    <TimerShelf />
  </div>
</template>

<style scoped>
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
h1 {
  overflow: hidden;
  font-size: 19px;
  font-weight: 600;
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
/* On a phone: where one is above, what can be done below. */
@media (max-width: 900px) {
  .band {
    flex-wrap: wrap;
    gap: var(--gap-2) var(--gap-3);
    padding: var(--gap-2) var(--gap-4);
  }
  .brand {
    width: auto;
  }
  .where {
    flex-basis: 30%;
  }
  h1 {
    white-space: nowrap;
  }
  .detail,
  .word {
    display: none;
  }
  .pill {
    justify-content: center;
    min-width: var(--touch);
    height: var(--touch);
    padding: 0 var(--gap-4);
  }
}
</style>
