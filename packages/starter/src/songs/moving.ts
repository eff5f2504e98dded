import { overThings, song, type SongInput } from './builder.ts';

/** What finds, walks, jumps and sinks. */
export const MOVING_SONGS: readonly SongInput[] = [
  song(
    'walk-around',
    'Walk around it',
    'song',
    'move',
    ['moving-to-music', 'listening'],
    [
      [
        'Walk around the {what}, walk, walk, walk, // walk',
        'tiptoe past and do not talk. // tiptoe',
        'Gallop round the {what}, clippety-clop, // gallop',
        'everybody, everybody, everybody: stop! // stand still',
      ],
    ],
    { rule: overThings('table', 'carpet'), energy: 'lively', pace: 'brisk', fromMonths: 12 },
  ),
  song(
    'jump-shake-sink',
    'Jump, shake and sink',
    'chant',
    'move',
    ['moving-to-music', 'balance'],
    [
      [
        'Jump for the {what}, one, two, three, // jump',
        'jump as high as you can see.',
        'Shake for the {what}, hands and toes, // shake',
        'shake until the shaking goes.',
        'Sink for the {what}, down to the ground, // sink',
        'sink and never make a sound.',
      ],
    ],
    { rule: overThings('windsock', 'lantern'), energy: 'lively', pace: 'brisk' },
  ),
  song(
    'if-i-were',
    'If I were one',
    'song',
    'move',
    ['pretending', 'moving-to-music'],
    [
      [
        'If I were {a what}, what would I do? // hands on the cheeks',
        "I'd look at the sky and I'd look at you. // up, across",
        "I'd stand very tall and I'd fold very small, // stretch, crouch",
        'and then I would do nothing at all. // keep still',
      ],
    ],
    { rule: overThings('lantern', 'windsock'), energy: 'lively', tune: 'A swinging six-eight' },
  ),
  song(
    'creep-and-zoom',
    'Hiding away',
    'chant',
    'look',
    ['looking-closely', 'running-and-jumping'],
    [
      [
        'Somewhere the {what} is hiding away, // hands behind the back',
        'who is going to find it today? // look round',
        'Creep like a mouse to the end of the room, // creep',
        'run back home with a zoom, zoom, zoom! // run',
      ],
    ],
    {
      rule: overThings('button', 'letter'),
      energy: 'lively',
      fromMonths: 15,
      props: [{ words: 'The thing that is looked for', supplyId: null, count: 1 }],
    },
  ),
  song(
    'find-the-colour',
    'Find me a colour',
    'chant',
    'look',
    ['looking-closely', 'colour'],
    [
      [
        'Find me a thing that is {colour} today, // look round',
        'tiptoe to it, and there you stay. // tiptoe',
        'Put one finger upon it, so, // touch',
        'now come back quickly, and now come slow. // quick, slow',
      ],
    ],
    {
      rule: { kind: 'for-words', over: 'colour', words: ['yellow', 'orange'] },
      energy: 'lively',
      fromMonths: 18,
    },
  ),
  song(
    'carry-it-home',
    'Carry it home',
    'song',
    'move',
    ['balance', 'pretending'],
    [
      [
        'Carry the {what}, carry it home, // both hands full',
        'over the bridges and over the stone. // high steps',
        'Now it is heavy and now it is light, // sink, rise',
        'put it down gently and hold on tight. // put it down',
      ],
    ],
    { rule: overThings('basket', 'parcel'), energy: 'lively', tune: 'A march, not too fast', fromMonths: 12 },
  ),
  song(
    'gust-and-hush',
    'Gust and hush',
    'chant',
    'move',
    ['moving-to-music', 'listening'],
    [
      [
        'Gust, gust, run with the gust, // run on the spot',
        'whirl like a leaf in a swirl of dust.',
        'Hush, hush, the wind lies down, // sink as slowly as you can',
        'feather by feather it sinks on the town.',
      ],
    ],
    { energy: 'lively' },
  ),
  song(
    'crane-driver',
    'The crane driver',
    'song',
    'move',
    ['dancing', 'pretending'],
    [
      [
        'Up goes the hook and round goes the arm, // arm up, turn',
        'lift it up gently, do nobody harm.',
        'Over the river and over the wall,',
        'lower it slowly or else it will fall. // bend the knees',
      ],
    ],
    { tune: 'A march, not too fast', energy: 'lively', fromMonths: 18 },
  ),
  song(
    'bridge-of-backs',
    'A bridge of backs',
    'song',
    'move',
    ['crawling-and-climbing', 'taking-turns'],
    [
      [
        'Make me a bridge that is round and strong, // the oldest on hands and feet',
        'somebody small wants to crawl along.',
        'Under the arch and out of the door, // crawl through',
        'now be a bridge for one of us more.',
      ],
    ],
    { energy: 'lively', fromMonths: 12 },
  ),
];
