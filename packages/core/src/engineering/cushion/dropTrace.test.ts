import fc from 'fast-check';
import { Solver } from 'odex';
import { CUSHION_MATERIALS, type CushionKey } from './cushionMaterials.ts';
import { joinStressPsi, strainAt, type CushionLayer } from './cushionCurve.ts';
import { dropTrace } from './dropTrace.ts';
import { impactVelocityInPerS } from './impact.ts';
import { peakG } from './peakG.ts';

const layer = (key: CushionKey, areaIn2: number, thicknessIn: number): CushionLayer => ({
  areaIn2,
  thicknessIn,
  curve: CUSHION_MATERIALS[key].curve,
});
const STACK = [layer('smallBubble', 20, 0.34), layer('largeBubble', 30, 0.9), layer('mouldedFill', 60, 2)];

describe('a landing in time', () => {
  test('peaks where the closed form says, whatever lies below', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            key: fc.constantFrom<CushionKey>('smallBubble', 'largeBubble', 'mouldedFill', 'crumpledPaper', 'foamInPlace'),
            areaIn2: fc.double({ min: 10, max: 200, noNaN: true }),
            thicknessIn: fc.double({ min: 0.2, max: 3, noNaN: true }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.double({ min: 0.5, max: 15, noNaN: true }),
        fc.double({ min: 2, max: 36, noNaN: true }),
        (list, weightLb, heightIn) => {
          const layers = list.map((one) => layer(one.key, one.areaIn2, one.thicknessIn));
          const closed = peakG(layers, weightLb, heightIn);
          // in its range: neither pressed flat nor as light as the spring it begins with
          const light = layers.some(({ areaIn2, curve }) => (closed.peakG * weightLb) / areaIn2 < 0.02 * joinStressPsi(curve));
          if (closed.bottomed || light) return;
          expect(Math.abs(dropTrace(layers, weightLb, heightIn, 40).peakG / closed.peakG - 1)).toBeLessThan(0.01);
        },
      ),
      { numRuns: 25 },
    );
  });

  // reference: odex, an extrapolation solver by Hairer and Wanner, on the same springs
  test('takes as long to stop as a reference solver says', () => {
    const gravity = 9.80665 / 0.0254;
    const [weightLb, heightIn] = [3, 18];
    const squeezed = (force: number) =>
      STACK.reduce((sum, { areaIn2, thicknessIn, curve }) => sum + thicknessIn * strainAt(curve, force / areaIn2), 0);
    const forceAt = (x: number) => {
      let [low, high] = [0, 1e5];
      for (let i = 0; i < 80; i++) {
        const middle = (low + high) / 2;
        if (squeezed(middle) < x) low = middle;
        else high = middle;
      }
      return (low + high) / 2;
    };
    const solver = new Solver(2);
    Object.assign(solver, { absoluteTolerance: 1e-9, relativeTolerance: 1e-9, maxStepSize: 5e-5, maxSteps: 100_000 });
    let stopsS = 0;
    solver.solve(
      (_t: number, [x, v]: [number, number]) => [v, x <= 0 ? 0 : (-forceAt(x) / weightLb) * gravity],
      0,
      [0, impactVelocityInPerS(heightIn)],
      0.2,
      (_n: number, _from: number, to: number, [, v]: [number, number]) => {
        if (v > 0) stopsS = to;
        return v > 0;
      },
    );
    const { moments } = dropTrace(STACK, weightLb, heightIn, 400);
    const highest = moments.reduce((most, one) => (one.g > most.g ? one : most));
    expect(highest.ms / (stopsS * 1000)).toBeCloseTo(1, 1);
  });

  test('begins and ends at nothing, and no layer is squeezed by more than it is thick', () => {
    const { moments, bottomed } = dropTrace(STACK, 3, 24, 60);
    expect(moments).toHaveLength(60);
    expect(moments[0]).toMatchObject({ ms: 0, g: 0 });
    for (const { squeezeIn } of moments) squeezeIn.forEach((inches, i) => expect(inches).toBeLessThanOrEqual(STACK[i]!.thicknessIn));
    expect(moments.at(-1)!.g).toBeLessThan(Math.max(...moments.map(({ g }) => g)) / 4);
    expect(bottomed).toEqual([]);
  });

  test('says which layer is pressed beyond any fit; nothing to land on is refused', () => {
    expect(dropTrace([layer('smallBubble', 2, 0.17), layer('mouldedFill', 200, 3)], 20, 30, 20).bottomed).toContain(0);
    expect(() => dropTrace([layer('smallBubble', 2, 0)], 2, 10, 20)).toThrow(RangeError);
  });
});
