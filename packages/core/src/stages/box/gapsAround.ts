import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Gaps } from './StowedBox.ts';

/** Half the difference on each side. */
export function gapsAround([l, w, d]: Triple, [insideL, insideW, insideD]: Triple): Gaps {
  const x = (insideL - l) / 2;
  const y = (insideW - w) / 2;
  const z = (insideD - d) / 2;
  return { left: x, right: x, front: y, back: y, bottom: z, top: z };
}

/** An inner box stands upright; it is turned on the floor when that leaves more room. */
export function gapsAroundInner(outsideIn: Triple, insideIn: Triple): Gaps {
  const straight = gapsAround(outsideIn, insideIn);
  const turned = gapsAround([outsideIn[1], outsideIn[0], outsideIn[2]], insideIn);
  const onTheFloor = (gaps: Gaps) => Math.min(gaps.left, gaps.front);
  return onTheFloor(turned) > onTheFloor(straight) + 1e-9 ? turned : straight;
}

export const leastGap = (gaps: Gaps): number => Math.min(gaps.bottom, gaps.top, gaps.front, gaps.back, gaps.left, gaps.right);
