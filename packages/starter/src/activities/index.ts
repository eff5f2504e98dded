import { PATTERNS } from './patterns.ts';
import { SET_UPS } from './set-ups.ts';
import type { StarterActivity } from './builders.ts';

export type { StarterActivity } from './builders.ts';

/** The activities and patterns of the starter library. */
export const STARTER_ACTIVITIES: readonly StarterActivity[] = [...SET_UPS, ...PATTERNS];
