import type { ChangeInput } from '@kobby/core';

/** The content of an activity as it is written down. */
export type ContentInput = Extract<ChangeInput, { type: 'library/put-activity' }>['activity']['content'];
