import { nextBin } from './webBuild.mjs';
import { startProcess } from './process.mjs';
import { Stop } from './stop.mjs';

const READY_MS = 30_000;

/**
 * Starts the built application on loopback and waits until it answers.
 *
 * @param options.files where photographs lie
 * @param options.backups where backups go, and the file they are sealed with
 * @param options.counter address and secret of the carriers' counter
 */
export async function startWeb(root, port, databaseUrl, { files, backups, counter, quiet = false, asRoot = false }) {
  const child = startProcess(process.execPath, [nextBin(root), 'start', 'apps/web', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: root,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      INCH_NEST_FILES: files,
      ...(counter ? { INCH_NEST_COUNTER: counter.address, INCH_NEST_COUNTER_SECRET: counter.secret } : {}),
      ...(backups ? { INCH_NEST_BACKUPS: backups.folder, INCH_NEST_BACKUP_PASSPHRASE_FILE: backups.passphraseFile ?? '' } : {}),
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    stdio: ['ignore', quiet ? 'ignore' : 'pipe', 'inherit'],
    asRoot,
  });
  const address = `http://127.0.0.1:${port}`;
  for (const start = Date.now(); ;) {
    if (child.hasEnded()) throw new Stop('the application ended as it started: see the message above.');
    if (Date.now() - start > READY_MS) {
      await child.stop('SIGKILL');
      throw new Stop('the application did not answer within 30 seconds.');
    }
    // it is up when it answers at all: whether the database does is another question
    if (await fetch(`${address}/api/health`).catch(() => null)) break;
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
  return { address, pid: child.pid, gone: child.gone, stop: child.stop };
}
