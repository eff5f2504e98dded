<script setup lang="ts">
import {
  changeToRemember,
  changeToRetire,
  changeToStay,
  changeToTurn,
  learnedTurn,
  OUTCOMES,
  type ChangeInput,
  type LookBackRow,
  type Unit,
} from '@kobby/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** Something that ran: how it went, and what becomes of it, kept, mended, dropped, or out another week. */
const props = defineProps<{ row: LookBackRow; next: Unit | null }>();
const ActivitySheet = defineAsyncComponent(() => import('../Library/ActivitySheet.vue'));
const store = useBook();
const isMended = ref(false);
const text = ref('');
const trouble = ref<string | null>(null);

const activity = computed(() => store.book.activities[props.row.placement.originId] ?? null);
const title = computed(() => props.row.placement.content.title);
const notes = computed(() => props.row.told.flatMap(({ record }) => (record.note ? [record.note] : [])));
const remembered = computed(() => activity.value?.content.notes ?? []);
const others = computed(() =>
  props.row.others.map(({ child, outcome }) => `${child.name}: ${OUTCOMES[outcome].name.toLowerCase()}`),
);
function perform(changes: readonly ChangeInput[]): boolean {
  const result = store.perform(changes);
  trouble.value = result.done ? null : (result.errors[0]?.message ?? 'It cannot be kept.');
  return result.done;
}
function remember(): void {
  const words = text.value.trim();
  if (!activity.value || words === '') return;
  if (perform([changeToRemember(activity.value, { text: words, loved: props.row.went === 'loved' })]))
    text.value = '';
}
// What turns take here stands beside what is written.
const turn = computed(() =>
  activity.value ? learnedTurn(store.book, activity.value.id, activity.value.content.turnMinutes) : null,
);
const writeTurn = (minutes: number): unknown =>
  activity.value && perform([changeToTurn(activity.value, minutes)]);
const retire = (retired: boolean): unknown =>
  activity.value && perform([changeToRetire(activity.value, retired)]);
const stay = (): unknown =>
  props.next &&
  props.row.mayStaySince &&
  perform([changeToStay(props.row.placement, props.row.mayStaySince, props.next, `put-${newId()}`)]);
</script>

<template>
  <li :data-test="`ran-${row.placement.id}`">
    <p class="head">
      <b>{{ title }}</b>
      <span class="went">{{ OUTCOMES[row.went!].name }}</span>
    </p>
    <p v-if="others.length > 0" class="soft">{{ others.join(', ') }}</p>
    <p v-if="row.openSince" class="soft">Not finished on Day {{ row.openSince.number }}.</p>
    <p v-for="note in notes" :key="note">“{{ note }}”</p>
    <p v-for="note in remembered" :key="note.text" class="soft">Remembered: {{ note.text }}</p>
    <p v-if="turn && turn.times > 0 && turn.minutes !== turn.written">
      A turn takes {{ turn.minutes }} min here, by
      {{ turn.times === 1 ? 'one time' : `${turn.times} times` }}; {{ turn.written }} are written. Kobby plans
      with {{ turn.minutes }}.
      <v-btn
        class="is-quiet"
        size="small"
        :aria-label="`Write it down: ${title} takes ${turn.minutes} minutes a turn`"
        @click="writeTurn(turn.minutes)"
        >Write it down</v-btn
      >
    </p>
    <form v-if="activity" class="acts" @submit.prevent="remember">
      <input
        v-model="text"
        class="words"
        name="remember"
        placeholder="For next time …"
        :aria-label="`For next time: ${title}`"
        maxlength="2000"
      />
      <v-btn class="is-side" size="small" type="submit" :disabled="text.trim() === ''">Remember</v-btn>
      <v-btn class="is-quiet" size="small" :aria-label="`Mend it: ${title}`" @click="isMended = true"
        >Mend it</v-btn
      >
      <v-btn
        v-if="!activity.retired"
        class="is-quiet"
        size="small"
        :aria-label="`Drop it: ${title}`"
        @click="retire(true)"
        >Drop it</v-btn
      >
      <v-btn
        v-else
        class="is-quiet"
        size="small"
        :aria-label="`Propose it again: ${title}`"
        @click="retire(false)"
        >Dropped. Propose it again</v-btn
      >
      <v-btn
        v-if="row.mayStaySince && !row.stays"
        class="is-quiet"
        size="small"
        :aria-label="`Out another week: ${title}`"
        @click="stay"
        >Out another week</v-btn
      >
      <span v-else-if="row.mayStaySince" class="soft">stays out</span>
    </form>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <ActivitySheet v-if="isMended && activity" :id="activity.id" @close="isMended = false" />
  </li>
</template>

<style scoped>
li {
  display: grid;
  gap: var(--gap-2);
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
.head {
  display: flex;
  justify-content: space-between;
  gap: var(--gap-4);
}
.went {
  white-space: nowrap;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.words {
  flex: 1 1 180px;
  min-width: 0;
  min-height: 34px;
  padding: 0 var(--gap-3);
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--card);
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
</style>
