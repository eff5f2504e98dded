import { z } from 'zod';
import type { Weekday } from '../calendar/index.ts';
import { partIdSchema, weekdayKeySchema, type PartId } from './home.ts';

/** The parts of the day on which somebody is usually there, a list for each weekday that has any. */
export const weekPatternSchema = z.partialRecord(weekdayKeySchema, z.array(partIdSchema).max(8));
export type WeekPattern = z.infer<typeof weekPatternSchema>;

/** The parts of the day that a week pattern gives for a weekday. */
export const partsOn = (pattern: WeekPattern, weekday: Weekday): readonly PartId[] =>
  pattern[String(weekday) as keyof WeekPattern] ?? [];
