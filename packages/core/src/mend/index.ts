/** Mend: what would remove a finding, as changes that one press makes. */
export * from './mends.ts';
export { decideReady } from './decide-ready.ts';
export { takesAway, type Mend } from './bench.ts';
