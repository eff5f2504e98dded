import fc from 'fast-check';

// Runs are repeatable: the same cases every time. A seed that ever fails is kept as a case of its own.
fc.configureGlobal({ seed: 20270311, numRuns: 150 });
