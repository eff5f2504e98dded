import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { rungsSchema } from '../skills/index.ts';
import { allergenIdSchema } from './allergens.ts';
import { partIdSchema } from './home.ts';
import { weekPatternSchema } from './week-pattern.ts';

export const childIdSchema = idOf('children').brand<'ChildId'>();
export type ChildId = z.infer<typeof childIdSchema>;

/** An allergy as the family put it, mapped to a known allergen. Private: never part of what families see. */
export const allergySchema = z.object({ allergen: allergenIdSchema, words: lineSchema });
export type Allergy = z.infer<typeof allergySchema>;

/** What can bring on asthma, as a care plan names it. */
export const ASTHMA_TRIGGERS = ['dust', 'scent', 'smoke', 'sprays', 'fumes'] as const;
export type AsthmaTrigger = (typeof ASTHMA_TRIGGERS)[number];
export const asthmaSchema = z.object({
  /** What the care plan says stays away from the child: a stop. Everything else of the kind asks for care. */
  triggers: z.array(z.enum(ASTHMA_TRIGGERS)).max(ASTHMA_TRIGGERS.length).default([]),
  words: textSchema.default(''),
});

/** What can help a child, by kind. */
export const HELP_KINDS = {
  grip: 'Grip',
  seat: 'Seat',
  sign: 'Sign',
  comfort: 'Comfort',
  'from-home': 'Brought from home',
} as const;
export type HelpKind = keyof typeof HELP_KINDS;
export const helpSchema = z.object({
  kind: z.enum(Object.keys(HELP_KINDS) as [HelpKind, ...HelpKind[]], 'This is not a kind of help'),
  words: lineSchema,
});

const wordsSchema = z.array(lineSchema).max(30, 'At most 30').default([]);

/** A child of the group. */
export const childSchema = z
  .object({
    id: childIdSchema,
    version: versionSchema,
    name: lineSchema,
    /** How the child is shown to assistants: a first name or initials, as the home chooses. */
    shownAs: lineSchema,
    birth: plainDaySchema,
    attendance: weekPatternSchema,
    allergies: z.array(allergySchema).max(20),
    /** Asthma that the family named; null where it named none. */
    asthma: asthmaSchema.nullable().default(null),
    /** Still puts things in the mouth, whatever the age. */
    mouthsThings: z.boolean(),
    /** First day in this home, and last one; null when it always came, or is still coming. */
    startedOn: plainDaySchema.nullable().default(null),
    leftOn: plainDaySchema.nullable().default(null),
    /** Has played at a sensory bin before: whoever has not begins with roomy bins and coarse fillers. */
    knowsBins: z.boolean().default(false),
    rungs: rungsSchema,
    likes: wordsSchema,
    wontTouch: wordsSchema,
    helps: z.array(helpSchema).max(30, 'At most 30').default([]),
    notes: textSchema.default(''),
  })
  .refine((child) => child.startedOn === null || child.leftOn === null || child.startedOn <= child.leftOn, {
    path: ['leftOn'],
    message: 'The last day cannot come before the first',
  });
export type Child = z.infer<typeof childSchema>;

/** What helps a child, as one line for whoever is with it: `Noor: the grey rabbit at rest; seat by the window`; null where nothing is noted. */
export const helpsText = ({ shownAs, helps }: Pick<Child, 'shownAs' | 'helps'>): string | null =>
  helps.length === 0 ? null : `${shownAs}: ${helps.map(({ words }) => words).join('; ')}`;

/** What a child is to the book. */
export const childKind = entityKind({
  schema: childSchema,
  word: 'a child',
  name: ({ name }) => name,
  dropped: 'never',
});

/** A stretch of whole days, first and last included. */
const daysSchema = z.object({
  version: versionSchema,
  childId: childIdSchema,
  from: plainDaySchema,
  to: plainDaySchema,
  /** The parts of the day that it is about; none for the whole day. */
  parts: z.array(partIdSchema).max(8).default([]),
});
const inOrder = (span: { from: string; to: string }): boolean => span.from <= span.to;
const LAST_BEFORE_FIRST = { path: ['to'], message: 'The last day cannot come before the first' };

export const absenceIdSchema = idSchema.brand<'AbsenceId'>();
/** A child is away: on whole days, or for some parts of them. */
export const absenceSchema = daysSchema.extend({ id: absenceIdSchema }).refine(inOrder, LAST_BEFORE_FIRST);
export type Absence = z.infer<typeof absenceSchema>;

/** What an absence is to the book. */
export const absenceKind = entityKind({
  schema: absenceSchema,
  word: 'an absence',
  name: null,
});

export const extraIdSchema = idSchema.brand<'ExtraId'>();
/** A child comes although it usually does not: on whole days, or for some parts of them. */
export const extraSchema = daysSchema.extend({ id: extraIdSchema }).refine(inOrder, LAST_BEFORE_FIRST);
export type Extra = z.infer<typeof extraSchema>;

/** What an extra day is to the book. */
export const extraKind = entityKind({
  schema: extraSchema,
  word: 'an extra day',
  name: null,
});
