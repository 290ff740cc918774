import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import jsdoc from 'eslint-plugin-jsdoc';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

/** Longest line of source; Prettier breaks code at 110, and what it cannot break (sentences) is broken by hand. */
const LONGEST_LINE = 120;

/** Forms of writing that do not read aloud. */
const unreadable = [
  {
    selector: 'AssignmentExpression[left.type=ArrayPattern][right.type=ArrayExpression]',
    message: 'assign one thing a line, not arrays to arrays',
  },
  {
    selector: 'VariableDeclarator[id.type=ArrayPattern][init.type=ArrayExpression]',
    message: 'declare one thing a line, not arrays from arrays',
  },
  {
    selector: 'ConditionalExpression ConditionalExpression ConditionalExpression',
    message: 'a lookup table or a small named function reads better than ternaries three deep',
  },
];

/** What each room of ours may not reach besides what dependency-cruiser holds: things of the platform. */
const outside = {
  core: {
    group: ['@hornblende/*', 'vue', 'vue/*', 'express', 'knex', 'node:*', 'fs', 'path'],
    message: 'core is pure: no interface, no server, no Node',
  },
  web: { group: ['node:*', 'express', 'knex'], message: 'web runs in a browser' },
};
/** The control kit comes in by one door, so that its dress is ours everywhere. */
const kit = {
  files: ['packages/web/src/**/*.{ts,vue}'],
  ignores: ['packages/web/src/ui/kit.ts', 'packages/web/src/theme/**', 'packages/web/src/main.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          outside.web,
          { group: ['ant-design-vue', 'ant-design-vue/*'], message: 'controls come from ui/kit.ts' },
        ],
      },
    ],
  },
};
const rooms = Object.entries(outside).map(([room, pattern]) => ({
  files: [`packages/${room}/src/**/*.{ts,vue}`],
  rules: { 'no-restricted-imports': ['error', { patterns: [pattern] }] },
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
  ...vue.configs['flat/recommended'],
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
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-syntax': ['error', ...unreadable],
      'no-undef': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  // One public thing, one docstring.
  {
    files: ['packages/*/src/**/*.ts'],
    ignores: ['packages/core/src/materials/families/**'],
    plugins: { jsdoc },
    rules: {
      'jsdoc/require-jsdoc': [
        'error',
        {
          publicOnly: true,
          contexts: [
            'TSInterfaceDeclaration',
            'TSTypeAliasDeclaration',
            'ExportNamedDeclaration > VariableDeclaration',
          ],
          require: { ClassDeclaration: true, FunctionDeclaration: true },
        },
      ],
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
  kit,
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  prettier,
  // After Prettier's own settings, which would switch it off.
  {
    files: ['packages/*/src/**/*.{ts,vue}', 'packages/*/test/**/*.ts', 'e2e/**/*.ts', 'scripts/**/*.mjs'],
    ignores: ['packages/core/src/materials/families/**'],
    rules: { 'max-len': ['error', { code: LONGEST_LINE, ignoreUrls: true }] },
  },
);
