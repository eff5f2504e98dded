<script setup lang="ts">
import { mdiCheckBold, mdiMinusCircleOutline, mdiPlus } from '@mdi/js';
import {
  titleIn,
  isSketch,
  offersIn,
  outSince,
  shownIn,
  tickIdOf,
  weekOut,
  type Activity,
  type Cubby,
  type Level,
  type Placement,
} from '@kobby/core';
import { computed } from 'vue';
import DropSpot from '../../parts/DropSpot.vue';
import GripButton from '../../parts/GripButton.vue';
import LevelFlag from '../../parts/LevelFlag.vue';
import ProposedItem from '../../parts/ProposedItem.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import WriteField from '../../parts/WriteField.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useDesk } from '../../state/desk.ts';
import { useHand } from '../../state/plan-hand.ts';
import { useProposing } from '../../state/proposing.ts';
import { useReading } from '../../state/unit.ts';
import { CORNER_GLYPHS } from '../../theme/glyphs.ts';
import SpanTicks from './SpanTicks.vue';
import ThingPicture from '../../parts/ThingPicture.vue';

/** One cubby of the shelf: a learning centre, full or empty at a glance. */
const props = defineProps<{ cubby: Cubby }>();
const emit = defineEmits<{ leave: [] }>();

const store = useBook();
const reading = useReading();
const desk = useDesk();
const hand = useHand();
const proposing = useProposing();
const proposed = computed(() => proposing.inCorner(props.cubby.corner.id));

const corner = computed(() => props.cubby.corner);
const isEmpty = computed(() => props.cubby.setUps.length === 0);
const OFFERS = 2;
const offers = computed(() =>
  isEmpty.value && !props.cubby.omission
    ? offersIn(reading.value.suggestions({ corner: corner.value }), reading.value.theme).slice(0, OFFERS)
    : [],
);
const lead = computed(() => {
  const left = props.cubby.expected ? 'Nothing yet.' : 'Optional.';
  if (offers.value.length === 0) return left;
  return offers.value.every((offer) => offer.missing.length === 0)
    ? `${left} On hand:`
    : `${left} It could be:`;
});

