import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureNodePackages } from './lib/nodePackages.mjs';
import { run } from './lib/run.mjs';
import { runMain } from './lib/stop.mjs';

// Bundles the benches as a browser's worker is bundled, and runs them.
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
    return await run(process.execPath, ['--expose-gc', outfile], { cwd: root, env: process.env });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
