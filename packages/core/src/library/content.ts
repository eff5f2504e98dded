import { z } from 'zod';
import { minutesSchema, SEASONS } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { cornerKindSchema, waitingPlaceKindSchema } from '../house/index.ts';
import { idOf } from '../kind/index.ts';
import { amountSchema, idSchema, lineSchema, pictureSchema, textSchema } from '../measure/index.ts';
import { processSchema } from './process.ts';
import { thingRoleSchema } from './role.ts';
import { plannedTestSchema } from './test.ts';
import { headingKeySchema, rungSchema, skillIdSchema } from '../skills/index.ts';

/** How an activity is run, and what that means in the room. */
export const ACTIVITY_MODES = {
  'open-corner': { name: 'Open corner', hint: 'a set-up that stays out' },
  'whole-group': { name: 'Whole group', hint: 'one thing for everyone' },
  'small-group': { name: 'Small group', hint: 'a few at a time' },
  'shelf-work': { name: 'Shelf work', hint: 'set out for all, meant for one or two' },
  bin: { name: 'Bin of a child', hint: 'sheets and pieces in the bin of one child' },
  reserve: { name: 'Reserve', hint: 'undated, pulled out at any time' },
} as const;
export type ActivityMode = keyof typeof ACTIVITY_MODES;
export const activityModeSchema = z.enum(
  Object.keys(ACTIVITY_MODES) as [ActivityMode, ...ActivityMode[]],
  'This is not a way to run an activity',
);

/** The highest limit of an age range, in completed months. */
export const MAX_AGE_MONTHS = 144;

const monthsSchema = z
  .int('Whole months are needed here')
  .min(0, 'This cannot be below zero')
  .max(MAX_AGE_MONTHS, `At most ${MAX_AGE_MONTHS} months`);

export const versionIdSchema = idSchema.brand<'VersionId'>();
export type VersionId = z.infer<typeof versionIdSchema>;

/** One version of an activity: for whom, what the child does, and what the adult says. */
export const activityVersionSchema = z
  .object({
    id: versionIdSchema,
    /** First age it is for, in completed months. */
    fromMonths: monthsSchema,
    /** First age it is no longer for; null when it has no upper end. */
    untilMonths: monthsSchema.nullable(),
    /** Made for children on this rung of the main skill, whatever their age; null when age decides. */
    rung: rungSchema.nullable().default(null),
    does: textSchema.min(1, 'Say what the child does'),
    /** What changes against the other versions: fewer pieces, another tool, help with a step. */
    changes: textSchema.default(''),
    /** Questions to ask. */
    say: textSchema,
    /** A new word and, after a colon, what it means at this level. */
    word: textSchema.default(''),
    sign: textSchema.default(''),
    /** A true fact that is often got wrong. */
    fact: textSchema.default(''),
  })
  .refine((v) => v.untilMonths === null || v.fromMonths < v.untilMonths, {
    path: ['untilMonths'],
    message: 'The upper end lies above the lower one',
  });
export type ActivityVersion = z.infer<typeof activityVersionSchema>;

/**
 * How often an amount is needed: for each child, each group of so many, each adult, once for all, or each time
 * it is run.
 */
export const amountForSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('child') }),
  z.object({
    kind: z.literal('group-of'),
    size: z.int('A whole number is needed here').min(2, 'A group is two or more').max(30, 'At most 30'),
  }),
  z.object({ kind: z.literal('adult') }),
  z.object({ kind: z.literal('all') }),
  z.object({ kind: z.literal('run') }),
]);
export type AmountFor = z.infer<typeof amountForSchema>;

/** What multiplies an amount: nothing, or what the content itself asks for. */
export const CONTENT_COUNTS = {
  once: 'as it is',
  'featured-number': 'times the featured number',
  'one-to-n': 'times 1 + 2 + … + the featured number',
  'letters-of-name': "times the letters of each child's name",
  'letters-of-words': "times the letters of the unit's words",
  things: "for each of the theme's things",
  pairs: "for each pair of the theme's things",
  kinds: "for each kind of the theme's things",
  stages: "for each of the theme's things in their order",
  'letters-of-things': "times the letters of the theme's things",
  tries: 'for each try of its test',
} as const;
export type ContentCount = keyof typeof CONTENT_COUNTS;

export const sparePolicySchema = z.enum(['none', 'for-breakage'], 'Spares are none, or for what breaks');

