import { z } from 'zod';

const mmSchema = z
  .number('A length in millimetres is needed here')
  .gt(0, 'A length above zero is needed here')
  .max(100_000, 'This is longer than Kobby can count');

/** What a loose part is made of: paper, fabric and yarn give way in a mouth and are looked at differently. */
const partMaterialSchema = z.enum(['firm', 'paper', 'fabric', 'yarn'], 'This is not a material of a part');

const NONE = z.literal('none');

/** How the value of a property is written down; forms and schemas are made from it. */
export type Shape =
  | { readonly kind: 'flag' }
  | { readonly kind: 'mm' }
  | { readonly kind: 'months' }
  | { readonly kind: 'percent' }
  | { readonly kind: 'celsius' }
  | { readonly kind: 'count' }
  | { readonly kind: 'part' }
  | { readonly kind: 'cord' }
  | { readonly kind: 'choice'; readonly options: Readonly<Record<string, string>> }
  | { readonly kind: 'choices'; readonly options: Readonly<Record<string, string>> };

interface PropertyRow {
  /**
   * The kinds of supplies that can never have it. Every other kind is asked for it: what nobody thought of is asked, not passed
   * over. A new kind asks for everything until it is said here.
   */
  readonly never: string;
  readonly label: string;
  readonly shape: Shape;
}

const flag = (never: string, label: string) => ({ never, label, shape: { kind: 'flag' } }) as const;
const choice = <O extends Readonly<Record<string, string>>>(never: string, label: string, options: O) =>
  ({ never, label, shape: { kind: 'choice', options } }) as const;

