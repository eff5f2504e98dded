import {
  activitySchema,
  bookTitleSchema,
  recipeSchema,
  sheetSchema,
  songSchema,
  type Activity,
} from '../../library/index.ts';
import { readyUnitSchema } from '../../unit/index.ts';
import { watchPatternSchema } from '../../watch/index.ts';
import { change } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import type { Refusal } from '../pen/refusal.ts';

/** Changes of what stays from unit to unit: everything that a plan can be made of. */
export const LIBRARY_CHANGES = {
  'library/put-activity': change({
    fields: { activity: activitySchema },
    apply: (pen, { activity }) => circleRefusal(pen, activity) ?? pen.put('activities', activity),
    says: (_, { activity }) => activity.content.title,
  }),
  'library/put-recipe': change({
    fields: { recipe: recipeSchema },
    apply: (pen, { recipe }) => pen.put('recipes', recipe),
    says: (_, { recipe }) => recipe.title,
  }),
  'library/put-song': change({
    fields: { song: songSchema },
    apply: (pen, { song }) => pen.put('songs', song),
    says: (_, { song }) => song.title,
  }),
  'library/put-book': change({
    fields: { book: bookTitleSchema },
    apply: (pen, { book }) => pen.put('bookTitles', book),
    says: (_, { book: { title } }) => title,
  }),
  'library/put-sheet': change({
    fields: { sheet: sheetSchema },
    apply: (pen, { sheet }) => pen.put('sheets', sheet),
    says: (_, { sheet }) => sheet.title,
  }),
  'library/put-ready-unit': change({
    fields: { readyUnit: readyUnitSchema },
    apply: (pen, { readyUnit }) => pen.put('readyUnits', readyUnit),
    says: (_, { readyUnit }) => readyUnit.title,
  }),
  'library/put-watch-pattern': change({
    fields: { pattern: watchPatternSchema },
    apply: (pen, { pattern }) => pen.put('watchPatterns', pattern),
    says: (_, { pattern }) => pattern.title,
  }),
};

// An activity that would, through others, have to come before itself.
function circleRefusal(pen: Pen, { id, content }: Activity): Refusal | undefined {
  const index = content.comesAfter.findIndex(({ activityId }) => needs(pen, activityId, id, new Set()));
  if (index < 0) return undefined;
  const before = pen.get('activities', content.comesAfter[index]!.activityId);
  return {
    reason: 'circle',
    path: ['activity', 'content', 'comesAfter', index, 'activityId'],
    message:
      before === null || before.id === id
        ? 'It cannot come after itself'
        : `${before.content.title} comes after this one, by itself or through others`,
  };
}

function needs(pen: Pen, from: string, wanted: string, seen: Set<string>): boolean {
  if (from === wanted) return true;
  if (seen.has(from)) return false;
  seen.add(from);
  const activity = pen.get('activities', from);
  return (activity?.content.comesAfter ?? []).some(({ activityId }) => needs(pen, activityId, wanted, seen));
}
