<script setup lang="ts">
import { ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** The home is closed from one day to another. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const closure = ref({ id: `closure-${newId()}`, from: store.today ?? '', to: store.today ?? '', why: '' });
const submit = (): ActResult => store.perform([{ type: 'house/put-closure', closure: closure.value }]);
</script>

<template>
  <FormSheet
    title="When is the home closed?"
    hint="Days of a unit keep their numbers; their dates move."
    :fields="['from', 'to', 'why']"
    action="Keep"
    :submit="submit"
    @close="emit('close')"
  >
    <template #default="{ errors }">
      <FormField v-model="closure.why" label="Why" name="why" autocomplete="off" :errors="errors" />
      <FormField v-model="closure.from" label="From" name="from" type="date" :errors="errors" />
      <FormField v-model="closure.to" label="To" name="to" type="date" :errors="errors" />
    </template>
  </FormSheet>
</template>
