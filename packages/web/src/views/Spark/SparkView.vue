<script setup lang="ts">
import { formatDay, type FieldProblem } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import TapeLabel from '../../parts/TapeLabel.vue';
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
  return { title, style, start, dayCount: String(dayCount) };
}

// What comes from elsewhere (an undo, another window) is shown unless something wrong is still being typed.
watch(unit, () => {
  if (errors.value.length === 0) fields.value = fieldsOf();
});

function keep(): void {
  const { dayCount, ...rest } = fields.value;
  const count = dayCount === '' ? Number.NaN : Number(dayCount);
  const result = store.perform([{ type: 'unit/revise', unit: { ...unit.value, ...rest, dayCount: count } }]);
  errors.value = result.done ? [] : result.errors;
}
</script>

<template>
  <div class="bar">
    <h1>Spark</h1>
    <span class="soft">what it is about, and when</span>
  </div>
  <div class="columns">
    <form class="card" novalidate @submit.prevent="keep" @change="keep">
      <UnitForm v-model="fields" :errors="errors" />
      <p
        v-for="message in messagesBeside(errors, ['title', 'style', 'start', 'dayCount'])"
        :key="message"
        role="alert"
      >
        {{ message }}
      </p>
    </form>
    <section class="card dates" aria-label="The real dates">
      <TapeLabel>The real dates</TapeLabel>
      <ol class="figures">
        <li v-for="day in reading.frame.calendar.days" :key="day.number">
          <b>Day {{ day.number }}</b> {{ formatDay(day.date) }}
        </li>
      </ol>
      <p v-for="day in reading.frame.calendar.skipped" :key="day.date" class="soft">
        {{ formatDay(day.date) }} is skipped: {{ day.why }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin-bottom: 14px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(200px, 1fr);
  gap: 18px;
  align-items: start;
}
.card {
  padding: 18px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
.dates {
  padding-top: 0;
}
.dates .tape {
  margin: -3px 0 10px -8px;
}
.dates li {
  display: flex;
  justify-content: space-between;
  padding: 4px 0;
  border-bottom: 1px dashed var(--line);
}
.dates p {
  margin-top: 8px;
}
@media (max-width: 700px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
