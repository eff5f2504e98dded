<script setup lang="ts">
import { mdiCheckBold, mdiPlus } from '@mdi/js';
import { tickIdOf, type Activity, type Cubby, type Level, type Placement } from '@kobby/core';
import { computed } from 'vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import { CORNER_GLYPHS } from '../../theme/glyphs.ts';
import SpanTicks from './SpanTicks.vue';

/** One cubby of the shelf: a learning centre, full or empty at a glance. */
const props = defineProps<{ cubby: Cubby }>();
const emit = defineEmits<{ open: [placement: Placement]; fill: [] }>();

const store = useBook();
const reading = useReading();

const isEmpty = computed(() => props.cubby.setUps.length === 0);
// One press must be enough: a pattern asks for its words first and is found behind the plus.
const OFFERS = 2;
const offers = computed(() =>
  isEmpty.value
    ? reading.value
        .suggestions({ corner: props.cubby.corner })
        .filter(({ activity }) => activity.content.slots.length === 0)
        .slice(0, OFFERS)
    : [],
);
const lead = computed(() => {
  if (offers.value.length === 0) return 'Nothing yet.';
  return offers.value.every((offer) => offer.missing.length === 0)
    ? 'Nothing yet. On hand:'
    : 'Nothing yet. It could be:';
});

// One press puts an offer out for the whole unit; the span is changed where it is looked at closer.
function put({ id: activityId }: Activity): void {
  const { id: unitId, dayCount } = reading.value.frame.unit;
  const where = { kind: 'corner', cornerId: props.cubby.corner.id, fromDay: 1, toDay: dayCount } as const;
  store.perform([{ type: 'unit/place', id: `put-${newId()}`, unitId, activityId, where }]);
}
const flags = computed(() => {
  const own = reading.value.headsUps.filter(
    (finding) => finding.rule !== 'empty-corner' && finding.cornerIds.includes(props.cubby.corner.id),
  );
  return (['stop', 'care', 'note'] as Level[])
    .map((level) => ({ level, count: own.filter((finding) => finding.level === level).length }))
    .filter(({ count }) => count > 0);
});
const today = computed(
  () => reading.value.frame.calendar.days.find((day) => day.date === store.today)?.number ?? 0,
);
const isTicked = (placement: Placement): boolean =>
  tickIdOf({ placementId: placement.id, day: today.value, supplyId: null }) in store.book.ticks;
</script>

<template>
  <li class="cubby" :class="{ empty: isEmpty }" :data-test="`cubby-${cubby.corner.kind}`">
    <TapeLabel class="name" :glyph="CORNER_GLYPHS[cubby.corner.kind]">{{ cubby.corner.name }}</TapeLabel>
    <span v-for="flag in flags" :key="flag.level" class="flag" :class="flag.level">
      {{ flag.count }} {{ flag.level }}
    </span>
    <template v-if="isEmpty">
      <p class="soft">{{ lead }}</p>
      <button
        v-for="{ activity } in offers"
        :key="activity.id"
        type="button"
        class="offer"
        :title="`Put it in ${cubby.corner.name}, Day 1 to ${reading.frame.unit.dayCount}`"
        @click="put(activity)"
      >
        {{ activity.content.title }}
      </button>
      <button
        type="button"
        class="more"
        :aria-label="`Put something in ${cubby.corner.name}`"
        @click="emit('fill')"
      >
        <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
      </button>
    </template>
    <template v-else>
      <button
        v-for="setUp in cubby.setUps"
        :key="setUp.id"
        type="button"
        class="set-up"
        @click="emit('open', setUp)"
      >
        <b>
          {{ setUp.content.title }}
          <v-icon v-if="isTicked(setUp)" :icon="mdiCheckBold" size="15" aria-label="ticked off today" />
        </b>
        <span v-if="cubby.setUps.length === 1" class="soft">{{ setUp.content.summary }}</span>
      </button>
      <div class="foot">
        <SpanTicks :set-ups="cubby.setUps" :day-count="reading.frame.calendar.days.length" />
        <span class="fit figures">{{ cubby.fits }} fit</span>
        <button
          v-if="cubby.emptyDays.length"
          type="button"
          class="more"
          :aria-label="`Put something more in ${cubby.corner.name}`"
          @click="emit('fill')"
        >
          <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
        </button>
      </div>
    </template>
  </li>
</template>

<style scoped>
.cubby {
  position: relative;
  display: flex;
  flex-direction: column;
  min-width: 0;
  padding: 0 8px 6px;
  background: var(--card);
  border: 3px solid var(--shelf);
  box-shadow: inset 0 7px 0 -2px var(--shade);
}
.name {
  align-self: flex-start;
  margin: -4px 0 4px -3px;
}
.cubby.empty {
  background: repeating-linear-gradient(
    135deg,
    var(--well),
    var(--well) 7px,
    var(--card-past) 7px,
    var(--card-past) 14px
  );
}
.flag {
  position: absolute;
  top: 4px;
  right: 5px;
  padding: 0 6px;
  border-radius: 3px;
  font-weight: 700;
  font-size: 12px;
}
.flag.stop {
  background: var(--stop-bg);
  color: var(--stop);
}
.flag.care {
  background: var(--care-bg);
  color: var(--care);
}
.flag.note {
  background: var(--note-bg);
  color: var(--note);
}
.set-up {
  display: block;
  width: 100%;
  padding: 1px 0;
  background: none;
  border: 0;
  text-align: left;
}
.set-up b {
  display: block;
  font-weight: 600;
  font-size: 14px;
  line-height: 1.18;
}
.set-up:hover b {
  text-decoration: underline;
}
.set-up span {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  font-size: 12px;
  line-height: 1.25;
}
.offer {
  margin-bottom: 4px;
  padding: 3px 7px;
  background: var(--card);
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  font-weight: 600;
  font-size: 13px;
  line-height: 1.2;
  text-align: left;
}
.offer:hover {
  border-style: solid;
}
.empty .more {
  align-self: flex-end;
  margin-top: auto;
  background: var(--card);
}
.empty p {
  font-size: 12.5px;
  margin-bottom: 3px;
}
.foot {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-top: auto;
  padding-top: 4px;
}
.fit {
  font-size: 12px;
  font-weight: 600;
  color: var(--ink-soft);
  white-space: nowrap;
}
.more {
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  padding: 0;
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
}
@media (max-width: 900px) {
  .set-up,
  .offer {
    min-height: var(--touch);
  }
  .more {
    width: var(--touch);
    height: var(--touch);
  }
}
</style>
