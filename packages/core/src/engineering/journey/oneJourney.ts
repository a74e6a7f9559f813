import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { normalCdf, normalQuantile } from '../numeric/normal.ts';
import type { SeededRandom } from '../numeric/seededRandom.ts';
import { DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';
import type { Journey, StruckFace } from './shockChance.ts';

/** What chance deals one parcel for its way: told apart from the parcel, so that another nest can meet the very same. */
export interface Fate {
  /** Standard normal: how strong this piece is among those of its kind. */
  readonly strengthZ: number;
  /** Uniform on [0, 1): whether the bundle drifts. */
  readonly driftU: number;
  readonly drops: readonly { readonly heightZ: number; readonly faceU: number }[];
}

/** A drop that broke the piece. */
export interface BreakingDrop {
  /** Which drop of the journey, from 1. */
  readonly drop: number;
  /** Which of the journey’s faces struck the ground. */
  readonly face: number;
  readonly heightIn: number;
  /** What the piece would have stood on that face, inches. */
  readonly standsIn: number;
}

/** Draws a fate. @param drops as many as the longest journey that is to meet it */
export const drawFate = (random: SeededRandom, drops: number): Fate => ({
  strengthZ: random.normal(),
  driftU: random.uniform(),
  drops: Array.from({ length: drops }, () => ({ heightZ: random.normal(), faceU: random.uniform() })),
});

/**
 * One journey, drop after drop, until one is higher than the piece stands on the face it strikes.
 *
 * @param fate with at least as many drops as the journey's zone has
 */
export function breakingDrop(journey: Journey, fate: Fate): BreakingDrop | null {
  const { drift, ownHeightIn, weightLb, criticalG } = journey;
  const strength = Math.exp(journey.spread * weakestZ(fate.strengthZ, journey.pieces ?? 1));
  const medianIn = medianDropIn(journey.grossWeightLb, journey.handlingFactor);
  const faces = drift && fate.driftU < drift.chance ? drift.faces : journey.faces;
  const withstood: number[] = [];
  const stands = (face: number): number =>
    (withstood[face] ??=
      ownHeightIn * strength + Math.min(...stacksOf(faces[face]!).map((layers) => dropHeightAtG(layers, weightLb, criticalG * strength))));
  for (let i = 0; i < dropsPerJourney(journey.zone); i++) {
    const { heightZ, faceU } = fate.drops[i]!;
    const heightIn = medianIn * Math.exp(DROP_SPREAD * heightZ);
    const face = struckAt(faces, faceU);
    if (heightIn > stands(face)) return { drop: i + 1, face, heightIn, standsIn: stands(face) };
  }
  return null;
}

const stacksOf = ({ layers, others = [] }: StruckFace) => [layers, ...others];

/** The least of so many standard normals, from one: of the same rank among its like. */
export function weakestZ(z: number, pieces: number): number {
  if (pieces === 1) return z;
  const least = -Math.expm1(Math.log1p(-normalCdf(z)) / pieces);
  return least > 0 && least < 1 ? normalQuantile(least) : z;
}

function struckAt(faces: readonly StruckFace[], draw: number): number {
  let left = draw;
  for (let i = 0; i < faces.length - 1; i++) {
    left -= faces[i]!.chance;
    if (left < 0) return i;
  }
  return faces.length - 1;
}
