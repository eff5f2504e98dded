import { forOthers, type Book } from '../../book/index.ts';
import { formatDay, formatMinutes, type PlainDay, type ProgramDay } from '../../calendar/index.ts';
import type { Share } from '../../handover/index.ts';
import { helpsText } from '../../house/index.ts';
import { bringsText, PIECE_KINDS, type PrepTaskId } from '../../unit/index.ts';
import { aboutSeconds } from '../../measure/index.ts';
import { thingsFor, type CirclePart, type CircleRun } from '../circle/run.ts';
import { read } from '../answers/read.ts';
import { comingText, stageDueText } from '../forecast/forecast.ts';
import { watchedIn } from '../readiness/ready.ts';
import type { TaskKind } from '../readiness/task.ts';
import { dayPlanOf, type DayPlan } from '../room/day-plan.ts';
import type { Handover, HandoverCircle, HandoverDay } from './handover-schema.ts';
import { itemOf, shownTo, type Shown } from './project-item.ts';

/**
 * What a link shows of the book: its days, who comes, what each does, with what, and whom to watch for. One that shows only
 * the groups of a person leaves out whatever that person does not lead, and the children of others.
 * @throws {Error} when the unit of the link is gone: the book refuses to drop it while the link exists.
 */
export function project(whole: Book, share: Share, today: PlainDay): Handover {
  const book = forOthers(whole);
  const reading = read(book, share.unitId, today);
  const { frame } = reading;
  const days = frame.calendar.days.filter(({ number }) => share.fromDay <= number && number <= share.toDay);
  const shown: Shown = { book, frame, headsUps: reading.headsUps, share };
  return {
    shareId: share.id,
    label: share.label,
    scope: share.scope,
    homeName: frame.home.name,
    unitTitle: frame.unit.title,
    today,
    zone: frame.home.zone,
    lastDate: share.lastDate,
    pictures: frame.home.pictures,
    emergencyNumber: frame.home.emergencyNumber,
    poisonCentreNumber: frame.home.poisonCentreNumber,
    days: days.map((day) =>
      dayOf(shown, dayPlanOf(book, reading, day.number)!, reading.ready.entries, today),
    ),
    notes: Object.values(book.notes)
      .filter(({ shareId }) => shareId === share.id)
      .toSorted((a, b) => (a.at < b.at ? 1 : -1))
      .map(({ id, day, placementId, kind, text, at, seenAt }) => ({
        ...{ id, day, placementId, kind, text, at },
        seen: seenAt !== null,
      })),
    timers: Object.values(book.timers)
      .filter(({ shareId }) => shareId === share.id)
      .map(({ id, label, endsAt }) => ({ id, label, endsAt })),
  };
}

type Entries = ReturnType<typeof read>['ready']['entries'];

// What is watched and due: whoever is in the room looks.
const dueLines = (book: Book, today: PlainDay): readonly string[] =>
  watchedIn(book, today).flatMap((forecast) => {
    const { observation, due, looks } = forecast;
    const { title, care } = observation;
    const isLooked = looks.some(({ date, isDone }) => date === today && !isDone);
    const said = [due ? stageDueText(due, today) : '', comingText(forecast, today) ?? ''];
    const told = [...said, isLooked ? care : ''].filter(Boolean);
    return told.length > 0 ? [`${title}: ${told.join('. ')}`] : [];
  });

function dayOf(shown: Shown, plan: DayPlan, entries: Entries, today: PlainDay): HandoverDay {
  const { frame, share, book } = shown;
  const { day } = plan;
  const items = [...plan.blocks.flatMap((block) => block.items), ...plan.setUps]
    .flatMap((thing) => itemOf(shown, thing) ?? [])
    .toSorted(inOrderOfTheDay);
  const attending = frame.attendance[day.number - 1]!.children.map((child) => child.shownAs);
  const own = new Set(items.flatMap(({ groups }) => groups.flatMap(({ children }) => children)));
  const isWhole = share.scope === 'all';
  const lines = [
    ...plan.blocks.flatMap(({ block, lines: told }) => told.map((text) => ({ blockId: block.id, text }))),
    ...plan.lines.map((text) => ({ blockId: null, text })),
    ...(day.date === today ? dueLines(book, today) : []).map((text) => ({ blockId: null, text })),
  ];
  // What helps a child is told to whoever has it.
  const helps = frame.attendance[day.number - 1]!.children.flatMap((child) => {
    const text = isWhole || own.has(child.shownAs) ? helpsText(child) : null;
    return text === null ? [] : [{ blockId: null, text: `Helps ${text}` }];
  });
  return {
    number: day.number,
    date: day.date,
    dateText: formatDay(day.date),
    children: isWhole ? attending : attending.filter((name) => own.has(name)),
    events: isWhole
      ? plan.events.map((event) => ({
          title: event.title,
          guests: event.guests,
          brings: bringsText(event),
          plan: event.plan.map(({ start, text }) => `${start} ${text}`),
        }))
      : [],
    lines: [...(isWhole ? lines : []), ...helps],
    circles: isWhole ? plan.blocks.flatMap(({ circle }) => (circle ? [circleOf(circle)] : [])) : [],
    ready: tasksOn(shown, day, entries),
    items,
  };
}

function circleOf(run: CircleRun): HandoverCircle {
  return {
    blockId: run.block.id,
    name: run.block.name,
    start: run.block.start,
    things: [...thingsFor(run.parts)].map((text) => text),
    parts: run.parts.map((part) => ({
      title: part.title,
      kind: PIECE_KINDS[part.piece.kind].name,
      length: aboutSeconds(part.length.seconds),
      verses: part.verses.map(({ lines }) =>
        lines.map(({ text, by }) => (by === '' ? text : `${by}: ${text}`)),
      ),
      words: wordsOf(part),
      link: part.song?.link ?? null,
    })),
  };
}

const wordsOf = ({ piece, title }: CirclePart): string => (piece.words === title ? '' : piece.words);

// Set-ups stand before the day begins; then by the clock; what is led by the holder before the rest.
const inOrderOfTheDay = (a: HandoverDay['items'][number], b: HandoverDay['items'][number]): number =>
  (a.start ?? '') < (b.start ?? '')
    ? -1
    : (a.start ?? '') > (b.start ?? '')
      ? 1
      : Number(b.mine) - Number(a.mine) || (a.title < b.title ? -1 : 1);

// Shopping and ordering stay with whoever keeps the money.
const NOT_SHARED: ReadonlySet<TaskKind> = new Set(['shop', 'order', 'ask', 'borrow', 'collect']);

/** What is laid into the times of a day, or was done of it, for days that the link shows: no other days, no other units. */
function tasksOn(shown: Shown, day: ProgramDay, entries: Entries): HandoverDay['ready'] {
  const { book, frame, share } = shown;
  const { fromDay, toDay, scope, personId } = share;
  return entries.flatMap(({ task, slot, mark }) => {
    const { number } = task.day;
    if (task.unit.id !== frame.unit.id || number < fromDay || toDay < number) return [];
    if (scope === 'stations' && slot?.personId !== personId) return [];
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
        ticked: shownTo(mark),
      },
    ];
  });
}
