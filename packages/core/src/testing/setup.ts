import fc from 'fast-check';
import { vi } from 'vitest';

// Runs are repeatable: the same cases every time. A seed that ever fails is kept as a case of its own.
fc.configureGlobal({ seed: 20270311, numRuns: 150 });

// A busy machine is no reason to fail: what is waited for has more than the second it is given otherwise.
const PATIENCE = { timeout: 60_000, interval: 20 };
const { waitFor, waitUntil } = vi;
vi.waitFor = (what, wish) => waitFor(what, wish ?? PATIENCE);
vi.waitUntil = (what, wish) => waitUntil(what, wish ?? PATIENCE);
