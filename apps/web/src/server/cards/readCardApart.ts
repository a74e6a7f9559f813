import 'server-only';
import { Worker } from 'node:worker_threads';
import { join } from 'node:path';
import type { NamedFile, RateCardReading } from '@inch-nest/formats';

const PATIENCE_MS = 8000;
const MOST_MB = 128;

/** The reader as it stands in the sources: the build does not bundle threads. */
const readerFile = (): string => join(/* turbopackIgnore: true */ process.cwd(), 'apps/web/src/server/cards/cardReader.mjs');

/**
 * Reads the files of a rate card on a thread of their own, with bounds of time and memory: files that are made to be hard to
 * read keep nobody else waiting.
 */
export function readCardApart(files: readonly NamedFile[]): Promise<RateCardReading> {
  const worker = new Worker(readerFile(), {
    workerData: files,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  return new Promise<RateCardReading>((resolve) => {
    const refuse = () => resolve({ ok: false, problems: [{ path: '(files)', message: 'these files cannot be read in reasonable time' }] });
    const patience = setTimeout(refuse, PATIENCE_MS);
    worker
      .once('message', resolve)
      .once('error', refuse)
      .once('exit', () => clearTimeout(patience));
  }).finally(() => void worker.terminate());
}
