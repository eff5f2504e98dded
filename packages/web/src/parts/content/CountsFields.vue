<script setup lang="ts">
import { headingsOf, headingsOfContent, homeOf, LENSES, type LensId, type SkillId } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';
import { headingOptions, skillOptions } from '../../state/skill-options.ts';
import { WordsField } from '../fields/index.ts';
import type { ContentInput } from './content.ts';

/** What an activity counts for: its skills, and headings that it is named for besides. */
const content = defineModel<ContentInput>({ required: true });
const store = useBook();
const skills = computed(() => skillOptions(store.book));
const headings = computed(() => headingOptions(store.book));
// Under every way of looking at balance, headings of the home included.
const countsFor = computed(() => {
  const { ownHeadings } = homeOf(store.book);
  const said = {
    skills: content.value.skills as SkillId[],
    headings: content.value.headings ?? [],
  };
  const names = (Object.keys(LENSES) as LensId[]).flatMap((lens) => {
    const ids = headingsOfContent(lens, said, ownHeadings);
    return headingsOf(lens, ownHeadings).filter(({ id }) => ids.includes(id));
  });
  return [...new Set(names.map(({ name }) => name))];
});
</script>

<template>
  <WordsField
    v-model="content.skills"
    label="Skills, the main one first"
    path="content.skills"
    :options="skills"
  />
  <WordsField
    v-model="content.headings"
    label="Counts for these headings too"
    path="content.headings"
    :options="headings"
  />
  <p v-if="countsFor.length" class="soft">Counts for {{ countsFor.join(', ') }}.</p>
</template>
