import { forAll, forFew, setUp, shelfWork, type Rest, type StarterActivity } from './builders.ts';

type Slot = NonNullable<Rest['slots']>[number];
const role = (id: string, asks: string, of: NonNullable<Slot['role']>, inHand = false): Slot => ({
  ...{ id, asks, kind: 'thing', takes: 'role', role: of, inHand },
});
const THING: Slot = { id: 'thing', asks: 'One of them? (kite)', kind: 'thing', takes: 'one' };
const PAIR: Slot = {
  id: 'pair',
  asks: 'Which two go together? (lock and key)',
  kind: 'thing',
  takes: 'pair',
};
const PARTS: Slot = {
  ...{ id: 'parts', asks: 'Which parts has one of them? (frame, tail and string)', kind: 'thing' },
  takes: 'parts',
};

/** Patterns that ask what a member is to its theme: who works there, with what, what it is made of, which parts it has. */
export const PATTERNS_OF_ROLES: readonly StarterActivity[] = [
  setUp(
    'what-for',
    'pretend-play',
    'What would you do with a {tool}?',
    'A {tool} lies on a cloth, with odd jobs waiting round it: which of them is it good for?',
    ['pretending', 'own-idea', 'talking-in-sentences'],
    [
      [
        10,
        24,
        'Holds it with both hands and looks at it from all sides.',
        'This is a {tool}. Heavy, or light?',
      ],
      [
        24,
        44,
        'Tries it on three jobs and shows which one it does.',
        'What would you like to use the {tool} for?',
      ],
      [
        44,
        null,
        'Finds a job that nobody thought of, and shows the others how.',
        'What else could do the same?',
        'tool: a thing that helps hands to work',
      ],
    ],
    {
      slots: [role('tool', 'With which tool? (hammer)', 'tool', true)],
      atOnce: 2,
      materials: [
        ['small-trays', 3, 'all', 'day'],
        ['sponge-cloths', 1, 'all', 'day'],
      ],
      steps: [
        'Adult: Show once how it is held, without a word.',
        'Child: Put it back on the cloth for the next one.',
      ],
    },
  ),
  forAll(
    'morning-of',
    'other',
    'The morning of a {who}',
    'Get up, put on what is needed, go there, work, come home: a whole morning, played by everyone.',
    ['pretending', 'time-and-order', 'helping'],
    [
      [8, 22, 'Is carried along and waves to whoever works.', 'Good morning! Here we come.'],
      [22, 44, 'Copies each piece of work with the whole body.', 'What does a {who} do first?'],
      [
        44,
        null,
        'Says what comes next before it comes, and plays it for all to guess.',
        'What would go wrong if that were left out?',
        'work: what somebody does for others',
      ],
    ],
    {
      slots: [role('who', 'Who works there? (driver)', 'who')],
      energy: 'lively',
      steps: [
        'Together find four things that are done in that morning.',
        'Adult: Tell it slowly, and wait after each.',
        'Child: Choose who rings the bell for the end of work.',
      ],
    },
  ),
  forFew(
    'two-of-a-pair',
    'table-trays',
    'What have they to do with each other? {pair}',
    'Two that belong together, and the reasons for it, as many as can be found.',
    ['sorting-kinds', 'talking-in-sentences', 'looking-closely'],
    [
      [12, 28, 'Takes one, then the other, and gives both back.', 'One for you, and one for me.'],
      [28, 50, 'Lays both side by side and finds what is the same.', 'Where are they alike?'],
      [
        50,
        null,
        'Finds three reasons why they belong together, and two that belong together just so.',
        'What would one be without the other?',
        'together: one with the other',
      ],
    ],
    {
      slots: [{ ...PAIR, inHand: true }],
      energy: 'calm',
      atOnce: 3,
      materials: [['small-trays', 1, 'all', 'day']],
      steps: ['Adult: Begin with a wrong reason, and let it be mended.'],
    },
  ),
  shelfWork(
    'whole-again',
    'table-trays',
    'Whole again: the parts of a {thing}',
    'A large drawing, cut into its parts: {parts}. Laid together again, part by part.',
    ['looking-closely', 'fitting-and-building', 'new-words'],
    [
      [14, 30, 'Takes one large part and lays it on the whole drawing.', 'There it goes.'],
      [30, 54, 'Lays the parts onto the outline.', 'Which one is still missing?'],
      [
        54,
        null,
        'Lays it without the outline, names each part and says what it does.',
        'What would happen without this one?',
        'part: a piece that belongs to a whole',
      ],
    ],
    {
      slots: [THING, PARTS],
      selfChecking: true,
      energy: 'calm',
      adult: 'alone',
      materials: [
        ['light-card', 2, 'all', 'span'],
        ['small-trays', 1, 2, 'day'],
      ],
      prep: [['Draw a large {thing} twice: one whole, one cut into its parts.', 18]],
    },
  ),
  setUp(
    'build-the-place',
    'blocks',
    'Build the {place}',
    'Blocks, card and a handful of people: how big must it be, and where does one go in?',
    ['fitting-and-building', 'pretending', 'own-idea'],
    [
      [9, 24, 'Stacks two and knocks them down.', 'Down it comes. Again?'],
      [24, 46, 'Lays a wall all round and puts somebody in.', 'How does she get out again?'],
      [
        46,
        null,
        'Draws what it shall be, builds it, and changes one thing afterwards.',
        'What did you do otherwise than you drew it?',
        'plan: what one thinks before one builds',
      ],
    ],
    {
      slots: [role('place', 'Which place? (station)', 'place')],
      atOnce: 3,
      materials: [
        ['wooden-blocks', 1, 'all', 'day'],
        ['light-card', 2, 'all', 'span', 'none', 'v2 v3'],
        ['clip-boards', 1, 2, 'day', 'none', 'v3'],
      ],
      steps: [
        'Child: Say what it needs before the first block.',
        'Adult: Leave it standing for the afternoon, and say so on a card.',
      ],
    },
  ),
  setUp(
    'made-of-this',
    'science',
    'What can {material} do?',
    'The same stuff in five ways: whole, broken, wet, warm, beside something else.',
    ['observing', 'guess-and-test', 'touch'],
    [
      [10, 26, 'Feels it with the flat hand, dry and then wet.', 'Now it is wet. Is it the same?'],
      [26, 48, 'Tries on every tray what it does.', 'What did you think would happen?'],
      [
        48,
        null,
        'Tries one thing more, changes only that, and tells what it did.',
        'What did you leave as it was?',
        'material: what a thing is made of',
      ],
    ],
    {
      slots: [role('material', 'Of what is it made? (wood)', 'material')],
      mess: 'some',
      atOnce: 3,
      materials: [
        ['small-trays', 5, 'all', 'day'],
        ['towels', 1, 'all', 'day'],
        ['clip-boards', 1, 2, 'day', 'none', 'v3'],
      ],
      steps: ['Adult: Pieces larger than a fist while the youngest is here.', 'Child: One tray at a time.'],
    },
  ),
];
