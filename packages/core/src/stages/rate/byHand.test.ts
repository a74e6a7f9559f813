import { box, CARD, CHOICE, request, SERVICE, STOCK } from '../../../tests/sampleRequest.ts';
import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import { nearestService } from '../../engineering/tariff/nearestService.ts';
import { planOrByHand, planParcel } from '../../planParcel.ts';
import { faultsOf } from '../plan/findFaults.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { inBox, takeBox } from '../plan/inBox.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';
import { BY_HAND } from './byHand.ts';

const run = <Result>(work: Generator<unknown, Result>): Result => {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
};
const stock = { ...STOCK, boxes: [box([72, 10, 10], { board: BOARD_GRADES.heavyDouble })] };
const oar = request({ archetype: 'resinWood', lengthIn: 66, widthIn: 5, heightIn: 4, weightLb: 7 }, { stock });

describe('no service in reach', () => {
  test('there is still a nest, and why nobody carries it is told', () => {
    expect(run(planParcel(oar))).toMatchObject({ kind: 'noPlan', onlyCarriage: true });
    const { chosen, uncarried } = run(planOrByHand(oar));
    expect(uncarried!.reasons.join()).toMatch(/no service carries it/);
    expect(chosen.kind === 'planned' && chosen.recommended.choice).toMatchObject({ service: BY_HAND, box: '72x10x10' });
  });

  test('what is wrong with each service is all said, and the nearest is the one missed by least', () => {
    const { chosen } = run(planOrByHand(oar));
    const choice = chosen.kind === 'planned' ? chosen.recommended.choice : CHOICE;
    const derived = derivePlan(oar, choice);
    const fault = derived.kind === 'plan' ? faultsOf(derived.option.rated, oar.house).find(({ kind }) => kind === 'byHand') : null;
    // 72 in of inside and two walls: longer than 48, and length and girth beyond 108
    expect(fault).toMatchObject({
      blocks: false,
      refusals: [{ refused: expect.stringMatching(/long, at most.*length and girth/) as string }],
    });
  });

  test('a smaller box is reckoned cheaper, so that bulk still counts', () => {
    const cost = (key: string) => {
      const derived = derivePlan(oar, { ...CHOICE, layers: [{ material: 'smallBubble', turns: 1 }], box: key, service: BY_HAND });
      return derived.kind === 'plan' ? derived.option.rated.quote.totalMinor : NaN;
    };
    const big = { ...oar, stock: { ...stock, boxes: [box([72, 20, 20])] } };
    const inBig = derivePlan(big, { ...CHOICE, box: '72x20x20', service: BY_HAND });
    expect(inBig.kind === 'plan' && inBig.option.rated.quote.totalMinor).toBeGreaterThan(cost('72x10x10'));
  });

  test('a service that is pinned and does not carry it is not passed over', () => {
    expect(run(planOrByHand({ ...oar, locks: { service: SERVICE.key } })).chosen.kind).toBe('noPlan');
  });
});

// worked by hand: 60 in is 12 above 48 (a quarter), 60 + 2 × (10 + 10) = 100 is 8 below 108; 77 lb is 7 above 70 (a tenth)
test('the nearest service counts the share of its limits', () => {
  const asked = { originPostcode: '10115', destinationPostcode: '40217', sizeIn: [60, 10, 10] as const, weightLb: 20 };
  expect(nearestService([CARD], asked)).toMatchObject({ longIn: 12, aroundIn: 0, lb: 0 });
  const long = { ...CARD, services: [SERVICE, { ...SERVICE, key: 'long', name: 'Long', limits: { ...SERVICE.limits, longestIn: 56 } }] };
  expect(nearestService([long], asked)).toMatchObject({ serviceName: 'Long', longIn: 4 });
  expect(nearestService([CARD], { ...asked, destinationPostcode: '99999' })).toBeNull();
  expect(nearestService([CARD], { ...asked, sizeIn: [10, 10, 10], weightLb: 5 })).toBeNull();
});

describe('a carrier’s own box', () => {
  const free = {
    key: 'post-medium',
    name: 'Post medium box',
    style: 'slotted' as const,
    insideIn: [12, 12, 6] as const,
    outsideIn: [12.3, 12.3, 6.3] as const,
    weightLb: 20,
  };
  const fixed = { ...SERVICE, key: 'fixed', name: 'Fixed price', containers: ['post-medium'] };
  const dear = { ...fixed, key: 'dear', steps: fixed.steps.map((one) => ({ ...one, byZone: { '1': 9000, '5': 9000 } })) };
  const asked: PlanRequest = { ...request(), cards: [{ ...CARD, containers: [free], services: [SERVICE, dear, fixed] }] };

  test('takes its service along, the one that comes out best, and goes back with the shop’s own', () => {
    const taken = takeBox(asked, CHOICE, 'post-medium');
    expect(taken).toMatchObject({ box: 'post-medium', service: 'fixed' });
    expect(takeBox(asked, taken, '12x12x12')).toMatchObject({ box: '12x12x12', service: 'ground' });
  });

  test('a box of the shop’s own leaves the service alone', () => {
    expect(inBox(CHOICE, box([8, 8, 8]), asked)).toMatchObject([{ box: '8x8x8', service: 'ground', newDepthIn: null, baseGapIn: null }]);
  });
});
