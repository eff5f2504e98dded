import { overThings, song, type SongInput } from './builder.ts';

/** For laps and small hands, for gathering, for tidying, for going home. */
export const LAP_SONGS: readonly SongInput[] = [
  song(
    'up-the-hill-of-my-knee',
    'Up the hill of my knee',
    'finger-play',
    'calm',
    ['listening', 'beat', 'touch'],
    [
      [
        'Slowly, so slowly we climb to the top, // two fingers walk up the leg',
        'here is the place where the two of us stop. // rest on the knee',
        'Look at the river and look at the sea, // look round',
        'then down we go sliding to you and to me! // slide down',
      ],
    ],
    { energy: 'calm', voice: 'low, slower at the top' },
  ),
  song(
    'toes-in-a-row',
    'Toes in a row',
    'finger-play',
    'calm',
    ['counting', 'listening', 'touch'],
    [
      [
        'This little toe has a hat and a key, // the big toe',
        'this little toe has been out by the sea, // the next',
        'this little toe likes to sit in the shade, // the middle one',
        'this little toe has a house that it made, // the next',
        'and this little toe is so small and so new // the smallest',
        'that nobody knows what this toe likes to do! // a tickle',
      ],
    ],
    { energy: 'calm' },
  ),
  song(
    'rock-with-the',
    'Rock with it',
    'song',
    'calm',
    ['singing', 'listening', 'moving-to-music'],
    [
      [
        'Rock with the {what}, rock to and fro, // rock',
        'out where the soft and the slow winds go.',
        'Rock with the {what}, rock it to bed, // slower',
        'here is a pillow to lie on its head. // lay the cheek down',
      ],
    ],
    { rule: overThings('lantern', 'feather'), energy: 'calm', tune: 'A rocking tune in three' },
  ),
  song(
    'ears-on',
    'Where are your ears?',
    'transition',
    'gather',
    ['listening', 'waiting'],
    [
      [
        'Where are your ears, and what do they hear? // hands at the ears',
        'Something is far, and something is near. // point far, point near',
        'Where are your hands, and where is your chin? // hands to the chin',
        'All: Now we are quiet, and we can begin! // hands in the lap',
      ],
    ],
    { pace: 'brisk', voice: 'each line softer than the one before' },
  ),
  song(
    'home-to-the-shelf',
    'Home to the shelf',
    'transition',
    'tidy',
    ['tidying', 'singing', 'helping'],
    [
      [
        'Where does the {what} live? Home on the shelf. // carry it',
        'Can it walk there? Not by itself.',
        'Who takes a corner, and who takes an end? // two hands',
        'All: Home with the {what} now, home with a friend!',
      ],
    ],
    { rule: overThings('basket', 'ribbon'), energy: 'middling', tune: 'A walking tune' },
  ),
  song(
    'one-more-wave',
    'One more wave',
    'song',
    'goodbye',
    ['singing', 'feelings', 'waiting'],
    [
      [
        'One more wave from the top of my arm, // a high wave',
        'one little wave to keep you warm, // a small one',
        'one for the day and whatever we made, // to the room',
        'one for the corners where we played. // to the corners',
      ],
    ],
    { energy: 'calm', tune: 'A slow tune that falls at the end' },
  ),
  song(
    'knock-at-the-cup',
    'Who is in the cup?',
    'finger-play',
    'look',
    ['listening', 'naming', 'waiting'],
    [
      [
        'Knock on the cup, and who is within? // knock on a cupped hand',
        'Somebody small with a foot and a chin. // a finger looks out',
        'Knock on the lid, and who do you see? // knock again',
        'All: Only a {what} that is looking at me! // it looks out',
      ],
    ],
    { rule: overThings('button', 'parcel') },
  ),
  song(
    'boots-in-a-pair',
    'Left one, right one',
    'chant',
    'move',
    ['dressing', 'beat', 'moving-to-music'],
    [
      [
        'Left one, right one, in they go, // step in',
        'heel at the back and a wiggle of the toe. // wiggle',
        'Stamp on the mat, and a turn to the door, // stamp, turn',
        'All: ready to go where we went before! // march',
      ],
    ],
    { pace: 'brisk', energy: 'lively' },
  ),
];
