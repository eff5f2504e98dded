<script setup lang="ts">
import { doesText, versionReason, type Placement, type TrayRow } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';

/** Who gets which version of something that is placed, why, and a choice by hand. */
const props = defineProps<{
  placement: Placement;
  /** Only this child. */
  row?: TrayRow | undefined;
}>();
const store = useBook();
const reading = useReading();

const BY_AGE = 'by-age';
const NONE = 'none';

const rows = computed(() =>
  (props.row ? [props.row] : reading.value.trays).flatMap((row) => {
    const piece = row.pieces.find(({ placement }) => placement.id === props.placement.id);
    return piece ? [{ row, piece }] : [];
  }),
);
const chosen = (childId: string): string => {
  const choice = props.placement.choices.find((one) => one.childId === childId);
  return choice ? (choice.versionId ?? NONE) : BY_AGE;
};
function choose(childId: string, value: string): void {
  store.perform([
    {
      type: 'unit/choose-version',
      placementId: props.placement.id,
      childId,
      versionId: value === BY_AGE || value === NONE ? null : value,
      byHand: value !== BY_AGE,
    },
  ]);
}
const onChoose = (childId: string, event: Event): void =>
  choose(childId, (event.target as HTMLSelectElement).value);
const short = (text: string): string => (text.length > 46 ? `${text.slice(0, 44)} …` : text);
</script>

<template>
  <ul class="choices" data-test="versions">
    <li v-for="{ row: one, piece } in rows" :key="one.child.id">
      <b>{{ one.child.name }}</b>
      <span>
        <template v-for="part in piece.parts" :key="part.version.id">
          {{ placement.content.versions.length === 0 ? 'with everyone' : doesText(part.version) }}
          <span class="soft"
            ><template v-if="part.version.say">“{{ part.version.say }}” · </template
            >{{ versionReason(piece, one) }}</span
          >
        </template>
        <span v-if="piece.parts.length === 0" class="care">
          {{ piece.byHand ? 'nothing, chosen by hand' : 'no version fits' }}
        </span>
      </span>
      <select
        :value="chosen(one.child.id)"
        :aria-label="`Version of ${placement.content.title} for ${one.child.name}`"
        :name="`version-${one.child.id}`"
        @change="onChoose(one.child.id, $event)"
      >
        <option :value="BY_AGE">by age and rungs</option>
        <option v-for="version in placement.content.versions" :key="version.id" :value="version.id">
          {{ short(version.does) }}
        </option>
        <option :value="NONE">none, on purpose</option>
      </select>
    </li>
    <li v-if="rows.length === 0" class="soft">Nobody is there on its days.</li>
  </ul>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) 150px;
  gap: var(--gap-3);
  align-items: start;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
select {
  width: 100%;
  min-height: 32px;
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
  font-size: 13px;
}
.care {
  color: var(--care);
  font-weight: 600;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: 1fr;
    gap: var(--gap-1);
  }
  select {
    min-height: var(--touch);
  }
}
</style>
