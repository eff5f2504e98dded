import { fitRun } from '../arranging/index.ts';
import { formatDuration, type Minutes } from '../calendar/index.ts';
import type { Process, Recipe } from '../library/index.ts';
import type { Placement } from '../unit/index.ts';
import type { Bench, Mend } from './bench.ts';

/** The process that a finding is about, with what it stands in. */
function aboutIn({ book, finding, placed }: Bench): {
  readonly placement: Placement;
  readonly process: Process;
  readonly recipe: Recipe;
} | null {
  const [placement] = placed;
  const process = placement?.content.processes.find(({ id }) => finding.key.includes(`:${id}:`));
  const recipe = process && book.recipes[process.recipeId as Recipe['id']];
  return placement && process && recipe ? { placement, process, recipe } : null;
}

const withProcess = (placement: Placement, changed: Process, label: string): Mend => ({
  label,
  changes: [
    {
      type: 'unit/write-over',
      placementId: placement.id,
      part: {
        processes: placement.content.processes.map((one) => (one.id === changed.id ? changed : one)) as never,
      },
    },
  ],
});

/** A circle that is over when it should be, where it runs into what is made. */
export function byCircleShorter(bench: Bench): Mend[] {
  const { reading, finding, newId } = bench;
  const about = aboutIn(bench);
  const [number] = finding.days;
  if (!about || number === undefined) return [];
  const { stuff, runs } = reading.circles;
  return runs
    .filter(
      ({ day, moment, seconds, block }) =>
        moment === 'in' && day.number === number && seconds > block.minutes * 60,
    )
    .flatMap((run): Mend[] => {
      const goal = run.block.minutes * 60;
      const fitted = fitRun(run, goal, { stuff, frame: reading.frame, newId, reach: 'day' });
      return fitted.outcome === 'fitted' && fitted.changes.length > 0
        ? [{ label: `A shorter ${run.block.name}: ${fitted.steps.join('; ')}`, changes: fitted.changes }]
        : [];
    });
}

/** Begun in a block before: the nearest first. */
export function byEarlierBlock(bench: Bench): Mend[] {
  const about = aboutIn(bench);
  if (about?.placement.where.kind !== 'day') return [];
  const { where } = about.placement;
  const { blocks } = bench.reading.frame.home;
  const own = blocks.find(({ id }) => id === where.blockId);
  return blocks
    .filter(({ start, isCircle }) => !isCircle && own !== undefined && start < own.start)
    .toSorted((a, b) => (a.start < b.start ? 1 : -1))
    .map(({ id, name, start }) => ({
      label: `Begin it in ${name} (${start})`,
      changes: [{ type: 'unit/move', placementId: about.placement.id, where: { ...where, blockId: id } }],
    }));
}

/** Up to a step after which it can lie in the cold, the day before. */
export function byEveningBefore(bench: Bench): Mend[] {
  const about = aboutIn(bench);
  if (!about) return [];
  const { placement, process, recipe } = about;
  return recipe.steps.flatMap(({ coldHours }, i): Mend[] => {
    const stepsBefore = i + 1;
    const isBetween = process.stepsBefore < stepsBefore && stepsBefore < recipe.steps.length;
    if (coldHours === null || !isBetween) return [];
    const night = formatDuration((coldHours * 60) as Minutes);
    const label = `Begin it the day before, then ${night} or more in the cold`;
    return [withProcess(placement, { ...process, stepsBefore }, label)];
  });
}

/** All of it in a time for making ready. */
export function byMadeBeforehand(bench: Bench): Mend[] {
  const about = aboutIn(bench);
  if (!about || about.process.when === 'beforehand') return [];
  const { placement, process, recipe } = about;
  return [
    withProcess(
      placement,
      { ...process, when: 'beforehand', stepsBefore: 0 },
      `Make ${recipe.title} beforehand, without the children`,
    ),
  ];
}
