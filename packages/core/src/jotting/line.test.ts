import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { factText, lineOf, MAX_JOTTINGS, readLine, readLines, tooMuch } from './index.ts';

const CORNERS = ['Blocks', 'Sensory bin', 'Easel'];

/** `title | facts | rest`, with the day or corner in front where one is said. */
function told(line: string): string {
  const read = readLine(line, CORNERS);
  if (!read) return 'nothing';
  const { title, day, corner, time, facts, rest } = read;
  const where = [day === null ? '' : `Day ${day}`, corner ?? '', time ?? ''].filter(Boolean).join(' ');
  return [`${where ? `${where}: ` : ''}${title}`, facts.map(factText).join(', '), rest.join(', ')].join(
    ' | ',
  );
}

// Written while the rules were.
const WITH_THE_RULES: readonly (readonly [line: string, told: string])[] = [
  ['sponge kites', 'sponge kites |  | '],
  ['Sponge kites, 6 sponges', 'Sponge kites | 6 sponges | '],
  [
    'paint kites with sponges, 6 sponges, 20 min, messy, outdoors',
    'paint kites with sponges | 6 sponges, 20 min, messy, outdoors | ',
  ],
  ['paint kites; 6 sponges; 20 minutes', 'paint kites | 6 sponges, 20 min | '],
  ['Day 3: sponge kites', 'Day 3: sponge kites |  | '],
  ['day 3 sponge kites', 'day 3 sponge kites |  | '],
  ['DAY 12: Parade', 'Day 12: Parade |  | '],
  ['Day 3 - parade, outside', 'Day 3: parade | outdoors | '],
  ['Day 3) parade', 'Day 3: parade |  | '],
  ['Blocks: ramps for what rolls', 'Blocks: ramps for what rolls |  | '],
  ['blocks: ramps', 'Blocks: ramps |  | '],
  ['sensory bin: feathers and paper, 30 feathers', 'Sensory bin: feathers and paper | 30 feathers | '],
  ['Roof: stars', 'Roof: stars |  | '],
  ['Day 2: Blocks: ramps', 'Day 2 Blocks: ramps |  | '],
  ['- sponge kites', 'sponge kites |  | '],
  ['* sponge kites', 'sponge kites |  | '],
  ['• sponge kites', 'sponge kites |  | '],
  ['1. sponge kites', 'sponge kites |  | '],
  ['2) sponge kites', 'sponge kites |  | '],
  ['3 bears and a bridge', '3 bears and a bridge |  | '],
  ['mud, 2 kg sand', 'mud | 2000 g sand | '],
  ['mud, 500 g sand, 1 L water', 'mud | 500 g sand, 1000 mL water | '],
  ['mud, 2,5 kg sand', 'mud | 2500 g sand | '],
  ['mud, 1/2 cup of rice', 'mud | 118.294118 mL rice | '],
  ['mud, two cups of rice', 'mud | 473.176473 mL rice | '],
  ['tails, 2 ribbons each', 'tails | 2 ribbons each | '],
  ['tails, 2 ribbons for each child', 'tails | 2 ribbons each | '],
  ['tails, 2 ribbons per child', 'tails | 2 ribbons each | '],
  ['tails, a ribbon a child', 'tails | 1 ribbon each | '],
  ['tails, a ribbon', 'tails | 1 ribbon | '],
  ['tails, six ribbons', 'tails | 6 ribbons | '],
  ['tails, 30 cm ribbon', 'tails | 300 mm ribbon | '],
  ['tails, ribbons', 'tails |  | ribbons'],
  ['tails, some ribbons', 'tails |  | some ribbons'],
  ['tails, 0 ribbons', 'tails |  | 0 ribbons'],
  ['tails, -2 ribbons', 'tails |  | -2 ribbons'],
  ['tails, 6', 'tails |  | 6'],
  ['hop, 1 hour', 'hop | 60 min | '],
  ['hop, an hour', 'hop | 60 min | '],
  ['hop, half an hour', 'hop | 30 min | '],
  ['hop, 1 1/2 hours', 'hop | 90 min | '],
  ['hop, 10min', 'hop | 10 min | '],
  ['hop, 10 mins', 'hop | 10 min | '],
  ['hop, 0 min', 'hop |  | 0 min'],
  ['hop, 9000 min', 'hop |  | 9000 min'],
  ['hop, 10 min, 20 min', 'hop | 10 min | 20 min'],
  ['dig, 2 at once', 'dig | 2 at once | '],
  ['dig, two at a time', 'dig | 2 at once | '],
  ['dig, 3 children at the same time', 'dig | 3 at once | '],
  ['dig, 99 at once', 'dig |  | 99 at once'],
  ['run, from 2 years', 'run | from 2 years | '],
  ['run, from 18 months', 'run | from 18 months | '],
  ['run, 3 to 5 years', 'run | 3 to 5 years | '],
  ['run, 3-5 years', 'run | 3 to 5 years | '],
  ['run, ages 3 to 5 years', 'run | 3 to 5 years | '],
  ['run, under 3 years', 'run | under 3 years | '],
  ['run, 6 to 11 months', 'run | 6 to 11 months | '],
  ['run, 5 to 3 years', 'run |  | 5 to 3 years'],
  ['run, from 99 years', 'run |  | from 99 years'],
  ['run, 4 years and up', 'run | from 4 years | '],
  ['sing, whole group', 'sing | whole group | '],
  ['sing, all together, calm', 'sing | whole group, calm | '],
  ['sort, small group, quiet', 'sort | small group, calm | '],
  ['sort, a few at a time', 'sort | small group | '],
  ['race, lively, indoors or outdoors', 'race | lively, indoors or outdoors | '],
  ['race, no mess', 'race | clean | '],
  ['race, some mess', 'race | some mess | '],
  ['race, Messy', 'race | messy | '],
  ['race, very messy', 'race |  | very messy'],
  ['bridges, ask what holds it up', 'bridges |  | ask what holds it up'],
  ['bridges, 4 planks, ask what holds it up, 15 min', 'bridges | 4 planks, 15 min | ask what holds it up'],
  ['', 'nothing'],
  ['   ', 'nothing'],
  [',,,', 'nothing'],
  ['Day 3:', 'nothing'],
  [', 6 sponges', 'nothing'],
  ['kites,,  ,6 sponges', 'kites | 6 sponges | '],
  ['kites <b>bold</b>', 'kites b bold /b |  | '],
  ['kites,6 sponges,20 min', 'kites | 6 sponges, 20 min | '],
  ['6 sponges, 20 min', '6 sponges | 20 min | '],
  ['10:15 stalls open, 8 paper bags', '10:15: stalls open | 8 paper bags | '],
  ['9:05 – welcome', '09:05: welcome |  | '],
  ['1:30 pm snack', '13:30: snack |  | '],
  ['12:10 am owls', '00:10: owls |  | '],
  ['Day 3: 9:30 sponge kites', 'Day 3 09:30: sponge kites |  | '],
  ['25:00 no time', '25:00 no time |  | '],
  ['1:1 match', '1:1 match |  | '],
  ['10:30', '10:30 |  | '],
];

