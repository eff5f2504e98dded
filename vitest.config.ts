import vue from '@vitejs/plugin-vue';
import { defineConfig, type TestProjectInlineConfiguration } from 'vitest/config';

/** What is pure needs no room of its own: its tests share their workers, so that everything is loaded once a worker. */
const pure = (
  name: string,
  more: TestProjectInlineConfiguration['test'] = {},
): TestProjectInlineConfiguration => ({
  extends: true,
  test: {
    name,
    include: [`packages/${name}/src/**/*.test.ts`],
    setupFiles: ['packages/core/src/testing/setup.ts'],
    pool: 'threads',
    isolate: false,
    ...more,
  },
});

const web = (name: string, more: TestProjectInlineConfiguration['test']): TestProjectInlineConfiguration => ({
  extends: true,
  plugins: [vue()],
  test: {
    name,
    setupFiles: ['packages/core/src/testing/setup.ts', 'packages/web/src/testing/setup.ts'],
    server: { deps: { inline: ['vuetify'] } },
    ...more,
  },
});

export default defineConfig({
  test: {
    maxWorkers: 2,
    // A busy machine is no reason to fail.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    projects: [
      pure('core'),
      pure('starter'),
      pure('words'),
      pure('pictures'),
      pure('server', { globalSetup: ['packages/server/src/testing/made-once.ts'] }),
      web('web', { include: ['packages/web/src/{parts,theme,views}/**/*.test.ts'], isolate: false }),
      // What keeps something beyond a page is a single one of its kind: each file begins with none.
      web('web state', { include: ['packages/web/src/state/**/*.test.ts'] }),
      {
        extends: true,
        // They start whole programs, compilers among them.
        test: { name: 'scripts', include: ['scripts/*.test.ts'] },
      },
    ],
  },
});
