// The core's quick tests alone, for mutation testing: those of whole searches take too long for thousands of runs.
const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2023' }, module: { type: 'commonjs' } }];

export default {
  rootDir: '../..',
  roots: ['<rootDir>/packages/core/src'],
  testMatch: [
    '**/engineering/**/*.test.ts',
    '**/stages/box/boxAndFill.test.ts',
    '**/stages/frontier/quietCauses.test.ts',
    '**/stages/item/*.test.ts',
    '**/stages/wrap/*.test.ts',
  ],
  testEnvironment: 'node',
  transform: { '\\.(m?[jt]s)$': swc },
};
