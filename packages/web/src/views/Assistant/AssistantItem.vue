<script setup lang="ts">
import {
  mdiAccountGroupOutline,
  mdiBroom,
  mdiCheckBold,
  mdiCheckboxBlankOutline,
  mdiCheckboxMarked,
  mdiChevronDown,
  mdiChevronUp,
  mdiHandWaveOutline,
  mdiMessageOutline,
  mdiPencilOutline,
  mdiTimerSandEmpty,
} from '@mdi/js';
import type { HandoverItem } from '@kobby/core';
import { computed, ref } from 'vue';
import CautionStrip from '../../parts/CautionStrip.vue';
import MadeCards from '../../parts/MadeCards.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import type { SharedLink, TickSubject } from '../../state/shared.ts';
import ThingPicture from '../../parts/ThingPicture.vue';

/** One thing of the day: who does what with whom, what to say, with which things, what to watch for, and a tick when it is done. */
const props = defineProps<{ item: HandoverItem; day: number; folded?: boolean; link: SharedLink }>();
const emit = defineEmits<{ write: [kind: 'note' | 'help'] }>();

const how = computed(() =>
  [props.item.atOnce ? `${props.item.atOnce} at a time` : '', ...props.item.how].filter(Boolean).join(' · '),
);
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
const doneWord = computed(() => (props.item.start ? 'Done' : 'Set out'));
// Who leads is worth saying only where somebody was named.
const groups = computed(() => props.item.groups.filter(({ lead }) => lead !== null));
const words = computed(() =>
  props.link.words.value.filter(
    ({ day, placementId }) => day === props.day && placementId === props.item.placementId,
  ),
);
const timerMinutes = computed(() => [5, 10, props.item.minutes ?? 15]);
</script>

<template>
  <article :class="{ done, mine: item.mine }" :data-test="`item-${item.placementId}`">
    <TapeLabel v-if="!item.start">{{ item.place }}</TapeLabel>
    <button type="button" class="title" :aria-expanded="open" @click="open = !open">
      <ThingPicture v-bind="item.shownBy" :size="44" />
      <h3>{{ item.title }}<span v-if="item.mine" class="mine-word">yours</span></h3>
      <v-icon :icon="open ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
    </button>
    <CautionStrip
      v-for="caution in item.cautions"
      :key="caution.text"
      class="caution"
      :level="caution.level"
      >{{ caution.text }}</CautionStrip
    >
    <template v-if="open">
      <p v-for="group in groups" :key="`${group.lead}`" class="group" :class="{ own: group.mine }">
        <v-icon :icon="mdiAccountGroupOutline" size="19" aria-hidden="true" />
        <span
          ><b>{{ group.mine ? 'You' : group.lead }}</b> with
          {{ group.children.join(', ') || 'nobody yet' }}</span
        >
      </p>
      <div v-for="version in item.versions" :key="version.does" class="version">
        <b>{{ version.children.join(', ') }}</b>
        <div>
          <template v-if="version.does !== item.title">{{ version.does }}</template>
          {{ version.changes }}
          <p v-if="version.say" class="say">
            <v-icon :icon="mdiMessageOutline" size="17" aria-hidden="true" />
            <span class="sr-only">Say: </span>“{{ version.say }}”
          </p>
          <small v-if="version.word">New word: {{ version.word }}</small>
          <small v-if="version.sign">Sign: {{ version.sign }}</small>
          <small v-if="version.fact">True: {{ version.fact }}</small>
        </div>
      </div>
      <p v-if="how" class="soft small">{{ how }}</p>
      <p v-for="(line, i) in item.test" :key="line" class="small" :class="{ question: i === 0 }">
        {{ line }}
      </p>
      <ol v-if="item.steps.length">
        <li v-for="step in item.steps" :key="step">{{ step }}</li>
      </ol>
      <details v-if="item.hints.length" class="hints small">
        <summary>Too easy, too hard, how to put it away</summary>
        <p v-for="line in item.hints" :key="line">{{ line }}</p>
      </details>
      <ul v-if="things.length" class="things">
        <li v-for="thing in things" :key="thing.supplyId">
          <button
            type="button"
            role="checkbox"
            :aria-checked="thing.done"
            @click="link.tick(thing.about, !thing.done)"
          >
            <v-icon :icon="thing.done ? mdiCheckboxMarked : mdiCheckboxBlankOutline" aria-hidden="true" />
            <ThingPicture :name="thing.name" :picture="thing.picture" :size="30" />
            <span>
              <b class="figures">{{ thing.amount }}</b> {{ thing.name }}
            </span>
            <small class="soft">{{ thing.keptIn }}</small>
          </button>
        </li>
      </ul>
      <MadeCards :cards="item.made" />
      <p v-if="item.binRule" class="rule"><b>When filler leaves the bin:</b> {{ item.binRule }}</p>
      <p v-if="item.spillKit || item.cleanUpMinutes" class="soft small">
        <v-icon :icon="mdiBroom" size="17" aria-hidden="true" />
        {{
          [item.spillKit, item.cleanUpMinutes ? `${item.cleanUpMinutes} min to clear up` : '']
            .filter(Boolean)
            .join(' · ')
        }}
      </p>
      <ul v-if="words.length" class="words" aria-label="Your words about it">
        <li v-for="word in words" :key="word.id">
          {{ word.kind === 'help' ? 'Called for help' : 'Note' }}{{ word.text ? `: ${word.text}` : '' }}
          <small class="soft">{{ word.isWaiting ? 'on its way' : word.seen ? 'seen' : 'arrived' }}</small>
        </li>
      </ul>
      <div class="acts">
        <button type="button" @click="emit('write', 'note')">
          <v-icon :icon="mdiPencilOutline" size="19" aria-hidden="true" /> Note
        </button>
        <button type="button" class="help" @click="emit('write', 'help')">
          <v-icon :icon="mdiHandWaveOutline" size="19" aria-hidden="true" /> Needs help
        </button>
        <button
          v-for="minutes in timerMinutes"
          :key="minutes"
          type="button"
          :aria-label="`Timer of ${minutes} minutes for ${item.title}`"
          @click="link.startTimer(item.title, minutes)"
        >
          <v-icon :icon="mdiTimerSandEmpty" size="19" aria-hidden="true" /> {{ minutes }}
        </button>
      </div>
    </template>
    <button type="button" class="tick" :aria-pressed="done" @click="link.tick(subject, !done)">
      <v-icon v-if="done" :icon="mdiCheckBold" size="20" aria-hidden="true" />
      {{ done ? `${doneWord}, by ${item.ticked?.by ?? 'you'}` : doneWord }}
    </button>
  </article>
