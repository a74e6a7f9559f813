import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.mjs';
import { Stop } from './stop.mjs';

const SOURCES = [
  'packages/core',
  'packages/contracts',
  'packages/data',
  'packages/backup',
  'packages/formats',
  'apps/web',
  'package-lock.json',
];
const LEFT_OUT = new Set(['node_modules', '.next', 'next-env.d.ts', 'tsconfig.tsbuildinfo']);

/** Builds the web application unless the sources are the ones it was built from. */
export async function ensureBuild(root) {
  const marker = join(root, 'apps/web/.next/inch-nest-sources');
  const sources = hashOf(root);
  if (existsSync(marker) && readFileSync(marker, 'utf8') === sources) return;
  console.log('building the application …');
  const status = await run(process.execPath, [nextBin(root), 'build', 'apps/web'], {
    cwd: root,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
  if (status !== 0) throw new Stop('the application did not build: see the message above.');
  writeFileSync(marker, sources);
}

export const nextBin = (root) => join(root, 'node_modules/next/dist/bin/next');

function hashOf(root) {
  const hash = createHash('sha256');
  const take = (path) => {
    if (/\.test\.tsx?$/.test(path)) return;
    hash.update(path).update(readFileSync(join(root, path)));
  };
  const walk = (path) => {
    for (const entry of readdirSync(join(root, path), { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1))) {
      if (LEFT_OUT.has(entry.name)) continue;
      if (entry.isDirectory()) walk(`${path}/${entry.name}`);
      else take(`${path}/${entry.name}`);
    }
  };
  for (const source of SOURCES) (source.includes('.json') ? take : walk)(source);
  return hash.digest('hex');
}
