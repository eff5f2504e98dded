<script setup lang="ts">
import { type CornerId } from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed } from 'vue';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import { CORNER_KIND_NAMES } from '../../theme/glyphs.ts';
import { supplyOptions } from '../../state/options.ts';

/** A learning centre: its place, who fits, and what stands there for good. */
const props = defineProps<{ id: CornerId | null; lastOrder: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const { known, draft, submit, retire } = formOf('corners')({
  id: () => props.id,
  first: () => ({
    id: `corner-${newId()}`,
    kind: 'other',
    places: 4,
    expected: true,
    order: generateKeyBetween(props.lastOrder, null),
  }),
  put: (corner) => [
    { type: 'house/put-corner', corner: { ...corner, order: known.value?.order ?? corner.order } },
  ],
  close: () => emit('close'),
});
const others = computed(() =>
  Object.values(store.book.corners)
    .filter((corner) => corner.id !== draft.value.id && !corner.retired)
    .map((corner) => ({ title: corner.name, value: corner.id as string })),
);
const supplies = computed(() => supplyOptions(store.book));
const unitOf = (supplyId: string) => store.book.supplies[supplyId]?.unit ?? 'piece';

// A change of place goes on after somebody dragged the corner meanwhile.
</script>

<template>
  <FormSheet
    :title="known?.name ?? 'A corner'"
    hint="A learning centre of the home: a cubby on every unit's shelf."
    :live="Boolean(known)"
    :submit="submit"
    @close="emit('close')"
  >
    <div class="side-by-side">
      <LineField v-model="draft.name" label="Name" path="name" />
      <ChoiceField v-model="draft.kind" label="Kind" path="kind" :options="CORNER_KIND_NAMES" />
    </div>
    <div class="side-by-side">
      <NumberField v-model="draft.places" label="Children who fit" path="places" />
      <ChoiceField
        v-model="draft.sharesTableWith"
        label="Shares a table with"
        path="sharesTableWith"
        none="its own place"
        :options="others"
      />
    </div>
    <div class="side-by-side">
      <SwitchField v-model="draft.outdoors" label="Outdoors" path="outdoors" />
      <SwitchField v-model="draft.expected" label="Filled in every unit" path="expected" />
      <SwitchField v-model="draft.sleptIn" label="Somebody sleeps there, or sits beside it" path="sleptIn" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.standingKit"
      label="Stands there for good, and is not counted again"
      path="standingKit"
      one="Thing"
      :blank="() => ({ supplyId: '', amount: 1 })"
    >
      <div class="side-by-side">
        <ChoiceField v-model="row.supplyId" label="Thing" :path="`${path}.supplyId`" :options="supplies" />
        <AmountField
          v-model="row.amount"
          label="How many"
          :path="`${path}.amount`"
          :unit="unitOf(row.supplyId)"
        />
      </div>
    </RowsField>
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="corners"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>
