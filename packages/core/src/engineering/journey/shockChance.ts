import type { CushionLayer } from '../cushion/cushionCurve.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { withstoodHeight } from '../cushion/withstoodHeight.ts';
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
  const struckBy = faceOdds(journey);
  const still = shockOn(journey, journey.faces, struckBy);
  return drift && drift.chance > 0 ? (1 - drift.chance) * still + drift.chance * shockOn(journey, drift.faces, struckBy) : still;
}

/** Chance that a drop lands on a face from higher than a piece of one of a rule's strengths stands there. */
type FaceOdds = (face: StruckFace, rule: NormalRule) => (node: number) => number;

/** What drifts changes few faces: what is known of the others, strength by strength, is not worked out again. */
function faceOdds({ criticalG, spread, ownHeightIn, weightLb, grossWeightLb, handlingFactor }: Journey): FaceOdds {
  const medianIn = medianDropIn(grossWeightLb, handlingFactor);
  const known = new Map<StruckFace, { readonly rule: NormalRule; readonly at: (node: number) => number }>();
  return (face, rule) => {
    const found = known.get(face);
    if (found?.rule === rule) return found.at;
    const { layers, others = NONE, chance } = face;
    const stacks = [layers, ...others].map((stack) => withstoodHeight(stack, weightLb));
    const odds: number[] = [];
    const at = (node: number) => {
      const met = odds[node];
      if (met !== undefined) return met;
      const strength = Math.exp(spread * rule.nodes[node]!);
      let heightIn = Infinity;
      for (const stack of stacks) heightIn = Math.min(heightIn, stack(criticalG * strength, ownHeightIn * strength));
      return (odds[node] = chance * chanceHigherThan(heightIn, medianIn));
    };
    known.set(face, { rule, at });
    return at;
  };
}
const NONE: readonly never[] = [];

function shockOn(journey: Journey, faces: readonly StruckFace[], oddsOf: FaceOdds): number {
  const drops = dropsPerJourney(journey.zone);
  if (journey.spread === 0)
    return breaksWithin(drops, chancePerDrop(journey, faces, medianDropIn(journey.grossWeightLb, journey.handlingFactor)));
  const rule = (journey.pieces ?? 1) > 1 ? weakestOf(journey.pieces!) : ruleFor(faces, journey.spread);
  const { weights } = rule;
  const struckOn = faces.map((face) => oddsOf(face, rule));
  let chance = 0;
  let weightLeft = 1;
  for (let i = 0; i < weights.length; i++) {
    let struck = 0;
    for (const on of struckOn) struck += on(i);
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
