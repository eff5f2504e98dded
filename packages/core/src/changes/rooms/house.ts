import { z } from 'zod';
import {
  absenceIdSchema,
  absenceSchema,
  ageInMonths,
  childIdSchema,
  childSchema,
  closureIdSchema,
  closureSchema,
  cornerSchema,
  extraSchema,
  HOME_ID,
  homeSchema,
  personSchema,
  type Home,
} from '../../house/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { lineSchema } from '../../measure/index.ts';
import { change, stillToCome, type DayProblem } from '../pen/define.ts';
import { forgetChild } from '../pen/forget.ts';
import type { Pen } from '../pen/pen.ts';
import { unknownId, type Refusal } from '../pen/refusal.ts';

/** Nobody in a home daycare is older than this; an earlier birthday is a slip of the keys. */
const OLDEST_MONTHS = 216;

/** Changes of the home, of who is in it, and of when it is open. */
export const HOUSE_CHANGES = {
  'house/put-home': change({
    fields: { home: homeSchema },
    apply: (pen, { home }) => slotRefusal(pen, home) ?? pen.put('homes', home),
    says: () => 'the home',
  }),
  'house/put-person': change({
    fields: { person: personSchema },
    apply: (pen, { person }) => pen.put('people', person),
    says: (_, { person }) => person.name,
  }),
  'house/put-child': change({
    fields: { child: childSchema },
    apply: (pen, { child }) => pen.put('children', child),
    says: (_, { child }) => child.shownAs,
    dayProblems: ({ child }, today) => birthProblems(child.birth, today, ['child', 'birth']),
  }),
  'house/put-absence': change({
    fields: { absence: absenceSchema },
    apply: (pen, { absence }) => pen.put('absences', absence),
    says: (book, { absence }) => `${book.children[absence.childId]?.shownAs ?? 'child'} away`,
  }),
  'house/drop-absence': change({
    fields: { absenceId: absenceIdSchema },
    apply: (pen, { absenceId }) => dropKnown(pen, 'absences', absenceId, 'absenceId'),
    says: () => 'absence taken back',
  }),
  'house/put-extra': change({
    fields: { extra: extraSchema },
    apply: (pen, { extra }) => pen.put('extras', extra),
    says: (book, { extra }) => `${book.children[extra.childId]?.shownAs ?? 'child'} comes too`,
  }),
  'house/forget-child': change({
    fields: {
      childId: childIdSchema,
      /** Names under which the child may stand in any text of the home: they are taken out of all of them. */
      words: z.array(lineSchema.min(2, 'At least two letters')).max(10, 'At most 10'),
    },
    apply: (pen, { childId, words }) =>
      pen.get('children', childId) ? forgetChild(pen, childId, words) : unknownId(['childId'], 'child'),
    // No name: this is what the journal says of somebody who is to be forgotten.
    says: () => 'forget a child',
  }),
  'house/put-corner': change({
    fields: { corner: cornerSchema },
    apply: (pen, { corner }) => pen.put('corners', corner),
    says: (_, { corner }) => corner.name,
  }),
  'house/put-closure': change({
    fields: { closure: closureSchema },
    apply: (pen, { closure }) => pen.put('closures', closure),
    says: (_, { closure }) => `closed: ${closure.why}`,
  }),
  'house/drop-closure': change({
    fields: { closureId: closureIdSchema },
    apply: (pen, { closureId }) => dropKnown(pen, 'closures', closureId, 'closureId'),
    says: () => 'closure taken back',
  }),
};

function dropKnown(pen: Pen, kind: 'absences' | 'closures', id: string, field: string): Refusal | undefined {
  if (!pen.get(kind, id)) return unknownId([field], 'entry');
  pen.drop(kind, id);
  return undefined;
}

// A time without a minute on any day is a slip; one that stands already is left alone.
function slotRefusal(pen: Pen, home: Home): Refusal | undefined {
  const known = new Set(pen.get('homes', HOME_ID)?.prepSlots.map((slot) => JSON.stringify(slot)));
  const index = home.prepSlots.findIndex(
    (slot) =>
      Object.values(slot.minutes).every((minutes) => minutes === 0) && !known.has(JSON.stringify(slot)),
  );
  if (index < 0) return undefined;
  return {
    reason: 'no-minutes',
    path: ['home', 'prepSlots', index, 'minutes'],
    message: `${home.prepSlots[index]!.name} has no minutes on any day`,
  };
}

function birthProblems(birth: PlainDay, today: PlainDay, path: DayProblem['path']): readonly DayProblem[] {
  if (birth > today) return stillToCome(birth, today, path);
  return ageInMonths(birth, today) > OLDEST_MONTHS
    ? [{ path, message: 'That is more than eighteen years ago' }]
    : [];
}
