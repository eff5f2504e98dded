import { batchSchema, timerSchema } from '../../daybook/index.ts';
import { linkOf } from '../pen/actor.ts';
import { change } from '../pen/define.ts';
import { existsAlready } from '../pen/refusal.ts';

/** Changes of what is made by a recipe, and of what takes its time. */
export const KITCHEN_CHANGES = {
  'kitchen/put-batch': change({
    fields: { batch: batchSchema },
    apply: (pen, { batch }) => pen.put('batches', batch),
    says: (book, { batch }) => `a batch of ${book.recipes[batch.recipeId]?.title ?? 'something'}`,
  }),
  'kitchen/start-timer': change({
    fields: { timer: timerSchema },
    apply: (pen, { timer }, { actor }) =>
      pen.get('timers', timer.id)
        ? existsAlready(['timer', 'id'])
        : pen.put('timers', { ...timer, shareId: linkOf(actor) }),
    says: (_, { timer }) => `timer: ${timer.label}`,
  }),
};
