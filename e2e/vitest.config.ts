import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    root: import.meta.dirname,
    include: ['**/*.e2e.ts'],
    globalSetup: ['support/made-once.ts'],
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // Two stories at a time, each with a server and a browser of its own.
    maxWorkers: 2,
  },
});
