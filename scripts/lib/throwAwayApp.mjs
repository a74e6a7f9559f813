import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { startCounter } from './counter.mjs';
import { freePort } from './ports.mjs';
import { quiet } from './run.mjs';
import { startWeb } from './webServer.mjs';

/** The built application with the demo in it, on a cluster of its own that goes when it is closed. */
export async function createThrowAwayApp(root) {
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-app-'));
  chmodSync(folder, 0o755);
  const port = await freePort();
  let running = null;
  const app = {
    address: `http://127.0.0.1:${port}`,
    counter: '',
    async start() {
      const cluster = await startCluster(join(folder, 'state'), { fast: true });
      running = { cluster };
      const prepared = quiet(process.execPath, ['--import', 'tsx', 'packages/data/src/cli/prepare.ts'], {
        cwd: root,
        env: { ...process.env, DATABASE_URL: cluster.url },
      });
      if (!prepared.ok) throw new Error(prepared.err);
      await app.openCounter();
      await app.openWeb();
    },
    async openCounter() {
      running.counter = await startCounter(root, join(folder, 'counter.json'), running.counter?.port);
      app.counter = running.counter.address;
    },
    async openWeb() {
      running.web = await startWeb(root, port, running.cluster.url, { quiet: true, files: join(folder, 'files'), counter: app.counter });
    },
    /** Ends one of the two processes at once, as a crash would. */
    crash: (which) => (which === 'web' ? running.web.stop('SIGKILL') : running.counter.stop('SIGKILL')),
    async stop() {
      await running?.web?.stop();
      await running?.counter?.stop();
      running?.cluster.stop();
      running = null;
    },
    async close() {
      await app.stop();
      rmSync(folder, { recursive: true, force: true });
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
