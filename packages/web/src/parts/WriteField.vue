<script setup lang="ts">
import {
  factText,
  jotChanges,
  readLines,
  spotKey,
  thingsOf,
  tooMuch,
  whereAt,
  withGaps,
  type ChangeInput,
  type Jotting,
  type PutSpot,
  type Suggestion,
} from '@kobby/core';
import { computed, nextTick, ref, useId, watch } from 'vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { jottedAt, keepJotted } from '../state/jotted.ts';
import { useLibrary } from '../state/library.ts';
import { useReading } from '../state/unit.ts';

/**
 * A place that is written into like with a pencil: what is typed stands there as it is by Enter, what the library has is offered
 * while one types, and how a line is understood is seen before it counts. Several lines that are pasted become several things.
 */
const props = defineProps<{
  spot: PutSpot;
  name: string;
  brief?: boolean;
  /** The heading for which all that is written here counts. */
  heading?: string | undefined;
}>();
const store = useBook();
const reading = useReading();
const desk = useDesk();
const listId = useId();

const place = computed(() =>
  [reading.value.frame.unit.id, spotKey(props.spot), props.heading].filter(Boolean).join(':'),
);
const headings = computed(() => (props.heading === undefined ? [] : [props.heading]));
const text = ref(jottedAt(place.value));
const isOpen = ref(text.value !== '');
const isLooking = ref(false);
// Nothing is chosen before something is typed: Enter alone does nothing.
const chosen = ref(text.value === '' ? -1 : 0);
const trouble = ref<string | null>(null);
const field = ref<HTMLTextAreaElement | null>(null);
const box = ref<HTMLElement | null>(null);
const side = ref({ isAbove: false, isRight: false });
watch(text, (now) => {
  keepJotted(place.value, now);
  chosen.value = now.trim() === '' ? -1 : 0;
  trouble.value = null;
  isLooking.value = now !== '';
});

const corners = computed(() => reading.value.shelf.map(({ corner }) => corner.name));
const jottings = computed(() => readLines(text.value, corners.value));
const first = computed((): Jotting | null => jottings.value[0] ?? null);
// A thing says which of the cupboard it means; one that would be begun there is marked.
const chips = computed((): readonly string[] => {
  const one = first.value;
  if (!one) return [];
  const things = [...thingsOf(store.book, one, newId)];
  return one.facts.map((fact) => {
    const thing = fact.kind === 'thing' ? things.shift() : undefined;
    if (!thing) return factText(fact);
    const isSaid = thing.supply.name.toLowerCase() === (fact.kind === 'thing' && fact.name.toLowerCase());
    return `${factText(fact)}${thing.isNew ? ' · new' : isSaid ? '' : ` · ${thing.supply.name}`}`;
  });
});

// A line of several things is nobody else's; a single one may be what the library has.
const OFFERED = 4;
const spot = computed(() =>
  props.spot.kind === 'corner'
    ? { corner: store.book.corners[props.spot.cornerId] ?? null }
    : props.spot.kind === 'bin'
      ? { child: store.book.children[props.spot.childId] ?? null }
      : { any: true },
);
const found = useLibrary(() => ({
  words: first.value?.title ?? '',
  kinds: ['activities'],
}));
const offers = computed((): readonly Suggestion[] => {
  if (!isLooking.value || jottings.value.length > 1) return [];
  const suggestions = reading.value.suggestions(spot.value);
  if (!first.value) return suggestions.slice(0, OFFERED);
  const byId = new Map(suggestions.map((one) => [one.activity.id as string, one]));
  return found.value.flatMap(({ entity }) => byId.get(entity.id) ?? []).slice(0, OFFERED);
});
const own = computed(() => (jottings.value.length > 0 ? 1 : 0));
const count = computed(() => own.value + offers.value.length);

async function open(): Promise<void> {
  isOpen.value = true;
  isLooking.value = true;
  await nextTick();
  field.value?.focus();
}
// The list lies where there is room for it.
const LIST = { width: 270, height: 260 };
function look(): void {
  const at = box.value?.getBoundingClientRect();
  if (at)
    side.value = {
      isAbove: at.bottom + LIST.height > window.innerHeight && at.top > LIST.height,
      isRight: at.left + LIST.width > window.innerWidth,
    };
  isLooking.value = true;
}
function leave(): void {
  isLooking.value = false;
  if (text.value.trim() === '') isOpen.value = false;
}

function perform(changes: readonly ChangeInput[]): void {
  const result = store.perform([...changes]);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot stand there.');
  if (result.done) text.value = '';
}
function write(): void {
  trouble.value = tooMuch(text.value);
  if (trouble.value === null)
    perform(jotChanges(store.book, reading.value, jottings.value, props.spot, newId, headings.value));
}
function pick({ activity }: Suggestion): void {
  const { spot: at } = props;
  // A pattern asks for its words first; in the reserve they may wait.
  if (activity.content.slots.length > 0 && at.kind !== 'reserve') return desk.pick(at, activity.id);
  const where = whereAt(props.spot, null, reading.value);
  const unitId = reading.value.frame.unit.id;
  const id = `put-${newId()}`;
  perform([
    { type: 'unit/place', id, unitId, activityId: activity.id, where },
    ...(headings.value.length > 0
      ? [{ type: 'unit/write-over' as const, placementId: id, part: { headings: headings.value } }]
      : []),
  ]);
}
function take(index: number): void {
  if (index < own.value) write();
  else if (offers.value[index - own.value]) pick(offers.value[index - own.value]!);
}

