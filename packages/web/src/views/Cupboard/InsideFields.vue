<script setup lang="ts">
import type { Inside } from '@kobby/core';
import { AmountField, ChoiceField } from '../../parts/fields/index.ts';
import TapeLabel from '../../parts/TapeLabel.vue';

/** The inside of a tub: what the bins are worked out from. */
const inside = defineModel<Inside | null | undefined>({ required: true });
const SHAPES = { box: 'a tub with four corners', round: 'a round tub' };
const NOT_YET = Number.NaN;
function choose(shape: string | null | undefined): void {
  inside.value =
    shape === 'box'
      ? { kind: 'box', lengthMm: NOT_YET, widthMm: NOT_YET, heightMm: NOT_YET }
      : shape === 'round'
        ? { kind: 'round', acrossMm: NOT_YET, heightMm: NOT_YET }
        : null;
}
const LABELS = { lengthMm: 'Long', widthMm: 'Wide', acrossMm: 'Across', heightMm: 'Deep' } as const;
type Side = keyof typeof LABELS;
const sidesOf = (shape: Inside): readonly Side[] =>
  shape.kind === 'box' ? ['lengthMm', 'widthMm', 'heightMm'] : ['acrossMm', 'heightMm'];
const sideOf = (shape: Inside, side: Side): number => (shape as unknown as Record<Side, number>)[side];
const setSide = (side: Side, value: number | null | undefined): void => {
  inside.value = { ...inside.value, [side]: value ?? NOT_YET } as Inside;
};
</script>

<template>
  <TapeLabel class="label">Inside</TapeLabel>
  <div class="side-by-side">
    <ChoiceField
      :model-value="inside?.kind ?? null"
      label="It can be filled"
      path="inside"
      none="it is no tub"
      :options="SHAPES"
      @update:model-value="choose"
    />
    <template v-if="inside">
      <AmountField
        v-for="side in sidesOf(inside)"
        :key="side"
        :model-value="sideOf(inside, side)"
        :label="LABELS[side]"
        :path="`inside.${side}`"
        unit="mm"
        @update:model-value="setSide(side, $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.label {
  align-self: flex-start;
  margin: var(--gap-2) 0 calc(-1 * var(--gap-2)) calc(-1 * var(--gap-2));
}
</style>