/** Everything about a thing that a caution asks for. The one table: forms, schemas and rules are made from it. */
export const PROPERTIES = {
  loosePart: { never: 'food paint-and-glue', label: 'Smallest loose part', shape: { kind: 'part' } },
  ballMm: {
    never:
      'food made paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric music print room',
    label: 'Ball, across (mm)',
    shape: { kind: 'mm' },
  },
  cord: { never: 'food made paint-and-glue nature print', label: 'Cord or ribbon', shape: { kind: 'cord' } },
  latex: flag(
    'food made filler paint-and-glue paper-and-card nature containers electric print',
    'Made of latex',
  ),
  balloon: flag(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric print',
    'Balloon, or a stretched piece of one',
  ),
  film: flag('food made paint-and-glue tools nature electric music', 'Thin plastic film or bag'),
  foodForm: choice(
    'paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music outdoors science print room',
    'As food',
    {
      none: 'not food',
      chokable: 'round, hard, sticky or springy',
      cut: 'cut small',
      soft: 'soft, cooked or powder',
    },
  ),
  filler: choice(
    'paint-and-glue paper-and-card fabric-and-yarn tools toys containers electric music outdoors print room',
    'As filler',
    {
      none: 'no filler',
      coarse: 'coarse',
      sand: 'sand, earth or grounds',
      clinging: 'clinging or soft',
      fine: 'dry grains, seeds, beads or small pasta',
      'gel-beads': 'water-absorbing gel beads',
      'foam-beads': 'foam beads',
    },
  ),
  foodOnly: choice(
    'paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
    'Made only of food',
    {
      all: 'yes, as it is',
      'when-cooked': 'yes, once cooked',
      no: 'no',
    },
  ),
  ingredients: {
    never: 'paper-and-card fabric-and-yarn tools containers electric music print',
    label: 'Raw flour, salt, soap or the like in it',
    shape: {
      kind: 'choices',
      options: {
        'raw-flour': 'raw flour',
        'raw-egg': 'raw egg',
        'egg-on-hands': 'raw egg to blow out, raw batter on fingers',
        honey: 'honey',
        salt: 'much salt',
        borate: 'borate, liquid starch, laundry product',
        'essential-oil': 'essential oil',
        foam: 'shaving or detergent foam',
        solvent: 'solvent, or a label that does not say washable',
        acid: 'acid or soap that stings',
        'raw-kidney-bean': 'raw red kidney beans, castor beans, apricot stones',
      },
    },
  },
  saltPercent: {
    never:
      'food filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
    label: 'Salt, of its weight (%)',
    shape: { kind: 'percent' },
  },
  forFood: flag(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces toys nature electric music outdoors science print room',
    'Made for food',
  ),
  grain: choice(
    'paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors science print room',
    'Grain, flour or starch',
    {
      none: 'none',
      gluten: 'wheat, rye, barley, oats',
      other: 'rice, maize, potato or another one',
    },
  ),
  glitter: flag(
    'food tools toys nature containers electric music outdoors science print room',
    'Loose glitter',
  ),
  dust: flag('paper-and-card fabric-and-yarn tools toys containers electric music print', 'Dusty when dry'),
  soft: choice(
    'food made paint-and-glue paper-and-card tools containers electric music outdoors science print',
    'Pom-poms, cotton, loose wool',
    {
      none: 'none',
      'pom-pom': 'pom-poms',
      loose: 'cotton balls, loose wool, tight stuffing',
    },
  ),
  iceMm: {
    never:
      'paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music outdoors print room',
    label: 'Ice, smallest piece (mm)',
    shape: { kind: 'mm' },
  },
  heat: flag('food filler paper-and-card nature music print', 'Gets hot, or needs heat'),
  touchC: {
    never: 'paint-and-glue paper-and-card craft-pieces tools nature containers electric music print',
    label: 'Warm to touch (°C)',
    shape: { kind: 'celsius' },
  },
  sun: choice(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn nature containers electric music print',
    'Looks at the sun, gathers its light',
    {
      none: 'no',
      gathers: 'a lens or mirror that gathers or turns it',
      looks: 'made to look at it, or through it at the sky',
    },
  ),
  sharp: choice('food made filler paint-and-glue paper-and-card electric music print', 'Blade or point', {
    none: 'none',
    blunt: 'blunt child scissors or needle',
    pointed: 'point',
    blade: 'blade',
  }),
  hardware: flag(
    'food made filler paint-and-glue paper-and-card nature music print',
    'Pins, screws, tacks, small hardware',
  ),
  glass: flag('food made paint-and-glue paper-and-card fabric-and-yarn print', 'Glass or ceramic'),
  magnet: choice(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn nature containers music outdoors',
    'Magnet',
    {
      none: 'none',
      encased: 'large and encased, or weak as in a strip',
      loose: 'small, strong and loose',
    },
  ),
  battery: choice('food made filler paint-and-glue paper-and-card nature containers', 'Battery', {
    none: 'none',
    screwed: 'behind a screw',
    reachable: 'reachable',
  }),
  flame: flag(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn toys nature containers music print',
    'Flame, pressure or dry ice',
  ),
  plant: choice(
    'food made paint-and-glue paper-and-card fabric-and-yarn tools toys containers electric music print',
    'Plant',
    {
      none: 'none',
      known: 'known, harmless to touch',
      unknown: 'not identified',
      poisonous: 'known to be poisonous',
    },
  ),
  animal: choice(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music print',
    'Animal',
    {
      none: 'none',
      insects: 'insects, snails, worms',
      stinging: 'bees, wasps, ants',
      furred: 'dog, cat or another furred or feathered guest',
      carrier: 'reptile, amphibian, poultry, rodent',
    },
  ),
  soil: flag(
    'food made paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys containers electric music print room',
    'Soil or compost',
  ),
  reused: choice(
    'food made filler paint-and-glue fabric-and-yarn nature electric print',
    'Reused packaging',
    {
      none: 'no',
      food: 'of food, washed, edges taped',
      other: 'of anything else, or not washed',
    },
  ),
  enclosed: flag(
    'food made filler paint-and-glue paper-and-card craft-pieces tools nature electric outdoors print',
    'Small filling behind a fixed lid',
  ),
  tablet: flag(
    'made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools toys nature containers electric music outdoors print room',
    'Medicine tablet',
  ),
  intoMouth: flag(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn tools nature containers electric print room',
    'Goes into the mouth',
  ),
  stick: choice(
    'food made filler paint-and-glue paper-and-card fabric-and-yarn containers electric print room',
    'Stick or wire',
    { none: 'none', blunt: 'blunt', pointed: 'pointed' },
  ),
  roundNeck: flag(
    'food made filler paint-and-glue tools nature containers electric science print room',
    'Worn round neck or face',
  ),
  heightMm: {
    never:
      'food made filler paint-and-glue paper-and-card fabric-and-yarn craft-pieces tools nature containers electric music science print',
    label: 'To climb on, height (mm)',
    shape: { kind: 'mm' },
  },
  mostAtOnce: {
    never:
      'food made filler paint-and-glue paper-and-card craft-pieces tools nature containers electric music science print',
    label: 'Most children at once',
    shape: { kind: 'count' },
  },
  makersMonths: {
    never: 'food made filler paper-and-card fabric-and-yarn tools nature containers print room',
    label: "Maker's lowest age (months)",
    shape: { kind: 'months' },
  },
} as const satisfies Record<string, PropertyRow>;
export type PropertyId = keyof typeof PROPERTIES;
export const PROPERTY_IDS = Object.keys(PROPERTIES) as readonly PropertyId[];

