import { choiceOfBundle, derivePlan, planOfBundle, writePlanDocument, type Locks, type PlanChoice } from '@inch-nest/core';
import { CHOICE, FACTS, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { changeOfBundle, locksAfter, locksInHand } from './bundleInHand.ts';

const WRAP = (turns: number) => [{ material: 'largeBubble', turns }];
const NEST: PlanChoice = {
  ...CHOICE,
  layers: WRAP(2),
  grid: [2, 1, 1],
  box: '16x14x12',
  others: [
    { layers: WRAP(3), orientation: [0, 1, 2] },
    { layers: WRAP(4), orientation: [1, 0, 2], guards: { rim: 'foamTube' } },
  ],
  stand: { along: 0, parts: [0, 1, 2] },
};

test('a choice as it is for one bundle has that one’s parts, and none of the first’s', () => {
  expect(choiceOfBundle(NEST, 0)).toBe(NEST);
  expect(choiceOfBundle(NEST, 2)).toMatchObject({ layers: WRAP(4), orientation: [1, 0, 2], guards: { rim: 'foamTube' }, box: '16x14x12' });
  expect(choiceOfBundle(NEST, 1)).not.toHaveProperty('grid');
});

test('what is changed of one bundle leaves the others alone; what is the parcel’s is the whole’s', () => {
  const changed = { ...NEST, ...changeOfBundle(NEST, 2, { layers: WRAP(5), box: '12x12x12' }) };
  expect([changed.layers, changed.others![0]!.layers, changed.others![1]!.layers, changed.box]).toEqual([
    WRAP(2),
    WRAP(3),
    WRAP(5),
    '12x12x12',
  ]);
  expect(changed.others![1]!.guards).toEqual({ rim: 'foamTube' });
  expect(changeOfBundle(NEST, 1, { fill: 'crumpledPaper' })).toEqual({ fill: 'crumpledPaper' });
  expect(changeOfBundle(NEST, 0, { layers: WRAP(1) })).toEqual({ layers: WRAP(1) });
});

test('pins are of the bundle in hand, and let go without touching the others', () => {
  const pinned = locksAfter({ box: '16x14x12' }, 1, { ...locksInHand({ box: '16x14x12' }, 1), layers: WRAP(3) }, 3);
  expect(pinned).toEqual({ box: '16x14x12', others: [{ layers: WRAP(3) }, {}] });
  expect(locksInHand(pinned, 1)).toEqual({ box: '16x14x12', layers: WRAP(3) });
  expect(locksInHand(pinned, 2)).toEqual({ box: '16x14x12' });
  const freed: Locks = locksAfter(pinned, 1, { box: '16x14x12' }, 3);
  expect(freed).toEqual({ box: '16x14x12' });
  expect(locksAfter({ layers: WRAP(2) }, 1, { layers: WRAP(3) }, 2)).toEqual({ layers: WRAP(2), others: [{ layers: WRAP(3) }] });
});

test('a plan as it is for one bundle stands alone, at its place among the others', () => {
  const one = request({}, {});
  const of = { ...one, order: { ...one.order, pieces: [FACTS, { ...FACTS, id: 'b', title: 'jug' }] }, pieceIds: [FACTS.id, 'b'] };
  const derived = derivePlan(of, {
    ...CHOICE,
    layers: WRAP(1),
    box: '16x14x12',
    others: [{ layers: WRAP(2), orientation: [0, 1, 2] }],
    stand: { along: 0, parts: [0, 1] },
  });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const plan = writePlanDocument(derived.option, of.house);
  for (const at of [0, 1]) expect(planOfBundle(plan, at)).not.toHaveProperty('others');
  expect(planOfBundle(plan, 1)).toMatchObject({ piece: { title: 'jug' }, choice: { layers: WRAP(2) }, shock: plan.risks![1]!.shock });
  expect(planOfBundle(plan, 1).block.at[0]![0]).toBeCloseTo(plan.bundleIn[0], 9);
});
