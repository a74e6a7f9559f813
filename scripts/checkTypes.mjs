import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { run } from './lib/run.mjs';

/**
 * Rooms that may know the same things are one program: the pure ones, those of Node, the web, the tests. Checked by the seventh
 * compiler, which is not written in JavaScript and takes a third of the time; the tools that ask a compiler ask the sixth.
 */
const PROGRAMS = ['tsconfig.pure.json', 'tsconfig.node.json', 'apps/web/tsconfig.json', 'tsconfig.tests.json'];

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const compiler = join(root, 'node_modules/typescript-seven/bin/tsc');
for (const program of PROGRAMS) {
  const status = await run(process.execPath, [compiler, '--noEmit', '--incremental', 'false', '-p', program], { cwd: root });
  if (status !== 0) process.exitCode = 1;
}
