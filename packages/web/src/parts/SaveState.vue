<script setup lang="ts">
import { mdiCloudCheckOutline, mdiCloudOffOutline, mdiCloudSyncOutline } from '@mdi/js';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';

/** Whether everything is kept. Nothing is saved by hand, so this is all there is to know about it. */
const store = useBook();

const changes = computed(
  () => `${store.waitingCount} ${store.waitingCount === 1 ? 'change waits' : 'changes wait'}`,
);
const time = computed(() =>
  store.keptAt
    ? new Date(store.keptAt).toLocaleTimeString('en', { hour: '2-digit', minute: '2-digit', hour12: false })
    : '',
);
const state = computed((): { icon: string; text: string; why?: string } => {
  const { waitingCount, trouble, isOnDevice } = store;
  if (waitingCount > 0 && !isOnDevice)
    return { icon: mdiCloudOffOutline, text: `${changes.value}: leave this page open` };
  if (store.connection === 'signed-out')
    return { icon: mdiCloudOffOutline, text: `Signed out · ${changes.value}` };
  if (store.connection === 'unreachable') {
    return {
      icon: mdiCloudOffOutline,
      text: waitingCount ? `Not connected · ${changes.value}` : 'Not connected',
    };
  }
  if (waitingCount > 0 && trouble)
    return { icon: mdiCloudSyncOutline, text: `${changes.value}, tried again`, why: trouble.detail };
  if (waitingCount > 0) return { icon: mdiCloudSyncOutline, text: 'Keeping …' };
  return { icon: mdiCloudCheckOutline, text: `All kept · ${time.value}` };
});
</script>

<template>
  <span class="state" role="status" :title="state.why" data-test="save-state">
    <v-icon :icon="state.icon" size="17" aria-hidden="true" />
    <span :class="{ calm: state.icon === mdiCloudCheckOutline }">{{ state.text }}</span>
  </span>
</template>

<style scoped>
.state {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-3);
  color: var(--band-soft);
  white-space: nowrap;
}
/* On a phone that everything is kept is a mark alone: what is not is said in words. */
@media (max-width: 900px) {
  .state {
    gap: var(--gap-2);
    max-width: 116px;
    font-size: 12.5px;
    line-height: 1.15;
    white-space: normal;
  }
  .calm {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
</style>
