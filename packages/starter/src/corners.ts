import type { CornerKind } from '@kobby/core';

/** A learning centre of the starter shelf. */
export interface StarterCorner {
  readonly id: string;
  readonly name: string;
  readonly kind: CornerKind;
  readonly outdoors: boolean;
  readonly places: number;
  readonly expected: boolean;
}

const corner = (name: string, kind: CornerKind, places: number, expected = true): StarterCorner => ({
  id: `corner-${kind}`,
  name,
  kind,
  outdoors: kind === 'outdoors',
  places,
  expected,
});

/** The fourteen corners of the starter shelf, in its order. */
export const STARTER_CORNERS: readonly StarterCorner[] = [
  corner('Blocks', 'blocks', 4),
  corner('Pretend play', 'pretend-play', 4),
  corner('Sensory bin', 'sensory-bin', 2),
  corner('Writing', 'writing', 3),
  corner('Light table', 'light-table', 3, false),
  corner('Dough', 'dough', 4),
  corner('Science', 'science', 4),
  corner('Music', 'music', 6),
  corner('Easel', 'easel', 2),
  corner('Books', 'books', 4),
  corner('Table trays', 'table-trays', 4),
  corner('Floor games', 'floor-games', 8),
  corner('Felt board', 'felt-board', 4),
  corner('Outdoors', 'outdoors', 12),
];
