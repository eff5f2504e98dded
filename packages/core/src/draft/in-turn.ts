import type { ActivityContent } from '../library/index.ts';
import type { Reading } from '../reading/index.ts';
import { mainThing, nounOfThing, type Thing } from '../unit/index.ts';

// Whoever is somebody, or a place, is asked for by that: a sailor is not built of blocks.
const ASKED_FOR: ReadonlySet<Thing['role']> = new Set<Thing['role']>(['who', 'place']);

/**
 * The members of a theme about which something can be, in the order of their turns: what the theme is about first, and those about which
 * the least stands in the unit already.
 */
export function inTurn({ theme, placements }: Reading): readonly Thing[] {
  const main = theme && mainThing(theme);
  if (!theme || !main) return [];
  const things = theme.things.filter((thing) => thing === main || !ASKED_FOR.has(thing.role));
  const times = (thing: Thing): number => placements.filter(({ aboutId }) => aboutId === thing.id).length;
  return things.toSorted((a, b) => times(a) - times(b) || Number(b === main) - Number(a === main));
}

/** Whether a pattern asks for one member, whichever it is. */
export const asksForOne = ({ slots }: Pick<ActivityContent, 'slots'>): boolean =>
  slots.some(
    ({ kind, takes }) => kind === 'thing' && (takes === 'one' || takes === 'many' || takes === 'pair'),
  );

// One large sand: what is not counted does not go where it is.
const COUNTS = /\b(?:one|two|three|each|large|small|many|bigger|smaller)\b/i;
const isMass = (thing: Thing): boolean => {
  const { one, many } = nounOfThing(thing);
  return one === many;
};
/** Whether a pattern can be about a member: what counts its things is not about stuff. */
export const canBeAbout = ({ title }: Pick<ActivityContent, 'title'>, thing: Thing): boolean =>
  !isMass(thing) || !COUNTS.test(title);
