<script setup lang="ts">
import { mdiScaleBalance } from '@mdi/js';
import { AREAS, formatDays, isShownOn, listed, type Area } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import BalanceSheet from '../../parts/BalanceSheet.vue';
import DraftButton from '../../parts/DraftButton.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useReading } from '../../state/unit.ts';
import ChildTray from './ChildTray.vue';
import TrayCell from './TrayCell.vue';

/** Who gets what: children down, areas across; a press on a place shows the versions, a child's bin and what is lacking. */
const reading = useReading();
const open = ref<{ readonly childId: string; readonly area: Area | null } | null>(null);
const showsBalance = ref(false);

const rows = computed(() => reading.value.trays);
const opened = computed(
  () => rows.value.find(({ child }) => child.id === open.value?.childId) ?? rows.value[0] ?? null,
);
const area = computed(() => open.value?.area ?? null);
const dayCount = computed(() => reading.value.frame.calendar.days.length);
const reach = computed(() => reading.value.outOfReach);
// One line a thing, wherever it stands.
const reachLines = computed(() => {
  const found = new Map<
    string,
    { readonly name: string; readonly why: string; readonly places: Set<string>; readonly who: Set<string> }
  >();
  for (const { supply, why, placement, children } of reach.value) {
    const line = found.get(supply.id) ?? { name: supply.name, why, places: new Set(), who: new Set() };
    found.set(supply.id, line);
    line.places.add(placement.content.title);
    for (const child of children) line.who.add(child.name.split(' ')[0]!);
  }
  return [...found.values()];
});
const watching = computed(() => reading.value.headsUps.filter((finding) => isShownOn('trays', finding)));
const pick = (childId: string, of: Area | null): void => void (open.value = { childId, area: of });
</script>

<template>
  <PageBar title="Trays" hint="each child in a row, each area in a column: how many things fit">
    <DraftButton v-if="rows.length" :ask="{ parts: ['bins'] }">Draft the bins</DraftButton>
    <v-btn class="is-side" size="small" :prepend-icon="mdiScaleBalance" @click="showsBalance = true"
      >Balance</v-btn
    >
  </PageBar>
  <p v-if="rows.length === 0" class="soft">
    Nobody comes on these days. Children are entered
    <RouterLink :to="{ name: 'children' }">in the house</RouterLink>; an idea needs a first day.
  </p>
  <div v-else class="wrap">
    <table class="trays" data-test="trays">
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">Child</span></th>
          <th v-for="one in AREAS" :key="one" scope="col">
            <span>{{ one }}</span>
          </th>
          <th scope="col"><span>own bin</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.child.id" :class="{ on: opened?.child.id === row.child.id }">
          <th scope="row">
            <button type="button" class="child" @click="pick(row.child.id, null)">
              <b>{{ row.child.name.split(' ')[0] }}</b>
              <small>{{ row.age }} · {{ row.days.length }} of {{ dayCount }}</small>
            </button>
          </th>
          <td v-for="one in AREAS" :key="one">
            <TrayCell
              :pieces="row.byArea[one]"
              :label="`${row.child.name}, ${one}`"
              :on="opened?.child.id === row.child.id && area === one"
              @press="pick(row.child.id, one)"
            />
          </td>
          <td>
            <TrayCell
              :pieces="row.bin"
              :label="`${row.child.name}, own bin`"
              :on="false"
              bin
              @press="pick(row.child.id, null)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <div v-if="opened" class="below">
    <ChildTray :key="opened.child.id" :row="opened" :area="area" @all="pick(opened.child.id, null)" />
    <div class="notes">
      <ShelfCard title="Out of reach of the youngest">
        <ul v-if="reachLines.length" class="reach" data-test="out-of-reach">
          <li v-for="line in reachLines" :key="line.name">
            <b>{{ line.name }}</b> <span class="soft">{{ line.why }}</span>
            <small>{{ listed([...line.places].slice(0, 3)) }} · not for {{ listed([...line.who]) }}</small>
          </li>
        </ul>
        <p v-else class="soft">Nothing that is recorded has to be kept from them.</p>
      </ShelfCard>
      <ShelfCard v-if="watching.length" title="Left to watch">
        <ul class="reach">
          <li v-for="one in watching" :key="one.key">
            <b>{{ one.title }}</b>
            <small>{{ formatDays(one.days) }}</small>
          </li>
        </ul>
      </ShelfCard>
    </div>
  </div>
  <BalanceSheet v-if="showsBalance" @close="showsBalance = false" />
</template>

<style scoped>
.wrap {
  overflow-x: auto;
  flex: none;
}
.trays {
  width: 100%;
  min-width: 760px;
  table-layout: fixed;
  border-collapse: collapse;
  background: var(--shelf);
  border: 5px solid var(--shelf);
  border-radius: 7px;
}
.trays td,
.trays th {
  padding: 0;
  border: 2px solid var(--shelf);
  background: var(--card);
}
thead th:first-child {
  width: 138px;
}
thead th {
  height: 26px;
  background: var(--tape) !important;
  color: var(--tape-ink);
  font-weight: 600;
  font-size: 12.5px;
}
.child {
  display: block;
  width: 100%;
  min-height: 40px;
  padding: var(--gap-1) var(--gap-3);
  background: none;
  border: 0;
  text-align: left;
  line-height: 1.2;
}
.child small {
  display: block;
  color: var(--ink-soft);
  font-weight: 400;
  font-size: 12px;
  white-space: nowrap;
}
.on .child {
  box-shadow: inset 5px 0 0 var(--plum);
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 1.9fr) minmax(210px, 1fr);
  gap: var(--gap-4);
  align-items: start;
  margin-top: var(--gap-5);
}
.notes {
  display: grid;
  gap: var(--gap-5);
}
.reach li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12px;
}
@media (max-width: 900px) {
  .below {
    grid-template-columns: 1fr;
  }
}
</style>
