<script setup lang="ts">
import {
  CAUTION_LINE,
  CURRENCIES,
  homeOf,
  LENSES,
  STARTING_VALUES,
  WAITING_PLACES,
  weekdayName,
  WEEKDAYS,
  type PrepSlot,
  type StartingValueId,
} from '@kobby/core';
import { computed } from 'vue';
import {
  ChoiceField,
  LineField,
  NumberField,
  provideForm,
  RowsField,
  SwitchField,
  TextField,
  TicksField,
  WordsField,
} from '../../parts/fields/index.ts';
import FoldedCard from '../../parts/FoldedCard.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { copyOf, newId } from '../../state/api.ts';
import { skillOptions } from '../../state/skill-options.ts';
import OwnSkills from './OwnSkills.vue';
import { useBook } from '../../state/book.ts';
import { useDraft } from '../../state/draft.ts';
import { personOptions } from '../../state/options.ts';
import ClosedCard from './ClosedCard.vue';
import RatioCard from './RatioCard.vue';

/** The home's own days and rules. Every field is kept as it is left; what cannot be kept stays where it is, marked. */
const store = useBook();
const home = computed(() => homeOf(store.book));
const draft = useDraft(
  () => home.value,
  () => copyOf(home.value)!,
);

const form = provideForm(keep);
function keep(): void {
  form.took(store.perform([{ type: 'house/put-home', home: draft.value }]));
}

const weekdays = Object.fromEntries(WEEKDAYS.map((day) => [String(day), weekdayName(day)]));
const working = computed({
  get: () => draft.value.workingWeekdays.map(String),
  set: (days) => {
    draft.value.workingWeekdays = WEEKDAYS.filter((day) => days.includes(String(day)));
  },
});
const people = computed(() => personOptions(store.book));
const lenses = Object.fromEntries(Object.entries(LENSES).map(([id, { name }]) => [id, name]));
const currencies = Object.fromEntries(Object.keys(CURRENCIES).map((id) => [id, id]));
const skills = computed(() => skillOptions(store.book));
const blankSlot = (): PrepSlot => ({
  id: slug(),
  name: '',
  start: '13:00' as PrepSlot['start'],
  minutes: Object.fromEntries(draft.value.workingWeekdays.map((day) => [String(day), 30])),
  personId: null,
});
const slug = (): string => newId().slice(0, 12);
const values = Object.entries(STARTING_VALUES) as [
  StartingValueId,
  (typeof STARTING_VALUES)[StartingValueId],
][];
function setValue(id: StartingValueId, value: number | null | undefined): void {
  const { [id]: _, ...rest } = draft.value.values;
  draft.value.values = value === null || value === undefined ? rest : { ...rest, [id]: value };
}
// What each folded card is now, in a line.
const NOTHING = 'nothing yet';
const said = computed(() => {
  const { units, currency, pictures, lens, values: own, ...now } = draft.value;
  const names = (list: readonly { readonly name: string }[]): string =>
    list.map(({ name }) => name).join(', ') || NOTHING;
  const ownValues = Object.keys(own).length;
  return {
    parts: now.parts.map(({ name, from, to }) => `${name} ${from} to ${to}`).join(', ') || NOTHING,
    blocks: now.blocks.map(({ name, start }) => `${start} ${name}`).join(', ') || NOTHING,
    numbers:
      [now.emergencyNumber, now.poisonCentreNumber, now.tapC === null ? null : `tap ${now.tapC} °C`]
        .filter(Boolean)
        .join(' · ') || NOTHING,
    shown: [
      units === 'us' ? 'US units' : 'Metric',
      currency,
      pictures === 'any' ? 'any pictures' : 'realistic pictures',
      LENSES[lens].name,
    ].join(' · '),
    ready: `${names(now.prepSlots)}; things wait: ${names(now.waitingPlaces)}`,
    room: [now.binRule, now.collectRule].filter(Boolean).join(' · ') || NOTHING,
    values: ownValues === 0 ? 'all as Kobby has them' : `${ownValues} of your own`,
  };
});
const minutesOf = (slot: (typeof draft.value.prepSlots)[number], day: number) =>
  slot.minutes[String(day) as keyof typeof slot.minutes] ?? null;
