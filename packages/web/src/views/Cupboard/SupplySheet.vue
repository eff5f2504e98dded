<script setup lang="ts">
import {
  ALLERGENS,
  allergensNamedIn,
  CATEGORIES,
  formatDay,
  formatQuantity,
  homeOf,
  onHand,
  quantity,
  WAYS_TO_GET,
  type ChangeInput,
  type MeasureId,
  type StockMove,
  type SupplyId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  PictureField,
  RowsField,
  SwitchField,
  TextField,
  TicksField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import type { ActResult } from '../../state/sync.ts';
import InsideFields from './InsideFields.vue';
import PackRows from './PackRows.vue';
import PropertyFields from '../../parts/PropertyFields.vue';

/** A supply: what it is, how much is there, how it is got, and what the cautions ask about it. */
const props = defineProps<{ id: SupplyId | null }>();
const emit = defineEmits<{ close: []; next: [] }>();
const store = useBook();
const home = computed(() => homeOf(store.book));
const { known, draft, submit, retire } = formOf('supplies')({
  id: () => props.id,
  first: () => ({ id: `supply-${newId()}`, category: 'craft-pieces' }),
  // A count that was typed is kept with the supply, in one step.
  put: (supply) => [{ type: 'cupboard/put-supply', supply }, ...counted(supply.id)],
  close: () => emit('close'),
});
// What families named in their own words: no label has to say it, so the home does.
const own = computed(() => allergensNamedIn(store.book));
const moved = ref<number | null>(null);
const moveKind = ref<StockMove['kind']>('counted');

const categories = Object.fromEntries(Object.entries(CATEGORIES).map(([id, { name }]) => [id, name]));
const units = { piece: 'pieces', mL: 'volume (mL)', g: 'weight (g)', mm: 'length (mm)' } satisfies Record<
  MeasureId,
  string
>;
const ledger = computed(() =>
  Object.values(store.book.stockMoves)
    .filter((move) => move.supplyId === props.id)
    .toSorted((a, b) => (a.at < b.at ? 1 : -1)),
);
const have = computed(() =>
  known.value ? formatQuantity(onHand(known.value, ledger.value), home.value.units) : '',
);
const isSet = computed({
  get: () => draft.value.set !== null,
  set: (on: boolean | undefined) => {
    draft.value.set = on ? { pieces: [], waysToPlay: [], outOfReach: false } : null;
  },
});
const ways = computed({
  get: () => draft.value.set?.waysToPlay?.map((text) => ({ text })) ?? [],
  set: (rows) => {
    if (draft.value.set) draft.value.set.waysToPlay = rows.map((row) => row.text);
  },
});

function counted(supplyId: string): ChangeInput[] {
  const amount = moved.value;
  if (amount === null || Number.isNaN(amount)) return [];
  const move = { id: `move-${newId()}`, supplyId, kind: moveKind.value, amount, at: store.instant() };
  return [{ type: 'cupboard/record-stock', move }];
}
function looked(): void {
  draft.value.takenFrom = null;
  keep();
}
function keep(): ActResult {
  const result = submit();
  if (result.done) moved.value = null;
  return result;
}
const MOVES = {
  counted: 'Counted',
  bought: 'Bought',
  made: 'Mixed',
  used: 'Used',
  thrown: 'Thrown away',
} as const;
</script>

<template>
  <FormSheet
    :title="known?.name ?? 'A supply'"
    :hint="known ? `${have} on hand` : 'What it is; the rest can wait.'"
    :live="Boolean(known)"
    :submit="keep"
    :width="780"
    next="Keep, and the next"
    @next="emit('next')"
    @close="emit('close')"
  >
    <p v-if="draft.takenFrom" class="taken" role="status">
      Begun from a line: what is said of it is that of {{ draft.takenFrom }}. Nobody has looked at it yet.
      <v-btn class="is-side" size="small" @click="looked">I have looked at it</v-btn>
    </p>
    <div class="side-by-side">
      <LineField v-model="draft.name" label="Name" path="name" />
      <ChoiceField v-model="draft.category" label="Kind" path="category" :options="categories" />
      <LineField v-model="draft.keptIn" label="Kept in" path="keptIn" empty-is-null />
    </div>
    <PictureField v-model="draft.picture" :name="draft.name" path="picture" />
    <div class="side-by-side">
      <ChoiceField v-model="draft.unit" label="Measured as" path="unit" :options="units" />
      <ChoiceField
        v-model="draft.use"
        label="Use"
        path="use"
        :options="{ consumable: 'used up', reusable: 'taken out and put back' }"
      />
      <AmountField
        v-model="draft.lowMark"
        label="Get more at"
        path="lowMark"
        :unit="draft.unit"
        :grams-per-ml="draft.gramsPerMl"
        empty-is-null
      />
    </div>
    <div class="side-by-side">
      <ChoiceField v-model="moveKind" label="Stock" path="move.kind" :options="MOVES" />
      <AmountField
        v-model="moved"
        label="How much"
        path="move.amount"
        :unit="draft.unit"
        :grams-per-ml="draft.gramsPerMl"
        empty-is-null
      />
    </div>
    <details v-if="ledger.length">
      <summary>What came and went: {{ ledger.length === 1 ? 'one line' : `${ledger.length} lines` }}</summary>
      <ul class="figures">
        <li v-for="move in ledger.slice(0, 12)" :key="move.id">
          {{ formatDay(move.at.slice(0, 10) as never) }}: {{ MOVES[move.kind].toLowerCase() }}
          {{ formatQuantity(quantity(move.amount, draft.unit), home.units) }}
        </li>
      </ul>
    </details>
    <TapeLabel class="label">How it is got</TapeLabel>
    <div class="side-by-side">
      <ChoiceField v-model="draft.got" label="It is" path="got" :options="WAYS_TO_GET" />
      <LineField v-model="draft.gotFrom" label="From whom" path="gotFrom" empty-is-null />
      <LineField
        v-if="draft.got === 'borrowed'"
        v-model="draft.backBy"
        label="Back by"
        path="backBy"
        type="date"
        empty-is-null
      />
      <NumberField v-model="draft.arrivesInDays" label="Days to arrive" path="arrivesInDays" />
      <LineField v-model="draft.bestBefore" label="Best before" path="bestBefore" type="date" empty-is-null />
    </div>
    <PackRows v-model="draft.packs" :unit="draft.unit" :grams-per-ml="draft.gramsPerMl" />
    <TapeLabel class="label">Label</TapeLabel>
    <TicksField
      v-model="draft.allergens"
      label="Contains"
      path="allergens"
      :options="{ ...ALLERGENS, ...own }"
    />
    <TicksField
      v-model="draft.mayContain"
      label="May contain"
      path="mayContain"
      :options="{ ...ALLERGENS, ...own }"
    />
    <TicksField
      v-if="Object.keys(own).length"
      v-model="draft.freeOf"
      label="Looked for, and not in it"
      path="freeOf"
      :options="own"
    />
    <div class="side-by-side">
      <LineField
        v-model="draft.labelCheckedOn"
        label="Label read on"
        path="labelCheckedOn"
        type="date"
        empty-is-null
      />
      <NumberField
        v-model="draft.gramsPerMl"
        label="Weighs"
        suffix="g in 1 mL"
        path="gramsPerMl"
        empty-is-null
      />
      <SwitchField v-model="draft.glutenFree" label="Labelled gluten-free" path="glutenFree" />
    </div>
    <PropertyFields v-model="draft.properties" :category="draft.category" />
    <InsideFields v-model="draft.inside" />
    <TapeLabel class="label">Set</TapeLabel>
    <SwitchField v-model="isSet" label="It is a set with pieces" path="set" />
    <template v-if="draft.set">
      <RowsField
        v-slot="{ row, path }"
        v-model="draft.set.pieces"
        label="Pieces"
        path="set.pieces"
        one="Kind of piece"
        :blank="() => ({ name: '', count: 1, missing: 0, worn: 0 })"
      >
        <div class="side-by-side">
          <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
          <NumberField v-model="row.count" label="How many" :path="`${path}.count`" />
          <NumberField v-model="row.missing" label="Missing" :path="`${path}.missing`" />
          <NumberField v-model="row.worn" label="Worn" :path="`${path}.worn`" />
        </div>
      </RowsField>
      <RowsField
        v-slot="{ row, index }"
        v-model="ways"
        label="Ways to play"
        path="set.waysToPlay"
        one="Way"
        ordered
        :blank="() => ({ text: '' })"
      >
        <LineField
          :model-value="row.text"
          label="How it is played"
          :path="`set.waysToPlay.${index}`"
          @update:model-value="ways = ways.map((way, i) => (i === index ? { text: $event ?? '' } : way))"
        />
      </RowsField>
      <SwitchField
        v-model="draft.set.outOfReach"
        label="Out of reach of the youngest"
        path="set.outOfReach"
      />
    </template>
    <LineField
      v-model="draft.broken"
      label="Broken: what (empty while it is whole)"
      path="broken"
      empty-is-null
    />
    <TextField v-model="draft.notes" label="Notes" path="notes" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="supplies"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>

<style scoped>
.taken {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-3) var(--gap-4);
  background: var(--note-bg);
}
.label {
  align-self: flex-start;
  margin: var(--gap-2) 0 calc(-1 * var(--gap-2)) calc(-1 * var(--gap-2));
}
summary {
  cursor: pointer;
}
</style>
