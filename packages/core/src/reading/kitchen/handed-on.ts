import { asksOf, type Properties, type PropertyId, type Supply } from '../../cupboard/index.ts';
import type { Recipe } from '../../library/index.ts';

/** What something in a mix is to whoever gets it into the hands or the mouth: the weightier of two values counts. */
interface HandedOn<P extends PropertyId> {
  readonly id: P;
  /** How much a value weighs; 0 for a no. */
  readonly weight: (value: NonNullable<Properties[P]>) => number;
}

const handedOn = <P extends PropertyId>(
  id: P,
  weight: (value: NonNullable<Properties[P]>) => number,
): HandedOn<PropertyId> => ({ id, weight }) as never;
/** The weightiest first; whatever is not among them is a no. */
const inOrder = (id: PropertyId, ...values: readonly string[]): HandedOn<PropertyId> =>
  handedOn(id, (value) =>
    values.includes(value as string) ? values.length - values.indexOf(value as string) : 0,
  );
const flag = (id: PropertyId): HandedOn<PropertyId> => handedOn(id, (value) => (value === true ? 1 : 0));

// A part that is smaller weighs more; paper, fabric and yarn give way.
const ofPart = (part: NonNullable<Properties['loosePart']>): number =>
  part === 'none' ? 0 : (part.material === 'firm' ? 1e6 : 1) / (part.acrossMm + part.longMm);
const bySmallness = (value: 'none' | number): number => (value === 'none' ? 0 : 1 / value);

const SHAPES: readonly HandedOn<PropertyId>[] = [
  handedOn('loosePart', ofPart),
  handedOn('ballMm', bySmallness),
  handedOn('iceMm', bySmallness),
  inOrder('foodForm', 'chokable', 'cut', 'soft'),
  inOrder('filler', 'gel-beads', 'foam-beads', 'fine', 'sand', 'clinging', 'coarse'),
  inOrder('magnet', 'loose', 'encased'),
  inOrder('battery', 'reachable', 'screwed'),
  inOrder('soft', 'pom-pom', 'loose'),
  ...(['hardware', 'glass'] as const).map(flag),
];
const HEAT = flag('heat');

/** The properties that a mix takes over from what goes into it. */
export const HANDED_ON: readonly PropertyId[] = [...SHAPES, HEAT].map(({ id }) => id);

/** Cooked food goes soft, and what is ground, soaked or dissolved has no shape of its own left. */
const keepsShape = (part: Supply, recipe: Recipe): boolean => {
  const isShapeless = recipe.ingredients.some(({ supplyId, shapeless }) => supplyId === part.id && shapeless);
  return !isShapeless && !(recipe.cooked && part.category === 'food');
};

/**
 * What a mix hands on of the shapes and the heat of what goes into it: beads pressed into a dough are beads. What nobody
 * recorded of a part is not known of the mix, unless something weightier is. A property that is left out is unknown.
 */
export function handedOnBy(supply: Supply, parts: readonly Supply[], recipe: Recipe): Properties {
  const shaped = parts.filter((part) => keepsShape(part, recipe));
  const result: Record<string, unknown> = {};
  for (const one of [...SHAPES, HEAT]) {
    const from = one === HEAT ? parts : shaped;
    // What a kind can never have is no unknown of it, but counts where somebody said it.
    const asked = from.filter(
      ({ category, properties }) => asksOf(category).includes(one.id) || properties[one.id] !== undefined,
    );
    const value = weightiest(one, [supply, ...asked]);
    if (value !== undefined) result[one.id] = value;
  }
  return result as Properties;
}

function weightiest({ id, weight }: HandedOn<PropertyId>, all: readonly Supply[]): unknown {
  const values = all.map(({ properties }) => properties[id]);
  const known = values.filter((value) => value !== undefined);
  const top = known.toSorted((a, b) => weight(b) - weight(a))[0];
  const isNo = top === undefined || weight(top) === 0;
  // The mix itself counts as looked at where its parts are: only what is in it can make it unknown.
  return isNo && values.slice(1).includes(undefined) ? undefined : top;
}
