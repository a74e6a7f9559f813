import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureDebian } from './lib/debian.mjs';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { run } from './lib/run.mjs';
import { runMain } from './lib/stop.mjs';
import { ensureBuild } from './lib/webBuild.mjs';

// Bundles the planner's benches as a browser's worker is bundled and runs them; then those of the screens, in a
// browser. `--core` leaves the browser out.
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
  console.log('\nIn the browser:\n');
  await ensureDebian({ postgres: true, chromium: true });
  await ensureBuild(root);
  return run(process.execPath, [join(root, 'benches/inBrowser.mjs')], { cwd: root, env: process.env });
});
