import {
  CM_PER_IN,
  G_PER_LB,
  HEAVIEST_LB,
  inspectItem,
  KAPPA_AT_FIRST,
  KG_PER_LB,
  MM_PER_IN,
  OZ_PER_LB,
  quoteService,
  type PlanChoice,
} from '@inch-nest/core';
import { CUSHION_MATERIALS } from '../../packages/core/src/engineering/cushion/cushionMaterials.ts';
import { normalCdf } from '../../packages/core/src/engineering/numeric/normal.ts';
import { shockChance } from '../../packages/core/src/engineering/journey/shockChance.ts';
import { derivePlan } from '../../packages/core/src/stages/plan/derivePlan.ts';
import { CARD, box, point, request, SERVICE, SHIPMENT } from '../../packages/core/tests/sampleRequest.ts';

describe('units: exact by the international yard and pound agreement, 1959', () => {
  test('inch, pound, ounce', () => {
    expect([MM_PER_IN, CM_PER_IN, OZ_PER_LB]).toEqual([25.4, 2.54, 16]);
    expect(G_PER_LB / 1000).toBe(KG_PER_LB);
    expect(KG_PER_LB).toBe(0.45359237);
  });

  // common tariff divisors; exact conversions of the metric ones
  test('volumetric divisors: 6000 cm³/kg is 166.08 in³/lb, 5000 is 138.4', () => {
    const inch = (divisor: number) => (divisor / CM_PER_IN ** 3) * KG_PER_LB;
    expect(inch(6000)).toBeCloseTo(166.08, 2);
    expect(inch(5000)).toBeCloseTo(138.4, 2);
  });
});

// Gamma(3, 3): 90% of it lies between the first κ's bounds; exact by the Poisson sum for a whole shape
test('the first κ has the interval of its gamma distribution', () => {
  const gamma3 = (x: number) => 1 - Math.exp(-3 * x) * (1 + 3 * x + (3 * x) ** 2 / 2);
  expect(gamma3(KAPPA_AT_FIRST.low)).toBeCloseTo(0.05, 3);
  expect(gamma3(KAPPA_AT_FIRST.high)).toBeCloseTo(0.95, 3);
});

// fragility classes of the military packaging handbook end at 110 g, "rugged" above (values from memory): they describe
// equipment, and the shop's brittle pieces stand more, its instruments less
test('archetypes stand on the right side of the handbook’s rugged class', () => {
  const bodyG = (archetype: 'compactCeramic' | 'optics') =>
    inspectItem(request({ archetype, lengthIn: 6 }).order, request({ archetype, lengthIn: 6 }).order.pieces[0]!).bodyG!;
  expect(bodyG('compactCeramic')).toBeGreaterThan(110);
  expect(bodyG('optics')).toBeGreaterThan(85);
});

describe('ordinary packing, common practice, no source', () => {
  const usual = (facts: Parameters<typeof request>[0], inside: [number, number, number]) => {
    const asked = request(facts, { stock: { boxes: [box(inside)] } });
    const choice: PlanChoice = {
      layers: [
        { material: 'tissue', turns: 1 },
        { material: 'smallBubble', turns: 1 },
        { material: 'largeBubble', turns: 2 },
      ],
      orientation: [0, 1, 2],
      inner: null,
      box: inside.join('x'),
      fill: 'mouldedFill',
      newDepthIn: null,
      liner: false,
      board: false,
      baseGapIn: null,
      service: 'ground',
      coverAdded: false,
      signature: false,
    };
    const derived = derivePlan(asked, choice);
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return derived.option.causes.find((cause) => cause.key === 'shock')!.chance;
  };

  test('a compact ceramic piece, 6 × 5 × 5 in, 2 lb, zone 5: between 0.02% and 0.5%', () => {
    const chance = usual({}, [12.2, 11.2, 11.2]);
    expect(chance).toBeGreaterThan(0.0002);
    expect(chance).toBeLessThan(0.005);
  });

  test('handled ware, 9 × 6 × 6 in, 2.2 lb, zone 5: between 0.1% and 1%', () => {
    const chance = usual(
      { archetype: 'handledWare', lengthIn: 9, widthIn: 6, heightIn: 6, weightLb: 2.2, hardPoints: [point('handle', 'right')] },
      [15.2, 12.2, 12.2],
    );
    expect(chance).toBeGreaterThan(0.001);
    expect(chance).toBeLessThan(0.01);
  });

  test('one turn of small bubble, fill to half the height and nothing above: over a quarter', () => {
    const small = (areaIn2: number) => ({ areaIn2, thicknessIn: 0.17, curve: CUSHION_MATERIALS.smallBubble.curve });
    const [end, side] = [0.78 * 25 + 2, 0.35 * 30 + 2];
    const fill = { areaIn2: side + 8, thicknessIn: 1, curve: CUSHION_MATERIALS.mouldedFill.curve };
    const chance = shockChance({
      weightLb: 2,
      grossWeightLb: 3,
      zone: 5,
      criticalG: 190,
      spread: 0.3,
      ownHeightIn: 2,
      drift: null,
      faces: [
        { chance: 0.45, layers: [small(side), fill] },
        { chance: 0.15, layers: [small(side)] },
        { chance: 0.22, layers: [small(side)] },
        { chance: 0.18, layers: [small(end)] },
      ],
    });
    expect(chance).toBeGreaterThan(0.25);
  });

  test('a lid: 70 lb falling on it, times two and a half, is the load that one in twenty exceeds', () => {
    const median = 175 / Math.exp(1.6448536269514722 * 0.6);
    expect(1 - normalCdf(Math.log((70 * 2.5) / median) / 0.6)).toBeCloseTo(0.05, 9);
  });
});

test('the model ends where the published drop heights do', () => {
  expect(HEAVIEST_LB).toBe(150);
  expect('refused' in quoteService(CARD, SERVICE, { ...SHIPMENT, weightLb: 70.001 })).toBe(true);
});
