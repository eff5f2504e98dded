import { entityAt, kindOf, refKey, type Book, type EntityRef } from '../book/index.ts';
import { closedBecause } from '../calendar/index.ts';
import type { Supply } from '../cupboard/index.ts';
import { circleRecordIdOf, subjectIdOf, tickIdOf } from '../daybook/index.ts';
import { HOME_ID, type Home } from '../house/index.ts';
import { calendarOf, type BinFill, type Unit } from '../unit/index.ts';
import type { Actor, Change, ChangeType, Gesture } from './change.ts';
import { forgetChild, forgets } from './forget.ts';
import type { Envelope, Handlers } from './handler.ts';
import { Pen, type Touch, type Unsound } from './pen.ts';
import {
  circleRefusal,
  chooseVersion,
  copy,
  keepFinding,
  leaveEmpty,
  move,
  place,
  putPiece,
  swapMaterial,
  unplace,
} from './planning.ts';
import { existsAlready, unknownId, type Refusal } from './refusal.ts';
import { linkOf, ROOM_HANDLERS } from './room.ts';

/** What became of a gesture. */
export type Outcome =
  | {
      readonly outcome: 'kept';
      readonly book: Book;
      readonly touched: readonly Touch[];
      /** What takes the gesture back; null when it cannot be undone, or when there is nothing to undo. */
      readonly inverse: Change | null;
    }
  | { readonly outcome: 'refused'; readonly refusal: Refusal }
  /** Somebody else changed what it touches since the person saw it. */
  | { readonly outcome: 'clash'; readonly refs: readonly EntityRef[] };

/**
 * Applies a gesture whole or not at all. Pure: the same book, gesture and actor give the same outcome in the
 * browser and in the server. The gesture must have been read by its schema.
 * A gesture that changes nothing is kept and touches nothing, and the same book comes back.
 */
export function applyGesture(book: Book, gesture: Gesture, actor: Actor): Outcome {
  const pen = new Pen(book);
  const envelope: Envelope = { at: gesture.at, actor };
  for (const [index, change] of gesture.changes.entries()) {
    const refusal = handle(pen, change, envelope);
    if (refusal) return { outcome: 'refused', refusal: under(refusal, ['changes', index]) };
  }
  const finished = pen.finish();
  if ('kind' in finished) return { outcome: 'refused', refusal: unsoundRefusal(finished, gesture) };
  const refs = finished.touched.filter((touch) => isStale(touch, gesture));
  if (refs.length > 0) return { outcome: 'clash', refs: refs.map(({ kind, id }) => ({ kind, id })) };
  return { outcome: 'kept', ...finished, inverse: inverseOf(book, finished.touched, gesture) };
}

/**
 * The gesture with the versions that its changes meet in the book: what a person who sees this book has seen.
 * A gesture that cannot be applied here comes back as it is.
 */
export function withSeenVersions(book: Book, gesture: Gesture, actor: Actor): Gesture {
  const outcome = applyGesture(book, { ...gesture, bases: {} }, actor);
  if (outcome.outcome !== 'clash') return gesture;
  const bases = outcome.refs.map((ref) => [refKey(ref), entityAt(book, ref)?.version ?? 0]);
  return { ...gesture, bases: Object.fromEntries(bases) };
}

// Where two may write at once, whoever comes second finds the same result: no version is asked for.
const isStale = (touch: Touch, gesture: Gesture): boolean =>
  kindOf(touch.kind).atOnce === 'clash' && (gesture.bases[refKey(touch)] ?? 0) !== touch.before;

function handle<T extends ChangeType>(
  pen: Pen,
  change: Extract<Change, { type: T }>,
  envelope: Envelope,
): Refusal | void {
  const handler = HANDLERS[change.type as T] as (
    pen: Pen,
    change: Change,
    envelope: Envelope,
  ) => Refusal | void;
  return handler(pen, change, envelope);
}

