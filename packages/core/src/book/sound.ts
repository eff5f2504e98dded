import { isInList, withoutEntries } from '../kind/index.ts';
import { bookOf, kindOf, KINDS, refKey, type Book, type Entity, type EntityRef, type Kind } from './book.ts';
import { brokenReferences, type Broken } from './references.ts';

/** An entity that refers to something that is not there, and what became of it. */
export interface LeftOut {
  readonly ref: EntityRef;
  /** As it was. */
  readonly entity: Entity;
  /** Without the entries that lead nowhere; null when it was left out as a whole. */
  readonly rest: Entity | null;
  /** `refers to unit-9, which is not there`. */
  readonly why: string;
}

/**
 * The part of a book that holds together. Where an entity lists something that is not there, it loses that entry; where it cannot be
 * without it, it is left out, with what refers to it, and so on. What lists a supply is left out as a whole: what it may bring a
 * child could not be told without it.
 * @param isMissing asked of an id that is not there; what others refer to is not its business and stays.
 */
export function soundPart(
  book: Book,
  isMissing: (id: string) => boolean = () => true,
): { readonly book: Book; readonly leftOut: readonly LeftOut[] } {
  const leftOut = new Map<string, LeftOut>();
  const gone = new Set<string>();
  let part = book;
  for (let isChanged = true; isChanged;) {
    isChanged = false;
    const next = tablesOf(part);
    for (const kind of KINDS)
      for (const entity of Object.values(part[kind]) as Entity[]) {
        const broken = brokenReferences(part, kind, entity).filter(({ id }) => gone.has(id) || isMissing(id));
        const [first] = broken;
        if (!first) continue;
        isChanged = true;
        const rest = restOf(kind, entity, broken);
        if (rest) next[kind][entity.id] = rest;
        else {
          delete next[kind][entity.id];
          gone.add(entity.id);
        }
        const key = refKey({ kind, id: entity.id });
        const why = `refers to ${first.id}, which is not there${rest ? ': that entry was left out' : ''}`;
        const before = leftOut.get(key);
        leftOut.set(key, {
          ref: { kind, id: entity.id },
          entity: before?.entity ?? entity,
          rest,
          why: before ? `${before.why}; ${why}` : why,
        });
      }
    if (isChanged) part = bookOf(next);
  }
  return { book: part, leftOut: [...leftOut.values()] };
}

const tablesOf = (book: Book): Record<Kind, Record<string, Entity>> =>
  Object.fromEntries(KINDS.map((kind) => [kind, { ...book[kind] }])) as Record<Kind, Record<string, Entity>>;

function restOf(kind: Kind, entity: Entity, broken: readonly Broken[]): Entity | null {
  if (!broken.every(({ path, kind: named }) => isInList(path) && named !== 'supplies')) return null;
  const rest = withoutEntries(
    entity,
    broken.map(({ path }) => path),
  );
  return kindOf(kind).schema.safeParse(rest).success ? rest : null;
}