// Written after the rules stood still. One of them, the two adults, was taken for a thing at first.
const AFTERWARDS: readonly (readonly [line: string, told: string])[] = [
  ['Tram tickets, 20 slips of paper, scissors', 'Tram tickets | 20 slips of paper | scissors'],
  [
    'lanterns from jars, 7 jars, 7 tea lights, 35 min, messy',
    'lanterns from jars | 7 jars, 7 tea lights, 35 min, messy | ',
  ],
  [
    'Day 10: parade through the yard, 30 min, outdoors, whole group',
    'Day 10: parade through the yard | 30 min, outdoors, whole group | ',
  ],
  ['day5: whistle and stop', 'Day 5: whistle and stop |  | '],
  ['Day 4. shadow walls, 2 lamps', 'Day 4: shadow walls | 2 lamps | '],
  [
    'Easel: rain on paper, droppers, 5 droppers, from 2 years',
    'Easel: rain on paper | 5 droppers, from 2 years | droppers',
  ],
  ['Easel, rain on paper', 'Easel |  | rain on paper'],
  [
    'clock hunt, 12 paper clocks, 3 at once, small group, 15 minutes',
    'clock hunt | 12 paper clocks, 3 at once, small group, 15 min | ',
  ],
  [
    'keys in sand, 8 old keys, 4 kg sand, under 2 years',
    'keys in sand | 8 old keys, 4000 g sand, under 2 years | ',
  ],
  [
    'weigh the market, 1 scale, 24 apples, 2 to 4 years',
    'weigh the market | 1 scale, 24 apples, 2 to 4 years | ',
  ],
  ['count to 20', 'count to 20 |  | '],
  ['cranes that lift, 3 m string each', 'cranes that lift | 3000 mm string each | '],
  ['cranes that lift, string 3 m', 'cranes that lift |  | string 3 m'],
  ['one long bridge', 'one long bridge |  | '],
  ['A bridge, a plank', 'A bridge | 1 plank | '],
  ['bridge, a 2 m plank', 'bridge |  | a 2 m plank'],
  ['mirrors, 6 mirrors, seated, calm', 'mirrors | 6 mirrors, calm | seated'],
  ['paper boats, 1 sheet each, 1 tub, water', 'paper boats | 1 tub | 1 sheet each, water'],
  ['boats, 10 L water', 'boats | 10000 mL water | '],
  ['boats, ¾ cup salt', 'boats | 177.441177 mL salt | '],
  ['boats, 1,5 L water', 'boats | 1500 mL water | '],
  ['boats, 2 dozen corks', 'boats | 24 corks | '],
  ['boats, 12" dowels', 'boats |  | 12" dowels'],
  ['boats; outside; 2 tubs', 'boats | outdoors, 2 tubs | '],
  ['boats / floats, 2 tubs', 'boats / floats | 2 tubs | '],
  ['boats (wind up), 2 tubs (big)', 'boats (wind up) | 2 tubs (big) | '],
  ['song about trams, at circle', 'song about trams |  | at circle'],
  ['ask families for boxes', 'ask families for boxes |  | '],
  ['bring: one glove', 'bring: one glove |  | '],
  ['Day 0: early', 'Day 0: early |  | '],
  ['Day 61: late', 'Day 61: late |  | '],
  ['Day two: x', 'Day two: x |  | '],
  ['3: x', '3: x |  | '],
  ['10:30 walk to the tower', '10:30: walk to the tower |  | '],
  ['walk, 10:30', 'walk |  | 10:30'],
  ['walk, at 10', 'walk |  | at 10'],
  [
    'post office, 40 envelopes, 2 stamps each, 1 post box, half an hour, a few at a time',
    'post office | 40 envelopes, 2 stamps each, 1 post box, 30 min, small group | ',
  ],
  ['post office, envelopes (40)', 'post office |  | envelopes (40)'],
  ['post office, forty envelopes', 'post office |  | forty envelopes'],
  ['post office, 3-5 years, quiet', 'post office | 3 to 5 years, calm | '],
  ['post office, 3 to 5', 'post office |  | 3 to 5'],
  ['post office, 18 months', 'post office | from 18 months | '],
  ['post office, for babies', 'post office |  | for babies'],
  ['post office, 2 adults', 'post office |  | 2 adults'],
  ['lock wall, 6 locks, 6 keys, no mess, indoors', 'lock wall | 6 locks, 6 keys, clean, indoors | '],
  ['lock wall, everyone together, Lively', 'lock wall | whole group, lively | '],
  ['lock wall, clean, messy', 'lock wall | clean | messy'],
];

