import type { Book } from '../../book/index.ts';
import type { Person } from '../../house/index.ts';
import type { UnitId } from '../../unit/index.ts';

/** The first assistant who works here and has no link to a unit that still opens; null when everybody has one. */
export function whoLacksLink(book: Book, unitId: UnitId): Person | null {
  const linked = new Set(
    Object.values(book.shares).flatMap((share) =>
      share.unitId === unitId && !share.revokedAt ? [share.personId] : [],
    ),
  );
  const lacks = ({ id, role, retired }: Person): boolean =>
    role === 'assistant' && !retired && !linked.has(id);
  return Object.values(book.people).find(lacks) ?? null;
}