const HANDLERS: Handlers = {
  'house/put-home': (pen, { home }) => slotRefusal(pen, home) ?? pen.put('homes', home),
  'house/put-person': (pen, { person }) => pen.put('people', person),
  'house/put-child': (pen, { child }) => pen.put('children', child),
  'house/put-absence': (pen, { absence }) => pen.put('absences', absence),
  'house/drop-absence': (pen, { absenceId }) => dropKnown(pen, 'absences', absenceId, 'absenceId'),
  'house/put-extra': (pen, { extra }) => pen.put('extras', extra),
  'house/forget-child': (pen, { childId, words }) => {
    if (!pen.get('children', childId)) return unknownId(['childId'], 'child');
    forgetChild(pen, childId, words);
  },
  'house/put-corner': (pen, { corner }) => pen.put('corners', corner),
  'house/put-closure': (pen, { closure }) => pen.put('closures', closure),
  'house/drop-closure': (pen, { closureId }) => dropKnown(pen, 'closures', closureId, 'closureId'),
  'cupboard/put-supply': (pen, { supply }) => unitRefusal(pen, supply) ?? pen.put('supplies', supply),
  'cupboard/record-stock': (pen, { move }) =>
    pen.get('stockMoves', move.id) ? existsAlready(['move', 'id']) : pen.put('stockMoves', move),
  'cupboard/put-wish': (pen, { wish }) => pen.put('wishes', wish),
  'library/put-activity': (pen, { activity }) =>
    circleRefusal(pen, activity) ?? pen.put('activities', activity),
  'library/put-recipe': (pen, { recipe }) => pen.put('recipes', recipe),
  'library/put-song': (pen, { song }) => pen.put('songs', song),
  'library/put-book': (pen, { book }) => pen.put('bookTitles', book),
  'library/put-sheet': (pen, { sheet }) => pen.put('sheets', sheet),
  'library/put-ready-unit': (pen, { readyUnit }) => pen.put('readyUnits', readyUnit),
  'unit/start': (pen, { unit }) => {
    if (pen.get('units', unit.id)) return existsAlready(['unit', 'id']);
    return startRefusal(pen, unit) ?? pen.put('units', unit);
  },
  'unit/revise': (pen, { unit }) => {
    const current = pen.get('units', unit.id);
    if (!current) return unknownId(['unit', 'id'], 'unit');
    // A closure may have come to lie on the start since: only a new start is asked to be open.
    return (unit.start === current.start ? undefined : startRefusal(pen, unit)) ?? pen.put('units', unit);
  },
  'unit/place': place,
  'unit/copy': copy,
  'unit/move': move,
  'unit/unplace': unplace,
  'unit/pin': (pen, { placementId, pinned }) => {
    const placement = pen.get('placements', placementId);
    if (!placement) return unknownId(['placementId'], 'activity in this unit');
    pen.put('placements', { ...placement, pinned });
  },
  'unit/choose-version': chooseVersion,
  'unit/assign': (pen, { placementId, personId }) => {
    const placement = pen.get('placements', placementId);
    if (!placement) return unknownId(['placementId'], 'activity in this unit');
    pen.put('placements', { ...placement, leadId: personId });
  },
  'unit/swap-material': swapMaterial,
  'unit/keep-finding': (pen, change, { at, actor }) => keepFinding(pen, change, { at, by: actor.name }),
  'unit/put-thing': (pen, { thing }) => pen.put('things', thing),
  'unit/put-event': (pen, { event }) => pen.put('events', event),
  'unit/put-line': (pen, { line }) => pen.put('dayLines', line),
  'unit/leave-empty': leaveEmpty,
  'circle/put-piece': putPiece,
  'circle/record': (pen, { record }, { at, actor }) =>
    pen.put('circleRecords', {
      ...record,
      id: circleRecordIdOf(record),
      version: 0,
      by: actor.name,
      at,
    }),
  'circle/unrecord': (pen, { recordId }) => {
    if (!pen.get('circleRecords', recordId)) return unknownId(['recordId'], 'record of a circle');
    pen.drop('circleRecords', recordId);
  },
  'daybook/tick': (pen, { subject }, { at, actor }) => {
    const id = tickIdOf(subject);
    if (!pen.get('ticks', id)) pen.put('ticks', { ...subject, id, version: 0, by: actor.name, at });
  },
  'daybook/untick': (pen, { subject }) => pen.drop('ticks', tickIdOf(subject)),
  'unit/fill-bin': (pen, { placementId, bin }) => {
    const placement = pen.get('placements', placementId);
    if (!placement) return unknownId(['placementId'], 'activity in this unit');
    return binRefusal(pen, bin) ?? pen.put('placements', { ...placement, bin });
  },
  'ready/put-time': (pen, { time }) => pen.put('prepTimes', time),
  'ready/choose': (pen, { choice }) => pen.put('prepChoices', choice),
  'ready/put-task': (pen, { task }) => pen.put('ownTasks', task),
  'ready/publish': (pen, { plan }, { at, actor }) =>
    pen.put('prepPlans', { ...plan, id: plan.unitId, version: 0, by: actor.name, at } as never),
  'ready/done': (pen, { unitId, taskId: id }, { at, actor }) => {
    if (!pen.get('prepMarks', id)) pen.put('prepMarks', { id, version: 0, unitId, by: actor.name, at });
  },
  'ready/undone': (pen, { taskId }) => {
    if (pen.get('prepMarks', taskId)) pen.drop('prepMarks', taskId);
  },
  'library/put-watch-pattern': (pen, { pattern }) => pen.put('watchPatterns', pattern),
  'watch/put-observation': (pen, { observation }) => pen.put('observations', observation),
  'watch/record': (pen, { sighting }, { at, actor }) => {
    const observation = pen.get('observations', sighting.observationId);
    if (!observation) return unknownId(['sighting', 'observationId'], 'observation');
    const { stageId } = sighting;
    if (stageId !== null && !observation.stages.some(({ id }) => id === stageId))
      return unknownId(['sighting', 'stageId'], 'stage');
    const version = pen.get('sightings', sighting.id)?.version ?? 0;
    pen.put('sightings', { ...sighting, version, by: actor.name, at });
  },
  'gather/put-errand': (pen, { errand }, { at, actor }) =>
    pen.put('errands', { ...errand, id: subjectIdOf(errand), version: 0, by: actor.name, at } as never),
  'gather/pick-up': (pen, { subject }, { at, actor }) => {
    const id = subjectIdOf(subject);
    if (!pen.get('pickups', id))
      pen.put('pickups', { ...subject, id, version: 0, by: actor.name, at } as never);
  },
  'gather/put-back': (pen, { subject }) => {
    const id = subjectIdOf(subject);
    if (pen.get('pickups', id)) pen.drop('pickups', id);
  },
  'gather/day-used': (pen, { usedDay }) =>
    pen.get('usedDays', usedDay.id) ? existsAlready(['usedDay', 'id']) : pen.put('usedDays', usedDay),
  'kitchen/put-batch': (pen, { batch }) => pen.put('batches', batch),
  'kitchen/start-timer': (pen, { timer }, { actor }) =>
    pen.get('timers', timer.id)
      ? existsAlready(['timer', 'id'])
      : pen.put('timers', { ...timer, shareId: linkOf(actor) }),
  ...ROOM_HANDLERS,
  'share/make': (pen, { share }) =>
    pen.get('shares', share.id)
      ? existsAlready(['share', 'id'])
      : pen.put('shares', { ...share, version: 0, revokedAt: null }),
  'share/revoke': (pen, { shareId }, { at }) => {
    const share = pen.get('shares', shareId);
    if (!share) return unknownId(['shareId'], 'link');
    pen.put('shares', { ...share, revokedAt: share.revokedAt ?? at });
  },
  'book/drop': (pen, { kind, id }) => {
    const entity = pen.get(kind, id);
    if (!entity) return unknownId(['id'], 'entry');
    if (kind === 'people' && 'role' in entity && entity.role === 'provider') return lastDoor(['id']);
    pen.drop(kind, id);
  },
  'book/restore': (pen, { entities }) => {
    for (const { kind, id, to } of entities) {
      if (to === null) pen.drop(kind, id);
      else pen.put(kind, to as never);
    }
  },
};

