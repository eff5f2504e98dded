<script setup lang="ts">
import type { Picture } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { pictureAddress, usePictures } from '../state/pictures.ts';

/** What shows something, beside its name: a picture that was chosen, else the one that goes by the name; nothing where there is none. */
const props = defineProps<{ name: string; picture?: Picture | undefined; size?: number; eager?: boolean }>();
const ways = usePictures();
const address = computed(() =>
  ways ? pictureAddress({ name: props.name, picture: props.picture ?? null }, ways) : null,
);
// One that does not come leaves no broken frame behind.
const isAway = ref(false);
watch(address, () => (isAway.value = false));
</script>

<template>
  <img
    v-if="address && !isAway"
    class="shown"
    :src="address"
    :width="size ?? 24"
    :height="size ?? 24"
    alt=""
    :loading="eager ? 'eager' : 'lazy'"
    decoding="async"
    draggable="false"
    @error="isAway = true"
  />
  <slot v-else />
</template>

<style scoped>
.shown {
  flex: none;
  object-fit: contain;
  vertical-align: middle;
}
</style>
