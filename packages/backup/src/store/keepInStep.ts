import { join } from 'node:path';
import { copiesThatStay, listCopies } from '../copyFolder.ts';
import type { CopyStore } from './CopyStore.ts';

/** What was brought to a store and taken from it. */
export interface InStep {
  readonly put: readonly string[];
  readonly gone: readonly string[];
  /** What lies there now, newest first. */
  readonly there: readonly string[];
}

/**
 * Brings a store level with a folder of copies: what it lacks of those that are to be kept is put there, also after nights in
 * which it could not be reached, and what made itself and need not be kept any more goes. A copy by hand stays there until
 * somebody takes it away, and one that is there stays when its folder is lost.
 *
 * @throws StoreTrouble at the first thing it would not do; the next time goes on from there
 */
export async function keepInStep(store: CopyStore, folder: string): Promise<InStep> {
  const [here, away] = [await listCopies(folder), await store.list()];
  const all = [...new Map([...away, ...here].map((copy) => [copy.name, copy])).values()].sort((a, b) => b.at.getTime() - a.at.getTime());
  const there = copiesThatStay(all).map(({ name }) => name);
  const sizes = new Map(away.map(({ name, bytes }) => [name, bytes]));
  // one that came there in part counts as not there
  const put = here.filter(({ name, bytes }) => there.includes(name) && sizes.get(name) !== bytes).map(({ name }) => name);
  for (const name of put) await store.put(join(folder, name), name);
  const gone = away.map(({ name }) => name).filter((name) => !there.includes(name));
  for (const name of gone) await store.remove(name);
  return { put, gone, there };
}
