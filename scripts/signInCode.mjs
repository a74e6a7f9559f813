import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { ensureDebian } from './lib/debian.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { reachCluster } from './lib/reachCluster.mjs';
import { run } from './lib/run.mjs';
import { signInCodeCommand } from './lib/services.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';

// A code by which somebody chooses a password, for whoever keeps the machine: when every other way in is lost.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  const { state, name } = readOptions();
  await ensureNodePackages(root);
  await ensureDebian({ postgres: !process.env.DATABASE_URL });
  const { DATABASE_URL: url } = process.env;
  const reached = url ? { url, close: async () => {} } : await reachCluster(state);
  try {
    const { args, env } = signInCodeCommand(reached.url, name ? ['--name', name] : []);
    return await run(process.execPath, args, { cwd: root, env });
  } finally {
    await reached.close();
  }
});

function readOptions() {
  try {
    const { values } = parseArgs({ options: { state: { type: 'string', default: `${defaultState()}-shop` }, name: { type: 'string' } } });
    return { ...values, state: resolve(values.state) };
  } catch (error) {
    throw new Stop(`${error.message}. Known: --name NAME, --state DIR.`);
  }
}
