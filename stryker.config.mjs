// Mutation testing of the formulas: does a test notice when one of them changes?
export default {
  mutate: [
    'packages/core/src/engineering/**/*.ts',
    '!packages/core/src/engineering/**/*.test.ts',
    '!packages/core/src/engineering/journey/simulateJourneys.ts',
  ],
  testRunner: 'jest',
  jest: { configFile: 'tests/mutation/jest.config.mjs', enableFindRelatedTests: true },
  plugins: ['@stryker-mutator/jest-runner'],
  coverageAnalysis: 'perTest',
  // constants worked out as a file is read would run every test for each mutant; their values are checked by the tests of sources
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 10_000,
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: '.cache/mutation.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportMutants: false, reportTests: false },
  tempDirName: '.cache/stryker',
  cleanTempDir: 'always',
  thresholds: { high: 90, low: 80, break: 75 },
  ignorePatterns: ['docs', 'apps/web', '.state', '.cache', 'tests/e2e'],
};
