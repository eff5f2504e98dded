import { PATTERNS_FOR_ANY } from './patterns/index.ts';
import { PICTURES } from './pictures.ts';
import { SET_UPS } from './set-ups.ts';
import type { StarterActivity } from './builders.ts';

export type { StarterActivity } from './builders.ts';

/** The activities and patterns of the starter library. */
export const STARTER_ACTIVITIES: readonly StarterActivity[] = [...SET_UPS, ...PATTERNS_FOR_ANY].map(
  ({ id, content }) => {
    const picture = PICTURES[id];
    return picture
      ? { id, content: { ...content, picture: { from: 'kobby', id: picture } } }
      : { id, content };
  },
);
