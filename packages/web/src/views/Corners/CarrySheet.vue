<script setup lang="ts">
import { mdiTrayArrowDown } from '@mdi/js';
import type { beforeUnit } from '@kobby/core';
import { changeToStay, formatDay, outSince, weekOut, type Placement } from '@kobby/core';
import { computed } from 'vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** What stood in the corners at the end of the unit before: what the children still love stays out another week. */
const props = defineProps<{ before: NonNullable<ReturnType<typeof beforeUnit>> }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const first = computed(() => reading.value.frame.calendar.days[0]?.date ?? store.today!);
const rows = computed(() =>
  props.before.left.map((setUp) => {
    const since = outSince(setUp, props.before.frame) ?? first.value;
    const { where } = setUp;
    const cornerId = where.kind === 'corner' ? where.cornerId : null;
    const cubby = reading.value.shelf.find(({ corner }) => corner.id === cornerId);
    const stays = reading.value.placements.some(
      (one) =>
        one.originId === setUp.originId && one.where.kind === 'corner' && one.where.cornerId === cornerId,
    );
    return { setUp, since, corner: cubby?.corner, week: weekOut(since, first.value), stays };
  }),
);
function carry(setUp: Placement, since: typeof first.value): void {
  store.perform([changeToStay(setUp, since, reading.value.frame.unit, `put-${newId()}`)]);
}
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    :title="`From ${before.frame.unit.title}`"
    hint="What stood out on its last day. What stays counts its weeks on."
  >
    <ul>
      <li v-for="{ setUp, since, corner, week, stays } in rows" :key="setUp.id">
        <div>
          <b>{{ setUp.content.title }}</b>
          <small
            >{{ corner?.name ?? 'a corner that is gone' }} · out since {{ formatDay(since) }} · it would be
            week {{ week }}</small
          >
        </div>
        <span v-if="stays" class="soft">stays out</span>
        <v-btn
          v-else
          class="is-side"
          size="small"
          :disabled="!corner"
          :prepend-icon="mdiTrayArrowDown"
          :aria-label="`Keep it out: ${setUp.content.title}`"
          @click="carry(setUp, since)"
        >
          Keep it out
        </v-btn>
      </li>
    </ul>
  </PlankSheet>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: var(--gap-4);
  align-items: center;
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
</style>
