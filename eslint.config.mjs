import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** What keeps the judgement free of the interface and the machine it runs on. */
const noRoomAbove = (allowed, message) => ({
  'no-restricted-imports': ['error', { patterns: [{ regex: allowed, message }] }],
  'no-restricted-globals': [
    'error',
    ...['window', 'document', 'fetch', 'process', 'Buffer', 'localStorage', 'setTimeout', 'performance'].map(
      (name) => ({
        name,
        message: 'core and contract know neither the browser nor Node.',
      }),
    ),
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Date', property: 'now', message: 'Times are passed in.' },
    { object: 'Math', property: 'random', message: 'Seeds are passed in.' },
  ],
});

export default tseslint.config(
  { ignores: ['dist/', '.threads/', 'node_modules/', 'data/', 'web/public/', '**/*.tmp.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
    rules: {
      // Every word on a screen comes from the message files, where it can be said in either English.
      'vue/no-bare-strings-in-template': [
        'error',
        {
          attributes: {
            '/.+/': [
              'title',
              'aria-label',
              'aria-placeholder',
              'aria-roledescription',
              'aria-valuetext',
              'alt',
              'placeholder',
              'label',
              'text',
            ],
          },
        },
      ],
      'vue/require-default-prop': 'off', // props are typed; a missing one is undefined and says so in its type
      'vue/define-props-destructuring': 'off',
      'vue/no-v-html': 'error',
    },
  },
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'no-empty': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test.support.ts'],
    rules: noRoomAbove(
      // Pure libraries: calendar days, how eyes see colours, square codes, tables as text, and who sits where.
      '^(?!\\.|temporal-polyfill$|culori/fn$|qrcode/lib/core/qrcode.js$|papaparse$|linear-sum-assignment$|ts-fsrs$)|(^|/)\\.\\./\\.\\./(contract|server|web|demo|e2e)/',
      'core imports only core.',
    ),
  },
  {
    files: ['contract/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: noRoomAbove('^(?!\\.|zod$)|(^|/)(server|web|demo|e2e)/', 'contract imports core and zod only.'),
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '(^|/)\\.\\./(web|e2e)/', message: 'server never imports web.' }] },
      ],
    },
  },
  {
    files: ['web/**/*.{ts,vue}'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '(^|/)\\.\\./(server|demo|e2e)/', message: 'web never imports server.' }] },
      ],
    },
  },
  {
    files: ['web/station/**/*.{ts,vue}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(\\.\\./)+(?!(\\.\\./)|contract/|core/|api/|clock/|look/|messages/|words/|station/)[a-z]+/',
              message: 'a tablet loads nothing of the teacher’s: share through api, clock, look or words.',
            },
            { regex: '(^|/)\\.\\./(server|demo|e2e)/', message: 'web never imports server.' },
          ],
        },
      ],
    },
  },
  prettier,
);
