<script setup lang="ts">
import {
  mdiArrowLeft,
  mdiClockOutline,
  mdiDebugStepOver,
  mdiFastForwardOutline,
  mdiHandWaveOutline,
  mdiPencilOutline,
  mdiPlus,
  mdiRepeat,
  mdiVolumeMedium,
} from '@mdi/js';
import { fitFrom, formatSeconds, PIECE_KINDS, type BlockId, type Pull, type UnitId } from '@kobby/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import { newId } from '../../state/api.ts';
import { useTitle } from '../../state/page-title.ts';
import { useBook } from '../../state/book.ts';
import { provideReading } from '../../state/unit.ts';
import MadeUpVerse from './MadeUpVerse.vue';
import { screensOf } from './screens.ts';
import WentCard from './WentCard.vue';

/** The circle on a tablet, verse by verse: a tap goes on. Longer while they arrive, shorter when it drags. */
const store = useBook();
const route = useRoute();
const unitId = String(route.params.unitId) as UnitId;
const day = Number(route.params.day);
const isThere = computed(() => store.book.units[unitId] !== undefined);
const reading = isThere.value ? provideReading(() => unitId) : null;
const run = computed(() => {
  const blocks = reading?.value.circles.blocks ?? [];
  const block = blocks.find(({ id }) => id === (route.params.blockId as BlockId));
  return block ? (reading?.value.circles.on(day, block, 'in') ?? null) : null;
});
const screens = computed(() => (run.value ? screensOf(run.value) : []));

// A place is kept by its piece and verse: making the circle longer or shorter does not lose it.
const place = ref<{ readonly pieceId: string; readonly verse: number } | null>(null);
const at = computed(() => {
  const { value } = place;
  if (!value) return 0;
  const found = screens.value.findIndex(
    ({ part, verse }) => part.piece.id === value.pieceId && verse === value.verse,
  );
  if (found >= 0) return found;
  const last = screens.value.findLastIndex(({ part }) => part.piece.id === value.pieceId);
  return last >= 0 ? last : Math.min(lastAt.value, screens.value.length - 1);
});
const lastAt = ref(0);
const ended = ref(false);
const screen = computed(() => screens.value[at.value] ?? null);
const next = computed(
  () => screens.value.slice(at.value + 1).find(({ part }) => part !== screen.value?.part) ?? null,
);
const said = ref<string | null>(null);

function go(index: number): void {
  said.value = null;
  if (index >= screens.value.length) ended.value = true;
  else if (index >= 0) {
    ended.value = false;
    const { part, verse } = screens.value[index]!;
    lastAt.value = index;
    place.value = { pieceId: part.piece.id, verse };
  }
}
// A verse that was fun comes once more, and goes on from there; what is left out is only left out now.
const again = ref(false);
const isVerse = computed(() => (screen.value?.of ?? 0) > 1);
function forward(): void {
  if (again.value) again.value = false;
  else go(ended.value ? at.value : at.value + 1);
}
const skip = (): void => go(at.value + 2);
const isSkippable = computed(() => screens.value[at.value + 1]?.part === screen.value?.part && isVerse.value);

const back = (): void => (ended.value ? go(screens.value.length - 1) : go(at.value - 1));

function fit(pull: Pull): void {
  if (!run.value || !screen.value || !reading) return;
  const { circles, frame } = reading.value;
  const fitted = fitFrom(run.value, screen.value.index, pull, { stuff: circles.stuff, frame, newId });
  if (fitted.outcome === 'cannot') {
    said.value = fitted.why;
    return;
  }
  const result = store.perform(fitted.changes);
  const told = [...fitted.steps, ...(fitted.short ? [fitted.short] : [])];
  if (!result.done) said.value = result.errors[0]?.message ?? 'This could not be done';
  else said.value = told.length > 0 ? `Today: ${told.join('. ')}.` : 'Nothing is left to change.';
}

// A verse that somebody made up in the middle of it is written down before it is forgotten.
const isWriting = ref(false);
function wrote(words: string | null): void {
  isWriting.value = false;
  said.value = words;
}

