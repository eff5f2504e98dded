<script setup lang="ts" generic="T">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiPlus } from '@mdi/js';
import { nextTick, ref } from 'vue';
import { useField } from './form.ts';

/** A list of things of a kind, each with fields of its own. Rows are added, moved and taken out by press or key. */
const props = defineProps<{
  label: string;
  path: string;
  /** What one row is called: `Step`. */
  one: string;
  blank: () => T;
  /** Rows whose order means something. */
  ordered?: boolean;
}>();
const rows = defineModel<T[] | undefined>({ required: true });
const { messages, settle } = useField(() => props.path);
const list = ref<HTMLElement | null>(null);

function change(next: T[]): void {
  rows.value = next;
  settle();
}
async function add(): Promise<void> {
  rows.value = [...(rows.value ?? []), props.blank()];
  await nextTick();
  list.value?.querySelector<HTMLElement>(':scope > li:last-of-type :is(input, textarea)')?.focus();
}
const takeOut = (index: number): void => change((rows.value ?? []).filter((_, i) => i !== index));
function move(index: number, by: 1 | -1): void {
  const next = [...(rows.value ?? [])];
  const [row] = next.splice(index, 1);
  next.splice(index + by, 0, row!);
  change(next);
}
function onKey(event: KeyboardEvent, index: number): void {
  if (!event.altKey || !props.ordered || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
  const by = event.key === 'ArrowUp' ? -1 : 1;
  if (index + by < 0 || index + by >= (rows.value ?? []).length) return;
  event.preventDefault();
  move(index, by);
}
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <ol ref="list">
      <li v-for="(row, i) in rows ?? []" :key="i" @keydown="onKey($event, i)">
        <div class="fields"><slot :row="row" :index="i" :path="`${path}.${i}`" /></div>
        <div class="acts">
          <template v-if="ordered">
            <button type="button" :disabled="i === 0" :aria-label="`${one} ${i + 1} up`" @click="move(i, -1)">
              <v-icon :icon="mdiArrowUp" size="18" />
            </button>
            <button
              type="button"
              :disabled="i === (rows ?? []).length - 1"
              :aria-label="`${one} ${i + 1} down`"
              @click="move(i, 1)"
            >
              <v-icon :icon="mdiArrowDown" size="18" />
            </button>
          </template>
          <button type="button" :aria-label="`Take ${one.toLowerCase()} ${i + 1} out`" @click="takeOut(i)">
            <v-icon :icon="mdiClose" size="18" />
          </button>
        </div>
      </li>
    </ol>
    <p v-for="message in messages" :key="message" class="wrong" role="alert">{{ message }}</p>
    <v-btn class="is-side" size="small" :prepend-icon="mdiPlus" @click="add">{{ one }}</v-btn>
  </fieldset>
</template>

<style scoped>
fieldset {
  min-width: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0 0 var(--gap-2);
  font-weight: 600;
}
li {
  display: flex;
  gap: var(--gap-3);
  align-items: flex-start;
  margin-bottom: var(--gap-3);
  padding: var(--gap-3) var(--gap-3) var(--gap-3) var(--gap-4);
  background: var(--well);
  border-radius: var(--radius);
}
.fields {
  display: grid;
  flex: 1;
  gap: var(--gap-3);
  min-width: 0;
}
.acts {
  display: grid;
  grid-template-columns: repeat(2, auto);
  grid-auto-flow: column;
  grid-template-rows: auto auto;
}
.acts button {
  display: grid;
  place-items: center;
  width: 32px;
  height: 30px;
  background: none;
  border: 0;
  border-radius: 4px;
}
.acts button:hover:enabled {
  background: var(--card);
}
.acts button:disabled {
  opacity: 0.35;
}
</style>
