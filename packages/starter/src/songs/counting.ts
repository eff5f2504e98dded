import { counted, song, type SongInput } from './builder.ts';

/** What counts, up or down to none, with whatever a unit is about. */
export const COUNTING_SONGS: readonly SongInput[] = [
  song(
    'kites-on-a-line',
    'On a washing line',
    'finger-play',
    'count',
    ['counting', 'adding-and-taking'],
    [
      [
        '{n bright what} on a washing line, // hold up so many fingers',
        'the wind came by and said: this is mine! // blow',
        'It tugged and it tossed till one flew free. // one flies off',
        'Now how many {whats} are left for me?',
      ],
    ],
    {
      rule: counted(5, 1, 'windsock'),
      ending:
        'No more {whats} on the washing line,\nthe wind went home and said: they were mine! // both hands empty',
      props: [{ words: 'Felt kites', supplyId: 'felt-kites', count: 1, per: 'verse' }],
    },
  ),
  song(
    'rolled-down-the-hill',
    'At the top of the hill',
    'song',
    'count',
    ['counting', 'adding-and-taking'],
    [
      [
        '{n what} at the top of the hill, // hands up high',
        "{n:it|they} wouldn't stand and {n:it|they} wouldn't keep still.",
        'One rolled down with a bumpety-bump, // roll the hands',
        'and sat at the bottom as round as a lump.',
      ],
    ],
    {
      rule: counted(5, 1, 'lantern'),
      ending:
        'All of the {whats} at the foot of the hill: // hands on the floor\nthere they sat and there they kept still.',
      tune: 'A swinging six-eight',
    },
  ),
  song(
    'row-says-hello',
    'Standing in a row',
    'song',
    'count',
    ['counting', 'adding-and-taking'],
    [
      [
        '{n what} standing in a row, // a hand for each',
        '{n:it looks|they look} at me and {n:says|say} hello. // nod',
        'Here comes another, and what do I see? // hand over the eyes',
        'All: {next what}, and they wave at me! // wave',
      ],
    ],
    { rule: counted(1, 5, 'letter'), tune: 'Any walking tune' },
  ),
  song(
    'all-aboard',
    'One more gets on the train',
    'chant',
    'count',
    ['counting', 'beat'],
    [
      [
        'One more {what} gets on the train, // pull the whistle',
        'chugga-chug, and round again. // wheels with the arms',
        'Count with me, so that all of us know:',
        'All: {n what}! And off we go.',
      ],
    ],
    { rule: counted(1, 5, 'parcel'), pace: 'brisk' },
  ),
  song(
    'under-the-blanket',
    'Under a blanket',
    'finger-play',
    'count',
    ['counting', 'listening'],
    [
      [
        '{n what} under a blanket lay, // fists under a cloth',
        'one of them said: I am off to play!',
        'It poked out its nose and it hopped away, // one thumb comes out',
        'and how many {whats} are going to stay?',
      ],
    ],
    {
      rule: counted(4, 1, 'button'),
      ending:
        'Nobody under the blanket lay. // lift the cloth\nCome back, little {whats}, and stay for the day!',
      energy: 'calm',
      props: [{ words: 'A cloth to hide under', supplyId: null, count: 1 }],
    },
  ),
  song(
    'up-the-stair',
    'Up the stair and down the slide',
    'finger-play',
    'count',
    ['counting', 'pinching'],
    [
      [
        '{n little what} went up the stair, // fingers walk up the arm',
        'one looked down from the top of there.',
        'Down it slid with a whish and a whee: // slide down the arm',
        'now there {next:is|are} {next}, as you can see.',
      ],
    ],
    { rule: counted(5, 1, 'lantern'), pace: 'relaxed' },
  ),
  song(
    'market-stall-count',
    'On the market stall',
    'song',
    'count',
    ['counting', 'adding-and-taking'],
    [
      [
        '{n what} on the market stall, // hands as a table',
        'set out neatly against the wall.',
        'Along came a neighbour with money to pay, // give a coin',
        'and carried one of the {whats} away.',
      ],
    ],
    {
      rule: counted(5, 1, 'apple'),
      ending: 'No more {whats} on the market stall,\nnothing at all, no, nothing at all. // empty hands',
      tune: 'A marching tune',
      props: [{ words: 'Coins', supplyId: null, count: 1, per: 'verse' }],
    },
  ),
  song(
    'build-it-high',
    'Build it high',
    'chant',
    'count',
    ['counting', 'waiting'],
    [
      [
        '{n what} high, and what do you say? // fist on fist',
        'Put on another one, straight away!',
        'Careful, be careful, it wobbles about: // wobble',
        'All: {next what} high! And now we shout.',
      ],
    ],
    {
      rule: counted(1, 4, 'carton'),
      ending:
        'Then somebody sneezes and down it all goes, // everything falls\nand nothing is left but a bump on the nose.',
      energy: 'lively',
    },
  ),
  song(
    'ten-go-to-bed',
    'Lights out, one by one',
    'song',
    'count',
    ['counting', 'listening'],
    [
      [
        '{n what} sat in the evening light, // fingers up',
        'one of them yawned and wished us good night. // yawn',
        'It shut its eyes and it curled up tight. // one finger folds',
        'Now tell me how many are up tonight.',
      ],
    ],
    {
      rule: counted(5, 1, 'window'),
      ending:
        'Not one of the {whats} is up tonight: // both fists closed\nsleep well, all of you, sleep till light.',
      energy: 'calm',
      pace: 'slow',
      tune: 'A lullaby',
    },
  ),
  song(
    'letters-in-the-bag',
    'Letters in the bag',
    'chant',
    'count',
    ['counting', 'listening'],
    [
      [
        'Into the bag goes letter number {n}, // drop it in',
        'who is it for? Will it come back again?',
        'Stamp it, thump it, close the flap, // stamp with a fist',
        'ready for the next one: clap, clap, clap.',
      ],
    ],
    {
      rule: counted(1, 6),
      props: [{ words: 'Envelopes', supplyId: 'envelopes', count: 1, per: 'verse' }],
      energy: 'lively',
    },
  ),
  song(
    'lamp-by-lamp',
    'Lamp by lamp',
    'song',
    'count',
    ['counting', 'singing'],
    [
      [
        'Down in the street it is almost night,',
        '{n} little {n:lamp has|lamps have} put on {n:its|their} light. // a finger for each',
        'Blow a kiss up to the top of the pole, // blow',
        'one more is glowing as red as a coal.',
      ],
    ],
    {
      rule: counted(1, 5),
      tune: 'A slow three-four',
      energy: 'calm',
      pace: 'slow',
      props: [{ words: 'Candle lights', supplyId: 'candle-lights', count: 1, per: 'verse' }],
    },
  ),
];
