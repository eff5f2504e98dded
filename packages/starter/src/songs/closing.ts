import { counted, overChildren, overThings, song, type SongInput } from './builder.ts';

/** What calms, tidies up and says goodbye. */
export const CLOSING_SONGS: readonly SongInput[] = [
  song(
    'day-rolls-up',
    'The day rolls up',
    'song',
    'calm',
    ['singing', 'listening'],
    [
      [
        'The day rolls up and the light goes low, // arms sink',
        'the {what} is tired and wants to go slow.',
        'Nobody tells it and nobody knocks: // rock from side to side',
        'it sleeps like a thing in a soft little box.',
      ],
    ],
    { rule: overThings('lantern', 'letter'), energy: 'calm', pace: 'slow', tune: 'A lullaby' },
  ),
  song(
    'breathe-wide',
    'Breathe in wide',
    'chant',
    'calm',
    ['concentrating', 'feelings'],
    [
      [
        'Breathe in slowly and fill up wide, // arms open',
        "there's room for {a what} to rest inside.",
        'Breathe out slowly and let it go, // arms sink',
        'soft as a feather and twice as slow.',
      ],
    ],
    { rule: overThings('pillow', 'feather'), energy: 'calm', pace: 'slow', voice: 'nearly without a voice' },
  ),
  song(
    'paper-boat-lullaby',
    'Paper boat, float',
    'song',
    'calm',
    ['singing', 'listening'],
    [
      [
        'Paper boat, float, there is nowhere to go, // rock, smaller each time',
        'the river is quiet, the river is slow.',
        'Fold up your day and lay it inside, // fold the hands',
        'the moon will look after the end of the ride.',
      ],
    ],
    { tune: 'A lullaby', energy: 'calm', pace: 'slow' },
  ),
  song(
    'stone-breath',
    'As heavy as stone',
    'transition',
    'calm',
    ['concentrating', 'waiting'],
    [
      [
        'My feet are as heavy as two grey stones, // lie down',
        'the sleep goes upward through all of my bones.',
        'My breath is a feather, in, and out, // a scarf on the belly rises and falls',
        'nobody whispers and nobody shouts.',
      ],
    ],
    {
      energy: 'calm',
      pace: 'slow',
      props: [{ words: 'Light scarves', supplyId: 'scarves', count: 1, per: 'child' }],
    },
  ),
  song(
    'back-to-its-place',
    'Back to its place',
    'transition',
    'tidy',
    ['tidying', 'helping'],
    [
      [
        'Back goes the {what}, back to its place, // carry it',
        'every thing has a bit of space.',
        'One in the basket and one on the shelf:',
        'I put it there, and I did it myself! // hands on the hips',
      ],
    ],
    { rule: overThings('wagon', 'basket'), tune: 'A marching tune' },
  ),
  song(
    'where-does-it-live',
    'Where does it live?',
    'chant',
    'tidy',
    ['tidying', 'helping'],
    [
      [
        'Who has {a what}?',
        'All: Here with me!',
        'Where does it live?',
        'All: Come and you will see!',
        "Pick it up gently and walk, don't run, // carry it",
        'and when it is in there the job is done.',
      ],
    ],
    { rule: overThings('crayon', 'button'), pace: 'brisk' },
  ),
  song(
    'count-to-the-shelf',
    'One for the shelf',
    'transition',
    'tidy',
    ['tidying', 'counting'],
    [
      [
        '{n what} on the carpet, so what do we do?',
        'One for the shelf, and it’s carried by you. // each child brings one thing',
      ],
    ],
    {
      rule: counted(5, 1, 'wagon'),
      ending: 'No more {whats} on the carpet, hooray!\nNow there is room for another play.',
    },
  ),
  song(
    'market-closes',
    'The market is closing',
    'transition',
    'tidy',
    ['tidying', 'helping'],
    [
      [
        'The market is closing, pack up the stall,',
        'big things are first and the last things are small.',
        'Baskets on shelves and the lid on the bin,',
        'roll up the street and let evening in.',
      ],
    ],
    { tune: 'A marching tune' },
  ),
  song(
    'clock-goodbye',
    'The clock says so',
    'song',
    'goodbye',
    ['singing', 'time-and-order'],
    [
      [
        'Tick, says the clock, it was good that you came. // swing to one side',
        'Tock, says the clock, and it calls you by name: // and to the other',
        '{who}, good night, and the day is done, // wave',
        'come back tomorrow and wind up the sun.',
      ],
    ],
    { rule: overChildren, tune: 'Swinging, like a pendulum', energy: 'calm' },
  ),
  song(
    'off-to-its-bed',
    'Off to its bed',
    'song',
    'goodbye',
    ['singing', 'naming'],
    [
      [
        "Goodbye, says the {what}, I'm off to my bed, // wave",
        "I'll dream of a game in my sleepy head. // head on the hands",
        "Tomorrow we'll open the door and see // open the arms",
        'if you still remember a thing about me.',
      ],
    ],
    { rule: overThings('lantern', 'windsock'), tune: 'A lullaby', energy: 'calm' },
  ),
];
