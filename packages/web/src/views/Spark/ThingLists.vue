<script setup lang="ts">
import { asKept, takenAgain, type Thing, type ThingList } from '@kobby/core';
import { generateNKeysBetween } from 'fractional-indexing';
import { computed, ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Lists of things that the home keeps: the things of this unit become one, and a unit is started from one by a press. */
const store = useBook();
const reading = useReading();
const lists = computed(() =>
  Object.values(store.book.thingLists).toSorted((a, b) => a.name.localeCompare(b.name, 'en')),
);
const isNaming = ref(false);
const name = ref('');
const plain = (text: string): string => text.trim().toLocaleLowerCase('en');
const here = computed(() => new Set(reading.value.things.map((thing) => plain(thing.name))));
const missingOf = ({ members }: ThingList): ThingList['members'] =>
  members.filter((member) => !here.value.has(plain(member.name)));

function keep(): void {
  const said = name.value.trim();
  if (said === '') return;
  const known = lists.value.find((list) => plain(list.name) === plain(said));
  const members = asKept(reading.value.things);
  const done = store.perform([
    {
      type: 'unit/keep-list',
      list: { id: known?.id ?? (`list-${newId()}` as ThingList['id']), name: said, members },
    },
  ]).done;
  if (done) [isNaming.value, name.value] = [false, ''];
}
/** Everything of a list that is not here yet comes behind what is. */
function start(list: ThingList): void {
  const members = missingOf(list);
  const keys = generateNKeysBetween(reading.value.things.at(-1)?.order ?? null, null, members.length);
  store.perform(
    members.map((member, i) => ({
      type: 'unit/put-thing' as const,
      thing: takenAgain(member, {
        id: `thing-${newId()}` as Thing['id'],
        unitId: reading.value.frame.unit.id,
        order: keys[i] as Thing['order'],
      }),
    })),
  );
}
const drop = ({ id }: ThingList): void => void store.perform([{ type: 'book/drop', kind: 'thingLists', id }]);
</script>

<template>
  <div v-if="lists.length || reading.things.length" class="lists" data-test="thing-lists">
    <template v-if="lists.length">
      <b>Your lists</b>
      <span v-for="list in lists" :key="list.id" class="list">
        <button type="button" class="chip" :disabled="missingOf(list).length === 0" @click="start(list)">
          {{ list.name }} <small>{{ missingOf(list).length || 'all here' }}</small>
        </button>
        <button
          type="button"
          class="chip drop"
          :aria-label="`Take the list ${list.name} away`"
          @click="drop(list)"
        >
          ×
        </button>
      </span>
    </template>
    <template v-if="reading.things.length">
      <button v-if="!isNaming" type="button" class="chip dashed" @click="isNaming = true">
        Keep these as a list
      </button>
      <form v-else @submit.prevent="keep">
        <input
          v-model="name"
          class="chip"
          name="list-name"
          placeholder="bridges of our town"
          aria-label="Name of the list"
          maxlength="120"
          autocomplete="off"
        />
        <button type="submit" class="chip">Keep it</button>
      </form>
    </template>
  </div>
</template>

<style scoped>
.lists {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-2);
  align-items: center;
  margin-top: var(--gap-2);
  font-size: 13.5px;
}
.list,
form {
  display: flex;
}
button:disabled {
  opacity: 0.6;
}
.drop {
  border-left: 0;
}
small {
  color: var(--ink-soft);
}
</style>
