import { z } from 'zod';

/** The skills that an activity can name, by the area that each belongs to. A closed list. */
export const SKILLS_BY_AREA = {
  language: ['listening', 'naming', 'new-words', 'talking-in-sentences', 'telling-a-story', 'signing'],
  print: ['handling-books', 'making-marks', 'letters', 'letter-sounds', 'name-writing', 'reading-words'],
  number: ['counting', 'numerals', 'comparing-size', 'shapes', 'patterns', 'measuring', 'adding-and-taking'],
  world: [
    'observing',
    'sorting-kinds',
    'cause-and-effect',
    'guess-and-test',
    'living-things',
    'places-and-people',
    'time-and-order',
  ],
  senses: ['touch', 'looking-closely', 'sound', 'smell-and-taste', 'colour'],
  hands: [
    'grasp-and-release',
    'pinching',
    'pouring-and-scooping',
    'cutting',
    'threading',
    'fitting-and-building',
  ],
  body: ['balance', 'running-and-jumping', 'throwing-and-catching', 'crawling-and-climbing', 'dancing'],
  art: ['painting', 'gluing', 'modelling', 'drawing', 'own-idea'],
  music: ['singing', 'beat', 'instruments', 'moving-to-music'],
  people: ['taking-turns', 'feelings', 'pretending', 'helping'],
  self: ['dressing', 'washing', 'tidying', 'preparing-food', 'choosing', 'waiting', 'concentrating'],
} as const;
export type Area = keyof typeof SKILLS_BY_AREA;
export type SkillId = (typeof SKILLS_BY_AREA)[Area][number];

const ALL_SKILLS = Object.values(SKILLS_BY_AREA).flat() as SkillId[];
export const skillIdSchema = z.enum(ALL_SKILLS as [SkillId, ...SkillId[]], 'This is not one of the skills');

/** The areas, in the order of the table. */
export const AREAS = Object.keys(SKILLS_BY_AREA) as readonly Area[];
export const areaSchema = z.enum(AREAS as [Area, ...Area[]], 'This is not one of the areas');

const AREA_OF = new Map<SkillId, Area>(
  AREAS.flatMap((area) => SKILLS_BY_AREA[area].map((skill): [SkillId, Area] => [skill, area])),
);

/** The one area that a skill belongs to. */
export const areaOf = (skill: SkillId): Area => AREA_OF.get(skill)!;

/** A skill as people read it: `pouring and scooping`. */
export const skillName = (skill: SkillId): string => skill.replaceAll('-', ' ');