function dropKnown(pen: Pen, kind: 'absences' | 'closures', id: string, field: string): Refusal | undefined {
  if (!pen.get(kind, id)) return unknownId([field], 'entry');
  pen.drop(kind, id);
  return undefined;
}

// A time without a minute on any day is a slip; one that stands already is left alone.
function slotRefusal(pen: Pen, home: Home): Refusal | undefined {
  const known = new Set(pen.get('homes', HOME_ID)?.prepSlots.map((slot) => JSON.stringify(slot)));
  const index = home.prepSlots.findIndex(
    (slot) =>
      Object.values(slot.minutes).every((minutes) => minutes === 0) && !known.has(JSON.stringify(slot)),
  );
  if (index < 0) return undefined;
  return {
    reason: 'no-minutes',
    path: ['home', 'prepSlots', index, 'minutes'],
    message: `${home.prepSlots[index]!.name} has no minutes on any day`,
  };
}

// Amounts already written down would silently mean something else.
function unitRefusal(pen: Pen, supply: Supply): Refusal | undefined {
  const current = pen.get('supplies', supply.id);
  if (!current || current.unit === supply.unit) return undefined;
  const isCounted = pen.all('stockMoves').some((move) => move.supplyId === supply.id);
  if (!isCounted) return undefined;
  return {
    reason: 'still-used',
    path: ['supply', 'unit'],
    message: `Its stock is counted in ${current.unit}. Retire it and make another one for the other unit`,
  };
}

