import { z } from 'zod';
import type { Months } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { memoised, versionSchema } from '../measure/index.ts';
import { readinessShift, rungOf, type Rungs } from '../skills/index.ts';
import {
  activityContentSchema,
  activityVersionSchema,
  HINTS,
  type ActivityContent,
  type ActivityVersion,
  type Hint,
} from './content.ts';

export const activityIdSchema = idOf('activities').brand<'ActivityId'>();
export type ActivityId = z.infer<typeof activityIdSchema>;

/** An activity of the home's library. Its version is the revision that placed copies name. */
export const activitySchema = z.object({
  id: activityIdSchema,
  version: versionSchema,
  content: activityContentSchema,
  /** No longer proposed; what was placed from it stays as it is. */
  retired: z.boolean().default(false),
});
export type Activity = z.infer<typeof activitySchema>;

/** What an activity in the library is to the book. */
export const activityKind = entityKind({
  schema: activitySchema,
  word: 'an activity in the library',
  name: ({ content }) => content.title,
});

const CRAFT_WORDS = {
  none: '',
  model: 'copies a model',
  'own-way': "is made in the child's own way",
} as const;
const ADULT_WORDS = { alone: 'runs by itself', near: '', tied: 'ties one adult' } as const;

/** How an activity runs, in a few words each, as they stand behind "it": what ties an adult, what shows by itself whether it is right, what is copied. */
export function runsHow({ adult, selfChecking, craft, resetMinutes }: ActivityContent): readonly string[] {
  return [
    ADULT_WORDS[adult],
    selfChecking ? 'shows by itself whether it is right' : '',
    CRAFT_WORDS[craft],
    resetMinutes > 0 ? `takes ${resetMinutes} min to be put back between two children` : '',
  ].filter(Boolean);
}

/** What to say and look for in the room, a line each: `Too easy: take one away`. */
export const hintLines = ({ hints }: ActivityContent): readonly string[] =>
  (Object.keys(HINTS) as Hint[]).flatMap((key) =>
    hints[key] === '' ? [] : [`${HINTS[key]}: ${hints[key]}`],
  );

/** What a child does, with what is other than for the rest. */
export const doesText = ({ does, changes }: ActivityVersion): string =>
  [does, changes].filter(Boolean).join(' ');

/** What about a child decides which version it gets. */
export interface Learner {
  readonly age: Months;
  readonly rungs: Rungs;
  /** Months of one step of readiness, by the home's value. */
  readonly readinessMonths: number;
}

/**
 * The version that a child gets. Where a rung is noted for the main skill and a version is made for that rung,
 * it is that one; else, of those whose range holds the age moved by readiness, the one that starts highest.
 * Null when none fits. One without versions is for everyone: what each child does is not written yet.
 */
export function versionFor(content: ActivityContent, learner: Learner): ActivityVersion | null {
  if (content.versions.length === 0) return forEveryone(content)[0]!;
  const [main] = content.skills;
  const rung = main === undefined ? null : rungOf(learner.rungs, main);
  const made = rung === null ? [] : content.versions.filter((version) => version.rung === rung);
  if (made.length > 0) return highest(made);
  const shift = main === undefined ? 0 : readinessShift(learner.rungs, main, learner.readinessMonths);
  const age = learner.age + shift;
  const ofAge = content.versions.filter(
    (version) => version.fromMonths <= age && (version.untilMonths === null || age < version.untilMonths),
  );
  // What is made for a rung is for whoever stands on it; somebody else of that age gets it only where there is nothing else.
  return highest(ofAge.filter((version) => version.rung === null)) ?? highest(ofAge);
}

const forEveryone = memoised(({ title, summary }: ActivityContent): readonly ActivityVersion[] => [
  activityVersionSchema.parse({
    ...{ id: 'everyone', fromMonths: 0, untilMonths: null, does: summary || title, say: '' },
  }),
]);

/**
 * The versions in which something is done: those that are written, else one for everyone, in which is done what its sentence says, or
 * its title where it has none. The same objects for the same content.
 */
export const versionsOf = (content: ActivityContent): readonly ActivityVersion[] =>
  content.versions.length > 0 ? content.versions : forEveryone(content);

/**
 * Whether of something nothing but its title stands: no thing, no step, no version, nothing to prepare. It counts in the plan, and
 * nobody is asked about what it does not say yet.
 */
export const isSketch = ({
  versions,
  materials,
  steps,
  prep,
  processes,
  sheetIds,
  recordedMinutes,
}: ActivityContent): boolean =>
  [versions, materials, steps, prep, processes, sheetIds].every(({ length }) => length === 0) &&
  recordedMinutes === 0;

const highest = (versions: readonly ActivityVersion[]): ActivityVersion | null =>
  versions.reduce<ActivityVersion | null>(
    (best, version) => (best === null || version.fromMonths > best.fromMonths ? version : best),
    null,
  );
