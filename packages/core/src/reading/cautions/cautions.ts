import { unique } from '../../book/index.ts';
import type { Supply, SupplyId } from '../../cupboard/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { formatAge, type Child, type Corner, type Lead } from '../../house/index.ts';
import type { Material } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, answerFlat, type Look } from '../ground/answer.ts';
import {
  inDayOrder,
  counted,
  fewOf,
  fingerprint,
  formatDays,
  listed,
  type Finding,
  type Level,
} from '../ground/finding.ts';
import { inRoomOf } from '../amounts/uses.ts';
import { memoised, perMember, stableGroups } from '../ground/memo.ts';
import { ageOn, sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import { thingOf } from '../kitchen/inherit.ts';
import { mouths, type CautionRule, type Setting, type Who } from './rule.ts';
import { BEFORE, CAUTION_RULES, WATER_RULE } from './rules.ts';

/** A thing meets a child, or everyone, where a row of the cautions speaks. */
interface Meeting {
  readonly rule: CautionRule;
  readonly supply: Supply;
  readonly placement: Placement;
  readonly level: Level;
  /** Null for everyone in the room. */
  readonly child: Child | null;
  readonly days: readonly number[];
}

/** The rows that are about a supply, whoever meets it. */
export const rulesFor = memoised((supply: Supply): readonly CautionRule[] =>
  CAUTION_RULES.filter((rule) => rule.is(supply.properties)),
);

/** What rows mean for a child and a supply: the more specific one speaks for the thing. */
export function levelsFor(
  who: Who,
  supply: Supply,
  setting: Setting,
): readonly { readonly rule: CautionRule; readonly level: Level }[] {
  const found = rulesFor(supply).flatMap((rule) => {
    const level = rule.level(who, supply.properties, setting);
    return level === null ? [] : [{ rule, level }];
  });
  return found.filter(({ rule }) => {
    const before = BEFORE.get(rule.row);
    return !before || !found.some((other) => before.has(other.rule.row));
  });
}

/** Whether somebody was named who stays with a placement and may lead it. */
const isLed = ({ leadId }: Placement, { people }: Frame, lead: Lead | null): boolean =>
  people.some(({ id, mayLead }) => id === leadId && (lead === null || mayLead.includes(lead)));

/** Where a supply of a placement stands, as the rules ask for it. */
export function settingOf(look: Look, placement: Placement, frame: Frame): Omit<Setting, 'atOnce'> {
  const corner = cornerOf(look, placement);
  return {
    mode: placement.content.mode,
    led: (lead) => isLed(placement, frame, lead),
    beside: inRoomOf(look, placement, frame).flatMap(
      ({ supplyId }) => thingOf(look, supplyId)?.properties ?? [],
    ),
    outdoors: corner?.outdoors === true || placement.content.place === 'outdoors',
    whereSomebodySleeps: corner?.sleptIn === true,
  };
}

/** How many of those who do something do it at the same time: no more than it takes, or than there are places. */
export function atOnceOf(look: Look, placement: Placement, { seats }: Session): number {
  const doing = seats.filter(({ version }) => version !== null).length;
  const places = cornerOf(look, placement)?.places ?? Infinity;
  return Math.min(doing, placement.content.atOnce ?? Infinity, places);
}

const cornerOf = (look: Look, { where }: Placement): Corner | null =>
  where.kind === 'corner' ? look.one('corners', where.cornerId) : null;

// What is out: what the placement takes, and where somebody sleeps also what stands there for good.
function outAt(
  look: Look,
  placement: Placement,
  frame: Frame,
): readonly Pick<Material, 'supplyId' | 'versionIds'>[] {
  const lines = inRoomOf(look, placement, frame);
  const corner = cornerOf(look, placement);
  if (!corner?.sleptIn) return lines;
  return [
    ...lines,
    ...corner.standingKit.map(({ supplyId }) => ({ supplyId: supplyId as SupplyId, versionIds: [] })),
  ];
}

const whoIs = (child: Child, date: PlainDay): Who => ({ child, months: ageOn(child, date) });

// Of one placement. A child without a version does not get the thing: it is kept out of its reach, which is told by itself.
const meetingsOf = answerFlat((look, placement: Placement, frame: Frame): readonly Meeting[] => {
  const lines = outAt(look, placement, frame).flatMap((line) => {
    const supply = thingOf(look, line.supplyId);
    return supply && rulesFor(supply).length > 0 ? [{ line, supply }] : [];
  });
  if (lines.length === 0) return [];
  const where = settingOf(look, placement, frame);
  const found = new Map<string, Meeting & { readonly days: number[] }>();
  for (const session of sessionsOf(placement, frame)) {
    const { day, seats } = session;
    const setting = { ...where, atOnce: atOnceOf(look, placement, session) };
    for (const { child, version } of seats) {
      const who = whoIs(child, day.date);
      for (const { line, supply } of lines) {
        const isMeant =
          version !== null && (line.versionIds.length === 0 || line.versionIds.includes(version.id));
        for (const { rule, level } of levelsFor(who, supply, setting)) {
          if (!rule.everyone && !rule.nearby && !isMeant) continue;
          const about = rule.everyone ? null : child;
          const key = `${rule.row}:${supply.id}:${level}:${about?.id ?? ''}`;
          const meeting = found.get(key);
          if (!meeting) found.set(key, { rule, supply, placement, level, child: about, days: [day.number] });
          else if (meeting.days.at(-1) !== day.number) meeting.days.push(day.number);
        }
      }
    }
  }
  return [...found.values()];
});

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A child with what the cautions look at: `Juno Hale (2 y 4 m, mouths things)`. */
function described(child: Child, day: number, frame: Frame): string {
  const who = whoIs(child, frame.calendar.days[day - 1]!.date);
  return `${child.name} (${formatAge(who.months)}${mouths(who) ? ', mouths things' : ''})`;
}

/**
 * The findings of the cautions about things that children meet: one for one cause, which is a row of the table and an
 * activity, with everyone and every day that it is about.
 */
export const cautionFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const causes = byCause(meetingsOf(look, placements, frame));
    return [...causes].flatMap(([cause, all]) => cautionFinding(all, cause, frame, today) ?? []);
  },
);

