import { nameAt, type Book } from '../book/index.ts';
import type { Tap } from '../daybook/index.ts';
import { LINE_KINDS, PIECE_KINDS, type Where } from '../unit/index.ts';
import type { Change, ChangeType, Gesture } from './change.ts';

type Describers = {
  readonly [T in ChangeType]: (book: Book, change: Extract<Change, { type: T }>) => string;
};

/** What a gesture does, in a few words for the undo button and the journal: `Ramp and fan run → Blocks`. */
export function describeGesture(before: Book, gesture: Gesture): string {
  const first = describeChange(before, gesture.changes[0]!);
  const more = gesture.changes.length - 1;
  return more === 0 ? first : `${first} and ${more} more`;
}

const describeChange = <T extends ChangeType>(book: Book, change: Extract<Change, { type: T }>): string =>
  (DESCRIBERS[change.type as T] as (book: Book, change: Change) => string)(book, change);

const supplyName = (book: Book, id: string): string => book.supplies[id]?.name ?? 'a supply';

const titleOf = (book: Book, placementId: string): string =>
  book.placements[placementId]?.content.title ?? 'activity';

const WHERE_TEXTS: {
  readonly [K in Where['kind']]: (book: Book, where: Extract<Where, { kind: K }>) => string;
} = {
  corner: (book, { cornerId }) => book.corners[cornerId]?.name ?? 'a corner',
  day: (_, { day }) => `Day ${day}`,
  bin: (book, { childId }) => `the bin of ${book.children[childId]?.shownAs ?? 'a child'}`,
  reserve: () => 'the reserve',
  twin: (book, { of }) => `in for ${titleOf(book, of)}`,
};

const whereText = (book: Book, where: Where): string =>
  (WHERE_TEXTS[where.kind] as (book: Book, where: Where) => string)(book, where);

const TAP_TEXTS: Readonly<Record<Tap, string>> = {
  in: 'came',
  out: 'went home',
  away: 'stays away',
  unsaid: 'not said yet',
};

