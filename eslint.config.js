import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
  {
    ignores: [
      '**/build/',
      '**/.svelte-kit/',
      'node_modules/',
      'static/',
      'test-results/',
      'playwright-report/',
      '.tomble/'
    ]
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-undef': 'off',
      'no-console': 'error'
    }
  },
  {
    // A language element that a switch forgets is a mistake, whether or not a default branch swallows it.
    files: ['src/**/*.ts', 'tests/**/*.ts'],
    ignores: ['**/*.svelte.ts', 'src/service-worker.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: false }]
    }
  },
  {
    files: ['scripts/**', 'server/**', 'bench/**', 'tests/e2e/**', 'playwright.config.ts'],
    rules: { 'no-console': 'off' }
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } },
    // Addresses inside the app are built by one helper in ui/paths.ts, which is the only caller of resolve().
    rules: { 'svelte/no-navigation-without-resolve': 'off' }
  }
);
