import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { Stop } from './stop.mjs';

/**
 * Takes a state folder for this process alone: a lock of the kernel's on a file in it, which goes with us however we end. Nobody
 * is asked for a process id that may be anybody's by now.
 *
 * @returns what lets it go
 * @throws Stop when another holds it
 */
export async function holdState(state) {
  // the lock is held for as long as its reader can hear us
  const held = spawn('flock', ['--nonblock', join(state, 'lock'), 'sh', '-c', 'echo held; exec cat'], {
    stdio: ['pipe', 'pipe', 'ignore'],
    detached: true,
  });
  const gone = new Promise((resolve) => held.on('exit', resolve));
  const answer = await Promise.race([new Promise((resolve) => held.stdout.once('data', () => resolve('held'))), gone]);
  if (answer !== 'held') throw new Stop(`another Inch Nest uses ${state}: stop it, or start with another --state folder.`);
  return async () => {
    held.stdin.end();
    await gone;
  };
}
