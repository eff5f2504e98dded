import type { ChangeInput, CornerKind } from '@kobby/core';

type ReadyInput = Extract<ChangeInput, { type: 'library/put-ready-unit' }>['readyUnit'];
type Placed = NonNullable<ReadyInput['placements']>[number];
type ThingInput = NonNullable<ReadyInput['things']>[number];

/** An activity of the starter library in a corner of a kind, from one day to another, with words for its slots. */
const stands = (
  activityId: string,
  cornerKind: CornerKind,
  fromDay: number,
  toDay: number,
  slots: Placed['slots'] = {},
): Placed => ({ activityId, where: { kind: 'corner', cornerKind, fromDay, toDay }, slots });

const on = (day: number, activityId: string, slots: Placed['slots'] = {}): Placed => ({
  activityId,
  where: { kind: 'day', day },
  slots,
});

const spare = (activityId: string): Placed => ({ activityId, where: { kind: 'reserve' } });

/** Words for a pattern about several things, and about one of them. */
const many = (things: string, thing: string) => ({ things, thing });

/** `[name, kind, colour, its place in the order, what goes with it, size in millimetres, first sound, parts]` */
type ThingLine = readonly [string, string, string, number, string | null, number, string, ...string[]];
const members = (...lines: readonly ThingLine[]): ThingInput[] =>
  lines.map(([name, kind, colour, rank, pair, sizeMm, firstSound, ...parts]) => ({
    name,
    kind,
    colour,
    rank,
    pair,
    sizeMm,
    firstSound,
    parts,
  }));

const paper = many('papers', 'paper');
const wonders = many('W things', 'wheel');
const clocks = many('clocks', 'clock');
const locks = many('locks', 'lock');

