import 'server-only';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** Bounds of what is done apart. */
interface Bounds {
  /** From when its program is there and begins. */
  readonly patienceMs: number;
  readonly mostMb: number;
}

/** What a program tells once it is there, before its answer. */
const BEGUN = 'begun';

/** So long a busy machine may take until a program is there: that is nobody's file's doing. */
const START_MS = 60_000;

/**
 * Does something with what strangers sent on a thread of its own, with bounds of time and memory: what is made to be hard to read
 * keeps nobody else waiting.
 *
 * @param program within `server`, as it stands in the sources: the build does not bundle threads. It posts `begun`, then its answer
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
    let patience = setTimeout(refuse, START_MS);
    worker
      .on('message', (told: Answer | typeof BEGUN) => {
        clearTimeout(patience);
        if (told === BEGUN) patience = setTimeout(refuse, patienceMs);
        else resolve(told);
      })
      .once('error', refuse)
      .once('exit', () => {
        clearTimeout(patience);
        refuse();
      });
  }).finally(() => void worker.terminate());
}
