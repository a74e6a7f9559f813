import { box, CHOICE, FACTS, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { boxesTaking, boxUp } from '../box/boxed.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import { amountsWithin } from '../fill/boxedFill.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { shockOnFaces } from '../frontier/shockJourney.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { plainFacts } from '../sale/plainFacts.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import type { ChosenPlan } from './choosePlan.ts';
import { derivePlan } from './derivePlan.ts';
import { findFaults } from './findFaults.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { stockUsed } from './stockUsed.ts';
import { verifyPlan } from './verifyPlan.ts';
import { writePlanDocument } from './writePlanDocument.ts';

// A box that one bundle has for itself beside others: against the inner box of one alone, sums by hand, and rules of the trade.

const JAR: Partial<PieceFacts> = { title: 'jar', archetype: 'blownGlass', lengthIn: 4, widthIn: 4, heightIn: 6, weightLb: 1 };
const WEIGHT: Partial<PieceFacts> = { title: 'weight', archetype: 'rigidMetal', lengthIn: 6, widthIn: 4, heightIn: 4, weightLb: 9 };
const SMALL = box([6, 6, 8], { priceMinor: 70 });
const BOXES = [SMALL, box([8, 8, 10], { priceMinor: 90 }), box([16, 14, 12]), box([20, 16, 12]), box([24, 18, 16])];
const FILL = STOCK.fills[1]!.key;
const WRAP = [{ material: 'largeBubble', turns: 1 }];
const NEST: PlanChoice = { ...CHOICE, layers: WRAP, orientation: [0, 1, 2], box: '24x18x16' };
const BOXED = { box: SMALL.key, fill: FILL };

function asked(pieces: readonly Partial<PieceFacts>[], more: Parameters<typeof request>[1] = {}): PlanRequest {
  const one = request({}, { ...more, stock: { ...STOCK, boxes: BOXES, ...more.stock } });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: `00000000-0000-4000-8000-0000000000${10 + at}` }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const derive = (of: PlanRequest, choice: Partial<PlanChoice> = {}): PlanOption => {
  const derived = derivePlan(of, { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
function search(of: PlanRequest): ChosenPlan {
  const steps = planParcel(of);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
const best = (of: PlanRequest): PlanOption => {
  const chosen = search(of);
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return chosen.recommended;
};
const TWO = asked([JAR, WEIGHT]);
const BESIDE: Partial<PlanChoice> = { others: [{ layers: WRAP, orientation: [0, 1, 2] }], stand: { along: 0, parts: [0, 1] } };
const plain = derive(TWO, BESIDE);
const own = derive(TWO, { ...BESIDE, boxed: BOXED });

describe('one alone: a box of its own is an inner box, told otherwise', () => {
  const one = asked([JAR]);
  const told = derive(one, { boxed: BOXED });
  const inner = derive(one, { inner: BOXED });

  test('it weighs, costs, takes and lasts as long', () => {
    expect(told.rated.weighed.grossLb).toBeCloseTo(inner.rated.weighed.grossLb, 12);
    expect(told.costMinor).toBeCloseTo(inner.costMinor, 9);
    expect(told.minutes).toBeCloseTo(inner.minutes, 9);
    expect(stockUsed(told)).toEqual(stockUsed(inner));
    expect(told.rated.weighed.filled.stowed.gaps).toEqual(inner.rated.weighed.filled.stowed.gaps);
  });

  test('what lies on each face, how it drifts and what it stands are the same, and so is the chance that a landing breaks it', () => {
    const [a, b] = [told.rated.weighed.filled, inner.rated.weighed.filled];
    for (const face of ['bottom', 'top', 'left', 'right', 'front', 'back'] as const)
      expect(faceLayers(a, face)).toEqual(faceLayers(b, face));
    expect(a.driftChance).toBe(b.driftChance);
    const [ofTold, ofInner] = [shockOnFaces(a)!, shockOnFaces(b)!];
    expect({ ...ofTold, criticalG: 0 }).toEqual({ ...ofInner, criticalG: 0 });
    expect(ofTold.criticalG).toBeCloseTo(ofInner.criticalG, 9);
    const chance = (option: PlanOption, key: string) => option.causes.find((cause) => cause.key === key)?.chance ?? 0;
    for (const key of ['shock', 'contact', 'punch']) expect([key, chance(told, key)]).toEqual([key, expect.closeTo(chance(inner, key), 9)]);
  });
});

describe('beside another', () => {
  test('its box, fill, tape and minutes are added once, and nothing else but room', () => {
    const { bundles } = own.rated.weighed.filled.stowed;
    // large bubble of 0.45 in on every side leaves half of 1.1 in round it and up it
    expect(bundles[0].wrapped.boxed!.gapsIn).toEqual([0.55, 0.55, 0.55].map((gap): unknown => expect.closeTo(gap, 9)));
    const [amount] = amountsWithin({ bundles });
    expect(amount).toMatchObject({ where: 'inner', bundle: 0 });
    expect(amount!.boughtFt3).toBeCloseTo((6 * 6 * 8 - 4.9 * 4.9 * 6.9) / 1728, 9);
    const parts = (option: PlanOption, name: string) =>
      option.rated.weighed.parts.filter(({ part }) => part === name).reduce((sum, { weightLb }) => sum + weightLb, 0);
    expect(parts(own, 'boxes') - parts(plain, 'box')).toBeCloseTo(bundles[0].wrapped.boxed!.tareLb, 9);
    const line = (option: PlanOption) => option.costLines.find(({ key }) => key === 'box')!.amountMinor;
    expect(line(own) - line(plain)).toBeCloseTo(70, 9);
    const took = (option: PlanOption, key: string) => stockUsed(option).find((use) => use.key === key)?.amount ?? 0;
    expect(took(own, SMALL.key)).toBe(1);
    expect(took(own, FILL)).toBeCloseTo(amount!.boughtFt3, 9);
    // formed, closed and put in, and less of the outer fill
    expect(own.minutes - plain.minutes).toBeGreaterThan(3);
    expect(own.minutes - plain.minutes).toBeLessThan(4.5);
  });

  test('what stands in it breaks less, knocks less, and the other no more than the room it lost', () => {
    const chance = (option: PlanOption, at: number, key: string) =>
      option.bundleCauses[at]!.find((cause) => cause.key === key)?.chance ?? 0;
    expect(chance(own, 0, 'shock')).toBeLessThan(chance(plain, 0, 'shock'));
    expect(chance(own, 0, 'knock')).toBeCloseTo(0.2 * chance(plain, 0, 'knock'), 9);
    expect(chance(own, 0, 'crush')).toBeLessThanOrEqual(chance(plain, 0, 'crush'));
  });

  test('whoever stands on the far side of it has its fill on the way too', () => {
    const { filled } = derive(asked([JAR, JAR]), { ...BESIDE, boxed: BOXED }).rated.weighed;
    const [fill, outer] = [STOCK.fills[1]!.name, STOCK.fills[0]!.name];
    const bubble = 'Large bubble';
    const next = [fill, bubble, bubble, fill].map((name) => `${name} of the next`);
    const { names, layers } = shockOnFaces(filled, 1)!.faces.left;
    expect(names).toEqual([bubble, ...next, outer]);
    expect(layers).toHaveLength(names.length);
    expect(shockOnFaces(filled, 0)!.faces.bottom.names).toEqual([bubble, fill, outer]);
  });

  test('it keeps its parts when it is written down and worked out again', () => {
    const document = writePlanDocument(own, TWO.house);
    expect(document.boxed).toMatchObject({ key: SMALL.key, insideIn: [6, 6, 8], fill: FILL });
    expect(document.bundleIn).toEqual(own.rated.weighed.filled.stowed.bundles[0].bundleIn);
    expect(document.choice.boxed).toEqual(BOXED);
    expect(document.others![0]!.boxed).toBeUndefined();
    expect(verifyPlan(document, TWO)).toEqual([]);
  });

  test('wrapped, put into its box, tried and shut before the box they all go into is formed; the minutes add up', () => {
    const steps = writeBenchSteps(own, TWO.house, 'imperial', { bundleIds: ['a', 'b'] });
    const keys = steps.map(({ key }) => key);
    const at = (key: string) => keys.findIndex((one) => one === key);
    const order = [
      'a:layer:largeBubble:1',
      'a:boxed:form',
      'a:boxed:in',
      'a:boxed:sides',
      'a:test:ownBoxShake',
      'a:boxed:close',
      'box:form',
    ];
    expect(order.map(at)).toEqual([...order.map(at)].sort((a, b) => a - b));
    expect(order.map(at)).not.toContain(-1);
    expect(keys.some((key) => key.startsWith('b:boxed') || key.includes('innerShake'))).toBe(false);
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(own.minutes, 9);
    expect(steps[at('a:boxed:form')]!.title).toBe('A, form its box');
  });

  test('alike ones have a box each: as many, as much of everything', () => {
    const six = asked([{ ...JAR, count: 6 }]);
    const each = derive(six, { grid: [3, 2, 1], boxed: BOXED });
    expect(stockUsed(each).find(({ key }) => key === SMALL.key)!.amount).toBe(6);
    // five are left: one too few
    expect(findFaults(each.rated.weighed, six.house).map(({ kind }) => kind)).toContain('noneLeft');
    const steps = writeBenchSteps(each, six.house);
    expect(steps.find(({ key }) => key.includes('boxed:form'))!.title).toBe('Form its box, 6 times');
    expect(steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(each.minutes, 9);
  });
});

describe('what cannot be', () => {
  test('one that does not go in is said of it, with the side', () => {
    const tight = derive(TWO, { ...BESIDE, layers: [{ material: 'largeBubble', turns: 3 }], boxed: BOXED });
    expect(findFaults(tight.rated.weighed, TWO.house)).toEqual([
      // 4 + 6 × 0.45 is 6.7, and 6 + 2.7 is 8.7
      expect.objectContaining({ kind: 'tooSmall', blocks: true, box: 'own', of: 'jar', shortIn: expect.closeTo(0.7, 9) as unknown }),
    ]);
  });

  test.each([
    ['a box nobody has', { box: 'none', fill: FILL }],
    ['an envelope', { box: 'padded', fill: FILL }],
    ['a fill nobody has', { box: SMALL.key, fill: 'none' }],
    ['a box it did not come in', { box: OWN_BOX, fill: FILL }],
  ])('%s', (_, boxed) => {
    const stock = { boxes: [...BOXES, box([10, 8, 1], { key: 'padded', style: 'padded' })] };
    expect(derivePlan(asked([JAR, WEIGHT], { stock }), { ...NEST, ...BESIDE, boxed }).kind).toBe('noPlan');
  });

  test('a pinned one that takes it in no way is no nest, and says why', () => {
    const tiny = box([4, 4, 4], { key: 'tiny' });
    const of = asked([JAR, WEIGHT], { stock: { boxes: [...BOXES, tiny] }, locks: { boxed: { box: 'tiny', fill: FILL } } });
    const chosen = search(of);
    expect(chosen).toMatchObject({ kind: 'noPlan', reasons: [expect.stringContaining('jar')] });
  });
});

describe('what is searched', () => {
  test('a pinned one is kept, of the second as of the first, with all round it that is sound', () => {
    for (const locks of [{ boxed: BOXED }, { others: [{ boxed: { box: '8x8x10', fill: FILL } }] }]) {
      const of = asked([JAR, { ...JAR, title: 'other' }], { locks });
      const { choice, rated } = best(of);
      expect([choice.boxed ?? null, choice.others![0]!.boxed ?? null]).toEqual(
        'others' in locks ? [null, locks.others![0]!.boxed] : [BOXED, null],
      );
      expect(findFaults(rated.weighed, of.house).filter(({ blocks }) => blocks)).toEqual([]);
    }
  });

  test('one alone in one that is pinned is in it too', () => {
    const { choice, rated } = best(asked([JAR], { locks: { boxed: BOXED } }));
    expect(choice.boxed).toEqual(BOXED);
    expect(rated.weighed.filled.stowed.inner).toBeNull();
  });

  test('one is taken where nothing else keeps below the ceiling and it is safer; a pin of none is kept', () => {
    const shade = { ...plainFacts('shade', 'globeShade'), lengthIn: 4, widthIn: 4, heightIn: 6, weightLb: 1.2, mostChance: 0.0001 };
    const locks = { layers: [{ material: 'largeBubble', turns: 2 }], box: '20x16x12', fill: 'mouldedFill', inner: null };
    const pieces = [shade, WEIGHT];
    const free = best(asked(pieces, { locks }));
    const none = best(asked(pieces, { locks: { ...locks, boxed: null, others: [{ boxed: null }] } }));
    const boxedIn = ({ choice }: PlanOption) => [choice, ...choice.others!].filter(({ boxed }) => boxed).length;
    expect([boxedIn(none), boxedIn(free)]).toEqual([0, 1]);
    expect(free.chance).toBeLessThan(none.chance);
  });

  test('the one it came in is offered first, then the smallest there are enough of', () => {
    const came = asked([{ ...JAR, ownBoxIn: [5.5, 5.5, 7.5] }, WEIGHT]);
    const { wrapped } = derive(came, BESIDE).rated.weighed.filled.stowed.bundles[0];
    expect(boxesTaking(wrapped, BOXES, came.house, 2).map(({ key }) => key)).toEqual([OWN_BOX, SMALL.key, '8x8x10']);
    const { wrapped: six } = derive(asked([{ ...JAR, count: 6 }]), { grid: [3, 2, 1] }).rated.weighed.filled.stowed.bundles[0];
    // five of each are left
    expect(boxesTaking(six, BOXES, came.house, 2)).toEqual([]);
    const inIt = derive(came, { ...BESIDE, boxed: { box: OWN_BOX, fill: FILL } });
    expect(inIt.costLines.find(({ key }) => key === 'box')!.amountMinor).toBeCloseTo(100, 9);
    expect(stockUsed(inIt).filter(({ kind }) => kind === 'box')).toHaveLength(1);
  });

  test('out of it is a change that is told, as is into one; whatever is told does what it says', () => {
    const isOut = ({ change }: { change: { kind: string; own?: string | null } }) => change.kind === 'ownBox' && change.own === null;
    const boxed = { ...NEST, ...BESIDE, boxed: BOXED };
    const near = { ...TWO, house: { ...TWO.house, betweenDenseIn: 0 } };
    const out = nextBestChanges(near, boxed).find(isOut)!;
    expect(out.choice.boxed).toBeUndefined();
    expect(out.expectedMinor).toBeCloseTo(plain.expectedMinor, 6);
    // a house that wants what is dense away from what is delicate is not told to take the wall between them away
    expect(nextBestChanges(TWO, boxed).some(isOut)).toBe(false);
    const into = nextBestChanges(TWO, { ...NEST, ...BESIDE }).filter(({ change }) => change.kind === 'ownBox');
    expect(into.map(({ change }) => ('bundle' in change ? change.bundle : 0))).toEqual(expect.arrayContaining([0, 1]));
    for (const { choice, chance } of into) expect(derive(TWO, choice).chance).toBeCloseTo(chance, 12);
  });
});

test('a box stands round what goes into it whichever way is widest, and upright where that is even', () => {
  const { wrapped } = plain.rated.weighed.filled.stowed.bundles[1]!;
  // 6 × 4 × 4 with 0.9 in of wrap is 6.9 × 4.9 × 4.9
  const long = boxUp(wrapped, box([6, 6, 8]), STOCK.fills[1]!);
  expect(long.boxed!.insideIn).toEqual([8, 6, 6]);
  const cube: WrappedItem = { ...wrapped, bundleIn: [5, 5, 5] };
  expect(boxUp(cube, box([7, 7, 7]), STOCK.fills[1]!).boxed!.gapsIn).toEqual([1, 1, 1]);
});
