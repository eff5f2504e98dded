import { formatDay } from '../../calendar/index.ts';
import { eventDay, type Placement, type SpecialEvent } from '../../unit/index.ts';
import { formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

/** The findings about special events that have no day any more, and about what is planned beside one. */
export const eventFindings = memoised(
  (events: readonly SpecialEvent[], placements: readonly Placement[], frame: Frame): readonly Finding[] =>
    frame.unit.start === null ? [] : events.flatMap((event) => findingsOf(event, placements, frame)),
);

const about = (event: SpecialEvent, days: readonly number[]) => ({
  days,
  cornerIds: [],
  placementId: null,
  childIds: [],
  key: `event:${event.id}`,
});

function findingsOf(event: SpecialEvent, placements: readonly Placement[], frame: Frame): Finding[] {
  const at = eventDay(event, frame.calendar);
  if ('lost' in at) {
    const closed = frame.calendar.skipped.find(({ date }) => date === at.lost);
    const why =
      at.lost === null
        ? `Its day is past Day ${frame.unit.dayCount}, the last of the unit.`
        : `It is fixed to ${formatDay(at.lost)}, ${closed ? `when the home is closed: ${closed.why}` : 'which is no day of this unit'}.`;
    return [
      {
        ...about(event, []),
        rule: 'event-without-day',
        level: 'care',
        title: `${event.title} has no day`,
        detail: `${why} Choose another day for it.`,
        basis: 'what is fixed to a date does not move with a closure',
      },
    ];
  }
  const back = placements.filter(({ backFrom }) => event.fills && backFrom === at.day);
  if (back.length > 0)
    return [
      {
        ...about(event, [at.day]),
        rule: 'special-day',
        level: 'note',
        title: `${event.title} fills the day`,
        detail: `${listed(back.map(({ content }) => content.title))} ${back.length === 1 ? 'steps' : 'step'} back from ${formatDays([at.day])} and ${back.length === 1 ? 'waits' : 'wait'} in the reserve. Give ${back.length === 1 ? 'it' : 'them'} another day, or pin what belongs to it.`,
        basis: 'on a special day the ordinary plan is thrown out',
      },
    ];
  // What is pinned there belongs to it.
  const beside = placements.filter(
    ({ where, pinned }) => where.kind === 'day' && where.day === at.day && !pinned,
  );
  if (beside.length === 0) return [];
  return [
    {
      ...about(event, [at.day]),
      rule: 'special-day',
      level: 'note',
      title: `${event.title} fills the day`,
      detail: `${formatDays([at.day])} also has ${beside.length === 1 ? 'one ordinary thing' : `${beside.length} ordinary things`}. Move them, put them in the reserve, or pin what belongs to it.`,
      basis: 'on a special day the ordinary plan is thrown out',
    },
  ];
}
