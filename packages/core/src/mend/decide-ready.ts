import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { ReadyTask } from '../reading/index.ts';
import type { PrepChoice } from '../unit/index.ts';

type ChoiceInput = Extract<ChangeInput, { type: 'ready/choose' }>['choice'];

/** The change that decides something about a task; what was decided before stays, and whose it is from the start. */
export const decideReady = (
  { prepChoices }: Book,
  { id, unit, personId }: Pick<ReadyTask, 'id' | 'unit' | 'personId'>,
  rest: Partial<Omit<PrepChoice, 'id' | 'version' | 'unitId'>>,
): ChangeInput => ({
  type: 'ready/choose',
  choice: {
    ...(prepChoices[id] ?? (personId ? { personId } : {})),
    id,
    unitId: unit.id,
    ...rest,
  } as ChoiceInput,
});
