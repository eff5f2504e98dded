<script setup lang="ts">
import { useTitle } from '../state/page-title.ts';
import { RouterLink, type RouteLocationRaw } from 'vue-router';

/** A sheet that is printed true to size: a way back, a print button, and, where its size matters, a line of 100 mm to check the printer by. */
const props = withDefaults(
  defineProps<{ title: string; back: RouteLocationRaw; backTo: string; measured?: boolean }>(),
  {
    measured: true,
  },
);
useTitle('page', () => props.title);
const print = (): void => window.print();
</script>

<template>
  <main class="sheet-page">
    <header>
      <RouterLink :to="back">{{ backTo }}</RouterLink>
      <v-btn class="is-main" @click="print">Print</v-btn>
    </header>
    <!-- True to size a sheet is wider than a phone: it is moved by itself, not the page. -->
    <div class="paper" role="region" :aria-label="title" tabindex="0">
      <slot />
      <p v-if="measured" class="check">
        <span aria-hidden="true"></span>This line is 100 mm long when it is printed true to size.
      </p>
    </div>
  </main>
</template>

<style scoped>
/* Paper is white, whatever the light. */
.sheet-page {
  padding: var(--gap-5);
  background: #fff;
  color: #111;
}
header {
  display: flex;
  gap: var(--gap-5);
  align-items: center;
  margin-bottom: var(--gap-5);
}
header a {
  color: #111;
}
@media screen {
  .paper {
    overflow-x: auto;
  }
}
.check {
  display: flex;
  gap: 3mm;
  align-items: center;
  margin-top: 6mm;
  font-size: 9pt;
}
.check span {
  flex: none;
  width: 100mm;
  border-top: 0.5mm solid #111;
}
@media print {
  header {
    display: none;
  }
  .sheet-page {
    padding: 0;
  }
}
@page {
  margin: 12mm;
}
</style>
