<script setup lang="ts">
import {
  concerns,
  aboutDuration,
  mattersOf,
  pagesOfMatter,
  type CircleRun,
  type DayRecord,
  type Readiness,
  type Share,
  type TrayRow,
  type Unit,
  type UnitId,
  type UnitPage,
} from '@kobby/core';
import { computed } from 'vue';
import DrawerChest, { type Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { UNIT_PAGES } from '../../state/places.ts';
import { useReading } from '../../state/unit.ts';

/** The pages of a unit. */
const props = defineProps<{ unitId: UnitId }>();

const store = useBook();
const reading = useReading();

function readyText({ entries }: Readiness, unitId: UnitId, isPlanned: boolean): string {
  if (!isPlanned) return 'nothing planned yet';
  const left = entries.filter(
    ({ task, state }) => concerns(task, unitId) && (state === 'laid' || state === 'unplaced'),
  );
  const minutes = left.reduce((sum, { task }) => sum + task.minutes, 0);
  return left.length === 0
    ? 'all is ready'
    : `${left.length} left · ${aboutDuration(minutes).replaceAll(' ', '\u00a0')}`;
}

function circleText(runs: readonly CircleRun[]): string {
  const lengths = runs.filter(({ moment }) => moment === 'in').map(({ seconds }) => Math.round(seconds / 60));
  if (lengths.length === 0) return 'nothing planned yet';
  const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
  return `${lengths.length === 1 ? '1 circle' : `${lengths.length} circles`} · ${least === most ? most : `${least} to ${most}`} min`;
}

const dayText = (count: number): string => (count === 1 ? '1 day' : `${count} days`);

function sparkText({ start, featured }: Unit, days: number): string {
  const letter = featured.find(({ kind }) => kind === 'letter');
  const span = start === null ? 'an idea' : dayText(days);
  return letter ? `${span} · letter ${letter.value}` : span;
}
// Whoever comes and finds something in every area has a full row.
function traysText(rows: readonly TrayRow[]): string {
  if (rows.length === 0) return 'nobody comes';
  const gaps = rows.reduce((sum, { emptyAreas }) => sum + emptyAreas.length, 0);
  return gaps === 0 ? `${rows.length} children, no gap` : `${rows.length} children · ${gaps} gaps`;
}

function linksText(shares: readonly Share[], unitId: UnitId): string {
  const out = shares.filter((share) => share.unitId === unitId && !share.revokedAt).length;
  return out === 1 ? '1 link out' : `${out} links out`;
}

function toldText(records: readonly DayRecord[], unitId: UnitId): string {
  const told = records.filter((record) => record.unitId === unitId).length;
  return told === 0 ? 'nothing told yet' : `${told} told`;
}

// What each page has to point out, as its own list tells it.
const alertOn = computed(() => {
  const { headsUps, placements } = reading.value;
  const matters = mattersOf(headsUps.filter(({ kept }) => !kept));
  const standing = new Map(placements.map((one) => [one.id, one]));
  return (page: UnitPage) => {
    const those = matters.filter((matter) => pagesOfMatter(matter, standing).has(page));
    return { warns: those.some(({ level }) => level === 'stop'), count: those.length };
  };
});

const drawers = computed((): Drawer[] => {
  const { frame, shelf, placements, supplies, trays, ready, circles } = reading.value;
  const filled = shelf.filter((cubby) => cubby.setUps.length > 0).length;
  const onDays = placements.filter(({ where }) => where.kind === 'day');
  const plannedDays = new Set(onDays.map(({ where }) => (where.kind === 'day' ? where.day : 0))).size;
  const toBuy = supplies.filter((line) => line.buy.amount > 0).length;
  const drawer = (page: keyof typeof UNIT_PAGES, figure: string, alert: UnitPage | null): Drawer => ({
    to: { name: page, params: { unitId: props.unitId } },
    name: UNIT_PAGES[page].name,
    figure,
    ...(alert && alertOn.value(alert)),
  });
  const own = (page: UnitPage, figure: string): Drawer => drawer(page, figure, page);
  return [
    own('spark', sparkText(frame.unit, frame.calendar.days.length)),
    own('corners', `${filled} of ${shelf.length} filled`),
    own(
      'days',
      onDays.length === 0 ? 'nothing planned yet' : `${onDays.length} planned on ${dayText(plannedDays)}`,
    ),
    own('circle', circleText(circles.runs)),
    own('trays', traysText(trays)),
    own(
      'gather',
      supplies.length === 0 ? 'nothing needed yet' : `${toBuy} to buy · ${supplies.length - toBuy} here`,
    ),
    own('ready', readyText(ready, props.unitId, placements.length > 0)),
    drawer('hand-over', linksText(Object.values(store.book.shares), props.unitId), null),
    drawer('look-back', toldText(Object.values(store.book.records), props.unitId), null),
  ];
});
</script>

<template>
  <DrawerChest label="Pages of this unit" :drawers="drawers" />
</template>
