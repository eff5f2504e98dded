<script setup lang="ts">
import {
  asksOf,
  isNo,
  PROPERTIES,
  PROPERTY_IDS,
  shapeOf,
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

const opened = ref<ReadonlySet<PropertyId>>(new Set());

const now = computed((): Properties => values.value ?? {});
const asked = computed<readonly PropertyId[]>(() => asksOf(props.category ?? 'room'));
const isOpen = (id: PropertyId): boolean => all.value || opened.value.has(id);
// What it has, and what was opened to be changed, has a field; what nobody looked at and what is a no only its name.
const shown = computed(() =>
  PROPERTY_IDS.filter((id) => isOpen(id) || (now.value[id] !== undefined && !isNo(id, now.value))),
);
const missing = computed(() => asked.value.filter((id) => now.value[id] === undefined && !isOpen(id)));
const noes = computed(() => PROPERTY_IDS.filter((id) => isNo(id, now.value) && !isOpen(id)));
const open = (id: PropertyId): void => void (opened.value = new Set([...opened.value, id]));

const set = (id: PropertyId, value: unknown): void => {
  const { [id]: _, ...rest } = values.value ?? {};
  values.value = value === undefined ? rest : { ...rest, [id]: value as never };
};
function hasIt(id: PropertyId): void {
  open(id);
  if (shapeOf(id).kind !== 'flag') return;
  set(id, true);
  settle();
}
function sayNothingElse(): void {
  values.value = withNothingElse(props.category ?? 'room', now.value);
  settle();
}
const get = (id: PropertyId): unknown => values.value?.[id];

const IN_NUMBERS = { mm: 'mm', months: 'months', percent: '%', celsius: '°C', count: 'children' } as const;
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
  <template v-if="missing.length">
    <p class="soft" data-test="unrecorded">
      Nobody looked at these yet. Press what it has, then say that it has none of the others. Unknown is
      pointed out, never passed over.
    </p>
    <div class="names" role="group" aria-label="Nobody looked at">
      <button v-for="id in missing" :key="id" type="button" @click="hasIt(id)">
        {{ PROPERTIES[id].label }}
      </button>
    </div>
    <v-btn class="is-side none" @click="sayNothingElse">None of the others</v-btn>
  </template>
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
              label="Fixed out of reach, or a strap that holds a seat"
              :path="`properties.${id}.fixed`"
              :options="YES_NO"
              @update:model-value="patch(id, 'fixed', $event === 'yes')"
            />
          </template>
        </template>
      </template>
    </div>
  </div>
  <div v-if="noes.length" class="names looked" role="group" aria-label="Looked at, and no">
    <span class="soft">Looked at, and no:</span>
    <button v-for="id in noes" :key="id" type="button" @click="open(id)">{{ PROPERTIES[id].label }}</button>
  </div>
  <v-btn class="is-quiet more" :aria-expanded="all" @click="all = !all">
    {{ all ? 'Only what it has' : 'Everything that can be recorded' }}
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
.names {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-3);
  align-items: center;
}
.names button {
  min-height: 32px;
  padding: var(--gap-1) var(--gap-3);
  background: var(--well);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.looked button {
  background: none;
  border-color: transparent;
  border-bottom: 1.5px solid var(--edge);
  border-radius: 0;
  color: var(--ink-soft);
}
.none,
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
