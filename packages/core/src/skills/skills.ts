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
type ShippedSkillId = (typeof SKILLS_BY_AREA)[Area][number];
/** A skill in a home's own words under an area: `number/money`. It says by itself where it belongs. */
export type OwnSkillId = `${Area}/${string}`;
export type SkillId = ShippedSkillId | OwnSkillId;

/** The areas, in the order of the table. */
export const AREAS = Object.keys(SKILLS_BY_AREA) as readonly Area[];
export const areaSchema = z.enum(AREAS as [Area, ...Area[]], 'This is not one of the areas');

const ALL_SKILLS = Object.values(SKILLS_BY_AREA).flat() as ShippedSkillId[];
/** The most letters of an own skill, its area with it. */
const MAX_OWN_SKILL = 60;
const NOT_A_SKILL = 'This is not one of the skills';
const OWN_SKILL = new RegExp(
  String.raw`^(?:${AREAS.join('|')})/[\p{Ll}\p{Lo}\d]+(?:-[\p{Ll}\p{Lo}\d]+)*$`,
  'u',
);
export const ownSkillIdSchema = z
  .string(NOT_A_SKILL)
  .max(MAX_OWN_SKILL, 'An own skill is an area and a few words')
  .regex(OWN_SKILL, 'An own skill is an area and a few words')
  .transform((id) => id as OwnSkillId);
const shippedSkillSchema = z.enum(ALL_SKILLS as [ShippedSkillId, ...ShippedSkillId[]], NOT_A_SKILL);
export const skillIdSchema = z.union([shippedSkillSchema, ownSkillIdSchema], NOT_A_SKILL);

/** The own skill that some words mean under an area; null where they say nothing that can be one. */
export function ownSkillId(area: Area, words: string): OwnSkillId | null {
  const plain = words
    .trim()
    .toLocaleLowerCase('en')
    .replaceAll(/[^\p{Ll}\p{Lo}\d]+/gu, '-')
    .replaceAll(/^-|-$/g, '');
  return ownSkillIdSchema.safeParse(`${area}/${plain}`).data ?? null;
}

const AREA_OF = new Map<SkillId, Area>(
  AREAS.flatMap((area) => SKILLS_BY_AREA[area].map((skill): [SkillId, Area] => [skill, area])),
);

/** The one area that a skill belongs to. */
export const areaOf = (skill: SkillId): Area =>
  AREA_OF.get(skill) ?? (skill.slice(0, skill.indexOf('/')) as Area);

/** A skill as people read it: `pouring and scooping`, `money` for one in own words. */
export const skillName = (skill: SkillId): string => skill.slice(skill.indexOf('/') + 1).replaceAll('-', ' ');
