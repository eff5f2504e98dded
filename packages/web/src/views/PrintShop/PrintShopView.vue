<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useTitle } from '../../state/page-title.ts';
import CardSheet from './CardSheet.vue';
import JobPanel from './JobPanel.vue';
import { usePdf } from './pdf/saving.ts';
import { useShop } from './shop.ts';
import { shopQuery } from './shop-query.ts';

/** What is made of the theme's things by a press and printed true to size; what a kind lacks is said in a line. */
useTitle('page', () => 'Print shop');
const shop = useShop();
const { unit, unitId, kind, made, printed, families, kept, before } = shop;
const pdf = usePdf();
const save = (): unknown =>
  pdf.save(
    `${made.value.sets.map(({ name }) => name).join(', ')}, ${unit.value?.title ?? ''}`,
    printed.value.map(({ job }) => job),
  );
const print = (): void => window.print();
// The page of the printer is that of the sheet, whichever way it lies.
const pageRule = computed(() => {
  const [first] = made.value.sets;
  if (!first) return '';
  const { width, height } = first.job.grid.page;
  return `@page { size: ${width}mm ${height}mm; margin: 0; }`;
});
const titleOf = (
  name: string,
  page: number,
  of: number,
  cards: readonly { card: { name: string } }[],
): string => `${name}, sheet ${page + 1} of ${of}: ${cards.map(({ card }) => card.name).join(', ')}`;
</script>

<template>
  <main class="shop">
    <component :is="'style'">{{ pageRule }}</component>
    <header class="head">
      <RouterLink :to="{ name: 'hand-over', params: { unitId }, query: { part: 'paper' } }"
        >Back to Hand over</RouterLink
      >
      <h1>Print shop</h1>
      <span class="soft">{{ unit ? `of the things of ${unit.title}` : '' }}</span>
      <div class="acts">
        <span v-if="pdf.progress.value" role="status">{{ pdf.progress.value }}</span>
        <v-btn v-if="pdf.progress.value" class="is-quiet" @click="pdf.stop()">Stop</v-btn>
        <v-btn v-else class="is-quiet" :disabled="made.sets.length === 0" @click="save">Keep as PDF</v-btn>
        <v-btn class="is-main" :disabled="made.sets.length === 0" @click="print">Print it</v-btn>
      </div>
    </header>
    <p v-if="pdf.trouble.value" class="wrong" role="alert">{{ pdf.trouble.value }}</p>
    <p v-if="!unit" class="empty">This unit is not here any more.</p>
    <div v-else class="room">
      <nav class="kinds" aria-label="What to make">
        <template v-for="family in families" :key="family.name">
          <h2>{{ family.name }}</h2>
          <button
            v-for="one in family.kinds"
            :key="one.id"
            type="button"
            :class="{ on: one.id === kind, lacking: one.lacks }"
            :aria-pressed="one.id === kind"
            :data-test="`kind-${one.id}`"
            @click="shop.choose(one.id)"
          >
            <b>{{ one.name }}</b>
            <small>{{ one.lacks ?? one.hint }}</small>
          </button>
        </template>
      </nav>
      <div class="middle">
        <section class="sheets" aria-label="Sheets">
          <p v-for="lack in made.lacks" :key="lack" class="empty" role="status">
            {{ lack }}
            <RouterLink :to="{ name: 'spark', params: { unitId } }">To the theme’s things</RouterLink>
          </p>
          <template v-for="set in made.sets" :key="set.order.kind">
            <p v-if="set.fromMonths !== null || set.times > 1" class="who">
              {{ set.name }}{{ set.who ? `: ${set.who}` : ', for nobody who comes now' }}
            </p>
            <template v-for="time in set.times" :key="time">
              <CardSheet
                v-for="(cards, page) in set.job.sheets"
                :key="page"
                :job="set.job"
                :page="page"
                :name="titleOf(set.name, page, set.job.sheets.length, cards)"
              />
            </template>
          </template>
        </section>
        <section v-if="kept.length + before.length > 0" class="kept" aria-label="Kept jobs">
          <template v-if="kept.length > 0">
            <h2>Kept in this unit</h2>
            <ul data-test="kept">
              <li v-for="job in kept" :key="job.sheet.id">
                <RouterLink :to="{ query: shopQuery(job.sheet) }">{{ job.sheet.title }}</RouterLink>
                <span class="soft">{{ job.sheet.level ?? '' }}</span>
                <RouterLink :to="{ query: shopQuery(job.sheet, { copies: 1 }) }">one again</RouterLink>
                <span v-if="shop.isInTheHouse(job)" class="soft">among the sets of the house</span>
                <v-btn v-else class="is-quiet" @click="shop.intoTheHouse(job)"
                  >Made: a set of the house</v-btn
                >
              </li>
            </ul>
          </template>
          <template v-if="before.length > 0">
            <h2>Made before, now of these things</h2>
            <ul>
              <li v-for="sheet in before" :key="sheet.id">
                <RouterLink :to="{ query: shopQuery(sheet) }">{{ sheet.title }}</RouterLink>
              </li>
            </ul>
          </template>
        </section>
      </div>
      <JobPanel :shop="shop" />
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
.acts {
  display: flex;
  gap: var(--gap-4);
  align-items: center;
  margin-left: auto;
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
h1 {
  font: 700 22px var(--display);
}
.room {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr) 250px;
  gap: var(--gap-5);
  align-items: start;
}
.kinds,
.room > :deep(.job) {
  position: sticky;
  top: var(--gap-4);
  max-height: calc(100vh - 24px);
  overflow-y: auto;
}
.kinds {
  display: grid;
  gap: var(--gap-2);
}
.kinds h2 {
  font: 700 16px var(--display);
}
.kinds h2:not(:first-child) {
  margin-top: var(--gap-3);
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
.who {
  font-weight: 700;
}
.kept {
  display: grid;
  gap: var(--gap-3);
  margin-top: var(--gap-5);
}
.kept h2 {
  font: 700 19px var(--display);
}
.kept li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: baseline;
}
.sheets :deep(svg) {
  width: auto;
  max-width: 100%;
  height: auto;
  max-height: 82vh;
  border: 1px solid var(--line);
}
/* The sheet is what one came for: the kinds are one row above it. */
@media (max-width: 900px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
  }
  .kinds,
  .room > :deep(.job) {
    position: static;
    max-height: none;
  }
  .kinds {
    grid-auto-columns: max-content;
    grid-auto-flow: column;
    overflow-x: auto;
  }
  .kinds button {
    width: 210px;
  }
  .kinds h2 {
    align-self: center;
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
  .kept,
  .empty,
  .who {
    display: none;
  }
  .room {
    display: block;
  }
  .sheets :deep(svg) {
    max-width: none;
    max-height: none;
    border: 0;
    break-after: page;
  }
  .sheets :deep(svg:last-child) {
    break-after: auto;
  }
}
</style>
