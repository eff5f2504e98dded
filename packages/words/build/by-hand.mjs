// What no source tells, or tells otherwise than it is used among children.

/** So many things are kept for a theme: twelve, and twelve more. */
export const OFFERED = 24;

/** Words whose usual pronunciation is another than the first of the dictionary. */
export const SPOKEN_OTHERWISE = {
  engineer: 'EH2 N JH AH0 N IH1 R',
  juggler: 'JH AH1 G L ER0',
  flour: 'F L AW1 R',
  windsock: 'W IH1 N D S AA2 K',
};

/** What is not counted: its many is its one. */
export const MASS = new Set(
  'water sand wool snow bread milk rice flour corn cheese butter honey sugar salt pepper soup juice paint paper glue clay mud soil dirt grass hay wheat barley oat rye hail rain ice steam smoke fog mist wind air fire light lightning thunder sunlight moonlight starlight sunshine daylight cotton silk velvet felt fur lace denim burlap yarn thread string wood metal gold silver iron steel copper brass bronze tin glass plastic rubber leather cardboard wax oil fuel gasoline gas soap shampoo toothpaste foam ink money hair fruit furniture luggage baggage clothing cutlery silverware laundry mail garbage trash compost mulch dust chalk coal gravel cement concrete asphalt mortar lava celery broccoli spinach lettuce cabbage asparagus cauliflower popcorn spaghetti macaroni pasta lemonade tea coffee toast oatmeal cereal yogurt jam syrup sauce gravy cream dough batter yeast seaweed kelp plankton bamboo moss clover ivy livestock poultry cattle deer sheep fish moose bison trout salmon tuna shrimp squid aircraft spacecraft scaffolding music art sheet_music electricity gravity weather darkness dark baby_food birdseed kibble bait cotton_candy hot_chocolate ice_cream peanut_butter sunscreen sea_life chess baseball basketball football soccer tennis camping cooking lacrosse badminton hockey field_hockey ice_hockey bowling equipment scenery jewelry makeup homework fog cargo litter rubble lumber timber machinery pottery porcelain china embroidery needlework woodwork knitting weaving writing drawing_paper'
    .split(' ')
    .map((word) => word.replaceAll('_', ' ')),
);

/** Kinds as children sort, by the senses that they begin at; the nearest wins. */
export const KINDS = {
  people: 'person',
  animals: 'animal',
  plants: 'plant:2 fungus flower leaf plant_part',
  fruit: 'edible_fruit',
  vegetables: 'vegetable',
  food: 'food food:2 foodstuff beverage nut',
  vehicles: 'vehicle',
  clothes: 'clothing footwear footwear:2 headdress garment jewelry',
  places:
    'building room area way:6 location establishment:4 facility geological_formation body_of_water land:4 housing structure region:3 tract passageway excavation:3',
  furniture: 'furniture',
  tools: 'implement tool utensil cutlery:2 measuring_instrument writing_implement',
  machines: 'machine device equipment instrumentality',
  containers: 'container',
  toys: 'toy plaything game_equipment',
  instruments: 'musical_instrument',
  materials: 'material fabric substance liquid rock:2 paper',
  weather: 'weather atmospheric_phenomenon precipitation:3 wind storm',
  sky: 'celestial_body star star:3',
  parts: 'body_part part:2 component:3',
  'paper things': 'written_communication document creation:2 publication card picture',
  money: 'money coin medium_of_exchange',
  shapes: 'shape:2 solid:4 plane_figure',
  things: 'artifact object',
};

/**
 * About how large the real one is, in millimetres, by the senses that it begins at; the nearest wins. Only what is much of one size: a
 * machine or a tool can be of any.
 */
export const SIZES = {
  10: 'insect coin seed bead berry edible_nut worm button',
  80: 'edible_fruit shellfish fungus flower leaf candy egg key gastropod',
  150: 'cup glass:2 cutlery:2 bird fish amphibian rodent footwear footwear:2 writing_implement',
  400: 'fowl cat reptile bird_of_prey aquatic_bird headdress',
  700: 'dog carnivore monkey',
  1700: 'person ungulate big_cat door bicycle bed bear sofa',
  4000: 'car motorcycle tractor elephant rowboat',
  8000: 'truck bus tree whale:2 aircraft house locomotive',
  20000: 'building ship tower train bridge',
};

const colours = {
  red: 'tomato strawberry cherry raspberry fire_truck stop_sign brick rose ladybird radish cranberry lobster crab ruby poppy beet cardinal',
  orange: 'orange carrot pumpkin tangerine apricot goldfish traffic_cone fox tiger cantaloupe',
  yellow:
    'banana lemon sun corn chick dandelion sunflower honey cheese butter canary daffodil school_bus straw hay pineapple taxi gold lion giraffe duckling buttercup',
  green:
    'frog leaf grass lettuce pea cucumber broccoli lime cactus grasshopper spinach kiwi celery clover fern crocodile ivy bean caterpillar moss turtle asparagus seaweed parsley basil mint',
  blue: 'sky blueberry bluebell ocean sea bluebird cornflower',
  purple: 'eggplant plum grape violet lavender lilac beetroot',
  pink: 'pig flamingo bubble_gum piglet cotton_candy',
  brown:
    'potato log wood chestnut acorn bread coffee chocolate beaver monkey deer moose mud bark soil walnut hazelnut coconut camel bear cinnamon cocoa kangaroo sparrow',
  black: 'crow raven coal tire licorice blackberry panther ant blackbird',
  white:
    'snow milk swan salt sugar flour egg cloud polar_bear cotton_ball snowman snowflake marshmallow lamb sheep rice paper cauliflower garlic tooth daisy ice',
  grey: 'elephant mouse rat rock stone fog donkey rhinoceros hippopotamus dolphin shark pigeon cement wolf koala',
  silver: 'spoon fork key needle coin nail foil moon',
  gold: 'crown trumpet',
};
export const COLOURS = new Map(
  Object.entries(colours).flatMap(([colour, list]) =>
    list.split(' ').map((word) => [word.replaceAll('_', ' '), colour]),
  ),
);

/** Pictures whose name is another, and names whose picture shows something else. */
export const PICTURES = {};
