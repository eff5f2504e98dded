import { closedBecause } from '../../calendar/index.ts';
import { HOME_ID } from '../../house/index.ts';
import {
  calendarOf,
  dayLineSchema,
  eventSchema,
  keepingOrderSchema,
  LINE_KINDS,
  omissionSchema,
  thingListSchema,
  thingSchema,
  unitSchema,
  type Keeping,
  type Unit,
} from '../../unit/index.ts';
import { change } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import { existsAlready, unknownId, type Refusal } from '../pen/refusal.ts';

/** Changes of a unit and of what it is about; what is placed in it has a room of its own (placing.ts). */
export const UNIT_CHANGES = {
  'unit/start': change({
    fields: { unit: unitSchema },
    apply: (pen, { unit }) =>
      pen.get('units', unit.id)
        ? existsAlready(['unit', 'id'])
        : (startRefusal(pen, unit) ?? pen.put('units', unit)),
    says: (_, { unit }) => `start ${unit.title}`,
  }),
  'unit/revise': change({
    fields: { unit: unitSchema },
    apply: (pen, { unit }) => {
      const current = pen.get('units', unit.id);
      if (!current) return unknownId(['unit', 'id'], 'unit');
      // A closure may have come to lie on the start since: only a new start is asked to be open.
      return (unit.start === current.start ? undefined : startRefusal(pen, unit)) ?? pen.put('units', unit);
    },
    says: (_, { unit }) => `change ${unit.title}`,
  }),
  /** Keeps a finding as it is. It has one reason a unit: a second one replaces the first. */
  'unit/keep-finding': change({
    fields: { keeping: keepingOrderSchema },
    apply: (pen, { keeping }, { at, actor }) => {
      const known = pen
        .all('keepings')
        .find(({ unitId, key }) => unitId === keeping.unitId && key === keeping.key);
      const [id, version] = [known?.id ?? keeping.id, known?.version ?? 0];
      pen.put('keepings', { ...keeping, id, version, at: at as Keeping['at'], by: actor.name });
    },
    says: () => 'keep a finding as it is',
  }),
  'unit/put-thing': change({
    fields: { thing: thingSchema },
    apply: (pen, { thing }) => pen.put('things', thing),
    says: (_, { thing }) => thing.name,
  }),
  /** Keeps members under a name for other units. */
  'unit/keep-list': change({
    fields: { list: thingListSchema },
    apply: (pen, { list }) => pen.put('thingLists', list),
    says: (_, { list }) => `keep ${list.name}`,
  }),
  'unit/put-event': change({
    fields: { event: eventSchema },
    apply: (pen, { event }) => pen.put('events', event),
    says: (_, { event }) => event.title,
  }),
  'unit/put-line': change({
    fields: { line: dayLineSchema },
    apply: (pen, { line }) => pen.put('dayLines', line),
    says: (_, { line }) =>
      line.day === null
        ? LINE_KINDS[line.kind]
        : `${LINE_KINDS[line.kind]} → Day ${line.day}${line.toDay === null ? '' : ` to ${line.toDay}`}`,
  }),
  /** Leaves a corner empty on purpose. A corner has one reason a unit: a second one replaces the first. */
  'unit/leave-empty': change({
    fields: { omission: omissionSchema },
    apply: (pen, { omission }) => {
      const { unitId, cornerId } = omission;
      const known = pen.all('omissions').find((one) => one.unitId === unitId && one.cornerId === cornerId);
      pen.put('omissions', known ? { ...known, why: omission.why } : omission);
    },
    says: (book, { omission }) => `${book.corners[omission.cornerId]?.name ?? 'a corner'} left empty`,
  }),
};

function startRefusal(pen: Pen, unit: Unit): Refusal | undefined {
  const home = pen.get('homes', HOME_ID);
  if (!home) return unknownId(['unit'], 'home to plan for');
  // An idea has no days yet.
  if (unit.start === null) return undefined;
  const why = closedBecause(unit.start, calendarOf(home, pen.all('closures')));
  if (why === null) return undefined;
  return {
    reason: 'closed-day',
    path: ['unit', 'start'],
    message: `The home is closed on that day (${why}). Choose a day on which it is open`,
  };
}
