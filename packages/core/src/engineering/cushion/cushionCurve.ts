/**
 * Stress–energy form of a cushion curve, `σ = a·exp(b·ε)`, continued below the working range by a
 * power law of exponent `p` that joins smoothly (equal value and slope) at `ε = 1/(p·b)`.
 *
 * With `p = 1`, which all our materials have, energy is proportional to stress below the join, so that the
 * landing of a light piece does not depend on the area it lies on. Only where ε/σ never rises does every thicker
 * layer, further turn, larger gap and larger area make a landing softer.
 *
 * Source: Burgess 1990; Daum 2006 (the exponential form; form from memory). The continuation is ours.
 */
export interface CushionCurve {
  /** psi (times g): stress at zero energy of the exponential. */
  readonly a: number;
  /** 1/psi: how fast stress grows with energy per unit volume. */
  readonly b: number;
  /** Exponent of the continuation, at least 1; 2 is a linear spring. */
  readonly p: number;
}

/** A layer of cushion under load. */
export interface CushionLayer {
  readonly areaIn2: number;
  readonly thicknessIn: number;
  readonly curve: CushionCurve;
}

/** Energy above which no published fit reaches; a layer beyond it is bottomed. */
export const BOTTOMING_EXPONENT = 3;

/** Stress at which power law and exponential join, psi: `σ₁ = a·e^(1/p)`. */
export const joinStressPsi = ({ a, p }: CushionCurve): number => a * Math.exp(1 / p);

/**
 * Energy per unit volume absorbed when the stress has risen to `stressPsi`.
 *
 * @returns psi (in·lbf per in³)
 */
export const energyDensityPsi = (curve: CushionCurve, stressPsi: number): number => energyDensityOf(curve)(stressPsi);

const knownDensities = new WeakMap<CushionCurve, (stressPsi: number) => number>();

/** `energyDensityPsi` of one curve for many stresses. */
export function energyDensityOf(curve: CushionCurve): (stressPsi: number) => number {
  const known = knownDensities.get(curve);
  if (known) return known;
  const { a, b, p } = curve;
  const join = joinStressPsi(curve);
  const made = (stressPsi: number) =>
    stressPsi > join ? Math.log(stressPsi / a) / b : p === 1 ? stressPsi / join / b : (stressPsi / join) ** p / (p * b);
  knownDensities.set(curve, made);
  return made;
}

/** Stress at an energy per unit volume: the inverse of `energyDensityPsi`. */
export function stressAtEnergyPsi(curve: CushionCurve, energyPsi: number): number {
  const { a, b, p } = curve;
  return energyPsi <= 1 / (p * b) ? joinStressPsi(curve) * (p * b * energyPsi) ** (1 / p) : a * Math.exp(b * energyPsi);
}

/** Share of the join's stress below which a curve of `p = 1` is taken for a linear spring: cushions there are air. */
export const SPRING_BELOW_SHARE = 0.01;

/**
 * Strain the curve implies at a stress: `dε = de/σ`, integrated over both ranges.
 *
 * With `p = 1` the integral has no beginning, since it takes stress to start at all. Below a hundredth of the
 * join the layer is a linear spring that takes up the same energy, so that nothing above it is changed.
 *
 * @returns compression as a share of the thickness; see `greatestStrain` for its limit
 */
export function strainAt(curve: CushionCurve, stressPsi: number): number {
  const { b, p } = curve;
  const join = joinStressPsi(curve);
  const beyond = stressPsi > join ? (1 / join - 1 / stressPsi) / b : 0;
  const within = Math.min(stressPsi, join) / join;
  if (p > 1) return within ** (p - 1) / (b * join * (p - 1)) + beyond;
  const spring = Math.min(within / SPRING_BELOW_SHARE, 1) * 2;
  return (spring + Math.max(0, Math.log(within / SPRING_BELOW_SHARE))) / (b * join) + beyond;
}

/** Stress at a strain: the inverse of `strainAt`, by bisection. */
export function stressAtStrain(curve: CushionCurve, strain: number): number {
  if (!(strain > 0)) return 0;
  let [low, high] = [0, joinStressPsi(curve)];
  while (strainAt(curve, high) < strain && high < 1e12) [low, high] = [high, high * 2];
  for (let pass = 0; pass < 100; pass++) {
    const middle = (low + high) / 2;
    if (strainAt(curve, middle) < strain) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Below this share of the join’s stress a cushion is air, and no strain is held against it. */
export const AIR_SHARE = 0.05;

/** Strain the curve implies on the way from air to a stress: above 1 there is not so much material. */
export const impliedStrain = (curve: CushionCurve, stressPsi: number): number =>
  curve.p > 1
    ? strainAt(curve, stressPsi)
    : strainAt(curve, stressPsi) - strainAt(curve, AIR_SHARE * Math.min(stressPsi, joinStressPsi(curve)));

/**
 * The strain the curve tends to under any stress: `p / ((p−1)·b·σ₁)`; for `p = 1` what is left after its spring
 * and its logarithm. Above 1 the data cannot be right.
 */
export const greatestStrain = (curve: CushionCurve): number => strainAt(curve, Number.MAX_VALUE);
