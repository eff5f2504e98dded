<script setup lang="ts">
import { shownIn, titleIn, whereAt, type Activity } from '@kobby/core';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';
import ThingPicture from './ThingPicture.vue';

/** What an empty day could hold, each put there by a press. */
const props = defineProps<{ number: number; offers: readonly Activity[] }>();
const store = useBook();
const reading = useReading();

function put({ id: activityId }: Activity): void {
  const where = whereAt({ kind: 'day', day: props.number }, null, reading.value);
  const unitId = reading.value.frame.unit.id;
  store.perform([{ type: 'unit/place', id: `put-${newId()}`, unitId, activityId, where }]);
}
</script>

<template>
  <div class="offers">
    <button
      v-for="activity in offers"
      :key="activity.id"
      type="button"
      :title="`Put it on Day ${number}`"
      @click="put(activity)"
    >
      <ThingPicture v-bind="shownIn(activity.content, reading.theme)" :size="20" />
      {{ titleIn(activity.content, reading.theme) }}
    </button>
  </div>
</template>

<style scoped>
.offers {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
}
button {
  min-height: 28px;
  padding: var(--gap-2) var(--gap-3);
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  font-size: 12.5px;
  line-height: 1.2;
  text-align: left;
}
button:hover {
  border-style: solid;
}
@media (max-width: 900px) {
  button {
    min-height: var(--touch);
  }
}
</style>
