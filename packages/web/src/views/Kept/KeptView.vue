<script setup lang="ts">
import { RouterLink } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import BackupsCard from './BackupsCard.vue';
import HomeFileCard from './HomeFileCard.vue';
import SignedInCard from './SignedInCard.vue';
import TablesCard from './TablesCard.vue';

/** What is kept beside the home, how it is taken along, and who can get in. */
</script>

<template>
  <PageBar
    title="Kept"
    hint="nothing is saved by hand; this is for a broken machine, a new one, and a lost phone"
  />
  <div class="cards">
    <div class="stack">
      <BackupsCard />
      <SignedInCard />
    </div>
    <div class="stack">
      <HomeFileCard />
      <TablesCard />
      <p class="soft">
        Pictures, words and fonts are partly of others:
        <RouterLink :to="{ name: 'credits' }">whose, and under which terms</RouterLink>.
      </p>
    </div>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
</style>
