<script setup lang="ts">
import {
  activityContentSchema,
  type ChangeInput,
  choicesFor,
  type ContentField,
  differsFrom,
  FIELD_NAMES,
  fillingFrom,
  hintLines,
  isSketch,
  libraryHasNewer,
  listed,
  madeCards,
  materialText,
  type PlacedCopy,
  placementAt,
  type PlacementId,
  sessionsOf,
  unfilledContent,
  themeAbout,
} from '@kobby/core';
import equal from 'fast-deep-equal';
import { computed, nextTick, ref, useId } from 'vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useDraft } from '../state/draft.ts';
import type { ActResult } from '../state/sync.ts';
import type { ContentInput } from './content/content.ts';
import CountsFields from './content/CountsFields.vue';
import DoingFields from './content/DoingFields.vue';
import FindingFields from './content/FindingFields.vue';
import HintFields from './content/HintFields.vue';
import PlannedTestFields from './content/PlannedTestFields.vue';
import ProcessFields from './content/ProcessFields.vue';
import ReadyFields from './content/ReadyFields.vue';
import ThingLine from './content/ThingLine.vue';
import TimeFields from './content/TimeFields.vue';
import VersionRows from './content/VersionRows.vue';
import { LineField, TextField } from './fields/index.ts';
import FormSheet from './FormSheet.vue';
import MadeCards from './MadeCards.vue';
import TapeLabel from './TapeLabel.vue';
import { useReading } from '../state/unit.ts';

/**
 * Something that is placed, mended where it stands: each field is kept as it is left, here and nowhere else. What differs from the
 * library is told, and can go there or back; what the library has anew is taken field by field.
 */
const props = defineProps<{ placementId: PlacementId }>();
const emit = defineEmits<{ close: [] }>();
const reading = useReading();
const listId = useId();
const store = useBook();
const copy = computed((): PlacedCopy | null => store.book.placements[props.placementId] ?? null);
const content = computed(() => (copy.value ? placementAt(store.book, copy.value.id)!.content : null));
const draft = useDraft<{ content: ContentInput }>(
  () => (content.value ? { content: content.value } : undefined),
  () => ({ content: {} as ContentInput }),
  ({ content: typed }) => {
    const { data } = activityContentSchema.safeParse(typed);
    return data ? { content: data } : null;
  },
);
const origin = computed(() =>
  copy.value?.originId ? (store.book.activities[copy.value.originId] ?? null) : null,
);
const differs = computed(() => (copy.value && origin.value ? differsFrom(copy.value, origin.value) : []));
const isNewer = computed(
  () => copy.value !== null && origin.value !== null && libraryHasNewer(copy.value, origin.value),
);
// What the library says otherwise now, and whether what stands here stays: what was written over does unless somebody says otherwise.
const takes = ref<ReadonlySet<ContentField>>(new Set());
const isTaken = (field: ContentField): boolean =>
  takes.value.has(field) !== !(copy.value && field in copy.value.over);
function toggle(field: ContentField): void {
  const next = new Set(takes.value);
  if (!next.delete(field)) next.add(field);
  takes.value = next;
}

const trouble = ref<string | null>(null);
// What was pressed may be gone by now: the hands stay in the sheet.
const library = ref<HTMLElement | null>(null);
const stay = (): void => void nextTick(() => library.value?.focus());
const DONE: ActResult = { done: true };
// A form names its fields by the content that they edit; the change by the part that is written over.
function act(...changes: ChangeInput[]): ActResult {
  const result = store.perform(changes);
  if (result.done) return result;
  const errors = result.errors.map((error) => ({
    ...error,
    path: [...error.path.slice(0, 2), 'content', 'content', ...error.path.slice(3)],
  }));
  return { ...result, errors };
}
function submit(): ActResult {
  if (!content.value) return DONE;
  const now = content.value as unknown as Record<string, unknown>;
  const changed = Object.entries(draft.value.content).filter(([field, value]) => !equal(value, now[field]));
  if (changed.length === 0) return DONE;
  const part = Object.fromEntries(changed) as Extract<ChangeInput, { type: 'unit/write-over' }>['part'];
  return act({ type: 'unit/write-over', placementId: props.placementId, part });
}

