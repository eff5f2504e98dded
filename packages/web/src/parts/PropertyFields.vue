<script setup lang="ts">
import {
  asksOf,
  PROPERTIES,
  PROPERTY_IDS,
  shapeOf,
  unrecorded,
  withNothingElse,
  type CategoryId,
  type Properties,
  type PropertyId,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, NumberField, TicksField, useField } from './fields/index.ts';
import TapeLabel from './TapeLabel.vue';

/** What the cautions ask about a thing: first what its kind must say, the rest on demand. Nothing chosen is unknown. */
const props = defineProps<{ category: CategoryId | undefined }>();
const values = defineModel<Properties | undefined>({ required: true });
const all = ref(false);
const { settle } = useField(() => 'properties.rest');

const asked = computed<readonly PropertyId[]>(() => asksOf(props.category ?? 'room'));
const missing = computed(() => unrecorded(props.category ?? 'room', values.value ?? {}));
const shown = computed(() =>
  PROPERTY_IDS.filter((id) => all.value || asked.value.includes(id) || values.value?.[id] !== undefined),
);

const set = (id: PropertyId, value: unknown): void => {
  const { [id]: _, ...rest } = values.value ?? {};
  values.value = value === undefined ? rest : { ...rest, [id]: value as never };
};
function sayNothingElse(): void {
  values.value = withNothingElse(props.category ?? 'room', values.value ?? {});
  settle();
}
const get = (id: PropertyId): unknown => values.value?.[id];

const IN_NUMBERS = { mm: 'mm', months: 'months', percent: '%' } as const;
const YES_NO = { yes: 'yes', no: 'no' };
const MATERIALS = { firm: 'firm', paper: 'paper', fabric: 'fabric', yarn: 'yarn or string' };
const flagOf = (id: PropertyId) => (get(id) === undefined ? null : get(id) ? 'yes' : 'no');
const sizedOf = (id: PropertyId) => (get(id) === undefined ? null : get(id) === 'none' ? 'none' : 'size');
const SIZED = { none: 'none', size: 'there is one:' };
function chooseSized(id: PropertyId, chosen: string | null | undefined): void {
  const shape = shapeOf(id);
  const blank =
    shape.kind === 'part'
      ? { acrossMm: Number.NaN, longMm: Number.NaN, material: 'firm' }
      : shape.kind === 'cord'
        ? { lengthMm: Number.NaN, canLoop: false }
        : Number.NaN;
  set(id, chosen === 'none' ? 'none' : chosen === 'size' ? blank : undefined);
}
const inside = (id: PropertyId) => get(id) as Record<string, never>;
const patch = (id: PropertyId, field: string, value: unknown): void =>
  set(id, { ...inside(id), [field]: value });
</script>