const seconds = ref(0);
let timer: ReturnType<typeof setInterval> | null = null;
const onKey = (event: KeyboardEvent): void => {
  if (event.key === 'ArrowLeft') return back();
  if (event.key === 'ArrowRight') return forward();
  // What has the focus is pressed by these keys itself.
  const isTaken =
    event.target instanceof HTMLElement && event.target.closest('a, button, summary, input, textarea');
  if (isTaken || (event.key !== ' ' && event.key !== 'Enter')) return;
  event.preventDefault();
  forward();
};
onMounted(() => {
  const began = performance.now();
  timer = setInterval(() => (seconds.value = Math.floor((performance.now() - began) / 1000)), 1000);
  window.addEventListener('keydown', onKey);
});
onBeforeUnmount(() => {
  if (timer) clearInterval(timer);
  window.removeEventListener('keydown', onKey);
});
useTitle('page', () => 'Leading the circle');
</script>

<template>
  <main class="lead">
    <header>
      <RouterLink :to="{ name: 'circle', params: { unitId }, query: { day } }" class="out">
        <v-icon :icon="mdiArrowLeft" size="20" aria-hidden="true" /> Back to the plan
      </RouterLink>
      <a
        v-if="screen?.part.song?.link"
        class="out"
        :href="screen.part.song.link"
        target="_blank"
        rel="noopener noreferrer"
        >the recording</a
      >
      <span v-if="screen && run" class="figures">
        <v-icon :icon="mdiClockOutline" size="18" aria-hidden="true" />
        {{ formatSeconds(seconds) }} of {{ formatSeconds(run.seconds) }}
      </span>
    </header>
    <p v-if="!run || screens.length === 0" class="empty">There is nothing in this circle on this day.</p>
    <section v-else-if="ended" class="end" data-test="lead-end">
      <h1>That was the circle.</h1>
      <WentCard :run="run" />
      <v-btn class="is-side" @click="back">Once more from the last verse</v-btn>
    </section>
    <template v-else-if="screen">
      <h1 class="sr-only">The circle of Day {{ day }}</h1>
      <!-- The whole page is the button: a tap with a full hand goes on. -->
      <button type="button" class="page" data-test="verse" @click="forward">
        <span class="title">
          <b>{{ screen.part.title }}</b>
          <span>{{ PIECE_KINDS[screen.part.piece.kind].name }}</span>
          <span v-if="again" class="again">once more</span>
          <span v-if="screen.of > 1" class="of">{{ screen.verse + 1 }} of {{ screen.of }}</span>
        </span>
        <span class="lines" :class="{ many: screen.lines.length > 5 }">
          <span
            v-for="(line, i) in screen.lines"
            :key="i"
            class="line"
            :class="{ answer: line.voice === 'answer' }"
          >
            <span class="words"
              ><small v-if="line.by">{{ line.by }}</small
              >{{ line.text }}</span
            >
            <span v-if="line.motion" class="motion">
              <v-icon :icon="mdiHandWaveOutline" size="22" aria-hidden="true" /> {{ line.motion }}
            </span>
          </span>
        </span>
        <span v-if="screen.hint" class="hint">
          <v-icon :icon="mdiVolumeMedium" size="20" aria-hidden="true" /> {{ screen.hint }}
        </span>
        <span class="go">{{ at + 1 === screens.length ? 'Tap: the end' : 'Tap to go on' }}</span>
      </button>
      <p v-if="said" class="said" role="status">{{ said }}</p>
      <MadeUpVerse v-if="isWriting && screen.part.song" :song="screen.part.song" @done="wrote" />
      <footer>
        <v-btn class="is-side" :disabled="at === 0" @click="back">
          <v-icon :icon="mdiArrowLeft" size="18" aria-hidden="true" /> Back
        </v-btn>
        <span class="next">{{ next ? `Then: ${next.part.title}` : 'Then it is over' }}</span>
        <v-btn v-if="isVerse" class="is-side" data-test="again" :aria-pressed="again" @click="again = !again">
          <v-icon :icon="mdiRepeat" size="18" aria-hidden="true" /> This one again
        </v-btn>
        <v-btn v-if="isSkippable" class="is-side" data-test="skip" @click="skip">
          <v-icon :icon="mdiDebugStepOver" size="18" aria-hidden="true" /> Leave the next out
        </v-btn>
        <v-btn v-if="screen.part.song" class="is-side" data-test="made-up" @click="isWriting = true">
          <v-icon :icon="mdiPencilOutline" size="18" aria-hidden="true" /> A verse of ours
        </v-btn>
        <v-btn class="is-side" data-test="longer" @click="fit('longer')">
          <v-icon :icon="mdiPlus" size="18" aria-hidden="true" /> Still arriving
        </v-btn>
        <v-btn class="is-side" data-test="shorter" @click="fit('shorter')">
          <v-icon :icon="mdiFastForwardOutline" size="18" aria-hidden="true" /> It drags
        </v-btn>
      </footer>
    </template>
  </main>
