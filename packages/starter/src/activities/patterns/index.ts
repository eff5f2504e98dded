import { BIN_PATTERNS } from './bins.ts';
import { BLOCK_PATTERNS } from './blocks.ts';
import { STORY_PATTERNS } from './books.ts';
import { DOUGH_PATTERNS } from './dough.ts';
import { EASEL_PATTERNS } from './easel.ts';
import { FIRST_PATTERNS } from './first.ts';
import { FEW_PATTERNS } from './few.ts';
import { MORE_FEW } from './few-more.ts';
import { MORE_TOGETHER } from './together-more.ts';
import { MORE_YARD } from './yard-more.ts';
import { FLOOR_PATTERNS } from './floor.ts';
import { LIGHT_PATTERNS } from './light.ts';
import { MORE_PATTERNS } from './more.ts';
import { MUSIC_PATTERNS } from './music.ts';
import { PRETEND_PATTERNS } from './pretend.ts';
import { ROLE_PATTERNS } from './roles.ts';
import { SCIENCE_PATTERNS } from './science.ts';
import { TOGETHER_PATTERNS } from './together.ts';
import { TRAY_PATTERNS } from './trays.ts';
import { WRITING_PATTERNS } from './writing.ts';
import { YARD_PATTERNS } from './yard.ts';

/** Patterns that take any theme, by where they stand. */
export const PATTERNS_FOR_ANY = [
  ...FIRST_PATTERNS,
  ...ROLE_PATTERNS,
  ...BLOCK_PATTERNS,
  ...PRETEND_PATTERNS,
  ...BIN_PATTERNS,
  ...WRITING_PATTERNS,
  ...LIGHT_PATTERNS,
  ...DOUGH_PATTERNS,
  ...SCIENCE_PATTERNS,
  ...MUSIC_PATTERNS,
  ...EASEL_PATTERNS,
  ...STORY_PATTERNS,
  ...FLOOR_PATTERNS,
  ...TRAY_PATTERNS,
  ...YARD_PATTERNS,
  ...TOGETHER_PATTERNS,
  ...FEW_PATTERNS,
  ...MORE_PATTERNS,
  ...MORE_TOGETHER,
  ...MORE_FEW,
  ...MORE_YARD,
];