/** One thing that an activity needs. */
export const materialSchema = z.object({
  supplyId: supplyIdSchema,
  /** In the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  for: amountForSchema,
  times: z
    .enum(Object.keys(CONTENT_COUNTS) as [ContentCount, ...ContentCount[]], 'This is not a way to count')
    .default('once'),
  /** Whether a consumable is needed again on each day that the activity is out, or once for its whole span. */
  every: z.enum(['day', 'span'], 'An amount is needed every day or once for the span'),
  /** `for-breakage`: one more for every so many begun, by the home's value. Default: none. */
  spare: sparePolicySchema,
  /** The versions that need it; none for all of them. */
  versionIds: z.array(versionIdSchema).max(8).default([]),
  /** Comes along in case something spills. */
  spill: z.boolean().default(false),
  /** Used only to make it ready, while no child is in the room: a glue gun at nap time. */
  onlyPrep: z.boolean().default(false),
});
export type Material = z.infer<typeof materialSchema>;

/** One line of an amount for all, once for the span, without spares: whatever is simply there. */
export const onceForAll = (supplyId: Material['supplyId'], amount: number): Material => ({
  ...{ supplyId, amount, for: { kind: 'all' }, times: 'once', every: 'span', spare: 'none' },
  ...{ versionIds: [], spill: false, onlyPrep: false },
});

/** Whose hands do something. */
export const OWNERS = { adult: 'adult', child: 'child', together: 'together' } as const;
export const ownerSchema = z.enum(['adult', 'child', 'together'], 'The adult, the child, or both together');
export type Owner = z.infer<typeof ownerSchema>;

/** One step of an activity or of a recipe, and who does it. */
export const stepSchema = z.object({
  text: textSchema.min(1, 'Say what is done'),
  owner: ownerSchema.default('together'),
});
export type ActivityStep = z.infer<typeof stepSchema>;

const hoursSchema = z
  .number('A number of hours is needed here')
  .min(0, 'This cannot be below zero')
  .max(24 * 90, 'At most ninety days');

/** Something to make ready before the day. */
export const prepTaskSchema = z
  .object({
    id: idSchema,
    text: textSchema.min(1, 'Say what is made ready'),
    minutes: minutesSchema,
    per: z.enum(['once', 'child'], 'Minutes count once or for each child').default('once'),
    owner: ownerSchema.default('adult'),
    /** Done at least so long before it is used, and at most so long when it spoils; null when it keeps. */
    leadHours: hoursSchema.default(0),
    mostLeadHours: hoursSchema.nullable().default(null),
    /** How long it waits by itself afterwards, and in which kind of place. */
    waitHours: hoursSchema.default(0),
    waitsIn: waitingPlaceKindSchema.nullable().default(null),
    /** What has to be done before it, by the ids of other lines. */
    needs: z.array(idSchema).max(10, 'At most 10').default([]),
    /** How far it is prepared, otherwise: minutes now, and what the children work or wait longer for it later. */
    instead: z
      .array(
        z.object({
          text: textSchema.min(1, 'Say what is done instead'),
          minutes: minutesSchema,
          laterMinutes: minutesSchema.default(0 as never),
        }),
      )
      .max(6, 'At most 6')
      .default([]),
  })
  .refine((task) => task.mostLeadHours === null || task.leadHours <= task.mostLeadHours, {
    path: ['mostLeadHours'],
    message: 'This cannot be sooner than the earliest time above',
  });
export type PrepTask = z.infer<typeof prepTaskSchema>;

/** What is wrong with the needs among some lines of preparation: ids of nothing, and circles. */
function prepProblems(
  prep: readonly PrepTask[],
): readonly { readonly path: readonly (string | number)[]; readonly message: string }[] {
  const byId = new Map(prep.map((task) => [task.id, task]));
  const leadsTo = (from: string, wanted: string, seen: Set<string>): boolean =>
    from === wanted ||
    (!seen.has(from) &&
      (seen.add(from), (byId.get(from)?.needs ?? []).some((before) => leadsTo(before, wanted, seen))));
  return prep.flatMap(({ id, needs }, i) =>
    needs.flatMap((before, j) => {
      const path = [i, 'needs', j];
      if (!byId.has(before)) return [{ path, message: 'There is no such line any more' }];
      if (before === id) return [{ path, message: 'It cannot come before itself' }];
      return leadsTo(before, id, new Set())
        ? [{ path, message: `"${byId.get(before)!.text}" needs this one, by itself or through others` }]
        : [];
    }),
  );
}

/** Something that has to come before, and how long before. */
export const comesAfterSchema = z.object({
  activityId: idOf('activities'),
  leastDays: z.int('Whole days are needed here').min(0, 'This cannot be below zero').max(60).default(0),
  mostDays: z
    .int('Whole days are needed here')
    .min(0, 'This cannot be below zero')
    .max(60)
    .nullable()
    .default(null),
});

