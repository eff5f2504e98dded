/** Why a gesture cannot be applied at all. A closed list. */
export type RefusalReason =
  | 'unknown-id'
  | 'no-id'
  | 'exists-already'
  | 'closed-day'
  | 'leads-nowhere'
  | 'still-used'
  | 'circle'
  | 'no-minutes'
  | 'too-many';

/** A gesture that cannot be represented, with the path of the offending value in the gesture. */
export interface Refusal {
  readonly reason: RefusalReason;
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** Something with the id given is there. */
export const existsAlready = (path: readonly (string | number)[]): Refusal => ({
  reason: 'exists-already',
  path,
  message: 'There is already something with this id',
});

/** Nothing with the id given is there. */
export const unknownId = (path: readonly (string | number)[], what: string): Refusal => ({
  reason: 'unknown-id',
  path,
  message: `There is no such ${what} any more`,
});
