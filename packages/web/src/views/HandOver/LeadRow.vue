<script setup lang="ts">
import type { Child, LeadingOrder, Person, PlannedThing } from '@kobby/core';
import { computed, ref } from 'vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** One thing of a day: an adult for each group, and the children in it; a press on a child takes it to the next group. */
const props = defineProps<{ thing: PlannedThing }>();
const store = useBook();
const reading = useReading();
const wrong = ref<string | null>(null);

const placement = computed(() => props.thing.session.placement);
const adults = computed((): readonly Person[] => {
  const there = props.thing.session.adults;
  const named = props.thing.stations.flatMap(({ person }) => person ?? []);
  return [...new Set([...there, ...named])];
});
const options = computed(() => adults.value.map(({ id, name }) => ({ title: name, value: id as string })));
const groups = computed(() =>
  props.thing.stations.flatMap(({ person, children }) => (person ? [{ person, children }] : [])),
);
const spare = computed(
  () => adults.value.find((one) => !groups.value.some(({ person }) => person === one)) ?? null,
);
const unled = computed(() =>
  groups.value.length === 0 ? props.thing.session.seats.map(({ child }) => child) : [],
);

type Groups = readonly { readonly person: Person; readonly children: readonly Child[] }[];
function keep(wanted: Groups): void {
  const leading: LeadingOrder = {
    unitId: reading.value.frame.unit.id,
    placementId: placement.value.id,
    day: props.thing.session.day.number,
    // One group takes whoever comes; of several each child is in its own.
    groups: wanted.map(({ person, children }) => ({
      personId: person.id,
      childIds: wanted.length === 1 ? [] : children.map(({ id }) => id),
    })),
  };
  const result = store.perform([{ type: 'handover/lead', leading }]);
  wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be kept');
}
function name(index: number, personId: string | null): void {
  const person = adults.value.find(({ id }) => id === personId);
  const others = groups.value.filter((_, i) => i !== index);
  if (!person) return keep(others);
  const children = groups.value[index]?.children ?? unled.value;
  keep(
    groups.value.length === 0
      ? [{ person, children }]
      : groups.value.map((one, i) => (i === index ? { person, children: one.children } : one)),
  );
}
function split(): void {
  const [first] = groups.value;
  if (!first) return;
  const half = Math.ceil(first.children.length / 2);
  keep([
    { person: first.person, children: first.children.slice(0, half) },
    // Nobody else is free: the same adult has them one after the other.
    { person: spare.value ?? first.person, children: first.children.slice(half) },
  ]);
}
function nextOf(from: number): string {
  const [own, other] = [groups.value[from]!, groups.value[(from + 1) % groups.value.length]!];
  return other.person === own.person ? `the other group of ${other.person.name}` : other.person.name;
}
function toNext(child: Child, from: number): void {
  const to = (from + 1) % groups.value.length;
  keep(
    groups.value.map(({ person, children }, i) => ({
      person,
      children:
        i === from ? children.filter((one) => one !== child) : i === to ? [...children, child] : children,
    })),
  );
}
</script>

<template>
  <article :data-test="`lead-${placement.id}`">
    <h3>{{ placement.content.title }}</h3>
    <p v-if="adults.length === 0" class="soft">Nobody works then, by what was entered in The house.</p>
    <div v-if="groups.length === 0 && adults.length" class="group">
      <v-select
        :model-value="null"
        :items="options"
        label="Who leads it"
        density="compact"
        hide-details
        @update:model-value="name(0, $event)"
      />
      <span class="soft"
        >{{ placement.content.adult === 'alone' ? 'runs alone; ' : '' }}{{ unled.length }}
        {{ unled.length === 1 ? 'child' : 'children' }}</span
      >
    </div>
    <div v-for="(group, i) in groups" :key="`${group.person.id}-${i}`" class="group">
      <v-select
        :model-value="group.person.id as string"
        :items="options"
        label="Who leads it"
        density="compact"
        hide-details
        clearable
        @update:model-value="name(i, $event)"
      />
      <ul :aria-label="`With ${group.person.name}`">
        <li v-for="child in group.children" :key="child.id">
          <button
            v-if="groups.length > 1"
            type="button"
            :title="`To ${nextOf(i)}`"
            :aria-label="`${child.name}, to ${nextOf(i)}`"
            @click="toNext(child, i)"
          >
            {{ child.name }}
          </button>
          <span v-else>{{ child.name }}</span>
        </li>
        <li v-if="group.children.length === 0" class="soft">nobody yet</li>
      </ul>
    </div>
    <v-btn v-if="groups.length === 1 && groups[0]!.children.length > 1" class="is-side" @click="split">
      {{ spare ? `In two groups, the other with ${spare.name}` : 'In two groups, one after the other' }}
    </v-btn>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </article>
</template>

<style scoped>
article {
  display: grid;
  gap: var(--gap-3);
  justify-items: start;
  margin-bottom: var(--gap-3);
  padding: var(--gap-3) var(--gap-4) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 5px solid var(--shelf);
  border-radius: var(--radius);
}
h3 {
  font-size: 16px;
}
.group {
  display: grid;
  grid-template-columns: 210px minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: center;
  width: 100%;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
li > * {
  display: inline-block;
  min-height: 34px;
  padding: var(--gap-2) var(--gap-4);
  background: var(--well);
  border: 1.5px solid var(--line);
  border-radius: 6px;
  color: var(--ink);
  font-weight: 600;
}
li button {
  border-color: var(--edge);
}
@media (max-width: 900px) {
  .group {
    grid-template-columns: 1fr;
  }
  li > * {
    min-height: var(--touch);
  }
}
</style>
