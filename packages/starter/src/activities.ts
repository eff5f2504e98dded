import type { ActivityMode, CornerKind, SkillId } from '@kobby/core';

/** `[from months, until months or null, what the child does, what to say]` */
type VersionLine = readonly [number, number | null, string, string];
type For = 'child' | 'all' | number;
/** `[supply, amount in its unit, for whom (a number is a group's size), how often, spares]` */
type MaterialLine = readonly [string, number, For, 'day' | 'span', ('one-in-eight' | 'none')?];

/** An activity of the starter library in short form. */
export interface StarterActivity {
  readonly id: string;
  readonly title: string;
  readonly mode: ActivityMode;
  readonly cornerKinds: readonly CornerKind[];
  readonly summary: string;
  readonly skills: readonly SkillId[];
  readonly versions: readonly VersionLine[];
  readonly materials: readonly MaterialLine[];
  readonly steps: readonly string[];
  readonly cleanUpMinutes: number;
  readonly atOnce: number | null;
}

type Rest = Partial<Pick<StarterActivity, 'cleanUpMinutes' | 'atOnce' | 'steps' | 'materials'>>;

const setUp = (
  id: string,
  kind: CornerKind,
  title: string,
  summary: string,
  skills: readonly SkillId[],
  versions: readonly VersionLine[],
  rest: Rest = {},
): StarterActivity => ({
  id,
  title,
  mode: 'open-corner',
  cornerKinds: [kind],
  summary,
  skills,
  versions,
  materials: [],
  steps: [],
  cleanUpMinutes: 5,
  atOnce: null,
  ...rest,
});

const forAll = (...args: Parameters<typeof setUp>): StarterActivity => ({
  ...setUp(...args),
  mode: 'whole-group',
});
const forFew = (...args: Parameters<typeof setUp>): StarterActivity => ({
  ...setUp(...args),
  mode: 'small-group',
});

