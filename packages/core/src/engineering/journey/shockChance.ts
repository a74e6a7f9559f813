import type { CushionLayer } from '../cushion/cushionCurve.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { addWithstoodHeights } from '../cushion/withstoodHeights.ts';
import { gaussHermite, type NormalRule } from '../numeric/gaussHermite.ts';
import { normalCdf } from '../numeric/normal.ts';
import { normalTrapezoid } from '../numeric/normalTrapezoid.ts';
import { breaksWithin, chanceHigherThan, DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';

/** A face of the parcel that may strike the ground. */
export interface StruckFace {
  /** Chance that a drop lands on it; the faces' chances sum to 1. */
  readonly chance: number;
  /** What lies between piece and ground there, from the piece outward. */
  readonly layers: readonly CushionLayer[];
  /** The same for pieces that stand otherwise, where there are several. */
  readonly others?: readonly (readonly CushionLayer[])[];
}

/** One parcel's way, as the shock model sees it. */
export interface Journey {
  /** So many alike pieces go together, each as strong as chance has it; 1 where nothing is said. */
  readonly pieces?: number;
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
  /** Bare drop that the median body stands by itself, inches; it shares the strength's lognormal factor. */
  readonly ownHeightIn: number;
  readonly faces: readonly StruckFace[];
  /** How likely the bundle has drifted for the whole journey, and what lies on its faces then; null where it cannot. */
  readonly drift: { readonly chance: number; readonly faces: readonly StruckFace[] } | null;
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
 * Chance that shock breaks the piece on its journey: one fragility, many drops, drifted or not.
 *
 * Formula: with m = e^(σz), `P = ∫ φ(z)·[1 − (Σ_f p_f·F_h(h₀·m + h_f(Gc·m)))^n] dz`, with h_f in closed form, so
 * that no root is sought; mixed over drift. Gauss–Hermite with 32 nodes; where the integrand is too steep for it (large spread on stiff
 * curves) a trapezoid rule fine enough. Small tails by log1p and expm1.
 *
 * Of several alike pieces one drop strikes all: the chance that any of them breaks is the same integral over the weakest
 * of them, whose density is `n·φ(z)·Φ(−z)^(n−1)`. Exact where all stand alike; else the weakest is taken to stand where
 * it is struck hardest, and the chance is an upper bound.
 *
 * @returns probability, 0 to 1
 * @throws RangeError for a gross weight above 150 lb
 */
export function shockChance(journey: Journey): number {
  const { drift } = journey;
  const still = shockOn(journey, journey.faces);
  return drift && drift.chance > 0 ? (1 - drift.chance) * still + drift.chance * shockOn(journey, drift.faces) : still;
}

function shockOn(journey: Journey, faces: readonly StruckFace[]): number {
  const drops = dropsPerJourney(journey.zone);
  const medianIn = medianDropIn(journey.grossWeightLb, journey.handlingFactor);
  if (journey.spread === 0) return breaksWithin(drops, chancePerDrop(journey, faces, medianIn));
  const { nodes, weights } = (journey.pieces ?? 1) > 1 ? weakestOf(journey.pieces!) : ruleFor(faces, journey.spread);
  const peakGs = nodes.map((z) => journey.criticalG * Math.exp(journey.spread * z));
  const count = nodes.length;
  const own = nodes.map((z) => journey.ownHeightIn * Math.exp(journey.spread * z));
  const heights = new Float64Array(faces.length * count);
  for (let face = 0; face < faces.length; face++) heights.set(own, face * count);
  faces.forEach(({ layers, others = [] }, face) => {
    const at = face * count;
    addWithstoodHeights(layers, journey.weightLb, peakGs, heights, at);
    for (const stack of others) {
      const here = Float64Array.from(own);
      addWithstoodHeights(stack, journey.weightLb, peakGs, here);
      for (let i = 0; i < count; i++) heights[at + i] = Math.min(heights[at + i]!, here[i]!);
    }
  });
  let chance = 0;
  let weightLeft = 1;
  for (let i = 0; i < count; i++) {
    let struck = 0;
    for (let face = 0; face < faces.length; face++) struck += faces[face]!.chance * chanceHigherThan(heights[face * count + i]!, medianIn);
    const breaks = breaksWithin(drops, Math.min(1, struck));
    chance += weights[i]! * breaks;
    weightLeft -= weights[i]!;
    if (weightLeft * breaks < NEGLIGIBLE_SHARE * chance) break; // a stronger piece never breaks more
  }
  return Math.min(1, chance);
}

/** Chance that one drop of the journey exceeds what a piece of this very strength withstands. */
function chancePerDrop({ ownHeightIn, weightLb, criticalG }: Journey, faces: readonly StruckFace[], medianIn: number): number {
  let chance = 0;
  for (const { layers, others = [], chance: share } of faces) {
    const stands = Math.min(...[layers, ...others].map((stack) => dropHeightAtG(stack, weightLb, criticalG)));
    chance += share * chanceHigherThan(ownHeightIn + stands, medianIn);
  }
  return Math.min(1, chance);
}

const weakest = new Map<number, NormalRule>();
const WEAKEST_STEP = 0.1;

/** Expectation over the weakest of so many: a trapezoid rule with the density of the least of them. */
function weakestOf(pieces: number): NormalRule {
  let rule = weakest.get(pieces);
  if (!rule) {
    const { nodes, weights } = normalTrapezoid(WEAKEST_STEP);
    rule = inOrder({ nodes, weights: nodes.map((z, i) => weights[i]! * pieces * normalCdf(-z) ** (pieces - 1)) });
    weakest.set(pieces, rule);
  }
  return rule;
}

function ruleFor(faces: readonly StruckFace[], spread: number): NormalRule {
  let steepest = 1;
  for (const { layers } of faces) for (const { curve } of layers) steepest = Math.max(steepest, curve.p);
  const widthZ = DROP_SPREAD / (steepest * spread);
  return widthZ >= 0.75 ? smooth : inOrder(normalTrapezoid(Math.max(0.001, Math.min(0.1, widthZ / 8))));
}
