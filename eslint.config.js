const expo = require('eslint-config-expo/flat')

const noReact = {
  patterns: [
    {
      group: ['react', 'react-*', '@rneui/*', 'expo*', '@thimble/server*', '@thimble/app*'],
      message: 'Dependencies point one way: this room knows nothing of the interface.',
    },
  ],
}

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
      'shot.mjs',
    ],
  },
  {
    settings: {
      'import/resolver': {
        typescript: {
          project: [
            'core/tsconfig.json',
            'contract/tsconfig.json',
            'server/tsconfig.json',
            'app/tsconfig.json',
            'e2e/tsconfig.json',
          ],
        },
      },
    },
    rules: {
      'import/no-cycle': 'error',
      // A schema and the type it infers share one name.
      '@typescript-eslint/no-redeclare': 'off',
      'import/no-named-as-default-member': 'off',
      'max-lines': ['error', 400],
      'no-console': 'off',
    },
  },
  { files: ['core/**', 'contract/**', 'server/**'], rules: { 'no-restricted-imports': ['error', noReact] } },
  { files: ['e2e/**'], rules: { 'react-hooks/rules-of-hooks': 'off', 'no-empty-pattern': 'off' } },
  { files: ['app/**'], rules: { 'no-restricted-imports': ['error', { patterns: ['@thimble/server*'] }] } },
]