/** Units to start from, one for each style. All written for Kobby. */
export const STARTER_UNITS: readonly ReadyInput[] = [
  {
    id: 'ready-paper',
    title: 'Paper',
    style: 'theme',
    about: 'Paper tears, folds, carries, sounds and holds water for a moment. Ten days with one pile of it.',
    dayCount: 10,
    featured: [
      { kind: 'letter', value: 'P' },
      { kind: 'colour', value: 'white', span: 'month' },
    ],
    words: ['fold', 'crease', 'tear', 'pulp', 'sheet'],
    pictures: ['A paper mill', 'Shelves of paper rolls', 'A folded lantern'],
    things: members(
      ['tissue', 'thin', 'white', 1, 'parcel', 200, 't'],
      ['envelope', 'folded', 'brown', 2, 'stamp', 220, 'e', 'flap', 'window'],
      ['stamp', 'small', 'red', 3, 'envelope', 25, 's'],
      ['paper bag', 'folded', 'brown', 4, null, 320, 'p', 'handle', 'bottom'],
      ['parcel', 'wrapped', 'brown', 5, 'tissue', 400, 'p', 'string', 'label'],
      ['paper roll', 'thick', 'white', 6, null, 900, 'p', 'core'],
    ),
    placements: [
      stands('smaller-larger', 'blocks', 1, 10, many('paper bricks', 'brick')),
      stands('shop-of-things', 'pretend-play', 1, 10, paper),
      stands('hide-and-find', 'sensory-bin', 1, 5, many('paper shapes', 'shape')),
      stands('ribbon-breeze-bin', 'sensory-bin', 6, 10),
      stands('build-the-word', 'writing', 1, 10, { word: 'fold' }),
      stands('shadow-shapes', 'light-table', 1, 10, many('cut papers', 'cut paper')),
      stands('rice-dough', 'dough', 1, 10),
      stands('pour-to-the-line', 'science', 1, 10),
      stands('ribbon-stick-dance', 'music', 1, 10),
      stands('print-with-it', 'easel', 1, 10, many('crumpled papers', 'crumpled paper')),
      stands('six-on-the-rail', 'books', 1, 10),
      stands('partner-match', 'table-trays', 1, 5, paper),
      stands('kinds-in-bowls', 'table-trays', 6, 10, paper),
      stands('two-halves', 'floor-games', 1, 10, paper),
      stands('what-comes-next', 'felt-board', 1, 10, paper),
      stands('bubble-wind', 'outdoors', 1, 10),
      on(1, 'beat-of-names'),
      on(2, 'paper-windsocks'),
      on(3, 'roll-and-count'),
      on(4, 'sink-or-stay', many('papers', 'paper')),
      on(5, 'pinwheels'),
      on(6, 'wash-of-sky'),
      on(7, 'parachute-hall'),
      on(8, 'feather-hunt'),
      on(9, 'paper-windsocks'),
      spare('mirror-me'),
      spare('path-for-two-feet'),
    ],
    lines: [
      { kind: 'read-aloud', day: 1, words: 'A book in which something is made of paper' },
      { kind: 'outdoors', day: null, words: 'A line for paper to flutter on' },
      { kind: 'note', day: 6, words: 'Ask families for clean paper bags' },
    ],
    events: [
      {
        title: 'Paper fair',
        when: { kind: 'day', day: 10 },
        plan: [{ start: '10:00', text: 'Families look at what was made' }],
      },
    ],
  },
  {
    id: 'ready-letter-w',
    title: 'A letter-W week',
    style: 'letter',
    about: 'One letter for five days: its sound, its shape, and everything in the room that begins with it.',
    dayCount: 5,
    featured: [
      { kind: 'letter', value: 'W' },
      { kind: 'number', value: '5' },
    ],
    words: ['wind', 'water', 'wheel', 'wash', 'wave'],
    pictures: ['A water wheel', 'A window with rain on it'],
    things: members(
      ['wheel', 'round', 'grey', 1, 'wagon', 300, 'w', 'rim', 'hub'],
      ['wagon', 'rolls', 'red', 2, 'wheel', 1200, 'w', 'handle', 'bed'],
      ['window', 'flat', 'white', 3, null, 1100, 'w', 'pane', 'frame'],
      ['whistle', 'small', 'silver', 4, null, 60, 'w'],
      ['wand', 'long', 'blue', 5, null, 250, 'w'],
    ),
    placements: [
      stands('build-the-word', 'writing', 1, 5, { word: 'wind' }),
      stands('six-on-the-rail', 'books', 1, 5),
      stands('partner-match', 'table-trays', 1, 5, wonders),
      stands('print-with-it', 'easel', 1, 5, many('wheels', 'wheel')),
      stands('pour-to-the-line', 'science', 1, 5),
      stands('wash-the-things', 'outdoors', 1, 5, many('wagons', 'wagon')),
      stands('ribbon-stick-dance', 'music', 1, 5),
      on(1, 'beat-of-names'),
      on(1, 'roll-and-count'),
      on(2, 'paper-windsocks'),
      on(2, 'wand-or-not'),
      on(3, 'feather-hunt'),
      on(3, 'smaller-larger', wonders),
      on(4, 'pinwheels'),
      on(4, 'sink-or-stay', wonders),
      on(5, 'parachute-hall'),
      on(5, 'wash-of-sky'),
      spare('mirror-me'),
    ],
    lines: [
      { kind: 'circle', day: 1, words: 'Names with a W in them; draw the letter in the air' },
      { kind: 'read-aloud', day: 2, words: 'A book about wind or water' },
    ],
    events: [],
  },
  {
    id: 'ready-clocks',
    title: 'Clocks, clocks, clocks',
    style: 'passion',
    about:
      'For a child who cannot get enough of clocks: the same passion in every area, until interest runs out.',
    dayCount: 10,
    featured: [
      { kind: 'number', value: '12' },
      { kind: 'shape', value: 'circle' },
    ],
    words: ['hour', 'minute', 'hand', 'tick', 'twelve'],
    pictures: ['A station clock', 'The inside of a clock'],
    things: members(
      ['wristwatch', 'worn', 'black', 1, null, 40, 'w', 'strap', 'face', 'hands'],
      ['alarm clock', 'stands', 'red', 2, null, 120, 'a', 'bell', 'face', 'hands'],
      ['kitchen timer', 'stands', 'white', 3, 'sand timer', 80, 'k', 'dial'],
      ['sand timer', 'stands', 'clear', 4, 'kitchen timer', 150, 's', 'neck', 'sand'],
      ['wall clock', 'hangs', 'white', 5, null, 300, 'w', 'face', 'hands'],
      ['tower clock', 'high up', 'gold', 6, null, 3000, 't', 'face', 'bell'],
    ),
    placements: [
      stands('smaller-larger', 'blocks', 1, 10, many('clock towers', 'tower')),
      stands('shop-of-things', 'pretend-play', 1, 10, clocks),
      stands('six-on-the-rail', 'books', 1, 10),
      stands('pour-to-the-line', 'science', 1, 5),
      stands('what-lifts-table', 'science', 6, 10),
      stands('partner-match', 'table-trays', 1, 10, clocks),
      stands('clip-the-count', 'writing', 1, 10, clocks),
      stands('two-halves', 'floor-games', 1, 10, clocks),
      stands('what-comes-next', 'felt-board', 1, 10, clocks),
      stands('ribbon-stick-dance', 'music', 1, 10),
      stands('print-with-it', 'easel', 1, 10, many('cogs', 'cog')),
      on(1, 'beat-of-names'),
      on(2, 'roll-and-count'),
      on(3, 'wand-or-not'),
      on(4, 'parachute-hall'),
      on(5, 'feather-hunt'),
      on(6, 'beat-of-names'),
      on(7, 'lace-a-tail'),
      on(9, 'sink-or-stay', many('clock parts', 'part')),
      on(10, 'pinwheels'),
      spare('mirror-me'),
      spare('path-for-two-feet'),
    ],
    lines: [
      { kind: 'note', day: 1, words: 'Ask what he wants to find out. Write the words down as he says them.' },
    ],
    events: [
      {
        title: 'Walk to the tower clock',
        when: { kind: 'day', day: 8 },
        plan: [{ start: '10:00', text: 'Walk, look, draw' }],
      },
    ],
  },
  {
    id: 'ready-locks',
    title: 'Locks and Keys',
    style: 'individual',
    about:
      'A shelf of trays that are chosen one by one: turning, opening, matching, put back as they were found.',
    dayCount: 10,
    featured: [{ kind: 'letter', value: 'K' }],
    words: ['lock', 'key', 'turn', 'bolt'],
    pictures: ['A ring of old keys', 'A door with three locks'],
    things: members(
      ['padlock', 'hangs', 'silver', 1, 'small key', 40, 'p', 'bow', 'body'],
      ['small key', 'turns', 'silver', 2, 'padlock', 30, 's', 'bow', 'bit'],
      ['bolt', 'slides', 'black', 3, null, 100, 'b', 'bar', 'plate'],
      ['latch', 'lifts', 'black', 4, null, 120, 'l'],
      ['door key', 'turns', 'gold', 5, 'door lock', 80, 'd', 'bow', 'bit'],
      ['door lock', 'built in', 'gold', 6, 'door key', 150, 'd', 'hole', 'plate'],
    ),
    placements: [
      stands('partner-match', 'table-trays', 1, 5, locks),
      stands('kinds-in-bowls', 'table-trays', 6, 10, locks),
      stands('clip-the-count', 'writing', 1, 5, many('keys', 'key')),
      stands('build-the-word', 'writing', 6, 10, { word: 'key' }),
      stands('hide-and-find', 'sensory-bin', 1, 10, many('keys', 'key')),
      stands('shadow-shapes', 'light-table', 1, 10, many('keys', 'key')),
      stands('two-halves', 'floor-games', 1, 10, locks),
      stands('what-comes-next', 'felt-board', 1, 10, many('keys', 'key')),
      stands('pour-to-the-line', 'science', 1, 10),
      stands('six-on-the-rail', 'books', 1, 10),
      stands('print-with-it', 'easel', 6, 10, many('keys', 'key')),
      stands('wash-the-things', 'outdoors', 1, 10, locks),
      on(1, 'beat-of-names'),
      on(3, 'lace-a-tail'),
      on(5, 'wand-or-not'),
      on(6, 'smaller-larger', many('keys', 'key')),
      on(8, 'roll-and-count'),
      on(10, 'beat-of-names'),
      spare('mirror-me'),
      spare('path-for-two-feet'),
    ],
    lines: [{ kind: 'indoors', day: null, words: 'Trays from easy on the left to hard on the right' }],
    events: [],
  },
];
