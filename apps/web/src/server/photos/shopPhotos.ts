import 'server-only';
import { join } from 'node:path';
import { filePhotoStore } from './filePhotoStore.ts';
import type { PhotoStore } from './PhotoStore.ts';

let kept: PhotoStore | null = null;

/** The shop's pictures; the one place of the server that reads the environment. */
export function shopPhotos(): PhotoStore {
  const folder = process.env['INCH_NEST_FILES'];
  if (!folder) throw new Error('INCH_NEST_FILES is not set: start with npm run demo, or name a folder for the photographs in it');
  return (kept ??= filePhotoStore(join(folder, 'photos')));
}
