<script setup lang="ts">
import {
  boughtRowChanges,
  dayMarkdown,
  fieldProblems,
  formatMoney,
  formatQuantity,
  givenBySchema,
  homeOf,
  keptFilesIn,
  quantity,
  readShoppingTable,
  shoppingTable,
  unitFileOf,
  unitMarkdown,
  type BoughtRow,
  type GivenBy,
} from '@kobby/core';
import { computed, ref } from 'vue';
import BringInSheet from '../../parts/BringInSheet.vue';
import FormField from '../../parts/FormField.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { giveFile, messageFor, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** The unit for somebody else: as a file that another home plans with, as text, and as tables. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const by = ref<GivenBy>({ from: '', licence: 'Use it as you like, and pass it on.' });
const read = computed(() =>
  givenBySchema.safeParse({ from: by.value.from.trim(), licence: by.value.licence }),
);
const errors = computed(() => (read.value.success ? [] : fieldProblems(read.value.error)));
const said = ref<string | null>(null);

const NOBODY: GivenBy = { from: '', licence: '' };
const file = computed(() =>
  unitFileOf(store.book, unit.value.id, read.value.success ? read.value.data : NOBODY),
);
const goes = computed(() => {
  const { activities, supplies, recipes, songs, bookTitles, sheets } = file.value.entries;
  const counted: readonly (readonly [number, string, string])[] = [
    [activities.length, 'activity', 'activities'],
    [supplies.length, 'supply', 'supplies'],
    [recipes.length, 'recipe', 'recipes'],
    [songs.length, 'song', 'songs'],
    [bookTitles.length, 'book', 'books'],
    [sheets.length, 'sheet', 'sheets'],
  ];
  return counted
    .filter(([count]) => count > 0)
    .map(([count, one, many]) => `${count} ${count === 1 ? one : many}`);
});

/** The content of a file of ours as base64; null when it is not there any more. */
async function contentOf(sha256: string): Promise<string | null> {
  const answer = await fetch(`/api/files/${sha256}`).catch(() => null);
  if (!answer?.ok) return null;
  const bytes = new Uint8Array(await answer.arrayBuffer());
  return btoa(bytes.reduce((text, byte) => text + String.fromCharCode(byte), ''));
}

async function give(): Promise<void> {
  const named = keptFilesIn(file.value);
  const files = await Promise.all(
    named.map(async ({ sha256, name }) => ({ sha256, name, content: await contentOf(sha256) })),
  );
  const there = files.filter(({ content }) => content !== null);
  const text = JSON.stringify({ ...file.value, files: there }, null, 1);
  giveFile(`${unit.value.title}.kobby-unit.json`, 'application/json', text);
  const left = named.length - there.length;
  said.value =
    left === 0
      ? 'The file is made.'
      : `The file is made; ${left} of its sheets and pictures are not there any more.`;
}

const days = computed(() => reading.value.frame.calendar.days);
const asText = (): void =>
  giveFile(`${unit.value.title}.md`, 'text/markdown', unitMarkdown(store.book, unit.value.id, store.today!));
const dayAsText = (number: number): void =>
  giveFile(
    `${unit.value.title} - Day ${number}.md`,
    'text/markdown',
    dayMarkdown(store.book, unit.value.id, number, store.today!),
  );
const shopping = (): void =>
  giveFile(
    `${unit.value.title} - needed.csv`,
    'text/csv',
    shoppingTable(store.book, unit.value.id, store.today!),
  );
const bringing = ref(false);
const home = computed(() => homeOf(store.book));
const bought = ({ supply, amount, paid }: BoughtRow): string =>
  `${supply.name}: ${formatQuantity(quantity(amount, supply.unit), home.value.units)}${
    paid === null ? '' : `, ${formatMoney(paid, home.value.currency)}`
  }`;
</script>

<template>
  <div class="cards">
    <ShelfCard title="For another home">
      <p>
        One file from which another provider starts this unit in a Kobby of their own<template
          v-if="goes.length > 0"
          >: <b>{{ goes.join(', ') }}</b></template
        >. No child, person, note, record, shop or price is in it, and names are taken from its texts.
      </p>
      <FormField v-model="by.from" label="From (if you like)" name="from" :errors="errors" />
      <v-textarea
        v-model="by.licence"
        label="What others may do with it"
        name="licence"
        rows="2"
        :error-messages="messageFor(errors, 'licence')"
      />
      <p v-if="file.sources.length > 0" class="soft">
        {{ file.sources.length }} of its entries say where they are from; that goes along.
      </p>
      <p class="buttons">
        <v-btn class="is-main" :disabled="!read.success" @click="give">Make the file</v-btn>
      </p>
      <p v-if="said" role="status">{{ said }}</p>
    </ShelfCard>
    <ShelfCard title="As text and table">
      <p class="soft">Markdown, and a table for spreadsheets. Children are called as the home shows them.</p>
      <p class="buttons">
        <v-btn class="is-side" @click="asText">The whole unit</v-btn>
        <v-btn class="is-side" @click="shopping">What it needs (table)</v-btn>
        <v-btn class="is-quiet" @click="bringing = true">Bring that back, filled in</v-btn>
      </p>
      <p class="buttons" aria-label="One day as text">
        <v-btn
          v-for="{ number } in days"
          :key="number"
          class="is-quiet"
          :aria-label="`Day ${number} as text`"
          @click="dayAsText(number)"
          >Day {{ number }}</v-btn
        >
      </p>
    </ShelfCard>
    <BringInSheet
      v-if="bringing"
      title="What was bought"
      hint="The table of what it needs, with how much was bought and what it cost in all filled in."
      :read="(text) => readShoppingTable(text, store.book, unit.id, store.today!)"
      :shown="bought"
      :changes="
        (rows: readonly BoughtRow[]) =>
          boughtRowChanges(rows, { at: store.instant(), unitId: unit.id, newId: () => `move-${newId()}` })
      "
      @close="bringing = false"
    />
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: var(--gap-5);
  align-items: start;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-3);
}
</style>
