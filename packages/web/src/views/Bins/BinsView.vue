<script setup lang="ts">
import {
  ageInMonths,
  fillableTubs,
  fillerChoices,
  formatAge,
  formatDay,
  homeOf,
  placementAt,
  read,
  sessionsOf,
  valueIn,
  type BinFill,
  type Child,
  type FillerChoice,
  type Inside,
  type SupplyId,
} from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ChoiceField, NumberField, provideForm } from '../../parts/fields/index.ts';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useHere } from '../../state/here.ts';
import FillerRow from './FillerRow.vue';
import FillingCard from './FillingCard.vue';
import TubPicture from './TubPicture.vue';
import { OWN_TUB, withOwnTub } from './own-tub.ts';

/** The bin designer: a tub, how deep, and which filler suits who will be there. */
const store = useBook();
const route = useRoute();
const router = useRouter();
provideForm(() => undefined);
const home = computed(() => homeOf(store.book));

// Designed for something that is placed, or for whoever is here today.
const placement = computed(() => placementAt(store.book, String(route.query.placement)));
const reading = computed(() =>
  placement.value ? read(store.book, placement.value.unitId, store.today!) : null,
);
const here = useHere();
const there = computed((): { children: readonly Child[]; day: typeof store.today } => {
  if (placement.value && reading.value) {
    const sessions = sessionsOf(placement.value, reading.value.frame).filter(
      ({ day }) => day.date >= store.today!,
    );
    const children = [...new Set(sessions.flatMap(({ seats }) => seats.map(({ child }) => child)))];
    if (sessions[0]) return { children, day: sessions[0].day.date };
  }
  return { children: here.value, day: store.today };
});

const measured = computed(() => fillableTubs(store.book.supplies));
const tubId = ref<string>(placement.value?.bin?.tubId ?? measured.value[0]?.id ?? OWN_TUB);
const own = ref<Inside>({ kind: 'box', lengthMm: 400, widthMm: 300, heightMm: 150 });
const depthPercent = ref(placement.value?.bin?.depthPercent ?? valueIn(home.value, 'fillerDepthPercent'));
const fillerId = ref<string | null>(placement.value?.bin?.fillerId ?? null);
const supplies = computed(() => withOwnTub(store.book.supplies, own.value));
const tub = computed(() => supplies.value[tubId.value as SupplyId]);
const options = computed(() => [
  ...measured.value.map(({ id, name }) => ({ title: name, value: id as string })),
  { title: 'Another one, by its size', value: OWN_TUB },
]);
const isDepthFine = computed(() => depthPercent.value > 0 && depthPercent.value <= 100);

const choices = computed(() =>
  tub.value?.inside && isDepthFine.value
    ? fillerChoices(
        { ...store.book, supplies: supplies.value },
        { tubId: tubId.value as SupplyId, depthPercent: depthPercent.value },
        { children: there.value.children, day: there.value.day! },
      )
    : [],
);
const chosen = computed(
  (): FillerChoice | null =>
    choices.value.find(({ filler }) => filler.id === fillerId.value) ?? choices.value[0] ?? null,
);
watch(chosen, (now) => (fillerId.value = now?.filler.id ?? null), { immediate: true });

const who = computed(() =>
  there.value.children
    .map((child) => `${child.shownAs}, ${formatAge(ageInMonths(child.birth, there.value.day!))}`)
    .join(' · '),
);
const hint = computed(() =>
  placement.value
    ? `for ${placement.value.content.title}`
    : `for everyone who is here today, ${formatDay(store.today!)}`,
);
const setSide = (side: string, value: number | null | undefined): void => {
  own.value = { ...own.value, [side]: value ?? Number.NaN } as Inside;
};

function fill(): void {
  if (!placement.value || !chosen.value || tubId.value === OWN_TUB) return;
  const bin: BinFill = {
    tubId: tubId.value as SupplyId,
    fillerId: chosen.value.filler.id,
    depthPercent: depthPercent.value,
  };
  const { unitId, id } = placement.value;
  const done = store.perform([{ type: 'unit/fill-bin', placementId: id, bin }]).done;
  if (done) void router.push({ name: 'corners', params: { unitId } });
}
</script>

<template>
  <PageBar title="Bins" :hint="hint">
    <v-btn
      v-if="placement"
      class="is-main"
      :disabled="!chosen || tubId === OWN_TUB || !isDepthFine"
      data-test="fill-bin"
      @click="fill"
    >
      Fill {{ placement.content.title }}
    </v-btn>
  </PageBar>
  <div class="bins">
    <div class="stack">
      <ShelfCard title="The tub">
        <ChoiceField v-model="tubId" label="Which" path="tubId" :options="options" />
        <div v-if="tubId === OWN_TUB" class="side-by-side">
          <NumberField
            v-for="[side, label] in [
              ['lengthMm', 'Long'],
              ['widthMm', 'Wide'],
              ['heightMm', 'Deep'],
            ] as const"
            :key="side"
            :model-value="(own as unknown as Record<string, number>)[side]"
            :label="label"
            suffix="mm"
            :path="`own.${side}`"
            @update:model-value="setSide(side, $event)"
          />
        </div>
        <div class="depth">
          <label for="depth">Filled</label>
          <input
            id="depth"
            v-model.number="depthPercent"
            type="range"
            min="5"
            max="100"
            step="1"
            name="depth"
          />
          <b class="figures">{{ depthPercent }} %</b>
        </div>
        <p class="soft">
          Usual: {{ valueIn(home, 'fillerDepthPercent') }} % of the depth. Yours can be set under Days and
          rules.
        </p>
        <TubPicture v-if="chosen" :filling="chosen.filling" :units="home.units" />
      </ShelfCard>
      <FillingCard v-if="chosen" :choice="chosen" :placement="placement" />
    </div>
    <ShelfCard :title="`Fillers · ${choices.length}`" label="Fillers">
      <p class="soft">{{ who }}</p>
      <p v-if="choices.length === 0" class="soft">
        Nothing in the cupboard is a filler yet, or the tub has no size.
      </p>
      <ul aria-label="Filler">
        <FillerRow
          v-for="choice in choices"
          :key="choice.filler.id"
          :choice="choice"
          :units="home.units"
          :on="choice === chosen"
          @choose="fillerId = choice.filler.id"
        />
      </ul>
      <p class="soft">
        From easy to demanding: roomy before small, coarse and clinging before fine and pourable, play before
        tasks. Where a filler does not work yet, water is the way round.
      </p>
    </ShelfCard>
  </div>
</template>

<style scoped>
.bins {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
.depth {
  display: flex;
  gap: var(--gap-4);
  align-items: center;
}
.depth input {
  flex: 1;
  min-height: 32px;
  accent-color: var(--plum);
}
.depth b {
  min-width: 56px;
  font: 700 17px var(--display);
  text-align: right;
}
@media (max-width: 900px) {
  .bins {
    grid-template-columns: minmax(0, 1fr);
  }
  .depth input {
    min-height: var(--touch);
  }
}
</style>
