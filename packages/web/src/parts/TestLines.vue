<script setup lang="ts">
import { testLines, type PlannedTest } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';

/** A planned test in lines: what is asked, changed, tried and measured. */
const props = defineProps<{ test: PlannedTest }>();
const store = useBook();
const lines = computed(() => testLines(props.test, store.book.homes.home?.units ?? 'metric'));
</script>

<template>
  <p v-for="(line, i) in lines" :key="line" :class="{ first: i === 0 }">{{ line }}</p>
</template>

<style scoped>
.first {
  font-weight: 600;
}
</style>
