<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PageBar from '../../parts/PageBar.vue';
import SideTabs from '../../parts/SideTabs.vue';
import GivePart from './GivePart.vue';
import LeadsCard from './LeadsCard.vue';
import LinksPart from './LinksPart.vue';
import NoteHomePart from './NoteHomePart.vue';
import PaperPart from './PaperPart.vue';

/** What leaves the plan: who leads what, links to it, the note home, and paper. */
const PARTS = {
  who: 'Who leads what',
  links: 'Links',
  home: 'Note home and calendars',
  paper: 'On paper',
  give: 'To another home',
} as const;
type Part = keyof typeof PARTS;
const VIEWS = { who: LeadsCard, links: LinksPart, home: NoteHomePart, paper: PaperPart, give: GivePart };

const route = useRoute();
const router = useRouter();
const part = computed<Part>({
  get: () => {
    const wanted = String(route.query.part);
    return Object.hasOwn(PARTS, wanted) ? (wanted as Part) : 'who';
  },
  set: (wanted) => void router.replace({ query: { part: wanted } }),
});
</script>

<template>
  <PageBar title="Hand over" hint="the plan in the room: on a phone, on paper, and home to the families" />
  <SideTabs v-model="part" class="parts" label="What is handed over" :options="PARTS" />
  <component :is="VIEWS[part]" />
</template>

<style scoped>
.parts {
  margin-bottom: var(--gap-4);
}
</style>
