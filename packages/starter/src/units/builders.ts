import type { ChangeInput, CornerKind } from '@kobby/core';

export type ReadyInput = Extract<ChangeInput, { type: 'library/put-ready-unit' }>['readyUnit'];
type Placed = NonNullable<ReadyInput['placements']>[number];
type ThingInput = NonNullable<ReadyInput['things']>[number];

/** An activity of the starter library in a corner of a kind, from one day to another, with words for its slots. */
export const stands = (
  activityId: string,
  cornerKind: CornerKind,
  fromDay: number,
  toDay: number,
  slots: Placed['slots'] = {},
): Placed => ({ activityId, where: { kind: 'corner', cornerKind, fromDay, toDay }, slots });

export const on = (day: number, activityId: string, slots: Placed['slots'] = {}): Placed => ({
  activityId,
  where: { kind: 'day', day },
  slots,
});

export const spare = (activityId: string): Placed => ({ activityId, where: { kind: 'reserve' } });

/** Words for a pattern about several things, and about one of them. */
export const many = (things: string, thing: string) => ({ things, thing });

/** `[name, kind, colour, its place in the order, what goes with it, size in millimetres, first sound, parts]` */
type ThingLine = readonly [string, string, string, number, string | null, number, string, ...string[]];
export const members = (...lines: readonly ThingLine[]): ThingInput[] =>
  lines.map(([name, kind, colour, rank, pair, sizeMm, firstSound, ...parts]) => ({
    name,
    kind,
    colour,
    rank,
    pair,
    sizeMm,
    firstSound,
    parts,
  }));
