<script setup lang="ts">
import type { HandoverItem } from '@kobby/core';
import { computed, ref } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import type { SharedLink } from '../../state/shared.ts';

/** A note or a call for help, about one thing or the day as a whole. */
const props = defineProps<{
  kind: 'note' | 'help';
  day: number;
  item: HandoverItem | null;
  link: SharedLink;
}>();
const open = defineModel<boolean>({ required: true });
const text = ref('');
const title = computed(() => (props.kind === 'help' ? 'Call for help' : 'A note'));
const about = computed(() => props.item?.title ?? `Day ${props.day}`);
const isEmpty = computed(() => props.kind === 'note' && text.value.trim() === '');

function send(): void {
  if (isEmpty.value) return;
  const { kind, day, item } = props;
  props.link.write({ kind, day, placementId: item?.placementId ?? null, text: text.value.trim() });
  open.value = false;
}
</script>

<template>
  <PlankSheet v-model="open" :title="title" :hint="about">
    <form id="shared-word" @submit.prevent="send">
      <v-textarea
        v-model="text"
        name="text"
        :label="kind === 'help' ? 'What is needed (may stay empty)' : 'What should be remembered'"
        rows="3"
        autofocus
      />
    </form>
    <template #foot>
      <v-btn class="is-main" type="submit" form="shared-word" :disabled="isEmpty">
        {{ kind === 'help' ? 'Call' : 'Keep the note' }}
      </v-btn>
      <v-btn class="is-quiet" @click="open = false">Not now</v-btn>
    </template>
  </PlankSheet>
</template>
