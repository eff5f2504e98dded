/** A unit of ten days as somebody writes it down with a pencil: what stands in each corner, and what happens on each day. */
/** The last day is a special one: what is done in it, by the clock. */
export const EVENT_LINES: readonly string[] = [
  '09:40 the line opens, 14 tram tickets',
  '10:10 ride to the end stop, outdoors, 20 min',
  '10:40 biscuits at the depot, 7 paper plates',
];

/** How many things of these lines no cupboard has. */
export const OWN_SUPPLIES = 8;

export const CORNER_LINES: readonly string[] = [
  'Blocks: tram lines through town, 6 tram tickets',
  'Pretend play: the ticket counter, 20 ticket stubs, 2 conductor caps',
  'Sensory bin: rails in gravel, 4 kg aquarium gravel',
  'Writing: where does it go, line by line',
  'Light table: signals, red and green',
  'Dough: wheels and tracks, 2 rail cutters',
  'Science: what rolls furthest, 3 tram wheels',
  'Music: bell, ring and stop',
  'Easel: wires across the sky',
  'Books: six on the rail',
  'Table trays: punch the ticket, 2 ticket punches',
  'Floor games: stop by stop, 12 stop signs',
  'Felt board: who gets on',
  'Outdoors: chalk rails round the yard',
];

export const DAY_LINES: readonly string[] = [
  'Day 1: ride on the carpet, whole group, 15 min',
  'Day 1: print tickets, 10 min, 2 at once',
  'Day 2: count the stops, whole group',
  'Day 2: lay a line, small group, 20 min',
  'Day 3: bell game, lively',
  'Day 3: paint a tram, messy, 25 min',
  'Day 4: walk to the stop, outdoors, 40 min',
  'Day 4: what did we see, calm',
  'Day 5: who drives, whole group',
  'Day 5: build the depot, from 3 years',
  'Day 6: short and long trams, 10 min',
  'Day 6: wires of wool, 3 at once',
  'Day 7: the conductor says, lively',
  'Day 7: tickets for all, 15 min',
  'Day 8: a map of our street, messy',
  'Day 8: signals, stop and go',
  'Day 9: the night tram, calm',
  'Day 9: windows to look out of, 20 min',
  'Day 10: we ride together, outdoors, whole group',
  'Day 10: last stop, calm, 10 min',
];
