import { TASK_KINDS, WAITING_PLACES, type Book, type PersonId, type ReadyEntry } from '@kobby/core';
import { dayText } from './deciding.ts';

/** How tasks are put together beside the times. */
export type Grouping = 'person' | 'kind' | 'day' | 'place';

/** Tasks that are looked at together. */
export interface Group {
  readonly title: string;
  readonly entries: readonly ReadyEntry[];
  /** Whose they are; undefined where they are not put together by person, null for anybody's. */
  readonly personId?: PersonId | null;
}

const TITLES: Readonly<Record<Exclude<Grouping, 'person'>, (entry: ReadyEntry) => string>> = {
  kind: ({ task }) => TASK_KINDS[task.kind],
  day: ({ task }) => dayText(task),
  place: ({ task }) => (task.hold ? `Waits in the ${WAITING_PLACES[task.hold.kind]}` : 'Waits anywhere'),
};

/** Tasks in groups, by the day that needs them within each. Every person has a group, also without tasks. */
export function grouped(entries: readonly ReadyEntry[], by: Grouping, { people }: Book): readonly Group[] {
  const inOrder = entries.toSorted(
    (a, b) =>
      (a.task.day.date < b.task.day.date ? -1 : a.task.day.date > b.task.day.date ? 1 : 0) ||
      (a.slot?.to ?? 0) - (b.slot?.to ?? 0),
  );
  if (by !== 'person') {
    const titles = [...new Set(inOrder.map(TITLES[by]))];
    return titles.map((title) => ({
      title,
      entries: inOrder.filter((entry) => TITLES[by](entry) === title),
    }));
  }
  const withChildren = inOrder.filter(({ slot }) => slot?.kind === 'children');
  const personOf = ({ slot, task }: ReadyEntry): PersonId | null =>
    (slot?.personId ?? task.choice?.personId ?? null) as PersonId | null;
  const of = (id: PersonId | null): readonly ReadyEntry[] =>
    inOrder.filter((entry) => entry.slot?.kind !== 'children' && personOf(entry) === id);
  return [
    { title: 'Whoever is there', entries: of(null), personId: null },
    ...Object.values(people)
      .filter(({ retired }) => !retired)
      .map(({ id, name }) => ({ title: name, entries: of(id), personId: id })),
    ...(withChildren.length > 0 ? [{ title: 'With the children', entries: withChildren }] : []),
  ];
}
