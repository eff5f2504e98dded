<script setup lang="ts">
import {
  learnedOf,
  unitsByNearness,
  stageAsLearned,
  aboutDays,
  WAITING_PLACES,
  WATCH_MEASURES,
  type ChangeInput,
  type Observation,
  type WatchPattern,
  type WatchStage,
} from '@kobby/core';
import { computed, reactive } from 'vue';
import { useRouter } from 'vue-router';
import {
  AmountField,
  ChoiceField,
  LineField,
  NumberField,
  RowsField,
  SwitchField,
  TextField,
  TicksField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { copyOf, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { supplyOptions } from '../../state/options.ts';
import type { ActResult } from '../../state/sync.ts';

/** Something that is watched: from which day, where it stands, and its stages. */
const props = defineProps<{ observation?: Observation; pattern?: WatchPattern | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const router = useRouter();

type Draft = Extract<ChangeInput, { type: 'watch/put-observation' }>['observation'];
type Stage = Draft['stages'][number];
const id = (): string => newId().slice(0, 10);
const blankStage = (): Stage => ({
  id: id(),
  name: '',
  leastDays: 2,
  mostDays: 5,
  look: { kind: 'daily' },
  sign: '',
  tasks: [],
  supplies: [],
  place: null,
  fullHouse: false,
  makes: [],
});
// The unit that runs, else the next one, else any.
const units = computed(() =>
  unitsByNearness(store.book, store.today!).map(({ unit }) => ({
    title: unit.title,
    value: unit.id as string,
  })),
);
const draft = reactive<Draft>(
  props.observation
    ? (copyOf(props.observation) as Draft)
    : {
        id: `watch-${newId()}`,
        unitId: units.value[0]?.value ?? '',
        title: props.pattern?.title ?? '',
        about: props.pattern?.about ?? '',
        measures: [...(props.pattern?.measures ?? [])],
        stages: props.pattern ? stagesOf(props.pattern) : [blankStage()],
        living: props.pattern?.living ?? false,
        care: props.pattern?.care ?? '',
        closedDays: props.pattern?.closedDays ?? '',
        planB: props.pattern?.planB ?? '',
        patternId: props.pattern?.id ?? null,
        startedOn: store.today! as string,
        awaited: null,
        heads: null,
        keptIn: null,
      },
);
// Of what was watched before, its stages take what they took here.
function stagesOf(pattern: WatchPattern): Stage[] {
  const learned = learnedOf(store.book, pattern);
  return pattern.stages.map((stage) => stageAsLearned(copyOf(stage) as WatchStage, learned) as Stage);
}
const kind = computed(() => store.book.watchPatterns[draft.patternId as WatchPattern['id']] ?? null);
const learned = computed(() => (kind.value ? learnedOf(store.book, kind.value) : []));
function learnedText(stageId: string): string {
  const one = learned.value.find((known) => known.stageId === stageId);
  const written = kind.value?.stages.find(({ id: known }) => known === stageId);
  if (!one || !written) return '';
  const times = one.times === 1 ? 'once' : `${one.times} times`;
  return `Yours took ${aboutDays(one.leastDays, one.mostDays)}, seen ${times}; as it is written, ${aboutDays(written.leastDays, written.mostDays)}.`;
}
const isAwaited = computed({
  get: () => Boolean(draft.awaited),
  set: (awaits) => {
    const until = draft.startedOn as string;
    draft.awaited = awaits ? { until, orderBy: null, ordered: false, how: '' } : null;
  },
});
const supplies = computed(() => supplyOptions(store.book));
const measures = Object.fromEntries(Object.entries(WATCH_MEASURES).map(([kind, { name }]) => [kind, name]));
const LOOKS = { daily: 'each day', every: 'every few days', closed: 'left closed' };
const lookOf = (stage: Stage): string => stage.look?.kind ?? 'daily';
function setLook(stage: Stage, kind: string | null | undefined): void {
  stage.look = kind === 'every' ? { kind, days: 2 } : { kind: kind === 'closed' ? 'closed' : 'daily' };
}

function submit(): ActResult {
  const result = store.perform([{ type: 'watch/put-observation', observation: draft }]);
  if (result.done && !props.observation)
    void router.push({ name: 'watch', params: { observationId: draft.id } });
  return result;
}
function keepPattern(): void {
  const { title, about, measures: kinds, stages, living, care, closedDays, planB } = draft;
  store.perform([
    {
      type: 'library/put-watch-pattern',
      pattern: {
        id: `pattern-${newId()}`,
        title,
        about,
        measures: kinds,
        stages,
        living,
        care,
        closedDays,
        planB,
      },
    },
  ]);
}
</script>

<template>
  <FormSheet
    :title="observation ? 'Change what is watched' : 'Begin to watch'"
    hint="A stage takes from so many to so many days. What is seen moves all that comes after."
    :live="observation !== undefined"
    :submit="submit"
    :width="760"
    @close="emit('close')"
  >
    <LineField v-model="draft.title" label="What is watched" path="observation.title" />
    <div class="side-by-side">
      <LineField
        v-model="draft.startedOn"
        :label="draft.awaited ? 'May come from' : 'Since, or from a day to come'"
        type="date"
        path="observation.startedOn"
      />
      <ChoiceField v-model="draft.unitId" label="Begun in" path="observation.unitId" :options="units" />
      <LineField v-model="draft.keptIn" label="Where it stands" path="observation.keptIn" empty-is-null />
    </div>
    <SwitchField
      v-model="isAwaited"
      label="It has to come first: ordered, brought or found"
      path="observation.awaited"
    />
    <template v-if="draft.awaited">
      <div class="side-by-side">
        <LineField
          v-model="draft.awaited.until"
          label="At the latest"
          type="date"
          path="observation.awaited.until"
        />
        <LineField
          v-model="draft.awaited.orderBy"
          label="Order by"
          type="date"
          path="observation.awaited.orderBy"
          empty-is-null
        />
      </div>
      <div class="side-by-side">
        <LineField
          v-model="draft.awaited.how"
          label="How: by post, from a beekeeper"
          path="observation.awaited.how"
        />
        <SwitchField
          v-model="draft.awaited.ordered"
          label="It is ordered"
          path="observation.awaited.ordered"
        />
      </div>
    </template>
    <TextField v-model="draft.about" label="About it" path="observation.about" :rows="2" />
    <SwitchField v-model="draft.living" label="It is alive" path="observation.living" />
    <NumberField
      v-if="draft.living"
      v-model="draft.heads"
      label="How many"
      path="observation.heads"
      empty-is-null
    />
    <LineField v-model="draft.care" label="What it needs when it is looked at" path="observation.care" />
    <LineField
      v-model="draft.closedDays"
      label="On closed days: who looks, or how it does without"
      path="observation.closedDays"
    />
    <LineField v-model="draft.planB" label="Plan B, when nothing comes of it" path="observation.planB" />
    <TicksField v-model="draft.measures" label="Measured" path="observation.measures" :options="measures" />
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.stages"
      label="Stages"
      path="observation.stages"
      one="Stage"
      ordered
      :blank="blankStage"
    >
      <LineField v-model="row.name" label="Stage" :path="`${path}.name`" />
      <p v-if="learnedText(row.id)" class="soft">{{ learnedText(row.id) }}</p>
      <LineField v-model="row.sign" label="How one sees that it has begun" :path="`${path}.sign`" />
      <div class="side-by-side">
        <NumberField
          v-model="row.leastDays"
          label="Takes at least"
          suffix="days"
          :path="`${path}.leastDays`"
        />
        <NumberField v-model="row.mostDays" label="At most" suffix="days" :path="`${path}.mostDays`" />
        <ChoiceField
          :model-value="lookOf(row)"
          label="Looked at"
          :path="`${path}.look`"
          :options="LOOKS"
          @update:model-value="setLook(row, $event)"
        />
        <NumberField
          v-if="row.look?.kind === 'every'"
          v-model="row.look.days"
          label="Every"
          suffix="days"
          :path="`${path}.look.days`"
        />
        <ChoiceField
          v-model="row.place"
          label="Takes up"
          none="nothing counted"
          :path="`${path}.place`"
          :options="WAITING_PLACES"
        />
      </div>
      <WordsField
        v-model="row.makes"
        label="What there is from then on: seedlings, crystals"
        :path="`${path}.makes`"
      />
      <SwitchField
        v-model="row.fullHouse"
        label="Its first day wants everyone to be here"
        :path="`${path}.fullHouse`"
      />
      <RowsField
        v-slot="{ row: task, path: taskPath }"
        v-model="row.tasks"
        label="To prepare before it"
        :path="`${path}.tasks`"
        one="Task"
        :blank="() => ({ id: id(), text: '', minutes: 10 as number })"
      >
        <div class="side-by-side">
          <LineField v-model="task.text" label="What is done" :path="`${taskPath}.text`" />
          <NumberField v-model="task.minutes" label="Takes" suffix="minutes" :path="`${taskPath}.minutes`" />
        </div>
      </RowsField>
      <RowsField
        v-slot="{ row: need, path: needPath }"
        v-model="row.supplies"
        label="Needs"
        :path="`${path}.supplies`"
        one="Thing"
        :blank="() => ({ supplyId: '', amount: 1 })"
      >
        <div class="side-by-side">
          <ChoiceField
            v-model="need.supplyId"
            label="Thing"
            :path="`${needPath}.supplyId`"
            :options="supplies"
          />
          <AmountField
            v-model="need.amount"
            label="How much"
            :path="`${needPath}.amount`"
            :unit="store.book.supplies[need.supplyId]?.unit ?? 'piece'"
          />
        </div>
      </RowsField>
    </RowsField>
    <template #acts>
      <v-btn class="is-quiet" @click="keepPattern">Keep these stages for next time</v-btn>
    </template>
  </FormSheet>
</template>
