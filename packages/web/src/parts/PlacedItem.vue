<script setup lang="ts">
import { mdiCheckBold, mdiPin, mdiUmbrellaOutline } from '@mdi/js';
import { isSketch, placementsOf, tickIdOf, type Placement } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { useHand } from '../state/plan-hand.ts';
import { useReading } from '../state/unit.ts';
import GripButton from './GripButton.vue';
import LevelFlag from './LevelFlag.vue';
import ThingPicture from './ThingPicture.vue';

/** One thing on a day or in the reserve: pressed it opens, dragged it moves, Alt and an arrow moves it a day. */
const props = defineProps<{ placement: Placement; tall?: boolean }>();

const store = useBook();
const reading = useReading();
const desk = useDesk();
const hand = useHand();
const held = computed(() => ({ placement: props.placement, isNew: false }));
const content = computed(() => props.placement.content);
const isTicked = computed(() => {
  const { id, where } = props.placement;
  if (where.kind !== 'day') return false;
  return tickIdOf({ placementId: id, day: where.day, supplyId: null }) in store.book.ticks;
});
const twin = computed(() => reading.value.twins.find(({ of }) => of.id === props.placement.id)?.placement);
const start = computed(() => {
  const { where, part } = props.placement;
  if (part || where.kind !== 'day') return part?.start ?? null;
  return reading.value.frame.home.blocks.find(({ id }) => id === where.blockId)?.start ?? null;
});
const flag = computed(() => {
  const own = reading.value.headsUps.filter(
    (finding) => !finding.kept && placementsOf(finding).includes(props.placement.id),
  );
  const worst = own[0]?.level;
  return worst ? { level: worst, count: own.filter(({ level }) => level === worst).length } : null;
});
const MODES: Readonly<Record<string, string>> = {
  'whole-group': 'everyone',
  'small-group': 'a few at a time',
};
const detail = computed(() => [start.value, MODES[content.value.mode]].filter(Boolean).join(' · '));
// A mouse drags by the whole of it; a finger scrolls there, and drags by the grip.
const grab = (event: PointerEvent): void => {
  if (event.pointerType === 'mouse') hand.grab(event, held.value);
};
</script>

<template>
  <div class="placed" :class="[content.mode, { tall }]">
    <button
      type="button"
      class="item"
      :data-placement="placement.id"
      aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight"
      @click="desk.open(placement.id)"
      @pointerdown="grab"
      @keydown="hand.onKey($event, held)"
    >
      <v-icon v-if="isTicked" :icon="mdiCheckBold" size="14" aria-label="ticked off" />
      <ThingPicture v-bind="placement.shownBy" :size="tall ? 22 : 18" />
      {{ content.title }}
      <LevelFlag v-if="flag" v-bind="flag" />
      <small v-if="isSketch(content)" class="sketch">still a sketch</small>
      <small v-if="tall">
        {{ detail }}
        <v-icon v-if="placement.pinned && !placement.part" :icon="mdiPin" size="13" aria-label="pinned" />
      </small>
      <small v-if="tall && twin">
        <v-icon :icon="mdiUmbrellaOutline" size="13" aria-hidden="true" /> else {{ twin.content.title }}
      </small>
    </button>
    <GripButton v-if="tall" :held="held" />
  </div>
</template>

<style scoped>
.placed {
  display: flex;
  border-left: 3px solid var(--plum);
}
.placed.small-group {
  border-left: 3px dashed var(--teal);
}
.placed.reserve,
.placed.shelf-work,
.placed.bin,
.placed.open-corner {
  border-left: 3px dotted var(--edge);
}
.item {
  flex: 1;
  min-width: 0;
  padding: var(--gap-1) 0 var(--gap-1) var(--gap-2);
  background: none;
  border: 0;
  font-size: 12.5px;
  line-height: 1.22;
  text-align: left;
  overflow-wrap: break-word;
  hyphens: auto;
}
.placed:hover {
  background: var(--well);
}
.sketch {
  font-style: italic;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
  line-height: 1.25;
}
.tall {
  background: var(--well);
  border-radius: 0 4px 4px 0;
}
.tall .item {
  padding: var(--gap-2) 0 var(--gap-2) var(--gap-3);
  font-size: 13px;
}
@media (max-width: 900px) {
  .item {
    min-height: var(--touch);
    font-size: 15px;
  }
}
</style>
