import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
/** Programs that were put together; nothing of it is kept by anybody. */
const CACHE = join(root, '.cache/programs');
/** What was put together from other sources may be starting just now. */
const OLD_MS = 24 * 3_600_000;

/**
 * Arguments for Node that start a program of the repository: its sources as one file, put together anew each time. Reading
 * hundreds of sources one by one takes more than twice as long as that and the start together.
 *
 * @param path of its first source, from the root
 */
export function program(path, ...args) {
  // else a process of it waits beside the program for more to put together, as long as that runs
  process.env.ESBUILD_WORKER_THREADS = '0';
  // whoever asks may have installed the packages only just now
  const { buildSync } = createRequire(import.meta.url)('esbuild');
  const { outputFiles } = buildSync({
    entryPoints: [join(root, path)],
    absWorkingDir: root,
    outfile: 'program.mjs',
    bundle: true,
    write: false,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    alias: ownPackages(),
    logLevel: 'error',
  });
  const [{ contents }] = outputFiles;
  const folder = join(CACHE, createHash('sha256').update(contents).digest('hex').slice(0, 16));
  // by its name, so that whoever lists processes knows it
  const file = join(folder, path.replace(/\.ts$/, '.mjs'));
  if (existsSync(file)) utimesSync(folder, new Date(), new Date());
  else {
    mkdirSync(dirname(file), { recursive: true });
    removeOld();
    const part = `${file}.${process.pid}`;
    writeFileSync(part, contents);
    renameSync(part, file);
  }
  return [file, ...args];
}

/** Takes away what was last started long ago; another start may do the same just now. */
function removeOld() {
  for (const one of readdirSync(CACHE)) {
    const started = statSync(join(CACHE, one), { throwIfNoEntry: false })?.mtimeMs ?? Infinity;
    if (Date.now() - started > OLD_MS) rmSync(join(CACHE, one), { recursive: true, force: true });
  }
}

/** The first source of each package of this repository, by what it is imported as. */
function ownPackages() {
  const folder = join(root, 'packages');
  return Object.fromEntries(
    readdirSync(folder).flatMap((one) => {
      const { name, exports } = JSON.parse(readFileSync(join(folder, one, 'package.json'), 'utf8'));
      return Object.entries(exports).map(([as, source]) => [name + as.slice(1), join(folder, one, source)]);
    }),
  );
}
