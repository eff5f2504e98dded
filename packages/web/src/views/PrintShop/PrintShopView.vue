<script setup lang="ts">
import {
  CARD_KINDS,
  CARD_SIZES,
  homeOf,
  PAPERS,
  printJob,
  read,
  type CardKindId,
  type CardSizeId,
  type CardThing,
  type PaperId,
  type UnitId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';
import { useBook } from '../../state/book.ts';
import { useTitle } from '../../state/page-title.ts';
import { pictureAddress, usePictures } from '../../state/pictures.ts';
import CardSheet from './CardSheet.vue';

/** Cards of the theme's things, made by a press and printed true to size; what a kind lacks is said in a line. */
const store = useBook();
const ways = usePictures();
const route = useRoute();
const router = useRouter();
const unitId = computed(() => String(route.params.unitId) as UnitId);
const unit = computed(() => store.book.units[unitId.value] ?? null);
useTitle('page', () => 'Print shop');

const things = computed((): readonly CardThing[] =>
  unit.value
    ? read(store.book, unitId.value, store.today!).things.map((thing) => ({
        ...thing,
        isShown: ways !== null && pictureAddress(thing, ways) !== null,
      }))
    : [],
);
const isKind = (id: unknown): id is CardKindId => typeof id === 'string' && Object.hasOwn(CARD_KINDS, id);
const kind = computed((): CardKindId => (isKind(route.query.kind) ? route.query.kind : 'named'));
const size = ref<CardSizeId>('middle');
const paper = ref<PaperId>(homeOf(store.book).units === 'us' ? 'letter' : 'a4');
const MOST_COPIES = 20;
const typed = ref<number | string>(1);
const copies = computed(() => Math.min(Math.max(Math.floor(Number(typed.value)) || 1, 1), MOST_COPIES));

const job = computed(() =>
  printJob({ kind: kind.value, size: size.value, paper: paper.value, copies: copies.value }, things.value),
);
const made = computed(() => (typeof job.value === 'string' ? null : job.value));
// Which kinds have what they need is seen before one is pressed.
const offered = computed(() =>
  Object.entries(CARD_KINDS).map(([id, one]) => {
    const said = one.make(things.value, CARD_SIZES[size.value]);
    return { id: id as CardKindId, ...one, lacks: typeof said === 'string' ? said : null };
  }),
);
const choose = (id: CardKindId): unknown => router.replace({ query: { ...route.query, kind: id } });
const print = (): void => window.print();
// The page of the printer is that of the sheet, whichever way it lies.
const pageRule = computed(() => {
  if (!made.value) return '';
  const { width, height } = made.value.grid.page;
  return `@page { size: ${width}mm ${height}mm; margin: 0; }`;
});
</script>

<template>
  <main class="shop">
    <component :is="'style'">{{ pageRule }}</component>
    <header class="head">
      <RouterLink :to="{ name: 'hand-over', params: { unitId }, query: { part: 'paper' } }"
        >Back to Hand over</RouterLink
      >
      <h1>Print shop</h1>
      <span class="soft">{{ unit ? `cards of the things of ${unit.title}` : '' }}</span>
      <v-btn class="is-main" :disabled="!made" @click="print">Print, or keep as PDF</v-btn>
    </header>
    <p v-if="!unit" class="empty">This unit is not here any more.</p>
    <div v-else class="room">
      <nav class="kinds" aria-label="What to make">
        <button
          v-for="one in offered"
          :key="one.id"
          type="button"
          :class="{ on: one.id === kind, lacking: one.lacks }"
          :aria-pressed="one.id === kind"
          :data-test="`kind-${one.id}`"
          @click="choose(one.id)"
        >
          <b>{{ one.name }}</b>
          <small>{{ one.lacks ?? one.hint }}</small>
        </button>
      </nav>
      <section class="sheets" aria-label="Sheets">
        <p v-if="typeof job === 'string'" class="empty" role="status">
          {{ job }}
          <RouterLink :to="{ name: 'spark', params: { unitId } }">To the theme’s things</RouterLink>
        </p>
        <template v-else>
          <CardSheet
            v-for="(_, page) in job.sheets"
            :key="page"
            :job="job"
            :page="page"
            :name="`${CARD_KINDS[kind].name}, sheet ${page + 1} of ${job.sheets.length}: ${job.sheets[page]!.map(({ card }) => card.name).join(', ')}`"
          />
        </template>
      </section>
      <aside class="job" aria-label="This job">
        <h2>This job</h2>
        <fieldset>
          <legend>Size</legend>
          <label v-for="(one, id) in CARD_SIZES" :key="id">
            <input v-model="size" type="radio" name="size" :value="id" />
            {{ one.name }} <small class="soft figures">{{ one.width }} × {{ one.height }} mm</small>
          </label>
        </fieldset>
        <fieldset>
          <legend>Paper</legend>
          <label v-for="(one, id) in PAPERS" :key="id">
            <input v-model="paper" type="radio" name="paper" :value="id" /> {{ one.name }}
          </label>
        </fieldset>
        <label class="copies">
          Sets
          <input v-model="typed" type="number" name="copies" min="1" :max="MOST_COPIES" />
        </label>
        <dl v-if="made" data-test="job">
          <dt class="figures">{{ made.cards }}</dt>
          <dd>{{ made.cards === 1 ? 'card' : 'cards' }}</dd>
          <dt class="figures">{{ made.sheets.length }}</dt>
          <dd>
            {{ made.sheets.length === 1 ? 'sheet' : 'sheets' }} of {{ PAPERS[paper].name
            }}{{ made.grid.page.width > made.grid.page.height ? ', across' : '' }}
          </dd>
          <dt class="figures">{{ made.grid.cuts }}</dt>
          <dd>
            straight cuts{{
              made.grid.singleCuts > made.grid.cuts
                ? `, sheets laid on each other, instead of ${made.grid.singleCuts}`
                : ''
            }}
          </dd>
        </dl>
        <p v-if="made?.untold.length" class="wrong" role="status">
          Too long for a card of this size: {{ made.untold.join(', ') }}. Take a larger one.
        </p>
        <p v-if="made" class="soft">
          Print at 100 %, without fitting to the page. Laminated whole, before cutting:
          {{ made.sheets.length }} {{ made.sheets.length === 1 ? 'pouch' : 'pouches' }}.
        </p>
      </aside>
    </div>
  </main>
</template>

<style scoped>
.shop {
  padding: var(--gap-4) var(--gap-5);
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3) var(--gap-4);
  align-items: center;
  margin-bottom: var(--gap-4);
}
.head .is-main {
  margin-left: auto;
}
h1 {
  font: 700 22px var(--display);
}
h2 {
  font: 700 19px var(--display);
}
.room {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr) 250px;
  gap: var(--gap-5);
  align-items: start;
}
.kinds {
  display: grid;
  gap: var(--gap-2);
}
.kinds button {
  display: grid;
  min-height: var(--touch);
  padding: var(--gap-2) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  text-align: left;
}
.kinds .on {
  border-color: var(--plum);
  box-shadow: inset 5px 0 0 var(--plum);
}
.kinds small {
  color: var(--ink-soft);
}
.lacking {
  border-style: dashed;
}
.sheets {
  display: grid;
  gap: var(--gap-4);
  justify-items: center;
  padding: var(--gap-4);
  background: var(--well);
  border-radius: var(--radius);
}
.sheets :deep(svg) {
  max-width: 100%;
  height: auto;
  border: 1px solid var(--line);
}
.job {
  display: grid;
  gap: var(--gap-4);
}
fieldset {
  display: grid;
  gap: var(--gap-1);
  border: 0;
}
legend {
  font-weight: 700;
}
fieldset label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: 28px;
}
.copies input {
  width: 72px;
  min-height: 32px;
  padding: 0 var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.wrong {
  overflow-wrap: anywhere;
}
dl {
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: var(--gap-2) var(--gap-3);
  align-items: baseline;
}
dt {
  border-bottom: 2px dotted var(--shelf);
  font: 700 19px var(--display);
  text-align: right;
}
/* The sheet is what one came for: the kinds are one row above it. */
@media (max-width: 900px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
  }
  .kinds {
    grid-auto-columns: 210px;
    grid-auto-flow: column;
    overflow-x: auto;
  }
  fieldset label,
  .copies input {
    min-height: var(--touch);
  }
}
@media print {
  .shop,
  .sheets {
    display: block;
    padding: 0;
    background: none;
  }
  .head,
  .kinds,
  .job {
    display: none;
  }
  .room {
    display: block;
  }
  .sheets :deep(svg) {
    max-width: none;
    border: 0;
    break-after: page;
  }
  .sheets :deep(svg:last-child) {
    break-after: auto;
  }
}
</style>
