<script setup lang="ts">
import { type FieldProblem } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import UnitForm, { type UnitFields } from '../../parts/UnitForm.vue';
import { messagesBeside } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** What a unit is about, and when: every change moves the real dates at once. Without a first day it is an idea. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const errors = ref<readonly FieldProblem[]>([]);
const fields = ref<UnitFields>(fieldsOf());

function fieldsOf(): UnitFields {
  const { title, style, start, dayCount } = unit.value;
  return { title, style, start: start ?? '', dayCount: String(dayCount) };
}

// What comes from elsewhere (an undo, another window) is shown unless something wrong is still being typed.
watch(unit, () => {
  if (errors.value.length === 0) fields.value = fieldsOf();
});

function keep(): void {
  const { dayCount, start, ...rest } = fields.value;
  const count = dayCount === '' ? Number.NaN : Number(dayCount);
  const result = store.perform([
    { type: 'unit/revise', unit: { ...unit.value, ...rest, start: start || null, dayCount: count } },
  ]);
  errors.value = result.done ? [] : result.errors;
}
</script>

<template>
  <ShelfCard title="The idea">
    <form novalidate @submit.prevent="keep" @change="keep">
      <UnitForm v-model="fields" :errors="errors" />
      <p
        v-for="message in messagesBeside(errors, ['title', 'style', 'start', 'dayCount'])"
        :key="message"
        class="wrong"
        role="alert"
      >
        {{ message }}
      </p>
    </form>
  </ShelfCard>
</template>