// One press puts an offer out for the whole unit; the span is changed where it is looked at closer.
function put({ id: activityId }: Activity): void {
  const { id: unitId, dayCount } = reading.value.frame.unit;
  const where = { kind: 'corner', cornerId: corner.value.id, fromDay: 1, toDay: dayCount } as const;
  store.perform([{ type: 'unit/place', id: `put-${newId()}`, unitId, activityId, where }]);
}
const flags = computed(() => {
  const own = reading.value.headsUps.filter(
    (finding) =>
      finding.rule !== 'empty-corner' && !finding.kept && finding.cornerIds.includes(corner.value.id),
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
/** What was carried over says in which week it is out. */
function weekText(placement: Placement): string | null {
  if (!placement.outSince) return null;
  const since = outSince(placement, reading.value.frame);
  const on = reading.value.frame.calendar.days[0]?.date;
  return since && on ? `week ${weekOut(since, today.value > 0 ? store.today! : on)}` : null;
}
const grab = (event: PointerEvent, placement: Placement): void => {
  if (event.pointerType === 'mouse') hand.grab(event, { placement, isNew: false });
};
</script>

<template>
  <li
    class="cubby"
    :class="{ empty: isEmpty && !cubby.omission, left: cubby.omission && isEmpty }"
    :data-spot="`corner:${corner.id}`"
    :data-test="`cubby-${corner.kind}`"
  >
    <TapeLabel class="name" :glyph="CORNER_GLYPHS[corner.kind]">{{ corner.name }}</TapeLabel>
    <span class="flags">
      <LevelFlag v-if="flags[0]" v-bind="flags[0]" :more="flags.length > 1" />
    </span>
    <template v-if="isEmpty && proposed.length === 0">
      <p v-if="cubby.omission" class="why"><b>Left empty</b> {{ cubby.omission.why }}</p>
      <p v-else class="soft lead">
        {{ lead }}
        <button
          v-if="reading.frame.calendar.days.length"
          type="button"
          class="draft"
          :aria-label="`draft it: ${corner.name}`"
          @click="proposing.begin({ parts: ['corners'], cornerId: corner.id })"
        >
          draft it
        </button>
      </p>
      <button
        v-for="{ activity } in offers"
        :key="activity.id"
        type="button"
        class="offer"
        :title="`Put it in ${corner.name}, Day 1 to ${reading.frame.unit.dayCount}`"
        @click="put(activity)"
      >
        <ThingPicture v-bind="shownIn(activity.content, reading.theme)" :size="22" />
        {{ titleIn(activity.content, reading.theme) }}
      </button>
    </template>
    <template v-else>
      <div v-for="setUp in cubby.setUps" :key="setUp.id" class="set-up">
        <button
          type="button"
          class="open"
          :data-placement="setUp.id"
          aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight"
          @click="desk.open(setUp.id)"
          @pointerdown="grab($event, setUp)"
          @keydown="hand.onKey($event, { placement: setUp, isNew: false })"
        >
          <ThingPicture class="at-side" v-bind="setUp.shownBy" :size="30" />
          <b>
            {{ setUp.content.title }}
            <v-icon v-if="isTicked(setUp)" :icon="mdiCheckBold" size="15" aria-label="ticked off today" />
          </b>
          <span v-if="cubby.setUps.length === 1" class="soft summary">{{ setUp.content.summary }}</span>
          <span v-if="isSketch(setUp.content)" class="sketch">still a sketch</span>
          <span v-if="weekText(setUp)" class="week">{{ weekText(setUp) }}</span>
        </button>
        <GripButton :held="{ placement: setUp, isNew: false }" />
      </div>
    </template>
    <ProposedItem v-for="piece in proposed" :key="piece.spot.key" :piece="piece" :large="isEmpty" />
    <div class="foot">
      <DropSpot class="spot" :spot="{ kind: 'corner', cornerId: corner.id }" :name="corner.name" small />
      <WriteField
        v-if="isEmpty && !cubby.omission"
        :spot="{ kind: 'corner', cornerId: corner.id }"
        :name="corner.name"
      />
      <template v-if="!isEmpty">
        <SpanTicks :set-ups="cubby.setUps" :day-count="reading.frame.calendar.days.length" />
        <span class="fit figures">{{ cubby.fits }} fit</span>
      </template>
      <button
        v-if="isEmpty"
        type="button"
        class="more"
        :aria-label="
          cubby.omission ? `Why ${corner.name} is left empty` : `Leave ${corner.name} empty on purpose`
        "
        title="Leave it empty on purpose"
        @click="emit('leave')"
      >
        <v-icon :icon="mdiMinusCircleOutline" size="15" aria-hidden="true" />
      </button>
      <button
        v-if="cubby.emptyDays.length"
        type="button"
        class="more"
        :aria-label="`Put something ${isEmpty ? '' : 'more '}in ${corner.name}`"
        @click="desk.pick({ cornerId: corner.id })"
      >
        <v-icon :icon="mdiPlus" size="15" aria-hidden="true" />
      </button>
    </div>
  </li>
</template>

<style scoped>
.cubby {
  position: relative;
  display: flex;
  flex-direction: column;
  min-width: 0;
  padding: 0 var(--gap-3) var(--gap-2);
  background: var(--card);
  border: 3px solid var(--shelf);
  box-shadow: inset 0 7px 0 -2px var(--shade);
}
.name {
  align-self: flex-start;
  gap: var(--gap-2);
  margin: calc(-1 * var(--gap-2)) 0 var(--gap-2) calc(-1 * var(--gap-3));
  padding: var(--gap-1) var(--gap-3);
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
.cubby.left {
  background: var(--well);
}
.why b {
  display: block;
  font-size: 14px;
}
.flags {
  position: absolute;
  top: 3px;
  right: 0;
  display: flex;
  gap: var(--gap-2);
}
.set-up {
  display: flex;
  align-items: flex-start;
}
.open {
  flex: 1;
  min-width: 0;
  padding: var(--gap-1) 0;
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
.at-side {
  float: left;
  margin: 0 var(--gap-2) 0 0;
}
.open:hover b {
  text-decoration: underline;
}
.sketch {
  color: var(--ink-soft);
  font-size: 12px;
  font-style: italic;
}
.week {
  padding: 0 var(--gap-2);
  background: var(--note-bg);
  color: var(--note);
  font-weight: 600;
  font-size: 12px;
}
.summary {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  font-size: 12px;
  line-height: 1.25;
}
.lead {
  display: flex;
  gap: var(--gap-2);
  justify-content: space-between;
  align-items: baseline;
}
.draft {
  flex: none;
  min-width: 24px;
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  color: var(--plum);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.offer {
  margin-bottom: var(--gap-2);
  padding: var(--gap-2) var(--gap-3);
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
  background: var(--card);
}
.spot {
  flex: 1;
}
.empty .foot,
.left .foot {
  justify-content: flex-end;
}
.empty p {
  font-size: 12.5px;
  margin-bottom: var(--gap-2);
}
.foot {
  display: flex;
  align-items: center;
  gap: var(--gap-2);
  margin-top: auto;
  padding-top: var(--gap-2);
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
  /* There is no room for it: the whole shelf is drafted there. */
  .draft {
    display: none;
  }
  .open,
  .offer {
    min-height: var(--touch);
  }
  .more {
    width: var(--touch);
    height: var(--touch);
  }
}
</style>
