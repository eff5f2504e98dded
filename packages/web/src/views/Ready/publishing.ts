import type { ChangeInput, Readiness } from '@kobby/core';

/** The changes that show people a schedule, one for each unit; `laid` takes the place of how it is laid now. */
export function publishing(ready: Readiness, laid: readonly (number | null)[] = ready.laid): ChangeInput[] {
  const slotOf = new Map(ready.taskIds.map((id, t) => [id, laid[t] ?? null]));
  const byUnit = new Map<string, { taskId: string; slotId: string }[]>();
  for (const { task } of ready.entries) {
    const entries = byUnit.get(task.unit.id) ?? [];
    byUnit.set(task.unit.id, entries);
    const slot = slotOf.get(task.id);
    if (slot !== null && slot !== undefined)
      entries.push({ taskId: task.id, slotId: ready.problem.slots[slot]!.id });
  }
  return [...byUnit].map(([unitId, entries]) => ({ type: 'ready/publish', plan: { unitId, entries } }));
}
