<script setup lang="ts">
import { formatDay, type FieldProblem } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import UnitForm, { type UnitFields } from '../../parts/UnitForm.vue';
import { messagesBeside } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** What a unit is about, and when: every change moves the real dates at once. */
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
  const { dayCount, ...rest } = fields.value;
  const count = dayCount === '' ? Number.NaN : Number(dayCount);
  const result = store.perform([
    { type: 'unit/revise', unit: { ...unit.value, ...rest, start: rest.start || null, dayCount: count } },
  ]);
  errors.value = result.done ? [] : result.errors;
}
</script>

<template>
  <PageBar title="Spark" hint="what it is about, and when" />
  <div class="columns">
    <ShelfCard title="The idea">
      <form novalidate @submit.prevent="keep" @change="keep">
        <UnitForm v-model="fields" :errors="errors" />
        <p
          v-for="message in messagesBeside(errors, ['title', 'style', 'start', 'dayCount'])"
          :key="message"
          role="alert"
        >
          {{ message }}
        </p>
      </form>
    </ShelfCard>
    <ShelfCard title="The real dates" class="dates">
      <ol class="figures">
        <li v-for="day in reading.frame.calendar.days" :key="day.number">
          <b>Day {{ day.number }}</b> {{ formatDay(day.date) }}
        </li>
      </ol>
      <p v-for="day in reading.frame.calendar.skipped" :key="day.date" class="soft">
        {{ formatDay(day.date) }} is skipped: {{ day.why }}
      </p>
    </ShelfCard>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(200px, 1fr);
  gap: 18px;
  align-items: start;
}
.dates li {
  display: flex;
  justify-content: space-between;
  padding: 4px 0;
  border-bottom: 1px dashed var(--line);
}
@media (max-width: 700px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
