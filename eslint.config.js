import js from '@eslint/js';
import globals from 'globals';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** What a layer may not import by name; which room stands below which is in .dependency-cruiser.cjs. */
const app = ['$lib/*', '$app/*', '$env/*'];
const outside = ['node:*', 'svelte', 'svelte/*', '@sveltejs/*', 'drizzle-orm*', 'better-sqlite3'];

function layer(files, forbidden, message) {
  const rule = ['error', { patterns: [{ group: forbidden, message }] }];
  return { files, rules: { 'no-restricted-imports': rule } };
}

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', 'data/', 'scratch/', 'drizzle/', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } }
  },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'svelte/no-navigation-without-resolve': 'off',
      // State is replaced, never changed in place, so plain sets and maps serve.
      'svelte/prefer-svelte-reactivity': 'off',
      'svelte/no-useless-mustaches': 'off'
    }
  },
  {
    // The core waits for nothing; the types of a page's script are found by building it, which takes minutes for all.
    files: ['src/**/*.ts', 'e2e/**/*.ts', 'scripts/**/*.ts'],
    ignores: ['**/*.svelte.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': [
        'error',
        { allowForKnownSafeCalls: [{ from: 'package', name: 'test', package: 'node:test' }] }
      ],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true }
      ]
    }
  },
  layer(
    ['core/**/*.ts'],
    [...app, ...outside, '**/src/**'],
    'The core imports nothing from the app, Node, the DOM or Svelte.'
  ),
  layer(
    ['src/lib/ui/**'],
    ['$lib/server/*', '$lib/workers/*', '**/server/**', 'node:*'],
    'The interface imports only the core.'
  ),
  {
    files: ['**/*.test.ts', '**/*.test-helper.ts'],
    rules: { 'no-restricted-imports': 'off' }
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/**/*.test-helper.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'Buffer',
        'fetch',
        'localStorage',
        'Date'
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }]
    }
  }
);
