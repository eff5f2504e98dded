<script setup lang="ts">
import { keepsakesOf, type Child } from '@kobby/core';
import { computed } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Keepsakes for the folders: who has theirs, and who lacks it and is here. */
const props = defineProps<{ here: readonly Child[] }>();
const store = useBook();
const reading = useReading();
const made = computed(() =>
  keepsakesOf(store.book, reading.value, store.today!).filter(({ isMade }) => isMade),
);
const isHere = (child: Child): boolean => props.here.some(({ id }) => id === child.id);
const say = (placementId: string, childId: string, has: boolean | null): void =>
  void store.perform([{ type: 'daybook/keepsake', placementId, childId, has }]);
</script>

<template>
  <ShelfCard v-if="made.length" title="Keepsakes">
    <section v-for="one in made" :key="one.placement.id" :data-test="`keepsake-${one.placement.id}`">
      <h3>{{ one.placement.content.title }}</h3>
      <p v-if="one.lacks.length === 0" class="soft">Everyone has theirs.</p>
      <ul>
        <li v-for="{ child, next } in one.lacks" :key="child.id">
          <span
            ><b>{{ child.name }}</b>
            {{
              isHere(child)
                ? 'is here today and lacks it'
                : next
                  ? `lacks it, comes on Day ${next.number}`
                  : 'lacks it, and comes no more in this unit'
            }}</span
          >
          <button type="button" class="tap" @click="say(one.placement.id, child.id, true)">Has it now</button>
        </li>
      </ul>
      <p v-if="one.has.length" class="soft">
        Has it:
        <template v-for="(child, i) in one.has" :key="child.id"
          >{{ i > 0 ? ', ' : ''
          }}<button
            type="button"
            class="text"
            :aria-label="`${child.name} lacks it after all`"
            @click="say(one.placement.id, child.id, false)"
          >
            {{ child.name }}
          </button></template
        >
      </p>
    </section>
  </ShelfCard>
</template>

<style scoped>
li {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.text {
  min-height: 30px;
  padding: 0 var(--gap-1);
  background: none;
  border: 0;
  color: inherit;
  text-decoration: underline dotted;
}
</style>