/** The first activities of the starter library. Every text is Kobby's own. */
export const STARTER_ACTIVITIES: readonly StarterActivity[] = [
  setUp(
    'ramp-and-fan',
    'blocks',
    'Ramp and fan run',
    'Which car goes furthest when the air pushes back?',
    ['cause-and-effect', 'measuring', 'fitting-and-building'],
    [
      [
        6,
        18,
        'Pushes a car along the floor and follows it with the eyes.',
        'There it goes. Shall we fetch it?',
      ],
      [18, 48, 'Lets cars roll down a low ramp and finds the one that stops first.', 'Which one went far?'],
      [
        48,
        null,
        'Marks each run with tape and changes one thing at a time.',
        'What did you change? What stayed the same?',
      ],
    ],
    {
      materials: [
        ['ramps', 1, 'all', 'day'],
        ['toy-cars', 2, 'child', 'day'],
        ['wooden-blocks', 1, 'all', 'day'],
        ['masking-tape', 2000, 'all', 'span'],
      ],
      steps: ['Tape the start line.', 'Lean one ramp on two blocks.', 'Keep the fan on the high shelf.'],
    },
  ),
  setUp(
    'kite-repair-counter',
    'pretend-play',
    'Kite repair counter',
    'A counter where torn kites come in and mended ones go out.',
    ['pretending', 'talking-in-sentences', 'name-writing', 'taking-turns'],
    [
      [12, 30, 'Hands over a scarf kite and gets it back.', 'Your kite is ready. Thank you.'],
      [30, 54, 'Tapes a tear and takes pay at the till.', 'What happened to this kite?'],
      [54, null, 'Writes order slips with a name and a number.', 'When will it be ready?'],
    ],
    {
      materials: [
        ['till', 1, 'all', 'day'],
        ['toy-tools', 1, 'all', 'day'],
        ['scarves', 1, 'child', 'day'],
        ['envelopes', 2, 'child', 'span'],
        ['masking-tape', 1000, 'child', 'span'],
      ],
      steps: ['Set the till on the low table.', 'Hang scarves on pegs as waiting kites.'],
    },
  ),
  setUp(
    'ribbon-breeze-bin',
    'sensory-bin',
    'Ribbon breeze bin',
    'Crinkled paper and ribbons to lift, bury and let float.',
    ['touch', 'grasp-and-release', 'colour', 'naming'],
    [
      [8, 24, 'Pulls long ribbons out and drops them again.', 'Long, long, longer. All gone.'],
      [24, 48, 'Finds all the ribbons of one colour.', 'Where does the blue one hide?'],
      [48, null, 'Sorts by length and lays a path from short to long.', 'Which comes between these two?'],
    ],
    {
      atOnce: 2,
      materials: [
        ['tubs-11l', 1, 'all', 'day'],
        ['crinkled-paper', 4000, 'all', 'span'],
        ['ribbon', 600, 'child', 'span'],
        ['scoops-large', 1, 'child', 'day'],
      ],
      steps: ['Fill one third deep.', 'Put a mat below and a brush within reach.'],
    },
  ),
  setUp(
    'oat-breeze-bin',
    'sensory-bin',
    'Oat ring drift bin',
    'Cereal rings to scoop and blow along a tray.',
    ['pouring-and-scooping', 'counting', 'waiting'],
    [
      [10, 24, 'Scoops and lets the rings fall.', 'Listen, they rattle.'],
      [24, 48, 'Fills a cup to the line.', 'Is it full yet?'],
      [48, null, 'Counts how many rings one breath moves.', 'How many do you guess?'],
    ],
    {
      atOnce: 2,
      materials: [
        ['tubs-11l', 1, 'all', 'day'],
        ['oat-rings', 120, 'child', 'span'],
        ['scoops-large', 1, 'child', 'day'],
      ],
      steps: ['Pour the rings in just before the first child comes.'],
    },
  ),
  setUp(
    'gust-lines',
    'writing',
    'Gust lines',
    'Calm, breeze and storm as lines across the page.',
    ['making-marks', 'letters', 'drawing'],
    [
      [15, 36, 'Makes marks with a fat crayon while you say swish.', 'Swish goes the crayon.'],
      [
        36,
        60,
        'Follows calm, breezy and stormy lines with a finger, then with a crayon.',
        'Is this wind strong?',
      ],
      [60, null, 'Writes W along the line and a wind word under it.', 'Which letter do you hear first?'],
    ],
    {
      materials: [
        ['easel-paper', 1, 'child', 'day'],
        ['crayons-spare', 2, 'child', 'span', 'one-in-eight'],
        ['clip-boards', 1, 'child', 'day'],
      ],
      steps: ['Draw three lines on each sheet the evening before.'],
    },
  ),
  setUp(
    'sky-panels',
    'light-table',
    'Sky panels',
    'See-through panels for morning, noon and evening skies.',
    ['colour', 'looking-closely', 'patterns'],
    [
      [12, 30, 'Lifts a panel and looks through it.', 'Everything is blue now.'],
      [30, 54, 'Lays two panels over each other to find a third colour.', 'What came out?'],
      [54, null, 'Builds a row from dawn to night and tells it.', 'What happens before this one?'],
    ],
    {
      materials: [
        ['colour-panels', 4, 'child', 'day'],
        ['torches', 1, 'all', 'day'],
      ],
      steps: [],
    },
  ),
  setUp(
    'weather-dough',
    'dough',
    'Weather dough, cooked',
    'Soft dough for clouds, gusts and rolling hills.',
    ['modelling', 'pinching', 'new-words'],
    [
      [18, 36, 'Squeezes, pats and pokes one lump.', 'Soft. You made a hole.'],
      [36, 60, 'Rolls tails and counts them onto a kite.', 'How many tails has it?'],
      [60, null, 'Builds a landscape and shows where the wind comes from.', 'Which side is sheltered?'],
    ],
    {
      materials: [
        ['plain-flour', 130, 'child', 'span'],
        ['fine-salt', 15, 'child', 'span'],
        ['vegetable-oil', 8, 'child', 'span'],
        ['dough-rollers', 1, 'child', 'day'],
        ['small-trays', 1, 'child', 'day'],
      ],
      steps: ['Cook it at nap time, an adult only.', 'Seal it when it has cooled.'],
    },
  ),
  setUp(
    'rice-dough',
    'dough',
    'Rice dough, cooked',
    'The same lump from certified rice flour.',
    ['modelling', 'touch', 'comparing-size'],
    [
      [18, 36, 'Presses both hands in and looks at the prints.', 'Big hand, small hand.'],
      [36, 60, 'Makes three balls, small to large.', 'Which one is in the middle?'],
      [60, null, 'Weighs two lumps against each other by hand.', 'How could we find out for sure?'],
    ],
    {
      materials: [
        ['rice-flour', 140, 'child', 'span'],
        ['fine-salt', 15, 'child', 'span'],
        ['vegetable-oil', 8, 'child', 'span'],
        ['dough-rollers', 1, 'child', 'day'],
        ['small-trays', 1, 'child', 'day'],
      ],
      steps: ['Use clean tools that never touched wheat.'],
    },
  ),
  setUp(
    'what-lifts-table',
    'science',
    'What does wind lift?',
    'A tray of light and heavy things and the caged fan behind the table.',
    ['guess-and-test', 'observing', 'sorting-kinds'],
    [
      [12, 36, 'Drops a scarf and a block and watches which one floats.', 'Down, quick. Down, slowly.'],
      [36, 60, 'Guesses first, then tries six things.', 'What do you think will happen?'],
      [60, null, 'Keeps a tally and says why.', 'What do the flying ones have in common?'],
    ],
    {
      materials: [
        ['desk-fan', 1, 'all', 'day'],
        ['feathers', 3, 'child', 'day'],
        ['small-trays', 1, 2, 'day'],
        ['clip-boards', 1, 2, 'day'],
      ],
      steps: ['The adult alone switches the fan.', 'One thing at a time in the air.'],
    },
  ),
  setUp(
    'ribbon-stick-dance',
    'music',
    'Ribbon-stick dance',
    'Ribbons that show the beat.',
    ['moving-to-music', 'beat', 'dancing'],
    [
      [9, 24, 'Watches the ribbon and reaches for it.', 'Up it goes, and down.'],
      [24, 48, 'Waves high and low as the drum says.', 'Show me a quiet wind.'],
      [48, null, 'Makes up four moves and repeats them.', 'What comes after the turn?'],
    ],
    {
      materials: [
        ['ribbon-sticks', 1, 'child', 'day'],
        ['hand-bells', 1, 'all', 'day'],
      ],
      steps: [],
    },
  ),
  setUp(
    'straw-trails',
    'easel',
    'Straw-blown trails',
    'A drop of paint, a straw and a breath.',
    ['painting', 'cause-and-effect', 'own-idea'],
    [
      [24, 42, 'Moves a drop with a wide brush.', 'It runs away from the brush.'],
      [42, 60, 'Blows one drop across the sheet.', 'Soft breath or strong breath?'],
      [60, null, 'Steers two colours to meet and gives the picture a name.', 'How did you make it turn?'],
    ],
    {
      atOnce: 2,
      materials: [
        ['paper-straws', 1, 'child', 'span', 'one-in-eight'],
        ['washable-paint', 30, 'child', 'span'],
        ['easel-paper', 2, 'child', 'span'],
        ['aprons', 1, 'child', 'day'],
        ['brushes-wide', 1, 'child', 'day'],
      ],
      steps: ['Thin the paint with water one to one.', 'Each child keeps the same straw.'],
    },
  ),
  setUp(
    'six-on-the-rail',
    'books',
    'Six on the rail',
    'Two books to hold and four to share, with cushions.',
    ['handling-books', 'listening', 'new-words'],
    [
      [3, 18, 'Turns thick pages and pats the pictures.', 'Where is the bird?'],
      [18, 48, 'Names what is on the page.', 'What is up in the sky?'],
      [48, null, 'Tells the story from the pictures.', 'How does it end?'],
    ],
    {
      materials: [
        ['board-books', 1, 'all', 'day'],
        ['cushions', 1, 'child', 'day'],
      ],
      steps: [],
    },
  ),
  setUp(
    'tails-of-one-to-six',
    'table-trays',
    'Tails of one to six',
    'Pegs on card kites: as many as the number says.',
    ['counting', 'numerals', 'pinching'],
    [
      [20, 36, 'Clips pegs on anywhere and takes them off.', 'On, off. You did it.'],
      [36, 60, 'Clips as many as there are dots.', 'Count them with me.'],
      [60, null, 'Reads the numeral and adds one more.', 'What is one more than five?'],
    ],
    {
      materials: [
        ['clothes-pegs', 6, 'child', 'day'],
        ['small-trays', 1, 'child', 'day'],
        ['light-card', 1, 'child', 'span', 'one-in-eight'],
      ],
      steps: ['Cut one kite a child from card.'],
    },
  ),
  setUp(
    'fly-to-the-colour',
    'floor-games',
    'Fly to the colour',
    'Scarves on the floor are landing places.',
    ['colour', 'listening', 'running-and-jumping'],
    [
      [14, 30, 'Walks to a scarf and picks it up.', 'You found one.'],
      [30, 54, 'Runs to the colour that is called.', 'Fly to green.'],
      [54, null, 'Calls the next colour and its rhyme.', 'What sounds like blue?'],
    ],
    { materials: [['scarves', 4, 'all', 'day']], steps: ['Clear two metres on every side.'] },
  ),
  setUp(
    'runaway-kite',
    'felt-board',
    'The runaway kite',
    'Nine felt pieces for a story that grows.',
    ['telling-a-story', 'time-and-order', 'naming'],
    [
      [18, 36, 'Puts a piece on and pulls it off.', 'The kite is up.'],
      [36, 60, 'Adds the piece that comes next.', 'Who meets it now?'],
      [60, null, 'Changes the order and tells why.', 'Could this happen first?'],
    ],
    { materials: [['felt-kites', 9, 'all', 'day']], steps: [] },
  ),
  setUp(
    'bubble-wind',
    'outdoors',
    'Bubble wind',
    'Bubbles show where the air goes.',
    ['observing', 'running-and-jumping', 'cause-and-effect'],
    [
      [6, 24, 'Watches and reaches from a lap or the mat.', 'Pop. Where did it go?'],
      [24, 48, 'Chases and claps bubbles.', 'Which way do they fly?'],
      [48, null, 'Finds the windiest place in the yard and marks it.', 'How do you know?'],
    ],
    {
      materials: [
        ['bubble-mix', 20, 'child', 'day'],
        ['chalk', 1, 2, 'span'],
      ],
      steps: ['Stand so that the wind carries bubbles away from faces.'],
    },
  ),
  forAll(
    'paper-windsocks',
    'table-trays',
    'Paper windsocks',
    'A card tube with tails to hang in the doorway.',
    ['gluing', 'cutting', 'colour'],
    [
      [15, 36, 'Sticks strips onto a tube that is ready.', 'Press. Now it holds.'],
      [36, 60, 'Glues five tails in a row of two colours.', 'Which colour is next?'],
      [60, null, 'Cuts the strips and punches the holes.', 'What will the wind do with it?'],
    ],
    {
      cleanUpMinutes: 10,
      materials: [
        ['light-card', 1, 'child', 'day', 'one-in-eight'],
        ['tissue-paper', 1, 2, 'day'],
        ['white-glue', 25, 'child', 'day'],
        ['ribbon', 400, 'child', 'day'],
      ],
      steps: ['Roll and tape tubes for the youngest.', 'Lay five strips before each child.'],
    },
  ),
  forAll(
    'wash-of-sky',
    'easel',
    'A wash of sky',
    'Wide brushes and thin paint, big movements.',
    ['painting', 'colour', 'own-idea'],
    [
      [12, 36, 'Paints with water on dark paper.', 'Look, it turns darker.'],
      [36, 60, 'Covers the sheet from side to side.', 'Where is the sky lightest?'],
      [60, null, 'Mixes three blues and keeps them apart.', 'How did you make it paler?'],
    ],
    {
      cleanUpMinutes: 15,
      materials: [
        ['washable-paint', 40, 'child', 'day'],
        ['easel-paper', 1, 'child', 'day'],
        ['brushes-wide', 1, 'child', 'day'],
        ['aprons', 1, 'child', 'day'],
      ],
      steps: ['Needs a night to dry before anything is glued on.'],
    },
  ),
  forAll(
    'pinwheels',
    'table-trays',
    'Pinwheels',
    'A folded square that turns.',
    ['cutting', 'fitting-and-building', 'cause-and-effect'],
    [
      [15, 40, 'Colours the square and blows at a finished wheel.', 'Again? Blow.'],
      [40, 60, 'Folds along the lines with help at the middle.', 'Corner to the middle.'],
      [60, null, 'Cuts, folds and fixes it with help for the pin.', 'Why does it turn this way?'],
    ],
    {
      cleanUpMinutes: 5,
      materials: [
        ['light-card', 1, 'child', 'day', 'one-in-eight'],
        ['wooden-dowels', 1, 'child', 'day', 'one-in-eight'],
      ],
      steps: ['The adult pins every wheel.'],
    },
  ),
  forAll(
    'parachute-hall',
    'outdoors',
    'Parachute in the hall',
    'Everyone holds an edge and makes weather.',
    ['taking-turns', 'listening', 'throwing-and-catching'],
    [
      [6, 24, 'Sits underneath with an adult and looks up.', 'Here comes the roof.'],
      [24, 48, 'Shakes small and big waves.', 'Small waves. Stormy waves.'],
      [48, null, 'Calls the weather for all.', 'What comes after a storm?'],
    ],
    { materials: [['play-parachute', 1, 'all', 'day']], steps: ['No one runs underneath.'] },
  ),
  forAll(
    'kite-keepsake',
    'table-trays',
    'Kite keepsake',
    "A kite with the child's own print, for the folder.",
    ['gluing', 'name-writing', 'own-idea'],
    [
      [6, 24, 'Makes a hand print with an adult.', 'Your hand.'],
      [24, 54, 'Prints, then sticks a tail on.', 'What shall the tail be?'],
      [54, null, 'Writes the name and the date.', 'What do you want to remember?'],
    ],
    {
      cleanUpMinutes: 10,
      materials: [
        ['light-card', 1, 'child', 'day', 'one-in-eight'],
        ['washable-paint', 10, 'child', 'day'],
        ['ribbon', 300, 'child', 'day'],
        ['aprons', 1, 'child', 'day'],
      ],
      steps: ['Wait for a full house.', 'Write the name on the back first.'],
    },
  ),
  forFew(
    'feather-hunt',
    'floor-games',
    'Feather hunt',
    'Large feathers hidden at every height.',
    ['looking-closely', 'counting', 'crawling-and-climbing'],
    [
      [8, 24, 'Finds the one that peeps out.', 'You found it.'],
      [24, 48, 'Finds three and brings them to the basket.', 'One, two, three.'],
      [48, null, 'Hides them for a friend and gives hints.', 'Is it near or far?'],
    ],
    { atOnce: 4, materials: [['feathers', 3, 'child', 'day']], steps: [] },
  ),
  forFew(
    'kite-corners',
    'table-trays',
    'Kite corners',
    'Four corners and four sides: laying kites from sticks.',
    ['shapes', 'fitting-and-building', 'counting'],
    [
      [20, 40, 'Lays sticks end to end.', 'A long road.'],
      [40, 60, 'Copies a kite from four sticks.', 'How many corners?'],
      [60, null, 'Makes two different kites from the same sticks.', 'What is the same about them?'],
    ],
    {
      atOnce: 3,
      materials: [
        ['craft-sticks', 6, 'child', 'day', 'one-in-eight'],
        ['small-trays', 1, 'child', 'day'],
      ],
      steps: [],
    },
  ),
  forFew(
    'roll-and-count',
    'floor-games',
    'Roll and count',
    'Roll, say the number, take as many pegs.',
    ['counting', 'numerals', 'taking-turns'],
    [
      [24, 42, 'Rolls and takes some pegs.', 'You took two.'],
      [42, 60, 'Counts the dots and takes as many.', 'Did you get as many as dots?'],
      [60, null, 'Adds two rolls.', 'How did you know?'],
    ],
    {
      atOnce: 3,
      materials: [
        ['clothes-pegs', 12, 'child', 'day'],
        ['number-cards', 1, 'all', 'day'],
        ['small-trays', 1, 'child', 'day'],
      ],
      steps: [],
    },
  ),
  forFew(
    'seed-boats',
    'science',
    'Shell boats in a breeze',
    'Nut-shell boats on a shallow tray.',
    ['cause-and-effect', 'guess-and-test', 'waiting'],
    [
      [30, 48, 'Pushes a boat with a finger.', 'Off it sails.'],
      [48, 66, 'Blows it to the other side.', 'Which way shall it go?'],
      [66, null, 'Tries three sails and times them.', 'What made it faster?'],
    ],
    {
      atOnce: 3,
      materials: [
        ['nut-shells', 2, 'child', 'day', 'one-in-eight'],
        ['small-trays', 1, 2, 'day'],
        ['tissue-paper', 1, 3, 'day'],
      ],
      steps: ['Tip the tray out as soon as the last child leaves.'],
    },
  ),
  forFew(
    'lace-a-tail',
    'table-trays',
    'Lace a tail',
    'In and out along the edge of a card kite.',
    ['threading', 'concentrating', 'patterns'],
    [
      [18, 36, 'Pulls a ribbon through big holes.', 'Pull. Through it comes.'],
      [36, 60, 'Laces in and out along one side.', 'In, and out.'],
      [60, null, 'Laces a pattern of two colours.', 'What comes after the red?'],
    ],
    {
      atOnce: 4,
      materials: [
        ['lacing-cards', 1, 'child', 'day'],
        ['ribbon', 200, 'child', 'day'],
      ],
      steps: [],
    },
  ),
  setUp(
    'lantern-glow',
    'light-table',
    'Lantern glow',
    'Torches behind tissue windows.',
    ['looking-closely', 'colour', 'cause-and-effect'],
    [
      [12, 30, 'Looks for the light that moves.', 'Where is it now?'],
      [30, 54, 'Shines through one colour at a time.', 'What colour is the wall?'],
      [54, null, 'Makes a near and a far shadow.', 'How does it grow?'],
    ],
    {
      materials: [
        ['torches', 1, 2, 'day'],
        ['tissue-paper', 1, 3, 'span'],
      ],
      steps: [],
    },
  ),
  setUp(
    'night-market',
    'pretend-play',
    'Night market stall',
    'Paper bags, lantern light and a till.',
    ['pretending', 'counting', 'talking-in-sentences'],
    [
      [12, 30, 'Fills and empties a bag.', 'In the bag. Out of the bag.'],
      [30, 54, 'Buys and says thank you.', 'What would you like?'],
      [54, null, 'Writes a price and gives change.', 'How much is left?'],
    ],
    {
      materials: [
        ['till', 1, 'all', 'day'],
        ['paper-bags', 1, 'child', 'span', 'one-in-eight'],
        ['torches', 1, 'all', 'day'],
      ],
      steps: [],
    },
  ),
];
