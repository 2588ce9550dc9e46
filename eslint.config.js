import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
  { ignores: ['resources/js/api/*.gen.ts', 'public', 'vendor'] },
  js.configs.recommended,
  ts.configs.strictTypeChecked,
  svelte.configs.recommended,
  {
    languageOptions: {
      globals: { ...globals.browser, ...globals.node },
      parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  {
    files: ['resources/js/**'],
    rules: { 'max-lines-per-function': ['error', { max: 45, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['**/*.mjs'],
    ...ts.configs.disableTypeChecked,
    languageOptions: { parserOptions: { projectService: false } },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } },
    rules: {
      'svelte/no-navigation-without-resolve': 'off',
      // Maps here are made anew by $derived or live inside one method; none is changed while it is watched.
      'svelte/prefer-svelte-reactivity': 'off',
      // A component's props are untyped to ESLint's parser. svelte-check knows their types and guards these.
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
);