const theme = computed(() => {
  const whole = reading.value.theme;
  return whole && themeAbout(whole, copy.value?.aboutId ?? null);
});
// What a pattern asks, and the words that it was given: they may be others at any time.
const gaps = computed(() =>
  (copy.value?.base.slots ?? []).map((slot) => ({
    ...{ id: slot.id, asks: slot.asks, words: copy.value?.slots[slot.id] ?? '' },
    taken: fillingFrom(copy.value!.base.slots, theme.value).words[slot.id] ?? '',
    choices: reading.value.theme ? choicesFor(slot, reading.value.theme) : [],
  })),
);
const fill = (id: string, event: Event): void => {
  const words = (event.target as HTMLInputElement).value.trim();
  const result = store.perform([
    { type: 'unit/fill', placementId: props.placementId, slots: { [id]: words } },
  ]);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It stays as it was.');
};
function back(): void {
  act({ type: 'unit/back-to-library', placementId: props.placementId });
  stay();
}
// The library's entry says what stands here, its gaps open, and this stands on it again.
function alsoNextTime(): void {
  if (!copy.value || !origin.value) return;
  const activity = { ...origin.value, content: unfilledContent(copy.value) };
  takeOver({ type: 'library/put-activity', activity }, activity.id);
}
function asNewEntry(): void {
  if (!copy.value) return;
  const id = `activity-${newId()}`;
  takeOver({ type: 'library/put-activity', activity: { id, content: unfilledContent(copy.value) } }, id);
}
function takeOver(put: ChangeInput, activityId: string): void {
  const result = act(put, { type: 'unit/take-over', placementId: props.placementId, activityId, keep: [] });
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It stays as it is.');
  stay();
}
function takeNewer(): void {
  if (!copy.value?.originId) return;
  const { placementId } = props;
  const keep = differs.value.filter((field) => !isTaken(field));
  act({ type: 'unit/take-over', placementId, activityId: copy.value.originId, keep });
  takes.value = new Set();
  stay();
}
const things = computed(() =>
  (content.value?.materials ?? []).flatMap((line, index) => {
    const supply = store.book.supplies[line.supplyId];
    return supply ? [{ index, name: supply.name, text: materialText(line, supply, units.value) }] : [];
  }),
);
const units = computed(() => store.book.homes.home?.units ?? 'metric');
function takeThingOut(index: number): void {
  draft.value.content.materials = draft.value.content.materials.filter((_, i) => i !== index);
  submit();
}
// What is made in it, as it lies on its first day to come.
const session = computed(() => {
  const placement = reading.value.placements.find(({ id }) => id === props.placementId);
  return placement ? (sessionsOf(placement, reading.value.frame)[0] ?? null) : null;
});
const made = computed(() => {
  return session.value ? madeCards(store.book, session.value, reading.value) : [];
});
const madeOf = computed(() => listed([...new Set(made.value.map(({ title }) => title))]));
const onDay = computed(() => (session.value ? `As it lies on Day ${session.value.day.number}:` : ''));
const MESS = { clean: 'clean', some: 'some mess', messy: 'messy' } as const;
const PLACE = { indoors: 'indoors', outdoors: 'outdoors', either: 'indoors or outdoors' } as const;
const hints = computed(() => (content.value ? hintLines(content.value) : []));
const like = computed(() =>
  content.value ? `${MESS[content.value.mess]}, ${content.value.energy}, ${PLACE[content.value.place]}` : '',
);
const forWhom = computed(() => {
  const { length } = content.value?.versions ?? [];
  return length === 0 ? 'everyone' : length === 1 ? '1 version' : `${length} versions`;
});
const told = (fields: readonly ContentField[]): string => listed(fields.map((field) => FIELD_NAMES[field]));
</script>

