import { existsSync } from 'node:fs';
import { resolve } from 'node:path';

/**
 * A file that an option names, from the root of the disk on; nothing where it names none.
 *
 * @param about what is in it, for the sentence where it is not there
 */
export function namedFile(named, about) {
  if (!named) return undefined;
  const file = resolve(named);
  if (!existsSync(file)) throw new Error(`there is no file ${file} ${about}`);
  return file;
}
