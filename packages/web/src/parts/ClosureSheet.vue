<script setup lang="ts">
import { ref } from 'vue';
import { LineField } from './fields/index.ts';
import FormSheet from './FormSheet.vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import type { ActResult } from '../state/sync.ts';
import { keepsTyped } from '../state/unkept.ts';

/** The home is closed from one day to another. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const today = store.today as string;
const draft = ref({ id: `closure-${newId()}`, from: today, to: today, why: '' });
keepsTyped('closure', { draft });

const submit = (): ActResult => store.perform([{ type: 'house/put-closure', closure: draft.value }]);
</script>

<template>
  <FormSheet
    title="When is the home closed?"
    hint="Days of a unit keep their numbers; their dates move."
    :submit="submit"
    @close="emit('close')"
  >
    <LineField v-model="draft.why" label="Why" path="why" />
    <div class="side-by-side">
      <LineField v-model="draft.from" label="From" path="from" type="date" />
      <LineField v-model="draft.to" label="To" path="to" type="date" />
    </div>
  </FormSheet>
</template>
