import type { PlainDay } from '../../calendar/index.ts';
import { groupBy, unique } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { inRoomOf } from '../amounts/uses.ts';
import { answer, answerFlat } from '../ground/answer.ts';
import { inDayOrder, fewOf, fingerprint, formatDays, type Finding } from '../ground/finding.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

interface BrokenUse {
  readonly supply: Supply;
  readonly placement: Placement;
  readonly days: readonly number[];
}

const brokenIn = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly BrokenUse[] => {
    const ids = unique(inRoomOf(look, placement, frame).map(({ supplyId }) => supplyId));
    const broken = ids.flatMap((id) => look.one('supplies', id) ?? []).filter((one) => one.broken !== null);
    if (broken.length === 0) return [];
    const days = sessionsOf(placement, frame)
      .filter(({ day, seats }) => day.date >= today && seats.length > 0)
      .map(({ day }) => day.number);
    return days.length === 0 ? [] : broken.map((supply) => ({ supply, placement, days }));
  },
);

/**
 * Row 64: something that is broken, such as a cracked tile of magnets or a battery lid that does not close, is planned although
 * what is in it can come out. A stop for everyone, one for each thing, until it is mended or left out.
 */
export const brokenFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const used = brokenIn(look, placements, frame, today);
    return [...groupBy(used, ({ supply }) => supply)].map(([supply, uses]) => {
      const days = inDayOrder(uses.flatMap((one) => one.days));
      const where = unique(uses.map(({ placement }) => placement));
      return {
        key: `broken:${supply.id}`,
        rule: 'broken',
        row: 64,
        level: 'stop',
        title: `Broken: ${supply.name}`,
        detail: `${supply.broken}. ${fewOf(where.map(({ content }) => content.title))}, ${formatDays(days)}.`,
        instead: 'Set it aside, count its pieces, and mend it before it is out again.',
        basis: 'what is inside comes out: as for magnets and batteries within reach',
        days,
        cornerIds: [],
        placementId: where[0]!.id,
        placementIds: where.map(({ id }) => id),
        childIds: [],
        supplyIds: [supply.id],
        facts: fingerprint([supply.id, supply.broken, where.map(({ id }) => id)]),
      };
    });
  },
);
