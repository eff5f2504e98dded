import { dayNumberSchema, kindOf, unitIdSchema, usedDayIdOf, type Entity, type Kind } from '../index.ts';
import { filledFrom, type Leaves } from './from-schema.ts';

// A day that is done has an id that is made of what it is about.
function doneDay(random: () => number): Entity {
  const [unitId, day] = [filledFrom(unitIdSchema, random), filledFrom(dayNumberSchema, random)];
  return { id: usedDayIdOf(unitId, day), version: 1, unitId, day } as Entity;
}

/** An entity of a kind with every field filled in that may be. What it refers to is made up. */
export const anyEntity = (kind: Kind, random: () => number, leaves?: Leaves): Entity =>
  kind === 'usedDays'
    ? doneDay(random)
    : (filledFrom(kindOf(kind).schema as never, random, leaves) as Entity);
