import { z } from 'zod';

/** One field that is wrong: where it stands and what to do about it. */
export const fieldProblemSchema = z.object({
  path: z.array(z.union([z.string(), z.number()])),
  message: z.string(),
});
export type FieldProblem = z.infer<typeof fieldProblemSchema>;

/** What can go wrong on the wire, as the last part of a problem's type. A closed list with its HTTP status. */
export const PROBLEM_STATUS = {
  'not-json': 400,
  'sign-in-needed': 401,
  'wrong-pass-phrase': 401,
  'link-locked': 401,
  'not-from-here': 403,
  'wrong-name': 421,
  'not-found': 404,
  'wrong-method': 405,
  'already-set-up': 409,
  clash: 409,
  'id-reused': 409,
  'take-a-snapshot': 409,
  'link-revoked': 410,
  'link-expired': 410,
  'too-large': 413,
  'wrong-fields': 422,
  'wrong-file': 422,
  refused: 422,
  'too-many-attempts': 429,
  'too-much': 429,
  'our-mistake': 500,
  'being-restored': 503,
} as const;
export type ProblemKind = keyof typeof PROBLEM_STATUS;

/** A problem by RFC 9457: `application/problem+json`, with a path for each field that is wrong. */
export const problemSchema = z.looseObject({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  errors: z.array(fieldProblemSchema),
});
export type Problem = z.infer<typeof problemSchema>;

const TITLES: Record<ProblemKind, string> = {
  'not-json': 'The request is not JSON',
  'sign-in-needed': 'Sign in first',
  'wrong-pass-phrase': 'That is not it',
  'link-locked': 'This link asks for a pass-phrase',
  'not-from-here': 'The request comes from another site',
  'wrong-name': 'This is not the address of Kobby',
  'not-found': 'There is nothing here',
  'wrong-method': 'This cannot be done here',
  'already-set-up': 'This home is set up already',
  clash: 'Somebody changed the same thing meanwhile',
  'id-reused': 'This id was used for something else',
  'take-a-snapshot': 'Too much has happened since',
  'link-revoked': 'This link was taken back',
  'link-expired': 'This link has run out',
  'too-large': 'The request is too large',
  'wrong-fields': 'Something in it is not right',
  'wrong-file': 'This file cannot be kept',
  refused: 'This cannot be done',
  'too-many-attempts': 'Too many attempts',
  'too-much': 'Too much at once',
  'our-mistake': 'Something went wrong in Kobby',
  'being-restored': 'The home is being restored',
};

/** Makes a problem of a kind. `detail` says what happened and what was kept, in plain words. */
export const problem = (
  kind: ProblemKind,
  detail: string,
  errors: readonly FieldProblem[] = [],
): Problem => ({
  type: `urn:kobby:problem:${kind}`,
  title: TITLES[kind],
  status: PROBLEM_STATUS[kind],
  detail,
  errors: [...errors],
});

/** Whether a problem is of a kind. */
export const isProblemOf = (p: Problem, kind: ProblemKind): boolean => p.type === `urn:kobby:problem:${kind}`;

/** The fields that a schema found wrong, with their paths; unions name the branch that was meant. */
export function fieldProblems(error: z.ZodError, under: readonly (string | number)[] = []): FieldProblem[] {
  return error.issues.flatMap((issue) => issueProblems(issue, under));
}

function issueProblems(issue: z.core.$ZodIssue, under: readonly (string | number)[]): FieldProblem[] {
  const path = [...under, ...issue.path.map((part) => (typeof part === 'number' ? part : String(part)))];
  if (issue.code === 'invalid_union' && issue.errors.length > 0) {
    // The branch with the fewest complaints is the one that was meant.
    const meant = issue.errors.reduce((best, branch) => (weight(branch) < weight(best) ? branch : best));
    return meant.flatMap((inner) => issueProblems(inner, path));
  }
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({ path: [...path, key], message: 'Kobby does not know this field' }));
  }
  return [{ path, message: plainMessage(issue) }];
}

// Schemas say in their own words what is needed; where one does not, the library's words are no help to people.
function plainMessage({ message, code }: z.core.$ZodIssue): string {
  if (message.endsWith('received undefined')) return 'This is missing';
  if (!message.startsWith('Invalid')) return message;
  if (code === 'invalid_type') return 'Something of another kind is needed here';
  return code === 'invalid_union' || code === 'invalid_value'
    ? 'Kobby does not know this kind'
    : 'This is not right';
}

const weight = (branch: readonly z.core.$ZodIssue[]): number =>
  branch.length + (branch.some((issue) => issue.path.at(-1) === 'kind') ? 100 : 0);
