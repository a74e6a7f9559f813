import { statSync } from 'node:fs';

/**
 * Which test files begin first: those that take longest, so that none of them is left for the end. Of those that load the demo one
 * begins early and searches its nests; the others come when it has, and take them over. Then those that hold many files.
 */
const FIRST = [
  'tests/scripts/kills',
  'tests/boundaries/planted',
  'apps/cli/src/nest',
  'tests/sources/demoNests',
  'tests/scripts/backups',
  'tests/scripts/services',
  'tests/flow/buying',
  'tests/flow/prepare',
  '/rooms/',
];

/** The order of all test files: those that are named, then the largest. Jest itself knows only what took long on this machine before. */
export default class Order {
  sort(tests) {
    const rank = ({ path }) => {
      const at = FIRST.findIndex((name) => path.includes(name.endsWith('/') ? name : `${name}.test.`));
      return at < 0 ? FIRST.length : at;
    };
    const size = ({ path }) => statSync(path).size;
    return [...tests].sort((a, b) => rank(a) - rank(b) || size(b) - size(a));
  }

  shard(tests) {
    return tests;
  }

  allFailedTests(tests) {
    return tests;
  }

  cacheResults() {}
}
