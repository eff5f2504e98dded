import {
  errandOrderSchema,
  pickupSubjectSchema,
  subjectIdOf,
  usedDaySchema,
  type Errand,
  type Pickup,
} from '../../daybook/index.ts';
import { change } from '../pen/define.ts';
import { existsAlready } from '../pen/refusal.ts';
import { supplyName } from '../pen/words.ts';

/** Changes of how things come into the room, and of what a day used up. */
export const GATHER_CHANGES = {
  'gather/put-errand': change({
    fields: { errand: errandOrderSchema },
    apply: (pen, { errand }, { at, actor }) =>
      pen.put('errands', {
        ...errand,
        id: subjectIdOf(errand) as Errand['id'],
        version: 0,
        by: actor.name,
        at,
      }),
    says: (book, { errand }) => supplyName(book, errand.supplyId),
  }),
  'gather/pick-up': change({
    fields: { subject: pickupSubjectSchema },
    apply: (pen, { subject }, { at, actor }) => {
      const id = subjectIdOf(subject) as Pickup['id'];
      if (!pen.get('pickups', id)) pen.put('pickups', { ...subject, id, version: 0, by: actor.name, at });
    },
    says: (book, { subject }) => `got ${supplyName(book, subject.supplyId)}`,
  }),
  'gather/put-back': change({
    fields: { subject: pickupSubjectSchema },
    apply: (pen, { subject }) => {
      const id = subjectIdOf(subject);
      if (pen.get('pickups', id)) pen.drop('pickups', id);
    },
    says: (book, { subject }) => `${supplyName(book, subject.supplyId)} not got yet`,
  }),
  /** A day is done: what it used was taken out of the stock. A day is done once. */
  'gather/day-used': change({
    fields: { usedDay: usedDaySchema },
    apply: (pen, { usedDay }) =>
      pen.get('usedDays', usedDay.id) ? existsAlready(['usedDay', 'id']) : pen.put('usedDays', usedDay),
    says: (_, { usedDay }) => `Day ${usedDay.day} used up`,
  }),
};