const DESCRIBERS: Describers = {
  'house/put-home': () => 'the home',
  'house/put-person': (_, { person }) => person.name,
  'house/put-child': (_, { child }) => child.shownAs,
  'house/put-absence': (book, { absence }) => `${book.children[absence.childId]?.shownAs ?? 'child'} away`,
  'house/drop-absence': () => 'absence taken back',
  'house/put-extra': (book, { extra }) => `${book.children[extra.childId]?.shownAs ?? 'child'} comes too`,
  // No name: this is what the journal says of somebody who is to be forgotten.
  'house/forget-child': () => 'forget a child',
  'house/put-corner': (_, { corner }) => corner.name,
  'house/put-closure': (_, { closure }) => `closed: ${closure.why}`,
  'house/drop-closure': () => 'closure taken back',
  'cupboard/put-supply': (_, { supply }) => supply.name,
  'cupboard/record-stock': (book, { move }) => `stock of ${supplyName(book, move.supplyId)}`,
  'cupboard/put-wish': (_, { wish }) => `wanted: ${wish.words}`,
  'library/put-activity': (_, { activity }) => activity.content.title,
  'library/put-recipe': (_, { recipe }) => recipe.title,
  'library/put-song': (_, { song }) => song.title,
  'library/put-book': (_, { book: { title } }) => title,
  'library/put-sheet': (_, { sheet }) => sheet.title,
  'library/put-ready-unit': (_, { readyUnit }) => readyUnit.title,
  'unit/start': (_, { unit }) => `start ${unit.title}`,
  'unit/revise': (_, { unit }) => `change ${unit.title}`,
  'unit/place': (book, { activityId, where }) =>
    `${book.activities[activityId]?.content.title ?? 'activity'} → ${whereText(book, where)}`,
  'unit/move': (book, { placementId, where }) => `${titleOf(book, placementId)} → ${whereText(book, where)}`,
  'unit/unplace': (book, { placementId }) => `take ${titleOf(book, placementId)} out`,
  'unit/copy': (book, { placementId, where }) => `${titleOf(book, placementId)} → ${whereText(book, where)}`,
  'unit/pin': (book, { placementId, pinned }) => `${pinned ? 'pin' : 'unpin'} ${titleOf(book, placementId)}`,
  'unit/choose-version': (book, { placementId, childId }) =>
    `${titleOf(book, placementId)} for ${book.children[childId]?.shownAs ?? 'a child'}`,
  'unit/assign': (book, { placementId, personId }) =>
    `${(personId && book.people[personId]?.name) ?? 'nobody'} stays with ${titleOf(book, placementId)}`,
  'unit/swap-material': (book, { insteadId }) => `use ${book.supplies[insteadId]?.name ?? 'something else'}`,
  'unit/keep-finding': () => 'keep a finding as it is',
  'unit/put-thing': (_, { thing }) => thing.name,
  'unit/put-event': (_, { event }) => event.title,
  'unit/put-line': (_, { line }) =>
    line.day === null ? LINE_KINDS[line.kind] : `${LINE_KINDS[line.kind]} → Day ${line.day}`,
  'circle/put-piece': (book, { piece }) =>
    `circle: ${(piece.songId && book.songs[piece.songId]?.title) ?? PIECE_KINDS[piece.kind].name.toLowerCase()}`,
  'circle/record': (_, { record }) => `how the circle of Day ${record.day} went`,
  'circle/unrecord': () => 'how a circle went taken back',
  'unit/leave-empty': (book, { omission }) =>
    `${book.corners[omission.cornerId]?.name ?? 'a corner'} left empty`,
  'unit/fill-bin': (book, { placementId }) => `the tub of ${titleOf(book, placementId)}`,
  'ready/put-time': (_, { time }) => time.name,
  'ready/choose': () => 'making ready',
  'ready/put-task': (_, { task }) => task.text,
  'ready/publish': (book, { plan }) =>
    `show what is made ready for ${book.units[plan.unitId]?.title ?? 'a unit'}`,
  'ready/done': () => 'made ready',
  'ready/undone': () => 'not made ready yet',
  'library/put-watch-pattern': (_, { pattern }) => pattern.title,
  'watch/put-observation': (_, { observation }) => observation.title,
  'watch/record': (book, { sighting }) =>
    `seen: ${book.observations[sighting.observationId]?.title ?? 'something watched'}`,
  'gather/put-errand': (book, { errand }) => supplyName(book, errand.supplyId),
  'gather/pick-up': (book, { subject }) => `got ${supplyName(book, subject.supplyId)}`,
  'gather/put-back': (book, { subject }) => `${supplyName(book, subject.supplyId)} not got yet`,
  'gather/day-used': (_, { usedDay }) => `Day ${usedDay.day} used up`,
  'kitchen/put-batch': (book, { batch }) =>
    `a batch of ${book.recipes[batch.recipeId]?.title ?? 'something'}`,
  'kitchen/start-timer': (_, { timer }) => `timer: ${timer.label}`,
  'daybook/tick': (book, { subject }) => `tick ${titleOf(book, subject.placementId)}`,
  'daybook/untick': (book, { subject }) => `untick ${titleOf(book, subject.placementId)}`,
  'daybook/tap': (book, { childId, tap }) =>
    `${book.children[childId]?.shownAs ?? 'a child'}: ${TAP_TEXTS[tap]}`,
  'daybook/record': (book, { record }) => `how ${titleOf(book, record.placementId)} went`,
  'daybook/note': (_, { note }) => (note.kind === 'help' ? 'a call for help' : 'a note from the room'),
  'daybook/see-note': () => 'a note from the room seen',
  'daybook/keepsake': (book, { placementId }) => `who has ${titleOf(book, placementId)}`,
  'handover/lead': (book, { leading }) => `who leads ${titleOf(book, leading.placementId)}`,
  'handover/put-letter': (_, { letter }) => `note home: ${letter.subject}`,
  'handover/sent': () => 'note home sent',
  'share/make': (_, { share }) => `link for ${share.label}`,
  'share/revoke': (book, { shareId }) => `take back the link for ${book.shares[shareId]?.label ?? 'someone'}`,
  'book/drop': (book, { kind, id }) => `take ${nameAt(book, { kind, id }) ?? 'an entry'} away`,
  'book/restore': () => 'undo',
};
