import { BEDDED_HOUSE } from '../../house/House.ts';
import { GUARDS, shareLeft } from '../../engineering/pieces/hardPoints.ts';
import { point, request } from '../../../tests/sampleRequest.ts';
import { planParcel } from '../../planParcel.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { waysToGuard, withAdded } from './addedTo.ts';
import type { PieceFacts } from '../sale/Order.ts';
import type { PlanRequest } from '../plan/PlanRequest.ts';

const factsOf = (asked: PlanRequest): PieceFacts => asked.order.pieces[0]!;
const search = (asked: PlanRequest) => {
  const work = planParcel(asked);
  for (;;) {
    const step = work.next();
    if (step.done) {
      if (step.value.kind === 'noPlan') throw new Error(step.value.reasons.join());
      return step.value;
    }
  }
};
const hollow = { id: 'inside', name: 'inside', volumeIn3: 20, filled: false, material: null };

test('what a person put on stays, and nothing is put where something is', () => {
  const facts = factsOf(request({ hardPoints: [point('handle', 'right', { guard: 'cardTube' }), point('spout', 'left')] }));
  const after = withAdded(facts, { guards: { 'handle-right': 'foamTube', 'spout-left': 'cone' } });
  expect(after.hardPoints.map(({ guard }) => guard)).toEqual(['cardTube', 'cone']);
  expect(withAdded(facts, {})).toEqual(facts);
});

test('a piece with nothing bare and nothing hollow has one way: as it is', () => {
  expect(waysToGuard(factsOf(request()), BEDDED_HOUSE)).toEqual([{}]);
  expect(waysToGuard(factsOf(request({ hardPoints: [point('handle', 'right', { guard: 'foamTube' })] })), BEDDED_HOUSE)).toEqual([{}]);
});

test('the best guard gives back most, the cheapest costs least of those worth it, and a hollow may be filled too', () => {
  const facts = factsOf(request({ hardPoints: [point('finial', 'top')], hollows: [hollow] }));
  const ways = waysToGuard(facts, BEDDED_HOUSE);
  const best = ways.at(-1)!.guards!['finial-top']!;
  for (const other of Object.values(GUARDS))
    expect(shareLeft({ kind: 'finial', guard: best })).toBeGreaterThanOrEqual(shareLeft({ kind: 'finial', guard: other.kind }));
  expect(ways.at(-1)!.filledHollows).toEqual(['inside']);
  expect(ways[0]).toEqual({});
});

describe('guards in the search', () => {
  // a thin wire on dear clockwork: common practice, no source, is that it never goes bare
  const asked = request({ archetype: 'clockwork', replacementMinor: 90_000, hardPoints: [point('wire', 'front')], hollows: [hollow] });
  const found = search(asked);

  test('the recommended nest guards what breaks first, and says so in its own choice', () => {
    expect(found.recommended.choice.guards?.['wire-front']).toBeDefined();
    const derived = derivePlan(asked, found.recommended.choice);
    const document = derived.kind === 'plan' && writePlanDocument(derived.option, asked.house);
    expect(document && document.piece.hardPoints[0]!.guard).toBe(found.recommended.choice.guards!['wire-front']);
    expect(document && verifyPlan(document, asked)).toEqual([]);
  });

  test('a larger space is never worse: the same search with the part pinned bare expects no less', () => {
    const bare = search({ ...asked, locks: { guards: {} } });
    expect(bare.recommended.choice.guards).toEqual({});
    expect(found.recommended.chance).toBeLessThanOrEqual(bare.recommended.chance);
  });

  test('pruned and exhaustive agree with guards in the space', () => {
    const every = planParcel({ ...asked, stock: { ...asked.stock, boxes: asked.stock.boxes.slice(1, 3) } }, true);
    const pruned = search({ ...asked, stock: { ...asked.stock, boxes: asked.stock.boxes.slice(1, 3) } });
    let step = every.next();
    while (!step.done) step = every.next();
    const slow = step.value;
    expect(slow.kind === 'planned' && slow.frontier.map((one) => [one.nestCostMinor, one.chance])).toEqual(
      pruned.frontier.map((one) => [one.nestCostMinor, one.chance]),
    );
  });

  test('a bundle that was measured is not guarded anew', () => {
    const { layers } = found.recommended.choice;
    const measured = search({ ...asked, locks: { layers, bundle: { sizeIn: [8, 8, 9], weightLb: null } } });
    expect(measured.recommended.choice.guards).toBeUndefined();
  });
});
