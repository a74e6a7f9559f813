import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { amongAlike, causesWith } from './causes.ts';
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
