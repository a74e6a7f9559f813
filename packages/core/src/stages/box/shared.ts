import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import { FACES, FACE_AXIS, isLow, type Face } from '../../engineering/pieces/hardPoints.ts';
import { restingOf, type RestingByFace, type Stands } from '../../engineering/stowage/resting.ts';
import type { Between, Joint, Round, Stood } from '../../engineering/stowage/Stand.ts';
import type { SharedChoice } from './SharedChoice.ts';
import { mayHoldOne, stoodRound, type StoodRound } from './boxed.ts';
import { coreRound, cutToBox, isCore } from './core.ts';
import { gapsAround } from './gapsAround.ts';
import { wholeShell } from './makeShell.ts';
import type { Block, LyingBundle, SharedBox } from './StowedBox.ts';
import { amongThem, restingWithin, standsOf, takenByBundle } from './metWithin.ts';

// Some of several bundles stand together in a box, or lie in a core, beside the others.

/** What is chosen of it, found in the stockroom. */
export interface SharedAsChosen {
  readonly of: readonly number[];
  readonly box: BoxStock;
  readonly fill: FillStock;
}

/** True for a bundle that is in it. */
export const isShared = (shared: Pick<SharedBox, 'of'> | null, at: number): boolean => shared !== null && shared.of.includes(at);

/** True where its wall is between two bundles, one in it and one not. */
export const wallParts = (shared: Pick<SharedBox, 'of'> | null, one: number, other: number): boolean =>
  isShared(shared, one) !== isShared(shared, other);

/** True for what some of several bundles may stand in together: a box that one of them may have, or a core. */
export const mayHoldSome = (box: BoxStock): boolean => mayHoldOne(box) || isCore(box);

/**
 * Why bundles cannot be put into one box, or a core, beside others; null where they can. One by itself may lie in a core, which is
 * no box of its own.
 *
 * @param counts how many bundles are alike, by their place
 */
export function whyNotShared({ of }: Pick<SharedChoice, 'of'>, counts: readonly number[], inCore: boolean): string | null {
  const there = counts.flatMap((count, at) => (of.includes(at) ? [count] : []));
  if (there.length < new Set(of).size) return 'there is no such bundle to put into one box with others';
  if (there.length === counts.length) return 'one box for all of them is a box in a box';
  return inCore || there.reduce((sum, count) => sum + count, 0) > 1 ? null : 'one box for one bundle is a box of its own';
}

/**
 * How it stands round those that are in it.
 *
 * @param shellIn inside of the outer box, to which a core is cut
 */
export const roundShared = ({ of, box }: SharedAsChosen, shellIn: Triple): Round => ({
  of,
  // a core that does not go in goes round nothing, and is told of when it is made
  outsideOf: (sizeIn) => (isCore(box) ? (cutToBox(box, shellIn)?.outsideIn ?? sizeIn) : stoodUpright(box, sizeIn).outsideIn),
});

/** Where each of some that stand together is put instead, and what is between them. */
export type Spread = (stood: Stood, sizes: readonly Triple[], joints: readonly Joint[]) => { at: readonly Triple[]; joints: Joint[] };

/** A core reaches from end to end of the box: what stands beside it stands in the middle along it, and not against one end. */
export const besideCore =
  ({ of, box }: SharedAsChosen, shellIn: Triple): Spread =>
  ({ at, sizeIn }, sizes, joints) => {
    const axis = cutToBox(box, shellIn)?.axis;
    if (axis === undefined) return { at, joints: [...joints] };
    const endIn = Math.max(0, ...at.map((from, i) => (of.includes(i) ? 0 : from[axis] + sizes[i]![axis])));
    const byIn = Math.max(0, sizeIn[axis] - endIn) / 2;
    const moved = (from: Triple): Triple => from.map((side, i) => (i === axis ? side + byIn : side)) as unknown as Triple;
    return {
      at: at.map((from, i) => (of.includes(i) ? from : moved(from))),
      joints: joints.map((joint) => (joint.sides.flat().some((i) => of.includes(i)) ? joint : { ...joint, atIn: moved(joint.atIn) })),
    };
  };

/** A box as several stand in it: its own way up where they go into it so, since they are put in one after the other. */
const stoodUpright = (box: BoxStock, withinIn: Triple): StoodRound => stoodRound(box, withinIn, true);

