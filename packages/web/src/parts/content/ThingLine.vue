<script setup lang="ts">
import { formatQuantity, homeOf, quantity, thingNamed, type JottedThing } from '@kobby/core';
import { computed, ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ContentInput } from './content.ts';

/** A thing by name, as one writes it: `6 sponges each`. What the cupboard does not have is begun there. */
const content = defineModel<ContentInput>({ required: true });
const emit = defineEmits<{ begun: [] }>();
const store = useBook();
const text = ref('');
const thing = computed(() => thingNamed(store.book, text.value, newId));

// Known to the cupboard first: a thing that is nowhere leads nowhere.
function add(): void {
  const one = thing.value;
  if (!one) return;
  if (one.isNew) {
    const result = store.perform([{ type: 'cupboard/put-supply', supply: one.supply }]);
    if (!result.done) return;
  }
  content.value.materials = [
    ...content.value.materials,
    {
      ...{ supplyId: one.supply.id, amount: one.amount, every: 'span', spare: 'none' },
      for: { kind: one.each ? 'child' : 'all' },
    },
  ];
  text.value = '';
  emit('begun');
}
const amountOf = ({ supply, amount, each }: JottedThing): string =>
  `${formatQuantity(quantity(amount, supply.unit), homeOf(store.book).units)}${each ? ' each' : ''}`;
</script>

<template>
  <div class="line">
    <input
      v-model="text"
      name="thing"
      autocomplete="off"
      aria-label="A thing by name"
      placeholder="6 sponges each, 500 g sand …"
      @change.stop
      @keydown.enter.prevent="add"
    />
    <v-btn class="is-side" size="small" :disabled="!thing" @click="add">Add</v-btn>
    <small v-if="thing" role="status"
      >{{ amountOf(thing) }} {{ thing.supply.name }}{{ thing.isNew ? ', new to the cupboard' : '' }}</small
    >
    <small v-else-if="text.trim()" class="soft">Write an amount and what of.</small>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
input {
  flex: 1;
  min-width: 200px;
  min-height: 36px;
  padding: 0 var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
small {
  flex-basis: 100%;
  color: var(--ink-soft);
}
@media (max-width: 900px) {
  input {
    min-height: var(--touch);
  }
}
</style>
