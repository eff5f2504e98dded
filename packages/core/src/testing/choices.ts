import type { ChoiceProblem, ChoiceOption, ChoiceRow, Take, Hope } from '../choosing/index.ts';
import { seeded } from './problems.ts';

/** How large a made-up problem of choices is. */
export interface ChoiceSize {
  readonly spots: number;
  readonly options: number;
  readonly rows: number;
  readonly hopes: number;
}

/** A made-up problem: things that can be used once, room that is short, things that need others, hopes of both sides. */
export function aChoice(seed: number, { spots, options: perSpot, rows, hopes }: ChoiceSize): ChoiceProblem {
  const random = seeded(seed);
  const upTo = (most: number): number => Math.floor(random() * (most + 1));
  const entries = Math.max(2, Math.round((spots * perSpot) / 3));
  const entryOf: number[] = [];
  const options: ChoiceOption[] = [];
  for (let spot = 0; spot < spots; spot += 1)
    for (let i = 0; i < 1 + upTo(perSpot - 1); i += 1) {
      options.push({
        spot,
        speaks: [
          { term: 'worth', points: upTo(20) - 3 },
          { term: 'cost', points: -upTo(4) },
        ],
      });
      entryOf.push(upTo(entries - 1));
    }
  const some = (share: number, most: number): Take[] =>
    options.flatMap((_, o): Take[] => (random() < share ? [[o, 1 + upTo(most - 1)]] : []));
  const once = Array.from({ length: entries }, (_, entry): ChoiceRow => ({
    about: `once ${entry}`,
    room: 1,
    takes: options.flatMap((__, o): Take[] => (entryOf[o] === entry ? [[o, 1]] : [])),
  }));
  const short = Array.from({ length: rows }, (_, i): ChoiceRow => ({
    about: `room ${i}`,
    room: upTo(4),
    takes: some(0.4, 3),
  }));
  const needing = Array.from({ length: Math.ceil(rows / 2) }, (_, i): ChoiceRow => {
    const option = upTo(options.length - 1);
    const makers = some(0.2, 1).filter(([o]) => o !== option);
    return { about: `need ${i}`, room: 0, takes: [[option, 1], ...makers.map(([o]): Take => [o, -1])] };
  });
  const hoped = Array.from({ length: hopes }, (_, i): Hope => ({
    term: `hope ${i % 3}`,
    about: `hope ${i}`,
    side: random() < 0.6 ? 'at-least' : 'at-most',
    points: 1 + upTo(6),
    sums: Array.from({ length: 1 + upTo(1) }, () => ({ want: upTo(3), takes: some(0.35, 2) })),
  }));
  return { spots, options, rows: [...once, ...short, ...needing], hopes: hoped };
}
