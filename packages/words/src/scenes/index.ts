import { IDEAS } from './ideas.ts';
import { MORE } from './more.ts';
import { NATURE } from './nature.ts';
import { PLACES } from './places.ts';
import { readScenes, type Scene } from './scene.ts';
import { TRAVEL } from './travel.ts';
import { WORK } from './work.ts';

export type { Scene, SceneThing } from './scene.ts';

/** The themes that were written for Kobby, each with what belongs to it. */
export const scenes: readonly Scene[] = [PLACES, TRAVEL, WORK, NATURE, IDEAS, MORE].flatMap(readScenes);
