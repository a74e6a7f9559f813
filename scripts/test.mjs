import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { startCluster } from './lib/cluster.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { run } from './lib/run.mjs';
import { runMain, Stop } from './lib/stop.mjs';
import { ensureBuild } from './lib/webBuild.mjs';

// Installs what is missing and runs every check; the last line is `N passed, N failed`.
const root = dirname(dirname(fileURLToPath(import.meta.url)));
const node = (...args) => run(process.execPath, args, { cwd: root, env: process.env });
const bin = (path, ...args) => node(join(root, 'node_modules', path), ...args);

/** Checks that pass or fail as one. */
const CHECKS = {
  types: () => node(join(root, 'scripts/checkTypes.mjs')),
  lint: () => bin('oxlint/bin/oxlint'),
  format: () => bin('oxfmt/bin/oxfmt', '--check', '.'),
  rooms: () => bin('dependency-cruiser/bin/dependency-cruise.mjs', '--config', 'tests/boundaries/rules.cjs', 'packages', 'apps'),
  unused: () => bin('knip/bin/knip.js', '--no-progress'),
};
const SUITES = ['core', 'contracts', 'formats', 'sources', 'cli', 'web', 'screens', 'flow', 'boundaries', 'scripts', 'data', 'backup'];
const NEED_DATABASE = ['data', 'flow', 'backup'];

await runMain(async () => {
  const only = readOnly();
  const wanted = (name) => only.length === 0 || only.includes(name);
  const suites = SUITES.filter(wanted);
  const results = [];
  // one waits for the network while the other unpacks; what fails is told when neither is half done
  const installed = await Promise.allSettled([
    ensureDebian({
      postgres: suites.some((suite) => NEED_DATABASE.includes(suite)) || wanted('e2e'),
      chromium: wanted('e2e'),
      poppler: wanted('web') || wanted('e2e'),
    }),
    ensureNodePackages(root),
  ]);
  const failed = installed.find(({ status }) => status === 'rejected');
  if (failed) throw failed.reason;
  const scratch = mkdtempSync(join(tmpdir(), 'inch-nest-test-'));
  chmodSync(scratch, 0o755); // the database server's user enters it
  try {
    if (wanted('types') || wanted('e2e') || wanted('scripts')) await ensureBuild(root);
    results.push(...(await checks(Object.keys(CHECKS).filter(wanted))));
    if (suites.length > 0) results.push(...(await unitTests(suites, scratch)));
    if (wanted('e2e')) results.push(await endToEnd(scratch));
  } finally {
    rmSync(scratch, { recursive: true, force: true });
  }
  console.log('');
  for (const { name, passed, failed } of results)
    console.log(`${failed > 0 ? '✗' : '✓'} ${name.padEnd(12)} ${passed} passed${failed > 0 ? `, ${failed} failed` : ''}`);
  for (const name of results.flatMap(({ names = [] }) => names)) console.log(`  failed: ${name}`);
  for (const name of results.flatMap(({ again = [] }) => again)) console.log(`  passed the second time only: ${name}`);
  const total = (key) => results.reduce((sum, result) => sum + result[key], 0);
  console.log(`\n${total('passed')} passed, ${total('failed')} failed`);
  return total('failed') > 0 ? 1 : 0;
});

function readOnly() {
  const known = [...Object.keys(CHECKS), ...SUITES, 'e2e'];
  const { values } = parseArgs({ options: { only: { type: 'string', multiple: true, default: [] } } });
  const only = values.only.flatMap((one) => one.split(','));
  const strange = only.find((one) => !known.includes(one));
  if (strange) throw new Stop(`--only ${strange} is not known: ${known.join(', ')}.`);
  return only;
}

/** Checks one after the other, each lane beside the others: a compiler keeps one processor busy. */
async function checks(names) {
  const waiting = [...names];
  const results = new Map();
  const lane = async () => {
    for (let name = waiting.shift(); name; name = waiting.shift()) {
      const failed = (await CHECKS[name]()) !== 0;
      console.log(`${failed ? '✗' : '✓'} ${name}`);
      results.set(name, { name, passed: failed ? 0 : 1, failed: failed ? 1 : 0 });
    }
  };
  console.log(`\n— ${names.join(', ')}`);
  await Promise.all(Array.from({ length: 2 }, lane));
  return names.map((name) => results.get(name));
}

/** Jest over the suites asked for, on a throw-away cluster where one is needed. */
async function unitTests(suites, scratch) {
  console.log(`\n— ${suites.join(', ')}`);
  const cluster = suites.some((suite) => NEED_DATABASE.includes(suite)) ? await startCluster(join(scratch, 'unit'), { fast: true }) : null;
  const report = join(scratch, 'jest.json');
  try {
    const status = await run(
      process.execPath,
      [
        // searches and pages leave much that is forgotten at once: with room for it a twentieth less time
        '--max-semi-space-size=64',
        join(root, 'node_modules/jest/bin/jest.js'),
        '--selectProjects',
        ...suites,
        '--json',
        `--outputFile=${report}`,
        '--maxWorkers=2',
        '--silent',
      ],
      {
        cwd: root,
        env: {
          ...demoOnce(scratch),
          INCH_NEST_TESTS_TOGETHER: join(scratch, 'rooms'),
          ...(cluster ? { TEST_DATABASE_URL: cluster.ownerUrl, TEST_APPLICATION_URL: cluster.url } : {}),
        },
      },
    );
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites, testResults } = JSON.parse(readFileSync(report, 'utf8'));
    const failed = numFailedTests + numRuntimeErrorTestSuites;
    const names = testResults
      .filter(({ status }) => status === 'failed')
      .flatMap(({ name, assertionResults }) => {
        const tests = assertionResults.filter(({ status }) => status === 'failed');
        return tests.length === 0 ? [relative(root, name)] : tests.map(({ fullName }) => `${relative(root, name)}: ${fullName}`);
      });
    return [{ name: 'unit', passed: numPassedTests, failed: status !== 0 && failed === 0 ? 1 : failed, names }];
  } finally {
    await cluster?.stop();
  }
}

/** Surroundings in which whoever loads the demo takes over what was chosen for it before. */
function demoOnce(scratch) {
  return { ...process.env, INCH_NEST_DEMO_CHOICES: join(scratch, 'choices') };
}

/** Playwright against the production build. */
async function endToEnd(scratch) {
  console.log('\n— e2e');
  const report = join(scratch, 'e2e.json');
  const status = await run(process.execPath, [join(root, 'node_modules/@playwright/test/cli.js'), 'test'], {
    cwd: root,
    // the demo is loaded once, and copied for every application that is tried
    env: { ...demoOnce(scratch), PLAYWRIGHT_JSON_OUTPUT_FILE: report, INCH_NEST_DEMO_COPY: join(scratch, 'demo') },
  });
  const { suites, stats } = JSON.parse(readFileSync(report, 'utf8'));
  const failed = stats.unexpected;
  const specs = suites.flatMap(specsIn);
  const told = (all) => all.map(({ file, title }) => `${file}: ${title}`);
  const names = told(specs.filter(({ ok }) => !ok));
  const again = told(specs.filter(({ tests }) => tests.some(({ status: of }) => of === 'flaky')));
  return { name: 'e2e', passed: stats.expected + stats.flaky, failed: status !== 0 && failed === 0 ? 1 : failed, names, again };
}

/** Every test of Playwright's report, however deep. */
function specsIn({ specs = [], suites = [] }) {
  return [...specs, ...suites.flatMap(specsIn)];
}
