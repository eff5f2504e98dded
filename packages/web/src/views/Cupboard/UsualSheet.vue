<script setup lang="ts">
import {
  CATEGORIES,
  parseAmount,
  usualStockSchema,
  type CategoryId,
  type ChangeInput,
  type FieldProblem,
  type Supply,
} from '@kobby/core';
import { computed, onMounted, ref } from 'vue';
import FormSheet from '../../parts/FormSheet.vue';
import { ask, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/**
 * What an ordinary home has, to be taken as counted in one step: only what is different here is said. Nothing that was counted already
 * is touched.
 */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const usual = ref<Readonly<Record<string, number>> | null>(null);
const trouble = ref('');
/** What is not there, and what is there in another amount, as typed. */
const without = ref(new Set<string>());
const typed = ref<Record<string, string>>({});
const opened = ref(new Set<CategoryId>());

onMounted(async () => {
  const said = await ask('GET', '/api/library/usual-stock', usualStockSchema);
  if (said.kind === 'ok') usual.value = said.data.amounts;
  else trouble.value = 'What is usual could not be fetched. Nothing was changed; close this and try again.';
});

const counted = new Set(Object.values(store.book.stockMoves).map(({ supplyId }) => supplyId as string));
const rows = computed(() =>
  Object.values(store.book.supplies).filter(
    ({ id, retired }) => !retired && !counted.has(id) && usual.value?.[id] !== undefined,
  ),
);
const groups = computed(() =>
  (Object.keys(CATEGORIES) as CategoryId[])
    .map((id) => {
      const supplies = rows.value.filter(({ category }) => category === id);
      return {
        ...{ id, name: CATEGORIES[id].name, supplies },
        count: supplies.filter((one) => !without.value.has(one.id)).length,
      };
    })
    .filter(({ supplies }) => supplies.length > 0),
);
const count = computed(() => groups.value.reduce((sum, group) => sum + group.count, 0));

const textOf = ({ id, unit }: Supply): string =>
  typed.value[id] ?? `${usual.value![id]}${unit === 'piece' ? '' : ` ${unit}`}`;
function has(ids: readonly string[], isThere: boolean): void {
  const next = new Set(without.value);
  for (const id of ids)
    if (isThere) next.delete(id);
    else next.add(id);
  without.value = next;
}
function open(id: CategoryId, event: Event): void {
  if ((event.target as HTMLDetailsElement).open) opened.value = new Set([...opened.value, id]);
}

function take(): ActResult {
  const errors: FieldProblem[] = [];
  const changes: ChangeInput[] = [];
  const at = store.instant();
  for (const supply of rows.value.filter(({ id }) => !without.value.has(id))) {
    const parsed = parseAmount(textOf(supply), supply.unit, supply.gramsPerMl);
    if (parsed.ok)
      changes.push({
        type: 'cupboard/record-stock',
        move: {
          ...{ id: `count-${newId()}`, supplyId: supply.id, kind: 'counted', at },
          amount: parsed.quantity.amount,
        },
      });
    else errors.push({ path: ['usual', supply.id], message: `${supply.name}: ${parsed.message}` });
  }
  if (errors.length > 0) return { done: false, errors };
  return changes.length > 0 ? store.perform(changes) : { done: true };
}
</script>

<template>
  <FormSheet
    title="The usual things"
    hint="What an ordinary home has. Take off what is not here, and change what is more or less; the rest counts as counted today."
    :live="false"
    :submit="take"
    :width="720"
    @close="emit('close')"
  >
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-else-if="!usual" class="soft">One moment …</p>
    <p v-else-if="groups.length === 0" class="soft">All of it is counted already.</p>
    <p v-else class="soft" role="status">{{ count }} things in {{ groups.length }} kinds.</p>
    <details
      v-for="group in groups"
      :key="group.id"
      :data-test="`usual-${group.id}`"
      @toggle="open(group.id, $event)"
    >
      <summary>
        <b>{{ group.name }}</b> <span class="soft">{{ group.count }} of {{ group.supplies.length }}</span>
      </summary>
      <template v-if="opened.has(group.id)">
        <button
          type="button"
          class="link"
          @click="
            has(
              group.supplies.map(({ id }) => id),
              group.count === 0,
            )
          "
        >
          {{ group.count === 0 ? 'All of it' : 'None of it' }}
        </button>
        <ul>
          <li v-for="supply in group.supplies" :key="supply.id">
            <label>
              <input
                type="checkbox"
                :checked="!without.has(supply.id)"
                @change.stop="has([supply.id], ($event.target as HTMLInputElement).checked)"
              />
              {{ supply.name }}
            </label>
            <input
              class="amount figures"
              :aria-label="`How much of ${supply.name}`"
              :value="textOf(supply)"
              :disabled="without.has(supply.id)"
              autocomplete="off"
              @change.stop="typed[supply.id] = ($event.target as HTMLInputElement).value"
            />
          </li>
        </ul>
      </template>
    </details>
  </FormSheet>
</template>

<style scoped>
details {
  border-top: 1px dashed var(--line);
}
summary {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: var(--touch);
  cursor: pointer;
}
summary::before {
  content: '▸';
}
[open] > summary::before {
  content: '▾';
}
ul {
  columns: 2;
  column-gap: var(--gap-5);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 96px;
  gap: var(--gap-2);
  align-items: center;
  min-height: 34px;
  break-inside: avoid;
}
label {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
.amount {
  min-height: 30px;
  padding: 0 var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: inherit;
  text-align: right;
}
.amount:disabled {
  border-style: dashed;
  color: var(--ink-soft);
}
.link {
  min-height: 30px;
  padding: 0;
  background: none;
  border: 0;
  text-decoration: underline;
  text-underline-offset: 3px;
}
@media (max-width: 600px) {
  ul {
    columns: 1;
  }
  li,
  .amount,
  .link {
    min-height: var(--touch);
  }
}
</style>
