import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { formatLength, type UnitSystem } from '../../units/index.ts';
import { heldBare, roomNeeded } from './stowInBox.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { isEnvelope } from './makeShell.ts';
import type { BoxRefusal, InnerBox } from './StowedBox.ts';

const SIDES = ['long', 'wide', 'deep'] as const;

/**
 * For every box that does not do: which side is short, by how much, or that none is left.
 *
 * @param inner the inner box that is to go in, standing, in place of the bare bundle
 */
export function whyNot(
  wraps: Wraps,
  boxes: readonly BoxStock[],
  house: House,
  inner: Pick<InnerBox, 'outsideIn'> | null = null,
  units?: UnitSystem,
): BoxRefusal[] {
  const held = heldBare(wraps);
  const [l, w, d] = inner?.outsideIn ?? [0, 0, 0];
  const outlines: readonly Triple[] = inner
    ? [
        [l, w, d],
        [w, l, d],
      ]
    : held.map((one) => roomNeeded(house, one).leastIn);
  return boxes.flatMap((box): BoxRefusal[] => {
    const gapIn = isEnvelope(box) ? 0 : roomNeeded(house, { ...held[0]!, inner }).needIn;
    if (isEnvelope(box) && inner) return [{ box, shortIn: 0, reason: 'no box goes into an envelope' }];
    if (isEnvelope(box) && !wraps.every(({ piece }) => piece.archetype.flat))
      return [{ box, shortIn: 0, reason: 'an envelope is for what is flat or soft' }];
    const best = outlines
      .map((outline) => shortfall(outline, box.insideIn, gapIn))
      .reduce((least, one) => (one.shortIn < least.shortIn ? one : least));
    if (best.shortIn > 1e-9)
      return [
        {
          box,
          ...best,
          reason: `${formatLength(best.shortIn, units)} too little ${best.side}${house.strictGaps && gapIn > 0 ? ` with ${formatLength(gapIn, units)} of bedding` : ''}`,
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
