import type { Face } from '../../engineering/pieces/hardPoints.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { Packing } from './judgePacking.ts';

/** How a packing is known to go, from what good packers do and from what goes wrong. */
export interface PracticeBand {
  readonly name: string;
  /** As a packer would say it. */
  readonly says: string;
  readonly packing: Packing;
  /** Bounds of the chance that anything breaks on one journey to zone 5. Common practice, no source. */
  readonly low: number;
  readonly high: number;
  /** An independent reckoning of the same law, from which ours may be a tenth off. */
  readonly reckoned: number;
}

const EVEN: readonly Face[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];
/** The same gap on every face. */
export const even = (gapIn: number): Gaps => Object.fromEntries(EVEN.map((face) => [face, gapIn])) as unknown as Gaps;
const NO_SQUEEZE = [0, 0, 0] as const;

/** A packing from what is said of it. */
export const packing = (
  piece: Partial<Packing['piece']> & Pick<Packing['piece'], 'kind' | 'sizeIn' | 'weightLb'>,
  more: Partial<Packing>,
): Packing => ({
  piece: { hardPoints: [], fineFace: false, steadied: null, ...piece },
  layers: [],
  squeezedIn: NO_SQUEEZE,
  inner: null,
  fill: null,
  gapsIn: even(0),
  grade: 'ordinary',
  liner: false,
  board: false,
  overfillShare: 0.06,
  looseShare: 1,
  envelope: null,
  card: 'none',
  faceCard: false,
  zone: 5,
  grossWeightLb: null,
  count: 1,
  ...more,
});
/** Layers, each with its turns. */
export const turns = (...layers: readonly [Packing['layers'][number]['material'], number][]): Packing['layers'] =>
  layers.map(([material, n]) => ({ material, turns: n }));
