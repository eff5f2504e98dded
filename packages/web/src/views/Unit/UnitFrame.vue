<script setup lang="ts">
import type { UnitId } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import { useBook } from '../../state/book.ts';
import UnitDesk from './UnitDesk.vue';

/** The unit of the address, or a way back when there is none. */
const store = useBook();
const route = useRoute();
const unit = computed(() => store.book.units[String(route.params.unitId) as UnitId] ?? null);
</script>

<template>
  <UnitDesk v-if="unit" :key="unit.id" :unit="unit" />
  <div v-else>
    <InkBand is-page title="No such unit" />
    <main class="gone">
      <p>
        This unit is not here. It may have been undone. <RouterLink to="/units">See all units</RouterLink>
      </p>
    </main>
  </div>
</template>

<style scoped>
.gone {
  padding: calc(2 * var(--gap-5));
}
</style>
