import type { Block } from '../../house/index.ts';

// A home calls its blocks as it likes; what it is then is told by these words.
const MEAL = /\b(?:breakfast|lunch|dinner|supper|snack|meal|tea)\b/i;
const REST = /\b(?:nap|rest|sleep|quiet)\b/i;
const OUT = /\b(?:yard|outdoors?|outside|garden|park|playground)\b/i;
const FEW = /\b(?:groups?|few|pairs?)\b/i;

/** Whether a block is a meal, by its name. */
export const isMeal = ({ name }: Block): boolean => MEAL.test(name);
/** Whether children rest in a block, by its name: `After rest` is none. */
export const isRest = ({ name }: Block): boolean => REST.test(name) && !/\bafter\b/i.test(name);
/** Whether a block is outdoors, by its name. */
export const isOutdoors = ({ name }: Block): boolean => OUT.test(name);
/** Whether a block is meant for a few at a time, by its name. */
export const isForFew = ({ name }: Block): boolean => FEW.test(name);
