<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { formatQuantity, homeOf, quantity, thingNamed, type ChangeInput } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { keepTyped, textAt } from '../../state/typed.ts';
import { useReading } from '../../state/unit.ts';

/** A line of one's own on the supply list, without any activity: `12 birthday candles`. What it means is seen before it counts. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const place = computed(() => `${unit.value.id}:needs`);
const text = ref(textAt(place.value));
watch(text, (now) => keepTyped(place.value, now === '' ? undefined : now));
const days = computed(() => reading.value.frame.calendar.days.filter(({ date }) => date >= store.today!));
const day = ref<number>(days.value[0]?.number ?? 1);
const trouble = ref<string | null>(null);

const shown = (amount: number, supplyId: string): string => {
  const supply = store.book.supplies[supplyId];
  return supply
    ? `${formatQuantity(quantity(amount, supply.unit), homeOf(store.book).units)} ${supply.name}`
    : 'something that is gone';
};
const thing = computed(() => (text.value.trim() === '' ? null : thingNamed(store.book, text.value, newId)));
const meant = computed(() => {
  if (!thing.value) return text.value.trim() === '' ? null : 'an amount and a name: 12 candles';
  const { supply, amount, isNew } = thing.value;
  const words = formatQuantity(quantity(amount, supply.unit), homeOf(store.book).units);
  return `${words} ${supply.name}${isNew ? ', new in the cupboard' : ''}`;
});
function revise(needs: typeof unit.value.needs, ...before: ChangeInput[]): boolean {
  const result = store.perform([...before, { type: 'unit/revise', unit: { ...unit.value, needs } }]);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot be put on the list.');
  return result.done;
}
function put(): void {
  if (!thing.value) return;
  const { supply, amount, isNew } = thing.value;
  const need = {
    id: newId(),
    supplyId: supply.id,
    amount,
    day: day.value,
  } as (typeof unit.value.needs)[number];
  const begun: ChangeInput[] = isNew ? [{ type: 'cupboard/put-supply', supply }] : [];
  if (revise([...unit.value.needs, need], ...begun)) text.value = '';
}
</script>

<template>
  <form class="need" novalidate @submit.prevent="put">
    <label>
      Also needed
      <input
        v-model="text"
        name="need"
        type="text"
        maxlength="200"
        autocomplete="off"
        placeholder="12 candles"
      />
    </label>
    <label>
      for Day
      <select v-model="day" name="needDay">
        <option v-for="one in days" :key="one.number" :value="one.number">{{ one.number }}</option>
      </select>
    </label>
    <v-btn class="is-side" size="small" type="submit" :disabled="!thing">On the list</v-btn>
    <span v-if="meant" class="soft" data-test="need-meant">{{ meant }}</span>
    <ul v-if="unit.needs.length">
      <li v-for="need in unit.needs" :key="need.id">
        <button
          type="button"
          :aria-label="`Take off the list: ${shown(need.amount, need.supplyId)}`"
          @click="revise(unit.needs.filter(({ id }) => id !== need.id))"
        >
          {{ shown(need.amount, need.supplyId) }}, Day {{ need.day }}
          <v-icon :icon="mdiClose" size="14" aria-hidden="true" />
        </button>
      </li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </form>
</template>

<style scoped>
.need,
ul {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.need {
  margin-bottom: var(--gap-3);
}
label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  font-weight: 600;
}
input,
select,
li button {
  min-height: 32px;
  padding: 0 var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
}
.wrong {
  flex-basis: 100%;
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  input,
  select,
  li button {
    min-height: var(--touch);
    font-size: 16px;
  }
}
</style>
