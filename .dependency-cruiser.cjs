const { join } = require('node:path');

// Imports run downwards only; each rule says what may not be imported from where.
const floors = [
  ['measure'],
  ['kind'],
  ['calendar', 'skills', 'spoken'],
  ['house', 'cupboard', 'library', 'schedule', 'choosing', 'timeline', 'verses'],
  ['unit'],
  ['watch', 'daybook', 'handover'],
  ['book'],
  ['changes', 'reading'],
  ['draft', 'arranging', 'gathering', 'jotting', 'mend', 'printshop', 'sheets', 'wire'],
  ['formats', 'lookup'],
];
// Within `reading`, the lowest first: a question asks only questions to its left. What two need is lowered.
const questions = [
  ['ground'],
  ['plan', 'stock'],
  ['circle', 'kitchen', 'went'],
  ['amounts', 'balance', 'child', 'prints'],
  ['cautions', 'changeover', 'exclusive', 'fit', 'order'],
  ['bins', 'gather', 'forecast', 'house', 'search', 'year'],
  ['readiness', 'conduct', 'spark', 'suggest'],
  ['processes'],
  ['rules'],
  ['answers'],
  ['room'],
  ['handover', 'lookback', 'sure'],
];
const CORE_ALLOWED = [
  'zod',
  'temporal-polyfill',
  'fast-deep-equal',
  'minisearch',
  'papaparse',
  'ical.js',
  'fractional-indexing',
  'fraction.js',
  'pluralize',
  'syllable',
  'ical-generator',
];
// Tests stand beside their rooms and may look at the whole.
const TESTS = '\\.test\\.ts$|/testing/';
const reading = (folders) => `^packages/core/src/reading/(${folders.join('|')})/`;
const core = (rooms) => `^packages/core/src/(${rooms.join('|')})/`;

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'known-packages-only',
      severity: 'error',
      from: {},
      // The bundler's own way to name a file of a package.
      to: { couldNotResolve: true, pathNot: '^highs/runtime\\?url$' },
    },
    ...floors.slice(0, -1).map((rooms, level) => ({
      name: `core-downwards-from-${rooms[0]}`,
      severity: 'error',
      from: { path: core(rooms), pathNot: TESTS },
      to: { path: core(floors.slice(level + 1).flat()) },
    })),
    ...questions.slice(0, -1).map((folders, level) => ({
      name: `reading-downwards-from-${folders[0]}`,
      severity: 'error',
      from: { path: reading(folders), pathNot: TESTS },
      to: { path: reading(questions.slice(level + 1).flat()) },
    })),
    {
      name: 'every-question-has-a-floor',
      severity: 'error',
      from: { path: '^packages/core/src/reading/(?!index)', pathNot: [TESTS, reading(questions.flat())] },
      to: {},
    },
    // Two questions on one floor do not ask each other: else there could be a circle of folders.
    ...questions
      .filter((folders) => folders.length > 1)
      .map((folders) => ({
        name: `reading-apart-on-the-floor-of-${folders[0]}`,
        severity: 'error',
        from: { path: reading(folders), pathNot: TESTS },
        to: { path: reading(folders), pathNot: '^packages/core/src/reading/$1/' },
      })),
    {
      name: 'changes-downwards',
      severity: 'error',
      from: { path: '^packages/core/src/changes/pen/', pathNot: TESTS },
      to: { path: '^packages/core/src/changes/(rooms/|[^/]+$)' },
    },
    {
      name: 'rooms-of-changes-apart',
      severity: 'error',
      from: { path: '^packages/core/src/changes/rooms/(?!index)', pathNot: TESTS },
      to: { path: '^packages/core/src/changes/(rooms/|[^/]+$)' },
    },
    {
      name: 'changes-and-reading-apart',
      severity: 'error',
      from: { path: core(['reading']), pathNot: TESTS },
      to: { path: core(['changes']) },
    },
    {
      name: 'changes-do-not-read',
      severity: 'error',
      from: { path: core(['changes']), pathNot: TESTS },
      to: { path: core(['reading']) },
    },
    {
      name: 'core-stays-in-core',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: TESTS },
      to: { pathNot: ['^packages/core/src', `node_modules/(${CORE_ALLOWED.join('|')})/`] },
    },
    {
      name: 'starter-knows-only-core',
      severity: 'error',
      from: { path: '^packages/starter/src' },
      to: { path: '^packages/(server|web)/' },
    },
    {
      name: 'words-know-only-core',
      severity: 'error',
      from: { path: '^packages/words/src' },
      to: { path: '^packages/(starter|server|web)/' },
    },
    {
      name: 'pictures-know-nobody',
      severity: 'error',
      from: { path: '^packages/pictures/src' },
      to: { path: '^packages/(core|starter|words|server|web)/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^packages/server/src' },
      to: { path: '^packages/web/' },
    },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^packages/web/src' },
      to: { path: '^packages/(server|starter|words)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    // The word book's build has packages of its own.
    exclude: { path: '/dist/|^packages/words/build/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: join(__dirname, 'tsconfig.base.json') },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.mts', '.js', '.mjs', '.vue', '.json'],
    },
  },
};
