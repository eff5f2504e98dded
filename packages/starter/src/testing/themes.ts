import type { ChangeInput, ThingRole, UnitId } from '@kobby/core';

/** What is said of a thing besides its name. */
interface More {
  readonly many?: string;
  readonly kind?: string;
  readonly parts?: readonly string[];
  readonly pair?: string;
  readonly role?: ThingRole;
  /** Its place in the order of the theme. */
  readonly rank?: number;
}
type Row = readonly [string, More?];

/** A theme as somebody might have it: a title and six to twelve things. */
export interface TriedTheme {
  readonly title: string;
  readonly things: readonly Row[];
  readonly letter?: string;
  readonly number?: string;
}

const theme = (title: string, things: readonly Row[], rest: Partial<TriedTheme> = {}): TriedTheme => ({
  title,
  things,
  ...rest,
});

/** Places, work, creatures, stuff, a letter, a number, a passion: what libraries are tried with. Written down before any of it was tried. */
export const TRIED_THEMES: readonly TriedTheme[] = [
  theme('The harbour', [
    ['boat', { kind: 'what moves', parts: ['hull', 'mast', 'sail'], pair: 'buoy', role: 'carries' }],
    ['buoy', { kind: 'what stays', pair: 'boat' }],
    ['crane', { kind: 'what lifts', parts: ['arm', 'hook', 'cabin'], role: 'tool' }],
    ['rope', { kind: 'what holds', role: 'material' }],
    ['sailor', { kind: 'people', role: 'who' }],
    ['quay', { kind: 'places', role: 'place' }],
    ['horn', { kind: 'what sounds', role: 'sound' }],
    ['net', { kind: 'what holds' }],
  ]),
  theme('At the baker’s', [
    ['baker', { kind: 'people', role: 'who', pair: 'loaf' }],
    ['loaf', { many: 'loaves', kind: 'bread', pair: 'baker', rank: 4 }],
    ['roll', { kind: 'bread', rank: 3 }],
    ['dough', { many: 'dough', kind: 'stuff', role: 'material', rank: 2 }],
    ['flour', { many: 'flour', kind: 'stuff', rank: 1 }],
    ['oven', { kind: 'what is hot', parts: ['door', 'shelf', 'handle'] }],
    ['whisk', { kind: 'tools', role: 'tool' }],
    ['bakery', { many: 'bakeries', kind: 'places', role: 'place' }],
  ]),
  theme('The station', [
    ['train', { kind: 'what moves', parts: ['engine', 'wagon', 'wheel'], role: 'carries' }],
    ['platform', { kind: 'places', role: 'place' }],
    ['ticket', { kind: 'paper', pair: 'conductor', rank: 1 }],
    ['conductor', { kind: 'people', role: 'who', pair: 'ticket', rank: 2 }],
    ['suitcase', { kind: 'luggage', parts: ['handle', 'lock', 'lid'] }],
    ['whistle', { kind: 'what sounds', role: 'sound', rank: 3 }],
    ['timetable', { kind: 'paper' }],
  ]),
  theme('Snails and worms', [
    ['snail', { kind: 'slow ones', parts: ['shell', 'foot', 'feeler'] }],
    ['worm', { kind: 'slow ones' }],
    ['beetle', { kind: 'those with legs', parts: ['leg', 'wing case'] }],
    ['woodlouse', { many: 'woodlice', kind: 'those with legs' }],
    ['soil', { many: 'soil', kind: 'stuff', role: 'material' }],
    ['leaf', { many: 'leaves', kind: 'food', pair: 'snail' }],
  ]),
  theme('Sand', [
    ['sand', { many: 'sand', kind: 'stuff', role: 'material' }],
    ['bucket', { kind: 'tools', pair: 'spade', role: 'carries' }],
    ['spade', { kind: 'tools', pair: 'bucket', role: 'tool' }],
    ['sieve', { kind: 'tools' }],
    ['castle', { kind: 'what is built', parts: ['tower', 'wall', 'gate'] }],
    ['pebble', { kind: 'what is found' }],
  ]),
  theme(
    'A letter-B week',
    [
      ['button', { kind: 'small' }],
      ['bell', { kind: 'loud', role: 'sound' }],
      ['basket', { kind: 'what holds', parts: ['handle', 'rim'], role: 'carries' }],
      ['boot', { kind: 'pairs' }],
      ['bread', { many: 'bread', kind: 'food' }],
      ['bee', { kind: 'creatures', parts: ['wing', 'leg', 'sting'] }],
      ['brush', { many: 'brushes', kind: 'tools', role: 'tool' }],
    ],
    { letter: 'B' },
  ),
  theme(
    'A week of seven',
    [
      ['ladybird', { kind: 'creatures', parts: ['wing', 'spot'] }],
      ['dice', { many: 'dice', kind: 'games' }],
      ['rainbow', { kind: 'weather' }],
      ['calendar', { kind: 'paper' }],
      ['candle', { kind: 'light' }],
      ['domino', { many: 'dominoes', kind: 'games', pair: 'dice' }],
    ],
    { number: '7' },
  ),
  theme('A passion for lifts', [
    ['lift', { kind: 'what moves', parts: ['door', 'cabin', 'cable'], role: 'carries' }],
    ['button', { kind: 'what is pressed', pair: 'lift' }],
    ['floor', { kind: 'places', role: 'place' }],
    ['cable', { kind: 'what pulls' }],
    ['bell', { kind: 'what sounds', role: 'sound' }],
    ['mechanic', { kind: 'people', role: 'who' }],
  ]),
  theme('Roads and diggers', [
    ['digger', { kind: 'machines', parts: ['bucket', 'arm', 'track'], role: 'tool' }],
    ['roller', { kind: 'machines' }],
    ['lorry', { many: 'lorries', kind: 'machines', role: 'carries' }],
    ['gravel', { many: 'gravel', kind: 'stuff', role: 'material', rank: 1 }],
    ['tar', { many: 'tar', kind: 'stuff', rank: 2 }],
    ['road', { kind: 'places', role: 'place', rank: 3 }],
    ['driver', { kind: 'people', role: 'who' }],
    ['cone', { kind: 'signs' }],
  ]),
  theme('Soap and suds', [
    ['soap', { many: 'soap', kind: 'stuff', role: 'material' }],
    ['bubble', { kind: 'round' }],
    ['sponge', { kind: 'tools', role: 'tool' }],
    ['tub', { kind: 'what holds', role: 'place' }],
    ['towel', { kind: 'cloth', pair: 'soap' }],
    ['drain', { kind: 'where it goes' }],
  ]),
  theme('Rain', [
    ['umbrella', { kind: 'covers', parts: ['handle', 'rib', 'cloth'], pair: 'raincoat' }],
    ['raincoat', { kind: 'covers', pair: 'umbrella' }],
    ['puddle', { kind: 'water', rank: 3 }],
    ['cloud', { kind: 'sky', rank: 1 }],
    ['drop', { kind: 'water', rank: 2, role: 'sound' }],
    ['gutter', { kind: 'ways', role: 'carries' }],
    ['boot', { kind: 'covers' }],
  ]),
  theme('Bones and bodies', [
    ['bone', { kind: 'inside' }],
    ['hand', { kind: 'outside', parts: ['finger', 'palm', 'nail'] }],
    ['foot', { many: 'feet', kind: 'outside', pair: 'hand' }],
    ['tooth', { many: 'teeth', kind: 'outside' }],
    ['heart', { kind: 'inside', role: 'sound' }],
    ['doctor', { kind: 'people', role: 'who' }],
  ]),
  theme('Hats', [
    ['hat', { kind: 'wide', parts: ['brim', 'band', 'crown'] }],
    ['cap', { kind: 'close' }],
    ['helmet', { kind: 'hard', pair: 'rider' }],
    ['bonnet', { kind: 'close' }],
    ['hatter', { kind: 'people', role: 'who' }],
    ['rider', { kind: 'people', pair: 'helmet' }],
    ['felt', { many: 'felt', kind: 'stuff', role: 'material' }],
  ]),
  theme('Shoes', [
    ['shoe', { kind: 'outdoors', parts: ['sole', 'heel', 'tongue'], pair: 'sock' }],
    ['sock', { kind: 'indoors', pair: 'shoe' }],
    ['slipper', { kind: 'indoors' }],
    ['sandal', { kind: 'outdoors' }],
    ['cobbler', { kind: 'people', role: 'who' }],
    ['leather', { many: 'leather', kind: 'stuff', role: 'material' }],
    ['hammer', { kind: 'tools', role: 'tool' }],
  ]),
  theme('Ice and snow', [
    ['ice', { many: 'ice', kind: 'stuff', role: 'material', rank: 2 }],
    ['icicle', { kind: 'hanging' }],
    ['snow', { many: 'snow', kind: 'stuff', rank: 1 }],
    ['sledge', { kind: 'what moves', role: 'carries' }],
    ['skate', { kind: 'what moves', parts: ['blade', 'boot'] }],
    ['water', { many: 'water', kind: 'stuff', rank: 3 }],
  ]),
  // Not looked at before the end.
  theme('The pumpkin patch', [
    ['pumpkin', { kind: 'fruit', parts: ['stem', 'rind', 'seed'], rank: 4 }],
    ['seed', { kind: 'beginnings', rank: 1 }],
    ['vine', { kind: 'growing', rank: 2 }],
    ['flower', { kind: 'growing', rank: 3 }],
    ['farmer', { kind: 'people', role: 'who' }],
    ['barrow', { kind: 'what moves', role: 'carries' }],
  ]),
  theme('Everything has an opposite', [
    ['feather', { kind: 'light ones', pair: 'stone' }],
    ['stone', { kind: 'heavy ones', pair: 'feather' }],
    ['giant', { kind: 'large ones', pair: 'dwarf' }],
    ['dwarf', { many: 'dwarves', kind: 'small ones', pair: 'giant' }],
    ['fire', { kind: 'hot ones', pair: 'frost' }],
    ['frost', { many: 'frost', kind: 'cold ones', pair: 'fire' }],
  ]),
  theme('People in our street', [
    ['neighbour', { kind: 'grown-ups' }],
    ['grandmother', { kind: 'grown-ups', pair: 'grandfather' }],
    ['grandfather', { kind: 'grown-ups', pair: 'grandmother' }],
    ['baby', { many: 'babies', kind: 'children' }],
    ['child', { many: 'children', kind: 'children' }],
    ['postwoman', { many: 'postwomen', kind: 'grown-ups', role: 'who' }],
    ['street', { kind: 'places', role: 'place' }],
  ]),
  theme(
    'The letter O',
    [
      ['onion', { kind: 'food' }],
      ['oar', { kind: 'tools', role: 'tool' }],
      ['owl', { kind: 'creatures', role: 'sound' }],
      ['ox', { many: 'oxen', kind: 'creatures' }],
      ['oven', { kind: 'what is hot', parts: ['door', 'shelf'] }],
      ['oat', { kind: 'food' }],
    ],
    { letter: 'O' },
  ),
  theme('How paths cross', [
    ['crossing', { kind: 'places', role: 'place' }],
    ['signpost', { kind: 'signs', parts: ['arm', 'post'] }],
    ['path', { kind: 'ways' }],
    ['bicycle', { kind: 'what moves', parts: ['wheel', 'saddle', 'bell'], role: 'carries' }],
    ['walker', { kind: 'people', role: 'who' }],
    ['gate', { kind: 'ways', pair: 'path' }],
    ['lantern', { kind: 'signs' }],
    ['map', { kind: 'signs' }],
  ]),
];

/** How many of them are looked at while the library is written; the rest at the end only. */
export const LOOKED_AT = 15;

/** A unit of so many days with a theme's things. */
export const themeChanges = (
  { title, things, letter, number }: TriedTheme,
  id: UnitId,
  start: string,
  dayCount: number,
): ChangeInput[] => [
  {
    type: 'unit/start',
    unit: {
      ...{ id, title, style: 'theme', start: start as never, dayCount },
      featured: [
        ...(letter ? [{ kind: 'letter' as const, value: letter }] : []),
        ...(number ? [{ kind: 'number' as const, value: number }] : []),
      ],
    },
  },
  ...things.map(([name, more = {}], i): ChangeInput => ({
    type: 'unit/put-thing',
    thing: {
      ...{ id: `${id}-t${i}`, unitId: id, name, order: `a${'0123456789ABCDEFGHIJKLMNOP'[i]!}` },
      ...more,
      parts: [...(more.parts ?? [])],
      pair: more.pair ?? null,
      role: more.role ?? null,
      rank: more.rank ?? null,
      kind: more.kind ?? null,
      many: more.many ?? null,
    },
  })),
];
