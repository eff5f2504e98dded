import {
  mdiBookOpenPageVariantOutline,
  mdiBowlMixOutline,
  mdiCookieOutline,
  mdiDramaMasks,
  mdiDrawPen,
  mdiFlaskOutline,
  mdiFlowerOutline,
  mdiLightbulbOnOutline,
  mdiMusicNoteOutline,
  mdiPaletteOutline,
  mdiPuzzleOutline,
  mdiRobotHappyOutline,
  mdiShapeOutline,
  mdiStoreOutline,
  mdiToyBrickOutline,
} from '@mdi/js';
import type { CornerKind } from '@kobby/core';

/** The glyph of each kind of learning centre. */
export const CORNER_GLYPHS: Readonly<Record<CornerKind, string>> = {
  blocks: mdiToyBrickOutline,
  'pretend-play': mdiStoreOutline,
  'sensory-bin': mdiBowlMixOutline,
  'light-table': mdiLightbulbOnOutline,
  easel: mdiPaletteOutline,
  dough: mdiCookieOutline,
  writing: mdiDrawPen,
  science: mdiFlaskOutline,
  'table-trays': mdiPuzzleOutline,
  books: mdiBookOpenPageVariantOutline,
  'floor-games': mdiRobotHappyOutline,
  'felt-board': mdiDramaMasks,
  music: mdiMusicNoteOutline,
  outdoors: mdiFlowerOutline,
  other: mdiShapeOutline,
};

/** The kinds of learning centre as people call them. */
export const CORNER_KIND_NAMES: Readonly<Record<string, string>> = Object.fromEntries(
  Object.keys(CORNER_GLYPHS).map((kind) => [kind, kind.replaceAll('-', ' ')]),
);
