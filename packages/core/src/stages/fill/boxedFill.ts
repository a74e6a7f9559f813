import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { orient } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import { gapsRound, gapsWithin } from '../box/boxed.ts';
import type { Block, Gaps, LyingBundle } from '../box/StowedBox.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { effectiveGaps, SINKING_PSI } from './effectiveGaps.ts';
import { fillAmount } from './fillAmount.ts';
import type { FillAmount } from './FilledBox.ts';
import { emptyGap } from './leastRoom.ts';

/** What fills the room between one bundle that lies so and a box of its own; null where it has none. */
export function amountWithin(bundle: Pick<LyingBundle, 'wrapped' | 'orientation'>): FillAmount | null {
  const gaps = gapsWithin(bundle);
  const { boxed } = bundle.wrapped;
  if (!boxed || !gaps) return null;
  const lying = (size: typeof boxed.insideIn) => orient(size, bundle.orientation);
  return fillAmount(boxed.fill, 'inner', lying(boxed.withinIn), lying(boxed.insideIn), gaps, 0);
}

/** The same for every bundle of a block that has a box of its own, those that are alike together. */
export const amountsWithin = ({ bundles }: Pick<Block, 'bundles'>): FillAmount[] =>
  bundles.flatMap((one, bundle) => {
    const amount = amountWithin(one);
    return amount ? [{ ...timesOf(amount, one.layout.count), bundle }] : [];
  });

const timesOf = ({ baseFt3, sidesFt3, topFt3, boughtFt3, units, ...amount }: FillAmount, times: number): FillAmount => ({
  ...amount,
  baseFt3: times * baseFt3,
  sidesFt3: times * sidesFt3,
  topFt3: times * topFt3,
  boughtFt3: times * boughtFt3,
  units: times * units,
});

/**
 * The fill to put round a bundle in a box of its own: the one in hand where it goes into what is left, else the cheapest that does;
 * the one in hand where none does.
 *
 * @param sizeIn of the wrapped bundle, its sides in any order
 * @param coverIn thickness of its wraps
 */
export function fillRound(
  { insideIn }: Pick<BoxStock, 'insideIn'>,
  sizeIn: Triple,
  coverIn: number,
  fills: readonly FillStock[],
  inHand: string | null,
): FillStock | null {
  const [x, y, z] = gapsRound(insideIn, sizeIn) as [number, number, number];
  const gaps: Gaps = { left: x, right: x, front: y, back: y, bottom: z, top: z };
  const goes = fills.filter((fill) => emptyGap(gaps, fill, coverIn) === null).sort((a, b) => a.minorPerFt3 - b.minorPerFt3);
  const now = fills.find(({ key }) => key === inHand);
  return (now && goes.includes(now) ? now : goes[0]) ?? now ?? fills[0] ?? null;
}

/** What a bundle weighs with its wraps and guards, before any box, lb. */
export const wrappedLb = ({ piece, weightLb }: WrappedItem): number => piece.weightLb + piece.guards.weightLb + weightLb;

/** What a box of its own adds to a bundle, with its fill, lb; 0 where it has none. */
export const boxAddsLb = (bundle: Pick<LyingBundle, 'wrapped' | 'orientation'>): number => {
  const amount = amountWithin(bundle);
  return amount ? bundle.wrapped.boxed!.tareLb + amount.boughtFt3 * amount.stock.lbPerFt3 : 0;
};

/** What lies between a bundle and a box of its own once it has settled in it; null where it has none. */
export function settledWithin(bundle: LyingBundle): SettledFill | null {
  const { boxed } = bundle.wrapped;
  if (!boxed) return null;
  const known = settledOf.get(bundle);
  if (known) return known;
  const [length, width] = orient(boxed.withinIn, bundle.orientation);
  const gaps = effectiveGaps(
    gapsWithin(bundle)!,
    {
      weightLb: wrappedLb(bundle.wrapped),
      baseAreaIn2: length * width,
      insideDepthIn: orient(boxed.insideIn, bundle.orientation)[2],
      overfillShare: 0,
      onBoard: false,
      sinkingPsi: SINKING_PSI.bundle,
    },
    cushionOf(boxed.fill),
  );
  const settled = { fill: boxed.fill, gaps };
  settledOf.set(bundle, settled);
  return settled;
}
/** Asked for each face, column and fill round it. */
const settledOf = new WeakMap<LyingBundle, SettledFill>();

interface SettledFill {
  readonly fill: FillStock;
  readonly gaps: Gaps;
}