/**
 * The box or core round bundles that have been placed.
 *
 * @param bundles all of the parcel's
 * @param counted what stands among them, boards and folds
 * @param atIn its near lower corner
 * @returns null where a core does not go into the box, or is too short
 */
export function standShared(
  chosen: SharedAsChosen,
  bundles: Block['bundles'],
  counted: readonly Between[],
  atIn: Triple,
  shellIn: Triple,
): SharedBox | null {
  const { of, box, fill } = chosen;
  const members = amongThem(bundles, of) as [LyingBundle, ...LyingBundle[]];
  const least = (axis: 0 | 1 | 2) => Math.min(...members.map(({ atIn }) => atIn[axis]));
  const most = (axis: 0 | 1 | 2) => Math.max(...members.map(({ atIn, sizeIn }) => atIn[axis] + sizeIn[axis]));
  const nearIn: Triple = [least(0), least(1), least(2)];
  const withinIn: Triple = [most(0) - nearIn[0], most(1) - nearIn[1], most(2) - nearIn[2]];
  const outsideIn = roundShared(chosen, shellIn).outsideOf(withinIn);
  const isAmong = (one: Between) => one.atIn.every((from, axis) => from > atIn[axis]! && from < atIn[axis]! + outsideIn[axis]!);
  const emptyIn3 = Math.max(
    0,
    volumeIn3(withinIn) -
      counted.filter(isAmong).reduce((sum, { sizeIn }) => sum + volumeIn3(sizeIn), 0) -
      members.reduce((sum, member) => sum + takenByBundle(member), 0),
  );
  const inBox = isCore(box) ? coreRound(box, { bundles: members, blockIn: withinIn, emptyIn3 }, shellIn) : boxRound(box, withinIn);
  if (!inBox) return null;
  const among = restingWithin(restingAmong(members, nearIn, withinIn), members);
  const emptyOf = (face: Face) => bundles.map((_, at) => (of.includes(at) ? among[face].emptyIn[of.indexOf(at)]! : 0));
  const emptyIn = Object.fromEntries(FACES.map((face) => [face, emptyOf(face)])) as unknown as SharedBox['emptyIn'];
  // of a core the stockroom's own is kept: as it stands it is the piece that was cut off it
  return { ...inBox, box, of, fill, atIn, withinIn, emptyIn3, emptyIn };
}

function boxRound(box: BoxStock, withinIn: Triple): Pick<SharedBox, 'outsideIn' | 'insideIn' | 'gaps' | 'tareLb' | 'core'> {
  const { insideIn, outsideIn } = stoodUpright(box, withinIn);
  return { outsideIn, insideIn, gaps: gapsAround(withinIn, insideIn), tareLb: wholeShell(box).tareLb, core: null };
}

const volumeIn3 = ([l, w, h]: Triple): number => l * w * h;

/** What those that are in it rest on among themselves. */
const restingAmong = (members: readonly LyingBundle[], nearIn: Triple, withinIn: Triple): RestingByFace =>
  restingOf(
    standsOf(members).map(({ atIn, sizeIn }) => ({ atIn: atIn.map((one, axis) => one - nearIn[axis]!) as unknown as Triple, sizeIn })),
    withinIn,
  );

/**
 * Bundles as what is outside meets them: those in a box as far as that box, on every side on which none of the others in it is
 * before them.
 */
export function reachingOut(bundles: Block['bundles'], { of, atIn, outsideIn, withinIn }: SharedBox): Stands[] {
  const members = amongThem(bundles, of);
  const nearIn = atIn.map((from, axis) => from + (outsideIn[axis]! - withinIn[axis]!) / 2) as unknown as Triple;
  const among = restingAmong(members, nearIn, withinIn);
  return standsOf(bundles).map(({ atIn: from, sizeIn }, at): Stands => {
    const member = of.indexOf(at);
    if (member < 0 || members[member]!.within) return { atIn: from, sizeIn };
    const low = [...from] as [number, number, number];
    const high = from.map((one, axis) => one + sizeIn[axis]!);
    for (const face of FACES) {
      if (among[face].on[member]!.length > 0) continue;
      const axis = FACE_AXIS[face];
      if (isLow(face)) low[axis] = Math.min(low[axis], atIn[axis]);
      else high[axis] = Math.max(high[axis]!, atIn[axis] + outsideIn[axis]);
    }
    return { atIn: low, sizeIn: high.map((one, axis) => one - low[axis]!) as unknown as Triple };
  });
}
