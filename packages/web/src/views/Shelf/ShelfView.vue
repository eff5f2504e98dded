<script setup lang="ts">
import { mdiDragVertical, mdiPlus } from '@mdi/js';
import { cornersOnShelf, type Corner, type CornerId } from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed, nextTick, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { CORNER_GLYPHS } from '../../theme/glyphs.ts';
import CornerSheet from './CornerSheet.vue';

/** The corners of the home in the order of the shelf: dragged by the handle, or moved with Alt and the arrows. */
const store = useBook();
const openId = ref<CornerId | null>(null);
const adding = ref(false);
const said = ref('');
const list = ref<HTMLElement | null>(null);

const onShelf = computed(() => cornersOnShelf(store.book.corners));
const retired = computed(() => Object.values(store.book.corners).filter((corner) => corner.retired));
// Dragging reorders a list of its own; the book follows, and leads again after each change.
const shown = ref<Corner[]>([...onShelf.value]);
watch(onShelf, (now) => (shown.value = [...now]));

function settle(index: number): void {
  const corner = shown.value[index];
  if (!corner) return;
  const order = generateKeyBetween(
    shown.value[index - 1]?.order ?? null,
    shown.value[index + 1]?.order ?? null,
  );
  store.perform([{ type: 'house/put-corner', corner: { ...corner, order } }]);
  said.value = `${corner.name} is now place ${index + 1} of ${shown.value.length}`;
}
async function onKey(event: KeyboardEvent, index: number): Promise<void> {
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
  const to = index + (event.key === 'ArrowUp' ? -1 : 1);
  if (to < 0 || to >= shown.value.length) return;
  event.preventDefault();
  const next = [...shown.value];
  const [corner] = next.splice(index, 1);
  next.splice(to, 0, corner!);
  shown.value = next;
  settle(to);
  await nextTick();
  list.value?.querySelectorAll<HTMLElement>('button.row')[to]?.focus();
}
const kitText = (corner: Corner): string =>
  corner.standingKit.map((one) => store.book.supplies[one.supplyId]?.name ?? '').join(', ');
</script>

<template>
  <div>
    <PageBar title="Corners" hint="the learning centres of this home, in the order of the shelf" />
    <ShelfCard :title="`On the shelf · ${shown.length}`" label="On the shelf">
      <p class="soft">Drag by the handle, or press Alt and an arrow on a row.</p>
      <div ref="list">
        <VueDraggable
          v-model="shown"
          tag="ul"
          handle=".handle"
          :animation="120"
          force-fallback
          data-test="corners"
          @end="
            ({ newIndex }: { newIndex?: number | undefined }) => newIndex !== undefined && settle(newIndex)
          "
        >
          <li v-for="(corner, i) in shown" :key="corner.id">
            <span class="handle" aria-hidden="true"><v-icon :icon="mdiDragVertical" /></span>
            <button type="button" class="row" @click="openId = corner.id" @keydown="onKey($event, i)">
              <b
                ><v-icon :icon="CORNER_GLYPHS[corner.kind]" size="18" aria-hidden="true" />
                {{ corner.name }}</b
              >
              <span class="figures">{{ corner.places }} fit</span>
              <span class="soft">{{ corner.outdoors ? 'outdoors' : '' }}</span>
              <span class="soft">{{ corner.expected ? '' : 'optional' }}</span>
              <span class="soft kit">{{ kitText(corner) }}</span>
            </button>
          </li>
        </VueDraggable>
      </div>
      <p class="sr-only" aria-live="polite">{{ said }}</p>
      <v-btn class="is-main begin" :prepend-icon="mdiPlus" @click="adding = true">A corner</v-btn>
    </ShelfCard>
    <ShelfCard v-if="retired.length" class="retired" :title="`Retired · ${retired.length}`" label="Retired">
      <ul>
        <li v-for="corner in retired" :key="corner.id">
          <button type="button" class="row" @click="openId = corner.id">{{ corner.name }}</button>
        </li>
      </ul>
    </ShelfCard>
    <CornerSheet
      v-if="adding || openId"
      :id="openId"
      :last-order="shown.at(-1)?.order ?? null"
      @close="
        adding = false;
        openId = null;
      "
    />
  </div>
</template>

<style scoped>
li {
  display: flex;
  align-items: center;
  border-top: 1px dashed var(--line);
}
.handle {
  display: grid;
  place-items: center;
  width: 34px;
  height: var(--touch);
  color: var(--ink-soft);
  cursor: grab;
  touch-action: none;
}
.row {
  display: grid;
  grid-template-columns: 190px 70px 80px 80px minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: center;
  flex: 1;
  min-height: 40px;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  text-align: left;
}
li:hover {
  background: var(--paper);
}
.kit {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.begin {
  align-self: flex-start;
}
.retired {
  margin-top: var(--gap-5);
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 1fr auto auto;
  }
  .kit {
    display: none;
  }
}
</style>
