<script setup lang="ts">
import type { BowlCard, MadeCard } from '@kobby/core';

interface Card extends Omit<MadeCard, 'key' | 'bowls'> {
  readonly bowls: readonly Pick<BowlCard, 'label' | 'lines'>[];
}

/** What is made in something on a day: how many bowls of what, each step by the clock, when it is ready. */
defineProps<{ cards: readonly Card[] }>();
</script>

<template>
  <section v-for="card in cards" :key="card.title" class="made" data-test="made">
    <h4>{{ card.title }}</h4>
    <p class="soft figures">{{ card.how }}</p>
    <div class="bowls">
      <div v-for="bowl in card.bowls" :key="bowl.label" class="bowl">
        <b>{{ bowl.label }}</b>
        <ul>
          <li v-for="line in bowl.lines" :key="line" class="figures">{{ line }}</li>
        </ul>
      </div>
    </div>
    <p v-for="one in card.none" :key="one" class="none">{{ one }}</p>
    <ol>
      <li v-for="step in card.steps" :key="step" class="figures">{{ step }}</li>
    </ol>
    <p v-if="card.ready" class="ready figures">{{ card.ready }}</p>
    <p v-if="card.tried" class="soft figures">{{ card.tried }}</p>
  </section>
</template>

<style scoped>
.made {
  display: grid;
  gap: var(--gap-2);
  padding: var(--gap-3);
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
h4 {
  margin: 0;
  font-weight: 700;
}
.bowls {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
  gap: var(--gap-3);
}
.bowl {
  padding-left: var(--gap-3);
  border-left: 3px solid var(--tape);
}
ol {
  padding-left: calc(2 * var(--gap-4));
  list-style: decimal;
}
.none {
  color: var(--stop);
  font-weight: 600;
}
.ready {
  font-weight: 600;
}
</style>
