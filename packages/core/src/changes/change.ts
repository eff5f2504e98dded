import { z } from 'zod';
import type { Book } from '../book/index.ts';
import { instantSchema, type PlainDay } from '../calendar/index.ts';
import type { ChangeKind, DayProblem } from './pen/define.ts';
import { CHANGE_KINDS } from './rooms/index.ts';

type Kinds = typeof CHANGE_KINDS;
/** The name of a kind of change. */
export type ChangeType = keyof Kinds;

/** One alteration of the book, by the name of its kind, as it was read. */
export type Change = {
  [T in ChangeType]: { readonly type: T } & z.output<z.ZodObject<Kinds[T]['fields']>>;
}[ChangeType];

/** A change as it is written down before it is checked: versions may be left out, ids are plain text. */
export type ChangeInput = {
  [T in ChangeType]: { readonly type: T } & z.input<z.ZodObject<Kinds[T]['fields']>>;
}[ChangeType];

/** What the kind of a change is, for code that goes over all of them. */
export const changeKindOf = (type: ChangeType): ChangeKind<z.core.$ZodLooseShape> =>
  CHANGE_KINDS[type] as never;

const options = (Object.keys(CHANGE_KINDS) as ChangeType[]).map((type) =>
  z.object({ type: z.literal(type), ...changeKindOf(type).fields }),
);
type Option = (typeof options)[number];

/** Every way to alter the book: what its kinds are written with, told apart by `type`. */
export const changeSchema = z.discriminatedUnion(
  'type',
  options as [Option, ...Option[]],
) as unknown as z.ZodType<Change, ChangeInput> & { readonly options: readonly Option[] };

export const gestureIdSchema = z
  .string('A gesture needs an id')
  .regex(/^[A-Za-z0-9-]{8,64}$/, 'This is not the id of a gesture')
  .brand<'GestureId'>();
export type GestureId = z.infer<typeof gestureIdSchema>;

/** One act of a person: one or more changes that happen together or not at all. */
export const gestureSchema = z.object({
  id: gestureIdSchema,
  at: instantSchema,
  changes: z
    .array(changeSchema)
    .min(1, 'A gesture changes something')
    .max(2000, 'At most 2000 changes at once'),
  /** The versions that the person saw of what the changes touch, by reference key; what is not there is new. */
  bases: z.record(z.string().max(300), z.int().min(0)).default({}),
  /** The epoch of the home in which those versions were seen; what comes from before a restore stands on others. */
  epoch: z.string().max(40).optional(),
  /** The gesture that this one takes back. */
  undoes: gestureIdSchema.optional(),
});
export type Gesture = z.infer<typeof gestureSchema>;
export type GestureInput = z.input<typeof gestureSchema>;

/** What a gesture does, in a few words for the undo button and the journal: `Ramp and fan run → Blocks`. */
export function describeGesture(before: Book, gesture: Gesture): string {
  const [first] = gesture.changes as [Change, ...Change[]];
  const said = changeKindOf(first.type).says(before, first);
  const more = gesture.changes.length - 1;
  return more === 0 ? said : `${said} and ${more} more`;
}

/** What cannot be on the day on which a gesture is made. */
export const dayProblems = (gesture: Gesture, today: PlainDay): readonly DayProblem[] =>
  gesture.changes.flatMap((change, index) =>
    (changeKindOf(change.type).dayProblems?.(change, today) ?? []).map(({ path, message }) => ({
      path: ['changes', index, ...path],
      message,
    })),
  );

/** Whether a gesture forgets a child: it can neither be taken back nor be played again. */
export const forgets = (gesture: Pick<Gesture, 'changes'>): boolean =>
  gesture.changes.some((change) => change.type === 'house/forget-child');
