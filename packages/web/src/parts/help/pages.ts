/** What a page is for, and three things to try there. Read beside the page itself, by somebody who sees it for the first time. */
export interface PageHelp {
  readonly name: string;
  readonly about: string;
  readonly tries: readonly [string, string, string];
}

/** By the name of the route, in the order in which a unit grows: from there one page leads to the next. */
export const PAGE_HELP: Readonly<Record<string, PageHelp>> = {
  units: {
    name: 'Units',
    about:
      'Each unit is what the room is about for some days: a theme, a letter, one child’s passion. The ribbon shows when; the cards show how far each has come. An idea waits without dates.',
    tries: [
      'Press a unit to open it where you left it.',
      'Start a unit from two words and a first day, or from a ready-made week.',
      'Look under “Featured so far” for a letter that was not there yet.',
    ],
  },
  year: {
    name: 'The year',
    about:
      'What was out in this room over twelve months, a row for each heading and a shade for how much. What has not been for long is named, and so is what could come next.',
    tries: [
      'Press another way of looking at it: the same things under other headings.',
      'Start again what was here at this time of another year.',
      'Open an idea that waits, and give it a first day.',
    ],
  },
  spark: {
    name: 'Spark',
    about:
      'The idea, its days, and the things of the theme. What is written into the table of things runs through everything: matching, sorting, sequences, songs, the draft. The more it says, the less is left to type elsewhere.',
    tries: [
      'Take the things that belong to the theme with one press, or tick some of them.',
      'Write a colour, a partner or an order beside a thing, and see what comes of it below.',
      'Press “Draft the unit” once there are six things or more.',
    ],
  },
  corners: {
    name: 'Corners',
    about:
      'The shelf: each learning centre with what is set up in it, for whom it fits and from when to when. Beside it stands what Kobby points out, each with a way out of it.',
    tries: [
      'Press one of the dashed offers in an empty corner to put it out.',
      'Pick something up by its hand and put it into another corner.',
      'Open a heads-up and take the way out that it offers.',
    ],
  },
  days: {
    name: 'Days',
    about:
      'What happens when: activities in their blocks, books, circles, events, and what waits in reserve. Closed days are passed over by themselves.',
    tries: [
      'Write your own idea into a day and press Enter: the next line begins.',
      'Press the number of a day to let it change places with another.',
      'Press “Another way” when children are ill or it rains.',
    ],
  },
  circle: {
    name: 'Circle',
    about:
      'The run of a circle, piece by piece, with how long each lasts and how lively it is, held against how long this group sits.',
    tries: [
      'Take a verse away with −, and see the length follow.',
      'Write a minute into “To” and look at what would change before you take it.',
      'Press “Sing it” for words as large as the screen.',
    ],
  },
  trays: {
    name: 'Trays',
    about:
      'Each child against each area: how much in the unit fits, what was not met yet, and what lies in the child’s own bin.',
    tries: [
      'Press a child to see what is still missing, and with what it could be met.',
      'Put something into one child’s bin.',
      'Draft all bins with one press; nothing is put anywhere before you take it.',
    ],
  },
  gather: {
    name: 'Gather',
    about:
      'Everything the rest of the unit needs, by how it is got, counted for the children who come, less what is in the house.',
    tries: [
      'Press an amount to see how it came about.',
      'Press “I have it” where the house has more than Kobby knew; press a price to put it right.',
      'Open the shopping list on your phone, in the shop.',
    ],
  },
  ready: {
    name: 'Make ready',
    about:
      'What has to be done before children come, laid into the times you have. What dries, sets or grows begins early enough; what does not fit is said.',
    tries: [
      'Tick what is done. Whoever helps sees it at once.',
      'Pick a task up and put it into another time.',
      'Press “Find a better order” and compare before you take it.',
    ],
  },
  'hand-over': {
    name: 'Hand over',
    about:
      'Who leads what, and how it reaches them: a link on a phone, paper in a folder, a note home, a calendar.',
    tries: [
      'Make a link for an assistant: it opens the day, without an account.',
      'Print the folder sheets of all days in one go.',
      'Read the note home before families do.',
    ],
  },
  'look-back': {
    name: 'Look back',
    about:
      'How the unit went, laid out from what was told on Today and on phones. Only what nobody said is asked; what was learned goes to the library with one touch.',
    tries: [
      'Touch how something went that stands under “To tell”.',
      'Write a word for next time and press “Remember”: it stands with the activity in the library.',
      'Drop what nobody needs again; it is proposed no more.',
    ],
  },
  today: {
    name: 'Today',
    about:
      'The day as it goes: who is here, what is next, how it went. What is told here is known in every later plan.',
    tries: [
      'Press a child who came; the three dots say that somebody stays away.',
      'Press what just ended, and “Loved it”.',
      'Press “Tell of” for the day before, when it was too full to write.',
    ],
  },
  counter: {
    name: 'Counter',
    about:
      'Recipes for doughs, paints and things to eat, for as many children as come, in your measures, with what each one must not touch.',
    tries: [
      'Change the number of children, and see every amount follow.',
      'Leave out wheat or milk: what stands in for it is shown, or that nothing can.',
      'Press a time beside a step: it rings, on every page.',
    ],
  },
  bins: {
    name: 'Bins',
    about:
      'What fills a tub, how much of it, how heavy it gets, and whom of those who are here it does not suit.',
    tries: [
      'Press another filler and look at its weight.',
      'Draw the depth up or down.',
      'Enter a tub of your own under Days and rules.',
    ],
  },
  made: {
    name: 'What is mixed',
    about:
      'Doughs and paints that were mixed: how long they keep, where they are, and whose hands they must not meet.',
    tries: [
      'Say that one is gone.',
      'Say that somebody fell ill: what was shared by hands is to be thrown away.',
      'Mix one at the Counter and press “Made it”: it appears here.',
    ],
  },
  'watch-begin': {
    name: 'Watch',
    about: 'What grows, dries, rusts or hatches over days: when to look, what to expect, what was seen.',
    tries: [
      'Begin one, with the day on which it was set up.',
      'Say what was seen: the days ahead are reckoned anew from it.',
      'Print the strip on which children draw.',
    ],
  },
  children: {
    name: 'Children',
    about:
      'Who comes on which days, how old each is, what each must not touch or eat. Everything that fits or does not is worked out from here.',
    tries: [
      'Open a child and add an allergy: plans are looked at anew.',
      'Write down who is away, from when to when.',
      'Look at the days ahead: how many come, and how many adults.',
    ],
  },
  people: {
    name: 'People',
    about:
      'Who works when, and what each may lead. Where nobody is left to lead something, the plan says so.',
    tries: [
      'Open somebody and change the days.',
      'Tick what an assistant may lead.',
      'See below who is at work in the days ahead.',
    ],
  },
  'house-corners': {
    name: 'The corners of the house',
    about: 'The learning centres of this home, in the order of the shelf, each with how many fit.',
    tries: [
      'Draw one to another place by its handle.',
      'Say what a corner always has: it is not gathered each time.',
      'Make one optional: an empty one is not pointed out.',
    ],
  },
  cupboard: {
    name: 'Cupboard',
    about:
      'What is in the house, how much, where, and what the cautions ask about it: how small, how long, what is in it.',
    tries: [
      'Take stock: count along a shelf, Enter leads to the next.',
      'Look for a word, or only for what runs low.',
      'Open one thing and look at its smallest part.',
    ],
  },
  library: {
    name: 'Library',
    about:
      'All that can be put into a unit: activities, recipes, songs, books, sheets, Kobby’s and yours. Change any of it: yours is kept beside what ships.',
    tries: [
      'Ask in words: something for hands in ten minutes, with what is here.',
      'Paste a list or a song, and see what was understood before it is kept.',
      'Open an entry and read what it is for a baby, and what at five.',
    ],
  },
  rules: {
    name: 'Days and rules',
    about:
      'What is entered once: hours, blocks, groups and adults, times for preparing, numbers to call, closed days.',
    tries: [
      'Open “Making ready” and write down the times you really have.',
      'Close the home on a day: plans move by themselves.',
      'Look at the starting values: each is a number that you may change.',
    ],
  },
  kept: {
    name: 'Kept',
    about: 'Backups, the whole home as one file, tables for other programs, and who is signed in where.',
    tries: [
      'Take the home as a file and keep it somewhere else.',
      'Look at what is in a backup before bringing it back.',
      'Sign out a device that you no longer have.',
    ],
  },
};
