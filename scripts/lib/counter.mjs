import { freePort } from './ports.mjs';
import { startProcess } from './process.mjs';
import { program } from './program.mjs';
import { READY_MS, READY_SAYS } from './ready.mjs';
import { Stop } from './stop.mjs';

/**
 * Starts the carriers' stand-in as a process of its own, on loopback.
 *
 * @param options.book file where it keeps what it has charged
 * @param options.secret without which it answers nobody
 * @param options.port a port to start it on again; a free one without
 * @param options.cards folder of the carriers' rate cards it prices from
 */
export async function startCounter(root, { book, secret, port, asRoot }) {
  const chosen = port ?? (await freePort());
  const child = startProcess(process.execPath, program('apps/counter/src/main.ts', '--port', String(chosen), '--state', book), {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    asRoot,
    env: { ...process.env, INCH_NEST_COUNTER_SECRET: secret },
  });
  const address = `http://127.0.0.1:${chosen}`;
  for (const start = Date.now(); ;) {
    if (child.hasEnded()) throw new Stop('the carriers’ stand-in ended as it started: see the message above.');
    if (Date.now() - start > READY_MS) {
      await child.stop('SIGKILL');
      throw new Stop(`the carriers’ stand-in did not answer ${READY_SAYS}.`);
    }
    const answer = await fetch(`${address}/charges`, { headers: { authorization: `Bearer ${secret}` } }).catch(() => null);
    if (answer?.ok) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return { address, port: chosen, pid: child.pid, gone: child.gone, stop: child.stop };
}
