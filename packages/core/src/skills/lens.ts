import { z } from 'zod';
import { idSchema, lineSchema } from '../measure/index.ts';
import { areaOf, skillIdSchema, type Area, type SkillId } from './skills.ts';

interface Heading {
  readonly name: string;
  readonly from: readonly (Area | SkillId)[];
  /** What the areas above would bring along and this heading does not take. */
  readonly without?: readonly SkillId[];
}

/** The lenses through which a unit can be looked at, each with its headings; `corners` has the places themselves. */
export const LENSES = {
  corners: { name: 'By learning centre', headings: {} },
  subjects: {
    name: 'By school subject',
    headings: {
      literacy: { name: 'Literacy', from: ['language', 'print'] },
      mathematics: { name: 'Mathematics', from: ['number'] },
      science: { name: 'Science and nature', from: ['world'], without: ['places-and-people'] },
      'social-studies': { name: 'Social studies', from: ['places-and-people', 'people'] },
      art: { name: 'Art', from: ['art', 'colour'] },
      'music-and-movement': { name: 'Music and movement', from: ['music', 'body'] },
      'life-skills': { name: 'Life skills', from: ['self', 'hands'] },
    },
  },
  'individual-work': {
    name: 'By individual work',
    headings: {
      'practical-life': { name: 'Practical life', from: ['self', 'pouring-and-scooping'] },
      senses: { name: 'Senses', from: ['senses'] },
      language: { name: 'Language', from: ['language', 'print'] },
      mathematics: { name: 'Mathematics', from: ['number'] },
      'the-world': { name: 'The world', from: ['world', 'art', 'music'] },
      movement: { name: 'Movement', from: ['body', 'hands'] },
    },
  },
  development: {
    name: 'By development',
    headings: {
      physical: { name: 'Physical', from: ['hands', 'body'] },
      language: { name: 'Language', from: ['language', 'print'] },
      thinking: { name: 'Thinking', from: ['number', 'world', 'senses'] },
      'social-and-emotional': { name: 'Social and emotional', from: ['people', 'self'] },
      creative: { name: 'Creative', from: ['art', 'music'] },
    },
  },
} as const satisfies Record<
  string,
  { readonly name: string; readonly headings: Readonly<Record<string, Heading>> }
>;
export type LensId = keyof typeof LENSES;
export const lensSchema = z.enum(
  Object.keys(LENSES) as [LensId, ...LensId[]],
  'Choose one of the ways to look at balance',
);

/** A heading of the home's own, such as faith or a heritage language, with the skills that count for it. */
export const ownHeadingSchema = z.object({
  id: idSchema,
  name: lineSchema,
  skills: z.array(skillIdSchema).max(60).default([]),
});
export type OwnHeading = z.infer<typeof ownHeadingSchema>;

/** The headings of a lens in their order, the home's own after them. Empty for the corners lens without own ones. */
export const headingsOf = (
  lens: LensId,
  own: readonly OwnHeading[],
): readonly { readonly id: string; readonly name: string }[] => [
  ...Object.entries<Heading>(LENSES[lens].headings).map(([id, { name }]) => ({ id, name })),
  ...own.map(({ id, name }) => ({ id: `own:${id}`, name })),
];

const counts = ({ from, without = [] }: Heading, skill: SkillId): boolean =>
  (from.includes(skill) || from.includes(areaOf(skill))) && !without.includes(skill);

/** A heading for which something counts because somebody says so: of a lens, `subjects/science`, or the home's own, `own:faith`. */
export const headingKeySchema = z
  .string('A heading is needed here')
  .regex(/^(?:[a-z-]+\/[a-z-]+|own:[\w-]{1,64})$/, 'This is not a heading');

/** The key of a heading by which it is named. */
export const headingKey = (lens: LensId, headingId: string): string =>
  headingId.startsWith('own:') ? headingId : `${lens}/${headingId}`;

/** The headings under which something counts through a lens: by its skills, and by what it is named for. */
export function headingsOfContent(
  lens: LensId,
  { skills, headings }: { readonly skills: readonly SkillId[]; readonly headings: readonly string[] },
  own: readonly OwnHeading[],
): readonly string[] {
  const bySkill = headingsFor(lens, skills, own);
  if (headings.length === 0) return bySkill;
  return headingsOf(lens, own)
    .map(({ id }) => id)
    .filter((id) => bySkill.includes(id) || headings.includes(headingKey(lens, id)));
}

/**
 * The ids of the headings for which some skills count under a lens, in the order of {@link headingsOf}. A skill
 * may count for several (what is poured counts for practical life and for movement) or, under a lens that does
 * not look at it, for none.
 */
export function headingsFor(
  lens: LensId,
  skills: readonly SkillId[],
  own: readonly OwnHeading[] = [],
): readonly string[] {
  const ofLens = Object.entries<Heading>(LENSES[lens].headings)
    .filter(([, heading]) => skills.some((skill) => counts(heading, skill)))
    .map(([id]) => id);
  const ofHome = own
    .filter((heading) => heading.skills.some((skill) => skills.includes(skill)))
    .map(({ id }) => `own:${id}`);
  return [...ofLens, ...ofHome];
}
