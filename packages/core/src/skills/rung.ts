import { z } from 'zod';
import { areaOf, areaSchema, skillIdSchema, type Area, type SkillId } from './skills.ts';

/** How far a child has come with a skill or in an area, as the provider noted it. */
export const RUNGS = {
  'not-met': 'not met',
  met: 'met',
  practising: 'practising',
  sure: 'sure',
} as const;
export type Rung = keyof typeof RUNGS;
export const rungSchema = z.enum(
  Object.keys(RUNGS) as [Rung, ...Rung[]],
  'A rung is not met, met, practising or sure',
);

/** Rungs noted for a child, by skill or by area; where nothing is noted, age decides. */
export const rungsSchema = z.partialRecord(z.union([skillIdSchema, areaSchema]), rungSchema).default({});
export type Rungs = Readonly<Partial<Record<SkillId | Area, Rung>>>;

// Between the ends a child does what the age says.
const DIRECTION_OF: Readonly<Record<Rung, -1 | 0 | 1>> = { 'not-met': -1, met: 0, practising: 0, sure: 1 };

/** What was noted for a skill, else for its area; null when nothing was. */
export const rungOf = (rungs: Rungs, skill: SkillId): Rung | null =>
  rungs[skill] ?? rungs[areaOf(skill)] ?? null;

/**
 * Months to add to a child's age for a skill: fewer where it is not met yet, more where the child is sure.
 * `months` is the home's value for one step of readiness.
 */
export function readinessShift(rungs: Rungs, skill: SkillId, months: number): number {
  const rung = rungOf(rungs, skill);
  return rung === null ? 0 : DIRECTION_OF[rung] * months;
}
