<script setup lang="ts">
import {
  mdiBookOpenPageVariantOutline,
  mdiFileDocumentOutline,
  mdiMusicNoteOutline,
  mdiPotSteamOutline,
  mdiPlus,
  mdiShapeOutline,
} from '@mdi/js';
import {
  AREAS,
  CORNER_KINDS,
  entryFacts,
  entrySummary,
  formatAge,
  newEntriesSchema,
  readQuestion,
  LIBRARY_KINDS,
  type NewEntries,
  type Picture,
  withGaps,
  type LibraryKind,
  type LibraryWish,
} from '@kobby/core';
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useLibrary } from '../../state/library.ts';
import ActivitySheet from './ActivitySheet.vue';
import BookSheet from './BookSheet.vue';
import { ask } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { skillOptions } from '../../state/skill-options.ts';
import LackingSheet from './LackingSheet.vue';
import PasteSheet from './PasteSheet.vue';
import PrintedSheet from './PrintedSheet.vue';
import RecipeSheet from './RecipeSheet.vue';
import SongSheet from './SongSheet.vue';
import ThingPicture from '../../parts/ThingPicture.vue';

/** The library: everything that can be done, mixed, sung, read or printed, found while one types. */
const store = useBook();
const words = ref('');
const route = useRoute();
const asked = Object.keys(LIBRARY_KINDS).find((kind) => kind === route.query.kind) as LibraryKind | undefined;
const wish = ref<LibraryWish>(asked ? { kinds: [asked] } : {});
const opened = ref<{ kind: LibraryKind; id: string | null } | null>(null);
// What came with a newer Kobby: asked for once the library is open, and again when something was taken in.
const lacking = ref<NewEntries['entries']>([]);
const news = computed(() => lacking.value.filter(({ kind, isNamed }) => kind !== 'supplies' && !isNamed));
const taking = ref(false);
async function look(): Promise<void> {
  const said = await ask('GET', '/api/library/lacking', newEntriesSchema);
  if (said.kind === 'ok') lacking.value = said.data.entries;
}
onMounted(() => void look());
const pasting = ref(false);
const SHOWN_AT_ONCE = 60;
const most = ref(SHOWN_AT_ONCE);

// A question in words narrows down as the fields beside do, which stand before it.
const question = computed(() => readQuestion(words.value ?? '', store.book, store.today!));
const given = computed(() => Object.fromEntries(Object.entries(wish.value).filter(([, value]) => value)));
const found = useLibrary(() => ({
  ...question.value?.wish,
  ...given.value,
  words: question.value?.words ?? words.value ?? '',
}));
watch([words, wish], () => (most.value = SHOWN_AT_ONCE));
const isNarrowed = computed(() => words.value || Object.values(wish.value).some(Boolean));

const SHEETS = {
  activities: ActivitySheet,
  recipes: RecipeSheet,
  songs: SongSheet,
  bookTitles: BookSheet,
  sheets: PrintedSheet,
} as const;
const GLYPHS: Readonly<Record<LibraryKind, string>> = {
  activities: mdiShapeOutline,
  recipes: mdiPotSteamOutline,
  songs: mdiMusicNoteOutline,
  bookTitles: mdiBookOpenPageVariantOutline,
  sheets: mdiFileDocumentOutline,
};
const pictureOf = (entry: (typeof found.value)[number]): Picture =>
  entry.kind === 'activities' ? (store.book.activities[entry.entity.id]?.content.picture ?? null) : null;
const items = (names: Readonly<Record<string, string>>) =>
  Object.entries(names).map(([value, title]) => ({ title, value }));
const kinds = items({
  activities: 'Activities and patterns',
  recipes: 'Recipes and fillers',
  songs: 'Songs and finger plays',
  bookTitles: 'Books',
  sheets: 'Sheets',
});
const corners = CORNER_KINDS.map((value) => ({ title: value.replaceAll('-', ' '), value }));
const areas = AREAS.map((value) => ({ title: value, value }));
const ages = [6, 12, 18, 24, 36, 48, 60, 72].map((value) => ({ title: formatAge(value), value }));
const narrow = (part: Partial<LibraryWish>): void => void (wish.value = { ...wish.value, ...part });
const numberOf = (text: string | null): number | null => (text?.trim() ? Number(text) : null);

const others = (Object.keys(SHEETS) as LibraryKind[]).filter((kind) => kind !== 'activities');
</script>

