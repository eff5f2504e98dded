import { type Minutes, type PlainDay } from '../../calendar/index.ts';
import { type Supply } from '../../cupboard/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import { formatQuantity, quantity, type Quantity } from '../../measure/index.ts';
import type { Unit } from '../../unit/index.ts';
import type { WatchStage } from '../../watch/index.ts';
import { homeIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { stockOf } from '../stock/ledger.ts';
import type { Forecast, StageForecast } from '../forecast/forecast.ts';
import { openingOf } from './slots.ts';
import type { ReadyTask } from './task.ts';

/** What a stage needs of a supply, and how much of that is missing. */
export interface StageNeed {
  readonly supply: Supply;
  readonly need: Quantity;
  readonly missing: Quantity;
}

/** What a stage needs, against what is on hand. What is planned for units is not counted off. */
export const needsOfStage = answer((look, { supplies }: WatchStage): readonly StageNeed[] =>
  supplies.flatMap(({ supplyId, amount }) => {
    const supply = look.one('supplies', supplyId);
    if (!supply) return [];
    const there = supply.got === 'tap' ? amount : stockOf(supply, look.table('stockMoves')).amount;
    const missing = Math.max(0, amount - there);
    return [{ supply, need: quantity(amount, supply.unit), missing: quantity(missing, supply.unit) }];
  }),
);

/** What has to be made ready, and got, before stages that are still to come, each before its first possible day. */
export const watchTasks = answer(
  (look, forecast: Forecast, unit: Unit, today: PlainDay): readonly ReadyTask[] => {
    if (forecast.isOver) return [];
    const about = { forecast, unit, home: homeIn(look) };
    return forecast.stages
      .filter(({ state, earliest }) => state === 'to-come' && earliest >= today)
      .flatMap((one) => [
        ...one.stage.tasks.map((task) => stageTask(about, one, task)),
        ...getting(about, one, needsOfStage(look, one.stage)),
      ]);
  },
);

interface About {
  readonly forecast: Forecast;
  readonly unit: Unit;
  readonly home: Home;
}

type Draft = Pick<ReadyTask, 'id' | 'kind' | 'text' | 'minutes' | 'how' | 'where' | 'things'>;

const taskBefore = (
  { forecast, unit, home }: About,
  { earliest }: StageForecast,
  draft: Draft,
): ReadyTask => ({
  unit,
  forWhat: forecast.observation.title,
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
  about: About,
  one: StageForecast,
  { id, text, minutes }: WatchStage['tasks'][number],
): ReadyTask =>
  taskBefore(about, one, {
    id: `watch:${about.forecast.observation.id}:${one.stage.id}:${id}`,
    kind: 'watch',
    text,
    minutes,
    how: `as ${one.stage.name} says`,
    where: 'home',
    things: [],
  });

function getting(about: About, one: StageForecast, needs: readonly StageNeed[]): readonly ReadyTask[] {
  const { forecast, home } = about;
  const missing = needs.filter((need) => need.missing.amount > 0);
  if (missing.length === 0) return [];
  const names = missing.map(
    ({ supply, missing: of }) => `${supply.name} (${formatQuantity(of, home.units)})`,
  );
  return [
    taskBefore(about, one, {
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