// What stops is looked at one by one; the rest is told once for the whole unit. A cause whose meetings stayed as they were
// is not told anew.
const byCause = stableGroups(({ rule, level, placement }: Meeting) =>
  level === 'stop' ? `${rule.row}:${level}:${placement.originId}` : `${rule.row}:${level}`,
);

// The facts are those of all its days: that a day is over changes nothing about them.
const cautionFinding = memoised(
  (ever: readonly Meeting[], cause: string, frame: Frame, today: PlainDay): Finding | null => {
    const { rule, level } = ever[0]!;
    const isToCome = (day: number): boolean => frame.calendar.days[day - 1]!.date >= today;
    const all = ever
      .map((meeting) => ({ ...meeting, days: meeting.days.filter(isToCome) }))
      .filter(({ days }) => days.length > 0);
    if (all.length === 0) return null;
    const things = unique(all.map(({ supply }) => supply));
    const where = unique(all.map(({ placement }) => placement));
    const children = unique(all.flatMap(({ child }) => child ?? []));
    const days = inDayOrder(all.flatMap((meeting) => meeting.days));
    const named = things.map((supply) => {
      const figure = rule.figure?.(supply.properties);
      return figure ? `${supply.name} (${figure})` : supply.name;
    });
    const whom = children.map((child) =>
      described(child, all.find((meeting) => meeting.child === child)!.days[0]!, frame),
    );
    const titles = unique(where.map(({ content }) => content.title));
    const there = whom.length === 0 ? '' : ` ${listed(whom)} ${whom.length === 1 ? 'is' : 'are'} there.`;
    return {
      key: `caution:${cause}`,
      rule: 'caution',
      row: rule.row,
      level,
      title: `${capital(rule.about)}: ${fewOf(children.length > 0 ? children.map(({ name }) => name) : things.map(({ name }) => name))}`,
      detail: `${fewOf(named)} in ${fewOf(titles)}, ${formatDays(days)}.${there}`,
      instead: rule.instead,
      basis: rule.basis,
      days,
      cornerIds: unique(where.flatMap(({ where: at }) => (at.kind === 'corner' ? [at.cornerId] : []))),
      placementId: where[0]!.id,
      placementIds: where.map(({ id }) => id),
      childIds: children.map(({ id }) => id),
      supplyIds: things.map(({ id }) => id),
      ...(rule.lead && rule.lead !== 'anyone' ? { lead: rule.lead } : {}),
      facts: fingerprint([
        rule.row,
        level,
        things.map(({ id, properties }) => [id, rule.asks.map((property) => properties[property])]),
        ever.map(({ child, days: those, placement }) => [child?.id, those, placement.leadId]),
      ]),
    };
  },
);

/** The findings about standing water: somebody stays, or nobody was named. */
export const waterFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] =>
    waterOf(placements, frame, today).flat(),
);

const waterOf = perMember((placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] => {
  if (!placement.content.water) return [];
  const young = new Set<Child>();
  const ever = sessionsOf(placement, frame).flatMap(({ day, seats }) => {
    const those = seats.filter(({ child }) => ageOn(child, day.date) < WATER_RULE.underMonths);
    for (const { child } of those) young.add(child);
    return those.length > 0 ? [day.number] : [];
  });
  const days = ever.filter((day) => frame.calendar.days[day - 1]!.date >= today);
  if (days.length === 0) return [];
  const lead = frame.people.find(({ id }) => id === placement.leadId);
  const isStop = !isLed(placement, frame, 'water');
  const nobody = lead ? `${lead.name} may not lead water.` : 'Nobody is named who stays.';
  return [
    {
      key: `water:${isStop ? 'stop' : 'care'}:${placement.id}`,
      rule: 'water',
      row: WATER_RULE.row,
      level: isStop ? 'stop' : 'care',
      title: `Water: ${placement.content.title}`,
      detail: `${formatDays(days)}: ${counted(young.size, 'child', 'children')} under five years. ${isStop ? nobody : `${lead!.name} stays.`}`,
      instead: WATER_RULE.instead,
      basis: WATER_RULE.basis,
      days,
      cornerIds: placement.where.kind === 'corner' ? [placement.where.cornerId] : [],
      placementId: placement.id,
      childIds: [...young].map(({ id }) => id),
      lead: 'water',
      facts: fingerprint([[...young].map(({ id }) => id), ever, placement.leadId]),
    },
  ];
});
