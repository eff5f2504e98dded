import type { ChangeInput } from '@kobby/core';

/** The content of an activity as it is written down. */
export type ContentInput = Extract<ChangeInput, { type: 'library/put-activity' }>['activity']['content'];

/** The versions of an activity, to choose those that something is for. */
export const versionOptions = ({ versions }: Pick<ContentInput, 'versions'>) =>
  versions.map(({ id, fromMonths }, i) => ({
    title: `Version ${i + 1}, from ${fromMonths} months`,
    value: id,
  }));