</template>

<style scoped>
.lead {
  display: flex;
  flex-direction: column;
  height: 100vh;
  height: 100dvh;
  background: var(--paper);
}
header,
footer {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-4);
  align-items: center;
  padding: var(--gap-3) var(--gap-5);
}
header {
  background: var(--band);
  color: var(--band-text);
}
header .figures {
  margin-left: auto;
  font-weight: 600;
}
.out {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: 32px;
  color: var(--band-text);
}
.page {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: var(--gap-5);
  min-height: 0;
  margin: var(--gap-4) var(--gap-5) 0;
  padding: var(--gap-5) calc(2 * var(--gap-5));
  overflow: auto;
  background: var(--card);
  border: 0;
  border-bottom: 10px solid var(--shelf);
  border-radius: 10px;
  color: var(--ink);
  text-align: left;
}
.title {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
  color: var(--ink-soft);
}
.title b {
  color: var(--ink);
  font: 700 22px/1.2 var(--display);
}
.of {
  margin-left: auto;
  padding: var(--gap-1) var(--gap-4);
  background: var(--tape);
  border-radius: 4px;
  color: var(--tape-ink);
  font-weight: 700;
}
/* What the hands do stands in a column of its own, close to the longest line. */
.lines {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, auto) auto;
  gap: var(--gap-4) 48px;
  align-content: center;
  justify-content: start;
  font: 600 clamp(24px, 3.2vw, 46px) / 1.2 var(--display);
}
.lines.many {
  gap: var(--gap-3) calc(2 * var(--gap-5));
  font-size: clamp(20px, 3vw, 34px);
}
.line {
  display: contents;
}
.words {
  grid-column: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.answer .words {
  color: var(--plum);
}
.words small {
  margin-right: var(--gap-4);
  padding: 0 var(--gap-3);
  border: 2px solid var(--plum);
  border-radius: 4px;
  font: 600 0.45em/1.4 var(--text);
  vertical-align: middle;
}
.motion {
  grid-column: 2;
  align-self: center;
  color: var(--ink-soft);
  font: 400 clamp(16px, 1.7vw, 21px) / 1.25 var(--text);
}
.hint,
.go {
  color: var(--ink-soft);
  font-size: 17px;
}
.go {
  align-self: flex-end;
  margin-top: -44px;
}
.next {
  margin: 0 auto 0 var(--gap-2);
  font-weight: 600;
}
footer .v-btn {
  min-height: var(--touch);
}
footer .v-icon {
  margin-right: var(--gap-3);
}
.again {
  padding: var(--gap-1) var(--gap-4);
  background: var(--plum);
  border-radius: 4px;
  color: var(--on-plum);
  font-weight: 700;
}
.said {
  margin: var(--gap-3) var(--gap-5) 0;
  padding: var(--gap-2) var(--gap-4);
  background: var(--note-bg);
  border-left: 5px solid var(--note-edge);
  border-radius: 5px;
  color: var(--note);
  font-weight: 600;
}
.end {
  display: flex;
  flex-direction: column;
  gap: var(--gap-5);
  align-items: flex-start;
  max-width: 720px;
  padding: calc(2 * var(--gap-4));
}
.empty {
  padding: calc(2 * var(--gap-4));
}
@media (max-width: 900px) {
  /* Six in two rows, what comes next above them. */
  footer {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--gap-2);
  }
  .next {
    grid-column: 1 / -1;
    order: -1;
  }
  footer .v-btn {
    padding: 0 var(--gap-2);
    font-size: 13px;
  }
  footer :deep(.v-btn__content) {
    white-space: normal;
    line-height: 1.15;
  }
  footer .v-icon {
    margin-right: var(--gap-1);
  }
  .page {
    margin: var(--gap-3) var(--gap-4) 0;
    padding: var(--gap-4) var(--gap-5);
  }
  .go {
    margin-top: 0;
  }
  .lines {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--gap-3);
  }
  .motion {
    grid-column: 1;
    margin-bottom: var(--gap-3);
  }
  .out {
    min-height: var(--touch);
  }
}
</style>
