import { sheetThicknessIn } from '../../engineering/materials/cushionOf.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { foldMet, mayBeFolded, MOST_FOLDS, type FoldChoice } from './folds.ts';
import { leastGap } from './gapsAround.ts';
import { wallParts } from './shared.ts';
import { isWithin } from './metWithin.ts';
import type { Block } from './StowedBox.ts';

/** Heavier than water, and heavier than what it stands beside: such a thing goes through its neighbour’s wrap. Common practice, no source; the figures are judgement. */
const DENSE = { lbPerIn3: 0.04, timesAsHeavy: 1.5 };
/** Half of a delicate kind stand less, g; judgement. */
const DELICATE_BELOW_G = 300;

const densityOf = ({
  piece: {
    weightLb,
    sizeIn: [l, w, h],
  },
}: WrappedItem): number => weightLb / (l * w * h);

/** True where the one is dense and the other delicate. */
export const isDenseBeside = (one: WrappedItem, other: WrappedItem): boolean =>
  densityOf(one) >= DENSE.lbPerIn3 &&
  one.piece.weightLb >= DENSE.timesAsHeavy * other.piece.weightLb &&
  densityOf(other) < DENSE.lbPerIn3 &&
  other.piece.criticalG !== null &&
  other.piece.criticalG < DELICATE_BELOW_G;

/** Two bundles that stand against one another, with what is between them and what the house wishes there, inches. */
export interface Neighbours {
  readonly pair: readonly [number, number];
  readonly apartIn: number;
  readonly wantedIn: number;
}

/** Every two different bundles of a block that meet, whichever face strikes. */
export function neighboursIn(
  block: Pick<Block, 'bundles' | 'resting' | 'folds' | 'shared'>,
  house: Pick<House, 'betweenIn' | 'betweenDenseIn'>,
): Neighbours[] {
  const { bundles, resting, folds, shared } = block;
  // nothing goes between what stands in another and that: somebody wants it so
  const pairs = pairsIn(resting).filter(([one, other]) => !isWithin(bundles, one, other));
  return pairs.map((pair) => {
    const [one, other] = pair.map((at) => bundles[at]!.wrapped) as [WrappedItem, WrappedItem];
    // a wall between them takes a blow from what is dense, as that of an inner box does. Common practice, no source
    const walled = one.boxed !== undefined || other.boxed !== undefined || (shared !== null && wallParts(shared, ...pair));
    const dense = !walled && (isDenseBeside(one, other) || isDenseBeside(other, one));
    return {
      pair,
      apartIn: (foldMet(folds, ...pair)?.thicknessIn ?? 0) + (shared && wallParts(shared, ...pair) ? leastGap(shared.gaps) : 0),
      wantedIn: Math.max(house.betweenIn, dense ? house.betweenDenseIn : 0),
    };
  });
}

/** Every two that meet on a low face of one of them. */
export function pairsIn(resting: Block['resting']): [number, number][] {
  const met = new Map<string, [number, number]>();
  for (const face of ['bottom', 'front', 'left'] as const)
    resting[face].on.forEach((supports, at) => {
      for (const support of supports) {
        const pair: [number, number] = [Math.min(at, support.at), Math.max(at, support.at)];
        met.set(pair.join(), pair);
      }
    });
  return [...met.values()].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
}

/** Thinner than this a fold is none: about one thickness of large bubble, inches; judgement. */
const LEAST_FOLD_IN = 0.5;

/** The fold that brings two bundles as far apart as is wished, of the wrap that costs least for it; null where none will do. */
export function foldWanted({ pair, wantedIn }: Neighbours, wraps: readonly WrapStock[]): FoldChoice | null {
  const thickIn = Math.max(wantedIn, LEAST_FOLD_IN);
  const ways = wraps
    .filter((wrap) => mayBeFolded(wrap) && wrap.onHandFt2 > 0)
    .map((wrap) => {
      const folds = Math.ceil(thickIn / sheetThicknessIn(wrap) - 1e-9);
      return { material: wrap.key, folds, minor: (folds * wrap.priceMinor) / (wrap.rollWidthIn * wrap.rollLengthIn) };
    })
    .filter(({ folds }) => folds <= MOST_FOLDS)
    .sort((a, b) => a.minor - b.minor || a.folds - b.folds);
  return ways[0] ? { pair, material: ways[0].material, folds: ways[0].folds } : null;
}
