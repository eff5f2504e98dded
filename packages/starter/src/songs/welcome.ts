import { overChildren, overThings, song, type SongInput } from './builder.ts';

/** What begins a circle: greeting, and bringing eyes and ears together. */
export const WELCOME_SONGS: readonly SongInput[] = [
  song(
    'who-is-here',
    'Who came up the path?',
    'song',
    'welcome',
    ['singing', 'listening'],
    [
      [
        'Who came up the path today? // hand over the eyes',
        '{who} came up the path today. // wave at whoever is sung',
        'Shoes on the mat and coat on the hook,',
        '{who} is here: everyone look!',
      ],
    ],
    { rule: overChildren, tune: 'Any walking tune', voice: 'bright, and wait for each child to look up' },
  ),
  song(
    'knock-and-come-in',
    'Knock, knock, come on in',
    'chant',
    'welcome',
    ['listening', 'taking-turns'],
    [
      [
        'Knock, knock, knock at the door, // knock on the floor',
        'who has come to play some more?',
        'All: Come in, {who}, come on in, // beckon',
        'All: now our circle can begin.',
      ],
    ],
    { rule: overChildren, pace: 'brisk', voice: 'whisper the knocking, call the answer' },
  ),
  song(
    'circle-grows',
    'The circle grows',
    'song',
    'welcome',
    ['singing', 'naming'],
    [
      [
        'The circle was empty, and who sat down? // draw a ring in the air',
        '{who} sat down with the tiniest sound.',
        'All: {each} is here, // wave',
        'and still there is plenty of room all around.',
      ],
    ],
    {
      rule: { kind: 'growing', over: 'who', words: ['our friend', 'our guest'] },
      tune: 'Any tune in three-four time',
      fromMonths: 24,
    },
  ),
  song(
    'morning-to-things',
    'Good morning to the floor',
    'song',
    'welcome',
    ['singing', 'naming'],
    [
      [
        'Good morning to the {what}, // wave at it',
        'good morning to the floor, // pat the floor',
        'good morning to the somebody // open both arms',
        "who's walking through the door.",
      ],
    ],
    { rule: overThings('window', 'table'), tune: 'Any walking tune' },
  ),
  song(
    'door-opens',
    'The door opens wide',
    'chant',
    'welcome',
    ['listening', 'taking-turns'],
    [
      [
        'Creak goes the hinge and wide goes the door, // open both arms slowly',
        'in comes the morning and sits on the floor. // sit',
        'Hands on your knees and eyes on me,',
        'tell us what you brought to see.',
      ],
    ],
    { energy: 'calm', pace: 'slow', voice: 'low, and slower with each line' },
  ),
  song(
    'what-do-i-hear',
    'What do I hear?',
    'chant',
    'gather',
    ['listening', 'waiting'],
    [
      [
        'Hush now, hush now, what do I hear? // hand to the ear',
        'Somewhere {a what} is very near.',
        'Nobody rustle and nobody speak, // finger to the lips',
        'one, two, three: and take a peek. // peep through the fingers',
      ],
    ],
    { rule: overThings('parcel', 'lantern'), energy: 'calm', pace: 'slow', voice: 'down to a whisper' },
  ),
  song(
    'clap-tap-lap',
    'Clap, tap, lap',
    'chant',
    'gather',
    ['beat', 'listening'],
    [
      [
        'Clap it for the {what}: // clap',
        'All: clap, clap, clap.',
        'Tap it for the {what}: // two fingers in the palm',
        'All: tap, tap, tap.',
        'Hide your hands away now: // hands into the lap',
        'All: lap, lap, lap.',
      ],
    ],
    { rule: overThings('ribbon', 'lantern'), pace: 'brisk', voice: 'loud, then soft, then softer' },
  ),
  song(
    'in-my-pocket',
    'Something is here in my pocket',
    'chant',
    'gather',
    ['listening', 'naming'],
    [
      [
        'Something is here in my pocket today, // pat the pocket',
        "it hasn't a thing that it wants to say.",
        'I show you a corner, now guess what is there: // show a corner of it',
        'All: {a what}! Let it out in the air! // out with it',
      ],
    ],
    { rule: overThings('button', 'letter'), voice: 'as if it were a secret' },
  ),
  song(
    'ten-finger-rain',
    'Rain begins with one',
    'finger-play',
    'gather',
    ['listening', 'counting'],
    [
      [
        'One finger taps, so soft, so slow, // one finger on the floor',
        'two fingers tap, here comes the show. // two',
        'Three, then four, then all the ten, // all of them',
        'and all of a sudden: quiet again. // both palms up',
      ],
    ],
  ),
  song(
    'wash-wait',
    'While we wait at the tap',
    'chant',
    'gather',
    ['waiting', 'washing'],
    [
      [
        'Stand like a lamp post, stand like a tree, // a pose for each',
        'stand like a letter that waits for its key.',
        'Palms to the left and palms to the right, // palms',
        'now they are dry and now they are bright.',
      ],
    ],
  ),
  song(
    'follow-to-the-door',
    'Follow it to the door',
    'transition',
    'gather',
    ['waiting', 'moving-to-music'],
    [
      [
        'Follow the {what} to where it will go, // line up',
        'first very quick and then very slow. // quick steps, slow steps',
        'Follow it round and follow it through:',
        'it stops at the door, and so will you. // stop',
      ],
    ],
    { rule: overThings('windsock', 'wagon'), tune: 'A march, not too fast' },
  ),
];