function setMinutes(
  slot: (typeof draft.value.prepSlots)[number],
  day: number,
  value: number | null | undefined,
) {
  const { [String(day) as '1']: _, ...rest } = slot.minutes;
  slot.minutes = value === null || value === undefined ? rest : { ...rest, [String(day)]: value as never };
}
</script>

<template>
  <form novalidate @submit.prevent @change="form.settle()">
    <PageBar title="Days and rules" hint="entered once; every unit follows" />
    <p v-for="message in form.unclaimed.value" :key="message" class="wrong" role="alert">{{ message }}</p>
    <div class="cards">
      <ShelfCard title="The week">
        <div class="side-by-side">
          <LineField v-model="draft.name" label="Name of the home" path="name" />
          <LineField v-model="draft.zone" label="Time zone" path="zone" />
        </div>
        <TicksField v-model="working" label="Working days" path="workingWeekdays" :options="weekdays" />
        <FoldedCard plain title="Parts of the day" :value="said.parts">
          <RowsField
            v-slot="{ row, path }"
            v-model="draft.parts"
            label="Parts of the day"
            path="parts"
            one="Part"
            ordered
            :blank="() => ({ id: slug() as never, name: '', from: '15:30' as never, to: '17:30' as never })"
          >
            <div class="side-by-side">
              <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
              <LineField v-model="row.from" label="From" type="time" :path="`${path}.from`" />
              <LineField v-model="row.to" label="To" type="time" :path="`${path}.to`" />
            </div>
          </RowsField>
        </FoldedCard>
        <FoldedCard plain title="Blocks of the day" :value="said.blocks">
          <RowsField
            v-slot="{ row, path }"
            v-model="draft.blocks"
            label="Blocks of the day"
            path="blocks"
            one="Block"
            ordered
            :blank="
              () => ({
                id: slug() as never,
                name: '',
                start: '10:00' as never,
                minutes: 30 as never,
                isCircle: false,
              })
            "
          >
            <div class="side-by-side">
              <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
              <LineField v-model="row.start" label="Starts" type="time" :path="`${path}.start`" />
              <NumberField v-model="row.minutes" label="Minutes" :path="`${path}.minutes`" />
              <SwitchField v-model="row.isCircle" label="This is circle time" :path="`${path}.isCircle`" />
            </div>
          </RowsField>
        </FoldedCard>
      </ShelfCard>
      <div class="stack">
        <ClosedCard />
        <FoldedCard title="Numbers to call, and the tap" :value="said.numbers">
          <div class="side-by-side">
            <LineField
              v-model="draft.emergencyNumber"
              label="Emergency"
              path="emergencyNumber"
              empty-is-null
            />
            <LineField
              v-model="draft.poisonCentreNumber"
              label="Poison centre"
              path="poisonCentreNumber"
              empty-is-null
            />
            <NumberField
              v-model="draft.tapC"
              label="Hot tap, measured"
              suffix="°C"
              path="tapC"
              empty-is-null
            />
          </div>
        </FoldedCard>
        <FoldedCard title="How things are shown" :value="said.shown">
          <div class="side-by-side">
            <ChoiceField
              v-model="draft.units"
              label="Units"
              path="units"
              :options="{ metric: 'Metric', us: 'US' }"
            />
            <ChoiceField v-model="draft.currency" label="Currency" path="currency" :options="currencies" />
            <ChoiceField
              v-model="draft.pictures"
              label="Pictures"
              path="pictures"
              :options="{ any: 'Any kind', realistic: 'Realistic only' }"
            />
          </div>
          <ChoiceField v-model="draft.lens" label="Look at balance" path="lens" :options="lenses" />
          <RowsField
            v-slot="{ row, path }"
            v-model="draft.ownHeadings"
            label="Headings of your own"
            path="ownHeadings"
            one="Heading"
            :blank="() => ({ id: slug(), name: '', skills: [] })"
          >
            <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
            <WordsField
              v-model="row.skills"
              label="Skills that count for it"
              :path="`${path}.skills`"
              :options="skills"
            />
          </RowsField>
          <OwnSkills v-model="draft.ownSkills" />
        </FoldedCard>
      </div>
      <RatioCard v-model="draft.ratio" />
      <FoldedCard title="Making ready" :value="said.ready">
        <RowsField
          v-slot="{ row, path }"
          v-model="draft.prepSlots"
          label="Time for making ready"
          path="prepSlots"
          one="Time"
          :blank="blankSlot"
        >
          <div class="side-by-side">
            <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
            <LineField v-model="row.start" label="Starts" type="time" :path="`${path}.start`" />
            <ChoiceField
              v-model="row.personId"
              label="Whose"
              none="whoever is there"
              :path="`${path}.personId`"
              :options="people"
            />
          </div>
          <div class="week">
            <NumberField
              v-for="day in WEEKDAYS"
              :key="day"
              :model-value="minutesOf(row, day)"
              :label="weekdayName(day).slice(0, 3)"
              :path="`${path}.minutes.${day}`"
              empty-is-null
              @update:model-value="setMinutes(row, day, $event)"
            />
          </div>
        </RowsField>
        <RowsField
          v-slot="{ row, path }"
          v-model="draft.waitingPlaces"
          label="Places where things wait"
          path="waitingPlaces"
          one="Place"
          :blank="() => ({ id: slug(), name: '', kind: 'shelf' as const, holds: 4 })"
        >
          <div class="side-by-side">
            <LineField v-model="row.name" label="Name" :path="`${path}.name`" />
            <ChoiceField v-model="row.kind" label="Kind" :path="`${path}.kind`" :options="WAITING_PLACES" />
            <NumberField v-model="row.holds" label="Holds" :path="`${path}.holds`" />
          </div>
        </RowsField>
      </FoldedCard>
      <FoldedCard title="Rules of the room" :value="said.room">
        <TextField v-model="draft.binRule" label="When filler leaves a bin" path="binRule" />
        <TextField
          v-model="draft.collectRule"
          label="When something is collected outdoors"
          path="collectRule"
        />
        <RowsField
          v-slot="{ row, path }"
          v-model="draft.recordedLimits"
          label="Recorded music and clips, at most"
          path="recordedLimits"
          one="Limit"
          :blank="() => ({ underMonths: null, minutes: 20 as never })"
        >
          <div class="side-by-side">
            <NumberField v-model="row.minutes" label="Minutes a day" :path="`${path}.minutes`" />
            <NumberField
              v-model="row.underMonths"
              label="Only under (empty: for all)"
              suffix="months"
              :path="`${path}.underMonths`"
              empty-is-null
            />
          </div>
        </RowsField>
      </FoldedCard>
      <FoldedCard title="Starting values" :value="said.values">
        <p class="soft">What Kobby counts with. Empty is its own value, shown behind.</p>
        <div v-for="[id, value] in values" :key="id" class="value">
          <NumberField
            :model-value="draft.values[id] ?? null"
            :label="value.name"
            :suffix="`${value.unit} (${value.value})`"
            :path="`values.${id}`"
            empty-is-null
            @update:model-value="setValue(id, $event)"
          />
        </div>
      </FoldedCard>
    </div>
    <p class="line soft">{{ CAUTION_LINE }}</p>
  </form>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: var(--gap-5) var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
.week {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: var(--gap-2);
}
.week :deep(.v-field__input) {
  padding-inline: var(--gap-3);
}
.week :deep(.v-field-label) {
  margin-inline-start: var(--gap-3);
}
.line {
  margin-top: calc(2 * var(--gap-4));
  font-size: 12.5px;
}
</style>
