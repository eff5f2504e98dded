/** Mend: what would remove a finding, as changes that one press makes. */
export * from './mends.ts';
export { decideReady } from './decide-ready.ts';
export type { Mend } from './bench.ts';
