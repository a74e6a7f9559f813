import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { ensureDebian } from './lib/debian.mjs';
import { namedFile } from './lib/namedFile.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { giveToUser } from './lib/process.mjs';
import { reachCluster } from './lib/reachCluster.mjs';
import { run } from './lib/run.mjs';
import { copyCommand } from './lib/services.mjs';
import { defaultState } from './lib/state.mjs';
import { runMain, Stop } from './lib/stop.mjs';

// Writes everything (rows, photographs, cards, settings) into one file and reads it back; or checks such a file.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  const { state, to, check, passphraseFile, store } = readOptions();
  await ensureNodePackages(root);
  if (check) return copy(null, ['check', resolve(check)], passphraseFile);
  await ensureDebian({ postgres: !process.env.DATABASE_URL });
  const folder = resolve(to ?? join(state, 'backups'));
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const { DATABASE_URL: url } = process.env;
  const reached = url ? { url, close: async () => {} } : await reachCluster(state);
  try {
    const status = await copy(reached.url, ['make', folder, '--photos', join(state, 'files/photos')], passphraseFile);
    // the application lists them, and takes old ones away
    giveToUser(folder, { whole: true });
    if (status !== 0) return status;
    console.log(`It lies in ${folder}. Put it back with: npm run restore -- FILE --state AN-EMPTY-FOLDER`);
    return store ? copy(null, ['away', folder, '--store', store]) : 0;
  } finally {
    await reached.close();
  }
});

function copy(url, args, passphraseFile) {
  const { args: all, env } = copyCommand(url, [...args, ...(passphraseFile ? ['--passphrase-file', passphraseFile] : [])]);
  return run(process.execPath, all, { cwd: root, env });
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        state: { type: 'string', default: defaultState() },
        to: { type: 'string' },
        check: { type: 'string' },
        'passphrase-file': { type: 'string' },
        store: { type: 'string' },
      },
    });
    const passphraseFile = namedFile(values['passphrase-file'], 'with a passphrase');
    const store = namedFile(values.store, 'about a store');
    return { ...values, state: resolve(values.state), passphraseFile, store };
  } catch (error) {
    throw new Stop(`${error.message}. Known: --to FOLDER, --check FILE, --state DIR, --passphrase-file FILE, --store FILE.`);
  }
}
