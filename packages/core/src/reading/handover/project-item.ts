import { groupBy, type Book } from '../../book/index.ts';
import { tickIdOf, type TickSubject } from '../../daybook/index.ts';
import type { Share } from '../../handover/index.ts';
import { allergenName } from '../../house/index.ts';
import { hintLines, runsHow, testLines } from '../../library/index.ts';
import { formatQuantity, quantity } from '../../measure/index.ts';
import { usesOf } from '../amounts/uses.ts';
import { circlesOf } from '../circle/circle.ts';
import { allergenMeetings } from '../cautions/allergens.ts';
import { placementsOf, titleAt, type Finding } from '../ground/finding.ts';
import { blockOf, placedIn, whoDoesWhat, type Frame, type Session } from '../plan/plan.ts';
import { madeCards } from '../processes/cards.ts';
import type { PlannedThing } from '../room/day-plan.ts';
import { isToldTo } from '../rules/rules.ts';
import type { HandoverItem } from './handover-schema.ts';

/** What everything of a link is made from. */
export interface Shown {
  readonly book: Book;
  readonly frame: Frame;
  readonly headsUps: readonly Finding[];
  readonly share: Share;
}

/** Something of a day as a link shows it; null when the link is not made for it. */
export function itemOf(shown: Shown, { session, stations }: PlannedThing): HandoverItem | null {
  const { book, frame, share } = shown;
  const { placement, day } = session;
  const isMine = (personId: string | undefined): boolean =>
    share.personId !== null && personId === share.personId;
  const all = stations.map(({ person, children }) => ({
    lead: person?.name ?? null,
    mine: isMine(person?.id),
    children: children.map((child) => child.shownAs),
  }));
  const groups = share.scope === 'all' ? all : all.filter(({ mine }) => mine);
  if (groups.length === 0) return null;
  const mayBeNamed = new Set(groups.flatMap(({ children }) => children));
  const { content, where } = placement;
  const block = blockOf(placement, frame.home);
  const corner = where.kind === 'corner' ? book.corners[where.cornerId] : undefined;
  const child = where.kind === 'bin' ? book.children[where.childId] : undefined;
  const isBin = corner?.kind === 'sensory-bin' || placement.bin !== null;
  return {
    placementId: placement.id,
    title: content.title,
    shownBy: placement.shownBy,
    mode: content.mode,
    place: corner?.name ?? block?.name ?? (child ? `Bin of ${child.shownAs}` : 'any time'),
    blockId: block?.id ?? null,
    start: block?.start ?? null,
    minutes: block?.minutes ?? null,
    mine: groups.some(({ mine }) => mine),
    groups,
    atOnce: content.atOnce,
    how: [...runsHow(content)],
    test: [...(content.test ? testLines(content.test, frame.home.units) : [])],
    steps: content.steps.map((step) => step.text),
    hints: [...hintLines(content)],
    versions: versionsOf(session, mayBeNamed),
    things: thingsOn(shown, session),
    made: madeOn(shown, session, mayBeNamed),
    spillKit: content.spillKit,
    binRule: isBin && frame.home.binRule !== '' ? frame.home.binRule : null,
    cleanUpMinutes: content.cleanUpMinutes,
    cautions: cautionsOn(shown, session, mayBeNamed),
    ticked: tickOf(book, { placementId: placement.id, day: day.number, supplyId: null }),
  };
}

const versionsOf = (session: Session, mayBeNamed: ReadonlySet<string>): HandoverItem['versions'] =>
  whoDoesWhat(session.placement, [session])
    .groups.map(({ version, children }) => ({
      version,
      names: children.map((child) => child.shownAs).filter((name) => mayBeNamed.has(name)),
    }))
    .filter(({ names }) => names.length > 0)
    .map(({ version: { does, changes, say, word, sign, fact }, names }) => ({
      ...{ children: names, does, changes, say, word, sign, fact },
    }));

function thingsOn({ book, frame }: Shown, { placement, day }: Session): HandoverItem['things'] {
  const uses = usesOf(book, placement, frame).filter((use) => use.day.number === day.number);
  return [...groupBy(uses, (use) => use.supply)].map(([supply, ofSupply]) => {
    const amount = ofSupply.reduce((total, use) => total + use.amount, 0);
    return {
      supplyId: supply.id,
      name: supply.name,
      picture: supply.picture,
      amount: formatQuantity(
        quantity(supply.unit === 'piece' ? Math.ceil(amount - 1e-6) : amount, supply.unit),
        frame.home.units,
      ),
      keptIn: supply.keptIn,
      ticked: tickOf(book, { placementId: placement.id, day: day.number, supplyId: supply.id }),
    };
  });
}

// A bowl with a name on it is shown to whoever has that child in a group; to others it is a bowl of somebody's own.
function madeOn(
  { book, frame }: Shown,
  session: Session,
  mayBeNamed: ReadonlySet<string>,
): HandoverItem['made'] {
  const { id } = frame.unit;
  const among = { placements: placedIn(book, id).placements, circles: circlesOf(book, id), frame };
  const cards = madeCards(book, session, among);
  return cards.map(({ title, how, steps, ready, tried, bowls, none }) => ({
    ...{ title, how, ready, tried, steps: [...steps] },
    bowls: bowls.map(({ label, own, lines }) => ({
      label: own.every(({ shownAs }) => mayBeNamed.has(shownAs)) ? label : 'An own bowl',
      lines: [...lines],
    })),
    none:
      none.length === 0 || session.seats.every(({ child }) => mayBeNamed.has(child.shownAs)) ? [...none] : [],
  }));
}

const LEVEL_WORDS = { stop: 'Stop', care: 'Care' } as const;

/** What whoever is with something has to know on a day: allergens, the cares, and stops that somebody keeps, with why. */
function cautionsOn(
  { book, frame, headsUps }: Shown,
  { placement, day, seats }: Session,
  mayBeNamed: ReadonlySet<string>,
): HandoverItem['cautions'] {
  const isTheirs = (finding: Finding): boolean =>
    finding.rule !== 'wont-touch' ||
    seats.some(({ child }) => finding.childIds.includes(child.id) && mayBeNamed.has(child.shownAs));
  const meetings = allergenMeetings(book, placement, frame, day.date)
    .filter((meeting) => meeting.days.includes(day.number))
    .map(
      ({ child, supply, allergen, ownBowl }) =>
        ({
          level: 'stop',
          text: `${child.shownAs}: ${allergenName(allergen)} in ${supply.name}. ${ownBowl ? 'Only from the own bowl, with own tools.' : 'Ask before setting this out.'}`,
        }) as const,
    );
  const others = headsUps
    .filter(
      (finding) =>
        isToldTo('phone', finding) &&
        isTheirs(finding) &&
        finding.days.includes(day.number) &&
        placementsOf(finding).includes(placement.id),
    )
    .flatMap((finding) => {
      const { level, instead, kept } = finding;
      if (level === 'note') return [];
      const reason = kept ? ` Kept by ${kept.by}: ${kept.why}` : '';
      const text =
        `${LEVEL_WORDS[level]}: ${titleAt(finding, placement.id)}. ${instead ?? ''}${reason}`.trim();
      return [{ level, text: text }];
    });
  return [...meetings, ...others];
}

/** Who ticked something, as a link shows it. */
export const shownTo = (mark: { readonly by: string } | null | undefined): { by: string } | null =>
  mark ? { by: mark.by } : null;

const tickOf = (book: Book, subject: TickSubject): { by: string } | null =>
  shownTo(book.ticks[tickIdOf(subject)]);
