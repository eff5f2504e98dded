<script setup lang="ts">
import { formatMoney, homeOf, listed, type Again } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';

/** What is other when a unit is done again, and what of it is left out. */
const props = defineProps<{ again: Again }>();
/** The placements of the earlier unit that are left out. */
const out = defineModel<ReadonlySet<string>>({ required: true });
const store = useBook();

const names = (children: Again['newcomers']): string => listed(children.map(({ name }) => name));
const said = computed(() => {
  const { newcomers, gone, sets, spent } = props.again;
  return [
    newcomers.length > 0 ? `New since then: ${names(newcomers)}.` : '',
    gone.length > 0 ? `Not there any more: ${names(gone)}.` : '',
    sets.length > 0 ? `Made and still here: ${listed(sets)}.` : '',
    spent > 0 ? `It cost ${formatMoney(spent, homeOf(store.book).currency)} then.` : '',
  ].filter((text) => text !== '');
});
const doubtful = computed(() => props.again.lines.filter(({ isDoubtful }) => isDoubtful));
function toggle(id: string, isOut: boolean): void {
  const next = new Set(out.value);
  if (isOut) next.add(id);
  else next.delete(id);
  out.value = next;
}
const leaveDoubtful = (): void => {
  out.value = new Set([...out.value, ...doubtful.value.map(({ placementId }) => placementId)]);
};
</script>

<template>
  <section class="again" aria-label="What is different" data-test="again">
    <p v-for="text in said" :key="text">{{ text }}</p>
    <v-btn v-if="doubtful.length > 0" class="is-side" size="small" @click="leaveDoubtful">
      Leave out {{ doubtful.length === 1 ? 'what is doubtful' : `the ${doubtful.length} that are doubtful` }}
    </v-btn>
    <ul>
      <li v-for="line in again.lines" :key="line.placementId">
        <label>
          <input
            type="checkbox"
            :checked="out.has(line.placementId)"
            :aria-label="`Leave out: ${line.title}`"
            @change="toggle(line.placementId, ($event.target as HTMLInputElement).checked)"
          />
          leave out
        </label>
        <span>
          <b>{{ line.title }}</b>
          <small>{{ line.why.join('; ') }}</small>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.again {
  display: grid;
  gap: var(--gap-3);
  max-height: 240px;
  margin-bottom: var(--gap-4);
  padding: var(--gap-3) var(--gap-4);
  background: var(--paper);
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: center;
  min-height: var(--touch);
  border-top: 1px dashed var(--line);
}
label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: var(--touch);
}
small {
  display: block;
  color: var(--ink-soft);
}
</style>
