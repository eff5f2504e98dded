import { counted, growingBy, overThings, song, type SongInput } from './builder.ts';

const own = { wordsFrom: { own: true } } as const;

/** Songs of other shapes: openings, refrains, sides that answer each other, lists that change together, verses that are not alike. */
export const SHAPED_SONGS: readonly SongInput[] = [
  song(
    'early-tram',
    'The early tram',
    'song',
    'look',
    ['singing', 'listening', 'time-and-order'],
    [
      [
        'The driver comes in and she hangs up her cap, // hang it up',
        'she checks all the doors with a rap and a tap. // knock',
      ],
      [
        'The wheels give a groan and begin to turn round, // roll the arms',
        'they hum to the rail with a silvery sound.',
      ],
      [
        'The baker gets on with a basket of rolls, // sniff',
        'she sits by the heater and warms up her soles.',
      ],
      [
        'The bell gives a ding for a cat on the track, // pull the bell',
        'it looks at the tram and it slowly walks back.',
      ],
      [
        'A child at the window is breathing a cloud, // breathe on the hand',
        'and draws a small house in it, ever so proud.',
      ],
      [
        'The sun pushes up where the long road bends, // arms up',
        'it shines on the roof where the tramline ends.',
      ],
    ],
    {
      opening:
        'Still is the street and the lamps are alight, // eyes closed\nsomebody stretches and turns out the light. // stretch',
      ending:
        'Here we get out, and good morning to you! // wave\nAll: Good morning to you, and good morning, tram, too!',
      ...{ tune: 'A rocking tune in three', energy: 'calm', whole: false },
    },
  ),
  song(
    'three-doors',
    'Three doors',
    'song',
    'gather',
    ['singing', 'new-words', 'waiting'],
    [
      ['The garden gate swings to and fro, // swing one arm', 'it likes to feel the weather blow.'],
      ['The cupboard door is never still, // open and close the hands', 'it hides the cups, it always will.'],
      ['The front door has a heavy key, // turn it', 'it opens up for you and me.'],
    ],
    {
      refrain:
        'All: Open and shut, and open and shut, // open and close\nAll: knock before you come in! // knock',
      whole: false,
    },
  ),
  song(
    'this-side-that-side',
    'This side, that side',
    'chant',
    'gather',
    ['listening', 'taking-turns', 'waiting'],
    [
      [
        'Who has the rain?',
        'This side: We have the rain! // fingers patter',
        'Who has the wind?',
        'That side: We have the wind! // blow',
        'All: Rain and wind together!',
      ],
      [
        'Who has the drum?',
        'This side: We have the drum! // pat the knees',
        'Who has the flute?',
        'That side: We have the flute! // blow softly',
        'All: Drum and flute together!',
      ],
      [
        'Who has the dark?',
        'This side: We have the dark! // cover the eyes',
        'Who has the light?',
        'That side: We have the light! // open the hands',
        'All: Dark and light together!',
      ],
    ],
    { energy: 'lively', voice: 'each side louder, then all together', whole: false },
  ),
  song(
    'wake-up-elbows',
    'Wake up, elbows',
    'song',
    'move',
    ['singing', 'moving-to-music', 'listening'],
    [['Wake up, {what}, the day is new, // {motion}', 'show us, show us what you do!']],
    {
      rule: overThings('elbows', 'shoulders', 'fingers', 'ankles'),
      lists: [{ slot: 'motion', words: ['flap like wings', 'up and down', 'wiggle', 'draw a circle'] }],
      ...own,
      energy: 'lively',
      tune: 'A marching tune',
    },
  ),
  song(
    'found-on-the-way',
    'What I found on the way',
    'chant',
    'count',
    ['counting', 'singing', 'listening'],
    [['Number {n}, number {n}: // show the fingers', '{found}']],
    {
      rule: counted(1, 5),
      lists: [
        {
          slot: 'found',
          words: [
            'I found a key, and away I run!',
            'two old locks, and a door that is blue!',
            'three round bolts by the apple tree!',
            'four bent nails on the workshop floor!',
            'five small wheels, and they come alive!',
          ],
        },
      ],
      ...own,
      ending: 'All: That is enough, and my pocket is full! // pat the pocket',
      pace: 'brisk',
    },
  ),
  song(
    'bells-over-the-door',
    'Bells over the door',
    'finger-play',
    'count',
    ['counting', 'adding-and-taking', 'listening'],
    [
      [
        '{n} loud {n:bell|bells} over the door, // hands swing',
        '{middle}',
        'one stops ringing and rings no more. // one finger down',
      ],
    ],
    {
      rule: counted(5, 1),
      lists: [
        {
          slot: 'middle',
          words: [
            'the wind goes by and it gives them a shake,',
            'somebody runs with a slice of cake,',
            'the letters come and they pull at the string,',
            'a mouse climbs up for a little swing,',
            'the dusk comes down and it says good night,',
          ],
        },
      ],
      ...own,
      ending: 'No bells ringing: how quiet it is!\nAll: Shhh. // finger to the lips',
      energy: 'calm',
    },
  ),
  song(
    'rattle-the-box',
    'Rattle the box',
    'song',
    'look',
    ['listening', 'naming', 'time-and-order'],
    [['Into my toolbox I put {a what}, // lay it in', '{a each},', 'and the lid goes down. // clap once']],
    {
      rule: growingBy('hammer', 'spanner', 'ruler'),
      wordsFrom: { role: 'tool' },
      refrain: 'All: Rattle and shake it, what have we got? // shake',
    },
  ),
  song(
    'coming-our-way',
    'Who is coming our way?',
    'song',
    'welcome',
    ['singing', 'talking-in-sentences', 'feelings'],
    [
      [
        'Look out and see who is coming our way: // hand over the eyes',
        '{a what}, and {it:has|have} something to say.',
        'All: Good morning, {what}, and what do you do? // wave',
        'With both of {its} hands {it:shows|show} it to you. // both hands wave',
      ],
    ],
    { rule: overThings('driver:they', 'baker:she', 'postman:he'), wordsFrom: { role: 'who' } },
  ),
  song(
    'hold-it-tight',
    'Hold it tight',
    'chant',
    'tidy',
    ['helping', 'tidying', 'listening'],
    [
      [
        'Take up the {what} and hold it tight, // hold',
        'first to the left and then to the right. // left, right',
        'Lay down the {what} and look what you made: // lay it down',
        'nothing to hurry and nothing mislaid.',
      ],
    ],
    { rule: overThings('hammer', 'ruler'), wordsFrom: { role: 'tool' } },
  ),
  song(
    'cart-in-the-lap',
    'The cart goes down',
    'finger-play',
    'move',
    ['listening', 'waiting', 'balance'],
    [
      [
        'Slowly, slowly up the hill, // lift one knee, then the other',
        'over the top and holding still. // stop',
      ],
      ['Bumpy, bumpy over the stones, // bounce', 'shake all the giggles out of your bones.'],
    ],
    {
      opening: 'Up on my knees now, are you in? // set the child on the knees',
      ending:
        'Here is the hole in the middle of town, // wait\nopen the lid and the cart goes down! // knees apart, hold tight',
      ...{ fromMonths: 6, whole: false, actions: 'A child on each lap, held round the middle' },
    },
  ),
  song(
    'echo-street',
    'Say it back',
    'chant',
    'gather',
    ['listening', 'singing', 'new-words'],
    [
      [
        '{what}!',
        'Children: {what}! // say it back',
        'Softly now: {what},',
        'Children: {what}. // hardly to be heard',
      ],
    ],
    {
      rule: overThings('mind the step', 'ring the bell', 'hold on tight', 'time to stop'),
      ...own,
      pace: 'brisk',
    },
  ),
  song(
    'by-its-sound',
    'I know it by its sound',
    'song',
    'look',
    ['listening', 'naming', 'singing'],
    [
      [
        'Who comes along with a {what}, {what}, {what}? // hand behind the ear',
        'All: That is the {comer}, I know it by that! // point',
      ],
    ],
    {
      rule: overThings('ding', 'honk', 'trot', 'swish'),
      lists: [{ slot: 'comer', words: ['tram', 'truck', 'horse', 'broom'] }],
      ...own,
      energy: 'lively',
    },
  ),
];
