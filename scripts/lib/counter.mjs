import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { freePort } from './ports.mjs';
import { Stop } from './stop.mjs';

const READY_MS = 20_000;

/**
 * Starts the carriers' stand-in as a process of its own, on loopback.
 *
 * @param file where it keeps what it has charged
 * @param port a port to start it on again; a free one without
 */
export async function startCounter(root, file, port) {
  const chosen = port ?? (await freePort());
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', join(root, 'apps/counter/src/main.ts'), '--port', String(chosen), '--state', file],
    { cwd: root, stdio: ['ignore', 'ignore', 'inherit'], detached: true },
  );
  let ended = false;
  const gone = new Promise((resolve) => child.on('exit', () => resolve((ended = true))));
  const address = `http://127.0.0.1:${chosen}`;
  for (const start = Date.now(); ;) {
    if (ended) throw new Stop('the carriers’ stand-in ended as it started: see the message above.');
    if (Date.now() - start > READY_MS) throw new Stop('the carriers’ stand-in did not answer within 20 seconds.');
    const answer = await fetch(`${address}/charges`).catch(() => null);
    if (answer?.ok) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  const stop = async (signal = 'SIGTERM') => {
    if (ended) return;
    process.kill(-child.pid, signal);
    await gone;
  };
  return { address, port: chosen, stop };
}
