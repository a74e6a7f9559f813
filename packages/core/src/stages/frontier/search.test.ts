import fc from 'fast-check';
import { dropsOn } from '../../../tests/sampleDrops.ts';
import { box, CARD, finish, point, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { CUSHION_MATERIALS, type CushionKey } from '../../engineering/cushion/cushionMaterials.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { alikeChance } from '../../engineering/pareto/alikeChance.ts';
import { planCount, planParcel, planSpace } from '../../planParcel.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { traceBetter, traceFrontier } from './traceFrontier.ts';

/** A material with drops on it, as if it were so many times as stiff as what it is like. */
const ownCurve = <Item extends { readonly cushion: CushionKey | null }>(item: Item, stiffer: number): Item => {
  if (stiffer === 0 || item.cushion === null) return item;
  const { curve } = CUSHION_MATERIALS[item.cushion];
  return { ...item, dropTests: dropsOn({ ...curve, a: curve.a * stiffer }, [24, 36, 48], 60) };
};

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
    shortens: fc.boolean(),
    bubble: fc.constantFrom('either' as const, 'largeOnly' as const),
    care: fc.constantFrom(0.5, 1, 5),
    kappa: fc.constantFrom(0.4, 1, 2.5),
    weightLb: fc.double({ min: 0.4, max: 9, noNaN: true }),
    handling: fc.array(fc.double({ min: 0.7, max: 1.4, noNaN: true }), { minLength: 2, maxLength: 2 }),
    soldMinor: fc.constantFrom(2000, 30_000),
    archetype: fc.constantFrom(
      'handledWare' as const,
      'compactCeramic' as const,
      'paperGoods' as const,
      'rigidMetal' as const,
      'casedInstrument' as const,
      'machinedCasting' as const,
      'glazedFlat' as const,
    ),
    mostChance: fc.constantFrom(1, 0.02, 0.002),
    strictGaps: fc.boolean(),
    crush: fc.constantFrom(1, 1.6),
    // curves by drops of the shop’s own, stiffer or softer than what the material is like; 0 where there are none
    tested: fc.constantFrom(0, 0, 0.8, 1.5),
  })
  .map(
    ({
      boxes,
      prices,
      fills,
      liners,
      cutsDown,
      shortens,
      bubble,
      care,
      kappa,
      weightLb,
      handling,
      soldMinor,
      archetype,
      mostChance,
      strictGaps,
      crush,
      tested,
    }) =>
      request(
        {
          weightLb,
          archetype,
          dampSensitive: archetype === 'paperGoods',
          ...(archetype === 'paperGoods' ? { lengthIn: 9, widthIn: 7, heightIn: 0.8 } : {}),
          ...(archetype === 'glazedFlat' ? { lengthIn: 9, widthIn: 7, heightIn: 0.3 } : {}),
          hardPoints: archetype === 'handledWare' ? [point('handle', 'right')] : [],
        },
        {
          soldMinor,
          stock: {
            boxes: [
              ...boxes.map((inside, i) => box(inside, { priceMinor: prices[i]! })),
              box([12, 10, 2], { key: 'stiff', style: 'stiffened', priceMinor: 60 }),
            ],
            fills: fills.map((fill) => ownCurve(fill, tested)),
            wraps: [ownCurve(ORDINARY_WRAPS.largeBubble, tested), ORDINARY_WRAPS.dampBag],
          },
          cards: [
            {
              ...CARD,
              containers: [
                { key: 'free', name: 'Free box', style: 'slotted', insideIn: [12, 12, 11], outsideIn: [12.2, 12.2, 11.4], weightLb: 20 },
              ],
              services: [
                { ...SERVICE, handlingFactor: handling[0]!, crushFactor: crush },
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
          house: {
            care,
            mostChance,
            strictGaps,
            liners,
            cutsDown,
            shortens,
            bubble,
            kappa: { shape: 3, value: kappa, low: kappa / 3, high: kappa * 2 },
          },
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
        const figures = (chosen: typeof pruned) => chosen.frontier.map((option) => [option.nestCostMinor, alikeChance(option.chance)]);
        expect(figures(pruned)).toEqual(figures(every));
        // above the ceiling the safest is taken, and chances count as alike within a tenth
        if (pruned.aboveCeiling) expect(alikeChance(pruned.recommended.chance)).toBe(alikeChance(every.recommended.chance));
        else expect(pruned.recommended.expectedMinor).toBe(every.recommended.expectedMinor);
        expect(pruned.aboveCeiling).toBe(every.aboveCeiling);
        expect(pruned.considered).toBe(every.considered);
        // without a box in a box, where nothing asks for one
        expect(pruned.considered).toBeLessThanOrEqual(planCount(asked));
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

test('what bends is ruled out before it is worked out, as all else is', () => {
  const { backingCard, smallBubble, largeBubble } = ORDINARY_WRAPS;
  const asked = request(
    { archetype: 'glazedFlat', lengthIn: 9, widthIn: 6, heightIn: 0.125, weightLb: 0.3 },
    {
      stock: {
        wraps: [backingCard, smallBubble, largeBubble],
        boxes: [...STOCK.boxes, box([12, 10, 6]), box([11, 8, 5]), box([14, 12, 4])],
      },
    },
  );
  const chosen = finish(planParcel(asked));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  expect(chosen.recommended.choice.layers).toContainEqual({ material: 'backingCard', turns: 1 });
  expect(chosen.evaluated / chosen.frontier.length).toBeLessThan(15);
});

test('asked only for what is better than a plan, a search finds what it recommends when it is asked for everything', () => {
  for (const archetype of ['handledWare', 'compactCeramic', 'thinFigure'] as const) {
    const asked = request({ archetype, weightLb: 2 });
    const space = planSpace(asked);
    const { frontier, best } = finish(traceFrontier(space));
    const below = frontier.filter((one) => one.chance <= 0.02);
    expect(below.length).toBeGreaterThan(2);
    for (const than of below) {
      const { option } = finish(traceBetter(space, than));
      expect(option.choice).toEqual(best!.option.choice);
    }
    // and that one itself where none is better
    expect(finish(traceBetter(space, best!.option)).option).toBe(best!.option);
  }
});
