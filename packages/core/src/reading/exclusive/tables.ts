import type { PlainDay } from '../../calendar/index.ts';
import type { Corner } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { formatDays, type Finding } from '../ground/finding.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** The findings about corners that share a table and both have something out on the same days, from `today` on. */
export const sharedTableFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const corners = look.table('corners');
    const pairs = Object.values(corners).flatMap((corner) => {
      const other = corner.sharesTableWith === null ? undefined : corners[corner.sharesTableWith];
      // Both may name each other: the pair is told once.
      return !other || (other.sharesTableWith === corner.id && other.id < corner.id) ? [] : [[corner, other]];
    });
    return pairs.flatMap(([one, other]): Finding[] => {
      const days = daysIn(other!, placements, frame, today);
      const both = [...daysIn(one!, placements, frame, today)].filter((day) => days.has(day));
      if (both.length === 0) return [];
      return [
        {
          key: `shared-table:${one!.id}:${other!.id}`,
          rule: 'shared-table',
          level: 'care',
          title: `${one!.name} and ${other!.name} share a table`,
          detail: `Both have something out on ${formatDays(both)}. Let one follow the other, or clear half of the table.`,
          basis: 'one table holds one thing',
          days: both,
          cornerIds: [one!.id, other!.id],
          placementId: null,
          childIds: [],
        },
      ];
    });
  },
);

function daysIn(
  corner: Corner,
  placements: readonly Placement[],
  frame: Frame,
  today: PlainDay,
): ReadonlySet<number> {
  const inCorner = placements.filter(({ where }) => where.kind === 'corner' && where.cornerId === corner.id);
  const days = inCorner.flatMap((placement) => sessionsOf(placement, frame).map(({ day }) => day));
  return new Set(days.filter(({ date }) => date >= today).map(({ number }) => number));
}

/** The findings about set-ups in a corner that the home has taken off its shelf. */
export const retiredCornerFindings = answer((look, placements: readonly Placement[]): readonly Finding[] =>
  placements.flatMap((placement): Finding[] => {
    const { where } = placement;
    const corner = where.kind === 'corner' ? look.one('corners', where.cornerId) : null;
    if (!corner?.retired) return [];
    return [
      {
        key: `retired-corner:${placement.id}`,
        rule: 'retired-corner',
        level: 'note',
        title: `${corner.name} is off the shelf`,
        detail: `${placement.content.title} stands there. Move it to another corner, or put the corner back.`,
        basis: 'a corner that is retired keeps what was planned in it',
        days: [],
        cornerIds: [corner.id],
        placementId: placement.id,
        childIds: [],
      },
    ];
  }),
);
