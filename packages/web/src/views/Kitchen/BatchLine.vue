<script setup lang="ts">
import {
  allergenName,
  changesOfThrowing,
  formatDay,
  formatQuantity,
  homeOf,
  listed,
  onHand,
  quantity,
  type BatchState,
} from '@kobby/core';
import { computed } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** One thing that was made: when, how much, until when, and what was noted. It goes when it is old or used up. */
const props = defineProps<{ state: BatchState; named?: boolean }>();
const store = useBook();
const units = computed(() => homeOf(store.book).units);
const batch = computed(() => props.state.batch);
const amount = computed(() => formatQuantity(quantity(batch.value.amount, batch.value.unit), units.value));
const own = computed(() => {
  const texts = batch.value.own.flatMap(({ supplyId, amount: took }) => {
    const supply = store.book.supplies[supplyId];
    return supply ? [`${formatQuantity(quantity(took, supply.unit), units.value)} ${supply.name}`] : [];
  });
  return texts.length > 0 ? `mine took ${listed(texts)}` : '';
});
const STATES = {
  fresh: 'fresh',
  'last-day': 'last day',
  past: 'too old',
  ill: 'after illness: make it new',
  gone: 'gone',
  trial: 'tried out',
} as const;
const isOld = computed(() => props.state.state === 'past' || props.state.state === 'ill');
const isThere = computed(() => props.state.state !== 'gone' && props.state.state !== 'trial');
function goes(): void {
  const { makesId } = props.state.recipe;
  const product = makesId ? store.book.supplies[makesId] : undefined;
  const there = product ? onHand(product, Object.values(store.book.stockMoves)).amount : 0;
  const stamp = { at: store.instant(), newId };
  store.perform(changesOfThrowing(store.book, batch.value.id, there, store.today!, stamp));
}
const markIll = (): void =>
  void store.perform([{ type: 'kitchen/put-batch', batch: { ...batch.value, illSince: store.today } }]);
</script>

<template>
  <li :class="{ old: isOld }" :data-test="`batch-${batch.id}`">
    <div>
      <b v-if="named">{{ state.recipe.title }} · </b>
      <span>{{ formatDay(batch.madeOn) }}, {{ amount }}</span>
      <span v-if="batch.label"> for {{ batch.label }}</span>
      <span v-if="batch.without.length"
        >, without {{ listed(batch.without.map((id) => allergenName(id))) }}</span
      >
      <span class="state" :class="state.state">{{ STATES[state.state] }}</span>
      <small v-if="state.keepUntil && isThere">
        until {{ formatDay(state.keepUntil) }}<template v-if="batch.keptHow">, {{ batch.keptHow }}</template>
      </small>
      <small v-if="own">{{ own }}</small>
      <small v-if="batch.found">found: {{ batch.found }}</small>
      <small v-if="batch.note">{{ batch.note }}</small>
    </div>
    <div v-if="isThere" class="acts">
      <v-btn class="is-side" size="small" @click="goes">{{ isOld ? 'Thrown away' : 'It is gone' }}</v-btn>
      <v-btn v-if="!isOld" class="is-quiet" size="small" @click="markIll">Somebody fell ill</v-btn>
    </div>
  </li>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  font-size: 12.5px;
  color: var(--ink-soft);
}
.state {
  margin-left: var(--gap-3);
  padding: 0 var(--gap-3);
  background: var(--well);
  border-radius: 4px;
  font-size: 12.5px;
}
.state.fresh {
  background: var(--ok-bg);
  color: var(--ok);
}
.state.last-day {
  background: var(--care-bg);
  color: var(--care);
}
.state.past,
.state.ill {
  background: var(--stop-bg);
  color: var(--stop);
  font-weight: 600;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  align-content: flex-start;
  justify-content: flex-end;
}
</style>
