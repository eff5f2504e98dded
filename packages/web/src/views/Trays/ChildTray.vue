<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  formatDays,
  listed,
  metBefore,
  nextWays,
  skillName,
  versionReason,
  type Area,
  type TrayPiece,
  type TrayRow,
} from '@kobby/core';
import { computed } from 'vue';
import WriteField from '../../parts/WriteField.vue';
import DropSpot from '../../parts/DropSpot.vue';
import DraftButton from '../../parts/DraftButton.vue';
import ProposedItem from '../../parts/ProposedItem.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import VersionChoices from '../../parts/VersionChoices.vue';
import { useBook } from '../../state/book.ts';
import { useDesk } from '../../state/desk.ts';
import { useProposing } from '../../state/proposing.ts';
import { useReading } from '../../state/unit.ts';

/** What one child gets: in an area, or its bin, its shelf work and what it has not met yet. */
const props = defineProps<{ row: TrayRow; area: Area | null }>();
const emit = defineEmits<{ all: [] }>();
const store = useBook();
const reading = useReading();
const desk = useDesk();
const proposing = useProposing();
const proposed = computed(() => proposing.inBin(props.row.child.id));

const first = computed(() => props.row.child.name.split(' ')[0]!);
const pieces = computed(() => (props.area ? props.row.byArea[props.area] : []));
const daysText = (piece: TrayPiece): string => {
  const { where } = piece.placement;
  if (where.kind === 'day') return `Day ${where.day}`;
  return formatDays([...piece.parts.flatMap(({ days }) => days), ...piece.without].toSorted((a, b) => a - b));
};
const ways = (piece: TrayPiece): string[] => {
  const { frame } = reading.value;
  const times = metBefore(store.book, frame.unit.id, props.row.child, piece.placement);
  return nextWays(store.book, piece.placement, times).map(({ supply, way }) => `${supply.name}: ${way}`);
};
</script>

<template>
  <ShelfCard v-if="area" :title="`${first} · ${area}`" data-test="tray-area">
    <p v-if="pieces.length === 0" class="soft">Nothing is planned in this area while {{ first }} is here.</p>
    <ul>
      <li v-for="piece in pieces" :key="piece.placement.id">
        <button type="button" class="link" @click="desk.open(piece.placement.id)">
          {{ piece.placement.content.title }}
        </button>
        <small>{{ daysText(piece) }}</small>
        <VersionChoices :placement="piece.placement" :row="row" />
      </li>
    </ul>
    <span class="acts">
      <v-btn
        class="is-side"
        size="small"
        :prepend-icon="mdiPlus"
        @click="desk.look({ area, child: row.child })"
      >
        What could fill it
      </v-btn>
      <v-btn class="is-quiet" size="small" @click="emit('all')">All of {{ first }}</v-btn>
    </span>
  </ShelfCard>
  <ShelfCard
    v-else
    :title="`${row.child.name}, ${row.age}`"
    data-test="tray-child"
    :data-spot="`bin:${row.child.id}`"
  >
    <p v-if="row.child.helps.length">Helps: {{ row.child.helps.map(({ words }) => words).join('; ') }}</p>
    <p v-if="row.child.wontTouch.length">Will not touch: {{ row.child.wontTouch.join('; ') }}</p>
    <section>
      <h2>Own bin</h2>
      <ul v-if="row.bin.length">
        <li v-for="piece in row.bin" :key="piece.placement.id">
          <button type="button" class="link" @click="desk.open(piece.placement.id)">
            {{ piece.placement.content.title }}
          </button>
          <small>
            {{ daysText(piece) }} ·
            {{
              piece.placement.content.materials
                .map(({ supplyId }) => store.book.supplies[supplyId]?.name)
                .filter(Boolean)
                .join(', ') || 'no things'
            }}
          </small>
          <small v-for="way in ways(piece)" :key="way">next: {{ way }}</small>
        </li>
      </ul>
      <p v-else class="soft">Nothing of {{ first }}'s own yet.</p>
      <ProposedItem v-for="piece in proposed" :key="piece.spot.key" :piece="piece" large />
      <DropSpot :spot="{ kind: 'bin', childId: row.child.id }" :name="`the bin of ${row.child.name}`" />
      <WriteField :spot="{ kind: 'bin', childId: row.child.id }" :name="`the bin of ${row.child.name}`" />
      <v-btn
        class="is-side"
        size="small"
        :prepend-icon="mdiPlus"
        :aria-label="`Into the bin of ${row.child.name}`"
        @click="desk.pick({ childId: row.child.id })"
      >
        Into the bin
      </v-btn>
      <DraftButton v-if="!row.bin.length" :ask="{ parts: ['bins'], childId: row.child.id }">
        Draft this bin
      </DraftButton>
    </section>
    <section>
      <h2>Shelf work with a version for {{ first }}</h2>
      <ul v-if="row.shelfWork.length">
        <li v-for="piece in row.shelfWork" :key="piece.placement.id">
          <button type="button" class="link" @click="desk.open(piece.placement.id)">
            {{ piece.placement.content.title }}
          </button>
          <small>{{ daysText(piece) }} · {{ versionReason(piece, row) }}</small>
          <small v-for="way in ways(piece)" :key="way">next: {{ way }}</small>
        </li>
      </ul>
      <p v-else class="soft">None.</p>
    </section>
    <section v-if="row.notMet.length || row.emptyAreas.length">
      <h2>Not met yet</h2>
      <p v-if="row.notMet.length">{{ listed(row.notMet.map(skillName)) }}: nothing that fits works on it.</p>
      <p v-if="row.emptyAreas.length">
        Nothing fitting in
        <template v-for="(one, i) in row.emptyAreas" :key="one">
          <template v-if="i"> · </template>
          <button type="button" class="link" @click="desk.look({ area: one, child: row.child })">
            {{ one }}
          </button>
        </template>
      </p>
    </section>
  </ShelfCard>
</template>

<style scoped>
section {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
  align-items: flex-start;
}
section > ul {
  align-self: stretch;
}
h2 {
  margin: 0;
  font: 700 14px var(--display);
}
li {
  padding: var(--gap-2) 0;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
.link {
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  font-weight: 600;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.acts {
  display: flex;
  gap: var(--gap-3);
}
</style>
