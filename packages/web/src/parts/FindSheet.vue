<script setup lang="ts">
import { AnythingSearch, FOUND_KINDS, type Found, type LibraryKind } from '@kobby/core';
import {
  computed,
  defineAsyncComponent,
  nextTick,
  onMounted,
  ref,
  shallowRef,
  useId,
  watch,
  type Component,
} from 'vue';
import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router';
import { useBook } from '../state/book.ts';
import { PLACES } from '../state/places.ts';
import { recentlyUsed, rememberUsed } from '../state/recent.ts';
import PlankSheet from './PlankSheet.vue';

/** One field that finds anything of the home: Enter takes the first, arrows choose, what is looked at closer opens where one is. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const route = useRoute();
const router = useRouter();
const listId = useId();
const text = ref('');
const chosen = ref(0);
const recent = recentlyUsed();
const search = shallowRef<AnythingSearch | null>(null);
onMounted(async () => {
  await nextTick();
  const { unitId } = route.params;
  search.value = new AnythingSearch(store.book, PLACES, store.today!, unitId ? String(unitId) : null);
});
const found = computed(() => search.value?.find(text.value, recent) ?? []);
watch(text, () => (chosen.value = 0));

const LIBRARY: Readonly<Record<LibraryKind, Component>> = {
  activities: defineAsyncComponent(() => import('../views/Library/ActivitySheet.vue')),
  songs: defineAsyncComponent(() => import('../views/Library/SongSheet.vue')),
  recipes: defineAsyncComponent(() => import('../views/Library/RecipeSheet.vue')),
  bookTitles: defineAsyncComponent(() => import('../views/Library/BookSheet.vue')),
  sheets: defineAsyncComponent(() => import('../views/Library/PrintedSheet.vue')),
};
const SHEETS: Readonly<Record<string, Component>> = {
  ...LIBRARY,
  children: defineAsyncComponent(() => import('../views/Children/ChildSheet.vue')),
  supplies: defineAsyncComponent(() => import('../views/Cupboard/SupplySheet.vue')),
  people: defineAsyncComponent(() => import('../views/People/PersonSheet.vue')),
  corners: defineAsyncComponent(() => import('../views/Shelf/CornerSheet.vue')),
};
const opened = shallowRef<{ readonly sheet: Component; readonly id: string | null } | null>(null);

function wayTo({ kind, id, unitId: of, day }: Found): RouteLocationRaw {
  if (kind === 'units') return { name: 'corners', params: { unitId: id } };
  // Without a number all days are meant.
  if (kind === 'print')
    return { name: 'print', params: { unitId: of!, sheet: id }, query: { day: day ?? 'all' } };
  return of === null ? { name: id } : { name: id, params: { unitId: of } };
}
function take(one: Found | undefined): void {
  if (!one) return;
  rememberUsed(one.key);
  const sheet = SHEETS[one.kind === 'begin' ? one.id : one.kind];
  if (sheet) opened.value = { sheet, id: one.kind === 'begin' ? null : one.id };
  else {
    emit('close');
    void router.push(wayTo(one));
  }
}
function onKey(event: KeyboardEvent): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (by !== undefined && found.value.length > 0) {
    event.preventDefault();
    chosen.value = (chosen.value + by + found.value.length) % found.value.length;
  } else if (event.key === 'Enter' && !event.isComposing) {
    event.preventDefault();
    take(found.value[chosen.value]);
  }
}
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });
</script>

<template>
  <component :is="opened.sheet" v-if="opened" :id="opened.id" @close="emit('close')" />
  <PlankSheet v-else v-model="isOpen" title="Find anything" :width="560">
    <input
      v-model="text"
      class="field"
      name="find"
      type="search"
      role="combobox"
      autocomplete="off"
      autofocus
      aria-expanded="true"
      aria-label="A child, a thing, an activity, a song, a page, or what is to be printed"
      placeholder="a child, a thing, a song, a page, folder 4 …"
      :aria-controls="listId"
      :aria-activedescendant="found.length ? `${listId}-${chosen}` : undefined"
      @keydown="onKey"
    />
    <ul :id="listId" role="listbox" aria-label="What was found">
      <li
        v-for="(one, i) in found"
        :id="`${listId}-${i}`"
        :key="one.key"
        role="option"
        :aria-selected="i === chosen"
        data-test="found"
        @click="take(one)"
        @pointermove="chosen = i"
      >
        <b>{{ one.title }}</b>
        <span class="soft">{{ [FOUND_KINDS[one.kind], one.hint].filter(Boolean).join(' · ') }}</span>
      </li>
    </ul>
    <p v-if="text.trim() !== '' && found.length === 0" class="soft" role="status">
      Nothing is called like this.
    </p>
    <p v-else-if="text.trim() === '' && found.length === 0" class="soft">
      Type the beginning of a name. Where a thing is kept is shown beside it.
    </p>
  </PlankSheet>
</template>

<style scoped>
.field {
  width: 100%;
  min-height: 48px;
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 2px solid var(--edge);
  border-radius: var(--radius);
  color: inherit;
  font: inherit;
  font-size: 17px;
}
ul {
  margin-top: var(--gap-3);
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-3);
  align-items: baseline;
  justify-content: space-between;
  min-height: var(--touch);
  padding: var(--gap-3);
  border-bottom: 1px dashed var(--line);
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--well);
  box-shadow: inset 5px 0 0 var(--plum);
}
</style>
