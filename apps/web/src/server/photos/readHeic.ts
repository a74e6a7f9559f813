import 'server-only';
import { workApart } from '../workApart.ts';

/** What a picture of that kind begins with after its eighth byte. Source: ISO/IEC 23008-12, brands of HEIF with HEVC, from memory. */
const BRANDS = ['heic', 'heix', 'hevc', 'hevx', 'mif1', 'msf1'];
const BOUNDS = { patienceMs: 20_000, mostMb: 512 };

/** True of a picture as telephones write them. */
export const isHeic = (bytes: Uint8Array): boolean => {
  const text = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to));
  return text(4, 8) === 'ftyp' && BRANDS.includes(text(8, 12));
};

/** Its points, four bytes each, row by row, upright. */
export interface Unpacked {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

/** Unpacks one, apart; null where it is damaged or cannot be read in reasonable time. */
export const readHeic = (bytes: Uint8Array, mostPixels: number): Promise<Unpacked | { readonly tooLarge: true } | null> =>
  workApart('photos/heicReader.mjs', { bytes, mostPixels }, BOUNDS);
