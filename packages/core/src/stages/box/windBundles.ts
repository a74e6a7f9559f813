import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { FACE_AXIS, isLow, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { Between } from '../../engineering/stowage/Stand.ts';
import { layAround, type Around, type AroundWrap } from './around.ts';
import type { Block } from './StowedBox.ts';

// What a wrap round several bundles does to the block in which they stand.

/** Bundles that stand together, with a wrap round them all: what is empty among them is closed in. */
export function wound(block: Block, wrap: AroundWrap): Block {
  const around = layAround(wrap, block.blockIn);
  const { thicknessIn } = around;
  const grown = (of: Triple, byIn: number) => of.map((side) => side + byIn) as unknown as Triple;
  const shifted = <One extends { readonly atIn: Triple }>(one: One): One => ({ ...one, atIn: grown(one.atIn, thicknessIn) });
  const [first, ...others] = block.bundles;
  return {
    ...block,
    around,
    bundles: [shifted(first), ...others.map(shifted)],
    boards: block.boards.map(shifted),
    folds: block.folds.map(shifted),
    shared: block.shared && shifted(block.shared),
    blockIn: grown(block.blockIn, 2 * thicknessIn),
    emptyIn3: 0,
  };
}

/**
 * What is laid round some bundles that stand as one part.
 *
 * @param atIn its near lower corner
 */
export function aroundSome(
  { wrap, of }: { readonly wrap: AroundWrap; readonly of: readonly number[] },
  bundles: Block['bundles'],
  atIn: Triple,
): Around {
  const members = of.map((at) => bundles[at]!);
  const near = (axis: 0 | 1 | 2) => Math.min(...members.map(({ atIn }) => atIn[axis]));
  const far = (axis: 0 | 1 | 2) => Math.max(...members.map(({ atIn, sizeIn }) => atIn[axis] + sizeIn[axis]));
  return layAround(wrap, [far(0) - near(0), far(1) - near(1), far(2) - near(2)], { of, atIn });
}

/** Room that nothing else takes: all within what is wrapped together, or in one box, but what is counted for itself. */
export const takenWithin = (closed: Between, counted: readonly Between[]): number =>
  volumeIn3(closed) - counted.filter(({ atIn }) => isInside(atIn, closed)).reduce((sum, one) => sum + volumeIn3(one), 0);

const volumeIn3 = ({ sizeIn: [l, w, h] }: { readonly sizeIn: Triple }): number => l * w * h;
const isInside = (at: Triple, { atIn, sizeIn }: Between): boolean =>
  at.every((side, axis) => side > atIn[axis]! && side < atIn[axis]! + sizeIn[axis]!);

/** The room before bundles that are wrapped together begins outside of that wrap. */
export function roomOutside(
  resting: Block['resting'],
  { of, atIn, sizeIn }: NonNullable<Around['some']>,
  blockIn: Triple,
): Block['resting'] {
  const before = (face: Face) => {
    const axis = FACE_AXIS[face];
    return Math.max(0, isLow(face) ? atIn[axis] : blockIn[axis] - atIn[axis] - sizeIn[axis]);
  };
  const outside = (face: Face) => ({
    ...resting[face],
    emptyIn: resting[face].emptyIn.map((one, at) => (of.includes(at) && resting[face].on[at]!.length === 0 ? before(face) : one)),
  });
  return {
    bottom: outside('bottom'),
    top: outside('top'),
    front: outside('front'),
    back: outside('back'),
    left: outside('left'),
    right: outside('right'),
  };
}
