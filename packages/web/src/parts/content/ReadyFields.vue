<script setup lang="ts">
import { OWNERS, WAITING_PLACES } from '@kobby/core';
import { computed } from 'vue';
import { ChoiceField, LineField, NumberField, RowsField, TicksField, WordsField } from '../fields/index.ts';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { activityOptions, madeWords } from '../../state/options.ts';
import type { ContentInput } from './content.ts';

/** What is made ready before an activity, what has to come before it, and what it makes for others. */
const props = defineProps<{ ownId: string }>();
const content = defineModel<ContentInput>({ required: true });
const store = useBook();
const others = computed(() => activityOptions(store.book).filter((one) => one.value !== props.ownId));
// What the others make is what this one can use.
const made = computed(() => madeWords(store.book));
const blankTask = (): NonNullable<ContentInput['prep']>[number] => ({
  id: newId().slice(0, 10),
  text: '',
  minutes: 10,
  per: 'once',
  owner: 'adult',
  leadHours: 0,
  mostLeadHours: null,
  waitHours: 0,
  waitsIn: null,
  needs: [],
  instead: [],
});
const othersOf = (id: string): Record<string, string> =>
  Object.fromEntries(
    (content.value.prep ?? [])
      .filter((one) => one.id !== id && one.text !== '')
      .map((one) => [one.id, one.text]),
  );
const blankBefore = (): NonNullable<ContentInput['comesAfter']>[number] => ({
  activityId: '',
  leastDays: 0,
  mostDays: null,
});
</script>

<template>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.prep"
    label="To prepare"
    path="content.prep"
    one="Task"
    ordered
    :blank="blankTask"
  >
    <LineField v-model="row.text" label="What is made ready" :path="`${path}.text`" />
    <div class="side-by-side">
      <NumberField v-model="row.minutes" label="Takes" suffix="minutes" :path="`${path}.minutes`" />
      <ChoiceField
        v-model="row.per"
        label="Counted"
        :path="`${path}.per`"
        :options="{ once: 'once', child: 'for each child' }"
      />
      <ChoiceField v-model="row.owner" label="By" :path="`${path}.owner`" :options="OWNERS" />
    </div>
    <div class="side-by-side">
      <NumberField
        v-model="row.leadHours"
        label="At least before"
        suffix="hours"
        :path="`${path}.leadHours`"
      />
      <NumberField
        v-model="row.mostLeadHours"
        label="At most (spoils)"
        suffix="hours"
        :path="`${path}.mostLeadHours`"
        empty-is-null
      />
      <NumberField v-model="row.waitHours" label="Then waits" suffix="hours" :path="`${path}.waitHours`" />
      <ChoiceField
        v-model="row.waitsIn"
        label="In the"
        none="anywhere"
        :path="`${path}.waitsIn`"
        :options="WAITING_PLACES"
      />
    </div>
    <TicksField
      v-if="(content.prep ?? []).length > 1"
      v-model="row.needs"
      label="Needs done before it"
      :path="`${path}.needs`"
      :options="othersOf(row.id)"
    />
    <RowsField
      v-slot="{ row: other, path: otherPath }"
      v-model="row.instead"
      label="Or with less done by the adult"
      :path="`${path}.instead`"
      one="Other way"
      :blank="() => ({ text: '', minutes: 0 as number, laterMinutes: 0 as number })"
    >
      <div class="side-by-side">
        <LineField v-model="other.text" label="What is done instead" :path="`${otherPath}.text`" />
        <NumberField v-model="other.minutes" label="Takes" suffix="minutes" :path="`${otherPath}.minutes`" />
        <NumberField
          v-model="other.laterMinutes"
          label="On the day, more"
          suffix="minutes"
          :path="`${otherPath}.laterMinutes`"
        />
      </div>
    </RowsField>
  </RowsField>
  <RowsField
    v-slot="{ row, path }"
    v-model="content.comesAfter"
    label="Comes after"
    path="content.comesAfter"
    one="Activity before"
    :blank="blankBefore"
  >
    <div class="side-by-side">
      <ChoiceField v-model="row.activityId" label="Activity" :path="`${path}.activityId`" :options="others" />
      <NumberField v-model="row.leastDays" label="At least" suffix="days later" :path="`${path}.leastDays`" />
      <NumberField
        v-model="row.mostDays"
        label="At most"
        suffix="days later"
        :path="`${path}.mostDays`"
        empty-is-null
      />
    </div>
  </RowsField>
  <div class="side-by-side">
    <WordsField v-model="content.makes" label="Makes, for others to use" path="content.makes" />
    <NumberField
      v-if="content.makes?.length"
      v-model="content.makesAfterHours"
      label="Dry, set or frozen after"
      suffix="hours"
      path="content.makesAfterHours"
    />
    <ChoiceField
      v-if="content.makesAfterHours"
      v-model="content.makesWaitsIn"
      label="In the"
      none="anywhere"
      path="content.makesWaitsIn"
      :options="WAITING_PLACES"
    />
  </div>
  <WordsField
    v-model="content.uses"
    label="Uses what others make, or follows a book"
    path="content.uses"
    :known="made"
  />
</template>