/** What a slot takes from the theme's table. */
export const SLOT_TAKES = {
  one: 'one of it: kite',
  many: 'many of it: kites',
  all: 'all things, listed',
  pair: 'two that go together',
  parts: 'the parts of one',
  order: 'those that have an order',
  kinds: 'the kinds there are',
  role: 'the one with a role',
} as const;
export type SlotTake = keyof typeof SLOT_TAKES;

/** A place in a pattern's texts that is filled from the theme's table: `{things}` becomes `kites`. */
export const slotSchema = z.object({
  id: z
    .string('A name is needed here')
    .regex(/^[a-z][a-z-]{0,23}$/, 'A slot is named by small letters and dashes'),
  asks: lineSchema,
  kind: z.enum(['word', 'thing', 'letter', 'number', 'colour', 'shape'], 'This is not a kind of slot'),
  /** Of the theme's things, what it takes. */
  takes: z
    .enum(Object.keys(SLOT_TAKES) as [SlotTake, ...SlotTake[]], 'This is nothing to take from a theme')
    .default('one'),
  /** The role of the one that it takes, by `takes: 'role'`. */
  role: thingRoleSchema.nullable().default(null),
  /** Whether what it takes is there to be handled: a toy tram. Each is then among the things that are needed. */
  inHand: z.boolean().default(false),
});
export type Slot = z.infer<typeof slotSchema>;

/** What an activity is about, for finding it by what a unit features. */
const featuresSchema = z.object({
  letters: z
    .array(z.string().regex(/^\p{L}{1,3}$/u, 'Letters are needed here'))
    .max(26)
    .default([]),
  numbers: z.array(z.int('Whole numbers are needed here').min(0).max(1000)).max(20).default([]),
  colours: z.array(lineSchema).max(12).default([]),
  shapes: z.array(lineSchema).max(12).default([]),
});

/** What is said and looked for while something goes on, as it is asked: too easy, too hard, too loud, going well, over. */
export const HINTS = {
  easy: 'Too easy',
  hard: 'Too hard',
  loud: 'Too loud',
  well: 'It goes well when',
  away: 'Put away',
} as const;
export type Hint = keyof typeof HINTS;
const hintsSchema = z.object({
  easy: textSchema.default(''),
  hard: textSchema.default(''),
  loud: textSchema.default(''),
  well: textSchema.default(''),
  away: textSchema.default(''),
});

const wordsSchema = z.array(lineSchema).max(20, 'At most 20').default([]);

