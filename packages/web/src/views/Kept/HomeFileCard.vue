<script setup lang="ts">
import { HOME_FILE_LEAVES_OUT } from '@kobby/core';
import ShelfCard from '../../parts/ShelfCard.vue';

/** The whole home as one file for other programs. */
</script>

<template>
  <ShelfCard title="The whole home, for other programs">
    <p>
      One ZIP with everything you wrote: lists that people and programs can read, with a description of them,
      and your own files as they are. Kobby takes it in again where backups are brought in.
    </p>
    <p><a class="v-btn is-side take" href="/api/home-file" download>Take the home out</a></p>
    <p class="soft">
      It names children and what they must not eat: keep it where nobody else reads it. Left out:
      {{ HOME_FILE_LEAVES_OUT.join('; ') }}.
    </p>
  </ShelfCard>
</template>

<style scoped>
.take {
  display: inline-flex;
  align-items: center;
  min-height: 36px;
  padding: 0 var(--gap-4);
  font-size: 13px;
  text-decoration: none;
  border: 1.5px solid var(--line);
  border-radius: 999px;
}
</style>
