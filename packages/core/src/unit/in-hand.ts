import { onceForAll, type ActivityContent, type Material } from '../library/index.ts';
import type { ShownBy } from '../measure/index.ts';
import { membersTaken, nounOfThing, type Theme } from './theme.ts';

/** Members of a theme that are handled in an activity: what of the house stands for them, and for whom nothing does. */
export interface InHand {
  readonly materials: readonly Material[];
  readonly lacks: readonly string[];
}
const NOTHING: InHand = { materials: [], lacks: [] };

type Words = Readonly<Record<string, string>>;
const wordsFor = (words: Words, id: string): string | null =>
  Object.hasOwn(words, id) ? words[id]!.trim() || null : null;

/**
 * The things of the house that an activity needs because they are members of its theme: one of each for all, what is a line of the
 * activity already not twice. Why apart from its lines: they follow the table when a member is added, renamed or taken out.
 */
export function inHandOf({ slots, materials }: ActivityContent, theme: Theme | null, words: Words): InHand {
  const handled = slots.filter(({ inHand }) => inHand);
  if (!theme || handled.length === 0) return NOTHING;
  const members = [
    ...new Set(handled.flatMap((slot) => membersTaken(slot, theme, wordsFor(words, slot.id)))),
  ];
  const listed = new Set<string>(materials.map(({ supplyId }) => supplyId));
  const own = [...new Set(members.flatMap(({ supplyId }) => supplyId ?? []))];
  return {
    materials: own.filter((supplyId) => !listed.has(supplyId)).map((supplyId) => onceForAll(supplyId, 1)),
    lacks: members.filter(({ supplyId }) => supplyId === null).map((thing) => nounOfThing(thing).one),
  };
}

/** What shows something of the library as it would stand in a theme. */
export const shownIn = (content: ActivityContent, theme: Theme | null): ShownBy =>
  (content.picture ? null : shownByTheme(content, theme, {})) ?? {
    name: content.title,
    picture: content.picture,
  };

/** What a pattern is shown by: the member that its first slot for things takes, or what was written there; null when it has no such slot. */
export function shownByTheme({ slots }: ActivityContent, theme: Theme | null, words: Words): ShownBy | null {
  for (const slot of slots.filter(({ kind }) => kind === 'thing')) {
    const said = wordsFor(words, slot.id);
    const [first] = theme ? membersTaken(slot, theme, said) : [];
    if (first) return { name: first.name, picture: first.picture };
    if (said !== null) return { name: said, picture: null };
  }
  return null;
}
