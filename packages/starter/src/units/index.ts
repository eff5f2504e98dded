import { FIRST_UNITS } from './first.ts';
import { MORE_UNITS } from './more.ts';

/** Units to start from, of every style. All written for Kobby. */
export const STARTER_UNITS = [...FIRST_UNITS, ...MORE_UNITS];
