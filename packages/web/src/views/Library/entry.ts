import { AREAS, SKILLS_BY_AREA, skillName, type SkillId } from '@kobby/core';
import type { Option } from '../../state/options.ts';

/** The skills to choose from, by area. */
export const SKILL_OPTIONS: readonly Option[] = AREAS.flatMap((area) =>
  (SKILLS_BY_AREA[area] as readonly SkillId[]).map((skill) => ({
    title: `${area}: ${skillName(skill)}`,
    value: skill as string,
  })),
);
