import { fillSlots, type Activity } from '../library/index.ts';
import type { Placement, Where } from '../unit/index.ts';
import type { Change, ChangeType } from './change.ts';
import type { Pen } from './pen.ts';
import { existsAlready, unknownId, type Refusal } from './refusal.ts';

type Of<T extends ChangeType> = Extract<Change, { type: T }>;

/** Puts a copy of an activity of the library into a unit, the words of its slots filled in. */
export function place(
  pen: Pen,
  { id, unitId, activityId, where, slots }: Of<'unit/place'>,
): Refusal | undefined {
  if (pen.get('placements', id)) return existsAlready(['id']);
  const activity = pen.get('activities', activityId);
  if (!activity) return unknownId(['activityId'], 'activity in the library');
  const { content, version } = activity;
  return putAt(pen, where, {
    id,
    version: 0,
    unitId,
    originId: activityId,
    originVersion: version,
    content: slots ? fillSlots(content, slots) : content,
    pinned: false,
    choices: [],
    leadId: null,
    bin: null,
    outSince: null,
  });
}

/** Puts a copy of something that is placed already, here or in another unit. */
export function copy(
  pen: Pen,
  { id, unitId, placementId, where, outSince }: Of<'unit/copy'>,
): Refusal | undefined {
  if (pen.get('placements', id)) return existsAlready(['id']);
  const original = pen.get('placements', placementId);
  if (!original) return unknownId(['placementId'], 'activity in a unit');
  // Who gets what was chosen for the days of that unit.
  const choices = unitId === original.unitId ? original.choices : [];
  return putAt(pen, where, {
    ...original,
    id,
    version: 0,
    unitId,
    pinned: false,
    choices,
    leadId: unitId === original.unitId ? original.leadId : null,
    outSince,
  });
}

/** Puts something that is placed somewhere else. Refused when it is not there, or would stand in for what stands in itself. */
export function move(pen: Pen, { placementId, where }: Of<'unit/move'>): Refusal | undefined {
  const placement = pen.get('placements', placementId);
  return placement ? putAt(pen, where, placement) : unknownId(['placementId'], 'activity in this unit');
}

/** Takes something out of a unit. What was to stand in for it in bad weather waits in the reserve. */
export function unplace(pen: Pen, { placementId }: Of<'unit/unplace'>): Refusal | undefined {
  if (!pen.get('placements', placementId)) return unknownId(['placementId'], 'entry');
  for (const twin of twinsOf(pen, placementId))
    pen.put('placements', { ...twin, where: { kind: 'reserve' } });
  // Who would have led it is a plan, and goes with it; what was written about it keeps it.
  for (const { id, placementId: of } of pen.all('leadings')) if (of === placementId) pen.drop('leadings', id);
  pen.drop('placements', placementId);
  return undefined;
}

/** Sets which version a child gets, or lets age and rungs decide again. */
export function chooseVersion(
  pen: Pen,
  { placementId, childId, versionId, byHand }: Of<'unit/choose-version'>,
): Refusal | undefined {
  const placement = pen.get('placements', placementId);
  if (!placement) return unknownId(['placementId'], 'activity in this unit');
  if (versionId !== null && !placement.content.versions.some((version) => version.id === versionId))
    return unknownId(['versionId'], 'version of this activity');
  const others = placement.choices.filter((choice) => choice.childId !== childId);
  const choices = byHand ? [...others, { childId, versionId }] : others;
  pen.put('placements', {
    ...placement,
    choices: choices.toSorted((a, b) => (a.childId < b.childId ? -1 : 1)),
  });
  return undefined;
}

/** Uses one supply instead of another, wherever a placement uses it. */
export function swapMaterial(
  pen: Pen,
  { placementId, supplyId, insteadId }: Of<'unit/swap-material'>,
): Refusal | undefined {
  const placement = pen.get('placements', placementId);
  if (!placement) return unknownId(['placementId'], 'activity in this unit');
  const { content } = placement;
  if (!content.materials.some((line) => line.supplyId === supplyId))
    return unknownId(['supplyId'], 'material of this activity');
  const materials = content.materials.map((line) =>
    line.supplyId === supplyId ? { ...line, supplyId: insteadId } : line,
  );
  pen.put('placements', { ...placement, content: { ...content, materials } });
  return undefined;
}

/** Keeps a finding as it is. It has one reason a unit: a second one replaces the first. */
export function keepFinding(
  pen: Pen,
  { keeping }: Of<'unit/keep-finding'>,
  { at, by }: { readonly at: string; readonly by: string },
): void {
  const known = pen
    .all('keepings')
    .find(({ unitId, key }) => unitId === keeping.unitId && key === keeping.key);
  pen.put('keepings', {
    ...keeping,
    id: known?.id ?? keeping.id,
    version: known?.version ?? 0,
    at,
    by,
  } as never);
}

/** Leaves a corner empty on purpose. A corner has one reason a unit: a second one replaces the first. */
export function leaveEmpty(pen: Pen, { omission }: Of<'unit/leave-empty'>): void {
  const { unitId, cornerId } = omission;
  const known = pen.all('omissions').find((one) => one.unitId === unitId && one.cornerId === cornerId);
  pen.put('omissions', known ? { ...known, why: omission.why } : omission);
}

// What stands in for something stands where that one does: it cannot stand in for what stands in itself.
function putAt(pen: Pen, where: Where, placement: Omit<Placement, 'where'>): Refusal | undefined {
  if (where.kind === 'twin') {
    const original = pen.get('placements', where.of);
    if (!original || original.unitId !== placement.unitId)
      return unknownId(['where', 'of'], 'activity in this unit');
    if (
      original.id === placement.id ||
      original.where.kind === 'twin' ||
      twinsOf(pen, placement.id).length > 0
    )
      return {
        reason: 'circle',
        path: ['where', 'of'],
        message: 'What stands in for something else needs nothing standing in for it',
      };
  }
  pen.put('placements', { ...placement, where });
  return undefined;
}

const twinsOf = (pen: Pen, id: Placement['id']): readonly Placement[] =>
  pen.all('placements').filter(({ where }) => where.kind === 'twin' && where.of === id);

/** The refusal of an activity that would, through others, have to come before itself. */
export function circleRefusal(pen: Pen, { id, content }: Activity): Refusal | undefined {
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

/** Puts a piece into a circle. What takes the place of another one does so for a piece of every day: chains lead nowhere. */
export function putPiece(pen: Pen, { piece }: Of<'circle/put-piece'>): Refusal | undefined {
  const { id, unitId, insteadOf } = piece;
  const other = insteadOf === null ? null : pen.get('circlePieces', insteadOf);
  if (other && (other.day !== null || other.id === id || other.unitId !== unitId))
    return {
      reason: 'leads-nowhere',
      path: ['piece', 'insteadOf'],
      message: 'Only a piece of every day of this unit can have another one in its place',
    };
  pen.put('circlePieces', piece);
  return undefined;
}
