import js from '@eslint/js';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

/** Arrows of import between the rooms: what each may not reach. */
const outside = {
  core: [
    { group: ['@hornblende/*'], message: 'core imports nothing of ours' },
    {
      group: ['vue', 'vue/*', 'express', 'knex', 'node:*', 'fs', 'path'],
      message: 'core is pure: no interface, no server, no Node',
    },
  ],
  server: [{ group: ['@hornblende/web', '@hornblende/cli', 'vue'], message: 'server may import core only' }],
  web: [
    {
      group: ['@hornblende/server', '@hornblende/cli', 'node:*', 'express', 'knex'],
      message: 'web may import core only',
    },
  ],
  cli: [{ group: ['@hornblende/web', 'vue'], message: 'cli may import core and server only' }],
};
const rooms = Object.entries(outside).map(([room, patterns]) => ({
  files: [`packages/${room}/src/**/*.{ts,vue}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...patterns,
          { group: ['**/packages/*', '../../../*/src/*'], message: 'reach another room by its package name' },
        ],
      },
    ],
  },
}));

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.cache/**',
      'data/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/essential'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['**/*.{ts,vue}'],
    rules: {
      '@typescript-eslint/explicit-function-return-type': [
        'error',
        { allowExpressions: true, allowTypedFunctionExpressions: true },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      'vue/multi-word-component-names': 'off',
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
    },
  },
  // Time and chance belong to the callers: the same input must give the same answer.
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core takes a seeded generator' },
        { object: 'Date', property: 'now', message: 'core has no clock' },
      ],
    },
  },
  ...rooms,
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
);
