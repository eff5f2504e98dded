import type { Minutes, Moment, ProgramDay } from '../../calendar/index.ts';
import type { Recipe } from '../../library/index.ts';
import type { Placement, Unit } from '../../unit/index.ts';
import { stretchesOf, type Stretch } from '../kitchen/timetable.ts';
import { holdFor, taskOf, type ReadyTask } from './task.ts';

const DAY = 24 * 60;

/** Something that is cooked or mixed before it is used. */
export interface ToCook {
  /** The id of its last task; those before it add a number. */
  readonly id: string;
  readonly unit: Unit;
  readonly recipe: Recipe;
  /** How often it is made in all, because it does not keep. */
  readonly times: number;
  readonly forWhat: string;
  readonly placement: Placement | null;
  readonly day: ProgramDay;
  readonly usedAt: Moment;
  /** How long it may lie made before it is used; null when it keeps. */
  readonly keepsMinutes: number | null;
}

/** The tasks of making a recipe, one a stretch that somebody stays with: what rests for long in between is gone on with another time. */
export function cookTasks(cook: ToCook): readonly ReadyTask[] {
  const { id, unit, recipe, times, forWhat, placement, day, usedAt, keepsMinutes } = cook;
  const stretches = stretchesOf(recipe);
  const idAt = (i: number): string => (i === stretches.length - 1 ? id : `${id}:${i + 1}`);
  return stretches.map((stretch, i) => {
    const { minutes, lastsMinutes, waitMinutes, begins } = stretch;
    // What comes after it takes its time too.
    const wait = stretches
      .slice(i + 1)
      .reduce((sum, later) => sum + later.lastsMinutes + later.waitMinutes, waitMinutes as number);
    const part =
      stretches.length > 1 ? `, ${i + 1} of ${stretches.length}: ${begins!.text.replace(/\.$/, '')}` : '';
    return taskOf({
      ...{
        id: idAt(i),
        unit,
        kind: 'cook',
        text: `${recipe.cooked ? 'Cook' : 'Make'} ${recipe.title}${part}`,
        forWhat,
        placement,
      },
      ...{ minutes, lastsMinutes, how: howLong(stretch, times), day, usedAt },
      waitMinutes: wait as Minutes,
      mostMinutes: (keepsMinutes === null ? null : Math.max(keepsMinutes, wait)) as Minutes | null,
      needs: i === 0 ? [] : [restedSince(idAt(i - 1), stretches[i - 1]!)],
      hold: i < stretches.length - 1 ? null : holdFor(recipe.waitsIn, waitMinutes, Math.ceil(times)),
      things: [recipe.title],
      takes: i === 0 ? recipe.ingredients.map(({ supplyId }) => supplyId) : [],
    });
  });
}

// What rests is gone on with within a day of it: a default of Kobby.
const restedSince = (taskId: string, { waitMinutes }: Stretch): ReadyTask['needs'][number] => ({
  taskId,
  waitMinutes,
  mostMinutes: (waitMinutes + DAY) as Minutes,
});

function howLong({ minutes, lastsMinutes, begins }: Stretch, times: number): string {
  const between = lastsMinutes > minutes ? `, and ${lastsMinutes - minutes} min of waiting in between` : '';
  const again = times > 1 ? `; made ${times} times in all, this is the first` : '';
  return `the recipe's ${begins ? 'steps' : 'minutes'}${between}${again}`;
}
