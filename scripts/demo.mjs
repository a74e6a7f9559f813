import { readFileSync, writeFileSync, existsSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { startCluster } from './lib/cluster.mjs';
import { startCounter } from './lib/counter.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { isTaken } from './lib/ports.mjs';
import { quiet, run } from './lib/run.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';
import { ensureBuild } from './lib/webBuild.mjs';
import { startWeb } from './lib/webServer.mjs';

// Installs what is missing, builds, starts database and application with the demo, and prints the address.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  const { port, reset, yes, state } = readOptions();
  if (await isTaken(port)) throw new Stop(`port ${port} is taken: stop what uses it, or start with npm run demo -- --port ${port + 1}.`);
  if (reset && !yes && !(await agreed())) throw new Stop('nothing was reset.');
  await ensureDebian({ postgres: !process.env.DATABASE_URL });
  await ensureNodePackages(root);
  await ensureBuild(root);
  const cleanUp = [];
  let stopping = null;
  const stop = () =>
    (stopping ??= (async () => {
      for (const step of cleanUp.reverse()) await step();
    })());
  const asked = new Promise((done) => ['SIGINT', 'SIGTERM', 'SIGHUP'].forEach((signal) => process.on(signal, done)));
  try {
    const url = process.env.DATABASE_URL || (await privateCluster(state, cleanUp));
    await prepare(url, reset);
    const counter = await startCounter(root, join(state, 'files', 'counter.json'));
    cleanUp.push(counter.stop);
    const web = await startWeb(root, port, url, { files: join(state, 'files'), counter: counter.address });
    cleanUp.push(web.stop);
    console.log(
      `\nInch Nest is ready: ${web.address}\nCtrl-C stops it; the data stay${process.env.DATABASE_URL ? ' in your database' : ` in ${state}`}.`,
    );
    await Promise.race([asked, web.gone]);
  } finally {
    await stop();
  }
  console.log('stopped.');
});

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: '3000' },
        reset: { type: 'boolean', default: false },
        yes: { type: 'boolean', default: false },
        state: { type: 'string', default: defaultState() },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Error(`--port ${values.port} is not a port`);
    return { ...values, port, state: resolve(values.state) };
  } catch (error) {
    throw new Stop(`${error.message}. Known: --port N, --reset, --yes, --state DIR.`);
  }
}

async function agreed() {
  if (!process.stdin.isTTY) throw new Stop('--reset drops the demo’s data: say --yes as well where nobody can be asked.');
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question('Drop the demo’s data and load it afresh? [y/N] ');
  ask.close();
  return /^y/i.test(answer.trim());
}

async function privateCluster(state, cleanUp) {
  const pidFile = join(state, 'demo.pid');
  const other = existsSync(pidFile) ? Number(readFileSync(pidFile, 'utf8')) : 0;
  if (other && quiet('kill', ['-0', String(other)]).ok)
    throw new Stop(`another Inch Nest (process ${other}) uses ${state}: stop it, or start with another --state folder.`);
  const cluster = await startCluster(state);
  writeFileSync(pidFile, String(process.pid));
  cleanUp.push(() => rmSync(pidFile, { force: true }), cluster.stop);
  return cluster.url;
}

async function prepare(url, reset) {
  const status = await run(process.execPath, ['--import', 'tsx', 'packages/data/src/cli/prepare.ts', ...(reset ? ['--reset'] : [])], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: url },
  });
  if (status !== 0) throw new Stop('the database could not be prepared: see the sentence above.');
}