const FIELDS = {
  title: lineSchema,
  picture: pictureSchema,
  mode: activityModeSchema,
  summary: textSchema,
  /** The kinds of learning centre that it suits; empty for what is done anywhere. */
  cornerKinds: z.array(cornerKindSchema).max(15),
  /** The first is the main one: its area decides whose readiness counts. */
  skills: z.array(skillIdSchema).max(20),
  /** Headings for which it counts besides what its skills say. */
  headings: z.array(headingKeySchema).max(12, 'At most 12 headings').default([]),
  versions: z.array(activityVersionSchema).max(8, 'At most 8 versions'),
  materials: z.array(materialSchema).max(60, 'At most 60 lines'),
  steps: z.array(stepSchema).max(40, 'At most 40 steps'),
  prep: z.array(prepTaskSchema).max(20, 'At most 20').default([]),
  /** What is mixed, cooked, frozen or shown in it, by recipes. */
  processes: z.array(processSchema).max(6, 'At most 6').default([]),
  /** Something that is guessed, tried and measured; null where it is no test. */
  test: plannedTestSchema.nullable().default(null),
  comesAfter: z.array(comesAfterSchema).max(10, 'At most 10').default([]),
  /** What it makes that other activities use, and how long that takes to dry, set or freeze. */
  makes: wordsSchema,
  makesAfterHours: hoursSchema.default(0),
  /** In which kind of place it does so; null where it needs none. */
  makesWaitsIn: waitingPlaceKindSchema.nullable().default(null),
  /** What it uses that another activity makes. */
  uses: wordsSchema,
  cleanUpMinutes: minutesSchema,
  /** What is at hand for spills and clean-up. */
  spillKit: textSchema.default(''),
  /** How long a turn takes, from sitting down to getting up; null when nobody said. */
  turnMinutes: minutesSchema.nullable().default(null),
  /** Minutes to put it back between two children. */
  resetMinutes: minutesSchema.default(0 as never),
  /** How many children do it at the same time; null when only the corner's places limit it. */
  atOnce: z.int('A whole number is needed here').min(1, 'At least one').max(30, 'At most 30').nullable(),
  /** Tells the child by itself whether it is right. */
  selfChecking: z.boolean().default(false),
  adult: z.enum(['alone', 'near', 'tied'], 'It runs alone, with an adult near, or ties one').default('near'),
  mess: z.enum(['clean', 'some', 'messy'], 'It is clean, makes some mess, or is messy').default('clean'),
  energy: z.enum(['calm', 'middling', 'lively'], 'It is calm, middling or lively').default('middling'),
  place: z.enum(['indoors', 'outdoors', 'either'], 'Indoors, outdoors or either').default('indoors'),
  weather: z.enum(['any', 'dry', 'wind', 'sun', 'cold'], 'This is not a weather').default('any'),
  /** The seasons it belongs to; none for all of them. */
  seasons: z.array(z.enum(SEASONS, 'This is not a season')).max(4).default([]),
  /** Children play at standing water, of any depth. */
  water: z.boolean().default(false),
  /** Something that goes into each child's folder. */
  keepsake: z.boolean().default(false),
  craft: z.enum(['none', 'model', 'own-way'], 'A model to copy, or the own way').default('none'),
  /** Minutes of recorded music or clips. */
  recordedMinutes: minutesSchema.default(0 as never),
  /** What to say when it is too easy, too hard or too loud, how it looks when it goes well, how it is put away. */
  hints: hintsSchema.default(hintsSchema.parse({})),
  /** How it is used, for the label on its bag. */
  directions: textSchema.default(''),
  source: textSchema.default(''),
  slots: z.array(slotSchema).max(8, 'At most 8 slots').default([]),
  /** The themes that it belongs to, in words of their names; empty for what suits any. */
  themes: wordsSchema,
  features: featuresSchema.default(featuresSchema.parse({})),
  /** What earlier uses taught. */
  notes: z
    .array(z.object({ text: textSchema.min(1, 'This cannot be empty'), loved: z.boolean().default(false) }))
    .max(40, 'At most 40')
    .default([]),
  /** Sheets of the home that belong to it. */
  sheetIds: z.array(idOf('sheets')).max(20).default([]),
  /** How many copies of such a sheet; one for each child where nothing is said. */
  copies: z
    .array(
      z.object({
        sheetId: idOf('sheets'),
        for: amountForSchema,
        /** The versions that get it; none for all of them. */
        versionIds: z.array(versionIdSchema).max(8).default([]),
        /** The only page of the sheet that is used here; null for all of them. */
        page: z
          .int('A whole number is needed here')
          .min(1, 'At least one')
          .max(9999)
          .nullable()
          .default(null),
      }),
    )
    .max(40, 'At most 40')
    .default([]),
  /** What is made is eaten afterwards. */
  eaten: z.boolean().default(false),
};

/** What does not hold together in a content: versions of one id, preparation in a circle, materials for versions that are not there. */
const contentProblems = (content: z.infer<typeof contentFieldsSchema>, context: z.RefinementCtx): void => {
  const known = new Set<string>(content.versions.map((version) => version.id));
  if (known.size < content.versions.length)
    context.addIssue({ code: 'custom', path: ['versions'], message: 'Two versions have the same id' });
  prepProblems(content.prep).forEach(({ path, message }) =>
    context.addIssue({ code: 'custom', path: ['prep', ...path], message }),
  );
  content.materials.forEach((line, i) => {
    if (line.versionIds.some((id) => !known.has(id)))
      context.addIssue({
        code: 'custom',
        path: ['materials', i, 'versionIds'],
        message: 'There is no such version any more',
      });
  });
};
const contentFieldsSchema = z.object(FIELDS);

/** What an activity is, in the library and in every copy that is placed in a unit. */
export const activityContentSchema = contentFieldsSchema.superRefine(contentProblems);
export type ActivityContent = z.infer<typeof activityContentSchema>;

export type ContentField = keyof ActivityContent;
export const contentFieldSchema = z.enum(
  Object.keys(FIELDS) as [ContentField, ...ContentField[]],
  'An activity has no such field',
);

type Said<S extends z.ZodType> = S extends z.ZodDefault<infer Inner> ? Inner : S;
type OverShape = { readonly [F in keyof typeof FIELDS]: z.ZodOptional<Said<(typeof FIELDS)[F]>> };

// What is not said is not said: no field takes by itself what a whole content would.
const overShape = Object.fromEntries(
  Object.entries(FIELDS).map(([field, schema]) => [
    field,
    (schema instanceof z.ZodDefault ? (schema.unwrap() as z.ZodType) : schema).optional(),
  ]),
) as unknown as OverShape;

/** Some fields of a content: what was written over in a copy. */
export const contentPartSchema = z.object(overShape);
export type ContentPart = z.infer<typeof contentPartSchema>;
