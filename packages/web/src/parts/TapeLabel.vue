<script setup lang="ts">
/** A strip of masking tape with a name on it. */
defineProps<{ glyph?: string | undefined }>();
</script>

<template>
  <span class="tape"><v-icon v-if="glyph" :icon="glyph" size="15" aria-hidden="true" /><slot /></span>
</template>

<style scoped>
.tape {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-2);
  max-width: 100%;
  padding: var(--gap-1) var(--gap-4) var(--gap-1) var(--gap-3);
  background: var(--tape);
  color: var(--tape-ink);
  font-weight: 600;
  font-size: 12.5px;
  line-height: 1.35;
  clip-path: polygon(0 0, 100% 0, calc(100% - 4px) 50%, 100% 100%, 0 100%, 4px 50%);
}
</style>
