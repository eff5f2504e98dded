import { daysBetween } from '../../calendar/index.ts';
import type { Child, Home } from '../../house/index.ts';
import { yieldOf, type Process, type Recipe } from '../../library/index.ts';
import {
  formatQuantity,
  fractionText,
  quantity,
  type MeasureId,
  type UnitSystem,
} from '../../measure/index.ts';
import { answer } from '../ground/answer.ts';
import { counted } from '../ground/finding.ts';
import { sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import { suppliesAsMade } from './inherit.ts';
import { mixesFor, type MixOrder, type PlannedMix } from './mixes.ts';
import type { WithoutBowl } from './own-bowl.ts';
import { startingShare } from './scale.ts';
import { asVariant } from './variant.ts';

/** What is made in an activity on one of its days. */
export interface MadeIn {
  readonly process: Process;
  readonly recipe: Recipe;
  /** For everyone, and for those who get a bowl of their own; empty where it cannot be made. */
  readonly mixes: readonly PlannedMix[];
  readonly without: readonly WithoutBowl[];
  /** Why it cannot be made so; null when it can. */
  readonly problem: string | null;
  /** For how many it is: `7 children × 60 g`, `2 groups × 1 batch, 3 times`. */
  readonly how: string;
  readonly children: readonly Child[];
}

/**
 * What is made in a session by the processes of its activity: for the children who do something in it, each who must not meet what is
 * in it with a bowl of its own. What stands for several days is made on the first of them for all who come, and anew when it does not
 * keep any longer; on the days between nothing is made. A process whose recipe is gone is left out.
 */
export const madeIn = answer((look, session: Session, frame: Frame): readonly MadeIn[] => {
  const { processes } = session.placement.content;
  if (processes.length === 0) return NONE;
  const { home } = frame;
  return processes.flatMap((process): readonly MadeIn[] => {
    const written = look.one('recipes', process.recipeId);
    if (!written) return [];
    const recipe = asVariant(written, process.variant);
    const days = servedBy(session, sessionsOf(session.placement, frame), recipe);
    if (days === null) return [];
    const children = [...new Set(days.flatMap(doingIn))];
    const rest = { process, recipe, children, how: howMany(process, recipe, children.length, home) };
    if (children.length === 0) return [{ ...rest, mixes: [], without: [], problem: null }];
    const planned = mixesFor(recipe, suppliesAsMade(look), orderOf(process, recipe, children, home));
    return planned.ok
      ? [{ ...rest, mixes: planned.mixes, without: planned.without, problem: null }]
      : [{ ...rest, mixes: [], without: [], problem: planned.why.message }];
  });
});
const NONE: readonly never[] = [];

const doingIn = ({ seats }: Session): readonly Child[] =>
  seats.flatMap(({ child, version }) => (version === null ? [] : [child]));

// The sessions for which it is made in this one; null where it was made in an earlier one and still keeps.
function servedBy(
  session: Session,
  sessions: readonly Session[],
  { keepsDays }: Recipe,
): readonly Session[] | null {
  const keeps = keepsDays === null ? Infinity : Math.max(1, keepsDays);
  let [from, days]: [Session | null, Session[]] = [null, []];
  for (const one of sessions) {
    if (from && daysBetween(from.day.date, one.day.date) < keeps) days.push(one);
    else if (from?.day.number === session.day.number) break;
    else [from, days] = [one, [one]];
  }
  return from?.day.number === session.day.number ? days : null;
}

const shareOf = ({ share }: Process, recipe: Recipe, home: Home) =>
  share === null ? startingShare(recipe, home) : { amount: share, unit: yieldOf(recipe).unit };

function orderOf(process: Process, recipe: Recipe, children: readonly Child[], home: Home): MixOrder {
  const { repeats, groups, batches, leaveOut } = process;
  const share = shareOf(process, recipe, home);
  const rest = { bowlMl: null, wanted: { without: [], onlyFood: false, leaveOut }, children };
  if (process.for === 'child')
    return {
      ...rest,
      target: {
        ...{ kind: 'children', children: children.length, spareShares: 0 },
        share: { ...share, amount: share.amount * repeats },
      },
    };
  const times = process.for === 'group' ? groups : 1;
  return { ...rest, target: { kind: 'batches', batches: batches * repeats * times } };
}

/** How much of what a recipe gives: `60 g`, `2 pieces`. */
export const shareText = (amount: number, unit: MeasureId, units: UnitSystem): string =>
  unit === 'piece' ? counted(amount, 'piece') : formatQuantity(quantity(amount, unit), units);

function howMany(process: Process, recipe: Recipe, children: number, home: Home): string {
  const again = process.repeats > 1 ? `, ${process.repeats} times` : '';
  if (process.for === 'child') {
    const { amount, unit } = shareOf(process, recipe, home);
    return `${counted(children, 'child', 'children')} × ${shareText(amount, unit, home.units)}${again}`;
  }
  const { batches, groups } = process;
  const each = `${fractionText(batches)} ${batches > 1 ? 'batches' : 'batch'}`;
  return process.for === 'group'
    ? `${groups} ${groups === 1 ? 'group' : 'groups'} × ${each}${again}`
    : `${each} for all${again}`;
}
