import { momentOf, type Minutes, type Moment, type PlainDay, type ProgramDay } from '../../calendar/index.ts';
import type { Home } from '../../house/index.ts';
import type { PrepTask } from '../../library/index.ts';
import type { TaskNeed } from '../../schedule/index.ts';
import type { Placement } from '../../unit/index.ts';
import { perMember } from '../ground/memo.ts';
import { sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import { openingOf } from './slots.ts';
import { holdFor, type ReadyTask } from './task.ts';

const MINUTES_AN_HOUR = 60;

const fromHours = (hours: number): Minutes => Math.round(hours * MINUTES_AN_HOUR) as Minutes;

/** The moment at which a session needs what is made ready for it: its block, or the opening of the home for a set-up. */
export const usedAtOf = ({ placement, day, span }: Session, home: Home): Moment =>
  placement.where.kind === 'day' && span.from > 0
    ? momentOf(day.date, span.from, home.zone)
    : openingOf(home, day.date);

/**
 * What is made ready for each placement by its own lines: once before its first day, or before each day where it spoils.
 * Nothing is asked for days before `today`; what began before is made.
 */
export const prepTasks = perMember(
  (placement: Placement, frame: Frame, today: PlainDay): readonly ReadyTask[] => {
    const { content } = placement;
    if (content.prep.length === 0) return [];
    const sessions = sessionsOf(placement, frame);
    const ahead = sessions.filter(({ day }) => day.date >= today);
    const begins = sessions[0]?.day.date ?? '';
    return content.prep.flatMap((prep) => {
      // A child's own step that waits for nothing is part of the activity.
      if (prep.owner === 'child' && waitOf(prep) === 0) return [];
      if (isDaily(prep, sessions))
        return ahead.map((session) => taskOf(prep, placement, [session], frame, true));
      return begins >= today && ahead.length > 0 ? [taskOf(prep, placement, ahead, frame, false)] : [];
    });
  },
);

const waitOf = ({ leadHours, waitHours }: PrepTask): Minutes => fromHours(Math.max(leadHours, waitHours));

// What spoils is made anew for each day.
const isDaily = ({ mostLeadHours }: PrepTask, sessions: readonly Session[]): boolean =>
  mostLeadHours !== null && sessions.length > 1;

const idOf = (placement: Placement, prepId: string, day: ProgramDay | null): string =>
  day === null ? `${placement.id}:${prepId}` : `${placement.id}:${prepId}:${day.number}`;

function taskOf(
  prep: PrepTask,
  placement: Placement,
  sessions: readonly Session[],
  frame: Frame,
  daily: boolean,
): ReadyTask {
  const [first] = sessions as readonly [Session, ...Session[]];
  const children = new Set(
    sessions.flatMap(({ seats }) =>
      seats.filter(({ version }) => version !== null).map(({ child }) => child.id),
    ),
  ).size;
  const heads = prep.per === 'child' ? Math.max(1, children) : 1;
  const minutes = (prep.minutes * heads) as Minutes;
  return {
    id: idOf(placement, prep.id, daily ? first.day : null),
    unit: frame.unit,
    kind: 'prepare',
    text: prep.text,
    forWhat: placement.content.title,
    placement,
    minutes,
    how:
      prep.per === 'child'
        ? `${children} ${children === 1 ? 'child' : 'children'} × ${prep.minutes} min`
        : 'as its activity says',
    day: first.day,
    usedAt: usedAtOf(first, frame.home),
    waitMinutes: waitOf(prep),
    mostMinutes: prep.mostLeadHours === null ? null : fromHours(prep.mostLeadHours),
    needs: prep.needs.map((id): TaskNeed => ({
      taskId: idOf(placement, id, daily && isDailyLine(placement, id) ? first.day : null),
      waitMinutes: waitedFor(placement, id),
      mostMinutes: null,
    })),
    hold: holdFor(prep.waitsIn, fromHours(prep.waitHours || prep.leadHours), heads),
    where: prep.owner === 'adult' ? 'home' : 'children',
    ways:
      prep.per === 'child'
        ? prep.instead.map((way) => ({ ...way, minutes: (way.minutes * heads) as Minutes }))
        : prep.instead,
    things: [],
  };
}

const lineOf = ({ content }: Placement, id: string): PrepTask | undefined =>
  content.prep.find((line) => line.id === id);
const isDailyLine = (placement: Placement, id: string): boolean =>
  (lineOf(placement, id)?.mostLeadHours ?? null) !== null;

// What comes after something that dries or freezes waits for it.
const waitedFor = (placement: Placement, id: string): Minutes =>
  fromHours(lineOf(placement, id)?.waitHours ?? 0);
