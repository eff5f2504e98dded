import {
  AREAS,
  headingKey,
  headingsOf,
  homeOf,
  LENSES,
  SKILLS_BY_AREA,
  skillName,
  areaOf,
  type Book,
  type LensId,
  type SkillId,
} from '@kobby/core';
import type { Option } from './options.ts';

/** The skills to choose from, by area, each area's own ones of the home after those that ship. */
export const skillOptions = (book: Book): readonly Option[] => {
  const own = homeOf(book).ownSkills;
  return AREAS.flatMap((area) =>
    [...(SKILLS_BY_AREA[area] as readonly SkillId[]), ...own.filter((skill) => areaOf(skill) === area)].map(
      (skill) => ({ title: `${area}: ${skillName(skill)}`, value: skill as string }),
    ),
  );
};

/** The headings of all ways to look at balance; the home's own once. */
export const headingOptions = (book: Book): readonly Option[] => {
  const { ownHeadings } = homeOf(book);
  const all = (Object.keys(LENSES) as LensId[]).flatMap((lens) =>
    headingsOf(lens, ownHeadings).map(({ id, name }) => ({
      title: id.startsWith('own:') ? name : `${LENSES[lens].name.replace('By ', '')}: ${name}`,
      value: headingKey(lens, id),
    })),
  );
  return [...new Map(all.map((one) => [one.value, one])).values()];
};
