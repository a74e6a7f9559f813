import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startCluster } from './lib/cluster.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { run } from './lib/run.mjs';
import { runMain } from './lib/stop.mjs';
import { ensureBuild } from './lib/webBuild.mjs';

// Bundles the planner's benches as a browser's worker is bundled and runs them; then those of the database and of
// the screens, in a browser. `--core` leaves both out.
const root = dirname(dirname(fileURLToPath(import.meta.url)));

await runMain(async () => {
  await ensureNodePackages(root);
  const { build } = await import('esbuild');
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-bench-'));
  const outfile = join(folder, 'run.mjs');
  try {
    await build({
      entryPoints: [join(root, 'benches/run.ts')],
      outfile,
      bundle: true,
      platform: 'node',
      format: 'esm',
      logLevel: 'warning',
    });
    const status = await run(process.execPath, ['--expose-gc', outfile], { cwd: root, env: process.env });
    if (status !== 0 || process.argv.includes('--core')) return status;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  await ensureDebian({ postgres: true, chromium: true });
  console.log('\nA shop that has grown:\n');
  const asked = await onCluster('benches/grownShop.ts');
  if (asked !== 0) return asked;
  console.log('\nCopies of everything:\n');
  const copied = await onCluster('benches/copies.ts');
  if (copied !== 0) return copied;
  console.log('\nIn the browser:\n');
  await ensureBuild(root);
  return run(process.execPath, [join(root, 'benches/inBrowser.mjs')], { cwd: root, env: process.env });
});

/** What the database is asked, on a cluster that goes afterwards. */
async function onCluster(bench) {
  const folder = mkdtempSync(join(tmpdir(), 'inch-nest-bench-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(join(folder, 'state'), { fast: true });
  try {
    return await run(process.execPath, ['--import', 'tsx', join(root, bench)], {
      cwd: root,
      env: { ...process.env, TEST_DATABASE_URL: cluster.ownerUrl, TEST_APPLICATION_URL: cluster.url },
    });
  } finally {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
