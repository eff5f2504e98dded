import { z } from 'zod';
import type { Book } from '../../book/index.ts';
import {
  clockTimeSchema,
  formatDay,
  formatMinutes,
  minutesSchema,
  plainDaySchema,
  type PlainDay,
  type ProgramDay,
} from '../../calendar/index.ts';
import { supplyIdSchema } from '../../cupboard/index.ts';
import { tickIdOf, type TickSubject } from '../../daybook/index.ts';
import { shareIdSchema, type Share } from '../../handover/index.ts';
import { groupBy } from '../../book/index.ts';
import { ALLERGENS } from '../../house/index.ts';
import { activityModeSchema } from '../../library/index.ts';
import { formatQuantity, quantity } from '../../measure/index.ts';
import {
  dayNumberSchema,
  placementIdSchema,
  prepTaskIdSchema,
  type Placement,
  type PrepTaskId,
} from '../../unit/index.ts';
import { usesOf } from '../amounts/uses.ts';
import { allergenMeetings } from '../cautions/allergens.ts';
import { withInherited } from '../cautions/inherit.ts';
import { placementsOf, type Finding } from '../finding.ts';
import { read } from '../read.ts';
import type { Readiness } from '../readiness/ready.ts';
import type { TaskKind } from '../readiness/task.ts';
import { blockOf, frameOf, placedIn, sessionsOf, whoDoesWhat, type Frame } from '../plan/plan.ts';

const tickedSchema = z.object({ by: z.string() }).nullable();

/**
 * What whoever holds a link gets to see: an allow-list. What is not named here never leaves the home, so
 * a field is added only when an assistant needs it in the room.
 */
export const handoverSchema = z.strictObject({
  shareId: shareIdSchema,
  label: z.string(),
  homeName: z.string(),
  unitTitle: z.string(),
  today: plainDaySchema,
  emergencyNumber: z.string().nullable(),
  poisonCentreNumber: z.string().nullable(),
  days: z.array(
    z.strictObject({
      number: dayNumberSchema,
      date: plainDaySchema,
      dateText: z.string(),
      /** The children who come, as the home shows them to assistants. */
      children: z.array(z.string()),
      /** What is made ready on this day for a day that the link shows. */
      ready: z.array(
        z.strictObject({
          taskId: prepTaskIdSchema,
          text: z.string(),
          /** The activity, or the day. */
          forWhat: z.string(),
          when: z.string(),
          /** Whose time it is; null for anybody's. */
          who: z.string().nullable(),
          minutes: minutesSchema,
          ticked: tickedSchema,
        }),
      ),
      items: z.array(
        z.strictObject({
          placementId: placementIdSchema,
          title: z.string(),
          mode: activityModeSchema,
          /** Name of the corner or of the block of the day. */
          place: z.string(),
          start: clockTimeSchema.nullable(),
          minutes: minutesSchema.nullable(),
          steps: z.array(z.string()),
          versions: z.array(
            z.strictObject({
              children: z.array(z.string()),
              does: z.string(),
              say: z.string(),
              word: z.string(),
              sign: z.string(),
              fact: z.string(),
            }),
          ),
          things: z.array(
            z.strictObject({
              supplyId: supplyIdSchema,
              name: z.string(),
              amount: z.string(),
              keptIn: z.string().nullable(),
              ticked: tickedSchema,
            }),
          ),
          cautions: z.array(z.strictObject({ level: z.enum(['stop', 'care']), text: z.string() })),
          ticked: tickedSchema,
        }),
      ),
    }),
  ),
});
export type Handover = z.infer<typeof handoverSchema>;
export type HandoverDay = Handover['days'][number];
export type HandoverItem = HandoverDay['items'][number];
export type HandoverTask = HandoverDay['ready'][number];

/**
 * What a link shows of the book: its days, who comes, what each does, with what, and whom to watch for.
 * @throws {Error} when the unit of the link is gone: the book refuses to drop it while the link exists.
 */
export function project(book: Book, share: Share, today: PlainDay): Handover {
  const frame = frameOf(book, share.unitId);
  const placements = placedIn(book, share.unitId).placements;
  const days = frame.calendar.days.filter(({ number }) => share.fromDay <= number && number <= share.toDay);
  const { headsUps, ready } = read(book, share.unitId, today);
  const shown: Shown = { book, frame, headsUps, ready };
  return {
    shareId: share.id,
    label: share.label,
    homeName: frame.home.name,
    unitTitle: frame.unit.title,
    today,
    emergencyNumber: frame.home.emergencyNumber,
    poisonCentreNumber: frame.home.poisonCentreNumber,
    days: days.map((day) => ({
      number: day.number,
      date: day.date,
      dateText: formatDay(day.date),
      children: frame.attendance[day.number - 1]!.children.map((child) => child.shownAs),
      ready: tasksOn(shown, share, day),
      items: placements
        .map((placement) => itemOn(shown, placement, day))
        .filter((item) => item !== null)
        .toSorted(inOrderOfTheDay),
    })),
  };
}

/** What the holder of a link ticks: something of a day, or something that is made ready. */
export type SharedSubject = TickSubject | { readonly taskId: PrepTaskId };

/** Whether a link lets its holder tick a subject: only what it shows can be ticked. */
export const mayTick = (handover: Handover, subject: SharedSubject): boolean =>
  handover.days.some((day) =>
    'taskId' in subject
      ? day.ready.some(({ taskId }) => taskId === subject.taskId)
      : day.number === subject.day &&
        day.items.some(
          (item) =>
            item.placementId === subject.placementId &&
            (subject.supplyId === null || item.things.some((thing) => thing.supplyId === subject.supplyId)),
        ),
  );

