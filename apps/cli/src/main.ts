import { readFileSync } from 'node:fs';
import { runNest } from './runNest.ts';

// The program: files and standard input in, the answer on standard output, progress and what is wrong on standard error.
const { status, out, err } = runNest(process.argv.slice(2), {
  read: (path) => readFileSync(path ?? 0, 'utf8'),
  tell: (progress) => process.stderr.write(`${progress}\n`),
});
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = status;
