import { isEnvelope } from './makeShell.ts';
import type { Shell } from './StowedBox.ts';

/** The ways of packing that a packer tells apart, by what holds the bundle. */
export type PackingWay = 'bedded' | 'boxInBox' | 'cutDown' | 'lined' | 'envelope' | 'carrierBox';

export const PACKING_WAYS: readonly { readonly key: PackingWay; readonly name: string }[] = [
  { key: 'bedded', name: 'bedded in one box' },
  { key: 'boxInBox', name: 'a box in a box' },
  { key: 'cutDown', name: 'a box cut down or shortened' },
  { key: 'lined', name: 'a box with a second wall' },
  { key: 'envelope', name: 'an envelope' },
  { key: 'carrierBox', name: 'a carrier’s free box' },
];

/** Which way a shell with or without an inner box is. */
export function packingWay({ box, liner, newDepthIn, shortened }: Shell, inner: unknown): PackingWay {
  if (isEnvelope(box)) return 'envelope';
  if (box.container !== null) return 'carrierBox';
  if (inner) return 'boxInBox';
  if (liner) return 'lined';
  return newDepthIn === null && shortened === null ? 'bedded' : 'cutDown';
}
