<script setup lang="ts">
import {
  mdiHandBackRightOutline,
  mdiPencilOutline,
  mdiPinOffOutline,
  mdiPinOutline,
  mdiTrayArrowDown,
  mdiTrayArrowUp,
  mdiUmbrellaOutline,
} from '@mdi/js';
import {
  hintLines,
  isFiller,
  isSketch,
  madeCards,
  materialsOf,
  materialText,
  sessionsOf,
  outSince,
  runsHow,
  weekOut,
  type ChangeInput,
  type FieldProblem,
  type Placement,
} from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { messagesBeside, newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { useHand } from '../state/plan-hand.ts';
import { useReading } from '../state/unit.ts';
import MendSheet from './MendSheet.vue';
import MadeCards from './MadeCards.vue';
import PlankSheet from './PlankSheet.vue';
import TestCard from './TestCard.vue';
import TapeLabel from './TapeLabel.vue';
import VersionChoices from './VersionChoices.vue';
import WhereFields from './WhereFields.vue';

/** A closer look at something that is placed: where it stands, who does what, what it needs, what else when it rains. */
const props = defineProps<{ placement: Placement }>();
const emit = defineEmits<{ close: [] }>();

const store = useBook();
const reading = useReading();
const desk = useDesk();
const hand = useHand();
const mending = ref(false);
const errors = ref<readonly FieldProblem[]>([]);
const where = ref({ ...props.placement.where });
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

watch(
  () => props.placement.where,
  (now) => (where.value = { ...now }),
);
function act(...changes: ChangeInput[]): boolean {
  const result = store.perform(changes);
  errors.value = result.done ? [] : result.errors;
  return result.done;
}
const how = computed(() => runsHow(props.placement.content).join('; '));
const hints = computed(() => hintLines(props.placement.content));
const placementId = computed(() => props.placement.id);
const move = (): boolean => act({ type: 'unit/move', placementId: placementId.value, where: where.value });
const pin = (): boolean =>
  act({ type: 'unit/pin', placementId: placementId.value, pinned: !props.placement.pinned });
function toReserve(): void {
  act({ type: 'unit/move', placementId: placementId.value, where: { kind: 'reserve' } });
}
function takeInHand(): void {
  hand.take({ placement: props.placement, isNew: false });
  emit('close');
}
function again(): void {
  const { where: now, unitId } = props.placement;
  if (now.kind !== 'day') return;
  const day = Math.min(now.day + 1, reading.value.frame.unit.dayCount);
  const copy = { id: `put-${newId()}`, unitId, placementId: placementId.value, where: { ...now, day } };
  if (act({ type: 'unit/copy', ...copy })) emit('close');
}

const things = computed(() =>
  materialsOf(store.book, props.placement).map((line) => {
    const supply = store.book.supplies[line.supplyId];
    return {
      name: supply?.name ?? '',
      text: supply ? materialText(line, supply, reading.value.frame.home.units) : '',
    };
  }),
);
// What is made in it, as it lies on its first day.
const made = computed(() => {
  const [session] = sessionsOf(asRead.value, reading.value.frame);
  return session ? madeCards(store.book, session, reading.value) : [];
});
const isBin = computed(
  () =>
    props.placement.bin !== null ||
    props.placement.content.materials.some(({ supplyId }) => {
      const supply = store.book.supplies[supplyId];
      return supply !== undefined && isFiller(supply);
    }),
);
const emptyBin = (): boolean => act({ type: 'unit/fill-bin', placementId: placementId.value, bin: null });
// Whoever works here can be named; nobody is a choice too.
const people = computed(() => Object.values(store.book.people).filter(({ retired }) => !retired));
const assign = (event: Event): boolean =>
  act({
    type: 'unit/assign',
    placementId: placementId.value,
    personId: (event.target as HTMLSelectElement).value || null,
  });
const twin = computed(() => reading.value.twins.find(({ of }) => of.id === placementId.value)?.placement);
const mayRain = computed(
  () =>
    props.placement.where.kind !== 'twin' &&
    (props.placement.content.place === 'outdoors' || props.placement.content.weather !== 'any'),
);
// As it stands on its day: what is in an event is found there.
const asRead = computed(
  () => reading.value.placements.find(({ id }) => id === placementId.value) ?? props.placement,
);
const weeks = computed(() => {
  const since = outSince(props.placement, reading.value.frame);
  return props.placement.where.kind === 'corner' && since ? weekOut(since, store.today!) : 0;
});

function takeOut(): void {
  if (act({ type: 'unit/unplace', placementId: placementId.value })) emit('close');
}
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    :title="placement.content.title"
    :hint="placement.content.summary"
    :width="720"
  >
    <div class="place">
      <WhereFields v-model="where" :errors="errors" @settled="move" />
      <span class="acts">
        <v-btn class="is-side" size="small" :prepend-icon="mdiPencilOutline" @click="mending = true">
          Mend it here
        </v-btn>
        <v-btn class="is-side" size="small" :prepend-icon="mdiHandBackRightOutline" @click="takeInHand">
          Move it
        </v-btn>
        <v-btn
          v-if="placement.where.kind === 'day'"
          class="is-side"
          size="small"
          :prepend-icon="placement.pinned ? mdiPinOffOutline : mdiPinOutline"
          @click="pin"
        >
          {{ placement.pinned ? 'Unpin' : 'Pin to its day' }}
        </v-btn>
        <v-btn v-if="placement.where.kind === 'day'" class="is-quiet" size="small" @click="again">
          Again the day after
        </v-btn>
        <v-btn
          v-if="placement.where.kind !== 'reserve'"
          class="is-quiet"
          size="small"
          :prepend-icon="mdiTrayArrowDown"
          @click="toReserve"
        >
          Into the reserve
        </v-btn>
      </span>
    </div>
    <label v-if="people.length" class="lead">
      Stays with it
      <select :value="placement.leadId ?? ''" name="lead" @change="assign">
        <option value="">nobody in particular</option>
        <option v-for="person in people" :key="person.id" :value="person.id">{{ person.name }}</option>
      </select>
    </label>
    <p v-if="asRead.backFrom" class="soft">
      It steps back from Day {{ asRead.backFrom }}, which an event fills: nothing is prepared for it.
    </p>
    <p v-if="weeks > 1" class="soft">Out in its {{ weeks }}. week.</p>
    <p
      v-for="message in messagesBeside(errors, ['fromDay', 'toDay', 'day', 'blockId', 'start'])"
      :key="message"
      class="wrong"
      role="alert"
    >
      {{ message }}
    </p>
    <template v-if="mayRain || twin">
      <TapeLabel class="label" :glyph="mdiUmbrellaOutline">When the weather stops it</TapeLabel>
      <p v-if="twin" class="twin">
        <b>{{ twin.content.title }}</b>
        <v-btn class="is-quiet" size="small" @click="desk.open(twin.id)">Look closer</v-btn>
      </p>
      <p v-else class="twin">
        <span class="soft">Nothing stands in for it yet.</span>
        <v-btn class="is-side" size="small" @click="desk.pick({ twinOf: placement.id })"
          >Choose something</v-btn
        >
      </p>
    </template>
    <template v-if="placement.where.kind !== 'twin' && placement.where.kind !== 'reserve'">
      <TapeLabel class="label">Who does what</TapeLabel>
      <VersionChoices :placement="asRead" />
    </template>
    <p v-if="how" class="soft">It {{ how }}.</p>
    <TestCard :placement="placement" />
    <TapeLabel class="label">Things</TapeLabel>
    <ul class="things figures">
      <li v-for="thing in things" :key="thing.name">
        {{ thing.name }}: <b>{{ thing.text }}</b>
      </li>
      <li v-if="things.length === 0" class="soft">
        {{
          isSketch(placement.content)
            ? 'No things are named yet.'
            : made.length
              ? 'It needs nothing else.'
              : 'It needs nothing.'
        }}
      </li>
    </ul>
    <MadeCards :cards="made" />
    <p v-if="isBin" class="twin">
      <RouterLink :to="{ name: 'bins', query: { placement: placement.id } }">
        {{ placement.bin ? 'The tub, its filler and how deep' : 'Work out the tub and its filler' }}
      </RouterLink>
      <v-btn v-if="placement.bin" class="is-quiet" size="small" @click="emptyBin">As the activity says</v-btn>
    </p>
    <template v-if="placement.content.steps.length">
      <TapeLabel class="label">How</TapeLabel>
      <ol>
        <li v-for="(step, i) in placement.content.steps" :key="i">{{ step.text }}</li>
      </ol>
    </template>
    <template v-if="hints.length">
      <TapeLabel class="label">In the room</TapeLabel>
      <p v-for="line in hints" :key="line">{{ line }}</p>
    </template>
    <template #foot>
      <v-btn class="is-side" :prepend-icon="mdiTrayArrowUp" @click="takeOut">Take it out</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Done</v-btn>
    </template>
  </PlankSheet>
  <MendSheet v-if="mending" :placement-id="placement.id" @close="mending = false" />
</template>

<style scoped>
.label {
  margin: var(--gap-5) 0 var(--gap-2) calc(-1 * var(--gap-2));
}
.place {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-5);
  align-items: start;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
.lead {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  margin-top: var(--gap-3);
  font-weight: 600;
}
.lead select {
  min-height: 32px;
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.twin {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.things {
  columns: 2;
}
.things li {
  padding: var(--gap-1) 0;
}
ol {
  list-style: decimal inside;
}
.wrong {
  margin-top: var(--gap-2);
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 600px) {
  .things {
    columns: 1;
  }
}
</style>
