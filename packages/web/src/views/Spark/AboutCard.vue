<script setup lang="ts">
import {
  FEATURE_KINDS,
  featureKey,
  featureText,
  formatMoney,
  homeOf,
  listed,
  monthsFeatures,
  parseMoney,
  yearOf,
  type ChangeInput,
  type Feature,
} from '@kobby/core';
import { computed } from 'vue';
import {
  ChoiceField,
  LineField,
  provideForm,
  RowsField,
  TextField,
  WordsField,
} from '../../parts/fields/index.ts';
import ShelfCard from '../../parts/ShelfCard.vue';
import { copyOf, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useDraft } from '../../state/draft.ts';
import { useReading } from '../../state/unit.ts';

type UnitInput = Extract<ChangeInput, { type: 'unit/revise' }>['unit'];

/** What is featured, the words, books and pictures of a unit, and what it may cost. Kept as each field is left. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const draft = useDraft<UnitInput>(
  () => unit.value,
  () => copyOf(unit.value as UnitInput)!,
);
const form = provideForm(keep);
function keep(): void {
  const { about, featured, words, bookIds, pictures, budget } = draft.value;
  form.took(
    store.perform([
      { type: 'unit/revise', unit: { ...unit.value, about, featured, words, bookIds, pictures, budget } },
    ]),
  );
}

const SPANS = { unit: 'for this unit', month: 'for the month' };
const books = computed(() =>
  Object.values(store.book.bookTitles)
    .filter((one) => !one.retired)
    .map((one) => ({ title: one.title, value: one.id as string }))
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en')),
);
const currency = computed(() => homeOf(store.book).currency);
const budget = computed({
  get: () =>
    typeof draft.value.budget === 'number' && !Number.isNaN(draft.value.budget)
      ? formatMoney(draft.value.budget as never, currency.value).replace(/[^\d.]/g, '')
      : '',
  // What is no price stays no number, and is refused with its place.
  set: (text) => {
    draft.value.budget = text?.trim() ? (parseMoney(text, currency.value) ?? Number.NaN) : null;
  },
});
const year = computed(() => yearOf(store.book, store.today!));
function whenBefore({ kind, value }: Pick<Feature, 'kind' | 'value'>): string {
  const all = value ? (year.value.featured.get(featureKey({ kind, value })) ?? []) : [];
  const others = all.filter(({ unitId }) => unitId !== unit.value.id);
  return others.length ? `before: ${others.at(-1)!.text}` : '';
}
// A display for wall or window is made like everything else: a task of its own until its day.
const DISPLAY_MINUTES = 30;
const taskFor = (display: string): string => `Make for the wall: ${display}`.slice(0, 120);
const toMake = computed(() => {
  const own = new Set(
    Object.values(store.book.ownTasks).flatMap(({ unitId, text }) =>
      unitId === unit.value.id ? [text] : [],
    ),
  );
  return unit.value.pictures.filter((one) => !own.has(taskFor(one)));
});
function make(display: string): void {
  const task = {
    id: newId(),
    unitId: unit.value.id,
    text: taskFor(display),
    minutes: DISPLAY_MINUTES,
    day: 1,
  };
  store.perform([{ type: 'ready/put-task', task }]);
}
// What the month around it features is met here too.
const ofMonth = computed(() =>
  monthsFeatures(store.book, unit.value.id).map(
    ({ feature, unit: from }) => `${featureText(feature)}, from ${from.title}`,
  ),
);
</script>

<template>
  <ShelfCard title="Featured, words, books">
    <form novalidate @submit.prevent @change="form.settle()">
      <TextField v-model="draft.about" label="The idea in a sentence or two" path="about" />
      <RowsField
        v-slot="{ row, path }"
        v-model="draft.featured"
        label="Featured letter, number, colour, shape"
        path="featured"
        one="Letter, number, colour or shape"
        :blank="() => ({ kind: 'letter' as const, value: '', span: 'unit' as const })"
      >
        <div class="feature">
          <ChoiceField v-model="row.kind" label="What" :path="`${path}.kind`" :options="FEATURE_KINDS" />
          <LineField v-model="row.value" label="Which" :path="`${path}.value`" />
          <ChoiceField v-model="row.span" label="How long" :path="`${path}.span`" :options="SPANS" />
        </div>
        <small v-if="whenBefore(row)" class="soft">{{ whenBefore(row) }}</small>
      </RowsField>
      <small v-if="ofMonth.length" class="soft" data-test="of-month">
        For the month as well: {{ listed(ofMonth) }}.
      </small>
      <WordsField v-model="draft.words" label="New words" path="words" />
      <WordsField v-model="draft.bookIds" label="Books" path="bookIds" :options="books" />
      <WordsField v-model="draft.pictures" label="Pictures for the wall" path="pictures" />
      <p v-if="toMake.length" class="to-make">
        <span class="soft">A task for Make ready, in time for Day 1:</span>
        <v-btn v-for="one in toMake" :key="one" class="is-side" size="small" @click="make(one)">{{
          one
        }}</v-btn>
      </p>
      <LineField v-model="budget" :label="`Budget, ${currency}`" path="budget" />
      <p v-for="message in form.unclaimed.value" :key="message" class="wrong" role="alert">{{ message }}</p>
    </form>
  </ShelfCard>
</template>

<style scoped>
form {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
}
.to-make {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.feature {
  display: grid;
  grid-template-columns: 1fr 0.8fr 1.2fr;
  gap: var(--gap-3);
}
</style>
