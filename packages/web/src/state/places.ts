import type { Findable } from '@kobby/core';

/** The pages of a unit, by the names of their places. */
export const UNIT_PAGES = {
  spark: { name: 'Spark', words: 'theme things title days start letter' },
  corners: { name: 'Corners', words: 'shelf centres set out' },
  days: { name: 'Days', words: 'calendar week plan' },
  circle: { name: 'Circle', words: 'songs morning meeting' },
  trays: { name: 'Trays', words: 'children bins fits' },
  gather: { name: 'Gather', words: 'baskets buy supplies list cost' },
  shop: { name: 'Shopping list', words: 'buy shop' },
  ready: { name: 'Make ready', words: 'prepare tasks cut laminate' },
  'hand-over': { name: 'Hand over', words: 'link assistant paper print note home' },
  'look-back': { name: 'Look back', words: 'how it went review keep mend drop next time' },
  'one-page': { name: 'On one page', words: 'overview print' },
  'print-shop': { name: 'Print shop', words: 'cards pairs memory halves shadows order counting' },
} as const satisfies Record<string, Findable>;

/** The pages of the home, by the names of their places. */
export const HOME_PAGES = {
  today: { name: 'Today', words: 'now room here away ill record' },
  units: { name: 'Units', words: 'shelf themes year' },
  counter: { name: 'Counter', words: 'kitchen recipe mix cook' },
  bins: { name: 'Bins', words: 'kitchen sensory tub filler' },
  made: { name: 'What is mixed', words: 'kitchen keeps old batch' },
  'watch-begin': { name: 'Watch', words: 'observe seed grow science' },
  children: { name: 'Children', words: 'allergies birthdays' },
  people: { name: 'People', words: 'adults assistants' },
  'house-corners': { name: 'The corners of the house', words: 'centres' },
  rules: { name: 'Days and rules', words: 'settings blocks hours ratio values closed' },
  cupboard: { name: 'Cupboard', words: 'stock supplies count price' },
  library: { name: 'Library', words: 'activities songs recipes books' },
  kept: { name: 'Kept', words: 'backup restore signed in pass-phrase device' },
} as const satisfies Record<string, Findable>;

/** What can be begun from anywhere. */
const BEGINNINGS = {
  children: { name: 'A new child', words: 'add' },
  supplies: { name: 'A new supply', words: 'add thing cupboard' },
  activities: { name: 'A new activity', words: 'add idea pattern' },
  songs: { name: 'A new song', words: 'add' },
  recipes: { name: 'A new recipe', words: 'add' },
  bookTitles: { name: 'A new book', words: 'add' },
  people: { name: 'A new assistant', words: 'add adult' },
} as const satisfies Record<string, Findable>;

/** Everything that can be gone to and begun, for the field that finds anything. */
export const PLACES = { ofHome: HOME_PAGES, ofUnit: UNIT_PAGES, toBegin: BEGINNINGS };
