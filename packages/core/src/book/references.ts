import { HOME_ID, type Home } from '../house/index.ts';
import type { ActivityContent } from '../library/index.ts';
import type { Where } from '../unit/index.ts';
import type { WatchStage } from '../watch/index.ts';
import type { Book, Entity, EntityOf, EntityRef, Kind } from './book.ts';

/** A reference that an entity holds, with the path at which it stands in it. */
export interface HeldReference {
  readonly path: readonly (string | number)[];
  readonly target: EntityRef;
}

type ReferencesOf = { readonly [K in Kind]?: (entity: EntityOf<K>) => readonly HeldReference[] };

const held = (kind: Kind, id: string, ...path: (string | number)[]): HeldReference => ({
  path,
  target: { kind, id },
});

const ofContent = ({
  materials,
  comesAfter,
  sheetIds,
  copies,
}: ActivityContent): readonly HeldReference[] => [
  ...materials.map((line, i) => held('supplies', line.supplyId, 'content', 'materials', i, 'supplyId')),
  ...comesAfter.map((one, i) => held('activities', one.activityId, 'content', 'comesAfter', i, 'activityId')),
  ...sheetIds.map((id, i) => held('sheets', id, 'content', 'sheetIds', i)),
  ...copies.map(({ sheetId }, i) => held('sheets', sheetId, 'content', 'copies', i, 'sheetId')),
];

function ofWhere(where: Where): readonly HeldReference[] {
  if (where.kind === 'corner') return [held('corners', where.cornerId, 'where', 'cornerId')];
  if (where.kind === 'bin') return [held('children', where.childId, 'where', 'childId')];
  return where.kind === 'twin' ? [held('placements', where.of, 'where', 'of')] : [];
}

const ofTask = (unitId: string, personId: string | null): readonly HeldReference[] => [
  held('units', unitId, 'unitId'),
  ...(personId === null ? [] : [held('people', personId, 'personId')]),
];

const ofStages = (stages: readonly WatchStage[]): readonly HeldReference[] =>
  stages.flatMap(({ supplies }, i) =>
    supplies.map(({ supplyId }, j) => held('supplies', supplyId, 'stages', i, 'supplies', j, 'supplyId')),
  );

