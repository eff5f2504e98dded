import type { ActivityContent } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';

type Own = Pick<Placement, 'id' | 'unitId' | 'pinned' | 'where'> & { readonly content: ActivityContent };

const BLANK: Omit<Placement, keyof Own | 'shownBy'> = {
  ...{ version: 0, originVersion: 0, originId: 'stand-in' as Placement['originId'] },
  ...{ choices: [], leadId: null, bin: null, aboutId: null, outSince: null },
};

/**
 * Something of a unit that is no placement, as if it were one: so that the rules about what is placed look at it too. It is in no book,
 * and its id holds a stroke, which no id of the book does.
 */
export const standInFor = (own: Own): Placement =>
  ({
    ...BLANK,
    ...own,
    shownBy: { name: own.content.title, picture: own.content.picture },
  }) as Placement;
