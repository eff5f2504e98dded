<script setup lang="ts">
import { mdiTrayArrowUp } from '@mdi/js';
import {
  materialText,
  sessionsOf,
  whoDoesWhat,
  type Child,
  type FieldProblem,
  type Placement,
} from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { messagesBeside } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { useReading } from '../state/unit.ts';
import PlankSheet from './PlankSheet.vue';
import TapeLabel from './TapeLabel.vue';
import WhereFields from './WhereFields.vue';

/** A closer look at something that is placed: where it stands, who does what, what it needs. */
const props = defineProps<{ placement: Placement }>();
const emit = defineEmits<{ close: [] }>();

const store = useBook();
const reading = useReading();
const errors = ref<readonly FieldProblem[]>([]);
const where = ref({ ...props.placement.where });
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

watch(
  () => props.placement.where,
  (now) => (where.value = { ...now }),
);
function move(): void {
  const result = store.perform([{ type: 'unit/move', placementId: props.placement.id, where: where.value }]);
  errors.value = result.done ? [] : result.errors;
}

const who = computed(() => whoDoesWhat(props.placement, sessionsOf(props.placement, reading.value.frame)));
const namesOf = (children: readonly Child[]): string => children.map((child) => child.name).join(', ');
const things = computed(() =>
  props.placement.content.materials.map((line) => {
    const supply = store.book.supplies[line.supplyId];
    return {
      name: supply?.name ?? '',
      text: supply ? materialText(line, supply, reading.value.frame.home.units) : '',
    };
  }),
);

function takeOut(): void {
  const result = store.perform([{ type: 'unit/unplace', placementId: props.placement.id }]);
  if (result.done) emit('close');
  else errors.value = result.errors;
}
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    :title="placement.content.title"
    :hint="placement.content.summary"
    :width="680"
  >
    <WhereFields v-model="where" :errors="errors" @settled="move" />
    <p
      v-for="message in messagesBeside(errors, ['fromDay', 'toDay', 'day', 'blockId'])"
      :key="message"
      class="wrong"
      role="alert"
    >
      {{ message }}
    </p>
    <TapeLabel class="label">Who does what</TapeLabel>
    <dl>
      <div v-for="group in who.groups" :key="group.version.does">
        <dt>{{ namesOf(group.children) || 'nobody here' }}</dt>
        <dd>
          {{ group.version.does }} <span class="soft">“{{ group.version.say }}”</span>
        </dd>
      </div>
      <div v-if="who.without.length">
        <dt>{{ namesOf(who.without) }}</dt>
        <dd class="soft">no version at this age</dd>
      </div>
    </dl>
    <TapeLabel class="label">Things</TapeLabel>
    <ul class="things figures">
      <li v-for="thing in things" :key="thing.name">
        {{ thing.name }}: <b>{{ thing.text }}</b>
      </li>
      <li v-if="things.length === 0" class="soft">It needs nothing.</li>
    </ul>
    <template v-if="placement.content.steps.length">
      <TapeLabel class="label">How</TapeLabel>
      <ol>
        <li v-for="(step, i) in placement.content.steps" :key="i">{{ step.text }}</li>
      </ol>
    </template>
    <template #foot>
      <v-btn class="is-side" :prepend-icon="mdiTrayArrowUp" @click="takeOut">Take it out</v-btn>
      <v-btn class="is-quiet" @click="emit('close')">Done</v-btn>
    </template>
  </PlankSheet>
</template>

<style scoped>
.label {
  margin: 16px 0 6px -4px;
}
dl div {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 12px;
  padding: 5px 0;
  border-top: 1px dashed var(--line);
}
dt {
  font-weight: 700;
}
.things {
  columns: 2;
}
.things li {
  padding: 2px 0;
}
ol {
  list-style: decimal inside;
}
.wrong {
  margin-top: 6px;
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 600px) {
  dl div {
    grid-template-columns: 1fr;
    gap: 0;
  }
  .things {
    columns: 1;
  }
}
</style>
