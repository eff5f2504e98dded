import type { Table } from '../../book/index.ts';
import { momentOf, type Minutes, type PlainDay } from '../../calendar/index.ts';
import { onHand, type StockMove, type Supply } from '../../cupboard/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import { formatQuantity, quantity, type Quantity } from '../../measure/index.ts';
import type { Taken } from '../../schedule/index.ts';
import type { Unit } from '../../unit/index.ts';
import type { WatchStage } from '../../watch/index.ts';
import { memoised } from '../ground/memo.ts';
import { openingOf } from './slots.ts';
import type { ReadyTask } from './task.ts';
import type { Forecast, StageForecast } from '../forecast/forecast.ts';

/** What a stage needs of a supply, and how much of that is missing. */
export interface StageNeed {
  readonly supply: Supply;
  readonly need: Quantity;
  readonly missing: Quantity;
}

/** What a stage needs, against what is on hand. What is planned for units is not counted off. */
export const needsOfStage = (
  { supplies }: WatchStage,
  known: Table<Supply>,
  moves: Table<StockMove>,
): readonly StageNeed[] =>
  supplies.flatMap(({ supplyId, amount }) => {
    const supply = known[supplyId];
    if (!supply) return [];
    const own = Object.values(moves).filter((move) => move.supplyId === supplyId);
    const there = supply.got === 'tap' ? amount : onHand(supply, own).amount;
    const missing = Math.max(0, amount - there);
    return [{ supply, need: quantity(amount, supply.unit), missing: quantity(missing, supply.unit) }];
  });

/** What has to be made ready, and got, before stages that are still to come, each before its first possible day. */
export const watchTasks = memoised(
  (
    forecast: Forecast,
    unit: Unit,
    home: Home,
    supplies: Table<Supply>,
    moves: Table<StockMove>,
    today: PlainDay,
  ): readonly ReadyTask[] =>
    forecast.isOver
      ? []
      : forecast.stages
          .filter(({ state, earliest }) => state === 'to-come' && earliest >= today)
          .flatMap((one) => [
            ...one.stage.tasks.map((task) => stageTask(forecast, one, unit, home, task)),
            ...getting(forecast, one, unit, home, needsOfStage(one.stage, supplies, moves)),
          ]),
);

type Draft = Pick<ReadyTask, 'id' | 'kind' | 'text' | 'minutes' | 'how' | 'where' | 'things'>;

const taskBefore = (
  { observation }: Forecast,
  { earliest }: StageForecast,
  unit: Unit,
  home: Home,
  draft: Draft,
): ReadyTask => ({
  unit,
  forWhat: observation.title,
  placement: null,
  // No numbered day needs it, but a date.
  day: { number: 0, date: earliest },
  usedAt: openingOf(home, earliest),
  waitMinutes: 0 as Minutes,
  mostMinutes: null,
  needs: [],
  hold: null,
  ways: [],
  ...draft,
});

const stageTask = (
  forecast: Forecast,
  one: StageForecast,
  unit: Unit,
  home: Home,
  { id, text, minutes }: WatchStage['tasks'][number],
): ReadyTask =>
  taskBefore(forecast, one, unit, home, {
    id: `watch:${forecast.observation.id}:${one.stage.id}:${id}`,
    kind: 'watch',
    text,
    minutes,
    how: `as ${one.stage.name} says`,
    where: 'home',
    things: [],
  });

function getting(
  forecast: Forecast,
  one: StageForecast,
  unit: Unit,
  home: Home,
  needs: readonly StageNeed[],
): readonly ReadyTask[] {
  const missing = needs.filter((need) => need.missing.amount > 0);
  if (missing.length === 0) return [];
  const names = missing.map(
    ({ supply, missing: of }) => `${supply.name} (${formatQuantity(of, home.units)})`,
  );
  return [
    taskBefore(forecast, one, unit, home, {
      id: `watch:${forecast.observation.id}:${one.stage.id}:get`,
      kind: 'shop',
      text: `Get ${names.join(', ')} for ${forecast.observation.title}`,
      minutes: valueIn(home, 'shoppingMinutes') as Minutes,
      how: "the home's minutes for one round",
      where: 'away',
      things: missing.map(({ supply }) => supply.name),
    }),
  ];
}

/** The room that what is watched takes up: from the first day of a stage in a place to its last possible one. */
export const roomTaken = memoised((forecasts: readonly Forecast[], home: Home): readonly Taken[] =>
  forecasts.flatMap(({ stages, isOver }) => {
    if (isOver) return [];
    const taken: Taken[] = [];
    for (const { stage, earliest, endsLatest } of stages) {
      if (stage.place === null) continue;
      const [from, to] = [momentOf(earliest, 0, home.zone), momentOf(endsLatest, 0, home.zone)];
      const before = taken.at(-1);
      // It stands in its place once, whichever stage it is in.
      if (before?.place === stage.place && from <= before.to) taken[taken.length - 1] = { ...before, to };
      else taken.push({ place: stage.place, units: 1, from, to });
    }
    return taken;
  }),
);
