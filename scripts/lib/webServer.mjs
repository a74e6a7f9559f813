import { spawn } from 'node:child_process';
import { nextBin } from './webBuild.mjs';
import { Stop } from './stop.mjs';

const READY_MS = 30_000;
const PATIENCE_MS = 4000;

/** Starts the built application on loopback and waits until it answers. */
export async function startWeb(root, port, databaseUrl, options) {
  const child = spawn(process.execPath, [nextBin(root), 'start', 'apps/web', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: root,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      INCH_NEST_FILES: options.files,
      ...(options.counter ? { INCH_NEST_COUNTER: options.counter } : {}),
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    stdio: ['ignore', options.quiet ? 'ignore' : 'pipe', 'inherit'],
    detached: true,
  });
  let ended = false;
  const gone = new Promise((resolve) => child.on('exit', () => resolve((ended = true))));
  const address = `http://127.0.0.1:${port}`;
  for (const start = Date.now(); ;) {
    if (ended) throw new Stop('the application ended as it started: see the message above.');
    if (Date.now() - start > READY_MS) throw new Stop('the application did not answer within 30 seconds.');
    const answer = await fetch(`${address}/api/health`).catch(() => null);
    if (answer?.ok) break;
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
  const stop = async (signal = 'SIGTERM') => {
    if (ended) return;
    process.kill(-child.pid, signal);
    // a browser that holds a connection open must not hold the application up
    const patience = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), PATIENCE_MS);
    await gone;
    clearTimeout(patience);
  };
  return { address, stop, gone, pid: child.pid };
}
