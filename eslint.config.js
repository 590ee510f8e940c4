import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The floors of the house: what each package may not import. Cycles and deep paths are held by .dependency-cruiser.cjs. */
const floor = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: forbidden.map((group) => ({
          group: [group],
          message: 'This floor may not import that one; see docs/architecture.md.',
        })),
      },
    ],
  },
});

export default tseslint.config(
  { ignores: ['**/*.cjs', '**/dist/**', '**/build/**', '**/node_modules/**', '.data/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        document: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        performance: 'readonly',
        fetch: 'readonly',
        URL: 'readonly',
        Buffer: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        AbortSignal: 'readonly',
        AbortController: 'readonly',
        DOMException: 'readonly',
        IDBObjectStore: 'readonly',
      },
    },
    rules: {
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false },
      ],
      // Taking a key out of an object names it and lets it lie.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
      'max-lines': ['warn', { max: 400, skipBlankLines: true, skipComments: true }],
    },
  },
  // Sets of answers and word lists are data; a file of them is as long as its subject.
  {
    files: ['packages/core/src/marking/corpus/*.ts', 'packages/core/src/reading/english-words.ts'],
    rules: { 'max-lines': 'off' },
  },
  // A promise nobody looks after can end a server process: each is waited for, or its failure is handled where it is made.
  {
    files: ['packages/server/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: false }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  // Nest reads parameter types at run time, so its classes are imported as values.
  { files: ['packages/server/**'], rules: { '@typescript-eslint/consistent-type-imports': 'off' } },
  {
    files: ['packages/web/**'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      'react-hooks/set-state-in-effect': 'off',
      // Warns of packages that the React compiler cannot memoise; no compiler runs here.
      'react-hooks/incompatible-library': 'off',
    },
  },
  // A component only shows: what it decides stands beside it, what it is made of is made of parts.
  {
    files: ['packages/web/src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 200 }] },
  },
  floor(
    ['packages/core/**'],
    ['@kivex/*', 'react', 'react-*', '@nestjs/*', 'node:*', 'typeorm', 'socket.io*'],
  ),
  floor(
    ['packages/contract/**'],
    ['@kivex/server*', '@kivex/web*', 'react', 'react-*', '@nestjs/*', 'node:*'],
  ),
  floor(['packages/server/**'], ['@kivex/web*', 'react', 'react-*']),
  floor(['packages/web/**'], ['@kivex/server*', '@nestjs/*', 'node:*', 'typeorm']),
  // What tests stand on is no page: it may be a server, and read what pages are written in.
  {
    files: ['packages/web/src/testing/**', 'packages/web/src/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off' },
  },
);
