import fc from 'fast-check';
import { mean, standardDeviation } from 'simple-statistics';
import { GRAVITY_IN_PER_S2, halfSineVelocityInPerS, impactVelocityInPerS } from '../cushion/impact.ts';
import { lowPass } from '../numeric/lowPass.ts';
import { seededRandom } from '../numeric/seededRandom.ts';
import { curvePoint, fitCurve } from './fitCurve.ts';
import { readDrop, type AccelerationSample } from './readDrop.ts';

const RATE = 5000;

/** Held, let fall from a height, landing as a half sine that gives back a share of the velocity, and falling again. */
function drop(heightIn: number, peakG: number, restitution: number, ring = 0, noise = 0): AccelerationSample[] {
  const random = seededRandom(7);
  const fallS = Math.sqrt((2 * heightIn) / GRAVITY_IN_PER_S2);
  // ΔV = (2/π)·A·τ
  const tauS = ((1 + restitution) * impactVelocityInPerS(heightIn)) / ((2 / Math.PI) * peakG * GRAVITY_IN_PER_S2);
  const [let0, land] = [0.05, 0.05 + fallS];
  return Array.from({ length: Math.ceil((land + tauS + 0.04) * RATE) }, (_, i) => {
    const timeS = i / RATE;
    const into = timeS - land;
    const at = timeS < let0 ? 1 : into < 0 || into > tauS ? 0 : peakG * Math.sin((Math.PI * into) / tauS);
    const rings = into > 0 && into <= tauS ? ring * Math.sin(2 * Math.PI * 1600 * into) : 0;
    return { timeS, g: at + rings + noise * (random.uniform() - 0.5) };
  });
}
const read = (samples: AccelerationSample[], heightIn: number | null = null) => {
  const found = readDrop(samples, heightIn);
  if ('whyNot' in found) throw new Error(found.whyNot);
  return found;
};

describe('a drop read (exact: free fall and half sine)', () => {
  test('height, peak, velocity change and restitution come back, whatever they were', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 48, noNaN: true }),
        fc.double({ min: 25, max: 90, noNaN: true }),
        fc.double({ min: 0.1, max: 0.7, noNaN: true }),
        (heightIn, peakG, restitution) => {
          const found = read(drop(heightIn, peakG, restitution));
          expect(found.heightIn / heightIn).toBeCloseTo(1, 1);
          expect(Math.abs(found.heightIn / heightIn - 1)).toBeLessThan(0.03);
          expect(Math.abs(found.peakG / peakG - 1)).toBeLessThan(0.03);
          expect(Math.abs(found.restitution - restitution)).toBeLessThan(0.06);
          // between the tenths of its peak lie 94% of a half sine's length and 99% of its area
          const tauS = found.durationS / (1 - (2 * Math.asin(0.1)) / Math.PI);
          expect(Math.abs(halfSineVelocityInPerS(peakG, tauS) / found.velocityChangeInPerS - 1)).toBeLessThan(0.05);
        },
      ),
    );
  });

  test('what rings and rustles is filtered out of the peak', () => {
    const clean = read(drop(30, 50, 0.4));
    const loud = read(drop(30, 50, 0.4, 12, 0.6));
    expect(Math.abs(loud.peakG / clean.peakG - 1)).toBeLessThan(0.06);
    expect(Math.max(...drop(30, 50, 0.4, 12, 0.6).map(({ g }) => g))).toBeGreaterThan(58);
  });

  test.each<[string, AccelerationSample[], RegExp]>([
    ['too short', drop(30, 50, 0.4).slice(0, 10), /20 samples/],
    ['nothing lands', drop(30, 50, 0.4).slice(0, 400), /nothing lands/],
    ['no fall is seen', drop(30, 50, 0.4).slice(2230), /say the height/],
    ['time stands still', drop(30, 50, 0.4).map(({ g }) => ({ timeS: 1, g })), /go forward/],
    ['uneven', drop(30, 50, 0.4).filter((_, i) => i % 7 !== 3), /evenly spaced/],
    ['in another scale', drop(30, 50, 0.4).map(({ timeS, g }) => ({ timeS, g: timeS > 0.4 ? g * 9.81 : g })), /more than it brought/],
  ])('%s: it says why not', (_, samples, why) => expect(readDrop(samples)).toEqual({ whyNot: expect.stringMatching(why) as string }));

  test('a height that is known takes the place of the one that is seen', () =>
    expect(read(drop(30, 50, 0.4).slice(2230), 30).heightIn).toBe(30));
});

describe('filter', () => {
  test('what does not swing stays, what swings at the cut-off is halved, what swings slowly comes through in step', () => {
    expect(lowPass(Array<number>(50).fill(3), 0.1).every((value) => Math.abs(value - 3) < 1e-12)).toBe(true);
    const wave = (share: number) => Array.from({ length: 2000 }, (_, i) => Math.sin(2 * Math.PI * share * i));
    const middle = (values: readonly number[]) => standardDeviation(values.slice(500, 1500));
    expect(middle(lowPass(wave(0.05), 0.05)) / middle(wave(0.05))).toBeCloseTo(0.5, 2);
    const slow = lowPass(wave(0.002), 0.05);
    expect(mean(slow.slice(500, 1500).map((value, i) => Math.abs(value - wave(0.002)[i + 500]!)))).toBeLessThan(1e-3);
    expect(() => lowPass([1, 2], 0.6)).toThrow(RangeError);
  });
});

describe('a curve fitted', () => {
  const G_OF = (a: number, b: number) => (energyPsi: number) => ({ energyPsi, stressPsi: a * Math.exp(b * energyPsi) });
  test('points on a curve give it back; those below the working range are left out', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 9, noNaN: true }), fc.double({ min: 0.2, max: 0.9, noNaN: true }), (a, b) => {
        const on = G_OF(a, b);
        const points = [1.2, 1.6, 2.1, 2.6].map((share) => on(share / b));
        const soft = { energyPsi: 0.3 / b, stressPsi: a * 0.9 };
        const found = fitCurve([...points, soft]);
        if ('whyNot' in found) throw new Error(found.whyNot);
        expect(found.curve.a / a).toBeCloseTo(1, 6);
        expect(found.curve.b / b).toBeCloseTo(1, 6);
        expect(found.used).toBe(4);
      }),
    );
  });
  test('a point is s·h/t against G·s', () =>
    expect(curvePoint(0.2, 24, 2, 55)).toEqual({
      energyPsi: expect.closeTo(2.4, 12) as number,
      stressPsi: expect.closeTo(11, 12) as number,
    }));
  test.each([
    ['one', [{ energyPsi: 2, stressPsi: 9 }], /two at least/],
    [
      'alike',
      [
        { energyPsi: 2, stressPsi: 9 },
        { energyPsi: 2, stressPsi: 10 },
      ],
      /same energy/,
    ],
    [
      'falling',
      [
        { energyPsi: 2, stressPsi: 9 },
        { energyPsi: 3, stressPsi: 8 },
      ],
      /no harder/,
    ],
    [
      'too soft',
      [
        { energyPsi: 0.1, stressPsi: 9 },
        { energyPsi: 0.2, stressPsi: 9.2 },
      ],
      /working range/,
    ],
  ])('%s: why not', (_, points, why) => expect(fitCurve(points)).toEqual({ whyNot: expect.stringMatching(why) as string }));
});
