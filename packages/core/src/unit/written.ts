import equal from 'fast-deep-equal';
import {
  activityContentSchema,
  fillSlots,
  type Activity,
  type ActivityContent,
  type ContentField,
  type ContentPart,
} from '../library/index.ts';
import { unfilledContent, type PlacedCopy } from './placement.ts';

/** The content of what was written and has nothing but a title yet, with what is said of it beside. */
export const contentWritten = (title: string, said: ContentPart = {}): ActivityContent =>
  activityContentSchema.parse({
    ...{ title, mode: 'open-corner', summary: '', cornerKinds: [], skills: [], versions: [] },
    ...{ materials: [], steps: [], cleanUpMinutes: 0, atOnce: null },
    ...said,
  });

const fieldsOf = (part: ContentPart): readonly ContentField[] => Object.keys(part) as ContentField[];

/**
 * A copy with some fields of its content written over. A field that then says what the library's says, open or filled in, is
 * written over no longer; what is in no library is simply said anew. Hand choices of versions that are gone go.
 */
export function writtenOverBy(copy: PlacedCopy, part: ContentPart): PlacedCopy {
  if (copy.originId === null)
    return withKnownChoices({ ...copy, base: { ...copy.base, ...part } as ActivityContent });
  const filled = fillSlots(copy.base, { words: copy.slots });
  const says = (field: ContentField): boolean =>
    equal(part[field], copy.base[field]) || equal(part[field], filled[field]);
  const over = Object.fromEntries(
    Object.entries({ ...copy.over, ...part }).filter(
      ([field]) => !(field in part) || !says(field as ContentField),
    ),
  );
  return withKnownChoices({ ...copy, over });
}

/** A copy that in some fields goes back to what the library's says; in all of them when none is named. */
export function backToLibrary(copy: PlacedCopy, fields: readonly ContentField[] | null = null): PlacedCopy {
  const stays = fieldsOf(copy.over).filter((field) => fields !== null && !fields.includes(field));
  return withKnownChoices({ ...copy, over: partOf(copy.over, stays) });
}

const partOf = (part: ContentPart, fields: readonly ContentField[]): ContentPart =>
  Object.fromEntries(fields.map((field) => [field, part[field]]));

function withKnownChoices(copy: PlacedCopy): PlacedCopy {
  const known = new Set(unfilledContent(copy).versions.map(({ id }) => id));
  const choices = copy.choices.filter(({ versionId }) => versionId === null || known.has(versionId));
  return choices.length === copy.choices.length ? copy : { ...copy, choices };
}

/** The fields in which a copy says something else than an activity of the library. */
export function differsFrom(
  copy: PlacedCopy,
  { content }: Pick<Activity, 'content'>,
): readonly ContentField[] {
  const here = unfilledContent(copy);
  return (Object.keys(content) as ContentField[]).filter((field) => !equal(here[field], content[field]));
}

/** Whether the library says something else by now than it did when a copy was placed. */
export const libraryHasNewer = (copy: PlacedCopy, { version, content }: Activity): boolean =>
  version > copy.originVersion && !equal(content, copy.base);

/** What must stay in a copy whatever is taken over: versions and lines of preparation that somebody chose, told or ticked. */
export interface Held {
  readonly versionIds: ReadonlySet<string>;
  readonly prepIds: ReadonlySet<string>;
}

/**
 * A copy that stands on an activity of the library as that is now: a newer one of its own, or another. The fields named stay as
 * they are here; all others say what the library's says. A version that was chosen by hand or told of, and a line of preparation
 * that was ticked or decided about, stays in any case, and with it what it cannot be without.
 */
export function takenOver(
  copy: PlacedCopy,
  { id, version, content }: Activity,
  keep: readonly ContentField[],
  held: Held,
): PlacedCopy {
  const here = unfilledContent(copy);
  const kept = partOf(here, keep);
  const merged = { ...content, ...kept } as ActivityContent;
  const versions = versionsHeld(merged, here, held.versionIds);
  const prep = prepHeld(merged, here, held.prepIds);
  const over: ContentPart = {
    ...kept,
    ...(versions === merged.versions ? {} : { versions: [...versions] }),
    ...(prep === merged.prep ? {} : { prep: [...prep] }),
  };
  const base = { ...copy, originId: id, originVersion: version, base: content, over: {} };
  return writtenOverBy(base, over);
}

function versionsHeld(
  { versions, materials, copies }: ActivityContent,
  here: ActivityContent,
  held: ReadonlySet<string>,
): ActivityContent['versions'] {
  const named = new Set<string>([
    ...held,
    ...[...materials, ...copies].flatMap(({ versionIds }) => versionIds),
  ]);
  const missing = here.versions.filter(({ id }) => named.has(id) && !versions.some((one) => one.id === id));
  return missing.length === 0 ? versions : [...versions, ...missing];
}

function prepHeld(
  { prep }: ActivityContent,
  here: ActivityContent,
  held: ReadonlySet<string>,
): ActivityContent['prep'] {
  const there = new Set(prep.map(({ id }) => id));
  const queue = here.prep.filter(({ id }) => held.has(id) && !there.has(id));
  const missing = new Map<string, ActivityContent['prep'][number]>();
  for (let next = queue.pop(); next; next = queue.pop()) {
    if (missing.has(next.id)) continue;
    missing.set(next.id, next);
    queue.push(...here.prep.filter(({ id }) => next!.needs.includes(id) && !there.has(id)));
  }
  return missing.size === 0 ? prep : [...prep, ...here.prep.filter(({ id }) => missing.has(id))];
}
