import {
  CATEGORIES,
  PROPERTY_IDS,
  shapeOf,
  type CategoryId,
  type Properties,
  type PropertyId,
  type Shape,
} from './properties.ts';

/**
 * Which kinds of supplies can never have a property. Every other kind is asked for it: what nobody thought of is asked, not
 * passed over. A new kind asks for everything until it is said here.
 */
export const NEVER: { readonly [P in PropertyId]: string } = {
  loosePart: 'food paint-and-glue',
  ballMm:
    'food made paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric music print room',
  cord: 'food made paint-and-glue nature print',
  latex: 'food made filler paint-and-glue paper-and-card nature containers electric print',
  balloon:
    'food made filler paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric print',
  film: 'food made paint-and-glue tools nature electric music',
  foodForm:
    'paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music outdoors science print room',
  filler:
    'paint-and-glue paper-and-card fabric-and-yarn tools toys containers electric music outdoors print room',
  foodOnly:
    'paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
  ingredients: 'paper-and-card fabric-and-yarn tools containers electric music print',
  saltPercent:
    'food filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
  forFood:
    'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces toys nature electric music outdoors science print room',
  grain:
    'paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
  glitter: 'food tools toys nature containers electric music outdoors science print room',
  dust: 'paper-and-card fabric-and-yarn tools toys containers electric music print',
  soft: 'food made paint-and-glue paper-and-card tools containers electric music outdoors science print',
  iceMm:
    'paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music outdoors print room',
  heat: 'food filler paper-and-card nature music print',
  sharp: 'food made filler paint-and-glue paper-and-card electric music print',
  hardware: 'food made filler paint-and-glue paper-and-card nature music print',
  glass: 'food made paint-and-glue paper-and-card fabric-and-yarn print',
  magnet: 'food made filler paint-and-glue paper-and-card fabric-and-yarn nature containers music outdoors',
  battery: 'food made filler paint-and-glue paper-and-card nature containers',
  flame: 'food made filler paint-and-glue paper-and-card fabric-and-yarn toys nature containers music print',
  plant: 'food made paint-and-glue paper-and-card fabric-and-yarn tools toys containers electric music print',
  animal:
    'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music print',
  soil: 'food made paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music print room',
  reused: 'food made filler paint-and-glue fabric-and-yarn nature electric print',
  enclosed:
    'food made filler paint-and-glue paper-and-card craft-pieces tools nature electric outdoors print',
  tablet:
    'made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors print room',
  intoMouth:
    'food made filler paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric print room',
  stick: 'food made filler paint-and-glue paper-and-card fabric-and-yarn containers electric print room',
  roundNeck: 'food made filler paint-and-glue tools nature containers electric science print room',
  heightMm:
    'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools nature containers electric music science print',
  makersMonths: 'food made filler paper-and-card fabric-and-yarn tools nature containers print room',
};

const ASKS = new Map(
  (Object.keys(CATEGORIES) as CategoryId[]).map((category) => [
    category,
    PROPERTY_IDS.filter((id) => !NEVER[id].split(' ').includes(category)),
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
  part: 'none',
  cord: 'none',
  choice: 'none',
  choices: [],
};

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
