import type { SongInput } from './builder.ts';
import { CLOSING_SONGS } from './closing.ts';
import { COUNTING_SONGS } from './counting.ts';
import { LAP_SONGS } from './laps.ts';
import { LOOKING_SONGS } from './looking.ts';
import { MOVING_SONGS } from './moving.ts';
import { SHAPED_SONGS } from './shapes.ts';
import { WELCOME_SONGS } from './welcome.ts';

/** Songs, chants and finger plays of the starter library. Every verse was written for Kobby. */
export const STARTER_SONGS: readonly SongInput[] = [
  ...WELCOME_SONGS,
  ...COUNTING_SONGS,
  ...LOOKING_SONGS,
  ...MOVING_SONGS,
  ...CLOSING_SONGS,
  ...SHAPED_SONGS,
  ...LAP_SONGS,
];
