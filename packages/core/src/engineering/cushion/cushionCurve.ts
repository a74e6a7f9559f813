/**
 * Stress–energy form of a cushion curve, `σ = a·exp(b·ε)`, continued below the working range by a
 * power law of exponent `p` that joins smoothly (equal value and slope) at `ε = 1/(p·b)`.
 *
 * Source: Burgess 1990; Daum 2006 (the exponential form; form from memory). The continuation is ours.
 */
export interface CushionCurve {
  /** psi (times g): stress at zero energy of the exponential. */
  readonly a: number;
  /** 1/psi: how fast stress grows with energy per unit volume. */
  readonly b: number;
  /** Exponent of the continuation, above 1; 2 is a linear spring. */
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

/** `energyDensityPsi` of one curve for many stresses. */
export function energyDensityOf(curve: CushionCurve): (stressPsi: number) => number {
  const { a, b, p } = curve;
  const join = joinStressPsi(curve);
  return (stressPsi) => (stressPsi <= join ? (stressPsi / join) ** p / (p * b) : Math.log(stressPsi / a) / b);
}

/** Stress at an energy per unit volume: the inverse of `energyDensityPsi`. */
export function stressAtEnergyPsi(curve: CushionCurve, energyPsi: number): number {
  const { a, b, p } = curve;
  return energyPsi <= 1 / (p * b) ? joinStressPsi(curve) * (p * b * energyPsi) ** (1 / p) : a * Math.exp(b * energyPsi);
}

/**
 * Strain the curve implies at a stress: `dε = σ·de`, integrated over both ranges.
 *
 * @returns compression as a share of the thickness; see `greatestStrain` for its limit
 */
export function strainAt(curve: CushionCurve, stressPsi: number): number {
  const { b, p } = curve;
  const join = joinStressPsi(curve);
  const atJoin = 1 / (b * join * (p - 1));
  return stressPsi <= join ? (stressPsi / join) ** (p - 1) * atJoin : atJoin + (1 / join - 1 / stressPsi) / b;
}

/** The strain the curve tends to under any stress: `p / ((p−1)·b·σ₁)`. Above 1 the data cannot be right. */
export const greatestStrain = (curve: CushionCurve): number => curve.p / ((curve.p - 1) * curve.b * joinStressPsi(curve));
