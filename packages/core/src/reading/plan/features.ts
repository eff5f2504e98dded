import type { ActivityContent } from '../../library/index.ts';
import { featureKey } from '../../unit/index.ts';
import { memoised } from '../ground/memo.ts';

/** What an activity shows of what a unit can feature, by {@link featureKey}: as it says, and the letter of its title. */
export const featuresShown = memoised(
  ({ features, title }: ActivityContent): ReadonlySet<string> =>
    new Set([
      ...features.letters.map((value) => featureKey({ kind: 'letter', value })),
      ...features.numbers.map((value) => featureKey({ kind: 'number', value: String(value) })),
      ...features.colours.map((value) => featureKey({ kind: 'colour', value })),
      ...features.shapes.map((value) => featureKey({ kind: 'shape', value })),
      featureKey({ kind: 'letter', value: title.charAt(0) }),
    ]),
);
