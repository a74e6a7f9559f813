import { impactVelocityInPerS, halfSineVelocityInPerS } from '../cushion/impact.ts';
import { ASTM_D4169_DROPS } from './assuranceLevels.ts';
import { designDropIn, ISTA_1A_DROPS } from './dropSchedule.ts';

// ASTM D4169 Schedule A and ISTA 1A (values from memory): written by different people for the same handling
describe('two published schedules agree in what they say', () => {
  test('heavier parcels fall from lower, lower levels from lower still', () => {
    ASTM_D4169_DROPS.forEach(({ levelIIn, levelIIIn, levelIIIIn }, i) => {
      expect(levelIIn).toBeGreaterThan(levelIIIn);
      expect(levelIIIn).toBeGreaterThan(levelIIIIn);
      if (i > 0) expect(levelIIn).toBeLessThan(ASTM_D4169_DROPS[i - 1]!.levelIIn);
    });
    ISTA_1A_DROPS.slice(1).forEach((band, i) => expect(band.dropHeightIn).toBeLessThan(ISTA_1A_DROPS[i]!.dropHeightIn));
  });

  test('the design drop lies within a half of level I, and above level III, up to 150 lb', () => {
    for (let lb = 1; lb <= 150; lb++) {
      const { levelIIn, levelIIIIn } = ASTM_D4169_DROPS.findLast((one) => lb >= one.fromLb)!;
      expect(designDropIn(lb)).toBeGreaterThan(levelIIIIn);
      expect(designDropIn(lb)).toBeLessThanOrEqual(levelIIn * 1.5);
      expect(designDropIn(lb)).toBeGreaterThanOrEqual(levelIIn * 0.5);
    }
  });

  test('heavy parcels keep about the same share of the lightest ones’ height in both', () => {
    const shares = (lb: number) => [designDropIn(lb) / 30, ASTM_D4169_DROPS.findLast((one) => lb >= one.fromLb)!.levelIIn / 24];
    for (const lb of [5, 30, 50, 120]) expect(Math.abs(shares(lb)[0]! - shares(lb)[1]!)).toBeLessThan(0.2);
  });
});

describe('impact', () => {
  // exact: a fall of 30 in ends at 152.2 in/s
  test('30 in is 152.2 in/s', () => expect(impactVelocityInPerS(30)).toBeCloseTo(152.2, 1));

  // exact: (2/π)·50 g·10 ms = 122.9 in/s
  test('a half sine of 50 g and 10 ms', () => expect(halfSineVelocityInPerS(50, 0.01)).toBeCloseTo(122.9, 1));

  test('what a fall brings, a pulse that stops it takes away', () => {
    const v = impactVelocityInPerS(24);
    const durationS = (v * Math.PI) / 2 / (60 * 386.0885826771654);
    expect(halfSineVelocityInPerS(60, durationS) / v).toBeCloseTo(1, 12);
  });
});
