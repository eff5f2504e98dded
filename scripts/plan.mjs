// Every check there is, as steps (steps.mjs): what `npm run check`, `npm test` and CI put together.
import { join } from 'node:path';
import { findChromium, hasDriver, hasPackages, isBuilt } from './prepare.mjs';
import { ROOT } from './root.mjs';

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const script = (name, ...args) => [process.execPath, join(ROOT, 'scripts', name), ...args];
const cache = (name) => join(ROOT, 'node_modules/.cache', name);

/** What has to be there first. Steps that are done already are left out. */
export const preparing = () =>
  [
    !hasPackages() && { name: 'packages', runs: script('prepare.mjs', 'packages') },
    !hasDriver() && { name: 'driver', needs: ['packages'], runs: script('prepare.mjs', 'driver') },
  ].filter(Boolean);

/** The static checks. Each of them has a fixture that must fail (checks.test.ts). */
export const checking = () => [
  { name: 'types', needs: ['packages'], runs: [bin('vue-tsc'), '-b'] },
  {
    name: 'types of tests',
    needs: ['packages', 'types'],
    runs: [bin('tsc'), '-p', 'tsconfig.tests.json'],
  },
  {
    name: 'lint',
    needs: ['packages'],
    runs: [bin('eslint'), '.', '--max-warnings', '0', '--cache', '--cache-location', cache('eslint/')],
  },
  {
    name: 'format',
    needs: ['packages'],
    runs: [
      ...[bin('prettier'), '--check', '--log-level', 'warn'],
      ...['--cache', '--cache-location', cache('prettier/.prettier-cache'), '.'],
    ],
  },
  { name: 'imports', needs: ['packages'], runs: [bin('depcruise'), 'packages', '--config'] },
  { name: 'dead code', needs: ['packages'], runs: [bin('knip'), '--no-progress'] },
];

const vitest = (...args) => [process.execPath, join(ROOT, 'node_modules/vitest/vitest.mjs'), 'run', ...args];

// A zone on either side of Greenwich, both with a summer time. The second one sees what reads days, moments and forms.
const ZONE = 'America/Chicago';
const OTHER_ZONE = 'Pacific/Auckland';
const READS_DAYS = [
  'packages/core/src/calendar/',
  'packages/core/src/changes/planning.test.ts',
  'packages/core/src/cupboard/stock.test.ts',
  'packages/core/src/formats/',
  'packages/core/src/house/',
  'packages/core/src/reading/forecast/',
  'packages/core/src/reading/house/',
  'packages/core/src/reading/order/',
  'packages/core/src/reading/processes/',
  'packages/core/src/reading/answers/',
  'packages/core/src/reading/readiness/',
  'packages/core/src/reading/room/',
  'packages/core/src/sheets/',
  'packages/server/src/routes/access.test.ts',
  'packages/server/src/routes/outbox.test.ts',
  'packages/web/src/parts/fields/',
  'packages/web/src/state/phone-copy.test.ts',
  'packages/web/src/views/Today/',
];

/** Just some unit tests. */
export const unitTestsOf = (files) => ({
  name: 'unit tests',
  needs: ['packages', 'driver'],
  runs: vitest(...files),
  env: { TZ: ZONE },
  alone: true,
  shows: true,
});

/** The unit tests, a step a package. */
export const unitTesting = () => {
  const step = (project, needs) => ({
    name: `unit tests of ${project}`,
    needs,
    runs: vitest('--project', `${project}*`, '--maxWorkers', '1'),
    env: { TZ: ZONE },
  });
  return [
    step('web', ['packages']),
    step('core', ['packages']),
    step('server', ['packages', 'driver']),
    step('scripts', ['packages']),
    step('starter', ['packages']),
    step('words', ['packages']),
    step('pictures', ['packages']),
    {
      name: 'unit tests in another zone',
      needs: ['packages', 'driver'],
      runs: vitest('--maxWorkers', '1', ...READS_DAYS),
      env: { TZ: OTHER_ZONE },
    },
  ];
};

/** The stories in a real browser, two at a time. With paths, only those. */
export const storyTesting = (only = []) =>
  [
    !findChromium() && { name: 'browser', runs: script('prepare.mjs', 'browser') },
    !isBuilt() && { name: 'build', needs: ['packages'], runs: script('build.mjs') },
    {
      name: 'stories',
      needs: ['packages', 'driver', 'browser', 'build'],
      runs: vitest('--config', 'e2e/vitest.config.ts', ...only),
      env: { TZ: ZONE },
      alone: true,
      shows: true,
    },
  ].filter(Boolean);
