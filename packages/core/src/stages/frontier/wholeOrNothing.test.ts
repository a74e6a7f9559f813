import { box, CHOICE, FACTS, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { amongAlike, breakingChance, causesWith } from './causes.ts';
import type { PlanOption } from './PlanOption.ts';

// A pair of bookends, one of which is worth nothing: exact mathematics of two that break by themselves.

const PAIR = { archetype: 'compactCeramic', lengthIn: 5, widthIn: 4, heightIn: 6, weightLb: 2, count: 2 } as const;
const BOXES = [box([16, 12, 10]), box([18, 14, 12])];
const asked = (wholeOrNothing: boolean, more: Partial<typeof PAIR> = {}): PlanRequest =>
  request({ ...PAIR, ...more, wholeOrNothing }, { stock: { ...STOCK, boxes: BOXES }, soldMinor: 20_000 });
const NEST = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 2 }], box: '18x14x12', grid: [2, 1, 1] as const };
const derive = (request: PlanRequest): PlanOption => {
  const derived = derivePlan(request, NEST);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};

test('of two of which either breaks by itself with chance p, all is lost with 1 − (1 − p)², half of it on average with p', () => {
  const p = 0.03;
  const causes = causesWith([['punch', p]]);
  const [each] = amongAlike(causes, 2, false);
  const [all] = amongAlike(causes, 2, true);
  expect(each!.chance * each!.shareLost).toBeCloseTo(p, 12);
  expect(all!.chance * all!.shareLost).toBeCloseTo(1 - (1 - p) ** 2, 12);
});

test('what is spoilt is spoilt by itself, whole or nothing or not', () => {
  const causes = causesWith([['scuff', 0.1]]);
  expect(amongAlike(causes, 2, true)).toEqual(amongAlike(causes, 2, false));
});

// one drop often breaks both: then both were lost before too
test('it breaks as often as before, and more is lost, but never more than twice as much', () => {
  const [apart, whole] = [derive(asked(false)), derive(asked(true))];
  expect(whole.chance).toBe(apart.chance);
  expect(whole.costMinor).toBe(apart.costMinor);
  expect(whole.riskMinor).toBeGreaterThan(1.05 * apart.riskMinor);
  expect(whole.riskMinor).toBeLessThanOrEqual(2 * apart.riskMinor);
});

test('of one piece it says nothing', () => {
  const one = (wholeOrNothing: boolean) => derivePlan(asked(wholeOrNothing, { count: 1 as never }), { ...NEST, grid: [1, 1, 1] });
  const [apart, whole] = [one(false), one(true)];
  if (apart.kind === 'noPlan' || whole.kind === 'noPlan') throw new Error('no plan');
  expect(whole.option.riskMinor).toBe(apart.option.riskMinor);
});

test('the search finds what the exhaustive one finds, and never packs such a pair with less care', () => {
  const pick = (request: PlanRequest, every: boolean) => {
    const chosen = finish(planParcel(request, every));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return chosen.recommended;
  };
  const whole = pick(asked(true), false);
  expect(whole.expectedMinor).toBeCloseTo(pick(asked(true), true).expectedMinor, 9);
  expect(whole.chance).toBeLessThanOrEqual(pick(asked(false), false).chance + 1e-12);
});

describe('a shade without which its lamp is nothing', () => {
  const LAMP = { ...FACTS, id: '00000000-0000-4000-8000-000000000021', archetype: 'rigidMetal', replacementMinor: 15_000 } as const;
  const SHADE = {
    ...FACTS,
    id: '00000000-0000-4000-8000-000000000022',
    archetype: 'blownGlass',
    lengthIn: 5,
    widthIn: 5,
    heightIn: 5,
    weightLb: 1,
    replacementMinor: 4000,
    partOf: { pieceId: LAMP.id, after: null, loosens: '' },
  } as const;
  const lampAnd = (wholeOrNothing: boolean, here: readonly string[] = [LAMP.id, SHADE.id]): PlanRequest => {
    const one = request({}, { stock: { ...STOCK, boxes: BOXES } });
    return { ...one, order: { ...one.order, pieces: [LAMP, { ...SHADE, wholeOrNothing }] }, pieceIds: here };
  };
  const best = (request: PlanRequest): PlanOption => {
    const chosen = finish(planParcel(request));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return chosen.recommended;
  };
  const same = (request: PlanRequest, like: PlanOption): PlanOption => {
    const derived = derivePlan(request, like.choice);
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return derived.option;
  };

  // expectation is linear: what goes with the shade, times how often the shade breaks
  test.each([
    ['in one box', undefined],
    ['in a box of its own', [SHADE.id]],
  ])('%s: the lamp’s worth goes as often as the shade breaks, and nothing breaks more often', (_, here) => {
    const apart = best(lampAnd(false, here));
    const whole = same(lampAnd(true, here), apart);
    const at = apart.bundleCauses.length - 1;
    const breaks = breakingChance(apart.bundleCauses[at]!, lampAnd(true).house.kappa.value);
    expect(whole.riskMinor - apart.riskMinor).toBeCloseTo(15_000 * breaks, 6);
    expect([whole.chance, whole.costMinor]).toEqual([apart.chance, apart.costMinor]);
    expect(breaks).toBeGreaterThan(0);
  });

  test('is packed with no less care, and the search finds what the exhaustive one finds', () => {
    const whole = best(lampAnd(true, [SHADE.id]));
    const every = finish(planParcel(lampAnd(true, [SHADE.id]), true));
    if (every.kind === 'noPlan') throw new Error('no plan');
    expect(whole.expectedMinor).toBeCloseTo(every.recommended.expectedMinor, 9);
    expect(whole.chance).toBeLessThanOrEqual(best(lampAnd(false, [SHADE.id])).chance + 1e-12);
  });
});

describe('six cups and their six saucers', () => {
  const CUPS: Partial<PieceFacts> = { ...PAIR, title: 'cups', count: 6, replacementMinor: 600 };
  const SAUCERS: Partial<PieceFacts> = { ...PAIR, title: 'saucers', heightIn: 3, weightLb: 0.5, count: 6, replacementMinor: 300 };
  const derived = (cups: boolean, saucers: boolean) => {
    const one = request({}, { stock: { ...STOCK, boxes: [box([36, 30, 24])] }, soldMinor: 5400 });
    const pieces = [
      { ...CUPS, wholeOrNothing: cups },
      { ...SAUCERS, wholeOrNothing: saucers },
    ].map((facts, at) => ({ ...FACTS, ...facts, hardPoints: [], id: `00000000-0000-4000-8000-0000000000${10 + at}` }));
    const of = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
    const layers = [{ material: 'largeBubble', turns: 2 }];
    const found = derivePlan(of, { ...CHOICE, layers, box: '36x30x24', others: [{ layers, orientation: [0, 1, 2] }] });
    if (found.kind === 'noPlan') throw new Error(found.reasons.join());
    return found.option;
  };

  test('with a cup goes its saucer: it breaks as often as before, and so much more is lost', () => {
    const [apart, pairs] = [derived(false, false), derived(true, true)];
    expect(pairs.chance).toBe(apart.chance);
    expect(pairs.riskMinor).toBeGreaterThan(apart.riskMinor);
    // what is lost beside: one saucer where cups break, one cup where saucers do
    const beside = pairs.bundleCauses.map((causes) => breakingChance(causes, 1));
    expect(pairs.riskMinor - apart.riskMinor).toBeCloseTo(300 * beside[0]! + 600 * beside[1]!, 6);
  });
});
