import {
  CATEGORIES,
  PROPERTIES,
  PROPERTY_IDS,
  shapeOf,
  type CategoryId,
  type Properties,
  type PropertyId,
  type Shape,
} from './properties.ts';

const ASKS = new Map(
  (Object.keys(CATEGORIES) as CategoryId[]).map((category) => [
    category,
    PROPERTY_IDS.filter((id) => !PROPERTIES[id].never.split(' ').includes(category)),
  ]),
);

/** The properties that a kind of supply asks for: each must be recorded before the cautions can speak. */
export const asksOf = (category: CategoryId): readonly PropertyId[] => ASKS.get(category)!;

/** The properties that a kind asks for and that are not recorded: each is something nobody has looked at yet. */
export const unrecorded = (category: CategoryId, properties: Properties): readonly PropertyId[] =>
  asksOf(category).filter((id) => properties[id] === undefined);

const NOTHING: { readonly [K in Shape['kind']]: unknown } = {
  flag: false,
  mm: 'none',
  months: 'none',
  percent: 'none',
  celsius: 'none',
  count: 'none',
  part: 'none',
  cord: 'none',
  choice: 'none',
  choices: [],
};

/** Whether somebody looked and there was nothing of it. What nobody recorded is no no. */
export function isNo(id: PropertyId, properties: Properties): boolean {
  const value = properties[id];
  return Array.isArray(value) ? value.length === 0 : value === NOTHING[shapeOf(id).kind];
}

/**
 * What is recorded, with a no for every hazard that the kind asks for besides, as somebody says who has looked at the thing.
 * Whether it is food, or made for food, stays open.
 */
export function withNothingElse(category: CategoryId, properties: Properties): Properties {
  const said = unrecorded(category, properties).flatMap((id): [PropertyId, unknown][] => {
    const shape = shapeOf(id);
    const isOpen = id === 'forFood' || (shape.kind === 'choice' && !('none' in shape.options));
    return isOpen ? [] : [[id, NOTHING[shape.kind]]];
  });
  return { ...properties, ...Object.fromEntries(said) };
}
