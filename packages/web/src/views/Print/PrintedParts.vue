<script setup lang="ts">
import type { PrintedPart } from '@kobby/core';
import GridTable from '../../parts/GridTable.vue';

/** What stands on a page, from top to bottom. */
defineProps<{ parts: readonly PrintedPart[] }>();
</script>

<template>
  <template v-for="(part, i) in parts" :key="i">
    <h2 v-if="part.kind === 'heading'">{{ part.text }}</h2>
    <p v-else-if="part.kind === 'text'" :class="{ strong: part.strong }">{{ part.text }}</p>
    <p v-else-if="part.kind === 'caution'" class="caution">{{ part.text }}</p>
    <component
      :is="part.numbered ? 'ol' : 'ul'"
      v-else-if="part.kind === 'lines'"
      :class="{ boxes: part.boxes }"
    >
      <li v-for="line in part.lines" :key="line">{{ line }}</li>
    </component>
    <GridTable v-else-if="part.kind === 'grid'" :grid="part" />
    <dl v-else>
      <div v-for="[what, about] in part.pairs" :key="what + about">
        <dt>{{ what }}</dt>
        <dd>{{ about }}</dd>
      </div>
    </dl>
  </template>
</template>

<style scoped>
h2 {
  margin-top: 3mm;
  font: 700 1.15em/1.2 var(--display);
  break-after: avoid;
}
p {
  white-space: pre-line;
}
.strong {
  font-weight: 700;
}
.caution {
  margin: 1mm 0;
  padding: 1mm 2.5mm;
  border-left: 1.2mm solid #111;
  background: #eee;
  print-color-adjust: exact;
}
ul,
ol {
  padding-left: 5mm;
}
ul {
  list-style: disc;
}
ol {
  list-style: decimal;
}
.boxes {
  padding-left: 0;
  list-style: none;
}
.boxes li {
  display: flex;
  gap: 2mm;
}
.boxes li::before {
  flex: none;
  width: 3.2mm;
  height: 3.2mm;
  margin-top: 0.9mm;
  border: 0.35mm solid #111;
  content: '';
}
dl > div {
  display: grid;
  grid-template-columns: 28% minmax(0, 1fr);
  gap: 3mm;
  padding: 0.6mm 0;
  border-top: 0.2mm solid #999;
  break-inside: avoid;
}
dt {
  font-weight: 700;
}
</style>
