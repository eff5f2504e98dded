import type { PlainDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, answerFlat } from '../ground/answer.ts';
import { fewOf, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { materialsOf } from '../amounts/uses.ts';
import { ageOn, sessionsOf, type Frame } from '../plan/plan.ts';
import { thingOf } from '../kitchen/inherit.ts';
import { levelsFor, rulesFor, settingOf } from './cautions.ts';
import { mouths } from './rule.ts';

/** A set that is kept whole is kept from whoever is younger than this, and from whoever mouths things. */
const SET_MONTHS = 36;

/** Something that some children must not reach on some days, although it is out for others. */
export interface OutOfReach {
  readonly supply: Supply;
  readonly why: string;
  readonly placement: Placement;
  readonly children: readonly Child[];
  readonly days: readonly number[];
}

/**
 * What the youngest must not reach while they are there: whatever the cautions would stop for them, and sets that are
 * kept whole. In the order of the placements.
 */
export const outOfReach = answerFlat((look, placement: Placement, frame: Frame): readonly OutOfReach[] => {
  const setting = settingOf(look, placement, frame);
  const ids = [...new Set(materialsOf(look, placement).map(({ supplyId }) => supplyId))];
  return ids.flatMap((id): OutOfReach[] => {
    const supply = thingOf(look, id);
    if (!supply || (rulesFor(supply).length === 0 && !supply.set?.outOfReach)) return [];
    const why = new Set<string>();
    const children = new Set<Child>();
    const days = sessionsOf(placement, frame).flatMap(({ day, seats }) => {
      const kept = seats.filter(({ child }) => {
        const who = { child, months: ageOn(child, day.date) };
        const stops = levelsFor(who, supply, setting).filter(
          ({ rule, level }) => level === 'stop' && !rule.everyone,
        );
        for (const { rule } of stops) why.add(rule.about);
        const isWhole = supply.set?.outOfReach === true && (who.months < SET_MONTHS || mouths(who));
        if (isWhole && stops.length === 0) why.add('a set that is kept whole');
        return stops.length > 0 || isWhole;
      });
      for (const { child } of kept) children.add(child);
      return kept.length > 0 ? [day.number] : [];
    });
    if (days.length === 0) return [];
    return [{ supply, why: [...why].join(', '), placement, children: [...children], days }];
  });
});

// What is done in a group is in an adult's hands; what stands open can be reached.
const STANDS_OPEN: ReadonlySet<string> = new Set(['open-corner', 'shelf-work', 'bin']);

/** The finding about things that stand open while children are there who must not reach them, and do not get them. */
export const reachFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const open = outOfReach(look, placements, frame).filter(({ placement }) =>
      STANDS_OPEN.has(placement.content.mode),
    );
    // A child that gets the thing itself is told by the caution about it.
    const kept = open.flatMap((one) => {
      const without = one.children.filter((child) => !getsIt(child, one.placement, frame));
      const days = one.days.filter((day) => frame.calendar.days[day - 1]!.date >= today);
      return without.length > 0 && days.length > 0 ? [{ ...one, children: without, days }] : [];
    });
    if (kept.length === 0) return [];
    const children = [...new Set(kept.flatMap((one) => one.children))];
    const things = [
      ...new Set(kept.map(({ supply, placement }) => `${supply.name} (${placement.content.title})`)),
    ];
    const days = [...new Set(kept.flatMap((one) => one.days))].toSorted((a, b) => a - b);
    return [
      {
        key: 'out-of-reach',
        rule: 'out-of-reach',
        level: 'care',
        title: `Out of reach of ${listed(children.map(({ name }) => name))}`,
        detail: `${fewOf(things)}, ${formatDays(days)}.`,
        instead: 'On the high table or shelf while they are up; count in afterwards.',
        basis: 'what is out for the older ones can be reached by the youngest',
        days,
        cornerIds: [],
        placementId: kept[0]!.placement.id,
        placementIds: [...new Set(kept.map(({ placement }) => placement.id))],
        supplyIds: [...new Set(kept.map(({ supply }) => supply.id))],
        childIds: children.map(({ id }) => id),
        facts: fingerprint([things, children.map(({ id }) => id)]),
      },
    ];
  },
);

const getsIt = (child: Child, placement: Placement, frame: Frame): boolean =>
  sessionsOf(placement, frame).some(({ seats }) =>
    seats.some((seat) => seat.child === child && seat.version !== null),
  );
