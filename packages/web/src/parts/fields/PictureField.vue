<script setup lang="ts">
import type { Picture } from '@kobby/core';
import { defineAsyncComponent, ref } from 'vue';
import ThingPicture from '../ThingPicture.vue';
import { useField } from './form.ts';

/** What shows the thing that is edited; what is chosen by its name needs no word. */
const props = defineProps<{ name: string; path: string }>();
const value = defineModel<Picture | undefined>({ required: true });
const { messages, settle } = useField(() => props.path);
const PictureSheet = defineAsyncComponent(() => import('../PictureSheet.vue'));
const isOpen = ref(false);
const take = (picture: Picture): void => {
  value.value = picture;
  settle();
};
</script>

<template>
  <div class="picture">
    <ThingPicture :name="name" :picture="value" :size="48" />
    <button type="button" class="chip dashed" data-test="picture" @click="isOpen = true">
      {{ value === null || value === undefined ? 'Choose a picture' : 'Another picture' }}
    </button>
    <span v-if="messages.length" class="wrong" role="alert">{{ messages[0] }}</span>
    <PictureSheet v-if="isOpen" v-model="isOpen" :name="name" :picture="value ?? null" @choose="take" />
  </div>
</template>

<style scoped>
.picture {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
