import { join } from 'node:path';
import { together } from './tests/together.mjs';

// Unit tests sit beside their source; tests/ holds those that cross rooms.
const swc = (tsx) => [
  '@swc/jest',
  {
    jsc: { parser: { syntax: 'typescript', tsx }, target: 'es2023', transform: { react: { runtime: 'automatic' } } },
    module: { type: 'commonjs' },
  },
];

const ESM = ['d3-[a-z-]+', 'internmap', 'react-hotkeys-hook', 'three'].join('|');

const project = (name, folder) => ({
  displayName: name,
  rootDir: '.',
  roots: [join(import.meta.dirname, folder)],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  testPathIgnorePatterns: ['/node_modules/', '\\.screen\\.test\\.tsx$'],
  testEnvironment: 'node',
  setupFilesAfterEnv: ['<rootDir>/tests/patience.ts'],
  transform: { '\\.tsx$': swc(true), '\\.(m?[jt]s)$': swc(false) },
  transformIgnorePatterns: [`/node_modules/(?!(${ESM})/)`],
  modulePathIgnorePatterns: ['<rootDir>/apps/web/.next'],
  // looked up once and not each time they are named: Jest's rooms make every global a search
  sandboxInjectedGlobals: ['Math', 'Map', 'Set', 'Number', 'Object', 'Array', 'Float64Array', 'JSON'],
});

/** Screens and parts, drawn into a document of their own. */
const screens = {
  ...project('screens', 'apps/web/src'),
  testMatch: ['**/*.screen.test.tsx'],
  testPathIgnorePatterns: ['/node_modules/'],
  testEnvironment: 'jsdom',
  sandboxInjectedGlobals: [], // an icon has the name of a global
  setupFiles: ['<rootDir>/tests/screens/browser.ts'],
  setupFilesAfterEnv: ['<rootDir>/tests/patience.ts', '<rootDir>/tests/screens/patience.ts'],
  // as one file it is there in a sixth of the time its hundreds take
  moduleNameMapper: { '\\.css$': '<rootDir>/tests/screens/styles.ts', '^antd$': '<rootDir>/node_modules/antd/dist/antd.min.js' },
};

/** Where the files of rooms that are shared go: asked for by whoever runs everything. */
const TOGETHER = process.env.INCH_NEST_TESTS_TOGETHER;
const ROOMS = 4;
const core = project('core', 'packages/core/src');
const data = project('data', 'packages/data/src');
const web = project('web', 'apps/web/src');

export default {
  testSequencer: '<rootDir>/tests/order.mjs',
  projects: [
    TOGETHER ? together(screens, /\.screen\.test\.tsx$/, ROOMS, TOGETHER) : screens,
    TOGETHER ? together(core, /\.test\.ts$/, ROOMS, TOGETHER) : core,
    project('contracts', 'packages/contracts/src'),
    project('formats', 'packages/formats/src'),
    TOGETHER ? together(data, /\.test\.ts$/, ROOMS, TOGETHER) : data,
    project('backup', 'packages/backup/src'),
    project('cli', 'apps/cli/src'),
    TOGETHER ? together(web, /(?<!\.screen)\.test\.tsx?$/, ROOMS, TOGETHER) : web,
    project('sources', 'tests/sources'),
    project('flow', 'tests/flow'),
    project('boundaries', 'tests/boundaries'),
    project('scripts', 'tests/scripts'),
  ],
};
