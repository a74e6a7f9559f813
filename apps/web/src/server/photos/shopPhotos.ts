import 'server-only';
import { join } from 'node:path';
import { filesFolder } from '../environment.ts';
import { filePhotoStore } from './filePhotoStore.ts';
import type { PhotoStore } from './PhotoStore.ts';

let kept: PhotoStore | null = null;

/** The shop's pictures. */
export const shopPhotos = (): PhotoStore => (kept ??= filePhotoStore(join(filesFolder(), 'photos')));
