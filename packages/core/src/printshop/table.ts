import type { Child } from '../house/index.ts';
import type { ShownBy } from '../measure/index.ts';
import type { Reading } from '../reading/index.ts';
import { featuredNumber } from '../unit/index.ts';
import type { ShopTable } from './cards.ts';

// Some homes show a child to others by these alone.
const INITIALS = /^(?:\p{Lu}\.?[\s-]?)+$/u;

/** How a child is called: what others see, but for initials, which are nothing to write. */
export const calledName = ({ name, shownAs }: Pick<Child, 'name' | 'shownAs'>): string =>
  INITIALS.test(shownAs) ? name : shownAs;

/**
 * What a unit gives the shop: its things, the children who come on any of its days, youngest first, as they are called, and what it
 * features. `isShown` says of a thing whether there is a picture of it.
 */
export function shopTable(
  { frame: { unit, attendance }, things }: Pick<Reading, 'frame' | 'things'>,
  isShown: (thing: ShownBy) => boolean,
): ShopTable {
  const children = new Map(
    attendance.flatMap((day) => day.children.map((child) => [child.id, child] as const)),
  );
  return {
    title: unit.title,
    things: things.map((thing) => ({ ...thing, isShown: isShown(thing) })),
    names: [...children.values()].toSorted((a, b) => (a.birth < b.birth ? 1 : -1)).map(calledName),
    letter: unit.featured.find(({ kind }) => kind === 'letter')?.value ?? null,
    number: featuredNumber(unit.featured),
  };
}
