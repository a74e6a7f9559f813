// The core's quick tests alone, for mutation testing: whole searches, simulated journeys and integrated motions take too
// long for thousands of runs.
const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2023' }, module: { type: 'commonjs' } }];

export default {
  rootDir: '../..',
  roots: ['<rootDir>/packages/core/src'],
  testMatch: ['**/engineering/**/*.test.ts'],
  testPathIgnorePatterns: ['springs.test', 'wholeJourneys.test'],
  testEnvironment: 'node',
  transform: { '\\.(m?[jt]s)$': swc },
};
