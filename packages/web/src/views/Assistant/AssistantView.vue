<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight, mdiHandWaveOutline, mdiPencilOutline } from '@mdi/js';
import { CAUTION_LINE, minutesInZone, minutesSinceMidnight, type HandoverItem } from '@kobby/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { providePictures } from '../../state/pictures.ts';
import { useTitle } from '../../state/page-title.ts';
import { canKeepCopy } from '../../state/phone-copy.ts';
import { blocksOf, SharedLink, type SharedBlock } from '../../state/shared.ts';
import AssistantCircle from './AssistantCircle.vue';
import AssistantDoor from './AssistantDoor.vue';
import AssistantItem from './AssistantItem.vue';
import AssistantReady from './AssistantReady.vue';
import AssistantTimers from './AssistantTimers.vue';
import AssistantUnkept from './AssistantUnkept.vue';
import AssistantWords from './AssistantWords.vue';

/** What an assistant sees: one day at a time, in large type, their own groups first, with things to tick off and say. */
const route = useRoute();
const secret = window.location.hash.slice(1);
// The secret is exchanged once; it does not stay in the address bar for others to read.
window.history.replaceState(window.history.state, '', window.location.pathname);
const link = new SharedLink(String(route.params.shareId), secret);
providePictures({
  isRealistic: () => link.handover.value?.pictures === 'realistic',
  fileAddress: (sha256) => `/api/shared/${String(route.params.shareId)}/files/${sha256}`,
});
const { handover, closed, locked, connected, waiting, unkept, trouble, isOnDevice } = link;
const letGo = (): void => link.close();
const MINUTE_MS = 60_000;
const now = ref(Date.now());
let ticking: ReturnType<typeof setInterval> | undefined;

onMounted(() => {
  window.addEventListener('pagehide', letGo);
  ticking = setInterval(() => (now.value = Date.now()), MINUTE_MS);
  void link.open();
});
onBeforeUnmount(() => {
  window.removeEventListener('pagehide', letGo);
  clearInterval(ticking);
  letGo();
});

const chosen = ref<number | null>(null);
const day = computed(() => {
  const days = handover.value?.days ?? [];
  const wanted = chosen.value ?? days.find((one) => one.date >= handover.value!.today)?.number;
  return days.find((one) => one.number === wanted) ?? days.at(-1) ?? null;
});
const setUps = computed(() => day.value?.items.filter((item) => item.start === null) ?? []);
const blocks = computed(() => (day.value ? blocksOf(day.value) : []));
const someMine = computed(() => day.value?.items.some(({ mine }) => mine) ?? false);
const allDay = computed(() => {
  const shown = new Set(blocks.value.map(({ key }) => key));
  return day.value?.lines.filter(({ blockId }) => blockId === null || !shown.has(blockId)) ?? [];
});
const index = computed(() => handover.value?.days.findIndex((one) => one.number === day.value?.number) ?? -1);
const state = computed(() => {
  const kept = canKeepCopy() && isOnDevice.value ? ', kept on this phone' : '';
  if (waiting.value.length > 0 && !isOnDevice.value)
    return `${waiting.value.length} on the way: leave this page open, the phone has no room to keep them`;
  if (waiting.value.length > 0) return `${waiting.value.length} on the way${kept}`;
  if (trouble.value) return `the home does not answer, asked again${kept}`;
  return connected.value ? 'up to date' : `not connected${kept}`;
});
const minutes = computed(() =>
  handover.value && day.value?.date === handover.value.today
    ? minutesInZone(now.value, handover.value.zone)
    : null,
);
function isNow({ start, minutes: length }: SharedBlock): boolean {
  if (minutes.value === null || start === '') return false;
  const from = minutesSinceMidnight(start as never);
  return from <= minutes.value && minutes.value < from + (length ?? 20);
}

const word = ref<{ kind: 'note' | 'help'; item: HandoverItem | null } | null>(null);
const isWriting = computed({ get: () => word.value !== null, set: (open) => !open && (word.value = null) });

