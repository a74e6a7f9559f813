import fc from 'fast-check';
import { CARD, SERVICE, SHIPMENT } from '../../tests/sampleRequest.ts';
import { energyDensityPsi } from './cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from './cushion/cushionMaterials.ts';
import { dropHeightAtG } from './cushion/dropHeight.ts';
import { energyCeiling, forceCeiling } from './cushion/energyCeiling.ts';
import type { Triple } from './geometry/wrapLayer.ts';
import { shockChance } from './journey/shockChance.ts';
import { addStruckFloors, COARSE_SLICES, FINE_SLICES, shockFloor, sliceGs } from './journey/shockFloor.ts';
import { postageFloors } from './tariff/postageFloor.ts';
import { quoteService } from './tariff/quoteService.ts';
import type { Service } from './tariff/RateCard.ts';

const curves = Object.values(CUSHION_MATERIALS).map((material) => material.curve);
const stress = fc.double({ min: -6, max: 8, noNaN: true });

describe('bounds are bounds', () => {
  test('an energy ceiling is never below the energy, and hardly above it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...curves), stress, (curve, logStress) => {
        const energy = energyDensityPsi(curve, Math.exp(logStress));
        const ceiling = energyCeiling(curve)(logStress);
        expect(ceiling).toBeGreaterThanOrEqual(energy);
        expect(ceiling).toBeLessThanOrEqual(energy * 1.02 + 1e-9);
      }),
    );
  });

  test('a force ceiling holds for every curve and every stress of the range', () => {
    const ceiling = forceCeiling(curves);
    fc.assert(
      fc.property(
        fc.constantFrom(...curves),
        stress,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (curve, low, at, width) => {
          const psi = Math.exp(low + at * width);
          expect(ceiling(low, low + width)).toBeGreaterThanOrEqual(energyDensityPsi(curve, psi) / psi);
        },
      ),
    );
  });

  test('shock: the lower sum is never above the integral, the fine one nearer', () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 300, noNaN: true }), fc.double({ min: 0.5, max: 4, noNaN: true }), (criticalG, thicknessIn) => {
        const layers = [{ areaIn2: 30, thicknessIn, curve: CUSHION_MATERIALS.largeBubble.curve }];
        const exact = shockChance({ weightLb: 2, grossWeightLb: 4, zone: 5, criticalG, spread: 0.3, faces: [{ chance: 1, layers }] });
        const floor = (slices: typeof COARSE_SLICES) => {
          const struck = new Float64Array(slices.ends.length);
          const heights = Array.from(sliceGs(slices, criticalG, 0.3), (g) => dropHeightAtG(layers, 2, g));
          addStruckFloors(heights, 0, 1, Math.log(7), struck);
          return shockFloor(slices, struck, 7);
        };
        expect(floor(COARSE_SLICES)).toBeLessThanOrEqual(exact * (1 + 1e-9));
        expect(floor(FINE_SLICES)).toBeLessThanOrEqual(exact * (1 + 1e-9));
        if (exact > 1e-4) expect(floor(FINE_SLICES)).toBeGreaterThan(exact * 0.6);
      }),
      { numRuns: 40 },
    );
  });

  const anyService: fc.Arbitrary<Service> = fc
    .record({
      prices: fc.array(fc.integer({ min: 100, max: 3000 }), { minLength: 3, maxLength: 8 }),
      rounding: fc.constantFrom('step' as const, 'ounce' as const, 'pound' as const, 'halfKilogram' as const),
      fuelPercent: fc.constantFrom(0, 7.5),
      heavyMinor: fc.integer({ min: 0, max: 900 }),
      volumetric: fc.constantFrom(null, SERVICE.volumetric),
      cubic: fc.boolean(),
    })
    .map(({ prices, rounding, fuelPercent, heavyMinor, volumetric, cubic }) => ({
      ...SERVICE,
      rounding,
      fuelPercent,
      volumetric: cubic ? null : volumetric,
      steps: cubic
        ? []
        : prices.map((minor, i) => ({
            upToLb: 2 * (i + 1),
            byZone: (i === 0 ? { '1': minor } : { '1': minor, '5': minor }) as Record<string, number>,
          })),
      cubic: cubic ? prices.map((minor, i) => ({ upToIn3: 600 * (i + 1), byZone: { '5': minor } })) : null,
      surcharges: [
        { name: 'heavy', when: { kind: 'weightAbove' as const, lb: 5 }, priceMinor: heavyMinor, fuelled: true },
        { name: 'long', when: { kind: 'longestAbove' as const, inches: 13 }, priceMinor: 210, fuelled: false },
      ],
    }));
  test('postage: no weight from the one asked about is ever cheaper than its floor', () => {
    const side = fc.double({ min: 4, max: 18, noNaN: true });
    const weight = fc.double({ min: 0.1, max: 20, noNaN: true });
    fc.assert(
      fc.property(anyService, fc.tuple(side, side, side), weight, weight, (service, sizeIn, one, other) => {
        const floor = postageFloors(CARD, service, { zone: 5 }, SHIPMENT)(sizeIn as Triple, null);
        const quote = quoteService(CARD, service, { ...SHIPMENT, sizeIn, weightLb: Math.max(one, other) });
        if (!('refused' in quote)) expect(floor(Math.min(one, other))).toBeLessThanOrEqual(quote.totalMinor + 1e-9);
      }),
      { numRuns: 400 },
    );
  });
});
