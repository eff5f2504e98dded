import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    root: import.meta.dirname,
    include: ['**/*.e2e.ts'],
    testTimeout: 120_000,
    hookTimeout: 60_000,
    // One browser at a time: the stories share a small machine.
    fileParallelism: false,
  },
});
