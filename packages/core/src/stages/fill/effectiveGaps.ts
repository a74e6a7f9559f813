import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import type { Gaps } from '../box/StowedBox.ts';

/** Static stress at which a bundle has sunk as far through loose fill as it will, psi; judgement. */
const SINKING_STRESS_PSI = 0.25;
const LEAST_BASE_SHARE = 0.35;

/** How what lies in the gaps settles, flows and deflates. */
export type GapMaterial = Pick<CushionMaterial, 'settleShare' | 'airLossShare' | 'migrates'>;

/** What the gaps carry. */
export interface GapLoad {
  /** Weight of what stands in the fill, and the area it stands on. */
  readonly weightLb: number;
  readonly baseAreaIn2: number;
  readonly insideDepthIn: number;
  readonly overfillShare: number;
  /** A board under the bundle keeps it from sinking. */
  readonly onBoard: boolean;
}

/**
 * Gaps on each face after overfill, settling and migration, in that order. Each face is as it would be
 * when that face is struck, so settled width is missing on every side.
 *
 * Formula: settle per axis δ = settle share × both gaps; the vertical δ, less overfill × inside depth,
 * comes off the top; the horizontal one off the struck side. Loose fill under a bundle of static stress s
 * keeps clamp(1 − s/0.25, 0.35, 1) of the base gap; what the bottom loses the top gains. Air pillows lose
 * the share of chambers that empty.
 *
 * Source: judgement; that dense pieces sink is common practice, no source.
 */
export function effectiveGaps(gaps: Gaps, load: GapLoad, { settleShare, airLossShare, migrates }: GapMaterial): Gaps {
  const kept = 1 - airLossShare;
  const settledDeep = settleShare * (gaps.bottom + gaps.top);
  const settledLong = settleShare * (gaps.left + gaps.right);
  const settledWide = settleShare * (gaps.front + gaps.back);
  const top = gaps.top - Math.max(0, settledDeep - load.overfillShare * load.insideDepthIn);
  const stress = load.weightLb / load.baseAreaIn2;
  const baseShare = migrates && !load.onBoard ? Math.min(1, Math.max(LEAST_BASE_SHARE, 1 - stress / SINKING_STRESS_PSI)) : 1;
  const sunk = Math.max(0, gaps.bottom) * (1 - baseShare);
  return {
    bottom: Math.max(0, (gaps.bottom - sunk) * kept),
    top: Math.max(0, (top + sunk) * kept),
    front: Math.max(0, (gaps.front - settledWide) * kept),
    back: Math.max(0, (gaps.back - settledWide) * kept),
    left: Math.max(0, (gaps.left - settledLong) * kept),
    right: Math.max(0, (gaps.right - settledLong) * kept),
  };
}
