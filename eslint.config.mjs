import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const DOMAINS =
  'bin|yard|horses|visit|intake|feel|shape|landmarks|section|sensor|back|front|fit-room|saddles|riders|leg|leathers|tack|calendar|people|owners|letters|orders|practice|photos|papers';
const inside = (name) => [`apps/app/src/${name}/**/*.{ts,tsx}`];
const onlyFrom = (name, allowed, message) => ({
  files: inside(name),
  ignores: ['**/__tests__/**'],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: `^(\\.\\./)+(?!\\.\\./|${allowed})`, message }] }] },
});

/** Floors of the application: imports go down only, and a domain is used through its index. */
const floors = [
  {
    files: ['apps/app/src/**/*.{ts,tsx}'],
    ignores: ['apps/app/src/app/**', '**/__tests__/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: `^(\\.\\./)+(${DOMAINS})/`, message: 'A domain uses another through its index.ts; platform, ui and words use none.' },
          ],
        },
      ],
    },
  },
  onlyFrom('words', '$^', 'Words import core and contract only.'),
  onlyFrom('ui', 'words/', 'The design system imports words only.'),
  onlyFrom('drawings', 'words/|ui/|[^/]+$', 'Drawings import words and the design system only.'),
  onlyFrom('engine', 'platform/|words/', 'The engine stands on the platform and the words only.'),
];

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/.expo/**', '**/*.js', '**/*.mjs', '**/*.cjs'] },
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: {
      parserOptions: {
        project: ['packages/*/tsconfig.json', 'apps/*/tsconfig.json', 'e2e/tsconfig.json', 'tools/tsconfig.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { arguments: false, attributes: false } }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' },
      ],
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/unbound-method': 'off',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['apps/app/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  ...floors,
  {
    files: ['**/__tests__/**', '**/test/**', 'e2e/**'],
    rules: {
      // a describe is a list of tests, as long as there are any; a journey is told in one piece
      'max-lines-per-function': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
);
