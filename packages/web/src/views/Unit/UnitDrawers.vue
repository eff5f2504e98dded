<script setup lang="ts">
import {
  concerns,
  aboutDuration,
  placementsOf,
  type CircleRun,
  type Finding,
  type Readiness,
  type TrayRow,
  type Unit,
  type UnitId,
} from '@kobby/core';
import { computed } from 'vue';
import DrawerChest, { type Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** The pages of a unit. */
const props = defineProps<{ unitId: UnitId }>();

const store = useBook();
const reading = useReading();

const TRAY_RULES: ReadonlySet<string> = new Set(['left-out', 'only-watching', 'out-of-reach']);

const READY_RULES: ReadonlySet<string> = new Set(['late', 'place-full', 'spoils', 'no-prep-time']);

function readyText({ entries }: Readiness, unitId: UnitId): string {
  const left = entries.filter(
    ({ task, state }) => concerns(task, unitId) && (state === 'laid' || state === 'unplaced'),
  );
  const minutes = left.reduce((sum, { task }) => sum + task.minutes, 0);
  return left.length === 0 ? 'all is ready' : `${left.length} left · ${aboutDuration(minutes)}`;
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

const drawers = computed((): Drawer[] => {
  const { frame, shelf, placements, supplies, headsUps, trays, ready, circles } = reading.value;
  const filled = shelf.filter((cubby) => cubby.setUps.length > 0).length;
  const onDays = placements.filter(({ where }) => where.kind === 'day');
  const plannedDays = new Set(onDays.map(({ where }) => (where.kind === 'day' ? where.day : 0))).size;
  const toBuy = supplies.filter((line) => line.buy.amount > 0).length;
  const links = Object.values(store.book.shares).filter(
    (s) => s.unitId === props.unitId && !s.revokedAt,
  ).length;
  const open = headsUps.filter(({ kept }) => !kept);
  const dayIds = new Set<string>(onDays.map(({ id }) => id));
  const alertFor = (isThere: (finding: Finding) => boolean) => {
    const those = open.filter(isThere);
    return { warns: those.some(({ level }) => level === 'stop'), count: those.length };
  };
  const inCorners = alertFor(({ cornerIds }) => cornerIds.length > 0);
  const onDaysToo = alertFor(
    (finding) => placementsOf(finding).some((id) => dayIds.has(id)) || finding.days.length === 1,
  );
  const onTrays = alertFor(({ rule }) => TRAY_RULES.has(rule));
  const onCircle = alertFor(({ pieceIds }) => pieceIds !== undefined && pieceIds.length > 0);
  const late = alertFor(({ rule }) => READY_RULES.has(rule));
  const to = (name: string) => ({ name, params: { unitId: props.unitId } });
  return [
    { to: to('spark'), name: 'Spark', figure: sparkText(frame.unit, frame.calendar.days.length) },
    { to: to('corners'), name: 'Corners', figure: `${filled} of ${shelf.length} filled`, ...inCorners },
    {
      to: to('days'),
      name: 'Days',
      figure:
        onDays.length === 0 ? 'nothing planned yet' : `${onDays.length} planned on ${dayText(plannedDays)}`,
      ...onDaysToo,
    },
    { to: to('circle'), name: 'Circle', figure: circleText(circles.runs), ...onCircle },
    {
      to: to('trays'),
      name: 'Trays',
      figure: traysText(trays),
      ...onTrays,
    },
    {
      to: to('gather'),
      name: 'Gather',
      figure: `${toBuy} to buy · ${supplies.length - toBuy} here`,
    },
    { to: to('ready'), name: 'Make ready', figure: readyText(ready, props.unitId), ...late },
    {
      to: to('hand-over'),
      name: 'Hand over',
      figure: links === 1 ? '1 link out' : `${links} links out`,
    },
  ];
});
</script>

<template>
  <DrawerChest label="Pages of this unit" :drawers="drawers" />
</template>