// What has no inside cannot be filled.
function binRefusal(pen: Pen, bin: BinFill | null): Refusal | undefined {
  const tub = bin && pen.get('supplies', bin.tubId);
  if (!bin || (tub && tub.inside !== null)) return undefined;
  return {
    reason: 'leads-nowhere',
    path: ['bin', 'tubId'],
    message: tub ? `Nobody has measured the inside of ${tub.name} yet` : 'There is no such supply any more',
  };
}

const lastDoor = (path: readonly (string | number)[]): Refusal => ({
  reason: 'still-used',
  path,
  message: 'Whoever signs in here cannot be taken away',
});

function startRefusal(pen: Pen, unit: Unit): Refusal | undefined {
  const home = pen.get('homes', HOME_ID);
  if (!home) return unknownId(['unit'], 'home to plan for');
  // An idea has no days yet.
  if (unit.start === null) return undefined;
  const why = closedBecause(unit.start, calendarOf(home, pen.all('closures')));
  if (why === null) return undefined;
  return {
    reason: 'closed-day',
    path: ['unit', 'start'],
    message: `The home is closed on that day (${why}). Choose a day on which it is open`,
  };
}

const under = (refusal: Refusal, path: readonly (string | number)[]): Refusal => ({
  ...refusal,
  path: [...path, ...refusal.path],
});

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);

function unsoundRefusal(unsound: Unsound, gesture: Gesture): Refusal {
  if (unsound.kind === 'leads-nowhere') {
    const field = String(unsound.broken.path.at(-1));
    return {
      reason: 'leads-nowhere',
      path: pathOfField(gesture, unsound, field) ?? [],
      message: `There is no such ${unsound.broken.noun} any more`,
    };
  }
  const ticked = unsound.by.kind === 'ticks';
  return {
    reason: 'still-used',
    path: ['changes'],
    message: ticked
      ? 'Somebody has ticked this off; take the tick back first, or let it end the day before'
      : `${capital(kindOf(unsound.by.kind).word)} still uses this`,
  };
}

// The pen names the entity and the path within; the person needs the path within the gesture.
function pathOfField(
  gesture: Gesture,
  { broken }: Extract<Unsound, { kind: 'leads-nowhere' }>,
  field: string,
): (string | number)[] | null {
  const find = (value: unknown, path: (string | number)[]): (string | number)[] | null => {
    if (path.at(-1) === field && value === broken.id) return path;
    if (typeof value !== 'object' || value === null) return null;
    for (const [key, inner] of Object.entries(value)) {
      const found = find(inner, [...path, Array.isArray(value) ? Number(key) : key]);
      if (found) return found;
    }
    return null;
  };
  return find(gesture.changes, ['changes']);
}

// Exact images of what was there before; null for gestures that touch what cannot be taken back.
function inverseOf(before: Book, touched: readonly Touch[], gesture: Gesture): Change | null {
  if (touched.length === 0) return null;
  if (forgets(gesture)) return null;
  const entities = touched.flatMap(({ kind, id }) =>
    kindOf(kind).undone === 'restored' ? [{ kind, id, to: entityAt(before, { kind, id }) }] : [],
  );
  return entities.length === touched.length ? ({ type: 'book/restore', entities } as Change) : null;
}
