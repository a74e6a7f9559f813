import { createHash } from 'node:crypto';
import { existsSync, readFileSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.mjs';
import { Stop } from './stop.mjs';

const NEEDED_BYTES = 2_500_000_000;

/** Installs the packages of the lock file unless just these are there already. */
export async function ensureNodePackages(root) {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) throw new Stop(`Node ${process.versions.node} is too old: Inch Nest wants Node 20 or later.`);
  const marker = join(root, 'node_modules', '.inch-nest-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(marker) && readFileSync(marker, 'utf8') === lock) return;
  requireSpace(root, NEEDED_BYTES, 'the packages and the build');
  console.log('installing the packages …');
  // npm ci refuses a lock file whose other platforms' builds the registry does not list
  const status = await run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: root });
  if (status !== 0)
    throw new Stop('the packages could not be installed: see npm’s message above; is the registry reachable and the disk not full?');
  writeFileSync(marker, lock);
}

/** One sentence before a disk runs full, instead of many after. */
export function requireSpace(folder, bytes, what) {
  const { bavail, bsize } = statfsSync(folder);
  const free = Number(bavail) * Number(bsize);
  if (free < bytes)
    throw new Stop(
      `the disk of ${folder} has ${Math.round(free / 1e6)} MB left and ${what} need ${Math.round(bytes / 1e6)} MB: make room, then start again.`,
    );
}
