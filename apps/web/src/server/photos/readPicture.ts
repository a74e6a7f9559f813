import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { Refused } from '@inch-nest/data';

/** What is taken from a camera or a file: kinds told by content, never by name. */
const KINDS = ['jpeg', 'png', 'webp'];
export const MOST_PHOTO_BYTES = 20_000_000;
const MOST_PIXELS = 60_000_000;
const LONGEST_SIDE = 2400;
const SMALL_SIDE = 320;

/** A picture ready for the store: upright, without what the camera noted of place and person. */
export interface Picture {
  readonly content: string;
  readonly width: number;
  readonly height: number;
  readonly whole: Uint8Array;
  readonly small: Uint8Array;
}

const refuse = (message: string): Refused => new Refused([{ path: 'photo', message }]);

/**
 * Reads what was sent as a photograph, turns it upright, and writes it anew without its notes.
 *
 * @throws Refused when it is empty, too large, cut short, or no JPEG, PNG or WebP
 */
export async function readPicture(bytes: Uint8Array): Promise<Picture> {
  if (bytes.byteLength === 0) throw refuse('the file is empty');
  if (bytes.byteLength > MOST_PHOTO_BYTES) throw refuse(`at most ${MOST_PHOTO_BYTES / 1e6} MB a photograph, please`);
  const options = { limitInputPixels: MOST_PIXELS, failOn: 'truncated' as const };
  const kind = await sharp(bytes, options)
    .metadata()
    .catch((error: Error) => {
      throw refuse(
        /pixel limit/.test(error.message) ? `at most ${MOST_PIXELS / 1e6} megapixels, please` : 'this is no JPEG, PNG or WebP picture',
      );
    });
  if (!KINDS.includes(kind.format ?? '')) throw refuse('this is no JPEG, PNG or WebP picture');
  if ((kind.width ?? 0) * (kind.height ?? 0) > MOST_PIXELS) throw refuse(`at most ${MOST_PIXELS / 1e6} megapixels, please`);
  try {
    const upright = sharp(bytes, options).rotate().flatten({ background: '#ffffff' });
    const size = (side: number) => ({ width: side, height: side, fit: 'inside' as const, withoutEnlargement: true });
    const { data: whole, info } = await upright
      .clone()
      .resize(size(LONGEST_SIDE))
      .jpeg({ quality: 86 })
      .toBuffer({ resolveWithObject: true });
    const small = await upright.clone().resize(size(SMALL_SIDE)).jpeg({ quality: 78 }).toBuffer();
    const content = createHash('sha256').update(whole).digest('hex');
    return { content, width: info.width, height: info.height, whole, small };
  } catch {
    throw refuse('the picture is cut short or damaged');
  }
}
