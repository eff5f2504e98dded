<script setup lang="ts">
/** An amount that explains itself: pressed, what stands in the slot tells how it came about. */
defineProps<{ text: string; of: string; open: boolean }>();
defineEmits<{ turn: [] }>();
</script>

<template>
  <button
    type="button"
    class="amount figures"
    :aria-expanded="open"
    :aria-label="`${text} ${of}: how come`"
    @click="$emit('turn')"
  >
    {{ text }}
  </button>
</template>

<style scoped>
.amount {
  align-self: start;
  min-height: 28px;
  padding: 0;
  background: none;
  border: 0;
  font: 700 17px/1.3 var(--display);
  text-align: right;
  text-decoration: underline dotted var(--edge) 1.5px;
  text-underline-offset: 4px;
}
@media (max-width: 900px) {
  .amount {
    min-height: var(--touch);
  }
}
</style>
