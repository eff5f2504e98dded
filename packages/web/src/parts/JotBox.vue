<script setup lang="ts">
import { tooMuch } from '@kobby/core';
import { nextTick, ref, useId, watch } from 'vue';
import { keepTyped, textAt } from '../state/typed.ts';

/**
 * A place that is written into like with a pencil: what is typed is chosen by Enter, what could be meant besides is offered while one
 * types, and nothing typed is lost by Escape, a look elsewhere or a reload. What stands in its list is the affair of whoever uses it.
 */
const props = defineProps<{
  /** Under which what was typed is kept until it is written in. */
  place: string;
  name: string;
  /** What stands in an empty field, or on the button that opens one. */
  hint: string;
  /** Only a button until somebody writes. */
  folded?: boolean;
  /** How many there are to choose from. */
  count: number;
  /** By which stories find its button. */
  mark?: string | undefined;
}>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ take: [index: number]; look: [isLooking: boolean] }>();
const listId = useId();

const begun = textAt(props.place);
if (begun !== '') text.value = begun;
const isOpen = ref(!props.folded || begun !== '');
const isLooking = ref(false);
// Nothing is chosen before something is typed: Enter alone does nothing.
const chosen = ref(begun === '' ? -1 : 0);
const trouble = ref<string | null>(null);
const field = ref<HTMLTextAreaElement | null>(null);
const box = ref<HTMLElement | null>(null);
const side = ref({ isAbove: false, isRight: false });
watch(text, (now) => {
  keepTyped(props.place, now === '' ? undefined : now);
  chosen.value = now.trim() === '' ? -1 : 0;
  trouble.value = null;
  isLooking.value = now !== '';
});
watch(isLooking, (now) => emit('look', now), { immediate: true });

async function open(): Promise<void> {
  isOpen.value = true;
  look();
  await nextTick();
  field.value?.focus();
}
// The list lies where there is room for it.
const LIST = { width: 270, height: 260 };
function look(): void {
  const at = box.value?.getBoundingClientRect();
  if (at)
    side.value = {
      isAbove: at.bottom + LIST.height > window.innerHeight && at.top > LIST.height,
      isRight: at.left + LIST.width > window.innerWidth,
    };
  isLooking.value = true;
}
function leave(): void {
  isLooking.value = false;
  if (props.folded && text.value.trim() === '') isOpen.value = false;
}
function take(index: number): void {
  trouble.value = tooMuch(text.value);
  if (trouble.value === null) emit('take', index);
}
/** Empties the field once it is written in, or says why it was not. */
function settle(problem: string | null): void {
  trouble.value = problem;
  if (problem === null) text.value = '';
}
defineExpose({ settle });

function onKey(event: KeyboardEvent): void {
  if (event.isComposing) return;
  if (event.key === 'Enter' && !event.shiftKey) {
    event.preventDefault();
    if (chosen.value >= 0 && chosen.value < props.count) take(chosen.value);
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    if (props.count === 0) return;
    event.preventDefault();
    look();
    const from = Math.max(chosen.value, event.key === 'ArrowDown' ? -1 : 0);
    chosen.value = (from + (event.key === 'ArrowDown' ? 1 : props.count - 1)) % props.count;
  } else if (event.key === 'Escape') {
    event.stopPropagation();
    isLooking.value = false;
  }
}
</script>

<template>
  <div ref="box" class="write" :class="{ right: side.isRight }">
    <button v-if="!isOpen" type="button" class="begin" :data-test="mark" @click="open">
      {{ hint }}<span class="sr-only"> into {{ name }}</span>
    </button>
    <template v-else>
      <textarea
        ref="field"
        v-model="text"
        rows="1"
        aria-autocomplete="list"
        autocomplete="off"
        :aria-label="`Write into ${name}`"
        :aria-controls="isLooking && count > 0 ? listId : undefined"
        :aria-activedescendant="isLooking && chosen >= 0 && count > 0 ? `${listId}-${chosen}` : undefined"
        :placeholder="hint"
        @focus="look"
        @blur="leave"
        @keydown="onKey"
      />
      <div
        v-if="isLooking && count > 0"
        class="list"
        :class="{ above: side.isAbove }"
        data-test="jotting"
        @pointerdown.prevent
      >
        <ul :id="listId" role="listbox" :aria-label="`What could stand in ${name}`">
          <li
            v-for="(_, i) in count"
            :id="`${listId}-${i}`"
            :key="i"
            role="option"
            :aria-selected="chosen === i"
            :class="{ chosen: chosen === i }"
            @click="take(i)"
          >
            <slot :index="i" />
          </li>
        </ul>
      </div>
      <small v-if="trouble" class="wrong" role="alert">{{ trouble }}</small>
    </template>
  </div>
</template>

<style scoped>
.write {
  position: relative;
  flex: 1;
  min-width: 0;
}
.begin {
  width: 100%;
  min-height: 24px;
  padding: 0 var(--gap-2);
  background: none;
  border: 1.5px dashed var(--edge);
  border-radius: 4px;
  color: var(--ink-soft);
  font-size: 12.5px;
  text-align: left;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.begin:hover {
  background: var(--well);
}
/* A narrow place is written into as wide as a line needs. */
textarea {
  position: relative;
  z-index: 39;
  display: block;
  width: max(100%, 220px);
  min-height: 30px;
  max-height: 96px;
  padding: var(--gap-1) var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--plum);
  border-radius: 4px;
  color: inherit;
  font: inherit;
  font-size: 13px;
  line-height: 1.3;
  resize: none;
  field-sizing: content;
}
.list {
  position: absolute;
  top: calc(100% + 4px);
  left: 0;
  z-index: 40;
  width: 270px;
  padding: var(--gap-2);
  background: var(--card);
  border: 1.5px solid var(--plum);
  border-radius: var(--radius);
  box-shadow: 0 6px 18px rgb(30 20 50 / 22%);
}
.right textarea {
  margin-left: calc(100% - max(100%, 220px));
}
.list.above {
  top: auto;
  bottom: calc(100% + 4px);
}
.right .list {
  right: 0;
  left: auto;
}
li {
  display: grid;
  gap: var(--gap-1);
  padding: var(--gap-2);
  border-top: 1px dashed var(--line);
  border-radius: 4px;
  font-size: 13px;
  line-height: 1.25;
  overflow-wrap: anywhere;
  cursor: pointer;
}
li:first-child {
  border-top: 0;
}
li.chosen {
  background: var(--well);
}
.list :deep(small) {
  color: var(--ink-soft);
  font-size: 12px;
}
.wrong {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .begin,
  textarea,
  li {
    min-height: var(--touch);
    font-size: 16px;
  }
}
@media (max-width: 600px) {
  textarea {
    width: 100%;
  }
  .right textarea {
    margin-left: 0;
  }
}
</style>
