import { randomBytes } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { APPLICATION } from './cluster.mjs';
import { startCounter } from './counter.mjs';
import { giveToUser, userMayRead } from './process.mjs';
import { program } from './program.mjs';
import { quiet, isRoot } from './run.mjs';
import { startFront } from './network.mjs';
import { QUIET_STORE, startWeb } from './webServer.mjs';

/**
 * Counter and application over a database that is ready, each startable again on its own port.
 *
 * @param options.files folder for photographs and the counter's book; made and given to the unprivileged user
 * @param options.backups folder for backups, `backups` beside those files without one, and the files with their passphrase and about the store they go to besides
 * @param options.say takes a sentence a person should know
 */
export function makeServices(
  root,
  {
    port,
    databaseUrl,
    files,
    backups = { folder: join(dirname(files), 'backups') },
    network = null,
    byItself = false,
    silent = false,
    say = console.log,
  },
) {
  mkdirSync(files, { recursive: true, mode: 0o700 });
  giveToUser(files, { whole: true });
  mkdirSync(backups.folder, { recursive: true, mode: 0o700 });
  giveToUser(backups.folder);
  const asRoot = isRoot() && !userMayRead(join(root, 'package.json'));
  if (asRoot)
    say(
      `the unprivileged user may not read ${root}, so the application runs as root: put the folder below /opt or /srv to have it run with fewer rights.`,
    );
  const counter = { address: '', secret: randomBytes(24).toString('base64url'), port: undefined };
  return {
    counter,
    async startCounter() {
      const started = await startCounter(root, { book: join(files, 'counter.json'), secret: counter.secret, port: counter.port, asRoot });
      counter.address = started.address;
      counter.port = started.port;
      return started;
    },
    startFront: () => startFront(root, port, network, { asRoot }),
    startWeb: (at = port) =>
      startWeb(root, at, databaseUrl, {
        files,
        backups,
        counter,
        network,
        byItself,
        logs: silent ? undefined : join(dirname(files), 'logs'),
        asRoot,
      }),
  };
}

/** Brings a database up to date as its owner, gives the application its rights, and loads the demo unless it is a shop of one's own; the program's own report. */
export const prepareCommand = (ownerUrl, { role = APPLICATION, reset = false, ownShop = false } = {}) => ({
  args: program('packages/data/src/cli/prepare.ts', ...(reset ? ['--reset'] : []), ...(ownShop ? ['--own-shop'] : [])),
  env: { ...process.env, DATABASE_URL: ownerUrl, ...(role ? { INCH_NEST_ROLE: role } : {}) },
});

/** As above, silently. */
export function prepareQuietly(root, ownerUrl) {
  const { args, env } = prepareCommand(ownerUrl);
  return quiet(process.execPath, args, { cwd: root, env });
}

/** Makes, checks or puts back a copy of everything; the program's own report. */
export const copyCommand = (url, args) => ({
  args: program('packages/backup/src/cli/copy.ts', ...args),
  env: { ...process.env, ...QUIET_STORE, ...(url ? { DATABASE_URL: url } : {}) },
});

/** Prints a code by which somebody chooses a password; the program's own report. */
export const signInCodeCommand = (url, args) => ({
  args: program('packages/data/src/cli/signInCode.ts', ...args),
  env: { ...process.env, DATABASE_URL: url },
});