</template>

<style scoped>
.question {
  font-weight: 700;
}
.version small {
  display: block;
}
article {
  padding: 0 var(--gap-4) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: 8px;
}
article.mine {
  border-left: 7px solid var(--plum);
}
.tape {
  margin: calc(-1 * var(--gap-1)) 0 var(--gap-2) calc(-1 * var(--gap-3));
  font-size: 15px;
}
.title h3 {
  flex: 1;
  overflow-wrap: anywhere;
}
.title {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--gap-3);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) 0;
  background: none;
  border: 0;
  text-align: left;
}
h3 {
  font-size: 22px;
}
.mine-word {
  margin-left: var(--gap-3);
  padding: var(--gap-1) var(--gap-3);
  background: var(--plum);
  border-radius: 8px;
  color: var(--on-plum);
  font: 700 13px var(--text);
  vertical-align: 3px;
}
.group {
  display: flex;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.group.own {
  margin: 0 calc(-1 * var(--gap-3));
  padding: var(--gap-2) var(--gap-3);
  background: var(--well);
  border-radius: 6px;
}
.version {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.say {
  margin: var(--gap-2) 0;
  font-weight: 600;
}
.small {
  font-size: 15px;
}
ol {
  padding: var(--gap-2) 0 var(--gap-2) var(--gap-5);
  border-top: 1px dashed var(--line);
  list-style: decimal;
}
.hints {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.hints summary {
  display: flex;
  align-items: center;
  min-height: var(--touch);
  font-weight: 600;
}
.caution {
  margin: var(--gap-2) 0;
  font-weight: 600;
}
.things button {
  display: flex;
  align-items: center;
  gap: var(--gap-3);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  border-top: 1px dashed var(--line);
  text-align: left;
}
.things small {
  margin-left: auto;
}
.rule {
  padding: var(--gap-3) 0 var(--gap-2);
  border-top: 1px dashed var(--line);
}
.words {
  padding-top: var(--gap-2);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  padding-top: var(--gap-3);
}
.acts button {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-2);
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  font-weight: 600;
}
.acts .help {
  border-color: var(--stop);
  color: var(--stop);
}
.tick {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: var(--gap-3);
  width: 100%;
  min-height: 52px;
  margin-top: var(--gap-3);
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
