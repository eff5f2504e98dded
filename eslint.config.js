import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

const LIMITS = {
  'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
  'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
  'max-params': ['error', 6],
};

const PURE_CORE = {
  'no-restricted-globals': [
    'error',
    ...[
      'window',
      'document',
      'fetch',
      'process',
      'crypto',
      'performance',
      'setTimeout',
      'setInterval',
      'localStorage',
    ],
  ],
  'no-restricted-syntax': [
    'error',
    // Of a time that is handed in, and by Greenwich only, it may be asked.
    {
      selector: "NewExpression[callee.name='Date'][arguments.length!=1]",
      message: 'The core reads no clock: pass the day in.',
    },
    {
      selector: "MemberExpression[object.name='Date'][property.name!='parse']",
      message: 'The core reads no clock: pass the day in.',
    },
    { selector: "CallExpression[callee.name='Date']", message: 'The core reads no clock: pass the day in.' },
    {
      selector:
        'MemberExpression[property.name=/^(?:get(?:Date|Day|FullYear|Month|Hours|Minutes|Seconds|TimezoneOffset)|to(?:Locale)?(?:Date|Time)String)$/]',
      message: 'The core knows no zone of the machine: ask for a day in a zone.',
    },
    {
      selector: "MemberExpression[object.property.name='Now']",
      message: 'The core reads no clock: pass the day in.',
    },
    {
      selector: "MemberExpression[object.name='Math'][property.name='random']",
      message: 'The core has no chance.',
    },
  ],
};

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', 'coverage/', 'scripts/fixtures/'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
    // Layout is the formatter's business.
    rules: {
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/no-v-html': 'error',
      // Optional properties are typed; a missing one is undefined on purpose.
      'vue/require-default-prop': 'off',
    },
  },
  {
    rules: {
      ...LIMITS,
      'no-console': 'off',
      eqeqeq: 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'packages/core/src/testing/**'],
    rules: PURE_CORE,
  },
  {
    // Lists of data and suites of tests are long by nature.
    files: ['**/*.test.ts', 'e2e/**', 'packages/starter/src/**', 'scripts/**'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off', 'max-params': 'off' },
  },
);
