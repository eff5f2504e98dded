import type { ActResult } from '../../state/sync.ts';
import { AREAS, SKILLS_BY_AREA, skillName, type SkillId } from '@kobby/core';
import type { Ref } from 'vue';
import type { Option } from '../../state/options.ts';

/** The skills to choose from, by area. */
export const SKILL_OPTIONS: readonly Option[] = AREAS.flatMap((area) =>
  (SKILLS_BY_AREA[area] as readonly SkillId[]).map((skill) => ({
    title: `${area}: ${skillName(skill)}`,
    value: skill as string,
  })),
);

/** Retires an entry, or brings it back, and says when the sheet can close. */
export function retireBy(
  draft: Ref<{ retired?: boolean | undefined }>,
  submit: () => ActResult,
  close: () => void,
) {
  return (retired: boolean): void => {
    draft.value.retired = retired;
    if (submit().done) close();
  };
}
