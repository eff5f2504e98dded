import { groupBy, unique } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { leadingIdOf } from '../../handover/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, answerFlat, type Look } from '../ground/answer.ts';
import { inDayOrder, fewOf, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { inRoomOf } from '../amounts/uses.ts';
import { ageOn, sessionsOf, type Frame } from '../plan/plan.ts';
import { thingOf } from '../kitchen/inherit.ts';
import { atOnceOf, levelsFor, rulesFor, settingOf } from './cautions.ts';
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
  /** A caution stops it for them; else it is a set that is kept whole. */
  readonly isStop: boolean;
}

/**
 * What the youngest must not reach while they are there: whatever the cautions would stop for them, and sets that are
 * kept whole. In the order of the placements.
 */
export const outOfReach = answerFlat((look, placement: Placement, frame: Frame): readonly OutOfReach[] => {
  const where = settingOf(look, placement, frame);
  const ids = unique(inRoomOf(look, placement, frame).map(({ supplyId }) => supplyId));
  return ids.flatMap((id): OutOfReach[] => {
    const supply = thingOf(look, id);
    if (!supply || (rulesFor(supply).length === 0 && !supply.set?.outOfReach)) return [];
    const why = new Set<string>();
    const children = new Set<Child>();
    let isStop = false;
    const days = sessionsOf(placement, frame).flatMap((session) => {
      const { day, seats } = session;
      const setting = { ...where, atOnce: atOnceOf(look, placement, session) };
      const kept = seats.filter(({ child }) => {
        const who = { child, months: ageOn(child, day.date) };
        const stops = levelsFor(who, supply, setting).filter(
          ({ rule, level }) => level === 'stop' && !rule.everyone,
        );
        for (const { rule } of stops) why.add(rule.about);
        const isWhole = supply.set?.outOfReach === true && (who.months < SET_MONTHS || mouths(who));
        if (isWhole && stops.length === 0) why.add('a set that is kept whole');
        isStop ||= stops.length > 0;
        return stops.length > 0 || isWhole;
      });
      for (const { child } of kept) children.add(child);
      return kept.length > 0 ? [day.number] : [];
    });
    if (days.length === 0) return [];
    return [
      {
        supply,
        why: [...why].join(', '),
        placement,
        children: [...children],
        days,
        isStop,
      },
    ];
  });
});

// What stands open is put out of reach; what lies on the table of a group lies there for everyone in the room.
const STANDS_OPEN: ReadonlySet<string> = new Set(['open-corner', 'shelf-work', 'bin']);
const IN_A_GROUP: ReadonlySet<string> = new Set(['whole-group', 'small-group']);

/**
 * The findings about things that are out while children are there who must not reach them, and do not get them: what stands
 * open once for all of it, what lies on the table of a group one by one. There it is a stop until somebody is named who sits
 * with it, then a care.
 */
export const reachFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    // A child that gets the thing itself is told by the caution about it.
    const kept = outOfReach(look, placements, frame).flatMap((one) => {
      const children = one.children.filter((child) => !getsIt(look, child, one, frame));
      const days = one.days.filter((day) => frame.calendar.days[day - 1]!.date >= today);
      return children.length > 0 && days.length > 0 ? [{ ...one, children, days }] : [];
    });
    const open = kept.filter(({ placement }) => STANDS_OPEN.has(placement.content.mode));
    const onTables = kept.filter(({ placement, isStop }) => IN_A_GROUP.has(placement.content.mode) && isStop);
    return [
      ...openFinding(open),
      ...[...groupBy(onTables, ({ placement }) => placement)].map(([placement, those]) =>
        groupFinding(look, placement, those, frame),
      ),
    ];
  },
);

const namesOf = (children: readonly Child[]): string => listed(children.map(({ name }) => name));

/** What several of them are about together. */
function together(kept: readonly OutOfReach[], nameOf: (one: OutOfReach) => string) {
  const children = unique(kept.flatMap((one) => one.children));
  return {
    whom: namesOf(children),
    things: unique(kept.map(nameOf)),
    days: inDayOrder(kept.flatMap((one) => one.days)),
    about: {
      cornerIds: [],
      placementId: kept[0]!.placement.id,
      placementIds: unique(kept.map(({ placement }) => placement.id)),
      supplyIds: unique(kept.map(({ supply }) => supply.id)),
      childIds: children.map(({ id }) => id),
    },
  };
}

function openFinding(kept: readonly OutOfReach[]): Finding[] {
  if (kept.length === 0) return [];
  const { whom, things, days, about } = together(
    kept,
    ({ supply, placement }) => `${supply.name} (${placement.content.title})`,
  );
  return [
    {
      key: 'out-of-reach',
      rule: 'out-of-reach',
      level: 'care',
      title: `Out of reach of ${whom}`,
      detail: `${fewOf(things)}, ${formatDays(days)}.`,
      instead: 'On the high table or shelf while they are up; count in afterwards.',
      basis: 'what is out for the older ones can be reached by the youngest',
      days,
      ...about,
      facts: fingerprint([things, about.childIds]),
    },
  ];
}

/** Somebody sits with a placement on a day: it has a lead, or somebody was named for that day. */
const isSatWith = (look: Look, placement: Placement, day: number, { people }: Frame): boolean =>
  people.some(({ id }) => id === placement.leadId) ||
  (look.one('leadings', leadingIdOf(placement.id, day))?.groups.length ?? 0) > 0;

function groupFinding(look: Look, placement: Placement, kept: readonly OutOfReach[], frame: Frame): Finding {
  const { whom, things, days, about } = together(kept, ({ supply, why }) => `${supply.name} (${why})`);
  const alone = days.filter((day) => !isSatWith(look, placement, day, frame));
  const level = alone.length > 0 ? 'stop' : 'care';
  const told = alone.length > 0 ? alone : days;
  return {
    key: `out-of-reach:${level}:${placement.id}`,
    rule: 'out-of-reach',
    level,
    title: `Within reach: ${placement.content.title}`,
    detail: `${fewOf(things)}, ${formatDays(told)}. In the room without it: ${whom}.`,
    instead:
      level === 'stop'
        ? `Name who sits with it, or have ${whom} elsewhere meanwhile; count in afterwards.`
        : `At the far end of the table, ${whom} beside an adult; count in afterwards.`,
    basis: 'what lies on a table can be reached by everyone in the room',
    lead: 'anyone',
    days: told,
    ...about,
    facts: fingerprint([things, about.childIds, level]),
  };
}

// On some day, as it is meant for its version.
function getsIt(look: Look, child: Child, { supply, placement }: OutOfReach, frame: Frame): boolean {
  const lines = inRoomOf(look, placement, frame).filter(({ supplyId }) => supplyId === supply.id);
  return sessionsOf(placement, frame).some(({ seats }) =>
    seats.some(
      ({ child: one, version }) =>
        one === child &&
        version !== null &&
        lines.some(({ versionIds }) => versionIds.length === 0 || versionIds.includes(version.id)),
    ),
  );
}
