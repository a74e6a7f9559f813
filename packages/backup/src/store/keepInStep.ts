import { join } from 'node:path';
import { listCopies } from '../copyFolder.ts';
import { copiesToKeep } from '../rotation.ts';
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
  const all = [...new Map([...here, ...away].map((copy) => [copy.name, copy])).values()];
  const kept = new Set(copiesToKeep(all.filter(({ byHand }) => !byHand).map(({ at }) => at)).map(Number));
  const stays = new Set(all.filter(({ byHand, at }) => byHand || kept.has(at.getTime())).map(({ name }) => name));
  // one that came there in part counts as not there
  const whole = new Set(
    away.filter(({ name, bytes }) => here.every((one) => one.name !== name || one.bytes === bytes)).map(({ name }) => name),
  );
  const put = here.filter(({ name }) => stays.has(name) && !whole.has(name)).map(({ name }) => name);
  for (const name of put) await store.put(join(folder, name), name);
  const gone = away.filter(({ name }) => !stays.has(name)).map(({ name }) => name);
  for (const name of gone) await store.remove(name);
  const there = new Set([...away.map(({ name }) => name), ...put]);
  return {
    put,
    gone,
    there: all
      .filter(({ name }) => there.has(name) && stays.has(name))
      .sort((a, b) => b.at.getTime() - a.at.getTime())
      .map(({ name }) => name),
  };
}
