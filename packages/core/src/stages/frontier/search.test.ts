import fc from 'fast-check';
import { box, CARD, finish, point, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { energyDensityPsi } from '../../engineering/cushion/cushionCurve.ts';
import { energyCeiling, forceCeiling } from '../../engineering/cushion/energyCeiling.ts';
import { shockChance } from '../../engineering/journey/shockChance.ts';
import { COARSE_SLICES, FINE_SLICES, shockFloor, sliceGs } from '../../engineering/journey/shockFloor.ts';
import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { postageFloors } from '../../engineering/tariff/postageFloor.ts';
import { quoteService } from '../../engineering/tariff/quoteService.ts';
import type { Service } from '../../engineering/tariff/RateCard.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { SHIPMENT } from '../../../tests/sampleRequest.ts';
import { planCount, planParcel } from '../../planParcel.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';

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
        const floor = (slices: typeof COARSE_SLICES) =>
          shockFloor(
            slices,
            Array.from(sliceGs(slices, criticalG, 0.3), (g) => dropHeightAtG(layers, 2, g)),
            [1],
            7,
            Math.log(7),
          );
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

const anyRequest = fc
  .record({
    boxes: fc.uniqueArray(fc.tuple(fc.integer({ min: 6, max: 20 }), fc.integer({ min: 6, max: 16 }), fc.integer({ min: 5, max: 18 })), {
      minLength: 2,
      maxLength: 4,
      selector: (one) => one.join(),
    }),
    prices: fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 4, maxLength: 4 }),
    fills: fc.subarray(Object.values(ORDINARY_FILLS), { minLength: 1, maxLength: 3 }),
    liners: fc.constantFrom('never' as const, 'mayBe' as const, 'always' as const),
    cutsDown: fc.boolean(),
    bubble: fc.constantFrom('either' as const, 'largeOnly' as const),
    care: fc.constantFrom(0.5, 1, 5),
    kappa: fc.constantFrom(0.4, 1, 2.5),
    weightLb: fc.double({ min: 0.4, max: 9, noNaN: true }),
    handling: fc.array(fc.double({ min: 0.7, max: 1.4, noNaN: true }), { minLength: 2, maxLength: 2 }),
    soldMinor: fc.constantFrom(2000, 30_000),
    archetype: fc.constantFrom('handledWare' as const, 'compactCeramic' as const, 'paperGoods' as const, 'rigidMetal' as const),
  })
  .map(({ boxes, prices, fills, liners, cutsDown, bubble, care, kappa, weightLb, handling, soldMinor, archetype }) =>
    request(
      {
        weightLb,
        archetype,
        dampSensitive: archetype === 'paperGoods',
        ...(archetype === 'paperGoods' ? { lengthIn: 9, widthIn: 7, heightIn: 0.8 } : {}),
        hardPoints: archetype === 'handledWare' ? [point('handle', 'right')] : [],
      },
      {
        soldMinor,
        stock: {
          boxes: [
            ...boxes.map((inside, i) => box(inside, { priceMinor: prices[i]! })),
            box([12, 10, 2], { key: 'stiff', style: 'stiffened', priceMinor: 60 }),
          ],
          fills,
          wraps: [ORDINARY_WRAPS.largeBubble, ORDINARY_WRAPS.dampBag],
        },
        cards: [
          {
            ...CARD,
            containers: [
              { key: 'free', name: 'Free box', style: 'slotted', insideIn: [12, 12, 11], outsideIn: [12.2, 12.2, 11.4], weightLb: 20 },
            ],
            services: [
              { ...SERVICE, handlingFactor: handling[0]! },
              { ...SERVICE, key: 'second', handlingFactor: handling[1]!, fuelPercent: 5, rounding: 'pound' },
              {
                ...SERVICE,
                key: 'fixed',
                containers: ['free'],
                volumetric: null,
                steps: [{ upToLb: 20, byZone: { '1': 900, '5': 1180 } }],
              },
            ],
          },
        ],
        house: { care, liners, cutsDown, bubble, kappa: { value: kappa, low: kappa / 3, high: kappa * 2 } },
      },
    ),
  );

describe('the search over liners, cut-downs, envelopes and free boxes', () => {
  test('its frontier and its best plan are those of the exhaustive one; what it counts is what there is', () => {
    fc.assert(
      fc.property(anyRequest, (asked) => {
        const [pruned, every] = [finish(planParcel(asked)), finish(planParcel(asked, true))];
        expect(pruned.kind).toBe(every.kind);
        if (pruned.kind === 'noPlan' || every.kind === 'noPlan') return;
        const figures = (chosen: typeof pruned) => chosen.frontier.map((option) => [option.costMinor, option.chance]);
        expect(figures(pruned)).toEqual(figures(every));
        expect(pruned.recommended.expectedMinor).toBe(every.recommended.expectedMinor);
        expect([pruned.considered, every.considered]).toEqual([planCount(asked), planCount(asked)]);
        expect(pruned.evaluated).toBeLessThanOrEqual(every.evaluated);
        expect(verifyPlan(writePlanDocument(pruned.recommended, asked.house), asked)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  test('a free box goes by its own service only, and that takes nothing else', () => {
    const card = {
      ...CARD,
      containers: [
        {
          key: 'free',
          name: 'Free box',
          style: 'slotted' as const,
          insideIn: [12, 12, 11] as Triple,
          outsideIn: [12.2, 12.2, 11.4] as Triple,
          weightLb: 20,
        },
      ],
      services: [SERVICE, { ...SERVICE, key: 'fixed', containers: ['free'], steps: [{ upToLb: 20, byZone: { '5': 700 } }] }],
    };
    const chosen = finish(planParcel(request({}, { cards: [card] })));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    expect(chosen.frontier.length).toBeGreaterThan(1);
    for (const { choice } of chosen.frontier) expect(choice.service === 'fixed').toBe(choice.box === 'free');
    expect(chosen.recommended.choice.box).toBe('free');
  });

  test('what nobody wants is not chosen; the inner box has a fill of its own', () => {
    const asked = request(
      {},
      { locks: { without: ['mouldedFill', '12x12x12'] }, house: { floats: true }, stock: { boxes: [...STOCK.boxes, box([18, 18, 16])] } },
    );
    const chosen = finish(planParcel(asked));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    for (const { choice } of chosen.frontier) {
      expect(choice.fill).toBe('crumpledPaper');
      expect(choice.inner).not.toBeNull();
      expect([choice.box, choice.inner!.box]).not.toContain('12x12x12');
    }
    const pinned = finish(planParcel({ ...asked, locks: { innerFill: 'mouldedFill', fill: 'crumpledPaper' } }));
    if (pinned.kind === 'noPlan') throw new Error(pinned.reasons.join());
    expect(pinned.recommended.choice).toMatchObject({ fill: 'crumpledPaper', inner: { fill: 'mouldedFill' } });
  });
});
