import { fillsInner, letterOf, planBundles, type PlanDocument, type Triple } from '@inch-nest/core';
import { isInnerTurned } from './nestGeometry.ts';
import { outlineKeyOf, type OutlineKey } from './pieceOutlines.ts';

/** One thing of a nest as a body in space. */
export interface PeeledPart {
  readonly key: string;
  readonly name: string;
  readonly kind: 'piece' | 'layer' | 'bundle' | 'fill' | 'innerBox' | 'box';
  /** Outside, in the box's directions: length, width, depth. */
  readonly sizeIn: Triple;
  /** Its middle, inches from the middle of the outer box. */
  readonly middleIn: Triple;
  /** What is drawn of a piece: its kind, and which of its own axes lies along each direction of the box. */
  readonly shape?: { readonly kind: OutlineKey; readonly axes: readonly [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2] };
  /** What is left open in a fill. */
  readonly hole?: Pick<PeeledPart, 'sizeIn' | 'middleIn'>;
}

/** Room between two parts peeled apart, inches. */
const APART_IN = 2;
/** So many further bundles stand for themselves; more are shown as they stand together. */
const MOST_APART = 4;

/**
 * A nest as bodies: the piece in hand with its layers, the other bundles in the order in which they are put in, what fills the
 * room and the boxes; the outer box last, each within the next but for bundles, which stand beside one another.
 *
 * @param inHand the plan as it is for the bundle in hand
 */
export function peeledParts(plan: PlanDocument, inHand: PlanDocument = plan): PeeledPart[] {
  const { gaps, inner, box, fills } = plan;
  const turned = isInnerTurned(plan);
  const lay = <Each>([l, w, d]: readonly [Each, Each, Each]): readonly [Each, Each, Each] => (turned ? [w, l, d] : [l, w, d]);
  const middleIn: Triple = [(gaps.left - gaps.right) / 2, (gaps.front - gaps.back) / 2, (gaps.bottom - gaps.top) / 2];
  const held = (key: string, name: string, kind: PeeledPart['kind'], sizeIn: Triple, at: Triple = [0, 0, 0]): PeeledPart => ({
    key,
    name,
    kind,
    sizeIn: lay(sizeIn),
    middleIn: lay(at).map((by, axis) => middleIn[axis]! + by) as unknown as Triple,
  });
  const { block } = inHand;
  /** From a corner in the block to the middle of what stands there, from the middle of the block. */
  const middleOf = (corner: Triple, sizeIn: Triple): Triple =>
    corner.map((at, axis) => at + sizeIn[axis]! / 2 - block.sizeIn[axis]! / 2) as unknown as Triple;
  const first = middleOf(block.at[0]!, inHand.bundleIn);
  const letters = planBundles(plan).flatMap(({ piece, bundleIn, block: own }, kind) =>
    own.at.map((at) => ({ at, bundleIn, of: piece.id, isShared: plan.shared?.of.includes(kind) ?? false })),
  );
  const own = letters.find(({ of }) => of === inHand.piece.id)!;
  // what lies lower goes in first
  const others = letters
    .map((one, i) => ({ ...one, letter: letterOf(i) }))
    .filter(({ of, at }) => of !== inHand.piece.id || at !== block.at[0])
    .sort((a, b) => a.at[2] - b.at[2]);
  const standing = (some: typeof others): PeeledPart[] =>
    some.map(({ at, bundleIn, letter }) => held(letter, letter, 'bundle', bundleIn, middleOf(at, bundleIn)));
  const { shared } = plan;
  const theirBox = shared ? boxParts('shared', shared, held, shared.outsideIn, middleOf(shared.atIn, shared.outsideIn)) : [];
  // those in one box are put into it first, and it goes in as one; of a box that holds none in hand the outside is shown
  const inTurn = shared
    ? own.isShared
      ? [...standing(others.filter((one) => one.isShared)), ...theirBox, ...standing(others.filter((one) => !one.isShared))]
      : [...theirBox.slice(-1), ...standing(others.filter((one) => !one.isShared))]
    : standing(others);
  const blocks = others.length <= MOST_APART ? inTurn : [held('block', 'all of them, as they stand', 'bundle', block.sizeIn)];
  const axes = lay(inHand.choice.orientation);
  const filling = (where: 'inner' | 'outer', sizeIn: Triple, at: Triple, hole: NonNullable<PeeledPart['hole']>): PeeledPart[] =>
    fillNames(fills.filter((fill) => (where === 'outer' ? fill.where === where : fillsInner(fill)))).map((name) => ({
      key: `fill-${where}`,
      name,
      kind: 'fill',
      sizeIn,
      middleIn: at,
      hole,
    }));
  const stands = held('held', '', 'bundle', block.sizeIn);
  const boxed = inner && held(inner.key, inner.name.split(',')[0]!, 'innerBox', inner.outsideIn);
  return [
    {
      ...held('piece', inHand.piece.title, 'piece', inHand.piece.sizeIn, first),
      // a stack is as a block of what lies in it
      ...(inHand.block.stackedAlong === undefined ? { shape: { kind: outlineKeyOf(inHand.piece), axes } } : {}),
    },
    ...inHand.layers.map((layer) => held(layer.key, layer.name, 'layer', layer.bundleIn, first)),
    ...(inHand.boxed ? boxParts('own', inHand.boxed, held, inHand.bundleIn, first) : []),
    ...blocks,
    ...(inner ? filling('inner', lay(inner.insideIn), middleIn, stands) : []),
    ...(boxed ? [boxed] : []),
    ...filling('outer', box.insideIn, [0, 0, 0], boxed ?? stands),
    { key: box.key, name: box.name.split(',')[0]!, kind: 'box', sizeIn: box.insideIn, middleIn: [0, 0, 0] },
  ];
}

/**
 * A box within the outer one, after what fills it.
 *
 * @param whose a bundle's own, or that of some
 */
function boxParts(
  whose: 'own' | 'shared',
  { key, name, withinIn, insideIn, fill, fillName }: NonNullable<PlanDocument['boxed']>,
  held: (key: string, name: string, kind: PeeledPart['kind'], sizeIn: Triple, at: Triple) => PeeledPart,
  outsideIn: Triple,
  at: Triple,
): PeeledPart[] {
  const hole = held(`${whose}-held`, '', 'bundle', withinIn, at);
  return [
    { ...held(`fill-${whose}-${fill}`, fillNames([{ name: fillName }])[0]!, 'fill', insideIn, at), hole },
    held(`${whose}-${key}`, name.split(',')[0]!, 'innerBox', outsideIn, at),
  ];
}

/**
 * How far each part is moved along the length when the nest is peeled apart.
 *
 * @param peel 0 nested, 1 side by side with room between
 */
export function peelOffsets(parts: readonly PeeledPart[], peel: number): number[] {
  let edge = 0;
  const apart = parts.map(({ sizeIn }) => {
    const middle = edge + sizeIn[0] / 2;
    edge += sizeIn[0] + APART_IN;
    return middle;
  });
  const whole = (edge - APART_IN) / 2;
  return apart.map((middle) => peel * (middle - whole));
}

/** What fills one box, as one body: its fills by name. */
const fillNames = (fills: readonly { readonly name: string }[]): string[] =>
  fills.length === 0 ? [] : [fills.map(({ name }) => name.toLowerCase().split(',')[0]!).join(', ')];
