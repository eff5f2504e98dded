import { prepTimeSchema } from '../../house/index.ts';
import {
  ownTaskSchema,
  prepChoiceSchema,
  prepPlanOrderSchema,
  prepTaskIdSchema,
  prepTookSchema,
  unitIdSchema,
} from '../../unit/index.ts';
import { change } from '../pen/define.ts';

/** Changes of making ready: times, decisions, own tasks, and what people were shown. */
export const READY_CHANGES = {
  'ready/put-time': change({
    fields: { time: prepTimeSchema },
    apply: (pen, { time }) => pen.put('prepTimes', time),
    says: (_, { time }) => time.name,
  }),
  'ready/choose': change({
    fields: { choice: prepChoiceSchema },
    apply: (pen, { choice }) => pen.put('prepChoices', choice),
    says: () => 'making ready',
  }),
  'ready/put-task': change({
    fields: { task: ownTaskSchema },
    apply: (pen, { task }) => pen.put('ownTasks', task),
    says: (_, { task }) => task.text,
  }),
  /** Shows people a schedule; what they were shown before is replaced. */
  'ready/publish': change({
    fields: { plan: prepPlanOrderSchema },
    apply: (pen, { plan }, { at, actor }) =>
      pen.put('prepPlans', { ...plan, id: plan.unitId, version: 0, by: actor.name, at }),
    says: (book, { plan }) => `show what is made ready for ${book.units[plan.unitId]?.title ?? 'a unit'}`,
  }),
  'ready/done': change({
    fields: { unitId: unitIdSchema, taskId: prepTaskIdSchema, took: prepTookSchema.nullable().default(null) },
    apply: (pen, { unitId, taskId: id, took }, { at, actor }) => {
      const known = pen.get('prepMarks', id);
      if (!known) pen.put('prepMarks', { id, version: 0, unitId, by: actor.name, at, took });
      // How long it took is said afterwards, too.
      else if (took) pen.put('prepMarks', { ...known, took });
    },
    says: () => 'made ready',
  }),
  'ready/undone': change({
    fields: { taskId: prepTaskIdSchema },
    apply: (pen, { taskId }) => {
      if (pen.get('prepMarks', taskId)) pen.drop('prepMarks', taskId);
    },
    says: () => 'not made ready yet',
  }),
};
