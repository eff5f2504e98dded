<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, useId } from 'vue';
import type { ActResult } from '../state/sync.ts';
import { useUnkept } from '../state/unkept.ts';
import { provideForm } from './fields/index.ts';
import PlankSheet from './PlankSheet.vue';

/**
 * A sheet with fields. Something new is kept by its main button; what is there already is kept as each field is
 * left. What is wrong stands beside its field, the rest below, and what was typed stays.
 */
const props = defineProps<{
  title: string;
  hint?: string | undefined;
  /** What is edited is in the book already. */
  live?: boolean;
  submit: () => ActResult;
  width?: number;
  /** What the next one is called, where several are entered one after the other: `The next child`. */
  next?: string | undefined;
}>();
const emit = defineEmits<{ close: []; next: [] }>();

const unkept = useUnkept();
const form = provideForm(() => {
  if (props.live) send();
});
// One sheet may stand on another: the button of each is for its own form.
const formId = useId();
const warned = ref(false);
const body = ref<HTMLFormElement | null>(null);
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : close()) });

function send(): boolean {
  const done = form.took(props.submit());
  if (done) warned.value = false;
  if (done && !props.live) unkept?.done();
  return done;
}
async function keep(isNext = false): Promise<void> {
  if (send()) return isNext ? emit('next') : emit('close');
  await nextTick();
  body.value?.querySelector<HTMLElement>('.v-input--error :is(input, textarea)')?.focus();
}
// A line of several is broken by the same keys.
function keepAndNext(event: KeyboardEvent): void {
  if (!props.next || props.live || (event.target as HTMLElement).tagName === 'TEXTAREA') return;
  event.preventDefault();
  void keep(true);
}
// A page that is left in the middle of a word keeps it; what is new is remembered as it is typed.
const leaving = (): void => void (props.live && send());
onMounted(() => window.addEventListener('pagehide', leaving));
onBeforeUnmount(() => window.removeEventListener('pagehide', leaving));

// What could not be kept is told before it goes.
function close(): void {
  if (props.live && !warned.value && !send()) warned.value = true;
  else emit('close');
}
</script>

<template>
  <PlankSheet v-model="isOpen" :title="title" :hint="hint" :width="width">
    <form
      :id="formId"
      ref="body"
      class="sheet-form"
      novalidate
      @submit.prevent="keep()"
      @keydown.shift.enter="keepAndNext"
      @change="form.settle()"
    >
      <p v-if="!live && unkept?.isBack.value" class="back" role="status">
        What you typed last time is here again.
        <v-btn class="is-quiet" size="small" @click="unkept.anew()">Begin anew</v-btn>
      </p>
      <slot />
    </form>
    <p v-for="message in form.unclaimed.value" :key="message" class="wrong" role="alert">{{ message }}</p>
    <p v-if="warned" class="wrong" role="alert">
      Not kept yet: see the fields marked above. Close again to leave them as they were.
    </p>
    <template #foot>
      <v-btn class="is-main" type="submit" :form="formId">{{ live ? 'Done' : 'Keep' }}</v-btn>
      <v-btn v-if="next && !live" class="is-side" title="Shift and Enter" @click="keep(true)">{{
        next
      }}</v-btn>
      <v-btn v-if="!live" class="is-quiet" @click="emit('close')">Not now</v-btn>
      <slot name="acts" />
    </template>
  </PlankSheet>
</template>

<style scoped>
.sheet-form {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
  padding-top: var(--gap-2);
}
.back {
  padding: var(--gap-2) var(--gap-3);
  background: var(--note-bg);
  border-radius: var(--radius);
}
</style>
