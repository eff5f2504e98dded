import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  test: {
    include: ['packages/*/src/**/*.test.ts', 'scripts/*.test.ts'],
    setupFiles: ['packages/core/src/testing/setup.ts'],
    server: { deps: { inline: ['vuetify'] } },
    testTimeout: 60_000,
  },
});