describe('a line', () => {
  test.each([...WITH_THE_RULES, ...AFTERWARDS])('%s', (line, wanted) => expect(told(line)).toBe(wanted));

  test('that is very long keeps all of it, its title cut', () => {
    const read = readLine(`${'k'.repeat(1500)}, 20 min`)!;
    expect(read.title).toHaveLength(120);
    expect(read.rest[0]).toHaveLength(1500);
    expect(read.facts).toEqual([{ kind: 'minutes', minutes: 20 }]);
  });

  test('many are many, and empty ones say nothing', () => {
    expect(readLines('a\n\n  \nDay 2: b\r\n- c').map(({ title, day }) => [title, day])).toEqual([
      ['a', null],
      ['b', 2],
      ['c', null],
    ]);
  });

  test('too many or too long are told, not cut', () => {
    expect(tooMuch('x\n'.repeat(MAX_JOTTINGS))).toBeNull();
    expect(tooMuch(`${'x\n\n'.repeat(MAX_JOTTINGS)}y`)).toMatch(/^These are 201 lines/);
    expect(tooMuch(`a\n${'k'.repeat(2001)}`)).toBe('Line 2 has 2001 characters; at most 2000 fit.');
    expect(tooMuch('')).toBeNull();
  });

  test('written out again is understood as the same', () => {
    const part = fc.oneof(
      fc.constantFrom(
        '6 sponges',
        '2.5 kg sand',
        '1/3 cup rice',
        '20 min',
        'half an hour',
        'messy',
        'outside',
      ),
      fc.constantFrom(
        'two at a time',
        '3 to 5 years',
        'under 18 months',
        '4 ribbons each',
        'calm',
        'whole group',
      ),
      fc.constantFrom(
        'Day 3: x',
        '9:30 x',
        'Blocks: 1:15 pm y',
        '10:30 10:40 z',
        '6 sponges each each',
        '1 1/2 hours',
        '5,5 g salt',
        'a of b',
        '7 at once',
      ),
      fc.string({ maxLength: 130 }),
      fc.stringMatching(/^[0-9a-z ,.:/½-]{0,30}$/),
    );
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 7 }), (parts) => {
        const read = readLine(parts.join(', '), CORNERS);
        if (!read) return;
        expect(readLine(lineOf(read), CORNERS)).toEqual(read);
      }),
      { numRuns: 2000 },
    );
  });
});