<template>
  <FormSheet
    v-if="content"
    :title="content.title"
    hint="Mended here, in this unit alone."
    live
    :submit="submit"
    :width="860"
    @close="emit('close')"
  >
    <p v-if="isSketch(content)" class="soft">
      Still a sketch: a line is enough, and any part below is useful alone.
    </p>
    <section v-if="isNewer && origin" class="library is-news" aria-label="What the library has anew">
      <TapeLabel class="label">The library has a newer one</TapeLabel>
      <ul>
        <li v-for="field in differs" :key="field">
          <label>
            <input type="checkbox" :checked="isTaken(field)" @change.stop="toggle(field)" />
            Take its {{ FIELD_NAMES[field] }}
            <small v-if="copy && field in copy.over" class="soft">written over here</small>
          </label>
        </li>
      </ul>
      <v-btn class="is-side" size="small" @click="takeNewer">Take over what is ticked</v-btn>
    </section>
    <div class="side-by-side">
      <LineField v-model="draft.content.title" label="Title" path="content.title" />
      <TextField v-model="draft.content.summary" label="In a sentence" path="content.summary" :rows="1" />
    </div>
    <div v-if="gaps.length" class="side-by-side">
      <v-text-field
        v-for="gap in gaps"
        :key="gap.id"
        :model-value="gap.words"
        :label="gap.asks"
        :name="`slot-${gap.id}`"
        :placeholder="gap.taken"
        persistent-placeholder
        :list="`${listId}-${gap.id}`"
        autocomplete="off"
        @change.stop="fill(gap.id, $event)"
      />
      <datalist v-for="gap in gaps" :id="`${listId}-${gap.id}`" :key="gap.id">
        <option v-for="choice in gap.choices" :key="choice" :value="choice" />
      </datalist>
    </div>
    <TapeLabel class="label">Things</TapeLabel>
    <ul v-if="things.length" class="things">
      <li v-for="thing in things" :key="thing.index">
        {{ thing.name }}: <b>{{ thing.text }}</b>
        <button
          type="button"
          class="out"
          :aria-label="`take out ${thing.name}`"
          @click="takeThingOut(thing.index)"
        >
          take out
        </button>
      </li>
    </ul>
    <ThingLine v-model="draft.content" @begun="submit" />
    <TimeFields v-model="draft.content" />
    <details>
      <summary>For whom: {{ forWhom }}</summary>
      <VersionRows v-model="draft.content" />
    </details>
    <details>
      <summary>
        Steps and amounts: {{ content.steps.length }} {{ content.steps.length === 1 ? 'step' : 'steps' }}
      </summary>
      <DoingFields v-model="draft.content" />
    </details>
    <details>
      <summary>In the room: {{ hints.length ? `${hints.length} of 5 said` : 'nothing said' }}</summary>
      <HintFields v-model="draft.content" />
    </details>
    <details :open="made.length > 0">
      <summary>Made by a recipe: {{ made.length ? madeOf : 'nothing' }}</summary>
      <ProcessFields v-model="draft.content" />
      <p v-if="made.length" class="soft">{{ onDay }}</p>
      <MadeCards :cards="made" />
    </details>
    <details>
      <summary>A test: {{ content.test ? content.test.question : 'no' }}</summary>
      <PlannedTestFields v-model="draft.content" />
    </details>
    <details>
      <summary>To prepare before: {{ content.prep.length || 'nothing' }}</summary>
      <ReadyFields v-model="draft.content" :own-id="origin?.id ?? ''" />
    </details>
    <details>
      <summary>What it is like: {{ like }}</summary>
      <CountsFields v-model="draft.content" />
      <FindingFields v-model="draft.content" />
    </details>
    <section ref="library" class="library" aria-label="The library" tabindex="-1">
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <template v-if="!origin">
        <p class="soft">Written here; it is in no library yet.</p>
        <v-btn class="is-side" size="small" @click="asNewEntry">Into the library</v-btn>
      </template>
      <template v-else-if="!isNewer">
        <p class="soft">
          {{ differs.length ? `Differs from the library in ${told(differs)}.` : 'As the library has it.' }}
        </p>
        <span v-if="differs.length" class="acts">
          <v-btn class="is-side" size="small" @click="alsoNextTime">Also for next time</v-btn>
          <v-btn class="is-quiet" size="small" @click="asNewEntry">As a new entry</v-btn>
          <v-btn class="is-quiet" size="small" @click="back">Back to the library’s</v-btn>
        </span>
      </template>
    </section>
  </FormSheet>
</template>

<style scoped>
.label {
  align-self: flex-start;
  margin: var(--gap-2) 0 0 calc(-1 * var(--gap-2));
}
.things {
  columns: 2;
}
.things li {
  padding: var(--gap-1) 0;
  break-inside: avoid;
}
.out {
  padding: 0 var(--gap-2);
  background: none;
  border: 0;
  color: var(--ink-soft);
  font-size: 12.5px;
  text-decoration: underline;
}
details {
  border-top: 1px dashed var(--line);
  padding-top: var(--gap-2);
}
summary {
  min-height: 28px;
  font-weight: 600;
  cursor: pointer;
}
.library {
  display: grid;
  gap: var(--gap-3);
  padding-top: var(--gap-3);
  border-top: 1px dashed var(--line);
}
.is-news {
  padding: 0;
  border: 0;
}
.library > .v-btn {
  justify-self: start;
}
.library label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
@media (max-width: 900px) {
  .things {
    columns: 1;
  }
  summary,
  .out {
    min-height: var(--touch);
  }
}
</style>
