<script setup lang="ts">
import { formatDay } from '@kobby/core';
import { computed } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { useReading } from '../../state/unit.ts';

/** Changing the room over: before which day what goes away and what comes out, from where, and how long it takes. */
const emit = defineEmits<{ close: [] }>();
const reading = useReading();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });
const dateOf = (day: number): string => formatDay(reading.value.frame.calendar.days[day - 1]!.date);
const thingsText = (things: readonly { readonly name: string; readonly keptIn: string | null }[]): string =>
  things.map(({ name, keptIn }) => (keptIn ? `${name} (${keptIn})` : name)).join(', ');
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    title="Changing the room over"
    hint="What stands in a corner for good never leaves and is not listed."
    :width="760"
  >
    <p v-if="reading.changeOvers.length === 0" class="soft">Nothing comes or goes.</p>
    <section v-for="one in reading.changeOvers" :key="one.day">
      <TapeLabel>Before Day {{ one.day }} · {{ dateOf(one.day) }} · {{ one.minutes }} min</TapeLabel>
      <div class="ways">
        <div v-if="one.goes.length">
          <h3>Goes away</h3>
          <ul>
            <li v-for="item in one.goes" :key="item.placement.id">
              <b>{{ item.placement.content.title }}</b> from {{ item.corner.name }}
              <small>{{ item.minutes }} min: {{ item.why }}</small>
              <small v-if="item.things.length">back to: {{ thingsText(item.things) }}</small>
            </li>
          </ul>
        </div>
        <div v-if="one.comes.length">
          <h3>Comes out</h3>
          <ul>
            <li v-for="item in one.comes" :key="item.placement.id">
              <b>{{ item.placement.content.title }}</b> into {{ item.corner.name }}
              <small>{{ item.minutes }} min: {{ item.why }}</small>
              <small v-if="item.things.length">fetch: {{ thingsText(item.things) }}</small>
            </li>
          </ul>
        </div>
      </div>
      <p v-if="one.stays.length" class="soft">
        Stays: {{ one.stays.map(({ content }) => content.title).join(', ') }}.
      </p>
    </section>
  </PlankSheet>
</template>

<style scoped>
section {
  margin-bottom: var(--gap-5);
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
  gap: var(--gap-2) calc(2 * var(--gap-4));
}
h3 {
  margin: var(--gap-3) 0 var(--gap-1);
  font: 700 14px var(--display);
}
li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
</style>
