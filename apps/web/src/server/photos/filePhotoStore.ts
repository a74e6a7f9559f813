import { randomUUID } from 'node:crypto';
import { mkdir, readFile, rename, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { PhotoStore } from './PhotoStore.ts';

const NAME = /^[0-9a-f]{64}(-small)?$/;

/** Pictures as files below a folder of their own, by the first two signs of their names. */
export function filePhotoStore(folder: string): PhotoStore {
  const placeOf = (name: string): string => {
    if (!NAME.test(name)) throw new RangeError('a picture’s name is made from its content');
    return join(folder, name.slice(0, 2), `${name}.jpg`);
  };
  return {
    async put(name, bytes) {
      const place = placeOf(name);
      if (await stat(place).catch(() => null)) return;
      await mkdir(join(folder, name.slice(0, 2)), { recursive: true, mode: 0o700 });
      // whole or not at all, even when the machine stops in the middle
      const draft = `${place}.${randomUUID()}`;
      await writeFile(draft, bytes, { mode: 0o600 });
      await rename(draft, place);
    },
    get: async (name) => readFile(placeOf(name)).catch(() => null),
  };
}
