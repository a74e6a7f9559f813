import fc from 'fast-check';
import { CUSHION_MATERIALS, cushionMaterial } from './cushionMaterials.ts';
import {
  energyDensityPsi,
  greatestStrain,
  joinStressPsi,
  strainAt,
  stressAtEnergyPsi,
  stressAtStrain,
  type CushionLayer,
} from './cushionCurve.ts';
import { curveFromBestPoint } from './curveFromBestPoint.ts';
import { dropHeightAtG, energyShares } from './dropHeight.ts';
import { criticalGForSize, innerMassDivisor } from './fragility.ts';
import { beyond, fillAreaIn2, loadOn, throughWall, wrapAreaIn2 } from './loadPatch.ts';
import { peakG } from './peakG.ts';
import { withstoodHeight } from './withstoodHeight.ts';

const materials = Object.values(CUSHION_MATERIALS);
const layer = (key: keyof typeof CUSHION_MATERIALS, areaIn2: number, thicknessIn: number): CushionLayer => ({
  areaIn2,
  thicknessIn,
  curve: CUSHION_MATERIALS[key].curve,
});

describe('one layer', () => {
  test('reproduces G·s = a·exp(b·s·h/t) in the working range', () => {
    const curve = { a: 10, b: 0.2, p: 1.5 };
    for (const s of [0.3, 0.6, 1]) {
      const [areaIn2, weightLb, thicknessIn, h] = [20, 20 * s, 2, 30];
      const closed = (10 * Math.exp((0.2 * s * h) / thicknessIn)) / s;
      expect((0.2 * s * h) / thicknessIn).toBeGreaterThan(1 / 1.5);
      expect(peakG([{ areaIn2, thicknessIn, curve }], weightLb, h).peakG / closed).toBeCloseTo(1, 10);
    }
  });

  test('its lowest point is where the curve was stated', () => {
    const best = { staticStressPsi: 0.5, leastG: 50, dropHeightIn: 24, thicknessIn: 2 };
    const { a, b } = curveFromBestPoint(best);
    const gAt = (s: number) => (a * Math.exp((b * s * 24) / 2)) / s;
    expect(gAt(0.5)).toBeCloseTo(50, 10);
    expect(gAt(0.5)).toBeLessThan(gAt(0.49));
    expect(gAt(0.5)).toBeLessThan(gAt(0.51));
  });

  // linear spring, exact: G = √(2·k·h/W), static deflection neglected; p = 2 is one, with k = σ₁²·p·b/2 · A/t
  test('p = 2 is a linear spring to machine precision', () => {
    const curve = { a: 5, b: 0.1, p: 2 };
    const [areaIn2, thicknessIn, weightLb, h] = [30, 3, 2, 6];
    const stiffness = (joinStressPsi(curve) ** 2 * curve.b * areaIn2) / thicknessIn;
    expect(peakG([{ areaIn2, thicknessIn, curve }], weightLb, h).peakG / Math.sqrt((2 * stiffness * h) / weightLb)).toBeCloseTo(1, 12);
  });

  test('value and slope join smoothly', () => {
    for (const { curve } of materials) {
      const join = joinStressPsi(curve);
      const slope = (at: number) => (energyDensityPsi(curve, at * 1.000001) - energyDensityPsi(curve, at)) / (at * 1e-6);
      expect(energyDensityPsi(curve, join) * curve.p * curve.b).toBeCloseTo(1, 12);
      expect(slope(join * 0.999999) / slope(join * 1.000001)).toBeCloseTo(1, 4);
      expect(stressAtEnergyPsi(curve, energyDensityPsi(curve, join * 3)) / (join * 3)).toBeCloseTo(1, 12);
      expect(stressAtEnergyPsi(curve, energyDensityPsi(curve, join / 3)) / (join / 3)).toBeCloseTo(1, 12);
    }
  });
});

describe('series of layers', () => {
  test('height and peak undo each other', () => {
    const anyLayer = fc.record({
      key: fc.constantFrom(...materials.map((one) => one.key)),
      areaIn2: fc.double({ min: 4, max: 300, noNaN: true }),
      thicknessIn: fc.double({ min: 0.05, max: 4, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 5 }),
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (list, weightLb, h) => {
          const layers = list.map((one) => layer(one.key, one.areaIn2, one.thicknessIn));
          const { peakG: g } = peakG(layers, weightLb, h);
          if (g < 1e100) expect(dropHeightAtG(layers, weightLb, g) / h).toBeCloseTo(1, 8);
        },
      ),
    );
  });

  test('does not stall far up the exponential, and says so', () => {
    const answer = peakG([layer('corrugatedPad', 200, 0.01)], 50, 60);
    expect(answer.bottomed).toBe(true);
    expect(Number.isFinite(answer.peakG)).toBe(true);
  });

  test('a thicker layer never lands harder', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        (thickness, more, weightLb) => {
          const stack = (t: number) => [layer('smallBubble', 30, 0.34), layer('mouldedFill', 60, t)];
          expect(peakG(stack(thickness + more), weightLb, 24).peakG).toBeLessThanOrEqual(
            peakG(stack(thickness), weightLb, 24).peakG * (1 + 1e-12),
          );
        },
      ),
    );
  });

  test('a heavier piece presses harder, whatever its peak acceleration does', () => {
    const stack = [layer('smallBubble', 30, 0.34), layer('mouldedFill', 60, 2)];
    for (let weightLb = 0.5; weightLb < 40; weightLb *= 1.5)
      expect(weightLb * 1.5 * peakG(stack, weightLb * 1.5, 24).peakG).toBeGreaterThan(weightLb * peakG(stack, weightLb, 24).peakG);
  });

  test('shares sum to one and nothing is refused', () => {
    const shares = energyShares([layer('smallBubble', 30, 0.3), layer('mouldedFill', 60, 2)], 2, 80);
    expect(shares[0]! + shares[1]!).toBeCloseTo(1, 12);
    expect(() => peakG([layer('smallBubble', 30, 0)], 2, 10)).toThrow(RangeError);
  });
});

