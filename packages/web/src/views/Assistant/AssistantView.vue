<script setup lang="ts">
import { CAUTION_LINE } from '@kobby/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { SharedLink } from '../../state/shared.ts';
import AssistantItem from './AssistantItem.vue';
import AssistantReady from './AssistantReady.vue';

/** What an assistant sees: one day at a time, in large type, with things to tick off. */
const route = useRoute();
const secret = window.location.hash.slice(1);
// The secret is exchanged once; it does not stay in the address bar for others to read.
window.history.replaceState(window.history.state, '', window.location.pathname);
const link = new SharedLink(String(route.params.shareId), secret);
const { handover, closed, connected, waiting } = link;
const letGo = (): void => link.close();

onMounted(() => {
  window.addEventListener('pagehide', letGo);
  void link.open();
});
onBeforeUnmount(() => {
  window.removeEventListener('pagehide', letGo);
  letGo();
});

const chosen = ref<number | null>(null);
const day = computed(() => {
  const days = handover.value?.days ?? [];
  const wanted = chosen.value ?? days.find((one) => one.date >= handover.value!.today)?.number;
  return days.find((one) => one.number === wanted) ?? days.at(-1) ?? null;
});
const setUps = computed(() => day.value?.items.filter((item) => item.start === null) ?? []);
const timed = computed(() => day.value?.items.filter((item) => item.start !== null) ?? []);
const index = computed(() => handover.value?.days.findIndex((one) => one.number === day.value?.number) ?? -1);
const state = computed(() => {
  if (waiting.value.length > 0) return `${waiting.value.length} on the way`;
  return connected.value ? 'up to date' : 'not connected';
});

function go(step: number): void {
  chosen.value = handover.value?.days[index.value + step]?.number ?? null;
  window.scrollTo({ top: 0 });
}
</script>

<template>
  <div class="phone">
    <template v-if="closed">
      <header><h1>Kobby</h1></header>
      <main class="shut" role="alert">
        <h2>{{ closed.title }}</h2>
        <p>{{ closed.detail }}</p>
      </main>
    </template>
    <template v-else-if="handover && day">
      <header>
        <h1>Day {{ day.number }}</h1>
        <p>
          {{ day.dateText }} · {{ handover.unitTitle }} · <span role="status">{{ state }}</span>
        </p>
      </header>
      <ul class="kids" aria-label="Children today">
        <li v-for="child in day.children" :key="child">{{ child }}</li>
      </ul>
      <main>
        <AssistantItem
          v-for="item in timed"
          :key="item.placementId"
          :item="item"
          :day="day.number"
          :link="link"
        />
        <p v-if="timed.length === 0" class="soft">Nothing planned at a set time.</p>
        <AssistantReady v-if="day.ready.length" :tasks="day.ready" :link="link" />
        <h2 v-if="setUps.length" class="band">Out all day</h2>
        <AssistantItem
          v-for="item in setUps"
          :key="item.placementId"
          :item="item"
          :day="day.number"
          :link="link"
          folded
        />
        <p v-if="handover.emergencyNumber" class="numbers">
          Emergency <a :href="`tel:${handover.emergencyNumber}`">{{ handover.emergencyNumber }}</a>
          <template v-if="handover.poisonCentreNumber">
            · Poison centre
            <a :href="`tel:${handover.poisonCentreNumber}`">{{ handover.poisonCentreNumber }}</a>
          </template>
        </p>
        <p class="line soft">{{ CAUTION_LINE }}</p>
      </main>
      <footer>
        <button type="button" :disabled="index <= 0" @click="go(-1)">Day before</button>
        <button type="button" :disabled="index >= handover.days.length - 1" @click="go(1)">Next day</button>
      </footer>
    </template>
    <template v-else-if="handover">
      <header>
        <h1>{{ handover.unitTitle }}</h1>
      </header>
      <main><p>There are no days on this link any more.</p></main>
    </template>
    <main v-else class="shut"><p class="soft">Opening …</p></main>
  </div>
</template>

<style scoped>
.phone {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
  max-width: 560px;
  margin: 0 auto;
  font-size: 16.5px;
}
header {
  padding: 14px 16px 12px;
  background: var(--band);
  color: var(--band-text);
}
header h1 {
  font-size: 26px;
}
header p {
  color: var(--band-soft);
  font-size: 15px;
}
.kids {
  display: flex;
  flex-wrap: wrap;
  gap: 7px;
  padding: 11px 14px 10px;
  background: var(--card);
  border-bottom: 1.5px solid var(--line);
}
.kids li {
  display: grid;
  place-items: center;
  min-width: 50px;
  height: 38px;
  padding: 0 12px;
  background: var(--ok-bg);
  color: var(--ok);
  border-radius: 8px;
  font-weight: 700;
}
main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 12px;
  padding: 14px 14px 18px;
}
.band {
  margin-top: 8px;
}
.shut {
  justify-content: center;
  text-align: center;
}
.shut h2 {
  font-size: 22px;
}
.numbers {
  padding: 10px 12px;
  background: var(--note-bg);
  border-radius: 8px;
}
.line {
  font-size: 13px;
}
footer {
  position: sticky;
  bottom: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  padding: 8px;
  background: var(--shelf);
  border-top: 5px solid var(--shelf-dark);
}
footer button {
  height: 52px;
  background: var(--drawer);
  border: 1.5px solid var(--shelf-dark);
  border-radius: 7px;
  color: var(--drawer-ink);
  font: 700 16px var(--display);
}
footer button:disabled {
  opacity: 0.55;
}
</style>
