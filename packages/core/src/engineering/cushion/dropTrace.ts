import { isBottomed, peakG } from './peakG.ts';
import { greatestStrain, strainAt, type CushionLayer } from './cushionCurve.ts';
import { GRAVITY_IN_PER_S2, impactVelocityInPerS } from './impact.ts';

/** The piece at one moment of a landing. */
export interface DropMoment {
  readonly ms: number;
  /** Acceleration of the piece, g. */
  readonly g: number;
  /** How far each layer is squeezed, inches, in the order of the layers. */
  readonly squeezeIn: readonly number[];
}

/** A landing, from touching the ground to rest. */
export interface DropTrace {
  readonly peakG: number;
  /** Which layers are pressed beyond any published fit, by their place. */
  readonly bottomed: readonly number[];
  readonly moments: readonly DropMoment[];
}

/** Steps of the integration for one shown. */
const FINER = 40;
const MOST_STEPS = 200_000;

/**
 * A piece dropped on a stack of layers, integrated in time: equal force through the layers, each squeezed as its curve
 * has it. Agrees with the closed form of `dropHeightAtG`, which leaves out the same thing: gravity's work while
 * the layers give way.
 *
 * Method: velocity Verlet on the mass of the piece; the force at a squeeze by bisection, since each layer's
 * squeeze is known for a force. What is shown as squeezed is never more than the layer: the strain that the
 * curve implies is scaled by what it tends to.
 *
 * @param layers outward from the piece, at least one with thickness
 * @param weightLb weight of the piece
 * @param dropHeightIn above 0
 * @param steps moments to show, at least 2
 * @throws RangeError when nothing is there to absorb the fall
 */
export function dropTrace(layers: readonly CushionLayer[], weightLb: number, dropHeightIn: number, steps: number): DropTrace {
  const closed = peakG(layers, weightLb, dropHeightIn).peakG;
  const soft = layers.map((layer) => ({ ...layer, most: Math.max(1, greatestStrain(layer.curve)) }));
  const squeezeAt = (forceLbf: number) =>
    soft.reduce(
      (sum, { areaIn2, thicknessIn, curve }) => sum + (thicknessIn > 0 ? thicknessIn * strainAt(curve, forceLbf / areaIn2) : 0),
      0,
    );
  const mostLbf = closed * weightLb * 1.5;
  const forceAt = (squeezeIn: number, near: number): number => {
    if (!(squeezeIn > 0)) return 0;
    let [low, high] = [near * 0.8, Math.max(near * 1.25, mostLbf * 1e-6)];
    while (squeezeAt(low) > squeezeIn && low > 0) low /= 2;
    while (squeezeAt(high) < squeezeIn && high < mostLbf * 16) high *= 2;
    for (let pass = 0; pass < 40; pass++) {
      const middle = (low + high) / 2;
      if (squeezeAt(middle) < squeezeIn) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  const velocity = impactVelocityInPerS(dropHeightIn);
  // a half sine that stops the fall at this peak lasts so long
  const lastsS = (Math.PI * velocity) / (2 * closed * GRAVITY_IN_PER_S2);
  const stepS = (2 * lastsS) / (steps * FINER);
  const moment = (ms: number, forceLbf: number): DropMoment => ({
    ms,
    g: forceLbf / weightLb,
    squeezeIn: soft.map(({ areaIn2, thicknessIn, curve, most }) =>
      thicknessIn > 0 ? (thicknessIn * strainAt(curve, forceLbf / areaIn2)) / most : 0,
    ),
  });
  let [x, v, force, peakLbf] = [0, velocity, 0, 0];
  const all: { s: number; force: number }[] = [{ s: 0, force: 0 }];
  for (let step = 1; step < MOST_STEPS; step++) {
    const a = -(force / weightLb) * GRAVITY_IN_PER_S2;
    x += v * stepS + (a * stepS * stepS) / 2;
    const next = forceAt(x, force);
    v += ((a - (next / weightLb) * GRAVITY_IN_PER_S2) * stepS) / 2;
    force = next;
    peakLbf = Math.max(peakLbf, force);
    all.push({ s: step * stepS, force });
    if (x <= 0 || v <= -velocity) break;
  }
  const peak = peakLbf / weightLb;
  const shown = Array.from({ length: steps }, (_, i) => all[Math.round((i * (all.length - 1)) / (steps - 1))]!);
  return {
    peakG: peak,
    bottomed: layers.flatMap((layer, i) => (isBottomed([layer], weightLb, peak) ? [i] : [])),
    moments: shown.map(({ s, force: at }) => moment(s * 1000, at)),
  };
}
