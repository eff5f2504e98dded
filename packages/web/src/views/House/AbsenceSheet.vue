<script setup lang="ts">
import { ref } from 'vue';
import FormField from '../../parts/FormField.vue';
import FormSheet from '../../parts/FormSheet.vue';
import { messageFor, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** A child is away from one day to another. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const children = Object.values(store.book.children).map((child) => ({ title: child.name, value: child.id }));
const absence = ref({
  id: `absence-${newId()}`,
  childId: children[0]?.value ?? '',
  from: store.today ?? '',
  to: store.today ?? '',
});
const submit = (): ActResult => store.perform([{ type: 'house/put-absence', absence: absence.value }]);
</script>

<template>
  <FormSheet
    title="Who is away?"
    hint="The plan and its amounts follow at once."
    :fields="['childId', 'from', 'to']"
    action="Keep"
    :submit="submit"
    @close="emit('close')"
  >
    <template #default="{ errors }">
      <v-select
        v-model="absence.childId"
        :items="children"
        label="Child"
        name="childId"
        :error-messages="messageFor(errors, 'childId')"
      />
      <FormField v-model="absence.from" label="From" name="from" type="date" :errors="errors" />
      <FormField v-model="absence.to" label="To" name="to" type="date" :errors="errors" />
    </template>
  </FormSheet>
</template>
