import { recordIdOf, type Book, type PlacementId, type RecordOrder, type UnitId } from '@kobby/core';

/** What was said of how something went on a day, to be said again; fine where nobody said anything yet. */
export function recordOrderOf(
  book: Book,
  unitId: UnitId,
  placementId: PlacementId,
  day: number,
): RecordOrder {
  const record = book.records[recordIdOf(placementId, day)];
  if (record) {
    const { id: _id, version: _version, by: _by, at: _at, ...said } = record;
    return said;
  }
  return {
    ...{ unitId, placementId, day, outcome: 'fine', unfinished: false, versionId: null },
    ...{ note: '', turnTook: null, children: [], test: null },
  };
}
