import { chmodSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { copyDemo } from './demoCopy.mjs';
import { freePort } from './ports.mjs';
import { quiet } from './run.mjs';
import { makeServices, prepareQuietly, signInCodeCommand } from './services.mjs';

/** The built application with the demo in it, on a cluster of its own that goes when it is closed. */
export async function createThrowAwayApp(root, { byItself = true, network = null } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-app-'));
  chmodSync(folder, 0o755);
  const port = await freePort();
  let running = null;
  const app = {
    address: `http://127.0.0.1:${port}`,
    counter: '',
    /** Asks the carriers' stand-in something, as the application would. */
    atCounter: (path, init = {}) =>
      fetch(`${app.counter}${path}`, { ...init, headers: { authorization: `Bearer ${running.services.counter.secret}` } }),
    async start() {
      const state = join(folder, 'state');
      const isLoaded = existsSync(state) || (await copyDemo(root, process.env.INCH_NEST_DEMO_COPY, state));
      const cluster = await startCluster(state, { fast: true });
      running = { cluster };
      const prepared = isLoaded ? { ok: true } : prepareQuietly(root, cluster.ownerUrl);
      if (!prepared.ok) throw new Error(prepared.err);
      running.services = makeServices(root, {
        port,
        databaseUrl: cluster.url,
        files: join(folder, 'files'),
        byItself,
        network,
        silent: true,
        say: () => {},
      });
      await app.openCounter();
      await app.openWeb();
    },
    async openCounter() {
      running.counter = await running.services.startCounter();
      app.counter = running.counter.address;
    },
    async openWeb() {
      running.web = await running.services.startWeb();
    },
    /** Ends one of the two processes at once, as a crash would. */
    crash: (which) => (which === 'web' ? running.web.stop('SIGKILL') : running.counter.stop('SIGKILL')),
    async stop() {
      await running?.web?.stop();
      await running?.counter?.stop();
      await running?.cluster.stop();
      running = null;
    },
    async close() {
      await app.stop();
      rmSync(folder, { recursive: true, force: true });
    },
    /** One more server process over the same database, files and counter. */
    async another(at) {
      return running.services.startWeb(at ?? (await freePort()));
    },
    /** A code by which somebody of the demo chooses a password. */
    codeFor(name) {
      const { args, env } = signInCodeCommand(running.cluster.url, ['--name', name]);
      const { ok, out, err } = quiet(process.execPath, args, { cwd: root, env });
      if (!ok) throw new Error(err);
      return out.trim().split(' ').at(-1) ?? '';
    },
    shelf: async () => (await fetch(`${app.address}/api/shelf`)).json(),
  };
  try {
    await app.start();
  } catch (error) {
    await app.close();
    throw error;
  }
  return app;
}
