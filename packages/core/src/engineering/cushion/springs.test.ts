import { Solver } from 'odex';
import { CUSHION_MATERIALS } from './cushionMaterials.ts';
import { strainAt, type CushionLayer } from './cushionCurve.ts';
import { peakG } from './peakG.ts';

const layer = (key: keyof typeof CUSHION_MATERIALS, areaIn2: number, thicknessIn: number): CushionLayer => ({
  areaIn2,
  thicknessIn,
  curve: CUSHION_MATERIALS[key].curve,
});

// equal force in series: a mass on springs whose σ(e) the curve implies, integrated by a reference solver
test('peak force equals direct integration of the motion', () => {
  const layers = [layer('smallBubble', 30, 0.34), layer('largeBubble', 36, 0.9), layer('mouldedFill', 60, 2)];
  for (const [weightLb, h] of [
    [2, 20],
    [2, 60],
    [6, 30],
  ] as const) {
    const closed = peakG(layers, weightLb, h).peakG;
    expect(integratePeakG(layers, weightLb, h) / closed).toBeCloseTo(1, 3);
  }
});

/** Peak acceleration of a mass falling on layers in series, gravity left out, by integrating its motion. */
function integratePeakG(layers: readonly CushionLayer[], weightLb: number, heightIn: number): number {
  const gravity = 386.0886;
  // compression of the whole stack under a force
  const compressed = (force: number) =>
    layers.reduce((sum, { areaIn2, thicknessIn, curve }) => sum + thicknessIn * strainAt(curve, force / areaIn2), 0);
  const forceAt = (x: number) => {
    let [low, high] = [0, 1];
    while (compressed(high) < x && high < 1e12) high *= 2;
    for (let i = 0; i < 200; i++) {
      const middle = (low + high) / 2;
      if (compressed(middle) < x) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  const mass = weightLb / gravity;
  const solver = new Solver(2);
  Object.assign(solver, { absoluteTolerance: 1e-10, relativeTolerance: 1e-10, maxStepSize: 5e-5, maxSteps: 100_000 });
  let deepest = 0;
  solver.solve(
    (_t: number, [x, v]: [number, number]) => [v, x <= 0 ? 0 : -forceAt(x) / mass],
    0,
    [0, Math.sqrt(2 * gravity * heightIn)],
    0.2,
    (_n: number, _from: number, _to: number, [x, v]: [number, number]) => {
      deepest = Math.max(deepest, x);
      return v >= 0;
    },
  );
  return forceAt(deepest) / weightLb;
}
