import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { beyond, throughWall, type LoadFront } from '../../engineering/cushion/loadPatch.ts';
import type { Block } from '../box/StowedBox.ts';
import type { Struck } from './FilledBox.ts';
import { boxFace, gapLayer, OPPOSITE } from './gapLayer.ts';
import { settledInShared } from './sharedFill.ts';

// Ways through the wall of a box, or a core, that some of several bundles share.

/** What lies on it, and the load beyond that. */
interface SharedWay {
  readonly gap: CushionLayer;
  readonly outside: LoadFront;
}

/**
 * What lies between bundles and the box they share on their way out of it, and the load outside of that.
 *
 * @param moreIn room that cells left empty add before them
 */
export function outOfShared(block: Block, at: number, face: Struck, from: LoadFront, moreIn = 0): SharedWay {
  const { fill, outsideIn, emptyIn } = block.shared!;
  const gap = gapLayer(from, settledInShared(block)![face] + emptyIn[face][at]! + moreIn, fill);
  return { gap, outside: throughWall(beyond(from, gap.thicknessIn), boxFace(outsideIn, face)) };
}

/** The same from without, on the side that is met. */
export function intoShared(block: Block, at: number, face: Struck, from: LoadFront): SharedWay {
  const { fill, outsideIn, emptyIn } = block.shared!;
  const met = OPPOSITE[face];
  const gap = gapLayer(throughWall(from, boxFace(outsideIn, face)), settledInShared(block)![met] + emptyIn[met][at]!, fill);
  return { gap, outside: beyond(from, gap.thicknessIn) };
}
