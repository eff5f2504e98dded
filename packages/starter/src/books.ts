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
];
