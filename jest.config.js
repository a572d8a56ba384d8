const node = (room) => ({
  displayName: room,
  globalSetup: '<rootDir>/tools/setUpSuites.mjs',
  globalTeardown: '<rootDir>/tools/clearAfterSuites.mjs',
  setupFiles: ['<rootDir>/tools/reportOnce.cjs'],
  testEnvironment: 'node',
  testMatch: [`<rootDir>/${room}/tests/**/*.test.ts`],
  transform: { '\\.test\\.ts$': '<rootDir>/tools/bundledSuite.cjs' },
})

/** Packages that are modules only. */
const modern = [
  'immer',
  '@reduxjs',
  'react-redux',
  'redux',
  'reselect',
  'culori',
  'd3-contour',
  'd3-array',
  'internmap',
  'messageformat',
]

module.exports = {
  // A machine of two cores would else work on one.
  maxWorkers: '100%',
  // Beside a build and three browsers on two cores what takes a second alone may take ten.
  testTimeout: 60_000,
  projects: [
    node('core'),
    node('language'),
    node('plan'),
    node('server'),
    {
      displayName: 'app',
      preset: 'jest-expo',
      rootDir: 'app',
      testMatch: ['<rootDir>/tests/**/*.test.ts'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
      transform: {
        '/(app|contract|core|language|plan)/(src|tests)/.+\\.tsx?$': '<rootDir>/../tools/quickTransform.cjs',
        [`/node_modules/(${modern.join('|')})/`]: '<rootDir>/../tools/quickTransform.cjs',
      },
      transformIgnorePatterns: [
        `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|@rneui|@thimble|${modern.join('|')})/?)`,
      ],
    },
  ],
}
