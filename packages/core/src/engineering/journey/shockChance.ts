import type { CushionLayer } from '../cushion/cushionCurve.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { addWithstoodHeights } from '../cushion/withstoodHeights.ts';
import { gaussHermite, type NormalRule } from '../numeric/gaussHermite.ts';
import { normalTrapezoid } from '../numeric/normalTrapezoid.ts';
import { chanceHigherThan, DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';

/** A face of the parcel that may strike the ground. */
export interface StruckFace {
  /** Chance that a drop lands on it; the faces' chances sum to 1. */
  readonly chance: number;
  /** What lies between piece and ground there, from the piece outward. */
  readonly layers: readonly CushionLayer[];
}

/** One parcel's way, as the shock model sees it. */
export interface Journey {
  /** Weight of the piece that must be brought to rest, lb. */
  readonly weightLb: number;
  /** Weight of the closed parcel, lb: it sets how high people lift it. */
  readonly grossWeightLb: number;
  readonly zone: number;
  readonly handlingFactor?: number;
  /** Median critical acceleration, g. */
  readonly criticalG: number;
  /** Spread of its lognormal; 0 for a piece whose strength is known. */
  readonly spread: number;
  readonly faces: readonly StruckFace[];
}

const SMOOTH_NODES = 32;

/** Weakest first; nodes whose weight cannot be seen beside 1 are left out. */
const inOrder = ({ nodes, weights }: NormalRule): NormalRule => {
  const order = nodes.map((_, i) => i).filter((i) => weights[i]! > 1e-18);
  order.sort((a, b) => nodes[a]! - nodes[b]!);
  return { nodes: order.map((i) => nodes[i]!), weights: order.map((i) => weights[i]!) };
};
const smooth = inOrder(gaussHermite(SMOOTH_NODES));

/** What the stronger pieces left over can add to the chance is below this share of it. */
const NEGLIGIBLE_SHARE = 1e-12;

/**
 * Chance that shock breaks the piece on its journey: one fragility, many drops.
 *
 * Formula: `P = ∫ φ(z)·[1 − (Σ_f p_f·F_h(h_f(Gc·e^(σz))))^n] dz`, with h_f in closed form, so that no root
 * is sought. Gauss–Hermite with 32 nodes; where the integrand is too steep for it (large spread on stiff
 * curves) a trapezoid rule fine enough. Small tails by log1p and expm1.
 *
 * @returns probability, 0 to 1
 * @throws RangeError for a gross weight above 150 lb
 */
export function shockChance(journey: Journey): number {
  const drops = dropsPerJourney(journey.zone);
  const medianIn = medianDropIn(journey.grossWeightLb, journey.handlingFactor);
  if (journey.spread === 0) return breaksWithin(drops, chancePerDrop(journey, journey.criticalG, medianIn));
  const { nodes, weights } = ruleFor(journey);
  const peakGs = nodes.map((z) => journey.criticalG * Math.exp(journey.spread * z));
  const count = nodes.length;
  const heights = new Float64Array(journey.faces.length * count);
  journey.faces.forEach(({ layers }, face) => addWithstoodHeights(layers, journey.weightLb, peakGs, heights, face * count));
  let chance = 0;
  let weightLeft = 1;
  for (let i = 0; i < count; i++) {
    let struck = 0;
    for (let face = 0; face < journey.faces.length; face++)
      struck += journey.faces[face]!.chance * chanceHigherThan(heights[face * count + i]!, medianIn);
    const breaks = breaksWithin(drops, Math.min(1, struck));
    chance += weights[i]! * breaks;
    weightLeft -= weights[i]!;
    if (weightLeft * breaks < NEGLIGIBLE_SHARE * chance) break; // a stronger piece never breaks more
  }
  return Math.min(1, chance);
}

/** Chance that one drop of the journey exceeds what a piece of this very strength withstands. */
function chancePerDrop(journey: Journey, criticalG: number, medianIn: number): number {
  let chance = 0;
  for (const face of journey.faces) {
    chance += face.chance * chanceHigherThan(dropHeightAtG(face.layers, journey.weightLb, criticalG), medianIn);
  }
  return Math.min(1, chance);
}

/** `1 − (1 − chance)^drops` without losing small chances. */
export const breaksWithin = (drops: number, chance: number): number => -Math.expm1(drops * Math.log1p(-chance));

function ruleFor({ faces, spread }: Journey): NormalRule {
  let steepest = 1;
  for (const { layers } of faces) for (const { curve } of layers) steepest = Math.max(steepest, curve.p);
  const widthZ = DROP_SPREAD / (steepest * spread);
  return widthZ >= 0.75 ? smooth : inOrder(normalTrapezoid(Math.max(0.001, Math.min(0.1, widthZ / 8))));
}
