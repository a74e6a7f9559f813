import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import { hasOwnWall } from '../box/boxed.ts';
import type { Block, Gaps } from '../box/StowedBox.ts';

/** Static stress at which what stands in loose fill has sunk as far as it will, psi: a bundle, and a box or case with its flat bottom; judgement. */
export const SINKING_PSI = { bundle: 0.14, box: 0.56 };
/** True where everything stands in the fill in a box or case. */
export const standsInBox = (held: { readonly inner: unknown } & Pick<Block, 'bundles' | 'shared'>): boolean =>
  held.inner !== null || held.bundles.every(({ wrapped }, at) => hasOwnWall(held, at) || wrapped.piece.archetype.cased);

/** Stress at which what is held has sunk as far as it will, psi. */
export const sinkingPsiOf = (held: Parameters<typeof standsInBox>[0]): number => (standsInBox(held) ? SINKING_PSI.box : SINKING_PSI.bundle);

/** Share of the base that is left under the heaviest; judgement. */
const LEAST_BASE_SHARE = 0.1;
/** Share of pillows that is empty under nothing, and the stress at which that doubles; judgement. */
const EMPTY = { share: 0.03, doublesAtPsi: 0.05 };
/** A side loses so many times the settled share of its own gap; judgement. */
const SIDES_SETTLE = 2;

/** How what lies in the gaps settles, flows and deflates. */
export type GapMaterial = Pick<CushionMaterial, 'settleShare' | 'sinks' | 'deflates'>;

/** What the gaps carry. */
export interface GapLoad {
  /** Weight of what stands in the fill, and the area it stands on. */
  readonly weightLb: number;
  readonly baseAreaIn2: number;
  readonly insideDepthIn: number;
  readonly overfillShare: number;
  /** A board under the bundle keeps it from sinking. */
  readonly onBoard: boolean;
  /** Stress at which it has sunk as far as it will, psi. */
  readonly sinkingPsi: number;
}

/**
 * Gaps on each face after overfill, settling and sinking. Each face is as it would be when that face is struck,
 * so settled width is missing on every side.
 *
 * Formula: the vertical settle·(bottom + top), less overfill × inside depth, comes off the top; each side loses
 * 2 × settle of its own. Loose fill under a static stress s keeps clamp(1 − (s/s₀)², 0.1, 1) of the base; the top
 * gains nothing, since it is settled over. Of air pillows a share 0.03·(1 + (s/0.05)²), at most 1, is empty.
 *
 * Source: judgement; that dense pieces sink is common practice, no source.
 */
export function effectiveGaps(gaps: Gaps, load: GapLoad, fill: GapMaterial | ((face: keyof Gaps) => GapMaterial)): Gaps {
  const of = typeof fill === 'function' ? fill : () => fill;
  const [base, over] = [of('bottom'), of('top')];
  const stressPsi = load.weightLb / load.baseAreaIn2;
  const fullOf = ({ deflates }: GapMaterial) => (deflates ? Math.max(0, 1 - EMPTY.share * (1 + (stressPsi / EMPTY.doublesAtPsi) ** 2)) : 1);
  // one fill throughout is asked for very often, and answers once
  const all = typeof fill === 'function' ? null : fullOf(fill);
  const full = (material: GapMaterial) => all ?? fullOf(material);
  const settledDeep =
    base === over ? base.settleShare * (gaps.bottom + gaps.top) : base.settleShare * gaps.bottom + over.settleShare * gaps.top;
  const top = gaps.top - Math.max(0, settledDeep - load.overfillShare * load.insideDepthIn);
  const baseShare = base.sinks && !load.onBoard ? Math.min(1, Math.max(LEAST_BASE_SHARE, 1 - (stressPsi / load.sinkingPsi) ** 2)) : 1;
  const side = (gapIn: number, material: GapMaterial) => Math.max(0, gapIn * (1 - SIDES_SETTLE * material.settleShare) * full(material));
  return {
    bottom: Math.max(0, gaps.bottom * baseShare * full(base)),
    top: Math.max(0, top * full(over)),
    front: side(gaps.front, of('front')),
    back: side(gaps.back, of('back')),
    left: side(gaps.left, of('left')),
    right: side(gaps.right, of('right')),
  };
}

/** Share of the base that is left once a bundle has drifted; judgement. */
const DRIFTED_SHARE = 0.5;
/** Chance of drifting of what stands in a box of its own, against a bare bundle’s; judgement. */
const BOXED_DRIFT_SHARE = 0.2;

/** Gaps of a bundle that has drifted, for the whole journey. */
export const driftedGaps = (gaps: Gaps): Gaps => ({ ...gaps, bottom: gaps.bottom * DRIFTED_SHARE });

/** Chance that what stands in a fill drifts in it; a board under it does nothing for that. */
export const driftChance = ({ driftChance: chance }: Pick<CushionMaterial, 'driftChance'>, inBox: boolean): number =>
  chance * (inBox ? BOXED_DRIFT_SHARE : 1);
