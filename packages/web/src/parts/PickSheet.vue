<script setup lang="ts">
import {
  jotChanges,
  recipeInPlan,
  placementAt,
  readLines,
  RECIPE_KINDS,
  tooMuch,
  whereAt,
  whereItFits,
  asksFirst,
  shownIn,
  summaryIn,
  titleIn,
  type ChangeInput,
  type FieldProblem,
  type PlacementId,
  type PutSpot,
  type Recipe,
  type RecipeId,
  type Spot,
  type Suggestion,
  type Where,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { messagesBeside, newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import type { PickTarget } from '../state/desk.ts';
import { useLibrary } from '../state/library.ts';
import { useReading } from '../state/unit.ts';
import { walk } from '../state/walk.ts';
import PlankSheet from './PlankSheet.vue';
import WhereFields from './WhereFields.vue';
import TapeLabel from './TapeLabel.vue';
import ThingPicture from './ThingPicture.vue';

type WhereInput = Extract<ChangeInput, { type: 'unit/place' }>['where'];

/** Picks something from the library for a place of the unit; first what is on hand and fits most children. */
const props = defineProps<{
  target: PickTarget;
  /** Chosen already: only its words are asked for. */
  activityId?: string | undefined;
}>();
const emit = defineEmits<{ close: [] }>();

const store = useBook();
const reading = useReading();
const wanted = ref('');
const errors = ref<readonly FieldProblem[]>([]);
const where = ref<WhereInput>(startingPoint());
// As it was proposed: nobody said another place.
const proposed = JSON.stringify(where.value);
const isProposed = computed(() => JSON.stringify(where.value) === proposed);
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const spot = computed((): Spot => {
  const { target } = props;
  if ('cornerId' in target) return { corner: store.book.corners[target.cornerId] ?? null };
  if ('childId' in target) return { child: store.book.children[target.childId] ?? null };
  return {};
});
const title = computed(() => {
  const { target } = props;
  if ('day' in target) return `What happens on Day ${target.day}?`;
  if ('cornerId' in target)
    return `What goes in ${store.book.corners[target.cornerId]?.name ?? 'the corner'}?`;
  if ('childId' in target)
    return `What goes in the bin of ${store.book.children[target.childId]?.name ?? 'a child'}?`;
  if ('eventId' in target)
    return `What is done in ${store.book.events[target.eventId]?.title ?? 'the event'}?`;
  return `What else, when the weather stops ${placementAt(store.book, target.twinOf)?.content.title ?? 'it'}?`;
});
const expected = computed(() => new Set(reading.value.frame.attendance.flatMap((day) => day.children)).size);
// Suggested is what suits the place; words bring the best match first.
const found = useLibrary(() => ({ words: wanted.value ?? '', kinds: ['activities', 'recipes'] }));
const choices = computed(() => {
  const suggestions = reading.value
    .suggestions(spot.value)
    .filter(({ activity }) => !('twinOf' in props.target) || activity.content.place !== 'outdoors');
  if (!wanted.value?.trim()) return suggestions;
  const byId = new Map(suggestions.map((one) => [one.activity.id as string, one]));
  return found.value.flatMap(({ entity }) => byId.get(entity.id) ?? []);
});

// What is mixed, cooked or shown stands in a plan by itself; it is asked for by a word.
const recipes = computed(() =>
  wanted.value?.trim()
    ? found.value.flatMap(({ entity }) => store.book.recipes[entity.id as RecipeId] ?? []).slice(0, 6)
    : [],
);
function make(recipe: Recipe): void {
  const id = `put-${newId()}` as PlacementId;
  const { unit } = reading.value.frame;
  const at = isProposed.value
    ? whereItFits(store.book, reading.value, recipe, where.value as Where)
    : (where.value as Where);
  const result = store.perform([recipeInPlan(recipe, unit.id, at, id)]);
  errors.value = result.done ? [] : result.errors;
  if (result.done) emit('close');
}

// Proposed is what is still free.
function startingPoint(): WhereInput {
  const { target } = props;
  if ('twinOf' in target) return { kind: 'twin', of: target.twinOf };
  if ('eventId' in target) return whereAt({ kind: 'event', ...target }, null, reading.value);
  const kind = 'cornerId' in target ? 'corner' : 'childId' in target ? 'bin' : 'day';
  return whereAt({ ...target, kind } as PutSpot, null, reading.value);
}

// A pattern asks for its words first; they may stay open, and are pointed out then.
const filling = ref<Suggestion | null>(
  reading.value.suggestions({ any: true }).find(({ activity }) => activity.id === props.activityId) ?? null,
);
const slots = ref<Record<string, string>>({});
function pick(choice: Suggestion): void {
  if (!asksFirst(choice.activity.content, reading.value.theme)) return place(choice);
  slots.value = {};
  filling.value = choice;
}

function place({ activity }: Suggestion): void {
  const { id: unitId } = reading.value.frame.unit;
  const id = `put-${newId()}`;
  const given = Object.fromEntries(Object.entries(slots.value).filter(([, words]) => words?.trim()));
  const result = store.perform([
    { type: 'unit/place', id, unitId, activityId: activity.id, where: where.value, slots: given },
  ]);
  errors.value = result.done ? [] : result.errors;
  if (result.done) emit('close');
}
// Enter takes what is first, the arrows go through the rest.
const list = ref<HTMLElement | null>(null);
function takeFirst(): void {
  const [first] = choices.value;
  if (first) pick(first);
  else if (recipes.value[0]) make(recipes.value[0]);
}
const go = (event: KeyboardEvent): unknown =>
  walk(event, [...(list.value?.querySelectorAll<HTMLElement>('button') ?? [])]);
// What the library does not have is placed as it was written.
const lines = computed(() => readLines(wanted.value ?? ''));
function write(): void {
  const problem = tooMuch(wanted.value ?? '');
  if (problem) {
    errors.value = [{ path: ['where', 'day'], message: problem }];
    return;
  }
  const place = { kind: 'at', where: where.value as Where } as const;
  const result = store.perform(jotChanges(store.book, reading.value, lines.value, place, newId));
  errors.value = result.done ? [] : result.errors;
  if (result.done) emit('close');
}
</script>

<template>
  <PlankSheet v-model="isOpen" :title="title" hint="First what is on hand and fits the most children.">
    <WhereFields v-model="where" :errors="errors" />
    <p
      v-for="message in messagesBeside(errors, ['fromDay', 'toDay', 'day', 'blockId'])"
      :key="message"
      class="wrong"
      role="alert"
    >
      {{ message }}
    </p>
    <form v-if="filling" class="slots" novalidate @submit.prevent="place(filling)">
      <b>{{ titleIn(filling.activity.content, reading.theme) }}</b>
      <v-text-field
        v-for="slot in filling.activity.content.slots"
        :key="slot.id"
        v-model="slots[slot.id]"
        :label="slot.asks"
        :name="`slot-${slot.id}`"
        autocomplete="off"
      />
      <span class="acts">
        <v-btn class="is-main" type="submit">Place it</v-btn>
        <v-btn class="is-quiet" @click="filling = null">Another one</v-btn>
      </span>
    </form>
    <v-text-field
      v-if="!filling"
      v-model="wanted"
      class="find"
      label="Look for a word"
      name="wanted"
      data-first
      clearable
      @keydown="go"
      @keydown.enter.prevent="takeFirst"
    />
    <ul v-if="!filling" ref="list" class="choices" data-test="choices" @keydown="go">
      <li v-for="choice in choices" :key="choice.activity.id">
        <button type="button" @click="pick(choice)">
          <b
            ><ThingPicture v-bind="shownIn(choice.activity.content, reading.theme)" />
            {{ titleIn(choice.activity.content, reading.theme) }}</b
          >
          <span class="soft">{{ summaryIn(choice.activity.content, reading.theme) }}</span>
          <small class="figures">
            {{ choice.fits }} of {{ expected }} fit<template
              v-if="choice.activity.content.mode === 'small-group'"
            >
              · a few at a time</template
            ><template v-if="choice.missing.length"> · none on hand: {{ choice.missing.join(', ') }}</template
            ><template v-for="reason in choice.reasons.slice(1)" :key="reason"> · {{ reason }}</template>
          </small>
        </button>
      </li>
    </ul>
    <template v-if="recipes.length && !filling">
      <TapeLabel class="label">Made with them</TapeLabel>
      <ul class="choices" data-test="recipes">
        <li v-for="recipe in recipes" :key="recipe.id">
          <button type="button" @click="make(recipe)">
            <b>{{ recipe.title }}</b>
            <span class="soft">{{ recipe.summary || RECIPE_KINDS[recipe.kind] }}</span>
          </button>
        </li>
      </ul>
    </template>
    <p v-if="choices.length + recipes.length === 0 && !filling" class="soft">
      {{ wanted ? 'Nothing in the library has these words.' : 'The library has nothing for this place yet.' }}
    </p>
    <p v-if="wanted?.trim() && !filling && lines.length" class="as-written">
      <v-btn class="is-side" @click="write">Place “{{ lines[0]!.title }}” as you write it</v-btn>
    </p>
  </PlankSheet>
</template>

<style scoped>
.find {
  margin: var(--gap-4) 0 var(--gap-3);
}
.slots {
  display: grid;
  gap: var(--gap-4);
  margin-top: var(--gap-4);
}
.acts {
  display: flex;
  gap: var(--gap-3);
}
.choices {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
}
.choices button {
  display: grid;
  gap: var(--gap-1);
  width: 100%;
  min-height: var(--touch);
  padding: var(--gap-3) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  text-align: left;
}
.choices button:hover {
  border-color: var(--plum);
  box-shadow: inset 5px 0 0 var(--plum);
}
.choices b {
  font-size: 15px;
}
.choices small {
  font-size: 12.5px;
  font-weight: 600;
}
.label {
  margin: var(--gap-4) 0 var(--gap-3) calc(-1 * var(--gap-2));
}
.as-written {
  margin-top: var(--gap-4);
}
.wrong {
  margin-top: var(--gap-2);
  color: var(--stop);
  font-weight: 600;
}
</style>
