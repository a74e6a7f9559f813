import { createHash } from 'node:crypto';
import sharp, { type Sharp, type SharpOptions } from 'sharp';
import { Refused } from '@inch-nest/data';
import { isHeic, readHeic } from './readHeic.ts';

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

const DAMAGED = 'the picture is cut short or damaged';
const NO_PICTURE = 'this is no JPEG, PNG, WebP or HEIC picture';
const TOO_MANY = `at most ${MOST_PIXELS / 1e6} megapixels, please`;
const refuse = (message: string): Refused => new Refused([{ path: 'photo', message }]);

/**
 * Reads what was sent as a photograph, turns it upright, and writes it anew without its notes.
 *
 * @throws Refused when it is empty, too large, cut short, or no JPEG, PNG, WebP or HEIC
 */
export async function readPicture(bytes: Uint8Array): Promise<Picture> {
  if (bytes.byteLength === 0) throw refuse('the file is empty');
  if (bytes.byteLength > MOST_PHOTO_BYTES) throw refuse(`at most ${MOST_PHOTO_BYTES / 1e6} MB a photograph, please`);
  if (isHeic(bytes)) return written(sharp(...(await unpacked(bytes))));
  const options = { limitInputPixels: MOST_PIXELS, failOn: 'truncated' as const };
  const kind = await sharp(bytes, options)
    .metadata()
    .catch((error: Error) => {
      throw refuse(/pixel limit/.test(error.message) ? TOO_MANY : NO_PICTURE);
    });
  if (!KINDS.includes(kind.format ?? '')) throw refuse(NO_PICTURE);
  if ((kind.width ?? 0) * (kind.height ?? 0) > MOST_PIXELS) throw refuse(TOO_MANY);
  return written(sharp(bytes, options).rotate());
}

/** What telephones write, as sharp takes it. */
async function unpacked(bytes: Uint8Array): Promise<[Buffer, SharpOptions]> {
  const read = await readHeic(bytes, MOST_PIXELS);
  if (!read) throw refuse(DAMAGED);
  if ('tooLarge' in read) throw refuse(TOO_MANY);
  const { data, width, height } = read;
  return [Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } }];
}

/** Written anew, whole and small. */
async function written(picture: Sharp): Promise<Picture> {
  try {
    const upright = picture.flatten({ background: '#ffffff' });
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
    throw refuse(DAMAGED);
  }
}