<template>
  <div>
    <PageBar title="Library" hint="found by any word of it">
      <v-btn class="is-main" :prepend-icon="mdiPlus" @click="opened = { kind: 'activities', id: null }">
        An activity
      </v-btn>
      <v-btn v-for="kind in others" :key="kind" class="is-side" @click="opened = { kind, id: null }">
        A {{ LIBRARY_KINDS[kind] }}
      </v-btn>
      <v-btn v-if="news.length" class="is-side" data-test="news" @click="taking = true"
        >{{ news.length }} new from Kobby</v-btn
      >
      <v-btn class="is-side" @click="pasting = true">Paste a list or text</v-btn>
    </PageBar>
    <div class="columns">
      <ShelfCard class="narrow" title="Narrow it down" label="Narrow it down">
        <v-select
          :items="kinds"
          :model-value="wish.kinds?.[0] ?? null"
          label="What"
          name="kinds"
          clearable
          @update:model-value="narrow({ kinds: $event ? [$event] : null })"
        />
        <v-select
          :items="corners"
          label="Corner"
          name="cornerKind"
          clearable
          @update:model-value="narrow({ cornerKind: $event })"
        />
        <v-select
          :items="areas"
          label="Area"
          name="area"
          clearable
          @update:model-value="narrow({ area: $event })"
        />
        <v-autocomplete
          :items="skillOptions(store.book)"
          label="Skill"
          name="skill"
          clearable
          @update:model-value="narrow({ skill: $event })"
        />
        <v-select
          :items="ages"
          label="For the age of"
          name="age"
          clearable
          @update:model-value="narrow({ ageMonths: $event })"
        />
        <label
          v-for="(name, key) in {
            onHand: 'Things on hand',
          }"
          :key="key"
          class="tick"
        >
          <input
            type="checkbox"
            :name="key"
            @change="narrow({ [key]: ($event.target as HTMLInputElement).checked })"
          />
          {{ name }}
        </label>
        <details class="more">
          <summary>More ways to narrow it down</summary>
          <div>
            <v-select
              :items="items({ clean: 'clean', some: 'some', messy: 'messy' })"
              label="Mess"
              name="mess"
              clearable
              @update:model-value="narrow({ mess: $event })"
            />
            <v-select
              :items="items({ indoors: 'indoors', outdoors: 'outdoors' })"
              label="Where"
              name="place"
              clearable
              @update:model-value="narrow({ place: $event })"
            />
            <v-text-field
              label="Prepared in"
              name="prepMinutes"
              suffix="minutes"
              inputmode="numeric"
              @update:model-value="narrow({ prepMinutes: numberOf($event) })"
            />
            <div class="pair">
              <v-text-field
                label="Letter"
                name="letter"
                maxlength="3"
                @update:model-value="narrow({ letter: $event || null })"
              />
              <v-text-field
                label="Number"
                name="number"
                inputmode="numeric"
                @update:model-value="narrow({ number: numberOf($event) })"
              />
              <v-text-field
                label="Colour"
                name="colour"
                @update:model-value="narrow({ colour: $event || null })"
              />
              <v-text-field
                label="Shape"
                name="shape"
                @update:model-value="narrow({ shape: $event || null })"
              />
            </div>
            <label
              v-for="(name, key) in {
                usedBefore: 'Used before',
                lovedBefore: 'Loved before',
                retired: 'Retired ones too',
              }"
              :key="key"
              class="tick"
            >
              <input
                type="checkbox"
                :name="key"
                @change="narrow({ [key]: ($event.target as HTMLInputElement).checked })"
              />
              {{ name }}
            </label>
          </div>
        </details>
      </ShelfCard>
      <div>
        <v-text-field
          v-model="words"
          class="find"
          label="Look for words, or ask: something for hands in ten minutes, with what is here"
          name="words"
          clearable
          autocomplete="off"
        />
        <p class="soft count" aria-live="polite">
          {{ found.length === 1 ? 'One entry' : `${found.length} entries` }}{{ isNarrowed ? ' fit' : '' }}
          <template v-if="question">
            · understood as {{ question.said.join(', ')
            }}{{ question.words ? `, looking for “${question.words}”` : '' }}</template
          >
        </p>
        <ul class="found" data-test="found">
          <li v-for="entry in found.slice(0, most)" :key="entry.key">
            <button type="button" @click="opened = { kind: entry.kind, id: entry.entity.id }">
              <v-icon :icon="GLYPHS[entry.kind]" size="20" aria-hidden="true" />
              <span class="sr-only">{{ LIBRARY_KINDS[entry.kind] }}:</span>
              <span>
                <ThingPicture class="at-side" :name="entry.title" :picture="pictureOf(entry)" :size="36" />
                <b>{{ withGaps(entry.title) }}</b>
                <span class="soft line">{{ entrySummary(entry) }}</span>
              </span>
              <small class="figures">{{ entryFacts(entry).join(' · ') }}</small>
            </button>
          </li>
        </ul>
        <p v-if="found.length === 0" class="soft">
          {{
            isNarrowed
              ? 'Nothing in the library is like this.'
              : 'The library is empty. Paste a list to begin.'
          }}
        </p>
        <v-btn v-if="found.length > most" class="is-side" @click="most += SHOWN_AT_ONCE">
          Show {{ Math.min(SHOWN_AT_ONCE, found.length - most) }} more
        </v-btn>
      </div>
    </div>
    <component
      :is="SHEETS[opened.kind]"
      v-if="opened"
      :id="opened.id"
      :key="opened.id ?? 'new'"
      @close="opened = null"
    />
    <LackingSheet v-if="taking" :entries="lacking" @close="taking = false" @taken="look" />
    <PasteSheet
      v-if="pasting"
      @close="pasting = false"
      @open="(id: string) => (opened = { kind: 'activities', id })"
    />
  </div>
</template>

<style scoped>
.at-side {
  float: left;
  margin-right: var(--gap-3);
}
.columns {
  display: grid;
  grid-template-columns: 244px minmax(0, 1fr);
  gap: var(--gap-5);
  align-items: start;
}
.narrow {
  gap: var(--gap-3);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--gap-3);
}
.more > div {
  display: grid;
  gap: var(--gap-3);
  padding-top: var(--gap-3);
}
.more > summary {
  display: flex;
  align-items: center;
  min-height: 28px;
  text-decoration: underline;
  cursor: pointer;
}
.tick {
  display: flex;
  align-items: center;
  gap: var(--gap-3);
}
.count {
  margin: var(--gap-2) 0;
}
.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
  gap: var(--gap-3);
  margin-bottom: var(--gap-4);
}
.found button {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  gap: var(--gap-1) var(--gap-3);
  align-content: start;
  width: 100%;
  height: 100%;
  min-height: var(--touch);
  padding: var(--gap-2) var(--gap-4) var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 4px solid var(--shelf);
  border-radius: var(--radius);
  text-align: left;
}
.found button:hover {
  border-color: var(--plum);
}
.line {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
small {
  grid-column: 2;
  font-size: 12.5px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
  .columns > :last-child {
    order: -1;
  }
}
</style>
