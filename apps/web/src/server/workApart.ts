import 'server-only';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** Bounds of what is done apart. */
interface Bounds {
  readonly patienceMs: number;
  readonly mostMb: number;
}

/**
 * Does something with what strangers sent on a thread of its own, with bounds of time and memory: what is made to be hard to read
 * keeps nobody else waiting.
 *
 * @param program within `server`, as it stands in the sources: the build does not bundle threads
 * @returns null where it took too long, too much, or failed
 */
export function workApart<Answer>(program: string, given: unknown, { patienceMs, mostMb }: Bounds): Promise<Answer | null> {
  const worker = new Worker(join(/* turbopackIgnore: true */ process.cwd(), 'apps/web/src/server', program), {
    workerData: given,
    resourceLimits: { maxOldGenerationSizeMb: mostMb },
    // what a reader mutters about somebody's file is nobody's to read
    stdout: true,
    stderr: true,
  });
  return new Promise<Answer | null>((resolve) => {
    const refuse = () => resolve(null);
    const patience = setTimeout(refuse, patienceMs);
    worker
      .once('message', resolve)
      .once('error', refuse)
      .once('exit', () => {
        clearTimeout(patience);
        refuse();
      });
  }).finally(() => void worker.terminate());
}
