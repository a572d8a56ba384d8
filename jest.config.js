const node = (room) => ({
  displayName: room,
  testEnvironment: 'node',
  testMatch: [`<rootDir>/${room}/tests/**/*.test.ts`],
  transform: { '\\.(ts|m?js)$': '<rootDir>/tools/fastTransform.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!(culori|d3-contour|d3-array|internmap|@hono|hono)/)'],
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
