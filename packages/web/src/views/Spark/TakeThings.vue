<script setup lang="ts">
import {
  earlierThings,
  takenAgain,
  thingFrom,
  type Thing,
  type ThemeOffers,
  type ChangeInput,
  type ToldWord,
} from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed, ref, watch } from 'vue';
import ThingPicture from '../../parts/ThingPicture.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { offersFor } from '../../state/word-book.ts';

/** Things to take for the theme by a press: those of earlier units, then what belongs to its words. What is taken leaves the row. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const sense = ref<number | null>(null);
const offers = ref<ThemeOffers | null>(null);
const isAway = ref(false);
const isMore = ref(false);
const AT_FIRST = 12;

watch([() => unit.value.title, sense], ([title, chosen], [before]) => {
  if (title !== before) [sense.value, isMore.value] = [null, false];
  void look(title, chosen);
});
void look(unit.value.title, null);
async function look(theme: string, chosen: number | null): Promise<void> {
  const said = await offersFor(theme, chosen);
  if (theme !== unit.value.title || chosen !== sense.value) return;
  offers.value = said;
  isAway.value = said === null;
}

const isThere = (name: string): boolean =>
  reading.value.things.some((thing) => thing.name.toLocaleLowerCase('en') === name.toLocaleLowerCase('en'));
const own = computed(() => earlierThings(store.book, unit.value));
// What belongs to another meaning is not to be taken while the answer is on its way, nor does it move under a finger.
const isTold = computed(() => sense.value === null || sense.value === offers.value?.sense);
const all = computed(() =>
  isTold.value ? (offers.value?.things.filter(({ name }) => !isThere(name)) ?? []) : [],
);
const hasSomething = computed(
  () =>
    own.value.length + all.value.length > 0 ||
    isAway.value ||
    (offers.value?.senses.length ?? 0) + (offers.value?.missing.length ?? 0) > 0,
);
const shown = computed(() => all.value.slice(0, isMore.value ? undefined : AT_FIRST));
const next = (): Pick<Thing, 'unitId' | 'order'> & { id: Thing['id'] } => ({
  id: `thing-${newId()}` as Thing['id'],
  unitId: unit.value.id,
  order: generateKeyBetween(reading.value.things.at(-1)?.order ?? null, null) as Thing['order'],
});
const takeOffered = (one: ToldWord): void =>
  void store.perform([{ type: 'unit/put-thing', thing: thingFrom(one, next()) }]);
// All that is shown, in one step.
function takeShown(): void {
  let last = reading.value.things.at(-1)?.order ?? null;
  store.perform(
    shown.value.map((one): ChangeInput => {
      const order = generateKeyBetween(last, null) as Thing['order'];
      last = order;
      return { type: 'unit/put-thing', thing: thingFrom(one, { ...next(), order }) };
    }),
  );
}
const takeOwn = (thing: Thing): void =>
  void store.perform([{ type: 'unit/put-thing', thing: takenAgain(thing, next()) }]);
</script>

<template>
  <div v-if="hasSomething" class="take" data-test="take-things">
    <p v-if="own.length" class="row">
      <b>From your earlier units</b>
      <button
        v-for="thing in own.slice(0, AT_FIRST)"
        :key="thing.id"
        type="button"
        class="chip"
        @click="takeOwn(thing)"
      >
        <ThingPicture :name="thing.name" :picture="thing.picture" :size="20" /> {{ thing.name }}
      </button>
    </p>
    <p v-if="offers?.senses.length" class="row" role="group" aria-label="What the theme means">
      <b>It means</b>
      <button
        v-for="(means, i) in offers.senses"
        :key="means"
        type="button"
        class="chip sense"
        :aria-pressed="i === offers.sense"
        @click="sense = i"
      >
        {{ means }}
      </button>
    </p>
    <p v-if="all.length" class="row">
      <b>Take what belongs to it</b>
      <button
        v-for="one in shown"
        :key="one.name"
        type="button"
        class="chip"
        data-test="take-thing"
        @click="takeOffered(one)"
      >
        <ThingPicture :name="one.name" :size="20" /> {{ one.name }}
      </button>
      <button v-if="shown.length > 1" type="button" class="chip dashed" @click="takeShown">
        Take these {{ shown.length }}
      </button>
      <button v-if="shown.length < all.length" type="button" class="chip dashed more" @click="isMore = true">
        {{ all.length - shown.length }} more
      </button>
    </p>
    <p v-if="offers?.missing.length" class="soft">
      Kobby knows nothing of {{ offers.missing.map((word) => `“${word}”`).join(', ') }}: write your own.
      <template v-if="offers.meant.length">Did you mean {{ offers.meant.join(' or ') }}?</template>
    </p>
    <p v-if="isAway" class="soft" role="status">
      Nothing can be looked up now: the server does not answer. What you write stands all the same.
    </p>
  </div>
</template>

<style scoped>
.take {
  display: grid;
  gap: var(--gap-2);
  margin-bottom: var(--gap-2);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1);
  align-items: center;
  font-size: 13.5px;
}
b {
  margin-right: var(--gap-2);
}
.sense[aria-pressed='true'] {
  background: var(--well);
  border-color: var(--plum);
  font-weight: 600;
}
.more {
  color: var(--ink-soft);
}
</style>
