import { READY_MS, READY_SAYS } from './ready.mjs';
import { nextBin } from './webBuild.mjs';
import { startProcess } from './process.mjs';
import { Stop } from './stop.mjs';

/** The package that speaks to a store would say at each start which Node its editions of 2027 want. */
export const QUIET_STORE = { AWS_SDK_JS_NODE_VERSION_SUPPORT_WARNING_DISABLED: 'true' };

/**
 * Starts the built application on loopback and waits until it answers.
 *
 * @param options.files where photographs lie
 * @param options.backups where backups go, the file they are sealed with, and the one about the store they go to besides
 * @param options.network how others on the network reach it, where they do
 * @param options.byItself whoever sits at this machine says who she is; only ever for a demo that nothing else reaches
 * @param options.logs folder for what it writes down, in files that take turns; without one nothing is kept
 * @param options.counter address and secret of the carriers' counter
 */
export async function startWeb(
  root,
  port,
  databaseUrl,
  { files, backups, counter, logs, network = null, byItself = false, asRoot = false },
) {
  const child = startProcess(process.execPath, [nextBin(root), 'start', 'apps/web', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: root,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      INCH_NEST_FILES: files,
      ...(counter ? { INCH_NEST_COUNTER: counter.address, INCH_NEST_COUNTER_SECRET: counter.secret } : {}),
      ...(backups
        ? {
            INCH_NEST_BACKUPS: backups.folder,
            INCH_NEST_BACKUP_PASSPHRASE_FILE: backups.passphraseFile ?? '',
            INCH_NEST_BACKUP_STORE_FILE: backups.storeFile ?? '',
          }
        : {}),
      ...QUIET_STORE,
      INCH_NEST_SIGN_IN: byItself ? 'itself' : '',
      ...(network
        ? {
            INCH_NEST_ADDRESS: network.address,
            INCH_NEST_HOSTS: network.hosts.join(','),
            INCH_NEST_FRONT_SECRET: network.secret,
            INCH_NEST_ROOT_CERTIFICATE: network.root ?? '',
            INCH_NEST_FIRST_CODE: network.firstCode ?? '',
          }
        : {}),
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    stdio: ['ignore', logs ? 'pipe' : 'ignore', 'inherit'],
    asRoot,
  });
  if (logs) await keepLog(child.out, logs);
  const address = `http://127.0.0.1:${port}`;
  for (const start = Date.now(); ;) {
    if (child.hasEnded()) throw new Stop('the application ended as it started: see the message above.');
    if (Date.now() - start > READY_MS) {
      await child.stop('SIGKILL');
      throw new Stop(`the application did not answer ${READY_SAYS}.`);
    }
    // it is up when it answers at all: whether the database does is another question
    if (await fetch(`${address}/api/health`).catch(() => null)) break;
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
  return { address, pid: child.pid, gone: child.gone, stop: child.stop };
}

/** So large, and so many, before the oldest goes. */
const LOG = { size: '10M', maxFiles: 6, compress: 'gzip' };

/** Writes what a process prints into files that take turns, for their owner alone. */
async function keepLog(out, folder) {
  const { createStream } = await import('rotating-file-stream');
  const file = createStream('application.log', { ...LOG, path: folder, mode: 0o600 });
  // a full disk ends no application: what cannot be kept is let go
  file.on('error', () => out.resume());
  out.pipe(file);
}