function onKey(event: KeyboardEvent): void {
  if (event.isComposing) return;
  if (event.key === 'Enter' && !event.shiftKey) {
    event.preventDefault();
    if (chosen.value >= 0) take(chosen.value);
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    if (count.value === 0) return;
    event.preventDefault();
    look();
    const from = Math.max(chosen.value, event.key === 'ArrowDown' ? -1 : 0);
    chosen.value = (from + (event.key === 'ArrowDown' ? 1 : count.value - 1)) % count.value;
  } else if (event.key === 'Escape') {
    event.stopPropagation();
    isLooking.value = false;
  }
}
</script>

<template>
  <div ref="box" class="write" :class="{ open: isOpen, right: side.isRight }">
    <button
      v-if="!isOpen"
      type="button"
      class="begin"
      :data-test="heading ? `write-${heading}` : `write-${spotKey(props.spot)}`"
      @click="open"
    >
      {{ brief ? 'write' : 'write or pick …' }}<span class="sr-only"> into {{ name }}</span>
    </button>
    <template v-else>
      <textarea
        ref="field"
        v-model="text"
        rows="1"
        role="combobox"
        aria-autocomplete="list"
        autocomplete="off"
        :aria-label="`Write into ${name}`"
        :aria-expanded="isLooking && count > 0"
        :aria-controls="listId"
        :aria-activedescendant="isLooking && chosen >= 0 ? `${listId}-${chosen}` : undefined"
        placeholder="write or pick …"
        @focus="look"
        @blur="leave"
        @keydown="onKey"
      />
      <div
        v-if="isLooking && count > 0"
        class="list"
        :class="{ above: side.isAbove }"
        data-test="jotting"
        @pointerdown.prevent
      >
        <ul :id="listId" role="listbox" :aria-label="`What could stand in ${name}`">
          <li
            v-if="first"
            :id="`${listId}-0`"
            role="option"
            :aria-selected="chosen === 0"
            :class="{ chosen: chosen === 0 }"
            @click="take(0)"
          >
            <template v-if="jottings.length === 1">
              <span
                ><b>{{ first.title }}</b> <small>as you write it</small></span
              >
              <small v-if="first.day !== null || first.corner" class="chip"
                >{{ first.day === null ? '' : `Day ${first.day}` }} {{ first.corner }}</small
              >
              <span v-if="chips.length" class="chips">
                <small v-for="chip in chips" :key="chip" class="chip">{{ chip }}</small>
              </span>
              <small v-if="first.rest.length" class="soft rest"
                >kept as it stands: {{ first.rest.join(', ') }}</small
              >
            </template>
            <template v-else>
              <b>{{ jottings.length }} lines, each by itself</b>
              <small v-for="(one, i) in jottings.slice(0, 5)" :key="i" class="soft">{{
                `${one.day === null ? '' : `Day ${one.day}: `}${one.title}`
              }}</small>
            </template>
          </li>
          <li
            v-for="(offer, i) in offers"
            :id="`${listId}-${own + i}`"
            :key="offer.activity.id"
            role="option"
            :aria-selected="chosen === own + i"
            :class="{ chosen: chosen === own + i }"
            @click="take(own + i)"
          >
            {{ withGaps(offer.activity.content.title) }} <small>library · fits {{ offer.fits }}</small>
          </li>
        </ul>
      </div>
      <small v-if="trouble" class="wrong" role="alert">{{ trouble }}</small>
    </template>
  </div>
</template>

<style scoped>
.write {
  position: relative;
  flex: 1;
  min-width: 0;
}
.begin {
  width: 100%;
  min-height: 24px;
  padding: 0 var(--gap-2);
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  color: var(--ink-soft);
  font-size: 12.5px;
  text-align: left;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.begin:hover {
  background: var(--well);
}
/* A narrow place is written into as wide as a line needs. */
textarea {
  position: relative;
  z-index: 39;
  display: block;
  width: max(100%, 220px);
  min-height: 30px;
  max-height: 96px;
  padding: var(--gap-1) var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--plum);
  border-radius: 4px;
  color: inherit;
  font: inherit;
  font-size: 13px;
  line-height: 1.3;
  resize: none;
  field-sizing: content;
}
.list {
  position: absolute;
  top: calc(100% + 4px);
  left: 0;
  z-index: 40;
  width: 270px;
  padding: var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--plum);
  border-radius: var(--radius);
  box-shadow: 0 6px 18px rgb(30 20 50 / 22%);
}
.right textarea {
  margin-left: calc(100% - max(100%, 220px));
}
.list.above {
  top: auto;
  bottom: calc(100% + 4px);
}
.right .list {
  right: 0;
  left: auto;
}
li {
  display: grid;
  gap: var(--gap-1);
  padding: var(--gap-2);
  border-top: 1px dashed var(--line);
  border-radius: 4px;
  font-size: 13px;
  line-height: 1.25;
  overflow-wrap: anywhere;
  cursor: pointer;
}
li:first-child {
  border-top: 0;
}
li.chosen {
  background: var(--well);
}
small {
  color: var(--ink-soft);
  font-size: 12px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
.rest {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  line-clamp: 3;
}
.chip {
  justify-self: start;
  padding: 0 var(--gap-2);
  background: var(--tape);
  border-radius: 4px;
  color: var(--tape-ink);
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .begin,
  textarea,
  li {
    min-height: var(--touch);
    font-size: 16px;
  }
}
</style>
