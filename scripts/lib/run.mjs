import { spawn, spawnSync } from 'node:child_process';

/** Runs a command with its output shown; resolves to its exit status. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(signal ? 1 : code));
  });
}

/** Runs a command silently; returns its status and what it printed. */
export function quiet(command, args, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', maxBuffer: 1 << 26, ...options });
  return { ok: done.status === 0, status: done.status, out: done.stdout ?? '', err: done.stderr ?? String(done.error ?? '') };
}

export const isRoot = () => process.getuid?.() === 0;