function go(step: number): void {
  chosen.value = handover.value?.days[index.value + step]?.number ?? null;
  window.scrollTo({ top: 0 });
}
useTitle('page', () => 'The day in the room');
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
    <template v-else-if="locked">
      <header><h1>Kobby</h1></header>
      <AssistantDoor :problem="locked.problem" @enter="link.open($event)" />
    </template>
    <template v-else-if="handover && day">
      <header>
        <h1>Day {{ day.number }}</h1>
        <p>
          {{ day.dateText }} · {{ handover.unitTitle }} · <span role="status">{{ state }}</span>
        </p>
        <p v-if="!canKeepCopy()">
          This address is not secure: the phone cannot keep a copy, and nothing opens without a connection.
        </p>
      </header>
      <AssistantTimers :link="link" />
      <section aria-label="Children today">
        <ul class="kids">
          <li v-for="child in day.children" :key="child">{{ child }}</li>
        </ul>
      </section>
      <main>
        <AssistantUnkept v-if="unkept.length" :link="link" :handover="handover" />
        <section v-for="event in day.events" :key="event.title" class="special">
          <h2>{{ event.title }}</h2>
          <p v-for="line in event.plan" :key="line">{{ line }}</p>
          <p v-if="event.guests">Who comes: {{ event.guests }}</p>
          <p v-if="event.brings">{{ event.brings }}</p>
        </section>
        <section v-for="block in blocks" :key="block.key" class="block" :class="{ now: isNow(block) }">
          <h2>{{ block.start }} {{ block.name }} <span v-if="isNow(block)" class="now-word">now</span></h2>
          <AssistantCircle v-if="block.circle" :circle="block.circle" />
          <p v-for="line in block.lines" :key="line">{{ line }}</p>
          <AssistantItem
            v-for="item in block.items"
            :key="item.placementId"
            :item="item"
            :day="day.number"
            :link="link"
            :folded="someMine && !item.mine"
            @write="word = { kind: $event, item }"
          />
        </section>
        <p v-if="blocks.length === 0" class="soft">Nothing planned at a set time.</p>
        <AssistantReady v-if="day.ready.length" :tasks="day.ready" :link="link" />
        <h2 v-if="setUps.length || allDay.length" class="band">Out all day</h2>
        <p v-for="line in allDay" :key="line.text">{{ line.text }}</p>
        <AssistantItem
          v-for="item in setUps"
          :key="item.placementId"
          :item="item"
          :day="day.number"
          :link="link"
          folded
          @write="word = { kind: $event, item }"
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
        <button type="button" aria-label="Day before" :disabled="index <= 0" @click="go(-1)">
          <v-icon :icon="mdiChevronLeft" aria-hidden="true" />
        </button>
        <button type="button" @click="word = { kind: 'note', item: null }">
          <v-icon :icon="mdiPencilOutline" size="20" aria-hidden="true" /> Note
        </button>
        <button type="button" @click="word = { kind: 'help', item: null }">
          <v-icon :icon="mdiHandWaveOutline" size="20" aria-hidden="true" /> Needs help
        </button>
        <button
          type="button"
          aria-label="Next day"
          :disabled="index >= handover.days.length - 1"
          @click="go(1)"
        >
          <v-icon :icon="mdiChevronRight" aria-hidden="true" />
        </button>
      </footer>
      <AssistantWords
        v-if="word"
        v-model="isWriting"
        :kind="word.kind"
        :item="word.item"
        :day="day.number"
        :link="link"
      />
    </template>
    <template v-else-if="handover">
      <header>
        <h1>{{ handover.unitTitle }}</h1>
      </header>
      <main><p>There are no days on this link any more.</p></main>
    </template>
    <main v-else class="shut">
      <p class="soft" role="status">
        {{ trouble ? `${trouble.title}. It is tried again by itself.` : 'Opening …' }}
      </p>
    </main>
  </div>
</template>

<style scoped>
.phone {
  display: flex;
  flex-direction: column;
  width: 100%;
  min-height: 100vh;
  max-width: 560px;
  margin: 0 auto;
  font-size: 16.5px;
}
header {
  padding: var(--gap-4) var(--gap-5) var(--gap-4);
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
  gap: var(--gap-3);
  padding: var(--gap-4) var(--gap-4) var(--gap-3);
  background: var(--card);
  border-bottom: 1.5px solid var(--line);
}
.kids li {
  display: grid;
  place-items: center;
  min-width: 50px;
  height: 38px;
  padding: 0 var(--gap-4);
  background: var(--ok-bg);
  color: var(--ok);
  border-radius: 8px;
  font-weight: 700;
}
main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: var(--gap-4);
  padding: var(--gap-4) var(--gap-4) var(--gap-5);
}
.special {
  padding: var(--gap-3) var(--gap-4);
  background: var(--note-bg);
  border-radius: 8px;
}
.block {
  display: grid;
  gap: var(--gap-3);
}
.block > h2 {
  font-size: 17px;
}
.now > h2 {
  color: var(--plum);
}
.now-word {
  padding: var(--gap-1) var(--gap-3);
  background: var(--tape);
  color: var(--tape-ink);
  font-size: 14px;
}
.band {
  margin-top: var(--gap-3);
}
.shut {
  justify-content: center;
  text-align: center;
}
.shut h2 {
  font-size: 22px;
}
.numbers {
  padding: var(--gap-3) var(--gap-4);
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
  grid-template-columns: 52px 1fr 1.4fr 52px;
  gap: var(--gap-3);
  padding: var(--gap-3);
  background: var(--shelf);
  border-top: 5px solid var(--shelf-dark);
}
footer button {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: var(--gap-3);
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

<style>
/* What has the focus is never hidden by the bar at the foot. */
html:has(.phone) {
  scroll-padding-bottom: 90px;
}
</style>
