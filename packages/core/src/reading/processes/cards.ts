import { formatDay, formatDuration, formatMinutes, type Minutes } from '../../calendar/index.ts';
import { allergenName, WAITING_PLACES, type Child } from '../../house/index.ts';
import { MADE_WHEN, type RecipeId } from '../../library/index.ts';
import type { UnitSystem } from '../../measure/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { Circles } from '../circle/circle.ts';
import { answer, type Asking } from '../ground/answer.ts';
import { counted, listed } from '../ground/finding.ts';
import { madeIn, shareText, type MadeIn } from '../kitchen/made-in.ts';
import type { PlannedMix } from '../kitchen/mixes.ts';
import { noBowlText } from '../kitchen/own-bowl.ts';
import { amountText, roundedTogether } from '../kitchen/round.ts';
import { perBowl } from '../kitchen/scale.ts';
import { clockedSteps, nightAfter } from '../kitchen/timetable.ts';
import type { Frame, Session } from '../plan/plan.ts';
import { processesOfDay, type ClockStep, type DayProcess } from './day-processes.ts';
import { whyText } from './findings.ts';

/** What is mixed into one bowl, in words. */
export interface BowlCard {
  /** `For all`, `Own bowl of Tove, without gluten`. */
  readonly label: string;
  readonly own: readonly Child[];
  /** `300 g Plain flour`, one a part. */
  readonly lines: readonly string[];
}

/** Something that is made in an activity on a day, as it stands on a card: for how many, in which bowls, when each step is. */
export interface MadeCard {
  readonly key: string;
  readonly title: string;
  /** `7 children × 1 piece`, or why it cannot be worked out. */
  readonly how: string;
  /** `09:40, 20 min: Mix and knead. It waits until 10:40.`; for what is made beforehand, when that is. */
  readonly steps: readonly string[];
  /** `Ready at 11:22, for Lunch at 11:50`, or why it has no room; null for what is made before. */
  readonly ready: string | null;
  readonly bowls: readonly BowlCard[];
  /** What the newest try beforehand gave: `Tried on Tue 9 March with 250 mL: 12 seconds.`; null where nobody tried it. */
  readonly tried: string | null;
  /** For whom nothing of it is made, and why. */
  readonly none: readonly string[];
}

/** The plan in which something is made: all that is placed in its unit, its circles and its time. */
export interface MadeAmong {
  readonly placements: readonly Placement[];
  readonly circles: Circles;
  readonly frame: Frame;
}

/** What is made in a session, a card for each process and group. */
export function madeCards(
  asking: Asking,
  session: Session,
  { placements, circles, frame }: MadeAmong,
): readonly MadeCard[] {
  if (session.placement.content.processes.length === 0) return NONE;
  const laid = processesOfDay(asking, placements, circles, frame, session.day.number);
  return madeIn(asking, session, frame).flatMap((made) => {
    const own = laid.filter(
      (one) => one.session.placement.id === session.placement.id && one.made.process.id === made.process.id,
    );
    const tried = triedText(asking, made.recipe.id, frame.home.units);
    return own.length === 0
      ? [cardOf(made, null, tried, frame)]
      : own.map((one) => cardOf(made, one, tried, frame));
  });
}

// The value of a try stays with what was tried, and is told wherever it is made.
const triedText = answer((look, recipeId: RecipeId, units: UnitSystem): string | null => {
  const tries = Object.values(look.table('batches'))
    .filter((one) => one.trial && one.recipeId === recipeId && (one.found !== null || one.note !== ''))
    .toSorted((a, b) => (a.madeOn < b.madeOn ? 1 : a.madeOn > b.madeOn ? -1 : a.id < b.id ? 1 : -1));
  const [newest] = tries;
  if (!newest) return null;
  const said = [newest.found ?? '', newest.note].filter(Boolean).map(ended).join(' ');
  const amount = shareText(newest.amount, newest.unit, units);
  return `Tried on ${formatDay(newest.madeOn)} with ${amount}: ${said}`;
});

const NONE: readonly never[] = [];

function cardOf(made: MadeIn, laid: DayProcess | null, tried: string | null, { home }: Frame): MadeCard {
  const { recipe, process, how, mixes, without, problem } = made;
  const group = laid?.group ?? null;
  return {
    key: `${process.id}:${group ?? ''}`,
    title: group === null ? recipe.title : `${recipe.title}, group ${group}`,
    how: problem ?? how,
    steps:
      laid && laid.steps.length > 0
        ? [...laid.steps.map(stepText), ...afterTheNight(made)]
        : plainSteps(made),
    ready:
      laid && (laid.ready === null ? `It does not fit into this day. ${whyText(laid)}` : readyText(laid)),
    bowls: mixes.map((mix) => bowlOf(mix, mixes.length > 1, home.units)),
    tried,
    none: without.map(noBowlText),
  };
}

const ended = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`);

function stepText({ step, from, until, next }: ClockStep): string {
  const hands = until > from ? `, ${formatDuration((until - from) as Minutes)}` : '';
  const wait = next > until ? ` It waits until ${formatMinutes(next)}.` : '';
  const sign = step?.sign ? ` Done when: ${ended(step.sign)}` : '';
  return `${formatMinutes(from)}${hands}: ${ended(step?.text ?? 'Make it')}${sign}${wait}`;
}

// What waits overnight, and what is done then.
function afterTheNight({ recipe }: MadeIn): readonly string[] {
  const night = nightAfter(recipe);
  if (night === null) return NONE;
  const steps = clockedSteps(recipe);
  const { step, waitMinutes } = steps[night - 1]!;
  const place = step?.waitsIn ?? recipe.waitsIn;
  const wait = formatDuration(waitMinutes as Minutes);
  return [
    `Then it waits ${wait} or more${place ? ` in the ${WAITING_PLACES[place]}` : ''}.`,
    ...recipe.steps.slice(night).map(({ text }) => `Another day: ${ended(text)}`),
  ];
}

function plainSteps({ recipe, process }: MadeIn): readonly string[] {
  const before = process.when === 'beforehand' ? [`Made ${MADE_WHEN.beforehand}.`] : [];
  return [
    ...before,
    ...recipe.steps
      .slice(process.when === 'beforehand' ? 0 : process.stepsBefore)
      .map(({ text, waitMinutes }) =>
        waitMinutes > 0 ? `${ended(text)} It waits ${formatDuration(waitMinutes)}.` : ended(text),
      ),
  ];
}

function readyText({ ready, by, forWhat, latestStart }: DayProcess): string {
  const wanted =
    forWhat === formatMinutes(by) ? `, wanted at ${forWhat}` : `, for ${forWhat} at ${formatMinutes(by)}`;
  const latest =
    latestStart === null ? '' : `. Begun at the latest at ${formatMinutes(latestStart as Minutes)}`;
  return `Ready at ${formatMinutes(ready!)}${wanted}${latest}`;
}

function bowlOf({ scaled, own }: PlannedMix, isOneOfSeveral: boolean, units: UnitSystem): BowlCard {
  const whose = own
    ? `Own bowl of ${listed(own.children.map(({ shownAs }) => shownAs))}, without ${listed(own.without.map((id) => allergenName(id)))}`
    : isOneOfSeveral
      ? 'For the others'
      : 'For all';
  const times = scaled.bowls > 1 ? `: ${counted(scaled.bowls, 'bowl')}, in each` : '';
  return {
    label: `${whose}${times}`,
    own: own?.children ?? [],
    lines: roundedTogether(perBowl(scaled), units).map(
      ({ amount, measure, portion }) => `${amountText(amount, measure, units)} ${portion.supply.name}`,
    ),
  };
}
