<script setup lang="ts">
import { mdiAlertOutline, mdiTrayArrowDown } from '@mdi/js';

/** Where what is in hand can be put: pressed by mouse, finger or key. What speaks against it stands in the slot. */
defineProps<{ name: string; doubt: string | null; pointed: boolean }>();
defineEmits<{ put: [] }>();
</script>

<template>
  <button
    type="button"
    class="put"
    :class="{ breaks: doubt !== null, over: pointed }"
    :aria-label="`Put it here: ${name}${doubt ? `. ${doubt}` : ''}`"
    :title="doubt ?? ''"
    @click="$emit('put')"
  >
    <v-icon :icon="doubt ? mdiAlertOutline : mdiTrayArrowDown" size="15" aria-hidden="true" />
    <span
      ><slot>{{ doubt ?? 'Put it here' }}</slot></span
    >
  </button>
</template>

<style scoped>
.put {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  justify-content: center;
  align-self: stretch;
  min-height: 28px;
  padding: var(--gap-1) var(--gap-2);
  background: var(--ok-bg);
  border: 1.5px dashed var(--ok);
  border-radius: 4px;
  color: var(--ok);
  font-weight: 600;
  font-size: 12.5px;
  line-height: 1.15;
  text-align: left;
}
.put.breaks {
  background: var(--care-bg);
  border-color: var(--care-edge);
  color: var(--care);
}
.put.over {
  border-style: solid;
  box-shadow: 0 0 0 2px var(--plum);
}
@media (max-width: 900px) {
  .put {
    min-height: var(--touch);
  }
}
</style>
