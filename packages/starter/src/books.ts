import type { BookLevel, ChangeInput, SkillId } from '@kobby/core';

type BookInput = Extract<ChangeInput, { type: 'library/put-book' }>['book'];

const slot = (
  id: string,
  title: string,
  level: BookLevel,
  about: readonly string[],
  skills: readonly SkillId[],
  rest: Partial<Omit<BookInput, 'about' | 'skills'>> = {},
): BookInput => ({
  id,
  title,
  level,
  about: [...about],
  skills: [...skills],
  notes: 'A kind of book: put the title of your own here.',
  ...rest,
});

/** A kind of book with what to look for in one. */
const lookFor = (book: BookInput, what: string): BookInput => ({
  ...book,
  notes: `Look for: ${what} Put the title of your own here.`,
});

/** Kinds of books that a rail needs, each to be given a title of the home's own. */
export const STARTER_BOOKS: readonly BookInput[] = [
  slot('book-lap-faces', 'Lap book of faces', 'lap', ['faces', 'feelings'], ['feelings', 'handling-books'], {
    use: 'rail',
  }),
  slot(
    'book-lap-things',
    'Lap book of one thing a page',
    'lap',
    ['first words'],
    ['naming', 'handling-books'],
    { use: 'rail' },
  ),
  slot(
    'book-lap-flaps',
    'Lap book with thick flaps',
    'lap',
    ['hiding'],
    ['grasp-and-release', 'handling-books'],
    { use: 'rail' },
  ),
  slot(
    'book-wind',
    'Picture book about wind',
    'picture',
    ['wind', 'kites', 'weather'],
    ['new-words', 'observing'],
  ),
  slot(
    'book-night',
    'Picture book about the night',
    'picture',
    ['night', 'lanterns', 'stars'],
    ['new-words', 'feelings'],
  ),
  slot(
    'book-market',
    'Picture book of a market day',
    'picture',
    ['market', 'counting'],
    ['places-and-people', 'naming'],
  ),
  slot(
    'book-post',
    'Picture book on how a letter travels',
    'picture',
    ['post', 'letters'],
    ['time-and-order', 'places-and-people'],
  ),
  slot('book-counting', 'Counting book, one to ten', 'picture', ['counting'], ['counting', 'numerals']),
  slot(
    'book-big-machines',
    'True book about cranes and pulleys',
    'picture',
    ['cranes', 'machines'],
    ['new-words', 'cause-and-effect'],
  ),
  slot(
    'book-story-help',
    'Story in which somebody helps',
    'story',
    ['helping', 'friends'],
    ['helping', 'listening'],
    { use: 'read-aloud' },
  ),
  slot(
    'book-story-lost',
    'Story of something lost and found',
    'story',
    ['keys', 'looking'],
    ['telling-a-story', 'listening'],
    { use: 'read-aloud' },
  ),
  slot(
    'book-story-bridge',
    'Story that needs a bridge',
    'story',
    ['bridges', 'building'],
    ['telling-a-story', 'guess-and-test'],
    { use: 'read-aloud' },
  ),
  slot('book-delicate', 'Pop-up book, delicate', 'story', ['paper'], ['looking-closely'], {
    use: 'read-aloud',
    keptHigh: true,
  }),
  slot(
    'book-reader-short',
    'First reader with three words a page',
    'reader',
    ['reading'],
    ['reading-words'],
    { use: 'rail' },
  ),
  slot(
    'book-reader-clock',
    'Reader about clocks',
    'reader',
    ['clocks', 'time'],
    ['reading-words', 'time-and-order'],
    { use: 'rail' },
  ),
  lookFor(
    slot('book-lap-touch', 'Lap book to feel', 'lap', ['touch', 'animals'], ['touch', 'handling-books'], {
      use: 'rail',
    }),
    'Patches of fur, cord or foil that do not come off, board pages, nothing that a fingernail lifts.',
  ),
  lookFor(
    slot(
      'book-lap-mirror',
      'Lap book with a mirror',
      'lap',
      ['faces', 'me'],
      ['feelings', 'looking-closely'],
      { use: 'rail' },
    ),
    'A mirror of plastic that is set into the board, one face a page.',
  ),
  lookFor(
    slot(
      'book-lap-black-white',
      'Lap book of strong patterns',
      'lap',
      ['patterns', 'looking'],
      ['looking-closely', 'handling-books'],
      { use: 'rail' },
    ),
    'Black, white and one colour, one shape a page, no words needed.',
  ),
  lookFor(
    slot('book-lap-sounds', 'Lap book of noises', 'lap', ['sounds', 'animals'], ['sound', 'naming'], {
      use: 'rail',
    }),
    'One noise a page that you can make yourself, without a battery.',
  ),
  lookFor(
    slot(
      'book-lap-bath',
      'Lap book of washing and dressing',
      'lap',
      ['body', 'washing'],
      ['washing', 'naming'],
      { use: 'rail' },
    ),
    'Short words for what your hands are doing anyway.',
  ),
  lookFor(
    slot(
      'book-lap-family',
      'Lap book of our own families',
      'lap',
      ['family', 'photos'],
      ['feelings', 'places-and-people'],
      { use: 'rail' },
    ),
    'Made here: a photo of each family, covered, with rings that stay shut.',
  ),
  lookFor(
    slot(
      'book-lap-peek',
      'Lap book of peeping out',
      'lap',
      ['hiding'],
      ['cause-and-effect', 'handling-books'],
      { use: 'rail' },
    ),
    'Cloth or thick flaps; whoever peeps out is the same each time.',
  ),
  lookFor(
    slot(
      'book-same-words',
      'Picture book that says the same again and again',
      'picture',
      ['saying along'],
      ['listening', 'telling-a-story'],
    ),
    'A line that comes back on every page, for all to say.',
  ),
  lookFor(
    slot(
      'book-no-words',
      'Picture book without words',
      'picture',
      ['looking', 'telling'],
      ['telling-a-story', 'observing'],
    ),
    'Each page leads to the next, and there is something small to find.',
  ),
  lookFor(
    slot(
      'book-first-pictures',
      'Picture book of a thousand things',
      'picture',
      ['first words'],
      ['naming', 'new-words'],
      { use: 'rail' },
    ),
    'Whole pages of one place: a kitchen, a street, a yard.',
  ),
  lookFor(
    slot(
      'book-colours',
      'Picture book about colours',
      'picture',
      ['colours', 'mixing'],
      ['colour', 'naming'],
    ),
    'Colours that mix, or one colour in many things.',
  ),
  lookFor(
    slot(
      'book-shapes',
      'Picture book about shapes',
      'picture',
      ['shapes', 'building'],
      ['shapes', 'looking-closely'],
    ),
    'Shapes in real things rather than with faces drawn on.',
  ),
  lookFor(
    slot(
      'book-sizes',
      'Picture book of big and small',
      'picture',
      ['size', 'measuring'],
      ['comparing-size', 'measuring'],
    ),
    'Things at their real size, or one thing beside another.',
  ),
  lookFor(
    slot(
      'book-opposites',
      'Picture book of opposites',
      'picture',
      ['opposites'],
      ['new-words', 'comparing-size'],
    ),
    'Two pages that belong together: wet and dry, loud and quiet.',
  ),
  lookFor(
    slot('book-alphabet', 'Alphabet book', 'picture', ['letters', 'alphabet'], ['letters', 'letter-sounds']),
    'One letter a page, large and plain, with things that begin with its sound.',
  ),
  lookFor(
    slot(
      'book-number-groups',
      'Counting book in which groups are seen',
      'picture',
      ['counting', 'numbers'],
      ['counting', 'adding-and-taking'],
    ),
    'Fives and tens that one sees without counting, and more than one way to make each.',
  ),
  lookFor(
    slot(
      'book-take-away',
      'Counting-down book',
      'picture',
      ['counting', 'one less'],
      ['adding-and-taking', 'counting'],
    ),
    'One goes away on each page, and one can see who is left.',
  ),
  lookFor(
    slot(
      'book-feelings',
      'Picture book about feelings',
      'picture',
      ['feelings', 'friends'],
      ['feelings', 'new-words'],
    ),
    'Faces that can be read, and what helps; nobody is told to stop.',
  ),
  lookFor(
    slot(
      'book-getting-along',
      'Picture book about sharing a thing',
      'picture',
      ['friends', 'taking turns'],
      ['taking-turns', 'feelings'],
    ),
    'Two who want the same, and a way out that they find themselves.',
  ),
  lookFor(
    slot(
      'book-good-night',
      'Picture book for before rest',
      'picture',
      ['rest', 'night'],
      ['listening', 'feelings'],
      { use: 'read-aloud' },
    ),
    'Slow, fewer words on each page, ends quietly.',
  ),
  lookFor(
    slot(
      'book-food',
      'Picture book about where food comes from',
      'picture',
      ['food', 'farm'],
      ['places-and-people', 'living-things'],
    ),
    'From the ground to the plate, with hands that work.',
  ),
  lookFor(
    slot(
      'book-cooking',
      'Picture book in which something is cooked',
      'picture',
      ['cooking', 'food'],
      ['time-and-order', 'preparing-food'],
    ),
    'Steps in their order, so that they can be done.',
  ),
  lookFor(
    slot(
      'book-garden',
      'Picture book about something that grows',
      'picture',
      ['garden', 'seeds', 'plants'],
      ['living-things', 'time-and-order'],
    ),
    'Roots below and leaves above on the same page.',
  ),
  lookFor(
    slot(
      'book-small-creatures',
      'True book about small creatures',
      'picture',
      ['insects', 'creatures'],
      ['living-things', 'looking-closely'],
    ),
    'Photographs, large, with what each of them eats.',
  ),
  lookFor(
    slot(
      'book-creatures-home',
      'True book about where creatures live',
      'picture',
      ['animals', 'homes'],
      ['living-things', 'sorting-kinds'],
    ),
    'A burrow, a nest, a web, cut open so that one sees in.',
  ),
  lookFor(
    slot(
      'book-weather',
      'True book about weather',
      'picture',
      ['weather', 'clouds', 'rain'],
      ['observing', 'new-words'],
    ),
    'What one sees from one’s own door, and names for it.',
  ),
  lookFor(
    slot(
      'book-seasons',
      'Picture book of one place all year',
      'picture',
      ['seasons', 'trees'],
      ['time-and-order', 'observing'],
    ),
    'The same tree or street, page after page.',
  ),
  lookFor(
    slot(
      'book-water',
      'True book about water',
      'picture',
      ['water', 'rivers', 'ice'],
      ['cause-and-effect', 'guess-and-test'],
    ),
    'Where it comes from and where it goes, ice and steam too.',
  ),
  lookFor(
    slot(
      'book-body',
      'True book about the body',
      'picture',
      ['body', 'health'],
      ['new-words', 'living-things'],
    ),
    'Bones, skin and breath in plain words.',
  ),
  lookFor(
    slot(
      'book-work',
      'True book about people at work',
      'picture',
      ['work', 'town'],
      ['places-and-people', 'new-words'],
    ),
    'Women and men at every kind of work, with their tools named.',
  ),
  lookFor(
    slot(
      'book-vehicles',
      'True book about what rolls, floats and flies',
      'picture',
      ['trams', 'boats', 'cars'],
      ['sorting-kinds', 'new-words'],
    ),
    'Cut open, with words for the parts.',
  ),
  lookFor(
    slot(
      'book-building',
      'True book about how something is built',
      'picture',
      ['building', 'bridges', 'houses'],
      ['time-and-order', 'fitting-and-building'],
    ),
    'The same place while it is built, from the hole to the roof.',
  ),
  lookFor(
    slot(
      'book-tools',
      'True book about tools and simple machines',
      'picture',
      ['tools', 'machines', 'levers'],
      ['cause-and-effect', 'new-words'],
    ),
    'One tool a page and what it does better than a hand.',
  ),
  lookFor(
    slot(
      'book-light',
      'True book about light and shadow',
      'picture',
      ['light', 'shadows', 'mirrors'],
      ['observing', 'guess-and-test'],
    ),
    'Things to try on the next sunny day.',
  ),
  lookFor(
    slot(
      'book-sound-music',
      'Picture book about making music',
      'picture',
      ['music', 'instruments'],
      ['instruments', 'sound'],
    ),
    'Instruments from many places, and how a hand plays them.',
  ),
  lookFor(
    slot(
      'book-art',
      'Picture book of works of art',
      'picture',
      ['art', 'colours'],
      ['own-idea', 'looking-closely'],
    ),
    'One work a page, large, with room to talk.',
  ),
  lookFor(
    slot(
      'book-families',
      'Picture book of many families',
      'picture',
      ['family', 'home'],
      ['places-and-people', 'feelings'],
    ),
    'Families as those who come here are, and others.',
  ),
  lookFor(
    slot(
      'book-festivals',
      'Picture book about a feast',
      'picture',
      ['feasts', 'family'],
      ['places-and-people', 'time-and-order'],
    ),
    'A feast that a family here keeps, told by somebody who keeps it.',
  ),
  lookFor(
    slot(
      'book-rhymes',
      'Book of rhymes and finger plays',
      'picture',
      ['rhymes', 'songs'],
      ['listening', 'beat'],
      { use: 'read-aloud' },
    ),
    'Short ones, for laps and hands, that you can say without looking.',
  ),
  lookFor(
    slot(
      'book-maps',
      'Picture book of maps',
      'picture',
      ['maps', 'places'],
      ['places-and-people', 'looking-closely'],
    ),
    'From a room to a street to a town, drawn from above.',
  ),
  lookFor(
    slot(
      'book-story-journey',
      'Story of a journey there and back',
      'story',
      ['travel', 'maps'],
      ['telling-a-story', 'time-and-order'],
      { use: 'read-aloud' },
    ),
    'Stations that come again on the way home.',
  ),
  lookFor(
    slot(
      'book-story-too-many',
      'Story in which there are too many',
      'story',
      ['counting', 'market'],
      ['adding-and-taking', 'telling-a-story'],
      { use: 'read-aloud' },
    ),
    'Something grows until it is too much, and then a way out.',
  ),
  lookFor(
    slot(
      'book-story-inventor',
      'Story of somebody who builds something',
      'story',
      ['inventing', 'machines'],
      ['guess-and-test', 'own-idea'],
      { use: 'read-aloud' },
    ),
    'It does not work at first, and that is no shame.',
  ),
  lookFor(
    slot(
      'book-story-brave',
      'Story of somebody small who dares',
      'story',
      ['courage', 'feelings'],
      ['feelings', 'listening'],
      { use: 'read-aloud' },
    ),
    'The fear is real, and somebody stays near.',
  ),
  lookFor(
    slot(
      'book-story-chapters',
      'Story in chapters, one a day',
      'story',
      ['series', 'friends'],
      ['listening', 'time-and-order'],
      { use: 'read-aloud' },
    ),
    'Chapters of ten minutes that end well enough to wait.',
  ),
  lookFor(
    slot('book-tale-old', 'Old tale, told anew', 'story', ['tales'], ['telling-a-story', 'pretending'], {
      use: 'read-aloud',
    }),
    'Three times the same with one change: good for playing it afterwards.',
  ),
];
