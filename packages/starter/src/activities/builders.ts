import type { ActivityMode, ChangeInput, ContentCount, CornerKind, SkillId } from '@kobby/core';

type Content = Extract<ChangeInput, { type: 'library/put-activity' }>['activity']['content'];

/** `[from months, until months or null, what the child does, what to say, word: what it means]` */
type VersionLine = readonly [number, number | null, string, string, string?];
type For = 'child' | 'adult' | 'all' | 'run' | number;
/** `[supply, amount in its unit, for whom (a number is a group), how often, spares or how it is counted, for which versions]` */
type MaterialLine = readonly [
  string,
  number,
  For,
  'day' | 'span',
  ('for-breakage' | 'none' | Counted)?,
  string?,
];
type Counted = Exclude<ContentCount, 'once'>;
type Prep = NonNullable<Content['prep']>[number];
/** `[what is made ready, minutes, hours before at least, waits for hours, in which place, what else is said]` */
type PrepLine = readonly [string, number, number?, number?, Prep['waitsIn']?, Partial<Prep>?];

/** An activity of the starter library. */
export interface StarterActivity {
  readonly id: string;
  readonly content: Content;
}

/** What is said about an activity beyond its title, skills and versions. Steps begin with `Adult:` or `Child:`. */
export type Rest = Omit<Partial<Content>, 'materials' | 'steps' | 'prep' | 'versions'> & {
  readonly materials?: readonly MaterialLine[];
  /** Things that come along in case something spills. */
  readonly spills?: readonly string[];
  readonly steps?: readonly string[];
  readonly prep?: readonly PrepLine[];
};

/** A set-up that stays out in a corner. */
export function setUp(
  id: string,
  kind: CornerKind,
  title: string,
  summary: string,
  skills: readonly SkillId[],
  versions: readonly VersionLine[],
  rest: Rest = {},
): StarterActivity {
  return { id, content: contentOf('open-corner', [kind], { title, summary, skills, versions }, rest) };
}

/** The arguments of {@link setUp}, which all builders take. */
type Args = Parameters<typeof setUp>;

const inMode =
  (mode: ActivityMode) =>
  (...args: Args): StarterActivity => {
    const { id, content } = setUp(...args);
    return { id, content: { ...content, mode } };
  };

export const forAll = inMode('whole-group');
export const forFew = inMode('small-group');

function contentOf(
  mode: ActivityMode,
  cornerKinds: readonly CornerKind[],
  main: {
    readonly title: string;
    readonly summary: string;
    readonly skills: readonly SkillId[];
    readonly versions: readonly VersionLine[];
  },
  { materials = [], spills = [], steps = [], prep = [], ...rest }: Rest,
): Content {
  return {
    title: main.title,
    mode,
    summary: main.summary,
    cornerKinds: [...cornerKinds],
    skills: [...main.skills],
    versions: main.versions.map(([fromMonths, untilMonths, does, say, word = ''], i) => ({
      id: `v${i + 1}`,
      fromMonths,
      untilMonths,
      does,
      say,
      word,
    })),
    materials: [...materials.map(materialOf), ...spills.map(spillOf)],
    steps: steps.map(stepOf),
    prep: prep.map(([text, minutes, leadHours = 0, waitHours = 0, waitsIn = null, besides = {}], i) => ({
      id: `p${i + 1}`,
      text,
      minutes,
      leadHours,
      waitHours,
      waitsIn,
      ...besides,
    })),
    cleanUpMinutes: 5,
    atOnce: null,
    source: 'Kobby starter library',
    ...rest,
  };
}

function materialOf([
  supplyId,
  amount,
  who,
  every,
  how = 'none',
  versions = '',
]: MaterialLine): Content['materials'][number] {
  const isSpare = how === 'for-breakage' || how === 'none';
  return {
    supplyId,
    amount,
    for: typeof who === 'number' ? { kind: 'group-of', size: who } : { kind: who },
    every,
    spare: isSpare ? how : 'none',
    times: isSpare ? 'once' : how,
    versionIds: versions.split(' ').filter(Boolean) as never,
  };
}

const spillOf = (supplyId: string): Content['materials'][number] => ({
  supplyId,
  amount: 1,
  for: { kind: 'all' },
  every: 'day',
  spare: 'none',
  spill: true,
});

function stepOf(line: string): Content['steps'][number] {
  const [, owner, text] = /^(Adult|Child): (.*)$/s.exec(line) ?? [];
  return owner ? { text: text!, owner: owner === 'Adult' ? 'adult' : 'child' } : { text: line };
}
