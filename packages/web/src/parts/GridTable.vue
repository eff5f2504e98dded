<script setup lang="ts">
import { gridPoints, type PrintedGrid } from '@kobby/core';
import { computed } from 'vue';

/** A grid of a unit, on paper as large as its page allows and on the screen as large as it is read. */
const props = defineProps<{ grid: PrintedGrid }>();
const points = computed(() => gridPoints(props.grid));
</script>

<template>
  <table class="grid" :style="{ '--points': `${points}pt` }">
    <thead>
      <tr>
        <td></td>
        <th v-for="(lines, i) in grid.head" :key="i" scope="col">
          <div v-for="line in lines" :key="line">{{ line }}</div>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in grid.rows" :key="row.name" :class="{ main: row.isMain }">
        <th scope="row">{{ row.name }}</th>
        <td v-for="(cell, i) in row.cells" :key="i" :colspan="cell.span">
          <div v-for="(line, j) in cell.lines" :key="j">{{ line }}</div>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.grid {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  font-size: var(--points);
  line-height: 1.2;
}
thead td,
tbody th {
  width: 26mm;
}
th,
td {
  padding: 0.4mm 0.6mm;
  border: 0.25mm solid #777;
  text-align: left;
  vertical-align: top;
  overflow-wrap: anywhere;
}
thead td {
  border: 0;
}
thead th {
  border-bottom-width: 0.6mm;
}
tbody th {
  font-weight: 600;
}
.main th {
  background: rgb(0 0 0 / 6%);
}
tr {
  break-inside: avoid;
}
@media screen {
  .grid {
    font-size: 12.5px;
  }
}
</style>
