import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import type { Block, Gaps, SharedBox } from '../box/StowedBox.ts';
import { countOf } from '../box/waysToStand.ts';
import { boxAddsLb, wrappedLb } from './boxedFill.ts';
import { effectiveGaps, sinkingPsiOf } from './effectiveGaps.ts';
import type { FillAmount } from './FilledBox.ts';
import { innerFillOf } from './innerFillOf.ts';

// What lies in a box, or a core, that some of several bundles share.

/** What fills it. */
export const amountShared = (shared: SharedBox): FillAmount => ({
  ...innerFillOf(shared.fill, { blockIn: shared.withinIn, emptyIn3: shared.emptyIn3 }, { ...shared, box: { insideIn: shared.insideIn } }),
  shared: true,
});

/** What it weighs with its fill, without what stands in it, lb; 0 where there is none. */
export const sharedAddsLb = ({ shared }: Pick<Block, 'shared'>): number => {
  if (!shared) return 0;
  const { boughtFt3, stock } = amountShared(shared);
  return shared.tareLb + boughtFt3 * stock.lbPerFt3;
};

/** The same over what the pieces in it weigh; 0 for a bundle that is not in it. */
export function sharedMassRatio(block: Pick<Block, 'shared' | 'bundles'>, at: number): number {
  const { shared, bundles } = block;
  if (!shared || !shared.of.includes(at)) return 0;
  return (
    sharedAddsLb(block) / shared.of.reduce((sum, one) => sum + countOf(bundles[one]!.wrapped) * bundles[one]!.wrapped.piece.weightLb, 0)
  );
}

/** Gaps between what stands in it and its walls, once that has settled in its fill. */
export function settledInShared({ shared, bundles }: Pick<Block, 'shared' | 'bundles'>): Gaps | null {
  if (!shared) return null;
  const known = settledOf.get(shared);
  if (known) return known;
  const members = shared.of.map((at) => bundles[at]!) as unknown as Block['bundles'];
  const [length, width] = shared.withinIn;
  const settled = effectiveGaps(
    shared.gaps,
    {
      weightLb: members.reduce((sum, one) => sum + one.layout.count * (wrappedLb(one.wrapped) + boxAddsLb(one)), 0),
      baseAreaIn2: length * width,
      insideDepthIn: shared.insideIn[2],
      overfillShare: 0,
      onBoard: false,
      sinkingPsi: sinkingPsiOf({ bundles: members, inner: null, shared: null }),
    },
    cushionOf(shared.fill),
  );
  settledOf.set(shared, settled);
  return settled;
}
/** Asked for each face, column and fill round it. */
const settledOf = new WeakMap<SharedBox, Gaps>();
