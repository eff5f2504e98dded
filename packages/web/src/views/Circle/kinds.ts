import {
  mdiAccountMusicOutline,
  mdiBookOpenPageVariantOutline,
  mdiEarHearing,
  mdiForumOutline,
  mdiHandExtendedOutline,
  mdiHandWaveOutline,
  mdiMagnify,
  mdiMusicNoteOutline,
  mdiRadio,
  mdiWeatherNight,
} from '@mdi/js';
import type { CirclePiece, PieceEnergy } from '@kobby/core';

/** The glyph of each kind of piece. */
export const PIECE_GLYPHS: Readonly<Record<CirclePiece['kind'], string>> = {
  welcome: mdiHandWaveOutline,
  attention: mdiEarHearing,
  talk: mdiForumOutline,
  song: mdiMusicNoteOutline,
  'finger-play': mdiHandExtendedOutline,
  story: mdiBookOpenPageVariantOutline,
  'find-and-move': mdiMagnify,
  moving: mdiAccountMusicOutline,
  recorded: mdiRadio,
  close: mdiWeatherNight,
};

/** Levels of the energy curve, from the floor up. */
export const ENERGY_LEVELS: Readonly<Record<PieceEnergy, number>> = { calm: 1, middling: 2, lively: 3 };