// Set-ups stand before the day begins; then by the clock.
const inOrderOfTheDay = (a: HandoverItem, b: HandoverItem): number =>
  (a.start ?? '') < (b.start ?? '') ? -1 : (a.start ?? '') > (b.start ?? '') ? 1 : a.title < b.title ? -1 : 1;

function itemOn(shown: Shown, placement: Placement, day: ProgramDay): HandoverItem | null {
  const { book, frame } = shown;
  const session = sessionsOf(placement, frame).find((s) => s.day.number === day.number);
  if (!session) return null;
  const block = blockOf(placement, frame.home);
  const { content, where } = placement;
  const corner = where.kind === 'corner' ? book.corners[where.cornerId] : undefined;
  return {
    placementId: placement.id,
    title: content.title,
    mode: content.mode,
    place: corner?.name ?? block?.name ?? 'any time',
    start: block?.start ?? null,
    minutes: block?.minutes ?? null,
    steps: content.steps.map((step) => step.text),
    versions: whoDoesWhat(placement, [session])
      .groups.filter(({ children }) => children.length > 0)
      .map(({ version, children }) => ({
        children: children.map((child) => child.shownAs),
        does: version.does,
        say: version.say,
        word: version.word,
        sign: version.sign,
        fact: version.fact,
      })),
    things: thingsOn(book, frame, placement, day),
    cautions: cautionsOn(shown, placement, day),
    ticked: tickOf(book, { placementId: placement.id, day: day.number, supplyId: null }),
  };
}

// Shopping and ordering stay with whoever keeps the money.
const NOT_SHARED: ReadonlySet<TaskKind> = new Set(['shop', 'order', 'ask', 'borrow', 'collect']);

/** What is laid into the times of a day, or was done of it, for days that the link shows: no other days, no other units. */
function tasksOn(
  { book, ready, frame }: Shown,
  { fromDay, toDay }: Share,
  day: ProgramDay,
): HandoverDay['ready'] {
  return ready.entries.flatMap(({ task, slot, mark }) => {
    const { number } = task.day;
    if (task.unit.id !== frame.unit.id || number < fromDay || toDay < number) return [];
    // What is ticked stays on the day that needs it.
    const date = slot?.date ?? (mark ? task.day.date : null);
    if (NOT_SHARED.has(task.kind) || date !== day.date) return [];
    return [
      {
        taskId: task.id as PrepTaskId,
        text: task.part ? `${task.text} (${task.part})` : task.text,
        // A dough may be for other days as well: what it is for may lie outside the link.
        forWhat: task.kind === 'cook' ? `Day ${number}` : task.forWhat,
        when: slot ? `${slot.name}${slot.kind === 'slot' ? ` ${formatMinutes(slot.start)}` : ''}` : 'done',
        who: slot?.personId ? (book.people[slot.personId]?.name ?? null) : null,
        minutes: task.minutes,
        ticked: mark ? { by: mark.by } : null,
      },
    ];
  });
}

function thingsOn(book: Book, frame: Frame, placement: Placement, day: ProgramDay): HandoverItem['things'] {
  const uses = usesOf(placement, frame, book.supplies, book.corners).filter(
    (use) => use.day.number === day.number,
  );
  return [...groupBy(uses, (use) => use.supply)].map(([supply, ofSupply]) => {
    const amount = ofSupply.reduce((total, use) => total + use.amount, 0);
    return {
      supplyId: supply.id,
      name: supply.name,
      amount: formatQuantity(
        quantity(supply.unit === 'piece' ? Math.ceil(amount - 1e-6) : amount, supply.unit),
        frame.home.units,
      ),
      keptIn: supply.keptIn,
      ticked: tickOf(book, { placementId: placement.id, day: day.number, supplyId: supply.id }),
    };
  });
}

const LEVEL_WORDS = { stop: 'Stop', care: 'Care' } as const;

/** What whoever is with something has to know on a day: allergens, the cares, and stops that somebody keeps, with why. */
function cautionsOn(
  { book, frame, headsUps }: Shown,
  placement: Placement,
  day: ProgramDay,
): HandoverItem['cautions'] {
  const meetings = allergenMeetings(placement, frame, withInherited(book.supplies, book.recipes), day.date)
    .filter((meeting) => meeting.days.includes(day.number))
    .map(
      ({ child, supply, allergen }) =>
        ({
          level: 'stop',
          text: `${child.shownAs}: ${ALLERGENS[allergen]} in ${supply.name}. Ask before setting this out.`,
        }) as const,
    );
  const others = headsUps
    .filter(
      (finding) =>
        TOLD.has(finding.rule) &&
        finding.days.includes(day.number) &&
        placementsOf(finding).includes(placement.id),
    )
    .flatMap(({ level, title, instead, kept }) => {
      if (level === 'note') return [];
      const reason = kept ? ` Kept by ${kept.by}: ${kept.why}` : '';
      const text = `${LEVEL_WORDS[level]}: ${title}. ${instead ?? ''}${reason}`.trim();
      return [{ level, text: withShownNames(text, book) }];
    });
  return [...meetings, ...others];
}

// What is a matter of planning stays with whoever plans.
const TOLD: ReadonlySet<string> = new Set(['caution', 'water', 'may-contain', 'out-of-reach']);

/** A text in which children are called as the home shows them to assistants. */
const withShownNames = (text: string, book: Book): string =>
  Object.values(book.children).reduce((told, { name, shownAs }) => told.replaceAll(name, shownAs), text);

/** What every item of a link is made from. */
interface Shown {
  readonly book: Book;
  readonly frame: Frame;
  readonly headsUps: readonly Finding[];
  readonly ready: Readiness;
}

function tickOf(book: Book, subject: TickSubject): { by: string } | null {
  const tick = book.ticks[tickIdOf(subject)];
  return tick ? { by: tick.by } : null;
}