describe('materials', () => {
  test('none implies more strain than there is material on its way from air to the working range', () => {
    for (const { curve } of materials) {
      const join = joinStressPsi(curve);
      expect(strainAt(curve, join) - strainAt(curve, join * 0.05)).toBeLessThanOrEqual(1);
      expect(strainAt(curve, 1e9)).toBeCloseTo(greatestStrain(curve), 6);
      expect(stressAtStrain(curve, strainAt(curve, join * 2)) / (join * 2)).toBeCloseTo(1, 9);
    }
  });
  test('data that would are refused', () =>
    expect(() => cushionMaterial(['smallBubble', 0.15, 30, 0.03, 1, 0, 0.2])).toThrow(/a strain of/));

  // exact: with p = 1 energy is proportional to stress below the join, so that a landing there does not depend on the area
  test('a light piece lands alike on whatever area', () => {
    for (const { key } of materials) {
      const [wide, wider] = [60, 240].map((areaIn2) => peakG([layer(key, areaIn2, 3)], 0.5, 10).peakG);
      expect(wider! / wide!).toBeCloseTo(1, 9);
    }
  });
  test('a spring below a hundredth of the join takes up as much as the curve says', () => {
    for (const { curve } of materials) {
      const start = joinStressPsi(curve) * 0.01;
      expect((strainAt(curve, start) * start) / 2 / energyDensityPsi(curve, start)).toBeCloseTo(1, 9);
    }
  });
  // common practice, no source: seven to ten turns of small bubble do the work of about four of large
  test('equal thickness of small and large bubble agree within a quarter at low stress', () => {
    for (const s of [0.05, 0.1, 0.15]) {
      const g = (key: 'smallBubble' | 'largeBubble') => peakG([layer(key, 10 / s, 2)], 10, 24).peakG;
      expect(Math.abs(g('smallBubble') / g('largeBubble') - 1)).toBeLessThan(0.25);
    }
  });
});

describe('load', () => {
  const face = { lengthIn: 6, widthIn: 4 };
  // by hand: a quarter of the face bears, 3 × 2 in; each layer spreads it by its thickness
  test('spreads outward, wrap by wrap', () => {
    const start = loadOn(face, 0.25);
    expect(wrapAreaIn2(start, 1)).toBeCloseTo((3 + 1) * (2 + 1), 12);
    const next = beyond(start, 1);
    expect(wrapAreaIn2(next, 2)).toBeCloseTo((5 + 2) * (4 + 2), 12);
    expect(beyond(next, 2)).toEqual({ patch: { lengthIn: 9, widthIn: 8 }, face: { lengthIn: 12, widthIn: 10 } });
    expect(wrapAreaIn2(loadOn(face, 1), 1)).toBe(35);
  });
  test('a fill bears on its share of the face at most', () => {
    expect(fillAreaIn2(loadOn(face, 0.25), 1, 0.6)).toBeCloseTo((3 + 1) * (2 + 1), 12);
    expect(fillAreaIn2(loadOn(face, 1), 1, 0.6)).toBeCloseTo(0.6 * 7 * 5, 12);
  });
  test('goes on through an inner box’s wall, 0.16 in wider on each side, at most its face', () => {
    const through = throughWall(loadOn(face, 0.25), { lengthIn: 3.2, widthIn: 20 });
    expect(through.patch).toEqual({ lengthIn: 3.2, widthIn: 2.32 });
    expect(through.face).toEqual({ lengthIn: 3.2, widthIn: 20 });
  });
});

// what is withstood without the stack is added, and both grow with the strength: h₀·m + h(Gc·m)
test('a height for many strengths is the height for each', () => {
  const layers = [
    { areaIn2: 20, thicknessIn: 0.6, curve: CUSHION_MATERIALS.smallBubble.curve },
    { areaIn2: 44, thicknessIn: 0, curve: CUSHION_MATERIALS.largeBubble.curve },
    { areaIn2: 60, thicknessIn: 2, curve: { a: 0.5, b: 0.8, p: 2 } },
  ];
  const heightOf = withstoodHeight(layers, 3);
  for (const g of [1, 15, 60, 200, 900]) expect(heightOf(g, 1.25)).toBeCloseTo(1.25 + dropHeightAtG(layers, 3, g), 9);
});

test('brittle strength falls with size, what bends does not; a heavy inner box costs a little', () => {
  expect(criticalGForSize(190, 6, 0.5)).toBe(190);
  expect(criticalGForSize(190, 24, 0.5)).toBe(95);
  expect(criticalGForSize(250, 24, 0)).toBe(250);
  expect(innerMassDivisor(0)).toBe(1);
  // by hand: x = 0.4·0.3 = 0.12, 1 + 0.8·0.001728/0.126728; capped at x = 0.2
  expect(innerMassDivisor(0.3)).toBeCloseTo(1.0109, 4);
  expect(innerMassDivisor(3)).toBe(innerMassDivisor(0.5));
  expect(innerMassDivisor(3)).toBeLessThanOrEqual(1.05);
});
