import { measured } from '../../sources/index.ts';
import { CUSHION_MATERIALS, REUSED_BUBBLE_SHARE, type CushionKey, type CushionMaterial } from '../cushion/cushionMaterials.ts';
import { testedCurve, type DropTest } from '../dropTest/testedCurve.ts';
import type { WrapStock } from './stock.ts';

/** What cushions: like one of the materials the model knows, and by the shop's own drops where it made some. */
export interface Cushioning {
  readonly cushion: CushionKey;
  readonly dropTests?: readonly DropTest[] | null | undefined;
}

/** Made once for each list of drops, so that tables which go by a material are made once too. */
const tested = new WeakMap<readonly DropTest[], Map<CushionKey, CushionMaterial>>();

/**
 * How a stock item behaves under shock and on the way: its own curve where the shop's drops make one, else that of what it is
 * like; how it settles, flows and bears is what it is like either way.
 */
export function cushionOf({ cushion, dropTests }: Cushioning): CushionMaterial {
  const like = CUSHION_MATERIALS[cushion];
  if (!dropTests || dropTests.length === 0) return like;
  const made = tested.get(dropTests) ?? new Map<CushionKey, CushionMaterial>();
  tested.set(dropTests, made);
  const known = made.get(cushion) ?? byDrops(like, dropTests);
  made.set(cushion, known);
  return known;
}

function byDrops(like: CushionMaterial, drops: readonly DropTest[]): CushionMaterial {
  const fit = testedCurve(drops);
  if ('whyNot' in fit) return like;
  return { ...like, curve: fit.curve, provenance: measured(`by ${fit.used} drops of its own`) };
}

/** One thickness of a sheet as it lies, inches: used bubble has given some of it away. */
export const sheetThicknessIn = ({ thicknessIn, reused }: Pick<WrapStock, 'thicknessIn' | 'reused'>): number =>
  thicknessIn * (reused ? REUSED_BUBBLE_SHARE : 1);