// The one table of what refers to what; storage mirrors it with foreign keys, and a test compares the two.
const REFERENCES: ReferencesOf = {
  absences: (absence) => [held('children', absence.childId, 'childId')],
  extras: (extra) => [held('children', extra.childId, 'childId')],
  prepTimes: ({ personId }) => (personId === null ? [] : [held('people', personId, 'personId')]),
  stockMoves: (move) => [held('supplies', move.supplyId, 'supplyId')],
  wishes: (wish) => (wish.supplyId === null ? [] : [held('supplies', wish.supplyId, 'supplyId')]),
  corners: (corner) => [
    ...(corner.sharesTableWith === null ? [] : [held('corners', corner.sharesTableWith, 'sharesTableWith')]),
    ...corner.standingKit.map((one, i) => held('supplies', one.supplyId, 'standingKit', i, 'supplyId')),
  ],
  activities: (activity) => ofContent(activity.content),
  recipes: (recipe) => [
    ...(recipe.makesId === null ? [] : [held('supplies', recipe.makesId, 'makesId')]),
    ...recipe.ingredients.map((one, i) => held('supplies', one.supplyId, 'ingredients', i, 'supplyId')),
    ...recipe.swaps.flatMap((swap, i) => [
      held('supplies', swap.supplyId, 'swaps', i, 'supplyId'),
      ...(swap.insteadId === null ? [] : [held('supplies', swap.insteadId, 'swaps', i, 'insteadId')]),
      ...swap.also.map((one, j) => held('supplies', one.supplyId, 'swaps', i, 'also', j, 'supplyId')),
    ]),
  ],
  songs: (song) =>
    song.props.flatMap((prop, i) =>
      prop.supplyId === null ? [] : [held('supplies', prop.supplyId, 'props', i, 'supplyId')],
    ),
  readyUnits: (ready) => [
    ...ready.bookIds.map((id, i) => held('bookTitles', id, 'bookIds', i)),
    ...ready.placements.map(({ activityId }, i) =>
      held('activities', activityId, 'placements', i, 'activityId'),
    ),
    ...ready.lines.flatMap(({ bookId }, i) =>
      bookId === null ? [] : [held('bookTitles', bookId, 'lines', i, 'bookId')],
    ),
  ],
  units: (unit) => unit.bookIds.map((id, i) => held('bookTitles', id, 'bookIds', i)),
  things: (thing) => [held('units', thing.unitId, 'unitId')],
  events: (event) => [held('units', event.unitId, 'unitId')],
  dayLines: (line) => [
    held('units', line.unitId, 'unitId'),
    ...(line.bookId === null ? [] : [held('bookTitles', line.bookId, 'bookId')]),
  ],
  circlePieces: ({ unitId, songId, bookId, insteadOf }) => [
    held('units', unitId, 'unitId'),
    ...(songId === null ? [] : [held('songs', songId, 'songId')]),
    ...(bookId === null ? [] : [held('bookTitles', bookId, 'bookId')]),
    ...(insteadOf === null ? [] : [held('circlePieces', insteadOf, 'insteadOf')]),
  ],
  omissions: (omission) => [
    held('units', omission.unitId, 'unitId'),
    held('corners', omission.cornerId, 'cornerId'),
  ],
  placements: (placement) => [
    held('units', placement.unitId, 'unitId'),
    held('activities', placement.originId, 'originId'),
    ...ofWhere(placement.where),
    ...(placement.bin === null
      ? []
      : [
          held('supplies', placement.bin.tubId, 'bin', 'tubId'),
          held('supplies', placement.bin.fillerId, 'bin', 'fillerId'),
        ]),
    ...(placement.leadId === null ? [] : [held('people', placement.leadId, 'leadId')]),
    ...placement.choices.map(({ childId }, i) => held('children', childId, 'choices', i, 'childId')),
    ...ofContent(placement.content),
  ],
  keepings: (keeping) => [held('units', keeping.unitId, 'unitId')],
  prepChoices: ({ unitId, personId }) => ofTask(unitId, personId),
  ownTasks: ({ unitId, personId }) => ofTask(unitId, personId),
  prepPlans: ({ unitId }) => [held('units', unitId, 'unitId')],
  prepMarks: ({ unitId }) => [held('units', unitId, 'unitId')],
  watchPatterns: ({ stages }) => ofStages(stages),
  observations: ({ unitId, stages }) => [held('units', unitId, 'unitId'), ...ofStages(stages)],
  sightings: ({ observationId }) => [held('observations', observationId, 'observationId')],
  errands: (errand) => [
    held('units', errand.unitId, 'unitId'),
    held('supplies', errand.supplyId, 'supplyId'),
  ],
  pickups: (pickup) => [
    held('units', pickup.unitId, 'unitId'),
    held('supplies', pickup.supplyId, 'supplyId'),
  ],
  circleRecords: ({ unitId }) => [held('units', unitId, 'unitId')],
  usedDays: (used) => [held('units', used.unitId, 'unitId')],
  batches: (batch) => [
    held('recipes', batch.recipeId, 'recipeId'),
    ...batch.own.map((one, i) => held('supplies', one.supplyId, 'own', i, 'supplyId')),
  ],
  timers: ({ recipeId, shareId }) => [
    ...(recipeId === null ? [] : [held('recipes', recipeId, 'recipeId')]),
    ...(shareId === null ? [] : [held('shares', shareId, 'shareId')]),
  ],
  ticks: (tick) => [
    held('placements', tick.placementId, 'placementId'),
    ...(tick.supplyId === null ? [] : [held('supplies', tick.supplyId, 'supplyId')]),
  ],
  shares: ({ unitId, personId }) => ofTask(unitId, personId),
  leadings: ({ unitId, placementId, groups }) => [
    held('units', unitId, 'unitId'),
    held('placements', placementId, 'placementId'),
    ...groups.flatMap(({ personId, childIds }, i) => [
      held('people', personId, 'groups', i, 'personId'),
      ...childIds.map((id, j) => held('children', id, 'groups', i, 'childIds', j)),
    ]),
  ],
  letters: ({ unitId }) => [held('units', unitId, 'unitId')],
  arrivals: ({ childId }) => [held('children', childId, 'childId')],
  records: ({ unitId, placementId, children, test }) => [
    held('units', unitId, 'unitId'),
    held('placements', placementId, 'placementId'),
    ...children.map(({ childId }, i) => held('children', childId, 'children', i, 'childId')),
    ...(test?.guesses ?? []).map(({ childId }, i) =>
      held('children', childId, 'test', 'guesses', i, 'childId'),
    ),
  ],
  notes: ({ unitId, placementId, shareId }) => [
    held('units', unitId, 'unitId'),
    ...(placementId === null ? [] : [held('placements', placementId, 'placementId')]),
    ...(shareId === null ? [] : [held('shares', shareId, 'shareId')]),
  ],
  keepsakes: ({ placementId, childId }) => [
    held('placements', placementId, 'placementId'),
    held('children', childId, 'childId'),
  ],
};

/** The references that an entity holds. */
export const referencesOf = <K extends Kind>(kind: K, entity: EntityOf<K>): readonly HeldReference[] =>
  REFERENCES[kind]?.(entity) ?? [];

/** A reference to nothing in an entity of the book; null when all of them lead somewhere. */
export function brokenReference(book: Book, kind: Kind, entity: Entity): HeldReference | null {
  const broken = referencesOf(kind, entity as never).find(({ target }) => !book[target.kind][target.id]);
  if (broken) return broken;
  return brokenBlock(book, kind, entity);
}

// Blocks are part of the home, not entities of their own.
function brokenBlock(book: Book, kind: Kind, entity: Entity): HeldReference | null {
  const at = blockIn(kind, entity);
  if (at === null) return null;
  const home = book.homes[HOME_ID] as Home | undefined;
  const known = home?.blocks.some((block) => block.id === at.target.id) ?? false;
  return known ? null : at;
}

function blockIn(kind: Kind, entity: Entity): HeldReference | null {
  if (kind === 'placements') {
    const { where } = entity as EntityOf<'placements'>;
    return where.kind === 'day' ? held('homes', where.blockId, 'where', 'blockId') : null;
  }
  if (kind === 'circlePieces' || kind === 'circleRecords') {
    const { blockId } = entity as EntityOf<'circlePieces' | 'circleRecords'>;
    return held('homes', blockId, 'blockId');
  }
  if (kind !== 'dayLines') return null;
  const { blockId } = entity as EntityOf<'dayLines'>;
  return blockId === null ? null : held('homes', blockId, 'blockId');
}

/** The first entity found that refers to the one given, itself excepted; null when nothing does. */
export function referrerTo(book: Book, ref: EntityRef): EntityRef | null {
  for (const kind of Object.keys(REFERENCES) as Kind[]) {
    for (const entity of Object.values(book[kind]) as Entity[]) {
      if (kind === ref.kind && entity.id === ref.id) continue;
      const refers = referencesOf(kind, entity as never).some(
        ({ target }) => target.kind === ref.kind && target.id === ref.id,
      );
      if (refers) return { kind, id: entity.id };
    }
  }
  return null;
}
