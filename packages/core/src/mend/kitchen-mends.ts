import type { ChangeInput } from '../changes/index.ts';
import { onHand } from '../cupboard/index.ts';
import {
  batchStates,
  fillableTubs,
  fillerChoices,
  keptOf,
  sessionsOf,
  surfaceMm2,
} from '../reading/index.ts';
import type { Placement } from '../unit/index.ts';
import type { Bench, Mend } from './bench.ts';

const fill = ({ id: placementId }: Placement, bin: NonNullable<Placement['bin']>): ChangeInput => ({
  type: 'unit/fill-bin',
  placementId,
  bin,
});

/** Another filler in the same tub, the ones that suit everyone first. */
export function byFiller({ book, reading, placed, today }: Bench): Mend[] {
  const [placement] = placed;
  const bin = placement?.bin;
  if (!placement || !bin || placed.length !== 1) return [];
  const sessions = sessionsOf(placement, reading.frame).filter(({ day }) => day.date >= today);
  const children = [...new Set(sessions.flatMap(({ seats }) => seats.map(({ child }) => child)))];
  const day = sessions[0]?.day.date ?? today;
  return fillerChoices(book, bin, { children, day })
    .filter(({ filler, need }) => filler.id !== bin.fillerId && need !== null)
    .map(({ filler }) => ({
      label: `Fill it with ${filler.name}`,
      changes: [fill(placement, { ...bin, fillerId: filler.id })],
    }));
}

/** A roomier tub, the smallest that will do first. */
export function byTub({ book, placed }: Bench): Mend[] {
  const [placement] = placed;
  const bin = placement?.bin;
  if (!placement || !bin) return [];
  return fillableTubs(book.supplies)
    .toSorted((a, b) => surfaceMm2(a.inside!).compare(surfaceMm2(b.inside!)))
    .map(({ id: tubId, name }) => ({ label: `Use ${name}`, changes: [fill(placement, { ...bin, tubId })] }));
}

/** What is too old goes: then it stands among what is cooked. */
export function byMakingNew({ book, finding, today, newId }: Bench): Mend[] {
  const [supplyId] = finding.supplyIds ?? [];
  const recipe = Object.values(book.recipes).find(({ makesId, retired }) => makesId === supplyId && !retired);
  if (!recipe || finding.level !== 'stop') return [];
  const old = keptOf(recipe, batchStates(book.batches, book.recipes, today)).filter(
    ({ state }) => state === 'past' || state === 'ill',
  );
  if (old.length === 0) return [];
  // After everything that the ledger knows of it, so that no count comes later.
  const moves = Object.values(book.stockMoves).filter((move) => move.supplyId === supplyId);
  const there = onHand(book.supplies[supplyId!]!, moves).amount;
  const at = moves
    .map((move) => move.at)
    .reduce((last, one) => (one > last ? one : last), `${today}T00:00:00.000Z`);
  const thrown: ChangeInput[] =
    there > 0
      ? [
          {
            type: 'cupboard/record-stock',
            move: { id: `thrown-${newId()}`, supplyId: supplyId!, kind: 'thrown', amount: there, at },
          },
        ]
      : [];
  return [
    {
      label: 'It is thrown away: make it new',
      changes: [
        ...old.map(({ batch }): ChangeInput => ({
          type: 'kitchen/put-batch',
          batch: { ...batch, goneOn: today },
        })),
        ...thrown,
      ],
    },
  ];
}

/** The amount of the plan in place of the one set by hand. */
export function byPlan({ book, reading, finding }: Bench): Mend[] {
  const errands = Object.values(book.errands).filter(
    ({ unitId, supplyId, amount }) =>
      unitId === reading.frame.unit.id && amount !== null && finding.supplyIds?.includes(supplyId),
  );
  if (errands.length === 0) return [];
  return [
    {
      label: 'Take what the plan asks for',
      changes: errands.map((errand) => ({ type: 'gather/put-errand', errand: { ...errand, amount: null } })),
    },
  ];
}
