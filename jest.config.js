const node = (room) => ({
  displayName: room,
  globalSetup: '<rootDir>/tools/setUpSuites.mjs',
  globalTeardown: '<rootDir>/tools/clearAfterSuites.mjs',
  setupFiles: ['<rootDir>/tools/reportOnce.cjs'],
  testEnvironment: 'node',
  testMatch: [`<rootDir>/${room}/tests/**/*.test.ts`],
  transform: { '\\.test\\.ts$': '<rootDir>/tools/bundledSuite.cjs' },
})

module.exports = {
  // A machine of two cores would else work on one.
  maxWorkers: '100%',
  projects: [
    node('core'),
    node('plan'),
    node('server'),
    {
      displayName: 'app',
      preset: 'jest-expo',
      rootDir: 'app',
      testMatch: ['<rootDir>/tests/**/*.test.ts'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
      transform: { '\\.mjs$': 'babel-jest' },
      transformIgnorePatterns: [
        '/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|@rneui|immer|@reduxjs|react-redux|redux|reselect|culori|d3-contour|d3-array|internmap|@thimble)/?)',
      ],
    },
  ],
}
