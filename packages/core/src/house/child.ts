import { z } from 'zod';
import { plainDaySchema, type Weekday } from '../calendar/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { allergenIdSchema } from './allergens.ts';
import { partIdSchema, type PartId } from './home.ts';

export const childIdSchema = idSchema.brand<'ChildId'>();
export type ChildId = z.infer<typeof childIdSchema>;

/** An allergy as the family put it, mapped to a known allergen. Private: never part of what families see. */
export const allergySchema = z.object({ allergen: allergenIdSchema, words: lineSchema });
export type Allergy = z.infer<typeof allergySchema>;

/** The parts of the day on which somebody is usually there, a list for each weekday that has any. */
export const weekPatternSchema = z.partialRecord(
  z.enum(['1', '2', '3', '4', '5', '6', '7']),
  z.array(partIdSchema).max(8),
);
export type WeekPattern = z.infer<typeof weekPatternSchema>;

/** The parts of the day that a week pattern gives for a weekday. */
export const partsOn = (pattern: WeekPattern, weekday: Weekday): readonly PartId[] =>
  pattern[String(weekday) as keyof WeekPattern] ?? [];

/** A child of the group. */
export const childSchema = z.object({
  id: childIdSchema,
  version: versionSchema,
  name: lineSchema,
  /** How the child is shown to assistants: a first name or initials, as the home chooses. */
  shownAs: lineSchema,
  birth: plainDaySchema,
  attendance: weekPatternSchema,
  allergies: z.array(allergySchema).max(20),
  /** Still puts things in the mouth, whatever the age. */
  mouthsThings: z.boolean(),
});
export type Child = z.infer<typeof childSchema>;

export const absenceIdSchema = idSchema.brand<'AbsenceId'>();
/** A stretch of whole days, first and last included, on which a child is away. */
export const absenceSchema = z
  .object({
    id: absenceIdSchema,
    version: versionSchema,
    childId: childIdSchema,
    from: plainDaySchema,
    to: plainDaySchema,
  })
  .refine((absence) => absence.from <= absence.to, {
    path: ['to'],
    message: 'The last day cannot come before the first',
  });
export type Absence = z.infer<typeof absenceSchema>;
