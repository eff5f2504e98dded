<script setup lang="ts">
import {
  mdiCheckBold,
  mdiChevronDown,
  mdiChevronUp,
  mdiCheckboxBlankOutline,
  mdiCheckboxMarked,
  mdiHandBackRightOutline,
} from '@mdi/js';
import type { HandoverItem } from '@kobby/core';
import { computed, ref } from 'vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import type { SharedLink, TickSubject } from '../../state/shared.ts';

/** One thing of the day: who does what, with which things, what to watch for, and a tick when it is done. */
const props = defineProps<{ item: HandoverItem; day: number; folded?: boolean; link: SharedLink }>();

const open = ref(!props.folded);
const subject = computed(() => ({
  placementId: props.item.placementId,
  day: props.day,
  supplyId: null,
}));
const done = computed(() => props.link.isTicked(subject.value, props.item.ticked !== null));
const things = computed(() =>
  props.item.things.map((thing) => {
    const about: TickSubject = { ...subject.value, supplyId: thing.supplyId };
    return { ...thing, about, done: props.link.isTicked(about, thing.ticked !== null) };
  }),
);
const when = computed(() =>
  props.item.start ? `${props.item.start} · ${props.item.place}` : props.item.place,
);
const doneWord = computed(() => (props.item.start ? 'Done' : 'Set out'));
</script>

<template>
  <article :class="{ done }" :data-test="`item-${item.placementId}`">
    <TapeLabel>{{ when }}</TapeLabel>
    <button type="button" class="title" :aria-expanded="open" @click="open = !open">
      <h2>{{ item.title }}</h2>
      <v-icon :icon="open ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
    </button>
    <p v-for="caution in item.cautions" :key="caution.text" class="caution" :class="caution.level">
      <v-icon :icon="mdiHandBackRightOutline" size="19" aria-hidden="true" /> {{ caution.text }}
    </p>
    <template v-if="open">
      <div v-for="version in item.versions" :key="version.does" class="version">
        <b>{{ version.children.join(', ') }}</b>
        <div>
          {{ version.does }} <span v-if="version.say" class="soft">“{{ version.say }}”</span>
          <small v-if="version.word">New word: {{ version.word }}</small>
          <small v-if="version.sign">Sign: {{ version.sign }}</small>
          <small v-if="version.fact">True: {{ version.fact }}</small>
        </div>
      </div>
      <ol v-if="item.steps.length">
        <li v-for="step in item.steps" :key="step">{{ step }}</li>
      </ol>
      <ul v-if="things.length" class="things">
        <li v-for="thing in things" :key="thing.supplyId">
          <button
            type="button"
            role="checkbox"
            :aria-checked="thing.done"
            @click="link.tick(thing.about, !thing.done)"
          >
            <v-icon :icon="thing.done ? mdiCheckboxMarked : mdiCheckboxBlankOutline" aria-hidden="true" />
            <span>
              <b class="figures">{{ thing.amount }}</b> {{ thing.name }}
            </span>
            <small class="soft">{{ thing.keptIn }}</small>
          </button>
        </li>
      </ul>
    </template>
    <button type="button" class="tick" :aria-pressed="done" @click="link.tick(subject, !done)">
      <v-icon v-if="done" :icon="mdiCheckBold" size="20" aria-hidden="true" />
      {{ done ? `${doneWord}, by ${item.ticked?.by ?? 'you'}` : doneWord }}
    </button>
  </article>
</template>

<style scoped>
.version small {
  display: block;
}
article {
  padding: 0 14px 12px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: 8px;
}
.tape {
  margin: -2px 0 4px -8px;
  font-size: 15px;
}
.title {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  width: 100%;
  min-height: var(--touch);
  padding: 4px 0;
  background: none;
  border: 0;
  text-align: left;
}
h2 {
  font-size: 22px;
}
.version {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 8px;
  padding: 6px 0;
  border-top: 1px dashed var(--line);
}
ol {
  padding: 6px 0 6px 20px;
  border-top: 1px dashed var(--line);
  list-style: decimal;
}
.caution {
  display: flex;
  gap: 8px;
  margin: 6px 0;
  padding: 8px 10px;
  background: var(--stop-bg);
  border-left: 6px solid var(--stop);
  border-radius: 6px;
  font-weight: 600;
}
.caution.care {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
.things button {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: var(--touch);
  padding: 2px 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  text-align: left;
}
.things small {
  margin-left: auto;
}
.tick {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  width: 100%;
  min-height: 52px;
  margin-top: 10px;
  background: var(--well);
  border: 1.5px solid var(--edge);
  border-radius: 9px;
  font-weight: 700;
}
.done .tick {
  background: var(--plum);
  border-color: var(--plum);
  color: var(--on-plum);
}
</style>
