import type { ChangeInput, SkillId, SongKind, SongPurpose } from '@kobby/core';

type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];
type Rest = Partial<Omit<SongInput, 'skills' | 'verses'>>;

const song = (
  id: string,
  title: string,
  kind: SongKind,
  purpose: SongPurpose,
  skills: readonly SkillId[],
  verses: readonly string[],
  rest: Rest = {},
): SongInput => ({
  id,
  title,
  kind,
  purpose,
  skills: [...skills],
  verses: [...verses],
  source: 'Kobby starter library',
  ...rest,
});

/** Songs, chants and finger plays of the starter library. Every verse was written for Kobby. */
export const STARTER_SONGS: readonly SongInput[] = [
  song(
    'who-is-here',
    'Who came up the path?',
    'song',
    'welcome',
    ['singing', 'listening'],
    [
      'Who came up the path today?\n{word} came up the path today.\nShoes on the mat and coat on the hook,\n{word} is here: everyone look!',
    ],
    {
      rule: { kind: 'for-words', words: ['our friend', 'our guest'] },
      tune: 'Any walking tune',
      actions: 'Wave at whoever is sung.',
    },
  ),
  song(
    'door-opens',
    'The door opens wide',
    'chant',
    'welcome',
    ['listening', 'taking-turns'],
    [
      'Creak goes the hinge and wide goes the door,\nin comes the morning and sits on the floor.\nHands on your knees and eyes on me,\ntell us what you brought to see.',
    ],
    { actions: 'Open both arms slowly, then sit.', energy: 'calm' },
  ),
  song(
    'ten-finger-rain',
    'Rain begins with one',
    'finger-play',
    'gather',
    ['listening', 'counting'],
    [
      'One finger taps, so soft, so slow,\ntwo fingers tap, here comes the show.\nThree, then four, then all the ten,\nand all of a sudden: quiet again.',
    ],
    {
      actions: 'Tap the floor with as many fingers as are named; stop with both palms up.',
      energy: 'middling',
    },
  ),
  song(
    'kites-on-a-line',
    'Kites on a line',
    'finger-play',
    'count',
    ['counting', 'adding-and-taking'],
    [
      '{n} bright kites on a washing line,\nthe wind came by and said: this is mine!\nIt tugged and it tossed till one flew free.\nNow how many kites are left for me?',
    ],
    {
      rule: { kind: 'counted', from: 5, to: 1 },
      actions: 'Hold up as many fingers; let one fly off.',
      props: [{ words: 'Felt kites', supplyId: 'felt-kites', count: 5 }],
    },
  ),
  song(
    'letters-in-the-bag',
    'Letters in the bag',
    'chant',
    'count',
    ['counting', 'listening'],
    [
      'Into the bag goes letter number {n},\nwho is it for? Will it come back again?\nStamp it, thump it, close the flap,\nready for the next one: clap, clap, clap.',
    ],
    {
      rule: { kind: 'counted', from: 1, to: 6 },
      actions: 'Drop an envelope with each verse.',
      props: [{ words: 'Envelopes', supplyId: 'envelopes', count: 6 }],
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
      'Down in the street it is almost night,\n{n} little lamps have put on their light.\nBlow a kiss up to the top of the pole,\none more is glowing as red as a coal.',
    ],
    {
      rule: { kind: 'counted', from: 1, to: 5 },
      tune: 'A slow three-four',
      energy: 'calm',
      props: [{ words: 'Candle lights', supplyId: 'candle-lights', count: 5 }],
    },
  ),
  song(
    'gust-and-hush',
    'Gust and hush',
    'chant',
    'move',
    ['moving-to-music', 'listening'],
    [
      'Gust, gust, run with the gust,\nwhirl like a leaf in a swirl of dust.\nHush, hush, the wind lies down,\nfeather by feather it sinks on the town.',
    ],
    { actions: 'Run on the spot, then sink as slowly as you can.', energy: 'lively' },
  ),
  song(
    'crane-driver',
    'The crane driver',
    'song',
    'move',
    ['dancing', 'pretending'],
    [
      'Up goes the hook and round goes the arm,\nlift it up gently, do nobody harm.\nOver the river and over the wall,\nlower it slowly or else it will fall.',
    ],
    {
      tune: 'A march, not too fast',
      actions: 'Arm up, turn, bend the knees.',
      energy: 'lively',
      fromMonths: 18,
    },
  ),
  song(
    'bridge-of-backs',
    'A bridge of backs',
    'song',
    'move',
    ['crawling-and-climbing', 'taking-turns'],
    [
      'Make me a bridge that is round and strong,\nsomebody small wants to crawl along.\nUnder the arch and out of the door,\nnow be a bridge for one of us more.',
    ],
    { actions: 'The oldest make a bridge on hands and feet.', energy: 'lively', fromMonths: 12 },
  ),
  song(
    'what-do-you-spy',
    'Through the tube',
    'chant',
    'look',
    ['looking-closely', 'naming'],
    [
      'I look through a tube and what do I see?\nSomething that’s {word} looks back at me.\nPoint with your nose, do not say a thing,\nwhen I count to three we will all of us sing.',
    ],
    {
      rule: { kind: 'for-words', words: ['blue', 'round', 'tiny', 'striped'] },
      props: [{ words: 'Cardboard tubes', supplyId: 'cardboard-tubes', count: 6 }],
    },
  ),
  song(
    'key-in-the-lock',
    'Key in the lock',
    'finger-play',
    'look',
    ['pinching', 'listening'],
    [
      'Here is a lock and here is a key,\nturn it once, what will it be?\nTurn it twice, a bit of light,\nturn it thrice and hold on tight:\nopen!',
    ],
    { actions: 'One fist is the lock, one finger the key.', fromMonths: 9 },
  ),
  song(
    'mirror-song',
    'The one in the glass',
    'song',
    'look',
    ['feelings', 'looking-closely'],
    [
      'The one in the glass has a nose like mine,\nit frowns when I frown and it shines when I shine.\nIf I am cross then the glass is cross too,\nso I pull up the corners and say: how are you?',
    ],
    {
      tune: 'Any lullaby with even steps',
      energy: 'calm',
      props: [{ words: 'Plastic mirrors', supplyId: 'mirrors-plastic', count: 4 }],
    },
  ),
  song(
    'paper-boat-lullaby',
    'Paper boat, float',
    'song',
    'calm',
    ['singing', 'listening'],
    [
      'Paper boat, float, there is nowhere to go,\nthe river is quiet, the river is slow.\nFold up your day and lay it inside,\nthe moon will look after the end of the ride.',
    ],
    { tune: 'A lullaby', actions: 'Rock from side to side, smaller each time.', energy: 'calm' },
  ),
  song(
    'stone-breath',
    'As heavy as stone',
    'transition',
    'calm',
    ['concentrating', 'waiting'],
    [
      'My feet are as heavy as two grey stones,\nthe sleep goes upward through all of my bones.\nMy breath is a feather, in, and out,\nnobody whispers and nobody shouts.',
    ],
    {
      actions: 'Lie down; a scarf on the belly rises and falls.',
      energy: 'calm',
      props: [{ words: 'Light scarves', supplyId: 'scarves', count: 7 }],
    },
  ),
  song(
    'market-closes',
    'The market is closing',
    'transition',
    'tidy',
    ['tidying', 'helping'],
    [
      'The market is closing, pack up the stall,\nbig things are first and the last things are small.\nBaskets on shelves and the lid on the bin,\nroll up the street and let evening in.',
    ],
    { tune: 'A marching tune', energy: 'middling' },
  ),
  song(
    'count-to-the-shelf',
    'Five for the shelf',
    'transition',
    'tidy',
    ['tidying', 'counting'],
    ['{n} on the carpet, what do we do?\nOne for the shelf, and it’s carried by you.'],
    { rule: { kind: 'counted', from: 5, to: 1 }, actions: 'Each child brings one thing with each verse.' },
  ),
  song(
    'clock-goodbye',
    'The clock says so',
    'song',
    'goodbye',
    ['singing', 'time-and-order'],
    [
      'Tick, says the clock, it was good that you came.\nTock, says the clock, and it calls you by name:\n{word}, good night, and the day is done,\ncome back tomorrow and wind up the sun.',
    ],
    {
      rule: { kind: 'for-words', words: ['our friend', 'our guest'] },
      tune: 'Swinging, like a pendulum',
      energy: 'calm',
    },
  ),
  song(
    'wash-wait',
    'While we wait at the tap',
    'chant',
    'gather',
    ['waiting', 'washing'],
    [
      'Stand like a lamp post, stand like a tree,\nstand like a letter that waits for its key.\nPalms to the left and palms to the right,\nnow they are dry and now they are bright.',
    ],
    { actions: 'A pose for each line while others wash.' },
  ),
];
