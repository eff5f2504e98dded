import type { ContentCount, PlannedTest } from '../../library/index.ts';
import { featuredNumber, isThemeCount, lettersIn, type ThemeCounts } from '../../unit/index.ts';
import type { Frame } from '../plan/plan.ts';

/**
 * How often an amount is needed for what a unit features, for each child or group that it is for: the featured number
 * n itself, 1 + 2 + … + n = n (n + 1) / 2 for a counting set, the letters of the unit's words, or what
 * the theme's table has, or the tries of the content's test. Null while the unit does not say; 1 for what is counted by heads or by the letters of names.
 */
export function contentCount(
  times: ContentCount,
  { featured, unit }: Pick<Frame, 'featured' | 'unit'>,
  counts: ThemeCounts | undefined,
  test: PlannedTest | null,
): number | null {
  if (times === 'tries') return test === null ? 1 : test.ways.length * test.tries;
  if (isThemeCount(times)) return counts?.[times] ?? null;
  if (times === 'letters-of-words')
    return unit.words.length === 0 ? null : unit.words.reduce((sum, word) => sum + lettersIn(word), 0);
  if (times !== 'featured-number' && times !== 'one-to-n') return 1;
  const n = featuredNumber(featured);
  if (n === null || times === 'featured-number') return n;
  return (n * (n + 1)) / 2;
}