<template>
  <TapeLabel class="label">What the cautions ask</TapeLabel>
  <p v-if="missing.length" class="soft" data-test="unrecorded">
    {{ missing.length === 1 ? 'One thing is' : `${missing.length} things are` }} not recorded yet. Unknown is
    pointed out, never passed over.
    <v-btn class="is-quiet" size="small" @click="sayNothingElse"> Nothing of the rest </v-btn>
  </p>
  <div class="properties">
    <div v-for="id in shown" :key="id" class="property">
      <template v-if="shapeOf(id).kind === 'flag'">
        <ChoiceField
          :model-value="flagOf(id)"
          :label="PROPERTIES[id].label"
          :path="`properties.${id}`"
          none="not known"
          :options="YES_NO"
          @update:model-value="set(id, $event ? $event === 'yes' : undefined)"
        />
      </template>
      <template v-else-if="shapeOf(id).kind === 'choice'">
        <ChoiceField
          :model-value="(get(id) as string | undefined) ?? null"
          :label="PROPERTIES[id].label"
          :path="`properties.${id}`"
          none="not known"
          :options="(shapeOf(id) as { options: Record<string, string> }).options"
          @update:model-value="set(id, $event ?? undefined)"
        />
      </template>
      <template v-else-if="shapeOf(id).kind === 'choices'">
        <ChoiceField
          :model-value="get(id) === undefined ? null : 'known'"
          :label="PROPERTIES[id].label"
          :path="`properties.${id}.known`"
          none="not known"
          :options="{ known: 'looked at' }"
          @update:model-value="set(id, $event ? [] : undefined)"
        />
        <TicksField
          v-if="get(id) !== undefined"
          :model-value="get(id) as string[]"
          label="It has"
          :path="`properties.${id}`"
          :options="(shapeOf(id) as { options: Record<string, string> }).options"
          @update:model-value="set(id, $event)"
        />
      </template>
      <template v-else>
        <ChoiceField
          :model-value="sizedOf(id)"
          :label="PROPERTIES[id].label"
          :path="`properties.${id}`"
          none="not known"
          :options="SIZED"
          @update:model-value="chooseSized(id, $event)"
        />
        <template v-if="sizedOf(id) === 'size'">
          <NumberField
            v-if="shapeOf(id).kind in IN_NUMBERS"
            :model-value="get(id) as number"
            :label="IN_NUMBERS[shapeOf(id).kind as keyof typeof IN_NUMBERS]"
            :path="`properties.${id}.size`"
            @update:model-value="set(id, $event)"
          />
          <template v-if="shapeOf(id).kind === 'part'">
            <NumberField
              :model-value="inside(id).acrossMm"
              label="Across, mm"
              :path="`properties.${id}.acrossMm`"
              @update:model-value="patch(id, 'acrossMm', $event)"
            />
            <NumberField
              :model-value="inside(id).longMm"
              label="Long, mm"
              :path="`properties.${id}.longMm`"
              @update:model-value="patch(id, 'longMm', $event)"
            />
            <ChoiceField
              :model-value="inside(id).material"
              label="Of"
              :path="`properties.${id}.material`"
              :options="MATERIALS"
              @update:model-value="patch(id, 'material', $event)"
            />
          </template>
          <template v-if="shapeOf(id).kind === 'cord'">
            <NumberField
              :model-value="inside(id).lengthMm"
              label="Long, mm"
              :path="`properties.${id}.lengthMm`"
              @update:model-value="patch(id, 'lengthMm', $event)"
            />
            <ChoiceField
              :model-value="inside(id).canLoop ? 'yes' : 'no'"
              label="A loop that goes over a head"
              :path="`properties.${id}.canLoop`"
              :options="YES_NO"
              @update:model-value="patch(id, 'canLoop', $event === 'yes')"
            />
            <ChoiceField
              :model-value="inside(id).fixed ? 'yes' : 'no'"
              label="Fixed out of reach, all of it"
              :path="`properties.${id}.fixed`"
              :options="YES_NO"
              @update:model-value="patch(id, 'fixed', $event === 'yes')"
            />
          </template>
        </template>
      </template>
    </div>
  </div>
  <v-btn class="is-quiet more" :aria-expanded="all" @click="all = !all">
    {{ all ? 'Only what this kind asks' : 'Everything that can be recorded' }}
  </v-btn>
</template>

<style scoped>
.label {
  align-self: flex-start;
  margin: var(--gap-2) 0 calc(-1 * var(--gap-2)) calc(-1 * var(--gap-2));
}
.properties {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--gap-4);
  align-items: start;
}
.property {
  display: grid;
  gap: var(--gap-3);
  align-items: start;
}
/* What has a size or parts of its own takes a row. */
.property:has(> :nth-child(2)) {
  grid-column: 1 / -1;
  grid-template-columns: minmax(200px, 1.3fr) repeat(3, minmax(0, 1fr));
}
.property:has(fieldset) {
  grid-template-columns: minmax(200px, 1fr) 2.3fr;
}
.more {
  align-self: flex-start;
}
@media (max-width: 900px) {
  .properties,
  .property:has(> :nth-child(2)),
  .property:has(fieldset) {
    grid-template-columns: 1fr;
  }
}
</style>
