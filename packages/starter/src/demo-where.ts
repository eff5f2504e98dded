import type { ChangeInput } from '@kobby/core';

type WhereInput = Extract<ChangeInput, { type: 'unit/place' }>['where'];

/** What stands somewhere in a unit of the demo: `[activity, where, words for its slots]` */
export type Placed = readonly [string, WhereInput, Record<string, string>?];

/** In a corner of a kind, from a numbered day to another. */
export const inCorner = (kind: string, fromDay: number, toDay: number): WhereInput => ({
  kind: 'corner',
  cornerId: `corner-${kind}`,
  fromDay,
  toDay,
});
/** On a numbered day, in a block. */
export const onDay = (day: number, blockId: string): WhereInput => ({ kind: 'day', day, blockId });
/** In the bin of a child. */
export const inBin = (childId: string, fromDay: number, toDay: number): WhereInput => ({
  kind: 'bin',
  childId,
  fromDay,
  toDay,
});
/** Undated. */
export const RESERVE: WhereInput = { kind: 'reserve' };

/** Places such a list in a unit, numbered from 1. */
export const place = (unitId: string, list: readonly Placed[]): ChangeInput[] =>
  list.map(([activityId, where, slots = {}], i) => ({
    type: 'unit/place',
    id: `${unitId}-${i + 1}`,
    unitId,
    activityId,
    where,
    slots,
  }));
