<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { headingsIn, shownIn, titleIn, type Spot, type Suggestion } from '@kobby/core';
import { computed, ref } from 'vue';
import { useBook } from '../state/book.ts';
import { useHand } from '../state/plan-hand.ts';
import { useLibrary } from '../state/library.ts';
import { useReading } from '../state/unit.ts';
import DropSpot from './DropSpot.vue';
import GripButton from './GripButton.vue';
import PlacedItem from './PlacedItem.vue';
import WriteField from './WriteField.vue';
import ThingPicture from './ThingPicture.vue';

/** The ledge beside the plan: the reserve, and what the library has for a place or a thin spot, to be taken in hand. */
const spot = defineModel<Spot>({ required: true });
const store = useBook();
const reading = useReading();
const hand = useHand();
const wanted = ref('');
const MOST_SHOWN = 30;

const reserve = computed(() => reading.value.placements.filter(({ where }) => where.kind === 'reserve'));
const about = computed(() => {
  const { corner, heading, child, area } = spot.value;
  const names = [
    corner?.name,
    heading && headingsIn(store.book, heading.lens).find(({ id }) => id === heading.id)?.name,
    area,
    child && `for ${child.name}`,
  ];
  return names.filter(Boolean).join(' · ');
});
const found = useLibrary(() => ({ words: wanted.value, kinds: ['activities'] }));
const choices = computed((): readonly Suggestion[] => {
  const suggestions = reading.value.suggestions(about.value ? spot.value : { any: true });
  if (!wanted.value.trim()) return suggestions.slice(0, MOST_SHOWN);
  const byId = new Map(suggestions.map((one) => [one.activity.id as string, one]));
  return found.value.flatMap(({ entity }) => byId.get(entity.id) ?? []).slice(0, MOST_SHOWN);
});
</script>

<template>
  <div class="ledge">
    <section aria-label="Reserve" class="kept" data-spot="reserve" data-test="reserve">
      <h3>In reserve · {{ reserve.length }}</h3>
      <ul v-if="reserve.length">
        <li v-for="one in reserve" :key="one.id"><PlacedItem :placement="one" tall /></li>
      </ul>
      <p v-else class="soft">Nothing undated yet. Easy things put here save a day that goes wrong.</p>
      <DropSpot :spot="{ kind: 'reserve' }" name="the reserve" />
      <WriteField :spot="{ kind: 'reserve' }" name="the reserve" />
    </section>
    <section aria-label="Library" class="library">
      <h3>
        {{ about ? `For ${about}` : 'From the library' }}
        <button
          v-if="about"
          type="button"
          class="clear"
          aria-label="Show all of the library"
          @click="spot = {}"
        >
          <v-icon :icon="mdiClose" size="16" aria-hidden="true" />
        </button>
      </h3>
      <input
        v-model="wanted"
        type="search"
        name="ledge-words"
        class="find"
        placeholder="Look for a word"
        aria-label="Look for a word on the ledge"
      />
      <ul data-test="ledge">
        <li
          v-for="{ activity, reasons, missing } in choices"
          :key="activity.id"
          class="entry"
          @pointerdown="
            ($event) => $event.pointerType === 'mouse' && hand.grab($event, hand.fromLibrary(activity))
          "
        >
          <div>
            <b
              ><ThingPicture v-bind="shownIn(activity.content, reading.theme)" :size="20" />
              {{ titleIn(activity.content, reading.theme) }}</b
            >
            <small>{{ reasons.slice(0, 3).join(' · ') }}</small>
            <small v-if="missing.length" class="lacks">not here: {{ missing.slice(0, 2).join(', ') }}</small>
          </div>
          <GripButton :held="hand.fromLibrary(activity)" />
        </li>
      </ul>
      <p v-if="choices.length === 0" class="soft">Nothing in the library fits that.</p>
    </section>
  </div>
</template>

<style scoped>
.ledge {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
}
section {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
}
h3 {
  display: flex;
  justify-content: space-between;
  margin: 0;
  font: 700 14px var(--display);
}
.kept {
  padding-bottom: var(--gap-3);
  border-bottom: 6px solid var(--shelf);
}
ul {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
}
.entry {
  display: flex;
  justify-content: space-between;
  gap: var(--gap-2);
  padding: var(--gap-2) var(--gap-1) var(--gap-2) var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  cursor: grab;
  user-select: none;
}
.entry b {
  display: block;
  font-size: 13px;
  line-height: 1.2;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
  line-height: 1.25;
}
.lacks {
  color: var(--care);
}
.find {
  min-height: 34px;
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.clear {
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  padding: 0;
  background: none;
  border: 0;
}
</style>