/** How the value of a property is written down. */
export const shapeOf = (id: PropertyId): Shape => PROPERTIES[id].shape;

const keys = (options: object): [string, ...string[]] => Object.keys(options) as [string, ...string[]];

const SCHEMA_OF: { readonly [K in Shape['kind']]: (shape: Extract<Shape, { kind: K }>) => z.ZodType } = {
  flag: () => z.boolean(),
  mm: () => z.union([NONE, mmSchema]),
  months: () => z.union([NONE, z.int('Whole months are needed here').min(0).max(216)]),
  percent: () =>
    z.union([NONE, z.number('A number is needed here').gt(0, 'Above zero').max(100, 'At most 100')]),
  celsius: () =>
    z.union([NONE, z.number('A temperature is needed here').gt(0, 'Above zero').max(100, 'At most 100 °C')]),
  count: () => z.union([NONE, z.int('A whole number is needed here').min(1, 'At least one').max(60)]),
  part: () =>
    z.union([NONE, z.object({ acrossMm: mmSchema, longMm: mmSchema, material: partMaterialSchema })]),
  cord: () =>
    z.union([NONE, z.object({ lengthMm: mmSchema, canLoop: z.boolean(), fixed: z.boolean().optional() })]),
  choice: ({ options }) => z.enum(keys(options), 'This is not one of the choices'),
  choices: ({ options }) => z.array(z.enum(keys(options), 'This is not one of the choices')).max(10),
};

type ValueOf<S extends Shape> = S extends { kind: 'flag' }
  ? boolean
  : S extends { kind: 'mm' | 'months' | 'percent' | 'celsius' | 'count' }
    ? 'none' | number
    : S extends { kind: 'part' }
      ? 'none' | { acrossMm: number; longMm: number; material: z.infer<typeof partMaterialSchema> }
      : S extends { kind: 'cord' }
        ? 'none' | { lengthMm: number; canLoop: boolean; fixed?: boolean }
        : S extends { kind: 'choice'; options: infer O }
          ? keyof O
          : S extends { kind: 'choices'; options: infer O }
            ? (keyof O)[]
            : never;

/** What is recorded of a thing. What is not there is unknown, never a silent no. */
export type Properties = { -readonly [P in PropertyId]?: ValueOf<(typeof PROPERTIES)[P]['shape']> };

const schemaOf = (id: PropertyId): z.ZodType => {
  const shape = shapeOf(id);
  return (SCHEMA_OF[shape.kind] as (shape: Shape) => z.ZodType)(shape).optional();
};

export const propertiesSchema = z
  .strictObject(Object.fromEntries(PROPERTY_IDS.map((id) => [id, schemaOf(id)])))
  .transform((values) => values as Properties);

/** The kinds of supplies. */
export const CATEGORIES = {
  food: { name: 'Kitchen and food' },
  made: { name: 'Doughs and mixes' },
  filler: { name: 'Fillers' },
  'paint-and-glue': { name: 'Paint, glue, colour' },
  'paper-and-card': { name: 'Paper and card' },
  'fabric-and-yarn': { name: 'Fabric, ribbon, yarn' },
  'craft-pieces': { name: 'Craft pieces' },
  tools: { name: 'Tools' },
  toys: { name: 'Toys and sets' },
  nature: { name: 'From nature' },
  containers: { name: 'Tubs, trays, jars' },
  electric: { name: 'Lights and machines' },
  music: { name: 'Music' },
  outdoors: { name: 'Yard' },
  science: { name: 'Science' },
  print: { name: 'Books and printed' },
  room: { name: 'Room and clean-up' },
} as const;
export type CategoryId = keyof typeof CATEGORIES;
export const categorySchema = z.enum(
  Object.keys(CATEGORIES) as [CategoryId, ...CategoryId[]],
  'This is not a kind of supply',
);
