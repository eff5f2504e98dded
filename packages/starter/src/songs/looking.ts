import { growingBy, overThings, song, type SongInput } from './builder.ts';

/** What looks, guesses, names and grows by another word. */
export const LOOKING_SONGS: readonly SongInput[] = [
  song(
    'what-do-you-spy',
    'Through the tube',
    'chant',
    'look',
    ['looking-closely', 'naming'],
    [
      [
        'I look through a tube, and what do I see? // hand as a tube',
        '{a what} is looking back at me.',
        'Point with your nose, do not say a thing, // noses',
        'when I count to three we will all of us sing.',
      ],
    ],
    {
      rule: overThings('button', 'lantern', 'parcel'),
      props: [{ words: 'Cardboard tubes', supplyId: 'cardboard-tubes', count: 1, per: 'child' }],
    },
  ),
  song(
    'high-and-low',
    'Look up high and look down low',
    'song',
    'look',
    ['looking-closely', 'listening'],
    [
      [
        'Look up high and look down low, // hand over the eyes, up and down',
        'where did the little {what} go?',
        'Over the table and under the chair, // point',
        "All: there it is, it's hiding there!",
      ],
    ],
    { rule: overThings('windsock', 'ribbon'), tune: 'Any walking tune' },
  ),
  song(
    'what-can-you-do',
    'What can you do with it?',
    'chant',
    'look',
    ['pretending', 'talking-in-sentences'],
    [
      [
        'What can you do with {a what} today?',
        'Carry it, hold it and put it away, // as it says',
        'turn it all over and look underneath, // turn the hands',
        'but never, no never, put it in your teeth! // wag a finger',
      ],
    ],
    { rule: overThings('lantern', 'feather') },
  ),
  song(
    'pass-it-round',
    'Pass it round the ring',
    'song',
    'look',
    ['taking-turns', 'waiting'],
    [
      [
        'Pass the {what} around the ring, // it goes from hand to hand',
        'nobody knows what it will bring.',
        'Warm it a little and send it on:',
        "hands up high, for now it's gone! // whoever has it holds it up",
      ],
    ],
    {
      rule: overThings('parcel', 'letter'),
      tune: 'A slow march',
      props: [{ words: 'The thing that is sung of', supplyId: null, count: 1 }],
    },
  ),
  song(
    'into-the-sack',
    'I opened my sack',
    'song',
    'look',
    ['listening', 'telling-a-story'],
    [
      [
        'I went to the shed and I opened my sack, // hold it open',
        '{a what} hopped in and would not come back.',
        'Now what is inside it, heavy and fat?',
        'All: {a each},',
        'and room for more, just think of that!',
      ],
    ],
    {
      rule: growingBy('hammer', 'ladder', 'bucket', 'lantern'),
      tune: 'A swinging six-eight',
      fromMonths: 30,
      props: [{ words: 'A sack', supplyId: null, count: 1 }],
    },
  ),
  song(
    'high-on-the-shelf',
    'Somebody new on the shelf',
    'chant',
    'look',
    ['listening', 'naming'],
    [
      [
        'High on the shelf there is somebody new, // point up',
        '{a what} has come to admire the view.',
        'All: Hello to the {each}, // wave',
        "move up a little, there's room for you too. // shove along",
      ],
    ],
    {
      rule: {
        kind: 'growing',
        over: 'what',
        words: ['kettle', 'basket', 'mirror', 'candle'],
        order: 'oldest-first',
      },
      fromMonths: 24,
    },
  ),
  song(
    'two-hands-peep',
    'Fold them together and look inside',
    'finger-play',
    'look',
    ['pinching', 'naming'],
    [
      [
        "Here are two hands, and they're flat and they're wide, // palms up",
        'fold them together and look inside. // fold',
        '{a what} is sitting as small as a pea, // peep',
        'I blow on it gently: it waves at me. // blow, and wave one finger',
      ],
    ],
    { rule: overThings('button', 'feather'), energy: 'calm', voice: 'soft, so that they lean in' },
  ),
  song(
    'this-finger-ran',
    'A very big grin',
    'finger-play',
    'look',
    ['pinching', 'listening'],
    [
      [
        'This finger knocked and this finger ran, // one finger after the other',
        'this one said: catch {a what} if you can.',
        'This one looked under and this one looked in, // look under, look in',
        'and there sat the thumb with a very big grin. // thumb up',
      ],
    ],
    { rule: overThings('ribbon', 'paper') },
  ),
  song(
    'key-in-the-lock',
    'Key in the lock',
    'finger-play',
    'look',
    ['pinching', 'listening'],
    [
      [
        'Here is a lock and here is a key, // one fist, one finger',
        'turn it once, what will it be? // turn',
        'Turn it twice, a bit of light,',
        'turn it thrice and hold on tight:',
        'open! // the fist flies open',
      ],
    ],
    { fromMonths: 9 },
  ),
  song(
    'mirror-song',
    'The one in the glass',
    'song',
    'look',
    ['feelings', 'looking-closely'],
    [
      [
        'The one in the glass has a nose like mine, // touch the nose',
        'it frowns when I frown and it shines when I shine. // frown, smile',
        'If I am cross then the glass is cross too,',
        'so I pull up the corners and say: how are you?',
      ],
    ],
    {
      tune: 'Any lullaby with even steps',
      energy: 'calm',
      props: [{ words: 'Plastic mirrors', supplyId: 'mirrors-plastic', count: 4 }],
    },
  ),
];
