import type { Properties } from '../../cupboard/index.ts';
import type { PropertyId } from '../../cupboard/index.ts';
import type { Child, Lead } from '../../house/index.ts';
import type { ActivityMode } from '../../library/index.ts';
import type { Level } from '../ground/finding.ts';

/** Under so many completed months a child counts as one who puts things in the mouth, whatever was noted. */
const ALWAYS_MOUTHS_UNDER_MONTHS = 18;

/** What a caution asks about a child: its true age, never moved by readiness. */
export interface Who {
  readonly child: Child;
  /** Completed months on the day of the activity. */
  readonly months: number;
}

/** Still puts things in the mouth: as noted, and always under 18 months. */
export const mouths = ({ child, months }: Who): boolean =>
  child.mouthsThings || months < ALWAYS_MOUTHS_UNDER_MONTHS;

/** What a caution asks about where a thing stands. */
export interface Setting {
  readonly mode: ActivityMode;
  /** Somebody who stays with it was named, and may lead what it takes. */
  readonly led: (lead: Lead | null) => boolean;
  /** Properties of everything else that is used with it. */
  readonly beside: readonly Properties[];
  readonly outdoors: boolean;
  /** It stands where somebody sleeps. */
  readonly whereSomebodySleeps: boolean;
  /** How many children are at it at the same time, at most. */
  readonly atOnce: number;
}

/** One row of the table of cautions, as data. */
export interface CautionRule {
  /** Its number in docs/cautions.md. */
  readonly row: number;
  /** What it is about, in a few words. */
  readonly about: string;
  /** The properties that it reads: where one is missing and the kind of the supply asks for it, that is told. */
  readonly asks: readonly PropertyId[];
  /** Whether a thing with these properties is what the row is about. */
  readonly is: (properties: Properties) => boolean;
  /** What it means for a child; null when nothing. */
  readonly level: (who: Who, properties: Properties, setting: Setting) => Level | null;
  /** It is about everyone in the room: no child is named. */
  readonly everyone?: true;
  /** It is about whoever is near, also without a version of their own. */
  readonly nearby?: true;
  /** What makes it so, with the figures; empty when the name says it all. */
  readonly figure?: (properties: Properties) => string;
  /** What to do instead, short. */
  readonly instead: string;
  readonly basis: string;
  /** Naming an adult for it is a way out. */
  readonly lead?: Lead | 'anyone';
}

/** Limits in millimetres and months, each with its source. `default`: Kobby's own cautious choice. */
export const LIMITS = {
  /** The small-parts cylinder, 16 CFR 1501 and EN 71-1. */
  partAcrossMm: 31.7,
  partLongMm: 57.1,
  /** The ball ring, 16 CFR 1500. */
  ballMm: 44.4,
  /** Cords, EN 71-1 and ASTM F963; the second one a default. */
  cordMm: 220,
  longCordMm: 300,
  /** A default. */
  iceMm: 60,
  climbMm: 450,
  /** What is warm on small hands; defaults. */
  warmC: 38,
  hotC: 43,
} as const;

/** Whether something is among the ingredients. */
export const has =
  (property: 'ingredients', value: NonNullable<Properties['ingredients']>[number]) =>
  (p: Properties): boolean =>
    p[property]?.includes(value) ?? false;
/** Below an age in months. */
export const under =
  (months: number, level: Level = 'stop') =>
  (who: Who): Level | null =>
    who.months < months ? level : null;
/** For everyone, whatever the age. */
export const forAll = (level: Level) => (): Level => level;
/** Under an age, and for whoever still mouths things. */
export const youngOrMouths =
  (months: number, level: Level) =>
  (who: Who): Level | null =>
    who.months < months || mouths(who) ? level : null;
