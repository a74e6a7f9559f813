import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { formatLength } from '../../units/index.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { heldBare } from './stowInBox.ts';
import { isEnvelope } from './makeShell.ts';
import type { BoxRefusal } from './StowedBox.ts';

const SIDES = ['long', 'wide', 'deep'] as const;

/** For every box that does not do: which side is short, by how much, or that none is left. */
export function whyNot(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House): BoxRefusal[] {
  return boxes.flatMap((box): BoxRefusal[] => {
    const gapIn = isEnvelope(box) ? 0 : house.leastGapIn;
    if (isEnvelope(box) && !wrapped.piece.archetype.flat) return [{ box, shortIn: 0, reason: 'an envelope is for flat goods' }];
    const best = heldBare(wrapped)
      .map(({ bundleIn }) => shortfall(bundleIn, box.insideIn, gapIn))
      .reduce((least, one) => (one.shortIn < least.shortIn ? one : least));
    if (best.shortIn > 1e-9)
      return [
        {
          box,
          ...best,
          reason: `${formatLength(best.shortIn)} too little ${best.side}${gapIn > 0 ? ` with ${formatLength(gapIn)} of bedding` : ''}`,
        },
      ];
    return box.onHand > 0 ? [] : [{ box, shortIn: 0, reason: 'none left' }];
  });
}

function shortfall(bundleIn: Triple, insideIn: Triple, gapIn: number): { shortIn: number; side: string } {
  const short = bundleIn.map((side, i) => side + 2 * gapIn - insideIn[i]!);
  const worst = short.indexOf(Math.max(...short));
  return { shortIn: short[worst]!, side: SIDES[worst]! };
}
