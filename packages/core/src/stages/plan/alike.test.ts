import { box, CHOICE, finish, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { peakG } from '../../engineering/cushion/peakG.ts';
import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { layoutOf } from '../../engineering/stowage/Block.ts';
import { planParcel } from '../../planParcel.ts';
import { testsDue, writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { stockUsed } from './stockUsed.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import { knockChance } from '../frontier/touching.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from './derivePlan.ts';
import { findFaults } from './findFaults.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// Several alike in one parcel against the same nest for one, exact mathematics and rules of the trade.

const JAR = { archetype: 'blownGlass', lengthIn: 3.5, widthIn: 3.5, heightIn: 6, weightLb: 11 / 16, keepUpright: true } as const;
const BOXES = [box([16, 14, 12]), box([20, 16, 12]), box([24, 18, 16]), box([12, 12, 30]), box([40, 12, 12])];
const asked = (more: Parameters<typeof request>[0] = {}) =>
  request({ ...JAR, count: 6, ...more }, { stock: { ...STOCK, boxes: BOXES }, soldMinor: 7200 });
const NEST: PlanChoice = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 2 }], box: '24x18x16', grid: [3, 2, 1] };
const derive = (choice: Partial<PlanChoice> = {}, more: Parameters<typeof request>[0] = {}): PlanOption => {
  const derived = derivePlan(asked(more), { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const one = derive({ box: '16x14x12' }, { count: 1 });
const six = derive();

describe('parts equal the whole', () => {
  const stowed = six.rated.weighed.filled.stowed;
  const part = (option: PlanOption, name: string) => option.rated.weighed.parts.find((each) => each.part === name)!.weightLb;

  test('six of them weigh, cost and take six times what one does at the wrap', () => {
    expect(part(six, 'pieces')).toBeCloseTo(6 * part(one, 'piece'), 12);
    expect(part(six, 'wraps')).toBeCloseTo(6 * part(one, 'wraps'), 12);
    const wraps = (option: PlanOption) => option.costLines.find(({ key }) => key === 'wraps')!.amountMinor;
    expect(wraps(six)).toBeCloseTo(6 * wraps(one), 9);
    const bubble = (option: PlanOption) => stockUsed(option).find(({ kind }) => kind === 'wrap')!.amount;
    expect(bubble(six)).toBeCloseTo(6 * bubble(one), 9);
    expect(six.rated.weighed.filled.stowed.bundles[0].wrapped.piece.replacementMinor).toBe(7200);
  });

  test('what is not bundle is fill: inside, less six bundles, and six in a hundred above the rim', () => {
    const [l, w, d] = stowed.shell.insideIn;
    const [a, b, c] = stowed.bundles[0].bundleIn;
    const fill = six.rated.weighed.filled.amounts[0]!;
    expect(fill.boughtFt3).toBeCloseTo(((l * w * d - 6 * a * b * c) / 1728) * 1.06, 9);
    // a storey that is not full is filled too
    const five = derive({ grid: [3, 2, 1] }, { count: 5 }).rated.weighed.filled.amounts[0]!;
    expect(five.boughtFt3 - fill.boughtFt3).toBeCloseTo(((a * b * c) / 1728) * 1.06, 9);
  });

  test('the bench does it once with a count: same minutes, six times the sheets, each tested', () => {
    const steps = writeBenchSteps(six, asked().house);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(six.minutes, 9);
    const layer = steps.find(({ key }) => key.includes('layer:'))!;
    const single = writeBenchSteps(one, asked().house).find(({ key }) => key.includes('layer:'))!;
    expect(layer.title).toBe(`${single.title}, 6 times`);
    expect(layer.key).toBe(`${single.key}:x6`);
    const sheets = (step: typeof layer) => step.amounts.find(({ unit }) => unit === 'sheets')!.amount;
    expect(sheets(layer)).toBe(6 * sheets(single));
    expect(steps.find(({ test }) => test?.key === 'feel')!.says).toMatch(/^Each of A to F: /);
    expect(steps.find(({ key }) => key === 'box:in')).toMatchObject({ title: 'Put A to F in', says: /3 along and 2 across, in one layer/ });
    expect(steps.filter(({ test }) => test).map(({ test }) => test!.key)).toEqual(
      testsDue({ brittle: true, cased: false, envelope: false, inner: false }, asked().house),
    );
  });
});

describe('columns', () => {
  const stack = derive({ box: '12x12x30', grid: [1, 1, 3] }, { count: 3 }).rated.weighed.filled;
  const [lowest, middle, highest] = [0, 1, 2].map((beyond) =>
    stack.stowed.bundles[0].layout.columns.bottom.find((each) => each.beyond === beyond)!,
  );

  test('what lies below carries what lies above: its layers are laid down with as much less area', () => {
    const alone = derive({ box: '12x12x30' }, { count: 1 }).rated.weighed.filled;
    const bare = faceLayers(alone, 'bottom')[0]!.areaIn2;
    expect(faceLayers(stack, 'bottom', stack.effectiveGaps, 0, lowest)[0]!.areaIn2).toBeCloseTo(bare / 3, 9);
    expect(faceLayers(stack, 'bottom', stack.effectiveGaps, 0, highest)[0]!.areaIn2).toBeCloseTo(bare, 9);
    // the highest has its own wrap, two of each neighbour, and the bedding beneath
    expect(faceLayers(stack, 'bottom', stack.effectiveGaps, 0, highest)).toHaveLength(1 + 2 + 2 + 1);
    expect(middle!.behind).toBe(1);
  });

  test('stiffly held together they land as one mass: against masses integrated in time', () => {
    // three alike masses on a light spring, and between them springs a thousand times as stiff
    const curve = { a: 30, b: 0.001, p: 2 };
    const [soft, stiff]: [CushionLayer, CushionLayer] = [
      { thicknessIn: 4, areaIn2: 40, curve },
      { thicknessIn: 0.004, areaIn2: 40, curve },
    ];
    const laid = [stiff, soft].map((layer) => ({ ...layer, areaIn2: layer.areaIn2 / 3 }));
    const weightLb = 2;
    // with p = 2 a layer is a linear spring: of its energy A·t/(2b)·(F/(A·a·√e))² its k is b·a²·e·A/t
    const spring = ({ areaIn2, thicknessIn }: CushionLayer) => (curve.b * curve.a ** 2 * Math.E * areaIn2) / thicknessIn;
    const reference = integrate([spring(soft), spring(stiff), spring(stiff)], weightLb, 12);
    for (const mass of reference) expect(peakG(laid, weightLb, 12).peakG / mass).toBeCloseTo(1, 1);
  });

  test('as soft between as beneath they swing against each other: the form in closed terms is low, by so much at most', () => {
    for (const ratio of [0.25, 0.5, 1, 2, 4, 10]) {
      const [beneath, weightLb, dropIn] = [24, 2, 12];
      const [low, high] = integrate([beneath, beneath * ratio], weightLb, dropIn) as [number, number];
      // h(G) of two springs: the lowest carries both masses, the upper lies on both springs in series
      const lowest = Math.sqrt((dropIn * beneath) / weightLb);
      const upper = Math.sqrt(dropIn / (weightLb * (1 / (2 * beneath * ratio) + 1 / beneath)));
      expect(lowest / low).toBeGreaterThan(0.75);
      expect(lowest / low).toBeLessThan(1.05);
      expect(upper / high).toBeGreaterThan(0.55);
      expect(upper / high).toBeLessThan(1);
    }
  });

  test('on one and the same bedding the lowest stands a lower drop than it would alone, and the highest a higher one', () => {
    const alone = derive({ box: '12x12x30' }, { count: 1 }).rated.weighed.filled;
    const stands = (layers: readonly CushionLayer[]) => dropHeightAtG(layers, JAR.weightLb, 100);
    const bare = stands(faceLayers(alone, 'bottom', stack.effectiveGaps));
    const of = (column: typeof lowest) => stands(faceLayers(stack, 'bottom', stack.effectiveGaps, 0, column));
    expect(of(lowest)).toBeLessThanOrEqual(bare);
    expect(of(middle)).toBeGreaterThan(of(lowest));
    expect(of(highest)).toBeGreaterThan(of(middle));
  });
});

/** Masses one upon another on springs, dropped together: each one's peak, g. Half of a thousandth of the fastest swing at a step. */
function integrate(springs: readonly number[], weightLb: number, dropIn: number): number[] {
  const G = 386.09;
  const mass = weightLb / G;
  const step = Math.sqrt(mass / Math.max(...springs)) / 40;
  const at = springs.map(() => 0);
  const speed = springs.map(() => -Math.sqrt(2 * G * dropIn));
  const peak = springs.map(() => 0);
  for (let time = 0; time < 0.4; time += step) {
    // a cushion only pushes
    const force = springs.map((k, i) => Math.max(0, -k * (at[i]! - (i > 0 ? at[i - 1]! : 0))));
    for (let i = 0; i < springs.length; i++) {
      const net = force[i]! - (force[i + 1] ?? 0);
      peak[i] = Math.max(peak[i]!, net / weightLb);
      speed[i]! += (net / mass) * step;
      at[i]! += speed[i]! * step;
    }
  }
  return peak;
}

describe('piece against piece', () => {
  const held = (turns: number, count: number) =>
    derive({ layers: [{ material: 'largeBubble', turns }] }, { count }).rated.weighed.filled.stowed;
  test('none for one, more with each neighbour, less with each turn', () => {
    expect(knockChance(held(1, 1), 7)).toBe(0);
    expect(knockChance(held(1, 6), 7)).toBeGreaterThan(knockChance(held(1, 4), 7));
    expect(knockChance(held(2, 6), 7)).toBeLessThan(knockChance(held(1, 6), 7) / 10);
  });
  test('bare against bare a fifth of the times they are thrown together', () => {
    const bare = derive({ layers: [] }, { count: 2 }).rated.weighed.filled.stowed;
    // side by side: ends are struck with 0.09 each, in one drop of one
    expect(knockChance({ ...bare, bundles: [{ ...bare.bundles[0], layout: layoutOf([2, 1, 1], 2) }] }, 1)).toBeCloseTo(0.2 * 0.18, 9);
  });
});

describe('more in a parcel', () => {
  test('never safer: anything breaks more often with every piece, and no more often than in as many parcels', () => {
    let before = derive({}, { count: 1 }).chance;
    for (const count of [2, 3, 4, 6]) {
      const { chance } = derive({ grid: [count > 3 ? 3 : count, count > 3 ? 2 : 1, 1] }, { count });
      expect(chance).toBeGreaterThan(before);
      before = chance;
    }
  });
  test('where one of six breaks, a sixth of the worth goes, with the postage and the trouble of all', () => {
    const { piece } = six.rated.weighed.filled.stowed.bundles[0].wrapped;
    expect(six.lossMinor - piece.replacementMinor).toBeGreaterThan(0);
    expect(six.riskMinor).toBeLessThan(six.lossMinor * six.chance * 1.5);
    expect(six.riskMinor).toBeGreaterThan((six.lossMinor - piece.replacementMinor) * six.chance);
    for (const { key, shareLost } of six.causes.filter((cause) => cause.key === 'shock')) {
      expect([key, shareLost > 1 / 6, shareLost < 1]).toEqual(['shock', true, true]);
    }
  });
});

describe('the search', () => {
  const stock = { ...STOCK, boxes: BOXES };
  test.each([
    ['six jars', { ...JAR, count: 6 }],
    ['a pair with handles', { archetype: 'handledWare', count: 2, keepUpright: true, hardPoints: [point('handle', 'right')] }],
    ['a stack of books', { archetype: 'paperStack', count: 31, stackOf: 9, lengthIn: 10, widthIn: 7, heightIn: 0.25, weightLb: 0.375 }],
    ['eleven goblets', { ...JAR, count: 11, weightLb: 0.4 }],
  ] as const)('%s: the same frontier as working every plan out, and the plan holds', (_, facts) => {
    const wanted = request(facts, { stock: { ...stock, fills: STOCK.fills.slice(0, 1) }, soldMinor: 9000 });
    const [pruned, every] = [finish(planParcel(wanted)), finish(planParcel(wanted, true))];
    if (pruned.kind === 'noPlan' || every.kind === 'noPlan') throw new Error('no plan');
    expect(pruned.frontier.map(({ choice }) => choice)).toEqual(every.frontier.map(({ choice }) => choice));
    expect(pruned.recommended.choice).toEqual(every.recommended.choice);
    const document = writePlanDocument(pruned.recommended, wanted.house);
    expect(verifyPlan(document, wanted)).toEqual([]);
    const moved = { ...document, block: { ...document.block, at: document.block.at.map(() => [0, 0, 0] as const) } };
    expect(verifyPlan(moved, wanted).length).toBeGreaterThan(0);
  });

  test('thirty-one books go in four even stacks, and one wrap round bare glass is a fault with its remedy', () => {
    const books = request(
      { archetype: 'paperStack', count: 31, stackOf: 9, lengthIn: 10, widthIn: 7, heightIn: 0.25, weightLb: 0.375 },
      { stock },
    );
    const found = finish(planParcel(books));
    if (found.kind === 'noPlan') throw new Error('no plan');
    expect(writePlanDocument(found.recommended, books.house).block.stacks).toEqual([8, 8, 8, 7]);
    expect(writeBenchSteps(found.recommended, books.house)[0]).toMatchObject({ title: 'Make 4 stacks: 8, 8, 8, 7' });
    const together = derive({ grid: [1, 1, 1] }, { stackOf: 6 });
    expect(findFaults(together.rated.weighed, asked().house)[0]).toEqual({ kind: 'bareTogether', blocks: true, together: 6 });
  });

  test('counts that are none are refused by name', () => {
    for (const count of [0, 61, 2.5, NaN]) expect(() => finish(planParcel(asked({ count })))).toThrow(/count of bowl/);
    expect(() => finish(planParcel(asked({ stackOf: 0 })))).toThrow(/stackOf of bowl/);
  });

  test('a grid that does not hold them gives way to one that fits', () => {
    expect(derive({ grid: [1, 1, 2] }).choice.grid).not.toEqual([1, 1, 2]);
    expect(derive({ grid: [6, 1, 1], box: '40x12x12' }).choice.grid).toEqual([6, 1, 1]);
  });
});
