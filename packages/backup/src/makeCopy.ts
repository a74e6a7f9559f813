import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { copyName, makeCopyFolder, rotateCopies, type KeptCopy } from './copyFolder.ts';
import { readThrough, Unreadable } from './openCopy.ts';
import { damageWords } from './restoreCopy.ts';
import { writeCopy, type CopyOrder } from './writeCopy.ts';
import type { Manifest } from './manifest.ts';

/** A copy that was made, and what is in it. */
export interface MadeCopy {
  readonly copy: Omit<KeptCopy, 'bytes'>;
  readonly manifest: Manifest;
  /** Older ones that were taken away for it. */
  readonly gone: readonly string[];
}

/**
 * Makes a copy in a folder, reads all of it once more, and takes away the old ones that need not be kept.
 *
 * @throws Unreadable where it does not read back as it was written; it is taken away then
 */
export async function makeCopy(order: Omit<CopyOrder, 'shopId'>, folder: string, byHand: boolean): Promise<MadeCopy> {
  await makeCopyFolder(folder);
  const sealed = Boolean(order.passphrase);
  const name = copyName(order.now, { byHand, sealed });
  const path = join(folder, name);
  const manifest = await writeCopy(order, path);
  const { damaged } = await readThrough(path, order.passphrase);
  if (damaged.length > 0) {
    await rm(path, { force: true });
    throw new Unreadable(`the copy did not read back as it was written and was taken away again; ${damageWords(damaged)}`);
  }
  return { copy: { name, at: order.now, byHand, sealed }, manifest, gone: await rotateCopies(folder) };
}
