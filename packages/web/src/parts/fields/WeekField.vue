<script setup lang="ts">
import { homeOf, weekdayName, type PartId, type Weekday } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';
import { useField } from './form.ts';

type Pattern = Partial<Record<'1' | '2' | '3' | '4' | '5' | '6' | '7', string[]>>;

/** The parts of the day on which somebody is usually there, weekday by weekday. */
const props = defineProps<{ label: string; path: string }>();
const pattern = defineModel<Pattern | undefined>({ required: true });
const store = useBook();
const { messages, settle } = useField(() => props.path);
const home = computed(() => homeOf(store.book));

const key = (weekday: Weekday) => String(weekday) as keyof Pattern;
const comes = (weekday: Weekday, part: PartId): boolean =>
  pattern.value?.[key(weekday)]?.includes(part) ?? false;

function set(cells: readonly (readonly [Weekday, PartId])[], on: boolean): void {
  const next: Pattern = { ...pattern.value };
  for (const [weekday, part] of cells) {
    const others = (next[key(weekday)] ?? []).filter((one) => one !== part);
    next[key(weekday)] = on ? [...others, part] : others;
  }
  pattern.value = next;
  settle();
}
const rowOf = (part: PartId) =>
  home.value.workingWeekdays.map((weekday): [Weekday, PartId] => [weekday, part]);
const isWhole = (part: PartId): boolean => rowOf(part).every(([weekday]) => comes(weekday, part));
</script>

<template>
  <div>
    <table>
      <caption>
        {{
          label
        }}
      </caption>
      <thead>
        <tr>
          <td />
          <th v-for="weekday in home.workingWeekdays" :key="weekday" scope="col">
            {{ weekdayName(weekday).slice(0, 3) }}
          </th>
          <td />
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in home.parts" :key="part.id">
          <th scope="row">{{ part.name }}</th>
          <td v-for="weekday in home.workingWeekdays" :key="weekday">
            <input
              type="checkbox"
              :aria-label="`${weekdayName(weekday)}, ${part.name}`"
              :checked="comes(weekday, part.id)"
              @change="set([[weekday, part.id]], !comes(weekday, part.id))"
            />
          </td>
          <td class="whole">
            <button
              type="button"
              :aria-label="`${part.name}: ${isWhole(part.id) ? 'no day' : 'every day'}`"
              @click="set(rowOf(part.id), !isWhole(part.id))"
            >
              {{ isWhole(part.id) ? 'no day' : 'every day' }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="message in messages" :key="message" class="wrong" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
caption {
  padding: 0 0 var(--gap-2);
  font-weight: 600;
  text-align: left;
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: var(--gap-2) var(--gap-3);
  border-top: 1px dashed var(--line);
  text-align: center;
}
th[scope='row'] {
  padding-left: 0;
  font-weight: 400;
  text-align: left;
}
button {
  padding: var(--gap-2) var(--gap-3);
  background: none;
  border: 0;
  text-decoration: underline;
  text-underline-offset: 3px;
}
/* On a phone the days themselves are near enough. */
@media (max-width: 600px) {
  th,
  td {
    padding: var(--gap-2) 0;
  }
  thead th {
    font-size: 12px;
  }
  .whole {
    display: none;
  }
}
</style>
