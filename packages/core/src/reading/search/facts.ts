import { formatAge } from '../../house/index.ts';
import { ACTIVITY_MODES, withGaps } from '../../library/index.ts';
import { linesOf, sing } from '../../verses/index.ts';
import type { LibraryEntry } from './entry.ts';

const MESS = { clean: '', some: 'some mess', messy: 'messy' } as const;

function activityFacts({ kind, entity, facets: { ages, isPattern } }: LibraryEntry): readonly string[] {
  if (kind !== 'activities' || !('content' in entity)) return [];
  const from = Math.min(...ages.map((range) => range.from));
  return [
    ACTIVITY_MODES[entity.content.mode].name.toLowerCase(),
    isPattern ? 'pattern' : '',
    ages.length === 0 ? 'draft: no version yet' : `from ${from > 0 ? formatAge(from) : 'birth'}`,
  ];
}

/** What is worth knowing of an entry before it is opened: `small group`, `from 2 y`, `15 min to prepare`, `loved before`. */
export const entryFacts = (entry: LibraryEntry): readonly string[] => {
  const { prepMinutes, mess, place, loved } = entry.facets;
  return [
    ...activityFacts(entry),
    prepMinutes ? `${prepMinutes} min to prepare` : '',
    mess ? MESS[mess] : '',
    place === 'outdoors' ? 'outdoors' : '',
    loved ? 'loved before' : '',
    entry.entity.retired ? 'retired' : '',
  ].filter(Boolean);
};

/**
 * A line of what an entry is: its summary, the first line of a song as it is sung, what a book is about. A gap that is
 * filled only when it is used is shown as one.
 */
export function entrySummary({ entity }: LibraryEntry): string {
  if ('content' in entity) return withGaps(entity.content.summary);
  // As it is sung with its own words; without any, with gaps.
  if ('verses' in entity)
    return withGaps(sing(entity)[0]?.lines[0]?.text ?? linesOf(entity.verses[0]!)[0]?.text ?? '');
  if ('summary' in entity) return withGaps(entity.summary);
  return 'about' in entity ? withGaps(entity.about.join(', ')) : '';
}
