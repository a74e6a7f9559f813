import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { makeState, startCluster } from './lib/cluster.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { holdState } from './lib/holdState.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { giveToUser } from './lib/process.mjs';
import { run } from './lib/run.mjs';
import { copyCommand } from './lib/services.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';

// Puts a backup back into an empty place, compares every row and picture with it, and says how to start there.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  const { file: named, state, passphraseFile, store } = readOptions();
  await ensureNodePackages(root);
  const more = passphraseFile ? ['--passphrase-file', passphraseFile] : [];
  const copy = (url, args) => {
    const command = copyCommand(url, [...args, ...more]);
    return run(process.execPath, command.args, { cwd: root, env: command.env });
  };
  const fetched = store ? join(mkdtempSync(join(tmpdir(), 'inch-nest-restore-')), 'copy.zip') : null;
  try {
    if (fetched && (await copy(null, ['fetch', named, fetched, '--store', store])) !== 0) return 1;
    return await putBack(copy, fetched ?? named, state);
  } finally {
    if (fetched) rmSync(dirname(fetched), { recursive: true, force: true });
  }
});

async function putBack(copy, file, state) {
  // what cannot be read makes no database
  if ((await copy(null, ['check', file])) !== 0) return 1;
  const { DATABASE_OWNER_URL, DATABASE_URL } = process.env;
  const elsewhere = DATABASE_OWNER_URL || DATABASE_URL;
  await ensureDebian({ postgres: !elsewhere });
  if (!elsewhere && existsSync(join(state, 'cluster')))
    throw new Stop(`there are data in ${state} already: name an empty folder with --state, nothing is ever put over what is there.`);
  makeState(state);
  const letGo = await holdState(state);
  try {
    const cluster = elsewhere ? { ownerUrl: elsewhere, stop: async () => {} } : await startCluster(state);
    try {
      const status = await copy(cluster.ownerUrl, ['restore', file, '--photos', join(state, 'files/photos')]);
      if (status !== 0) return 1;
      giveToUser(join(state, 'files'), { whole: true });
    } finally {
      await cluster.stop();
    }
  } finally {
    await letGo();
  }
  console.log(`Start it with: npm run demo -- --state ${state}`);
  return 0;
}

function readOptions() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { state: { type: 'string', default: defaultState() }, 'passphrase-file': { type: 'string' }, store: { type: 'string' } },
    });
    if (positionals.length !== 1) throw new Error('name one backup: npm run restore -- FILE, or NAME --store FILE');
    const passphraseFile = values['passphrase-file'] && resolve(values['passphrase-file']);
    const store = values.store && resolve(values.store);
    // of what lies in a store the name alone is told
    const file = store ? positionals[0] : resolve(positionals[0]);
    for (const one of [store ?? file, ...(passphraseFile ? [passphraseFile] : [])])
      if (!existsSync(one)) throw new Error(`there is no file ${one}`);
    return { file, state: resolve(values.state), passphraseFile, store };
  } catch (error) {
    throw new Stop(`${error.message}. Known: --state DIR, --passphrase-file FILE, --store FILE.`);
  }
}
