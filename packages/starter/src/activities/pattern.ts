import { setUp, type Rest, type StarterActivity } from './builders.ts';
import type { ActivityMode, CornerKind, SkillId } from '@kobby/core';

type Content = StarterActivity['content'];
type Slot = NonNullable<Rest['slots']>[number];
type Version = Content['versions'][number];

/** The ages for which something truly differs, in completed months. */
const BANDS = {
  lap: [4, 9],
  steps: [9, 16],
  toddler: [16, 24],
  two: [24, 36],
  three: [36, 48],
  four: [48, 72],
  school: [72, null],
} as const;
type Band = keyof typeof BANDS;

/** What a version has besides: a word with its meaning, a sign, a true fact that is often got wrong. */
type Besides = Pick<Version, 'word' | 'sign' | 'fact'>;
/**
 * `[for whom, what the child does, what changes against the others, what to say, what else]`: `two` for an age, `two three` for one that
 * reaches from the first to the last, `sure` or `not-met` for whoever stands on that rung of the main skill.
 */
type PatternVersion = readonly [
  Band | `${Band} ${Band}` | 'sure' | 'not-met',
  string,
  string,
  string,
  Besides?,
];
/** `[too easy, too hard, too loud, it goes well when, put away]` */
type HintLine = readonly [string, string, string, string, string];

function versionOf([bands, does, changes, say, besides = {}]: PatternVersion): Version {
  if (bands === 'sure' || bands === 'not-met')
    return { id: bands, fromMonths: 24, untilMonths: null, rung: bands, does, changes, say, ...besides };
  const [first, last = first] = bands.split(' ') as [Band, Band?];
  const [fromMonths, untilMonths] = [BANDS[first][0], BANDS[last][1]];
  return { id: first, fromMonths, untilMonths, does, changes, say, ...besides };
}

const thing = (id: string, asks: string, rest: Partial<Slot> = {}): Slot => ({
  ...{ id, asks, kind: 'thing' },
  ...rest,
});
const SLOTS = {
  things: thing('things', 'What are they, many of them? (kites)', { takes: 'many' }),
  thing: thing('thing', 'And one of them? (kite)', { takes: 'one' }),
  all: thing('all', 'Which ones? (kite, reel and flag)', { takes: 'all' }),
  pair: thing('pair', 'Which two go together? (lock and key)', { takes: 'pair' }),
  parts: thing('parts', 'Which parts has one of them? (frame, tail and string)', { takes: 'parts' }),
  order: thing('order', 'In which order? (cloth, frame and kite)', { takes: 'order' }),
  kinds: thing('kinds', 'Which kinds are there? (what flies and what turns)', { takes: 'kinds' }),
  who: thing('who', 'Who works there? (driver)', { takes: 'role', role: 'who' }),
  tool: thing('tool', 'With which tool? (hammer)', { takes: 'role', role: 'tool' }),
  place: thing('place', 'Which place? (station)', { takes: 'role', role: 'place' }),
  carries: thing('carries', 'What moves or carries? (cart)', { takes: 'role', role: 'carries' }),
  material: thing('material', 'Of what is it made? (wood)', { takes: 'role', role: 'material' }),
  sound: thing('sound', 'Which sound? (whistle)', { takes: 'role', role: 'sound' }),
  word: { id: 'word', asks: 'Which word?', kind: 'word' },
  letter: { id: 'letter', asks: 'Which letter?', kind: 'letter' },
  number: { id: 'number', asks: 'Which number?', kind: 'number' },
  colour: { id: 'colour', asks: 'Which colour?', kind: 'colour' },
  shape: { id: 'shape', asks: 'Which shape?', kind: 'shape' },
} as const satisfies Record<string, Slot>;
type SlotName = keyof typeof SLOTS;

/** What is said of a pattern beyond its versions. */
interface PatternRest extends Omit<Rest, 'slots' | 'hints'> {
  /** Its slots by name; `!` for what is handled itself: a toy, a real one, whatever stands for it in the room. */
  readonly slots?: readonly (SlotName | `${SlotName}!`)[];
  readonly hints: HintLine;
}

const slotOf = (written: SlotName | `${SlotName}!`): Slot =>
  written.endsWith('!')
    ? { ...SLOTS[written.slice(0, -1) as SlotName], inHand: true }
    : SLOTS[written as SlotName];

/** A pattern with a version for every age that it truly differs for. Every text is Kobby's own. */
export const patternIn =
  (mode: ActivityMode, ...cornerKinds: readonly CornerKind[]) =>
  (
    id: string,
    title: string,
    summary: string,
    skills: readonly SkillId[],
    versions: readonly PatternVersion[],
    { slots = [], hints: [easy, hard, loud, well, away], ...rest }: PatternRest,
  ): StarterActivity => {
    const { content } = setUp(id, cornerKinds[0]!, title, summary, skills, [], {
      ...rest,
      hints: { easy, hard, loud, well, away },
      slots: slots.map(slotOf),
    });
    return {
      id,
      content: { ...content, mode, cornerKinds: [...cornerKinds], versions: versions.map(versionOf) },
    };
  };
