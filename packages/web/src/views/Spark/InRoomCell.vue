<script setup lang="ts">
import { nounOfThing, standingFor, toyBegun, type ChangeInput, type Thing, type WayToGet } from '@kobby/core';
import { computed } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** What stands for a thing in the room: something of the cupboard, or something that is begun there now, to be got in one of its ways. */
const props = defineProps<{ thing: Thing }>();
const store = useBook();
const BEGIN = 'begin:';
const WAYS: Readonly<Partial<Record<WayToGet, string>>> = {
  made: 'make one',
  borrowed: 'borrow one',
  printed: 'print one',
  bought: 'buy one',
  families: 'ask families for one',
  collected: 'collect one',
};
const name = computed(() => nounOfThing(props.thing).one);
const like = computed(() => standingFor(store.book, props.thing));
const others = computed(() =>
  Object.values(store.book.supplies)
    .filter(
      (supply) => (!supply.retired || supply.id === props.thing.supplyId) && !like.value.includes(supply),
    )
    .toSorted((a, b) => a.name.localeCompare(b.name, 'en')),
);

function take(event: Event): void {
  const said = (event.target as HTMLSelectElement).value;
  const isNew = said.startsWith(BEGIN);
  const id = isNew ? `toy-${newId()}` : said || null;
  const begun = isNew ? toyBegun(store.book, id!, props.thing, said.slice(BEGIN.length) as WayToGet) : null;
  store.perform([
    ...(begun ? [{ type: 'cupboard/put-supply', supply: begun } as ChangeInput] : []),
    { type: 'unit/put-thing', thing: { ...structuredClone(props.thing), supplyId: id } } as ChangeInput,
  ]);
}
</script>

<template>
  <select :value="thing.supplyId ?? ''" :aria-label="`What stands for ${name} in the room`" @change="take">
    <option value="">–</option>
    <optgroup v-if="like.length" label="In the cupboard">
      <option v-for="supply in like" :key="supply.id" :value="supply.id">{{ supply.name }}</option>
    </optgroup>
    <optgroup label="Not here yet">
      <option v-for="(words, way) in WAYS" :key="way" :value="`${BEGIN}${way}`">{{ words }}</option>
    </optgroup>
    <optgroup label="Anything of the cupboard">
      <option v-for="supply in others" :key="supply.id" :value="supply.id">{{ supply.name }}</option>
    </optgroup>
  </select>
</template>

<style scoped>
select {
  width: 100%;
  min-width: 112px;
  height: 32px;
  background: transparent;
  border: 0;
  color: inherit;
  font: inherit;
  font-size: 13.5px;
}
</style>
