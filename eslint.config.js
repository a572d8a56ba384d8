const expo = require('eslint-config-expo/flat')

/** The rules of hooks that need no compiler. */
const ALWAYS_ASKED = ['react-hooks/rules-of-hooks', 'react-hooks/exhaustive-deps']

module.exports = [
  ...expo,
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'data/**',
      'server/drizzle/**',
      'app/.expo/**',
      'app/expo-env.d.ts',
      'test-results/**',
    ],
  },
  {
    settings: {
      'import/resolver': {
        typescript: {
          project: [
            'core/tsconfig.json',
            'contract/tsconfig.json',
            'plan/tsconfig.json',
            'server/tsconfig.json',
            'app/tsconfig.json',
            'e2e/tsconfig.json',
          ],
        },
      },
    },
    rules: {
      // A schema and the type it infers share one name.
      '@typescript-eslint/no-redeclare': 'off',
      'import/no-named-as-default-member': 'off',
      'max-lines': ['error', 400],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 15],
      'no-console': 'off',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    ignores: ['demo/**', 'playwright.config.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  // The compiler says the same of imports, and says it sooner.
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: Object.fromEntries(
      ['namespace', 'no-unresolved', 'export', 'named', 'default', 'no-named-as-default'].map((name) => [
        `import/${name}`,
        'off',
      ]),
    ),
  },
  // Components are in one room; elsewhere looking for them costs more than all other rules together.
  {
    files: ['**/*.ts'],
    ignores: ['app/**'],
    rules: Object.fromEntries(
      expo
        .flatMap(({ rules = {} }) => Object.keys(rules))
        .filter((name) => name.startsWith('react'))
        .map((name) => [name, 'off']),
    ),
  },
  // What React's compiler finds costs as much as all else together: `npm run endure` asks it too.
  ...(process.env.THIMBLE_ENDURE
    ? []
    : [
        {
          files: ['app/**'],
          linterOptions: { reportUnusedDisableDirectives: 'off' },
          rules: Object.fromEntries(
            expo
              .flatMap(({ rules = {} }) => Object.keys(rules))
              .filter((name) => name.startsWith('react-hooks/') && !ALWAYS_ASKED.includes(name))
              .map((name) => [name, 'off']),
          ),
        },
      ]),
  // A test tells a story from top to bottom, however long it is.
  { files: ['**/tests/**', 'e2e/**'], rules: { 'max-lines-per-function': 'off' } },
  { files: ['e2e/**'], rules: { 'no-empty-pattern': 'off' } },
]
