import { chmodSync, existsSync, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { quiet } from './run.mjs';
import { prepareQuietly } from './services.mjs';

const LOOK_MS = 250;

/**
 * A state folder with the demo loaded in it, copied from one that whoever needs it first makes: loading takes far longer than
 * copying, and several applications want the same.
 *
 * @param kept folder in which it is made once; null where each loads its own
 * @returns false where nothing was copied
 */
export async function copyDemo(root, kept, state) {
  if (!kept) return false;
  const [made, making, failed] = [join(kept, 'state'), join(kept, 'making'), join(kept, 'failed')];
  mkdirSync(kept, { recursive: true });
  chmodSync(kept, 0o755);
  for (; !existsSync(made); await new Promise((resolve) => setTimeout(resolve, LOOK_MS))) {
    if (existsSync(failed)) return false;
    if (!mine(making)) continue;
    try {
      await make(root, join(making, 'state'));
      renameSync(join(making, 'state'), made);
    } catch (error) {
      writeFileSync(failed, error.message);
      return false;
    } finally {
      rmSync(making, { recursive: true, force: true });
    }
  }
  return quiet('cp', ['-a', made, state]).ok;
}

/** True for the one who makes it. */
function mine(making) {
  try {
    mkdirSync(making);
    chmodSync(making, 0o755);
    return true;
  } catch {
    return false;
  }
}

async function make(root, state) {
  const cluster = await startCluster(state, { fast: true });
  const prepared = prepareQuietly(root, cluster.ownerUrl);
  await cluster.stop();
  if (!prepared.ok) throw new Error(prepared.err);
}
