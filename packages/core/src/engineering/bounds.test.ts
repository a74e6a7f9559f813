import fc from 'fast-check';
import { CARD, SERVICE, SHIPMENT } from '../../tests/sampleRequest.ts';
import { energyDensityPsi } from './cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from './cushion/cushionMaterials.ts';
import { dropHeightAtG } from './cushion/dropHeight.ts';
import { energyCeiling, forceCeiling } from './cushion/energyCeiling.ts';
import type { Triple } from './geometry/wrapLayer.ts';
import { shockChance } from './journey/shockChance.ts';
import { addStruckFloors, COARSE_SLICES, FINE_SLICES, shockFloor, sliceGs, takeLogs } from './journey/shockFloor.ts';
import { postageFloors } from './tariff/postageFloor.ts';
import { quoteService } from './tariff/quoteService.ts';
import type { Service } from './tariff/RateCard.ts';

/** A step's prices, whichever zones it has. */
const pricesOf = (byZone: Readonly<Record<string, number>>): Readonly<Record<string, number>> => byZone;
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

  test('shock: a face that withstands nothing is struck by every drop, one that withstands everything by none', () => {
    const struck = new Float64Array(3);
    addStruckFloors(takeLogs(Float64Array.of(0, 7, 1e9)), 0, 0.5, Math.log(7), struck);
    expect(struck[0]).toBeCloseTo(0.5, 12);
    expect(struck[1]).toBeCloseTo(0.25, 2);
    expect(struck[2]).toBe(0);
  });

  test('shock: the lower sum is never above the integral, the fine one nearer', () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 300, noNaN: true }), fc.double({ min: 0.5, max: 4, noNaN: true }), (criticalG, thicknessIn) => {
        const layers = [{ areaIn2: 30, thicknessIn, curve: CUSHION_MATERIALS.largeBubble.curve }];
        const exact = shockChance({
          weightLb: 2,
          grossWeightLb: 4,
          zone: 5,
          criticalG,
          spread: 0.3,
          ownHeightIn: 0,
          faces: [{ chance: 1, layers }],
          drift: null,
        });
        const floor = (slices: typeof COARSE_SLICES) => {
          const struck = new Float64Array(slices.ends.length);
          const logHeights = takeLogs(Float64Array.from(sliceGs(slices, criticalG, 0.3), (g) => dropHeightAtG(layers, 2, g)));
          addStruckFloors(logHeights, 0, 1, Math.log(7), struck);
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
            byZone: pricesOf(i === 0 ? { '1': minor } : { '1': minor, '5': minor }),
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
        const floor = postageFloors(CARD, service, { zone: 5 }, SHIPMENT)(sizeIn, null);
        const quote = quoteService(CARD, service, { ...SHIPMENT, sizeIn, weightLb: Math.max(one, other) });
        if (!('refused' in quote)) expect(floor(Math.min(one, other))).toBeLessThanOrEqual(quote.totalMinor + 1e-9);
      }),
      { numRuns: 400 },
    );
  });

  test('a force ceiling is hardly above the largest value on its range', () => {
    fc.assert(
      fc.property(fc.constantFrom(...curves), stress, fc.double({ min: 0, max: 2, noNaN: true }), (curve, low, width) => {
        const g = (logPsi: number) => energyDensityPsi(curve, Math.exp(logPsi)) / Math.exp(logPsi);
        const peak = Math.log(curve.a) + 1;
        const largest = Math.max(g(low), g(low + width), peak > low && peak < low + width ? g(peak) : 0);
        expect(forceCeiling([curve])(low, low + width)).toBeLessThanOrEqual(largest * 1.03);
      }),
      { numRuns: 60 },
    );
  });

  test('far beyond the tables an energy ceiling is the energy itself', () => {
    for (const curve of curves) {
      expect(energyCeiling(curve)(20) / energyDensityPsi(curve, Math.exp(20))).toBeCloseTo(1, 8);
      expect(energyCeiling(curve)).toBe(energyCeiling(curve));
      expect(forceCeiling([curve])(-12, -12)).toBeGreaterThan(0);
      expect(forceCeiling([curve])(20, 21)).toBeGreaterThanOrEqual(energyDensityPsi(curve, Math.exp(20)) / Math.exp(20));
    }
  });

  describe('where prices rise with weight and nothing is rounded, the floor is the price', () => {
    const exact = (more: Partial<Service>, ship: Partial<typeof SHIPMENT> = {}, container: string | null = null) => {
      const service = { ...SERVICE, volumetric: null, ...more };
      const card = {
        ...CARD,
        containers: [
          {
            key: 'free',
            name: 'Free',
            style: 'slotted' as const,
            insideIn: [9, 9, 9] as Triple,
            outsideIn: [9.2, 9.2, 9.4] as Triple,
            weightLb: 20,
          },
        ],
      };
      const shipment = { ...SHIPMENT, ...ship, container };
      const quote = quoteService(card, service, shipment);
      const floor = postageFloors(card, service, { zone: 5 }, shipment)(shipment.sizeIn, container)(shipment.weightLb);
      expect(floor).toBeCloseTo('refused' in quote ? Infinity : quote.totalMinor, 9);
      return floor;
    };
    const heavy = (fuelled: boolean) => ({ name: 'heavy', when: { kind: 'weightAbove' as const, lb: 3 }, priceMinor: 110, fuelled });
    const long = (fuelled: boolean) => ({ name: 'long', when: { kind: 'longestAbove' as const, inches: 9 }, priceMinor: 70, fuelled });
    test.each<[string, Partial<Service>, Partial<typeof SHIPMENT>, string | null, number]>([
      ['base', {}, {}, null, 980],
      ['on the step', {}, { weightLb: 4 }, null, 980],
      ['just above it', {}, { weightLb: 4.001 }, null, 1040],
      ['by volume', { volumetric: SERVICE.volumetric }, { sizeIn: [13, 13, 13] }, null, 1580],
      ['surcharges', { surcharges: [heavy(true), long(false)] }, {}, null, 1160],
      ['below both thresholds', { surcharges: [heavy(true), long(false)] }, { weightLb: 3, sizeIn: [9, 9, 9] }, null, 920],
      ['cover and signature', {}, { coverMinor: 31_000, signature: true }, null, 980 + 3 * 165 + 300],
      ['too heavy', {}, { weightLb: 70.1 }, null, Infinity],
      ['too long', {}, { sizeIn: [50, 4, 4] }, null, Infinity],
      ['above its table', { steps: SERVICE.steps.slice(0, 3) }, {}, null, Infinity],
      ['a container on another service', {}, {}, 'free', Infinity],
      ['in its own container', { containers: ['free'] }, {}, 'free', 980],
      [
        'a tier of volume',
        {
          steps: [],
          cubic: [
            { upToIn3: 900, byZone: { '5': 500 } },
            { upToIn3: 1000, byZone: { '5': 640 } },
          ],
        },
        {},
        null,
        640,
      ],
      ['a tier with a surcharge', { steps: [], surcharges: [long(true)], cubic: [{ upToIn3: 1000, byZone: { '5': 640 } }] }, {}, null, 710],
    ])('%s', (_, more, ship, container, minor) => expect(exact(more, ship, container)).toBe(minor));

    test('fuel, within the half unit that rounding moves it', () => {
      const service = { ...SERVICE, volumetric: null, fuelPercent: 7.5, surcharges: [heavy(true), long(false)] };
      // (980 + 110)·1.075 + 70 = 1241.75, less the half
      expect(postageFloors(CARD, service, { zone: 5 }, SHIPMENT)(SHIPMENT.sizeIn, null)(3.2)).toBeCloseTo(1241.25, 9);
    });

    test('a dearer lighter step lowers nothing, a cheaper heavier one does', () => {
      const steps = [
        { upToLb: 4, byZone: { '5': 900 } },
        { upToLb: 8, byZone: { '5': 700 } },
        { upToLb: 12, byZone: { '5': 800 } },
      ];
      const floor = postageFloors(CARD, { ...SERVICE, steps, volumetric: null }, { zone: 5 }, SHIPMENT)(SHIPMENT.sizeIn, null);
      expect([1, 4, 8, 8.1, 12, 12.1].map(floor)).toEqual([700, 700, 700, 800, 800, Infinity]);
    });
  });
});
