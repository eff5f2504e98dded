<script setup lang="ts">
import { mdiClose, mdiImagePlusOutline } from '@mdi/js';
import { homeOf, THING_ROLES, type Thing, type ThingGap, type ToldWord } from '@kobby/core';
import { computed } from 'vue';
import ThingPicture from '../../parts/ThingPicture.vue';
import { useBook } from '../../state/book.ts';
import InRoomCell from './InRoomCell.vue';
import { isGuess, keyOf, textIn, titleOf, type Column } from './thing-cells.ts';

/** One of the theme's things: its picture, its name, and what is said of it. */
const props = defineProps<{
  thing: Thing;
  columns: readonly Column[];
  gaps: readonly ThingGap[];
  /** The place of the table in which something cannot be read. */
  wrong: string | null;
  /** What is known of its name: parts, partner and colour are offered where nothing stands yet. */
  told: ToldWord | null;
}>();
const emit = defineEmits<{
  write: [column: Column, text: string];
  rename: [name: string];
  picture: [];
  drop: [];
}>();
const store = useBook();
const units = computed(() => homeOf(store.book).units);

const gapAt = ({ kind, id }: Column): string | null =>
  kind === 'known'
    ? (props.gaps.find((gap) => gap.thingId === props.thing.id && gap.column === id)?.text ?? null)
    : null;
function offered({ id }: Column): string {
  if (!props.told || (id !== 'parts' && id !== 'pair' && id !== 'colour')) return '';
  const value = props.told[id];
  return typeof value === 'string' ? value : (value ?? []).join(', ');
}
const text = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
  <tr>
    <td class="picture">
      <button
        type="button"
        :aria-label="`Picture of ${thing.name}`"
        data-test="thing-picture"
        @click="emit('picture')"
      >
        <ThingPicture :name="thing.name" :picture="thing.picture" :size="28">
          <v-icon class="none" :icon="mdiImagePlusOutline" size="18" aria-hidden="true" />
        </ThingPicture>
      </button>
    </td>
    <th scope="row">
      <input
        :value="thing.name"
        aria-label="Name of the member"
        @change="emit('rename', text($event).trim())"
      />
    </th>
    <td
      v-for="column in columns"
      :key="keyOf(column)"
      :class="{ gap: gapAt(column), guess: isGuess(thing, column) }"
    >
      <InRoomCell v-if="column.kind === 'room'" :thing="thing" />
      <select
        v-else-if="column.id === 'role'"
        :value="thing.role ?? ''"
        :aria-label="`Role of ${thing.name}`"
        @change="emit('write', column, text($event))"
      >
        <option value="">–</option>
        <option v-for="(name, role) in THING_ROLES" :key="role" :value="role">{{ name }}</option>
      </select>
      <input
        v-else
        :key="textIn(thing, column, units)"
        :value="textIn(thing, column, units)"
        :aria-label="`${titleOf(column)} of ${thing.name}${gapAt(column) ? `: ${gapAt(column)}` : ''}`"
        :title="gapAt(column) ?? undefined"
        :placeholder="offered(column)"
        :aria-invalid="wrong === `${thing.id}.${keyOf(column)}`"
        autocomplete="off"
        @change="emit('write', column, text($event))"
      />
    </td>
    <td class="drop">
      <button type="button" :aria-label="`Take ${thing.name} away`" @click="emit('drop')">
        <v-icon :icon="mdiClose" size="16" aria-hidden="true" />
      </button>
    </td>
  </tr>
</template>

<style scoped>
td,
th {
  padding: 0;
  border: 1.5px solid var(--line);
}
.drop {
  border-color: transparent;
}
input,
select {
  width: 100%;
  min-width: 54px;
  height: 32px;
  padding: 0 var(--gap-2);
  background: transparent;
  border: 0;
  color: inherit;
  font: inherit;
  font-size: 13.5px;
}
select {
  min-width: 96px;
  padding: 0;
}
th input {
  font-weight: 600;
}
.guess input,
.guess select {
  color: var(--ink-soft);
  font-style: italic;
}
input::placeholder {
  color: var(--ink-soft);
  font-style: italic;
  opacity: 0.75;
}
.gap {
  background: var(--care-bg);
  box-shadow: inset 0 -3px 0 var(--care-edge);
}
[aria-invalid='true'] {
  box-shadow: inset 0 0 0 2px var(--stop);
}
button {
  display: grid;
  place-items: center;
  width: 28px;
  height: 28px;
  padding: 0;
  background: none;
  border: 0;
}
.none {
  opacity: 0.4;
}
.picture button {
  width: 34px;
  height: 32px;
}
</style>
