<script setup lang="ts">
import { mdiHandWaveOutline, mdiMetronome } from '@mdi/js';
import { movesBeat, offBeat, spokenInSongs, type SpokenOf, type SungLine, type SungVerse } from '@kobby/core';

/** Verses as they are sung: motions beside the lines, answers set off, lines that do not scan marked. */
const props = defineProps<{
  verses: readonly SungVerse[];
  /** How the theme's things are spoken, where that was looked up. */
  spokenOf?: SpokenOf | undefined;
}>();

const PART_NAMES: Readonly<Partial<Record<SungVerse['part'], string>>> = {
  opening: 'opening',
  refrain: 'refrain',
  ending: 'ending',
};

function offText(line: SungLine): string {
  const spokenOf = props.spokenOf ?? spokenInSongs;
  const off = offBeat(line, spokenOf);
  const moved = movesBeat(line, spokenOf);
  if (off === 0) return moved === null ? '' : `“${moved}” is stressed elsewhere: the beat moves`;
  const count = Math.abs(off);
  return `${count} ${count === 1 ? 'syllable' : 'syllables'} too ${off > 0 ? 'many' : 'few'}`;
}
</script>

<template>
  <ol class="verses">
    <li v-for="(verse, i) in verses" :key="i" class="verse" :class="verse.part">
      <small v-if="PART_NAMES[verse.part]">{{ PART_NAMES[verse.part] }}</small>
      <div
        v-for="(line, j) in verse.lines"
        :key="j"
        class="line"
        :class="{ answer: line.voice === 'answer' }"
      >
        <span class="words"
          ><span v-if="line.by" class="all">{{ line.by }}: </span>{{ line.text }}
          <span v-if="offText(line)" class="off" data-test="off">
            <v-icon :icon="mdiMetronome" size="14" aria-hidden="true" /> {{ offText(line) }}
          </span>
        </span>
        <span v-if="line.motion" class="motion">
          <v-icon :icon="mdiHandWaveOutline" size="14" aria-hidden="true" /> {{ line.motion }}
        </span>
      </div>
    </li>
  </ol>
</template>

<style scoped>
.verses {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  padding: 0;
  list-style: none;
}
.verse {
  padding-left: var(--gap-4);
  border-left: 3px solid var(--edge);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-5);
  justify-content: space-between;
  line-height: 1.45;
}
.words {
  flex: 1 1 240px;
  min-width: 0;
  overflow-wrap: anywhere;
}
.answer .words {
  font-style: italic;
}
.all {
  font-style: normal;
  font-weight: 700;
}
.motion {
  flex: 0 1 auto;
  color: var(--ink-soft);
  font-size: 0.92em;
}
.off {
  padding: 0 var(--gap-2);
  background: var(--note-bg);
  border-radius: 3px;
  color: var(--note);
  font-size: 0.86em;
  font-style: normal;
  white-space: nowrap;
}
</style>
