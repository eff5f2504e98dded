import { groupBy } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Home } from '../../house/index.ts';
import type { Unit } from '../../unit/index.ts';
import { inDayOrder, fewOf, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Readiness, ReadyEntry } from './ready.ts';
import type { TaskKind } from './task.ts';

// What is got has lines of its own on the page of baskets, and heads-ups of its own.
const GOT: ReadonlySet<TaskKind> = new Set(['shop', 'order', 'ask', 'borrow', 'collect']);

/** What an unplaced task is told as. */
const RULE_OF = {
  'no-time': 'late',
  wait: 'late',
  minutes: 'late',
  needs: 'late',
  place: 'place-full',
  spoils: 'spoils',
} as const;

/** What cannot be made ready in time for a unit, each activity with why; and a home that has no time for it at all. */
export const readyFindings = memoised(
  (ready: Readiness, unit: Unit, home: Home, today: PlainDay): readonly Finding[] => {
    const open = ready.entries.filter(({ task, why }) => task.unit.id === unit.id && why !== null);
    const told = open.filter(({ task }) => !GOT.has(task.kind));
    if (home.prepSlots.length === 0 && ready.loads.every(({ slot }) => slot.kind !== 'extra')) {
      // Setting out and cooking are asked about once somebody plans making ready at all.
      const made = told.filter(({ task }) => task.kind === 'own' || (task.placement && task.kind !== 'cook'));
      return made.length > 0 ? [noTime(made)] : [];
    }
    return [...groupBy(told, aboutOf).values()].map((entries) => findingOf(entries, today));
  },
);

const aboutOf = ({ task, why }: ReadyEntry): string =>
  `${RULE_OF[why!.kind]}:${task.placement?.id ?? (task.kind === 'watch' ? task.id : `${task.unit.id}:day-${task.day.number}`)}`;

/** The finding that tells of a task which does not fit, among some; null for what is told elsewhere. */
export const findingAbout = (headsUps: readonly Finding[], entry: ReadyEntry): Finding | null =>
  entry.why === null ? null : (headsUps.find(({ key }) => key === aboutOf(entry)) ?? null);

/** The tasks that a finding of these rules is about. */
export const entriesAbout = (ready: Readiness, key: string): readonly ReadyEntry[] =>
  ready.entries.filter((entry) => entry.why !== null && aboutOf(entry) === key);

function findingOf(entries: readonly ReadyEntry[], today: PlainDay): Finding {
  const [{ task, why }] = entries as readonly [ReadyEntry, ...ReadyEntry[]];
  const rule = RULE_OF[why!.kind];
  const numbers = entries.map((entry) => entry.task.day.number).filter((number) => number > 0);
  const days = inDayOrder(numbers);
  const isToday = task.day.date === today;
  return {
    key: aboutOf(entries[0]!),
    rule,
    level: task.placement === null ? 'note' : 'care',
    title: titleOf(rule, task.placement?.content.title ?? task.text, isToday),
    detail: entries.map(detailOf).join(' '),
    basis: 'what is made ready comes before the children',
    instead: isToday
      ? 'Tick it where it is made already; else another day, or another way.'
      : 'Another day, more time, or another way of preparing it.',
    days,
    cornerIds: task.placement?.where.kind === 'corner' ? [task.placement.where.cornerId] : [],
    placementId: task.placement?.id ?? null,
    childIds: [],
  };
}

// Without an activity the task is the title.
const detailOf = ({ task, why }: ReadyEntry): string =>
  task.placement === null ? why!.text : `${task.text.replace(/\.$/, '')}: ${lowered(why!.text)}`;

const lowered = (text: string): string => text.charAt(0).toLocaleLowerCase('en') + text.slice(1);

function titleOf(rule: Finding['rule'], what: string, isToday: boolean): string {
  if (rule === 'place-full') return `No room for it to wait: ${what}`;
  if (rule === 'spoils') return `Spoils before it is used: ${what}`;
  return isToday ? `Is it ready? ${what}` : `Not ready in time: ${what}`;
}

function noTime(open: readonly ReadyEntry[]): Finding {
  const tasks = open.map(({ task }) => task.text.replace(/\.$/, ''));
  return {
    key: 'no-prep-time',
    rule: 'no-prep-time',
    level: 'note',
    title: 'No time for making ready is known',
    detail: `${open.length} ${open.length === 1 ? 'task has' : 'tasks have'} no time: ${fewOf(tasks)}.`,
    instead: "Enter nap time, an evening or somebody else's hour in the rules of the home.",
    basis: 'making ready takes time',
    days: [],
    cornerIds: [],
    placementId: null,
    childIds: [],
  };
}
