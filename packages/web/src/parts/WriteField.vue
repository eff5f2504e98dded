<script setup lang="ts">
import {
  factText,
  jotChanges,
  readLines,
  recipeInPlan,
  spotKey,
  thingsOf,
  whereAt,
  whereItFits,
  asksFirst,
  titleIn,
  type ChangeInput,
  type Jotting,
  type PlacementId,
  type PutSpot,
  type Recipe,
  type RecipeId,
  type Suggestion,
  type Where,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useDesk } from '../state/desk.ts';
import { useLibrary } from '../state/library.ts';
import { useReading } from '../state/unit.ts';
import JotBox from './JotBox.vue';

/**
 * A place of the plan that is written into: what is typed stands there as it is by Enter, what the library has is offered while one
 * types, and how a line is understood is seen before it counts. Several lines that are pasted become several things.
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

const place = computed(() =>
  [reading.value.frame.unit.id, spotKey(props.spot), props.heading].filter(Boolean).join(':'),
);
const mark = computed(() => `write-${props.heading ?? spotKey(props.spot)}`);
const headings = computed(() => (props.heading === undefined ? [] : [props.heading]));
const text = ref('');
const isLooking = ref(false);
const box = ref<InstanceType<typeof JotBox> | null>(null);

const corners = computed(() => reading.value.shelf.map(({ corner }) => corner.name));
const jottings = computed(() => readLines(text.value, corners.value));
const first = computed((): Jotting | null => jottings.value[0] ?? null);
// For which day, corner and time it is, as its beginning says.
const said = computed(() => {
  const { day = null, corner = null, time = null } = first.value ?? {};
  return [day === null ? '' : `Day ${day}`, corner, time && `from ${time}`].filter(Boolean).join(' · ');
});
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
  kinds: ['activities', 'recipes'],
}));
const offers = computed((): readonly Suggestion[] => {
  if (!isLooking.value || jottings.value.length > 1) return [];
  const suggestions = reading.value.suggestions(spot.value);
  if (!first.value) return suggestions.slice(0, OFFERED);
  const byId = new Map(suggestions.map((one) => [one.activity.id as string, one]));
  return found.value.flatMap(({ entity }) => byId.get(entity.id) ?? []).slice(0, OFFERED);
});
// What is mixed, cooked or shown stands in a plan by itself; it is asked for by a word.
const RECIPES_OFFERED = 2;
const recipes = computed((): readonly Recipe[] =>
  isLooking.value && jottings.value.length === 1
    ? found.value
        .flatMap(({ entity }) => store.book.recipes[entity.id as RecipeId] ?? [])
        .slice(0, RECIPES_OFFERED)
    : [],
);
const own = computed(() => (jottings.value.length > 0 ? 1 : 0));
const count = computed(() => own.value + offers.value.length + recipes.value.length);
const recipeAt = (index: number): Recipe | undefined =>
  recipes.value[index - own.value - offers.value.length];

function perform(changes: readonly ChangeInput[]): void {
  const result = store.perform([...changes]);
  box.value?.settle(result.done ? null : (result.errors[0]?.message ?? 'It cannot stand there.'));
}
function write(): void {
  perform(jotChanges(store.book, reading.value, jottings.value, props.spot, newId, headings.value));
}
function pick({ activity }: Suggestion): void {
  const { spot: at } = props;
  // A pattern without a theme's things asks for its words first; in the reserve they may wait.
  if (asksFirst(activity.content, reading.value.theme) && at.kind !== 'reserve')
    return desk.pick(at, activity.id);
  const where = whereAt(props.spot, null, reading.value);
  const unitId = reading.value.frame.unit.id;
  const id = `put-${newId()}`;
  perform([{ type: 'unit/place', id, unitId, activityId: activity.id, where }, ...counting(id)]);
}
// It counts for the heading under which it was written.
const counting = (placementId: string): readonly ChangeInput[] =>
  headings.value.length > 0
    ? [{ type: 'unit/write-over', placementId, part: { headings: headings.value } }]
    : [];
function make(recipe: Recipe): void {
  const where = whereAt(props.spot, null, reading.value) as Where;
  const at = whereItFits(store.book, reading.value, recipe, where);
  const id = `put-${newId()}` as PlacementId;
  perform([recipeInPlan(recipe, reading.value.frame.unit.id, at, id), ...counting(id)]);
}
function take(index: number): void {
  if (index < own.value) write();
  else if (offers.value[index - own.value]) pick(offers.value[index - own.value]!);
  else if (recipeAt(index)) make(recipeAt(index)!);
}
</script>

<template>
  <JotBox
    ref="box"
    v-slot="{ index }"
    v-model="text"
    folded
    :place="place"
    :mark="mark"
    :name="name"
    :hint="brief ? 'write' : 'write or pick …'"
    :count="count"
    @look="isLooking = $event"
    @take="take"
  >
    <template v-if="first && index < own">
      <template v-if="jottings.length === 1">
        <span
          ><b>{{ first.title }}</b> <small>as you write it</small></span
        >
        <small v-if="said" class="chip">{{ said }}</small>
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
    </template>
    <template v-else-if="offers[index - own]">
      {{ titleIn(offers[index - own]!.activity.content, reading.theme) }}
      <small>library · fits {{ offers[index - own]!.fits }}</small>
    </template>
    <template v-else-if="recipeAt(index)">
      {{ recipeAt(index)!.title }}
      <small>recipe · made with them</small>
    </template>
  </JotBox>
</template>

<style scoped>
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
</style>
